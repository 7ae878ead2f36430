package app.logismos.display;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigInteger;

/** A mixed number, {@code 2 1/3}, for fractions above one. */
public final class Mixed implements NumberStyle {
    /** The one there is. */
    public static final NumberStyle STYLE = new Mixed();

    private Mixed() {}

    @Override
    public String text(Real number) {
        BigInteger[] parts = parts((Rational) number);
        String whole = parts[0].signum() == 0 ? "" : parts[0] + " ";
        return sign(number) + whole + parts[1] + "/" + ((Rational) number).denominator();
    }

    @Override
    public String latex(Real number) {
        BigInteger[] parts = parts((Rational) number);
        return sign(number) + (parts[0].signum() == 0 ? "" : parts[0] + "\\,") + "\\frac{" + parts[1] + "}{"
                + ((Rational) number).denominator() + "}";
    }

    @Override
    public boolean suits(Real number) {
        return number instanceof Rational rational && !rational.isInteger();
    }

    private static BigInteger[] parts(Rational number) {
        return number.numerator().abs().divideAndRemainder(number.denominator());
    }

    private static String sign(Real number) {
        return number.signum() < 0 ? "-" : "";
    }
}
