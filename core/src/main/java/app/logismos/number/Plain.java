package app.logismos.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.Optional;

/** Numbers as plain text that reads back as the same number. */
public final class Plain {
    /** Every decimal of so many digits survives the way through a double; some need up to two more. */
    private static final int SURE_DIGITS = 15;

    private static final int LAST_PLAIN_EXPONENT = 21;
    private static final int FIRST_PLAIN_EXPONENT = -7;

    private static final BigInteger FIVE = BigInteger.valueOf(5);
    private static final double BITS_OF_FIVE = Math.log(5) / Math.log(2);
    private static final double BITS_PER_DIGIT = Math.log(10) / Math.log(2);
    private static final int SHOWN_ENDS = 20;
    private static final int LEADING_BITS = 400;

    private Plain() {}

    /** {@code 12}, {@code 7/3}, {@code 1/2 + √5/2}, {@code 3π/4}, {@code inf}, or the shortest decimal that gives the same double. */
    public static String text(Real number) {
        if (number instanceof Rational rational) {
            return fraction(rational);
        }
        if (number instanceof RootSum sum) {
            return sum(sum);
        }
        return number instanceof PiMultiple multiple
                ? term(multiple.root(), "π")
                : number instanceof FarApproximate far
                        ? scientific(far.number())
                        : decimal(((Approximate) number).number());
    }

    /** {@code 3 + 4i}, {@code 1/2 - √3/2*i}; without a part that is exactly 0, so that a real one looks so. */
    public static String text(Complex number) {
        return inParts(number, text(number.re()), text(number.im().abs()));
    }

    /** The same with its parts written in a way of one's own, the imaginary one without its sign. */
    public static String inParts(Complex number, String re, String im) {
        if (number.isReal()) {
            return re;
        }
        boolean isDecimal = im.chars().allMatch(c -> c >= '0' && c <= '9' || c == '.');
        boolean isTerm = im.indexOf(' ') < 0;
        String imaginary = im.equals("1") ? "i" : isDecimal ? im + "i" : (isTerm ? im : "(" + im + ")") + "*i";
        boolean isNegative = number.im().signum() < 0;
        if (number.re().signum() == 0) {
            return (isNegative ? "-" : "") + imaginary;
        }
        return re + (isNegative ? " - " : " + ") + imaginary;
    }

    private static String fraction(Rational number) {
        return number.isInteger()
                ? LongDecimal.of(number.numerator())
                : LongDecimal.of(number.numerator()) + "/" + LongDecimal.of(number.denominator());
    }

    /** As {@link #text}, but of a number with very many digits only the first and the last, and how many there are. */
    public static String abbreviated(Real number, int most) {
        boolean isLong = number instanceof Rational rational
                && Math.max(
                                rational.numerator().bitLength(),
                                rational.denominator().bitLength())
                        > most * BITS_PER_DIGIT;
        if (!isLong) {
            return text(number);
        }
        Rational rational = (Rational) number;
        String above = shortened(rational.numerator());
        return rational.isInteger() ? above : above + "/" + shortened(rational.denominator());
    }

    private static String shortened(BigInteger whole) {
        if (whole.bitLength() < 2 * SHOWN_ENDS * 4) {
            return whole.toString();
        }
        BigInteger size = whole.abs();
        // The first digits come from the leading bits, so that a million digits need not all be written.
        int shift = Math.max(0, size.bitLength() - LEADING_BITS);
        MathContext ample = new MathContext(60);
        BigDecimal leading = new BigDecimal(size.shiftRight(shift))
                .multiply(BigDecimal.valueOf(2).pow(shift, ample), ample);
        int digits = leading.precision() - leading.scale();
        String first = leading.unscaledValue().toString().substring(0, SHOWN_ENDS);
        String following = leading.unscaledValue().toString().substring(SHOWN_ENDS);
        boolean isUnsure =
                following.chars().allMatch(c -> c == '9') || following.chars().allMatch(c -> c == '0');
        if (isUnsure) {
            // So near a power of ten, or a number that ends in zeros, the leading bits do not decide.
            first = InParts.quotient(size, InParts.power(BigInteger.TEN, digits - SHOWN_ENDS))
                    .toString();
            digits += first.length() - SHOWN_ENDS;
            first = first.length() < SHOWN_ENDS ? first + "9" : first.substring(0, SHOWN_ENDS);
        }
        String last = size.mod(BigInteger.TEN.pow(SHOWN_ENDS)).toString();
        return (whole.signum() < 0 ? "-" : "") + first + "…" + "0".repeat(SHOWN_ENDS - last.length()) + last + " ["
                + digits + " digits]";
    }

