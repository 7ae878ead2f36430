package app.logismos.display;

import app.logismos.number.Real;
import java.math.BigDecimal;

/**
 * One to three digits before the mark, times a power of ten whose exponent is a multiple of three, as prefixes of units
 * are.
 *
 * @param digits how many significant ones, 1 or more; trailing zeros are left out
 */
public record Engineering(int digits) implements DecimalStyle {
    private static final int STEP = 3;

    @Override
    public BigDecimal rounded(Real number) {
        return Digits.significant(number, digits);
    }

    @Override
    public String text(Real number) {
        BigDecimal rounded = rounded(number);
        return mantissa(rounded) + "e" + exponent(rounded);
    }

    @Override
    public String latex(Real number) {
        BigDecimal rounded = rounded(number);
        return mantissa(rounded) + " \\times 10^{" + exponent(rounded) + "}";
    }

    private static int exponent(BigDecimal rounded) {
        return Math.floorDiv(Digits.exponent(rounded), STEP) * STEP;
    }

    private static String mantissa(BigDecimal rounded) {
        return Digits.plain(rounded.movePointLeft(exponent(rounded)));
    }
}
