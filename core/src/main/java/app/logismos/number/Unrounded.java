package app.logismos.number;

/**
 * Arithmetic inside a method of many steps, where rounding one of them would cost digits of the answer: fractions stay
 * exact far past the length at which an answer becomes approximate. What comes out is to be {@link #settled}.
 */
public final class Unrounded {
    /** Longer fractions are rounded all the same, so that time and memory stay bounded. */
    private static final int MOST_BITS = 16 * Real.MAX_FRACTION_BITS;

    private Unrounded() {}

    /** The sum. */
    public static Result plus(Real a, Real b) {
        Result usual = a.plus(b);
        return isRounded(usual, a, b) ? kept(sum((Rational) a, (Rational) b), usual) : usual;
    }

    /** The difference. */
    public static Result minus(Real a, Real b) {
        return plus(a, b.negate());
    }

    /** The product. */
    public static Result times(Real a, Real b) {
        Result usual = a.times(b);
        return isRounded(usual, a, b) ? kept(product((Rational) a, (Rational) b), usual) : usual;
    }

    /** The quotient. */
    public static Result over(Real a, Real b) {
        Result usual = a.dividedBy(b);
        return isRounded(usual, a, b) ? kept(quotient((Rational) a, (Rational) b), usual) : usual;
    }

    private static Rational sum(Rational a, Rational b) {
        return Rational.of(
                InParts.product(a.numerator(), b.denominator()).add(InParts.product(b.numerator(), a.denominator())),
                InParts.product(a.denominator(), b.denominator()));
    }

    private static Rational product(Rational a, Rational b) {
        return Rational.of(
                InParts.product(a.numerator(), b.numerator()), InParts.product(a.denominator(), b.denominator()));
    }

    private static Rational quotient(Rational a, Rational b) {
        return Rational.of(
                InParts.product(a.numerator(), b.denominator()), InParts.product(a.denominator(), b.numerator()));
    }

    /** The number as it may be answered: approximate where it is too long a fraction. */
    public static Result settled(Real number) {
        return number instanceof Rational fraction
                ? BigRational.bounded(fraction.numerator(), fraction.denominator())
                : number;
    }

    private static boolean isRounded(Result usual, Real a, Real b) {
        return usual instanceof Approximate && a instanceof Rational && b instanceof Rational;
    }

    private static Result kept(Rational exact, Result rounded) {
        int bits = Math.max(exact.numerator().bitLength(), exact.denominator().bitLength());
        return bits <= MOST_BITS ? exact : rounded;
    }
}
