package app.logismos.display;

import app.logismos.number.Real;
import java.math.BigDecimal;

/**
 * A number of significant digits, trailing zeros included.
 *
 * @param digits 1 or more
 */
public record SignificantDigits(int digits) implements NumberStyle {
    @Override
    public String text(Real number) {
        BigDecimal rounded = Digits.significant(number, digits);
        return rounded.setScale(digits - 1 - Digits.exponent(rounded)).toPlainString();
    }
}