    /** A fraction as a decimal, where one of so many significant digits says all of it. */
    public static Optional<String> decimal(Rational number, int mostDigits) {
        int twos = number.denominator().getLowestSetBit();
        boolean isLong = twos > mostDigits * 4
                || number.denominator().bitLength() > mostDigits * 4
                || number.numerator().bitLength() > mostDigits * 8;
        if (isLong) {
            return Optional.empty();
        }
        BigInteger odd = number.denominator().shiftRight(twos);
        // Powers of five all have different lengths in bits, so only one can be this number.
        int fives = (int) Math.ceil((odd.bitLength() - 1) / BITS_OF_FIVE);
        if (!FIVE.pow(fives).equals(odd)) {
            return Optional.empty();
        }
        int places = Math.max(twos, fives);
        BigInteger digits =
                number.numerator().multiply(FIVE.pow(places - fives)).shiftLeft(places - twos);
        BigDecimal decimal = new BigDecimal(digits, places);
        return decimal.precision() <= mostDigits ? Optional.of(decimal.toPlainString()) : Optional.empty();
    }

    private static String sum(RootSum number) {
        StringBuilder text = new StringBuilder();
        for (RootSum.Root term : number.inOrder()) {
            String size = term(term, "");
            boolean isNegative = size.startsWith("-");
            text.append(text.isEmpty() ? "" : isNegative ? " - " : " + ")
                    .append(isNegative && !text.isEmpty() ? size.substring(1) : size);
        }
        return text.toString();
    }

    /** A term with a letter behind the number: {@code 3√2/4}, {@code -π√2}. */
    private static String term(RootSum.Root term, String letter) {
        String factors = letter + (term.isRational() ? "" : "√" + LongDecimal.of(term.under()));
        BigInteger above = term.times().numerator();
        boolean hidesOne = above.abs().equals(BigInteger.ONE) && !factors.isEmpty();
        String times = hidesOne ? above.signum() < 0 ? "-" : "" : LongDecimal.of(above);
        return times
                + factors
                + (term.times().isInteger()
                        ? ""
                        : "/" + LongDecimal.of(term.times().denominator()));
    }

    private static String decimal(double number) {
        if (Double.isInfinite(number)) {
            return number > 0 ? "inf" : "-inf";
        }
        BigDecimal shortest = shortest(number);
        int exponent = shortest.precision() - shortest.scale() - 1;
        if (exponent < LAST_PLAIN_EXPONENT && exponent >= FIRST_PLAIN_EXPONENT) {
            return shortest.toPlainString();
        }
        return scientific(shortest);
    }

    /** A decimal with all its digits, in scientific form where it is very large or small. */
    public static String text(BigDecimal number) {
        int exponent = number.precision() - number.scale() - 1;
        return exponent < LAST_PLAIN_EXPONENT && exponent >= FIRST_PLAIN_EXPONENT
                ? number.toPlainString()
                : scientific(number);
    }

    private static String scientific(BigDecimal number) {
        String digits = number.unscaledValue().abs().toString();
        String mantissa = digits.length() == 1 ? digits : digits.charAt(0) + "." + digits.substring(1);
        return (number.signum() < 0 ? "-" : "") + mantissa + "e" + (number.precision() - number.scale() - 1);
    }

    /** The approximate number nearest to a finite one. */
    public static Real approximate(Real number) {
        return FarApproximate.isNear(number.toDouble()) || number.signum() == 0
                ? Real.from(number.toDouble())
                : FarApproximate.of(FarApproximate.decimal(number)) instanceof Real far ? far : number;
    }

    /** The decimal with the fewest digits among those that read as this double; {@link Double#toString} misses some. */
    public static BigDecimal shortest(double number) {
        BigDecimal exact = new BigDecimal(number);
        for (int digits = SURE_DIGITS; ; digits++) {
            BigDecimal rounded = exact.round(new MathContext(digits));
            if (rounded.doubleValue() == number) {
                BigDecimal stripped = rounded.stripTrailingZeros();
                return stripped.scale() < 0 && stripped.precision() - stripped.scale() <= LAST_PLAIN_EXPONENT
                        ? stripped.setScale(0)
                        : stripped;
            }
        }
    }
}
