package app.logismos.display;

import app.logismos.number.Real;
import java.math.BigDecimal;

/**
 * A number of significant digits, trailing zeros included.
 *
 * @param digits 1 or more
 */
public record SignificantDigits(int digits) implements DecimalStyle {
    @Override
    public BigDecimal rounded(Real number) {
        return Digits.significant(number, digits);
    }

    @Override
    public String text(Real number) {
        BigDecimal rounded = rounded(number);
        return rounded.setScale(digits - 1 - Digits.exponent(rounded)).toPlainString();
    }
}
