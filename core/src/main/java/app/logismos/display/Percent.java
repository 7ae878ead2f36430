package app.logismos.display;

import app.logismos.number.Rational;
import app.logismos.number.Real;

/**
 * Hundredths with a percent sign.
 *
 * @param digits how the hundredths are written
 */
public record Percent(NumberStyle digits) implements NumberStyle {
    private static final Rational HUNDRED = Rational.of(100);

    /** With so many decimal places. */
    static Percent places(int places) {
        return new Percent(new FixedPlaces(places));
    }

    @Override
    public String text(Real number) {
        return number.times(HUNDRED) instanceof Real hundredths
                ? digits.text(hundredths) + " %"
                : Automatic.STYLE.text(number);
    }

    @Override
    public String latex(Real number) {
        return number.times(HUNDRED) instanceof Real hundredths
                ? digits.latex(hundredths) + "\\,\\%"
                : Automatic.STYLE.latex(number);
    }

    @Override
    public boolean keepsAllDigits(Real number) {
        return number.times(HUNDRED) instanceof Real hundredths && digits.keepsAllDigits(hundredths);
    }
}
