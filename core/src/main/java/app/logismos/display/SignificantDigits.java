package app.logismos.display;

import app.logismos.number.Real;

/**
 * A number of significant digits, trailing zeros included.
 *
 * @param digits 1 or more
 */
public record SignificantDigits(int digits) implements NumberStyle {
    @Override
    public String text(Real number) {
        return Digits.significant(number, digits).toPlainString();
    }
}
