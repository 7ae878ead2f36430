package app.logismos.display;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigDecimal;

/** A style that shows a decimal number, rounded half away from zero on the exact value. */
interface DecimalStyle extends NumberStyle {
    /** The decimal that is shown. */
    BigDecimal rounded(Real number);

    @Override
    default boolean keepsAllDigits(Real number) {
        return number instanceof Rational exact
                ? Rational.of(rounded(number)).equals(exact)
                : !number.isExact() && number.isFinite() && rounded(number).doubleValue() == number.toDouble();
    }
}
