package app.logismos.display;

import app.logismos.number.Complex;
import app.logismos.number.Real;

/**
 * Another style, behind a ≈ where that drops digits or the number is not exact.
 *
 * @param digits what says which digits are shown
 */
public record Candid(NumberStyle digits) implements OfDigits {
    @Override
    public String text(Real number) {
        return number.isExact() && keepsAllDigits(number) ? digits.text(number) : "≈ " + digits.text(number);
    }

    @Override
    public String text(Complex number) {
        return number.isExact() && keepsAllDigits(number) ? digits.text(number) : "≈ " + digits.text(number);
    }

    @Override
    public String latex(Complex number) {
        return digits.latex(number);
    }

    @Override
    public String latex(Real number) {
        return digits.latex(number);
    }
}
