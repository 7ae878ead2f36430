package app.logismos.display;

import app.logismos.number.Real;
import app.logismos.number.Rounding;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A fixed number of decimal places.
 *
 * @param places 0 or more
 */
public record FixedPlaces(int places) implements NumberStyle {
    @Override
    public String text(Real number) {
        return new BigDecimal(Rounding.exact(number).numerator())
                .divide(new BigDecimal(Rounding.exact(number).denominator()), places, RoundingMode.HALF_UP)
                .toPlainString();
    }
}
