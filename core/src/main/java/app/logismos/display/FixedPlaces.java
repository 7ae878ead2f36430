package app.logismos.display;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A fixed number of decimal places.
 *
 * @param places 0 or more
 */
public record FixedPlaces(int places) implements DecimalStyle {
    @Override
    public BigDecimal rounded(Real number) {
        Rational exact = Rounding.exact(number);
        return new BigDecimal(exact.numerator())
                .divide(new BigDecimal(exact.denominator()), places, RoundingMode.HALF_UP);
    }

    @Override
    public String text(Real number) {
        return rounded(number).toPlainString();
    }
}
