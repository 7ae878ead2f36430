package app.logismos.number;

/**
 * A thread whose work can be given up. Operations on long numbers ask it between their parts, so that none goes on for
 * long after the time of a calculation is up; on other threads they run to their end.
 */
public interface Cancellable {
    /** Returns, or throws where the work on this thread is to end. */
    void throwIfCancelled();

    /** The same, looking at the clock only now and then: for short steps of which there may be very many. */
    void throwIfCancelledNowAndThen();

    /** The same before a step that takes tenths of a second: it waits where many such are at work. */
    void throwIfCancelledBeforeLongStep();

    /** Asks the thread that this runs on before a step that takes tenths of a second. */
    static void beforeLongStep() {
        if (Thread.currentThread() instanceof Cancellable thread) {
            thread.throwIfCancelledBeforeLongStep();
        }
    }

    /** Asks the thread that this runs on, if it is one of these; before a step that takes a moment by itself. */
    static void check() {
        if (Thread.currentThread() instanceof Cancellable thread) {
            thread.throwIfCancelled();
        }
    }

    /** The same before each of many short steps. */
    static void tick() {
        if (Thread.currentThread() instanceof Cancellable thread) {
            thread.throwIfCancelledNowAndThen();
        }
    }
}
