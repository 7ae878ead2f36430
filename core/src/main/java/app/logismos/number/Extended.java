package app.logismos.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Optional;
import org.apache.commons.numbers.core.DD;

/**
 * Functions to some thirty digits, so that the double nearest to them is right in its last place: in double-double
 * arithmetic by Apache Commons Numbers. The series of Taylor after the argument is made small, and one step of Newton's
 * method for the inverse functions (R. P. Brent and P. Zimmermann, Modern Computer Arithmetic, 2010, sections 4.2–4.4).
 */
public final class Extended {
    /** π (OEIS A000796). */
    public static final DD PI = constant("3.14159265358979323846264338327950288419716939937510582097494");

    /** Euler's constant γ (OEIS A001620). */
    public static final DD EULER = constant("0.577215664901532860606512090082402431042159335939923598805767234");

    private static final DD LN2 = constant("0.693147180559945309417232121458176568075500134360255254120680009");

    private static final DD LN10 = constant("2.302585092994045684017991454684364207601101488628772976033327900");

    /** e to the power of more is infinite, of less than its negative 0. */
    private static final double MOST_EXPONENT = 750;

    private static final int HALVINGS = 9;
    private static final int TERMS_OF_EXPM1 = 10;
    private static final int TERMS_OF_SINE = 33;
    private static final int BITS_OF_LEAST_NORMAL = 1_000;

    /** Digits after the point that are wanted of an angle, before any that cancel. */
    private static final int DIGITS = 50;

    private static final int FEW = 10;
    private static final double BITS_TO_DIGITS = Math.log10(2);

    private static final double QUARTER_OF_PI = Math.PI / 4;

    /** So long that π is worked out in a moment. */
    private static final int MOST_DIGITS_OF_ANGLE = 10_000;

    private Extended() {}

    private static DD constant(String digits) {
        return DD.from(new BigDecimal(digits));
    }

    /** The number to 32 digits; infinite or zero where no double is near. */
    public static DD of(Real number) {
        double near = number.toDouble();
        return Double.isFinite(near) ? DD.ofSum(near, Elementary.rest(number, near)) : DD.of(near);
    }

    /** e to the power of {@code x}. */
    public static DD exp(DD x) {
        if (Math.abs(x.hi()) > MOST_EXPONENT || Double.isNaN(x.hi())) {
            return DD.of(Math.exp(x.hi()));
        }
        int twos = (int) Math.rint(x.hi() / LN2.hi());
        // In two steps, since 2 to the power of 1,024 is no double.
        return expm1(x.subtract(LN2.multiply((double) twos)))
                .add(1)
                .scalb(twos / 2)
                .scalb(twos - twos / 2);
    }

    /** e to the power of {@code x}, less 1, for |x| up to 1: near 0 without losing digits. */
    private static DD expm1(DD x) {
        DD small = x.scalb(-HALVINGS);
        DD sum = DD.ZERO;
        for (int n = TERMS_OF_EXPM1; n >= 1; n--) {
            sum = small.divide(n).multiply(sum.add(1));
        }
        for (int i = 0; i < HALVINGS; i++) {
            sum = sum.scalb(1).add(sum.square());
        }
        return sum;
    }

    /** The natural logarithm of a number above 0. */
    public static DD ln(Real x) {
        if (x instanceof FarApproximate) {
            return ln(Rounding.exact(x));
        }
        Real off = (Real) Rounding.exact(x).minus(Rational.ONE);
        if (Math.abs(off.toDouble()) < 0.5) {
            return ln1p(of(off));
        }
        if (x instanceof Rational rational) {
            int twos = rational.numerator().bitLength() - rational.denominator().bitLength();
            if (Math.abs(twos) > BITS_OF_LEAST_NORMAL) {
                return ln(of(scaled(rational, -twos))).add(LN2.multiply((double) twos));
            }
        }
        return ln(of(x));
    }

    /** A rational number times a power of two. */
    private static Rational scaled(Rational number, int twos) {
        return twos >= 0
                ? Rational.of(number.numerator().shiftLeft(twos), number.denominator())
                : Rational.of(number.numerator(), number.denominator().shiftLeft(-twos));
    }

    /** The natural logarithm of a number above 0; near 1 {@link #ln1p} keeps more digits. */
    public static DD ln(DD x) {
        double near = Math.log(x.hi());
        if (x.hi() < 0.25 || x.hi() > 4) {
            int[] twos = new int[1];
            DD part = x.frexp(twos);
            return Double.isFinite(near) && near != 0 ? ln(part).add(LN2.multiply((double) twos[0])) : DD.of(near);
        }
        return improved(near, x.multiply(exp(DD.of(-near))).subtract(1));
    }

    /** The natural logarithm of 1 + {@code x}, for |x| up to 1/2. */
    public static DD ln1p(DD x) {
        double near = Math.log1p(x.hi());
        DD grown = expm1(DD.of(near));
        return improved(near, x.subtract(grown).divide(grown.add(1)));
    }

