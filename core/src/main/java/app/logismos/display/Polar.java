package app.logismos.display;

import app.logismos.number.Complex;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import java.math.RoundingMode;

/**
 * A complex number by its distance from 0 and its direction in degrees: {@code 5 ∠ 53.13°}.
 *
 * @param places decimal places of the direction, trailing zeros left out
 */
public record Polar(int places) implements NumberStyle {
    /** As many places as are usual. */
    static final int USUAL = 2;

    private static final Real DEGREE = PiMultiple.of(Rational.of(1, 180));

    @Override
    public String text(Real number) {
        return Automatic.STYLE.text(number);
    }

    @Override
    public String latex(Real number) {
        return Automatic.STYLE.latex(number);
    }

    @Override
    public boolean keepsAllDigits(Real number) {
        return Automatic.STYLE.keepsAllDigits(number);
    }

    @Override
    public String text(Complex number) {
        return number.abs() instanceof Real distance && rounded(number) instanceof Real direction
                ? Automatic.STYLE.text(distance) + " ∠ " + Automatic.STYLE.text(direction) + "°"
                : NumberStyle.super.text(number);
    }

    @Override
    public String latex(Complex number) {
        return number.abs() instanceof Real distance && rounded(number) instanceof Real direction
                ? Automatic.STYLE.latex(distance) + "\\,\\angle\\,{" + Automatic.STYLE.latex(direction) + "}^\\circ"
                : NumberStyle.super.latex(number);
    }

    @Override
    public boolean keepsAllDigits(Complex number) {
        return number.abs() instanceof Real distance
                && Automatic.STYLE.keepsAllDigits(distance)
                && degrees(number) instanceof Rational direction
                && direction.equals(rounded(number));
    }

    private Object rounded(Complex number) {
        return degrees(number) instanceof Real direction
                ? Rounding.places(direction, places, RoundingMode.HALF_UP)
                : Rational.ZERO;
    }

    /** The direction; that of 0 is 0. */
    private static Object degrees(Complex number) {
        return number.arg() instanceof Real angle ? angle.dividedBy(DEGREE) : Rational.ZERO;
    }
}
