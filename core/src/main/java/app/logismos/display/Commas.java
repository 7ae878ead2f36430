package app.logismos.display;

import app.logismos.number.Complex;
import app.logismos.number.Real;

/** Another style with a comma as its decimal mark. */
record Commas(NumberStyle digits) implements OfDigits {
    @Override
    public String text(Real number) {
        return DecimalMark.COMMA.number(digits.text(number));
    }

    @Override
    public String text(Complex number) {
        return DecimalMark.COMMA.number(digits.text(number));
    }

    @Override
    public String latex(Complex number) {
        return DecimalMark.COMMA.latex(digits.latex(number));
    }

    @Override
    public String latex(Real number) {
        return DecimalMark.COMMA.latex(digits.latex(number));
    }
}