    /** A logarithm from one near it; {@code off} is what its power falls short by. */
    private static DD improved(double near, DD off) {
        return off.subtract(off.square().scalb(-1)).add(near);
    }

    /** {@code x} to the power of {@code y}, for x above 0. */
    public static DD power(Real x, Real y) {
        return exp(ln(x).multiply(of(y)));
    }

    /** {@code x} to the power of {@code y}, for x above 0. */
    public static DD power(DD x, DD y) {
        return exp(ln(x).multiply(y));
    }

    /** {@code x} to the power of {@code y}, for x above 0, where the answer or x is beyond the doubles. */
    static Result farPower(Real x, Real y) {
        DD exponent = Double.isInfinite(y.toDouble()) ? DD.of(y.toDouble()) : of(y);
        return farExp(ln(x).multiply(exponent));
    }

    /** e to the power of {@code x}, of any size: powers of ten are taken out first. */
    public static Result farExp(DD x) {
        DD tens = x.divide(LN10);
        if (!(Math.abs(tens.hi()) <= Real.MAX_DIGITS + 1)) {
            return Undefined.TOO_LARGE;
        }
        int power = (int) Math.rint(tens.hi());
        DD rest = exp(x.subtract(LN10.multiply((double) power)));
        return FarApproximate.of(rest.bigDecimalValue().scaleByPowerOfTen(power));
    }

    /** Sine and cosine of one angle. */
    record SineAndCosine(DD sine, DD cosine) {}

    /** Sine and cosine of an angle in radians, of any size; nothing where it has more digits than can be turned back. */
    static Optional<SineAndCosine> sineAndCosine(Rational angle) {
        int whole = (int)
                (Math.max(0, angle.numerator().bitLength() - angle.denominator().bitLength()) * BITS_TO_DIGITS);
        if (whole > MOST_DIGITS_OF_ANGLE) {
            return Optional.empty();
        }
        if (whole == 0 && Math.abs(angle.toDouble()) < QUARTER_OF_PI) {
            return Optional.of(near(of(angle)));
        }
        // A rational angle is never a multiple of a quarter turn, but it may be so near to one that the rest has few
        // digits
        // of its own. No more cancel than the angle has by itself, with very many to spare (K. Mahler, Indag. Math. 15
        // (1953) 30: |π − p/q| > q^−42).
        int most = 2 * DIGITS + 42 * (int) (BITS_TO_DIGITS * angle.denominator().bitLength() + whole + 1);
        int digits = DIGITS;
        while (true) {
            Cancellable.check();
            MathContext context = new MathContext(whole + digits);
            BigDecimal exact = new BigDecimal(angle.numerator()).divide(new BigDecimal(angle.denominator()), context);
            BigDecimal quarter = halfPi(whole + digits);
            BigDecimal turns = exact.divide(quarter, 0, RoundingMode.HALF_EVEN);
            BigDecimal rest = exact.subtract(quarter.multiply(turns));
            // The rest is good to so many digits after the point.
            if (rest.precision() - rest.scale() > DIGITS / 2 - digits || digits >= most) {
                return Optional.of(
                        turned(near(DD.from(rest)), turns.toBigInteger().intValue() & 3));
            }
            digits *= 2;
        }
    }

    private static SineAndCosine turned(SineAndCosine angle, int quarters) {
        return switch (quarters) {
            case 0 -> angle;
            case 1 -> new SineAndCosine(angle.cosine(), angle.sine().negate());
            case 2 -> new SineAndCosine(angle.sine().negate(), angle.cosine().negate());
            default -> new SineAndCosine(angle.cosine().negate(), angle.sine());
        };
    }

    /** Sine and cosine of an angle of up to an eighth of a turn. */
    private static SineAndCosine near(DD angle) {
        DD square = angle.square().negate();
        DD sine = DD.ONE;
        DD cosine = DD.ONE;
        for (int n = TERMS_OF_SINE; n >= 3; n -= 2) {
            sine = sine.multiply(square).divide((double) n * (n - 1)).add(1);
            cosine = cosine.multiply(square).divide((double) (n - 1) * (n - 2)).add(1);
        }
        return new SineAndCosine(sine.multiply(angle), cosine);
    }

    /** The angle of the point (x, y) with y of 0 or more, and not the origin. */
    static DD angle(DD y, DD x) {
        double near = Math.atan2(y.hi(), x.hi());
        SineAndCosine there =
                sineAndCosine(Rounding.exact(new Approximate(near))).orElseThrow();
        DD across = y.multiply(there.cosine()).subtract(x.multiply(there.sine()));
        DD along = x.multiply(there.cosine()).add(y.multiply(there.sine()));
        return across.divide(along).add(near);
    }

    /** π/2 with so many digits after the point, and a few more. */
    private static BigDecimal halfPi(int digits) {
        int bits = (int) (digits / BITS_TO_DIGITS) + FEW;
        return new BigDecimal(Pi.scaled(bits))
                .divide(new BigDecimal(BigInteger.ONE.shiftLeft(bits + 1)), digits + 1, RoundingMode.HALF_EVEN);
    }
}
