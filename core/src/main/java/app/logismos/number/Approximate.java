package app.logismos.number;

/**
 * A double that stands for a number near it, or for an infinity.
 *
 * @param number never NaN
 */
public record Approximate(double number) implements Real {
    public Approximate {
        if (Double.isNaN(number)) {
            throw new IllegalArgumentException("an approximate number must not be NaN");
        }
        number = number == 0 ? 0.0 : number; // no negative zero
    }

    /** The number; it may be infinite. NaN is {@link Undefined#NO_REAL_RESULT}. */
    static Result of(double number) {
        return Double.isNaN(number) ? Undefined.NO_REAL_RESULT : new Approximate(number);
    }

    /** The answer to an operation on finite numbers: an overflow is {@link Undefined#TOO_LARGE}, not infinity. */
    static Result finite(double number) {
        return Double.isInfinite(number) ? Undefined.TOO_LARGE : of(number);
    }

    @Override
    public boolean isExact() {
        return Double.isInfinite(number);
    }

    @Override
    public int signum() {
        return (int) Math.signum(number);
    }

    @Override
    public double toDouble() {
        return number;
    }

    @Override
    public Approximate negate() {
        return new Approximate(-number);
    }
}
