package app.logismos.display;

import app.logismos.number.Real;

/**
 * Another style, behind a ≈ where that drops digits.
 *
 * @param digits what says which digits are shown
 */
public record Candid(NumberStyle digits) implements NumberStyle {
    @Override
    public String text(Real number) {
        return keepsAllDigits(number) ? digits.text(number) : "≈ " + digits.text(number);
    }

    @Override
    public String latex(Real number) {
        return digits.latex(number);
    }

    @Override
    public boolean suits(Real number) {
        return digits.suits(number);
    }

    @Override
    public boolean keepsAllDigits(Real number) {
        return digits.keepsAllDigits(number);
    }
}
