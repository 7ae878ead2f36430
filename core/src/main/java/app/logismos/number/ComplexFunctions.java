package app.logismos.number;

import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * Elementary functions of complex numbers: principal values with the cuts of DLMF, chapter 4. Where the number is real or
 * imaginary the real functions answer, so that what is exact there stays so. The inverse functions elsewhere are those of
 * Apache Commons Numbers, which follow ISO/IEC 9899, annex G, on either side of each cut.
 */
public final class ComplexFunctions {
    private static final Rational HALF = Rational.of(1, 2);
    private static final Real PI = PiMultiple.of(Rational.ONE);
    private static final Real QUARTER_TURN = PiMultiple.of(HALF);

    private ComplexFunctions() {}

    /** The root with a real part of 0 or more, on the negative axis the one above it. */
    public static Result sqrt(Complex z) {
        if (isExactlyReal(z)) {
            return z.re().signum() >= 0
                    ? Complex.of(Powers.sqrt(z.re()), Rational.ZERO)
                    : Complex.of(Rational.ZERO, Powers.sqrt(z.re().negate()));
        }
        if (z.isExact() && z.abs() instanceof Rational size && z.re() instanceof Rational re) {
            Real more = (Real) ((Real) size.plus(re)).dividedBy(Rational.of(2));
            Real less = (Real) ((Real) size.minus(re)).dividedBy(Rational.of(2));
            Result im = Powers.sqrt(less);
            return Complex.of(Powers.sqrt(more), z.im().signum() < 0 && im instanceof Real real ? real.negate() : im);
        }
        return near(z, org.apache.commons.numbers.complex.Complex::sqrt);
    }

    public static Result exp(Complex z) {
        return Elementary.exp(z.re()) instanceof Real size ? Complex.polar(size, z.im()) : Undefined.TOO_LARGE;
    }

    /** The logarithm with an imaginary part above −π, up to π. */
    public static Result ln(Complex z) {
        if (z.isZero() || !z.isFinite()) {
            return Undefined.NO_REAL_RESULT;
        }
        if (isExactlyReal(z)) {
            return Complex.of(Elementary.ln(z.re().abs()), z.arg());
        }
        Real square = (Real) Rounding.exact(z.re()).times(Rounding.exact(z.re()));
        Real sum = (Real) square.plus((Real) Rounding.exact(z.im()).times(Rounding.exact(z.im())));
        Result size = Elementary.ln(sum) instanceof Real twice ? twice.dividedBy(Rational.of(2)) : Undefined.TOO_LARGE;
        return Complex.of(z.isExact() || !(size instanceof Real real) ? size : Plain.approximate(real), z.arg());
    }

    /** The logarithm to a base; {@link Undefined#DIVIDE_BY_ZERO} where that is 1. */
    public static Result log(Complex z, Complex base) {
        if (isExactlyReal(z) && isExactlyReal(base) && Elementary.log(z.re(), base.re()) instanceof Real real) {
            return Complex.of(real);
        }
        return ln(z) instanceof Complex above && ln(base) instanceof Complex below
                ? above.dividedBy(below)
                : Undefined.NO_REAL_RESULT;
    }

    public static Result sin(Complex z) {
        return parts(Elementary.sin(z.re()), Hyperbolic.cosh(z.im()), Elementary.cos(z.re()), Hyperbolic.sinh(z.im()));
    }

    public static Result cos(Complex z) {
        return parts(
                Elementary.cos(z.re()),
                Hyperbolic.cosh(z.im()),
                Elementary.sin(z.re()),
                Hyperbolic.sinh(z.im().negate()));
    }

    public static Result sinh(Complex z) {
        return parts(Hyperbolic.sinh(z.re()), Elementary.cos(z.im()), Hyperbolic.cosh(z.re()), Elementary.sin(z.im()));
    }

    public static Result cosh(Complex z) {
        return parts(Hyperbolic.cosh(z.re()), Elementary.cos(z.im()), Hyperbolic.sinh(z.re()), Elementary.sin(z.im()));
    }

    /** {@code a b + c d i}. */
    private static Result parts(Result a, Result b, Result c, Result d) {
        return Complex.of(product(a, b), product(c, d));
    }

    private static Result product(Result a, Result b) {
        return a instanceof Real x && b instanceof Real y ? x.times(y) : a instanceof Real ? b : a;
    }

    public static Result tan(Complex z) {
        if (isExactlyReal(z)) {
            return Complex.of(Elementary.tan(z.re()), Rational.ZERO);
        }
        return near(z, org.apache.commons.numbers.complex.Complex::tan);
    }

    public static Result tanh(Complex z) {
        return turned(z, ComplexFunctions::tan);
    }

    /** With cuts along the real axis outside of −1 to 1 (DLMF 4.23.19 to 4.23.23). */
    public static Result asin(Complex z) {
        if (isExactlyReal(z)) {
            return InverseAngles.asin(z.re()) instanceof Real angle
                    ? Complex.of(angle)
                    : Complex.of(signed(z.re(), QUARTER_TURN), InverseAngles.acosh(z.re().abs()));
        }
        return isExactlyImaginary(z)
                ? Complex.of(Rational.ZERO, Hyperbolic.asinh(z.im()))
                : near(z, org.apache.commons.numbers.complex.Complex::asin);
    }

    /** With cuts as the inverse sine. */
    public static Result acos(Complex z) {
        if (isExactlyReal(z) || isExactlyImaginary(z)) {
            return asin(z) instanceof Complex sine ? Complex.of(QUARTER_TURN).minus(sine) : Undefined.NO_REAL_RESULT;
        }
        return near(z, org.apache.commons.numbers.complex.Complex::acos);
    }

