package app.logismos.number;

import org.hipparchus.util.FastMath;

/** The hyperbolic sine and cosine and the inverse of the sine (DLMF 4.28, 4.37); exact at 0. */
public final class Hyperbolic {
    /** From here on sinh and cosh are half of e to the power of x, and soon past all doubles. */
    private static final double FAR_OUT = 700;

    private static final double LARGE = 1e9;

    private Hyperbolic() {}

    /** (e^x − e^−x) / 2. */
    public static Result sinh(Real x) {
        if (isZero(x)) {
            return Rational.ZERO;
        }
        if (!isFarOut(x)) {
            return Elementary.oddAndCorrected(x, Math::sinh, Math::cosh);
        }
        Result size = halfOfPower(x.abs());
        return x.signum() < 0 && size instanceof Real real ? real.negate() : size;
    }

    /** (e^x + e^−x) / 2. */
    public static Result cosh(Real x) {
        if (isZero(x)) {
            return Rational.ONE;
        }
        return isFarOut(x) ? halfOfPower(x.abs()) : Elementary.corrected(x, Math::cosh, Math::sinh);
    }

    /** The number with this hyperbolic sine; of large ones ln(2x), which falls short by 1/(4x²) only. */
    public static Result asinh(Real x) {
        if (isZero(x)) {
            return Rational.ZERO;
        }
        if (Math.abs(x.toDouble()) < LARGE) {
            return Elementary.oddAndCorrected(x, FastMath::asinh, d -> 1 / Math.sqrt(1 + d * d));
        }
        Result size = Elementary.ln((Real) x.abs().plus(x.abs()));
        return x.signum() < 0 && size instanceof Real real ? real.negate() : size;
    }

    /** Whether x is so far out that e to the power of −|x| is nothing beside e to the power of |x|. */
    public static boolean isFarOut(Real x) {
        return Math.abs(x.toDouble()) > FAR_OUT;
    }

    private static boolean isZero(Real x) {
        return x.isExact() && x.signum() == 0;
    }

    private static Result halfOfPower(Real x) {
        return Elementary.exp(x) instanceof Real power ? power.dividedBy(Rational.of(2)) : Undefined.TOO_LARGE;
    }
}
