package app.logismos.display;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import java.math.BigDecimal;

/** A style that shows a decimal number, rounded half away from zero on the exact value. */
interface DecimalStyle extends NumberStyle {
    /** The decimal that is shown. */
    BigDecimal rounded(Real number);

    @Override
    default boolean keepsAllDigits(Real number) {
        if (number instanceof Rational exact) {
            return keepsAllDigits(exact, rounded(exact));
        }
        boolean isBeyondDoubles =
                number.isFinite() && Real.from(number.toDouble()).compareTo(number) != 0;
        return isBeyondDoubles && !number.isExact()
                ? keepsAllDigits(Rounding.exact(number), rounded(number))
                : !number.isExact() && number.isFinite() && rounded(number).doubleValue() == number.toDouble();
    }

    /** A whole number with k zeros behind its digits divides by 2ᵏ: seen at once, where writing out 10ᵏ takes long. */
    private static boolean keepsAllDigits(Rational exact, BigDecimal shown) {
        boolean mayBe =
                !exact.isInteger() || exact.signum() == 0 || exact.numerator().getLowestSetBit() >= -shown.scale();
        return mayBe && Rational.of(shown).equals(exact);
    }
}
