package app.logismos.number;

import java.util.Optional;
import org.apache.commons.numbers.core.DD;

/** Inverse functions of angles, exact where {@link ExactAngles} has them, and the hyperbolic functions. */
public final class InverseAngles {
    private static final Rational HALF = Rational.of(1, 2);

    private InverseAngles() {}

    /** The angle in [−π/2, π/2] with this sine. */
    public static Result asin(Real x) {
        if (Elementary.isTiny(x)) {
            return FarApproximate.of(FarApproximate.decimal(x));
        }
        if (x.abs().compareTo(Rational.ONE) > 0) {
            return Undefined.NO_REAL_RESULT;
        }
        Optional<Real> exact = ExactAngles.ofSine(x);
        if (exact.isPresent()) {
            return exact.get();
        }
        return isSteep(x)
                ? signed(
                        x,
                        Real.from(Extended.angle(Extended.of(x.abs()), cosineOf(x))
                                .hi()))
                : Elementary.corrected(x, Math::asin, InverseAngles::slopeOfAsin);
    }

    /** Near ±1 the slope grows without bound, and what rounding the argument leaves over with it. */
    private static boolean isSteep(Real sine) {
        return Math.abs(sine.toDouble()) > 0.99;
    }

    /** √(1 − x²) with the difference worked exactly. */
    private static DD cosineOf(Real x) {
        Rational exact = Rounding.exact(x);
        return Extended.of((Real) Rational.ONE.minus((Real) exact.times(exact))).sqrt();
    }

    /** The angle in [0, π] with this cosine. */
    public static Result acos(Real x) {
        Result sine = asin(x);
        if (!(sine instanceof Real angle)) {
            return sine;
        }
        if (angle.isExact()) {
            return PiMultiple.of(HALF).minus(angle);
        }
        return isSteep(x)
                ? Real.from(Extended.angle(cosineOf(x), Extended.of(x)).hi())
                : Elementary.corrected(x, Math::acos, d -> -slopeOfAsin(d));
    }

    /** The angle in (−π/2, π/2) with this tangent. */
    public static Result atan(Real x) {
        if (Elementary.isTiny(x)) {
            return FarApproximate.of(FarApproximate.decimal(x));
        }
        if (!x.isFinite()) {
            return signed(x, PiMultiple.of(HALF));
        }
        Optional<Real> exact = ExactAngles.ofTangent(x);
        return exact.isPresent() ? exact.get() : Elementary.corrected(x, Math::atan, d -> 1 / (1 + d * d));
    }

    private static double slopeOfAsin(double sine) {
        return 1 / Math.sqrt((1 - sine) * (1 + sine));
    }

    /** The angle in (0, π) with this cotangent; of a large one without the cancellation that π/2 − atan(x) has. */
    public static Result acot(Real x) {
        if (x.isFinite() && x.abs().compareTo(Rational.ONE) > 0 && Rational.ONE.dividedBy(x) instanceof Real slope) {
            return x.signum() > 0 ? atan(slope) : PiMultiple.of(Rational.ONE).plus((Real) atan(slope));
        }
        return atan(x) instanceof Real angle ? PiMultiple.of(HALF).minus(angle) : Undefined.NO_REAL_RESULT;
    }

    /** The number, 0 or more, with this hyperbolic cosine: log1p(t + √(t (t + 2))) with t = x − 1, which loses no digits near 1. */
    public static Result acosh(Real x) {
        if (x.equals(Rational.ONE)) {
            return Rational.ZERO;
        }
        if (x.compareTo(Rational.ONE) < 0) {
            return Undefined.NO_REAL_RESULT;
        }
        if (!x.isFinite()) {
            return x;
        }
        if (x.toDouble() > 1e8) {
            return Real.from(Extended.ln((Real) x.plus(x)).hi());
        }
        double t = ((Real) x.minus(Rational.ONE)).toDouble();
        return Approximate.finite(Math.log1p(t + Math.sqrt(t * (t + 2))));
    }

    /** The number with this hyperbolic tangent: half of log1p(2x / (1 − x)), the quotient being worked exactly. */
    public static Result atanh(Real x) {
        if (Elementary.isTiny(x)) {
            return FarApproximate.of(FarApproximate.decimal(x));
        }
        int order = x.abs().compareTo(Rational.ONE);
        if (order >= 0) {
            return Undefined.NO_REAL_RESULT;
        }
        if (x.isExact() && x.signum() == 0) {
            return Rational.ZERO;
        }
        Real size = x.abs();
        Real doubled = (Real) size.plus(size);
        double quotient = ((Real) doubled.dividedBy((Real) Rational.ONE.minus(size))).toDouble();
        return signed(x, Approximate.finite(Math.log1p(quotient) / 2) instanceof Real half ? half : size);
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
            return Real.from(Math.copySign(Math.PI, y.signum()) + angle.toDouble());
        }
        Real half = PiMultiple.of(Rational.ONE);
        return y.signum() < 0 ? angle.minus(half) : angle.plus(half);
    }

    private static Real signed(Real like, Real size) {
        return like.signum() < 0 ? size.negate() : size;
    }
}
