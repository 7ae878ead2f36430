package app.logismos.display;

import app.logismos.number.PiMultiple;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;

/** The exact fraction, {@code 7/3} or {@code 3π/4}. */
public final class Fractional implements NumberStyle {
    /** The one there is. */
    public static final NumberStyle STYLE = new Fractional();

    private Fractional() {}

    @Override
    public String text(Real number) {
        return Plain.text(number);
    }

    @Override
    public String latex(Real number) {
        return Roots.STYLE.latex(number);
    }

    @Override
    public boolean suits(Real number) {
        return number instanceof PiMultiple || number instanceof Rational rational && !rational.isInteger();
    }
}
