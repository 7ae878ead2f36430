package app.logismos.display;

import app.logismos.number.PiMultiple;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.RootSum;
import java.math.BigInteger;

/** Exact numbers as they are: {@code 1/2 + √5/2}, {@code 2√3}, {@code π√2/3}, {@code 7/3}. */
public final class Roots implements NumberStyle {
    /** The one there is. */
    public static final NumberStyle STYLE = new Roots();

    private Roots() {}

    @Override
    public String text(Real number) {
        return Plain.text(number);
    }

    @Override
    public String latex(Real number) {
        if (number instanceof RootSum sum) {
            StringBuilder latex = new StringBuilder();
            for (RootSum.Root term : sum.inOrder()) {
                boolean isNegative = term.times().signum() < 0;
                latex.append(isNegative ? "-" : latex.isEmpty() ? "" : "+").append(size(term, ""));
            }
            return latex.toString();
        }
        boolean ofPi = number instanceof PiMultiple;
        RootSum.Root term = number instanceof PiMultiple multiple
                ? multiple.root()
                : new RootSum.Root((Rational) number, BigInteger.ONE);
        return (number.signum() < 0 ? "-" : "") + size(term, ofPi ? "\\pi" : "");
    }

    /** A term without its sign, a letter behind the number. */
    private static String size(RootSum.Root term, String letter) {
        String factors = letter + (term.isRational() ? "" : "\\sqrt{" + term.under() + "}");
        BigInteger above = term.times().numerator().abs();
        String top = above.equals(BigInteger.ONE) && !factors.isEmpty() ? factors : above + factors;
        return term.times().isInteger()
                ? top
                : "\\frac{" + top + "}{" + term.times().denominator() + "}";
    }

    @Override
    public boolean suits(Real number) {
        return number.isExact() && number.isFinite();
    }
}
