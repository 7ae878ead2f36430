package app.logismos.number;

/** Why an operation has no real number as its answer (language, section 8). */
public enum Undefined implements Result {
    /** The divisor is zero, or a power of zero has a negative exponent. */
    DIVIDE_BY_ZERO,
    /** No real number answers the question, as for {@code sqrt(-4)} or {@code inf - inf}. */
    NO_REAL_RESULT,
    /** The answer has more than {@link Real#MAX_DIGITS} digits, or overflows a double. */
    TOO_LARGE
}
