package app.logismos.display;

import app.logismos.number.Rational;
import app.logismos.number.Real;

/**
 * Hundredths with a percent sign.
 *
 * @param places of decimals, 0 or more
 */
public record Percent(int places) implements NumberStyle {
    private static final Rational HUNDRED = Rational.of(100);

    @Override
    public String text(Real number) {
        return number.times(HUNDRED) instanceof Real hundredths
                ? new FixedPlaces(places).text(hundredths) + " %"
                : Automatic.STYLE.text(number);
    }

    @Override
    public String latex(Real number) {
        return text(number).replace(" %", "\\,\\%");
    }

    @Override
    public boolean keepsAllDigits(Real number) {
        return number.times(HUNDRED) instanceof Real hundredths && new FixedPlaces(places).keepsAllDigits(hundredths);
    }
}
