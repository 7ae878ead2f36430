package app.logismos.display;

import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigDecimal;

/**
 * The style of a cell that has none: up to 10 significant digits without trailing zeros, scientific from 1e15 and below
 * 1e-6. The digits before the decimal mark are always all shown: a whole number is never rounded unseen.
 */
public final class Automatic implements DecimalStyle {
    /** The one there is. */
    public static final NumberStyle STYLE = new Automatic();

    private static final int DIGITS = 10;
    private static final int SCIENTIFIC_FROM = 15; // powers of ten
    private static final Real LEAST_OF_THEM = Rational.of(1_000_000_000_000_000L);
    private static final int SCIENTIFIC_BELOW = -6;

    private Automatic() {}

    @Override
    public String text(Real number) {
        if (!number.isFinite()) {
            return Plain.text(number);
        }
        BigDecimal rounded = rounded(number);
        int exponent = Digits.exponent(rounded);
        return isScientific(number, exponent) ? Digits.mantissa(rounded) + "e" + exponent : Digits.plain(rounded);
    }

    @Override
    public BigDecimal rounded(Real number) {
        BigDecimal rounded = Digits.significant(number, DIGITS);
        int exponent = Digits.exponent(rounded);
        return exponent < DIGITS || isScientific(number, exponent) ? rounded : Digits.significant(number, exponent + 1);
    }

    @Override
    public String latex(Real number) {
        if (!number.isFinite()) {
            return number.signum() < 0 ? "-\\infty" : "\\infty";
        }
        BigDecimal rounded = rounded(number);
        int exponent = Digits.exponent(rounded);
        return isScientific(number, exponent)
                ? Digits.mantissa(rounded) + " \\times 10^{" + exponent + "}"
                : text(number);
    }

    @Override
    public boolean suits(Real number) {
        return true;
    }

    /** Only a number that is rounded up to 10¹⁵ may be below it: all others are not compared, which takes long. */
    private static boolean isScientific(Real number, int exponent) {
        return number.signum() != 0
                && (exponent < SCIENTIFIC_BELOW
                        || exponent >= SCIENTIFIC_FROM && number.abs().compareTo(LEAST_OF_THEM) >= 0);
    }
}
