package app.logismos.display;

import app.logismos.number.Real;

/** Another style with a comma as its decimal mark. */
record Commas(NumberStyle digits) implements NumberStyle {
    @Override
    public String text(Real number) {
        return DecimalMark.COMMA.number(digits.text(number));
    }

    @Override
    public String latex(Real number) {
        return DecimalMark.COMMA.latex(digits.latex(number));
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