    /** With cuts along the imaginary axis from i and −i outwards (DLMF 4.23.26, 4.23.27); none at i and −i. */
    public static Result atan(Complex z) {
        if (isExactlyReal(z)) {
            return Complex.of(InverseAngles.atan(z.re()), Rational.ZERO);
        }
        if (isExactlyImaginary(z)) {
            int order = z.im().abs().compareTo(Rational.ONE);
            if (order == 0) {
                return Undefined.DIVIDE_BY_ZERO;
            }
            return order < 0
                    ? Complex.of(Rational.ZERO, InverseAngles.atanh(z.im()))
                    : Complex.of(QUARTER_TURN, InverseAngles.atanh((Real) Rational.ONE.dividedBy(z.im())));
        }
        return near(z, org.apache.commons.numbers.complex.Complex::atan);
    }

    /** π/2 − atan(z), without the cancellation that this has far from 0. */
    public static Result acot(Complex z) {
        if (isExactlyReal(z)) {
            return Complex.of(InverseAngles.acot(z.re()), Rational.ZERO);
        }
        if (z.re().signum() == 0) {
            return atan(z) instanceof Complex angle ? Complex.of(QUARTER_TURN).minus(angle) : atan(z);
        }
        Result small = Complex.ONE.dividedBy(z) instanceof Complex inverse ? atan(inverse) : Undefined.NO_REAL_RESULT;
        return z.re().signum() < 0 && small instanceof Complex angle
                ? Complex.of(PI).plus(angle)
                : small;
    }

    /** With cuts along the imaginary axis from i and −i outwards (DLMF 4.37.16). */
    public static Result asinh(Complex z) {
        if (isExactlyImaginary(z) && z.im().abs().compareTo(Rational.ONE) > 0) {
            return Complex.of(InverseAngles.acosh(z.im().abs()), signed(z.im(), QUARTER_TURN));
        }
        if (isExactlyReal(z)) {
            return Complex.of(Hyperbolic.asinh(z.re()), Rational.ZERO);
        }
        return isExactlyImaginary(z)
                ? Complex.of(Rational.ZERO, InverseAngles.asin(z.im()))
                : near(z, org.apache.commons.numbers.complex.Complex::asinh);
    }

    /** With a cut along the real axis below 1 (DLMF 4.37.19 to 4.37.24). */
    public static Result acosh(Complex z) {
        if (isExactlyReal(z)) {
            return InverseAngles.acosh(z.re()) instanceof Real real
                    ? Complex.of(real)
                    : InverseAngles.acos(z.re()) instanceof Real angle
                            ? Complex.of(Rational.ZERO, angle)
                            : Complex.of(InverseAngles.acosh(z.re().negate()), PI);
        }
        return near(z, org.apache.commons.numbers.complex.Complex::acosh);
    }

    /** With cuts along the real axis from 1 and −1 outwards (DLMF 4.37.24); none at 1 and −1. */
    public static Result atanh(Complex z) {
        if (isExactlyImaginary(z)) {
            return Complex.of(Rational.ZERO, InverseAngles.atan(z.im()));
        }
        if (isExactlyReal(z)) {
            int order = z.re().abs().compareTo(Rational.ONE);
            if (order == 0) {
                return Undefined.DIVIDE_BY_ZERO;
            }
            return order < 0
                    ? Complex.of(InverseAngles.atanh(z.re()), Rational.ZERO)
                    : Complex.of(InverseAngles.atanh((Real) Rational.ONE.dividedBy(z.re())), QUARTER_TURN);
        }
        return near(z, org.apache.commons.numbers.complex.Complex::atanh);
    }

    /** atanh(1/z); above the cut from −1 to 1 is below that of atanh. */
    public static Result acoth(Complex z) {
        if (z.isZero()) {
            return Complex.of(Rational.ZERO, QUARTER_TURN.negate());
        }
        Result inverse = Complex.ONE.dividedBy(z) instanceof Complex turned ? atanh(turned) : Undefined.NO_REAL_RESULT;
        boolean isOnCut = isExactlyReal(z) && z.re().abs().compareTo(Rational.ONE) < 0;
        return isOnCut && inverse instanceof Complex below ? below.conjugate() : inverse;
    }

    /** One over what a function answers. */
    public static Result inverse(Result of) {
        return of instanceof Complex z ? Complex.ONE.dividedBy(z) : of;
    }

    /** A function f by one g with f(z) = −i g(i z). */
    private static Result turned(Complex z, Function<Complex, Result> function) {
        return function.apply(new Complex(z.im().negate(), z.re())) instanceof Complex w
                ? new Complex(w.im(), w.re().negate())
                : Undefined.NO_REAL_RESULT;
    }

    private static Result near(Complex z, UnaryOperator<org.apache.commons.numbers.complex.Complex> function) {
        if (!z.isFinite()) {
            return Undefined.NO_REAL_RESULT;
        }
        org.apache.commons.numbers.complex.Complex near = function.apply(
                org.apache.commons.numbers.complex.Complex.ofCartesian(z.re().toDouble(), z.im().toDouble()));
        return Complex.of(Approximate.finite(near.real()), Approximate.finite(near.imag()));
    }

    private static Real signed(Real like, Real size) {
        return like.signum() < 0 ? size.negate() : size;
    }

    private static boolean isExactlyReal(Complex z) {
        return z.im() instanceof Rational && z.isReal();
    }

    private static boolean isExactlyImaginary(Complex z) {
        return z.re() instanceof Rational && z.re().signum() == 0;
    }
}
