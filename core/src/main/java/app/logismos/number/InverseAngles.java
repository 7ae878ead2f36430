package app.logismos.number;

import java.util.function.DoubleUnaryOperator;

/** Inverse functions of angles, exact where the argument is 0, ±½ or ±1, and the hyperbolic functions. */
public final class InverseAngles {
    private static final Rational HALF = Rational.of(1, 2);

    private InverseAngles() {}

    /** The angle in [−π/2, π/2] with this sine. */
    public static Result asin(Real x) {
        if (x.abs().compareTo(Rational.ONE) > 0) {
            return Undefined.NO_REAL_RESULT;
        }
        if (x.isExact() && x.signum() == 0) {
            return Rational.ZERO;
        }
        if (x.abs().equals(HALF)) {
            return signed(x, PiMultiple.of(Rational.of(1, 6)));
        }
        return x.abs().equals(Rational.ONE) ? signed(x, PiMultiple.of(HALF)) : Approximate.of(Math.asin(x.toDouble()));
    }

    /** The angle in [0, π] with this cosine. */
    public static Result acos(Real x) {
        Result sine = asin(x);
        if (!(sine instanceof Real angle)) {
            return sine;
        }
        return angle.isExact() ? PiMultiple.of(HALF).minus(angle) : Approximate.of(Math.acos(x.toDouble()));
    }

    /** The angle in (−π/2, π/2) with this tangent. */
    public static Result atan(Real x) {
        if (x.isExact() && x.signum() == 0) {
            return Rational.ZERO;
        }
        if (!x.isFinite()) {
            return signed(x, PiMultiple.of(HALF));
        }
        return x.abs().equals(Rational.ONE)
                ? signed(x, PiMultiple.of(Rational.of(1, 4)))
                : Approximate.of(Math.atan(x.toDouble()));
    }

    /** The angle of the point (x, y) in (−π, π]; none for the origin. */
    public static Result atan2(Real y, Real x) {
        if (x.signum() == 0 && y.signum() == 0) {
            return Undefined.NO_REAL_RESULT;
        }
        if (x.signum() == 0) {
            return signed(y, PiMultiple.of(HALF));
        }
        if (!(y.dividedBy(x) instanceof Real slope) || !(atan(slope) instanceof Real angle)) {
            return Undefined.NO_REAL_RESULT;
        }
        if (x.signum() > 0) {
            return angle;
        }
        if (!angle.isExact()) {
            return Approximate.of(Math.atan2(y.toDouble(), x.toDouble()));
        }
        Real half = PiMultiple.of(Rational.ONE);
        return y.signum() < 0 ? angle.minus(half) : angle.plus(half);
    }

    /** A function of doubles that is 0 for exactly 0. */
    public static Result odd(Real x, DoubleUnaryOperator function) {
        return x.isExact() && x.signum() == 0 ? Rational.ZERO : finite(x, function);
    }

    /** A function of doubles: an overflow from a finite argument is {@link Undefined#TOO_LARGE}. */
    public static Result finite(Real x, DoubleUnaryOperator function) {
        double answer = function.applyAsDouble(x.toDouble());
        return x.isFinite() ? Approximate.finite(answer) : Approximate.of(answer);
    }

    private static Real signed(Real like, Real size) {
        return like.signum() < 0 ? size.negate() : size;
    }
}
