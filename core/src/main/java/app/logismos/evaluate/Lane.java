package app.logismos.evaluate;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Limits how many long calculations run at once. A calculation enters when it has taken long already; short ones never
 * enter and always find a free processor. It also limits how many can still be ending after their time is up.
 */
interface Lane {
    /** Room for everybody. */
    Lane OPEN = new Lane() {
        @Override
        public void enter(long nanosSoFar, long nanosLeft) {}

        @Override
        public void leave() {}
    };

    /** Waits for room where the work has taken long and is not in yet, for no longer than it has left. */
    void enter(long nanosSoFar, long nanosLeft);

    /** Makes room, if the work was in. */
    void leave();

    /** A place in the lane that all narrow ones share; one for each piece of work. */
    static Lane narrow() {
        return new Narrow();
    }

    /** As many at a time as there are processors. */
    final class Narrow implements Lane {
        private static final Semaphore ROOM = new Semaphore(Runtime.getRuntime().availableProcessors(), true);
        private static final long SHORT = Duration.ofMillis(50).toNanos();
        private boolean isIn;

        private Narrow() {}

        @Override
        public void enter(long nanosSoFar, long nanosLeft) {
            if (isIn || nanosSoFar < SHORT) {
                return;
            }
            try {
                isIn = ROOM.tryAcquire(Math.max(0, nanosLeft), TimeUnit.NANOSECONDS);
            } catch (InterruptedException interrupted) {
                Thread.currentThread().interrupt();
            }
        }

        @Override
        public void leave() {
            if (isIn) {
                isIn = false;
                ROOM.release();
            }
        }
    }
}
