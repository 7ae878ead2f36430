package app.logismos.evaluate;

/** The time that a calculation has left. Long work asks it now and then; whoever waits for the answer can end it. */
public final class Budget {
    /** The clock is read once in so many questions. */
    private static final int QUESTIONS = 1_024;

    private final long nanos;
    private long end;
    private int questions;
    private volatile boolean stopped;

    private Budget(long nanos) {
        this.nanos = nanos;
    }

    /** Time as the limits say. */
    public static Budget of(Limits limits) {
        return new Budget(limits.time().toNanos());
    }

    /**
     * Goes on, or not.
     *
     * @throws Stopped where the time is used up or someone has stopped the work
     */
    public void check() {
        if (stopped || ++questions % QUESTIONS == 0 && isUsedUp()) {
            throw new Stopped();
        }
    }

    /** The clock starts at the first look at it: most calculations end before and never ask what time it is. */
    private boolean isUsedUp() {
        long now = System.nanoTime();
        if (questions == QUESTIONS) {
            end = now + nanos;
        }
        return now - end > 0;
    }

    /** Ends the work at its next question. */
    public void stop() {
        stopped = true;
    }

    /** Thrown where the time is used up; it becomes the failure {@code took-too-long} at the door. */
    public static final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Stopped() {
            super("the calculation took too long", null, false, false);
        }
    }
}
