package app.logismos.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * A real number that is known to lie within a radius of a middle, both in units of 2 to the power of −bits, so that what is
 * made of it says which of its digits are right (R. P. Brent and P. Zimmermann, Modern Computer Arithmetic, 2010, chapter
 * 4; F. Johansson, IEEE Trans. Computers 66 (2017) 1281). All operands of an operation have the same bits.
 */
public final class Ball {
    private static final int MOST_EXPONENT_BITS = 17;
    private static final double DIGITS_PER_BIT = Math.log10(2);

    private final BigInteger middle;
    private final BigInteger radius;
    private final int bits;

    private Ball(BigInteger middle, BigInteger radius, int bits) {
        this.middle = middle;
        this.radius = radius;
        this.bits = bits;
    }

    /** An argument outside of a function's domain, or so near to its border that these bits do not tell. */
    public static final class NotKnown extends RuntimeException {
        private static final long serialVersionUID = 1;

        NotKnown() {
            super("more bits are needed", null, false, false);
        }
    }

    /** A power of e so large or small that its digits would take too long. */
    public static final class TooLarge extends RuntimeException {
        private static final long serialVersionUID = 1;

        TooLarge() {
            super("the exponent is too large", null, false, false);
        }
    }

    /** A number that is exact. */
    public static Ball of(Real exact, int bits) {
        return exact instanceof Irrational irrational
                ? new Ball(irrational.scaled(bits), BigInteger.ONE.shiftLeft(Irrational.BITS_OFF), bits)
                : of((Rational) exact, bits);
    }

    private static Ball of(Rational exact, int bits) {
        return new Ball(InParts.quotient(exact.numerator().shiftLeft(bits), exact.denominator()), BigInteger.ONE, bits);
    }

    public static Ball pi(int bits) {
        return new Ball(Pi.scaled(bits), BigInteger.ONE, bits);
    }

    /** π, to as many bits as this has. */
    public Ball pi() {
        return pi(bits);
    }

    /** A whole number, with as many bits as this has. */
    public Ball of(long number) {
        return new Ball(BigInteger.valueOf(number).shiftLeft(bits), BigInteger.ZERO, bits);
    }

    private Ball around(BigInteger other, BigInteger off) {
        return new Ball(other, off, bits);
    }

    public Ball plus(Ball other) {
        return around(middle.add(other.middle), radius.add(other.radius));
    }

    public Ball minus(Ball other) {
        return plus(other.negate());
    }

    public Ball negate() {
        return around(middle.negate(), radius);
    }

    public Ball abs() {
        return middle.signum() < 0 ? negate() : this;
    }

    public Ball times(Ball other) {
        BigInteger off = middle.abs()
                .multiply(other.radius)
                .add(other.middle.abs().multiply(radius))
                .add(radius.multiply(other.radius));
        return around(
                InParts.product(middle, other.middle).shiftRight(bits),
                off.shiftRight(bits).add(BigInteger.TWO));
    }

    /** The quotient by a number that is surely not 0. */
    public Ball over(Ball other) {
        BigInteger least = other.middle.abs().subtract(other.radius);
        if (least.signum() <= 0) {
            throw new NotKnown();
        }
        BigInteger quotient = InParts.quotient(middle.shiftLeft(bits), other.middle);
        // |a/b − a'/b'| ≤ (|a/b| r(b) + r(a)) / least |b|
        BigInteger off = quotient.abs()
                .multiply(other.radius)
                .shiftRight(bits)
                .add(radius)
                .add(BigInteger.TWO);
        return around(quotient, off.shiftLeft(bits).divide(least).add(BigInteger.TWO));
    }

    /** The square root of a number that is surely not negative. */
    public Ball sqrt() {
        if (middle.compareTo(radius) < 0) {
            throw new NotKnown();
        }
        BigInteger root = middle.shiftLeft(bits).sqrt();
        BigInteger least = middle.subtract(radius).shiftLeft(bits).sqrt();
        BigInteger off = least.signum() == 0
                ? middle.add(radius).shiftLeft(bits).sqrt()
                : radius.shiftLeft(bits).divide(least).add(BigInteger.TWO);
        return around(root, off.add(BigInteger.ONE));
    }

    /** So many times itself. */
    public Ball power(int exponent) {
        Ball power = of(1);
        for (int bit = 31 - Integer.numberOfLeadingZeros(Math.abs(exponent)); bit >= 0; bit--) {
            Cancellable.check();
            power = power.times(power);
            power = (Math.abs(exponent) >> bit & 1) == 1 ? power.times(this) : power;
        }
        return exponent < 0 ? of(1).over(power) : power;
    }

    /** e to the power of this. */
    public Ball exp() {
        if (middle.abs().bitLength() > bits + MOST_EXPONENT_BITS) {
            throw new TooLarge();
        }
        BigInteger power = FixedPoint.exp(middle, bits);
        // e^(m + r) − e^m ≤ 2 r e^m for r up to 1
        if (radius.bitLength() > bits) {
            throw new NotKnown();
        }
        BigInteger off = InParts.product(power.add(BigInteger.ONE), radius).shiftRight(bits - 1);
        return around(power, off.add(BigInteger.TWO.shiftLeft(FixedPoint.BITS_OFF)));
    }

    /** The natural logarithm of a number that is surely above 0. */
    public Ball ln() {
        BigInteger least = middle.subtract(radius);
        if (least.signum() <= 0) {
            throw new NotKnown();
        }
        return around(
                FixedPoint.ln(middle, bits),
                radius.shiftLeft(bits).divide(least).add(BigInteger.TWO.shiftLeft(FixedPoint.BITS_OFF)));
    }

    public Ball sin() {
        return around(FixedPoint.turn(middle, bits).sine(), radius.add(BigInteger.TWO.shiftLeft(FixedPoint.BITS_OFF)));
    }

    public Ball cos() {
        return around(
                FixedPoint.turn(middle, bits).cosine(), radius.add(BigInteger.TWO.shiftLeft(FixedPoint.BITS_OFF)));
    }

    public Ball atan() {
        return around(FixedPoint.atan(middle, bits), radius.add(BigInteger.TWO.shiftLeft(FixedPoint.BITS_OFF)));
    }

    /** −1, 0 or 1; of 0 only where it surely is. */
    public int signum() {
        if (middle.abs().compareTo(radius) <= 0 && radius.signum() != 0) {
            throw new NotKnown();
        }
        return middle.signum();
    }

    /** This number to so many significant digits, rounded half away from zero; nothing where these bits do not tell. */
    public Optional<BigDecimal> digits(int digits) {
        if (middle.abs().compareTo(radius) <= 0) {
            return Optional.empty();
        }
        BigDecimal least = rounded(middle.subtract(radius), digits);
        return least.compareTo(rounded(middle.add(radius), digits)) == 0 ? Optional.of(least) : Optional.empty();
    }

    /** Three digits more than are wanted are cut off behind: what they round to is what the whole number rounds to. */
    private BigDecimal rounded(BigInteger scaled, int digits) {
        int exponent = (int) Math.floor((scaled.abs().bitLength() - bits) * DIGITS_PER_BIT);
        int places = digits - exponent + 3;
        BigInteger cut = places >= 0
                ? InParts.product(scaled.abs(), InParts.power(BigInteger.TEN, places))
                        .shiftRight(bits)
                : scaled.abs().shiftRight(bits).divide(InParts.power(BigInteger.TEN, -places));
        BigDecimal size = new BigDecimal(cut, places).round(new MathContext(digits, RoundingMode.HALF_UP));
        return scaled.signum() < 0 ? size.negate() : size;
    }
}
