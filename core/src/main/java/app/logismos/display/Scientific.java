package app.logismos.display;

import app.logismos.number.Real;
import java.math.BigDecimal;

/**
 * One digit before the mark, times a power of ten.
 *
 * @param digits how many significant ones, 1 or more; trailing zeros are left out
 */
public record Scientific(int digits) implements DecimalStyle {
    @Override
    public BigDecimal rounded(Real number) {
        return Digits.significant(number, digits);
    }

    @Override
    public String text(Real number) {
        BigDecimal rounded = rounded(number);
        return Digits.mantissa(rounded) + "e" + Digits.exponent(rounded);
    }

    @Override
    public String latex(Real number) {
        BigDecimal rounded = rounded(number);
        return Digits.mantissa(rounded) + " \\times 10^{" + Digits.exponent(rounded) + "}";
    }
}
