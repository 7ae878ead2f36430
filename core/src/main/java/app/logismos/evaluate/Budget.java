package app.logismos.evaluate;

import app.logismos.number.Rational;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.time.Duration;

/**
 * The time and memory that a calculation has left. Long loops check it regularly and report the memory they keep. A caller
 * can cancel the calculation through it.
 */
public final class Budget {
    /** The clock is read once in this many checks. */
    private static final int QUESTIONS = 256;

    /** What a value takes besides its digits or letters, with its place in a table. */
    private static final int OVERHEAD = 48;

    private final long nanos;
    private final long bytes;
    private final Lane lane;
    private long held;
    private long end;
    private boolean isStarted;
    private int questions;
    private volatile boolean stopped;

    private Budget(long nanos, long bytes, Lane lane) {
        this.nanos = nanos;
        this.bytes = bytes;
        this.lane = lane;
    }

    /** Time and memory as the limits say. */
    public static Budget of(Limits limits) {
        return new Budget(limits.time().toNanos(), limits.bytes(), Lane.OPEN);
    }

    /** The same for work that lets others go first once it has taken long. */
    static Budget of(Limits limits, Lane lane) {
        Budget budget = new Budget(limits.time().toNanos(), limits.bytes(), lane);
        budget.isUsedUp();
        return budget;
    }

    /**
     * Checks whether the work may go on.
     *
     * @throws Stopped where the time is used up or someone has stopped the work
     */
    public void check() {
        if (stopped || ++questions % QUESTIONS == 0 && isUsedUp()) {
            throw new Stopped(false);
        }
    }

    /**
     * The same with a look at the clock each time, before what takes a moment by itself.
     *
     * @throws Stopped where the time is used up or someone has stopped the work
     */
    public void checkNow() {
        if (stopped || isUsedUp()) {
            throw new Stopped(false);
        }
    }

    /**
     * The same before what takes tenths of a second by itself: it is long work from here on.
     *
     * @throws Stopped where the time is used up or someone has stopped the work
     */
    void checkBeforeLongStep() {
        checkNow();
        lane.enter(nanos, end - System.nanoTime());
        checkNow();
    }

    /** The clock starts at the first look at it: most calculations end before and never ask what time it is. */
    private boolean isUsedUp() {
        long now = System.nanoTime();
        if (!isStarted) {
            isStarted = true;
            end = now + nanos;
        }
        lane.enter(now - (end - nanos), end - now);
        return System.nanoTime() - end > 0;
    }

    /** The time that has gone since the first look at the clock; short work never looks. */
    public Duration spent() {
        return isStarted ? Duration.ofNanos(System.nanoTime() - (end - nanos)) : Duration.ZERO;
    }

    /** Leaves the lane, so that the next long calculation may enter. */
    void leave() {
        lane.leave();
    }

    /**
     * Notes a value that is kept while others are worked out.
     *
     * @throws Stopped where all that is kept takes too much memory
     */
    public <T extends Value> T held(T value) {
        held += value instanceof NumberValue number && number.real() instanceof Rational exact
                ? OVERHEAD
                        + (exact.numerator().bitLength()
                                        + (long) exact.denominator().bitLength())
                                / Byte.SIZE
                : value instanceof Text text ? OVERHEAD + 2L * text.text().length() : OVERHEAD;
        if (held > bytes) {
            throw new Stopped(true);
        }
        return value;
    }

    /** The bytes that are kept now, to be given to {@link #release}. */
    long held() {
        return held;
    }

    /** Frees what has been kept since {@link #held()} was asked. */
    void release(long before) {
        held = before;
    }

    /** Cancels the work; it ends at its next check. */
    public void stop() {
        stopped = true;
    }

    /** Thrown where time or memory is used up; it becomes a failure at the door. */
    public static final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final boolean byMemory;

        Stopped(boolean byMemory) {
            super("the calculation passed its bounds", null, false, false);
            this.byMemory = byMemory;
        }

        /** What a person is told. */
        public Failure failure(Limits limits) {
            return byMemory ? EvaluationErrors.tooMuchMemory() : EvaluationErrors.tookTooLong(limits);
        }
    }
}
