package app.logismos.number;

import java.math.BigDecimal;
import java.math.MathContext;

/** Numbers as plain text that reads back as the same number. */
public final class Plain {
    /** Every decimal of so many digits survives the way through a double; some need up to two more. */
    private static final int SURE_DIGITS = 15;

    private static final int LAST_PLAIN_EXPONENT = 21;
    private static final int FIRST_PLAIN_EXPONENT = -7;

    private Plain() {}

    /** {@code 12}, {@code 7/3}, {@code 3π/4}, {@code inf}, or the shortest decimal that gives the same double. */
    public static String text(Real number) {
        if (number instanceof Rational rational) {
            return fraction(rational);
        }
        return number instanceof PiMultiple multiple ? multiple(multiple) : decimal(((Approximate) number).number());
    }

    private static String fraction(Rational number) {
        return number.isInteger() ? number.numerator().toString() : number.numerator() + "/" + number.denominator();
    }

    private static String multiple(PiMultiple number) {
        String above = number.times().numerator().toString();
        String sign = above.startsWith("-") ? "-" : "";
        String times = above.equals("1") || above.equals("-1") ? sign : above;
        return times + "π"
                + (number.times().isInteger() ? "" : "/" + number.times().denominator());
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
        String digits = shortest.unscaledValue().abs().toString();
        String mantissa = digits.length() == 1 ? digits : digits.charAt(0) + "." + digits.substring(1);
        return (number < 0 ? "-" : "") + mantissa + "e" + exponent;
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
