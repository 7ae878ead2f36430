package app.logismos.display;

import app.logismos.number.Complex;
import app.logismos.number.Irrational;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.RootSum;
import app.logismos.unit.Unit;
import app.logismos.value.Algebraic;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.OwnFunction;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.StringJoiner;

/** Values in LaTeX: short fractions stacked, the rest in the automatic style. */
public final class Typeset implements Value.Visitor<String> {
    private static final Typeset PRINTER = new Typeset();
    private static final int SHORT_BITS = 20;
    private static final int MOST_ROWS = 6;

    private Typeset() {}

    /** The value in LaTeX. */
    public static String latex(Value value) {
        return value.accept(PRINTER);
    }

    /** The value in LaTeX, a number with short parts as a fraction also where its decimal ends. */
    public static String fraction(Value value) {
        if (value instanceof Quantity quantity) {
            return fraction(quantity.number()) + unit(quantity.unit());
        }
        return value instanceof NumberValue number ? fraction(number.real()) : latex(value);
    }

    private static String fraction(Real real) {
        return real instanceof Rational rational && hasShortParts(rational)
                ? Fractional.STYLE.latex(real)
                : number(real);
    }

    @Override
    public String number(NumberValue number) {
        return number(number.real());
    }

    @Override
    public String quantity(Quantity quantity) {
        return number(quantity.number()) + unit(quantity.unit());
    }

    @Override
    public String complex(ComplexValue complex) {
        Complex number = complex.number();
        boolean hasRoots = number.re() instanceof Irrational || number.im() instanceof Irrational;
        String parts = hasRoots
                ? inParts(number, fraction(number.re()), fraction(number.im().abs()))
                : inParts(number, number(number.re()), number(number.im().abs()));
        return complex.isPlain() ? parts : "\\left(" + parts + "\\right)" + unit(complex.unit());
    }

    /** A complex number from its parts in LaTeX, the imaginary one without its sign. */
    static String inParts(Complex number, String re, String im) {
        if (number.isReal()) {
            return re;
        }
        String size = im.equals("1")
                ? "i"
                : isSumOfRoots(number.im()) ? "\\left(" + im + "\\right)i" : im + (isShort(im) ? "i" : "\\,i");
        boolean isNegative = number.im().signum() < 0;
        return number.re().signum() == 0 ? (isNegative ? "-" : "") + size : re + (isNegative ? "-" : "+") + size;
    }

    /** Digits with nothing before them or above that would keep them from the letter behind. */
    private static boolean isShort(String latex) {
        return latex.chars().allMatch(c -> c >= '0' && c <= '9' || c == '.');
    }

    private static boolean isSumOfRoots(Real number) {
        return number instanceof RootSum sum && sum.terms().size() > 1;
    }

    /** A unit as it stands behind its number. */
    public static String unit(Unit unit) {
        return (unit.isClose() ? "" : "\\,") + "\\text{" + escaped(unit.symbol()) + "}";
    }

    @Override
    public String function(OwnFunction function) {
        return function.made().latex();
    }

    @Override
    public String expression(Algebraic expression) {
        return expression.form().latex();
    }

    @Override
    public String moment(Moment moment) {
        return "\\text{" + moment.shown() + "}";
    }

    /** Whether a number, typeset, says less than it is. */
    public static boolean dropsDigits(Real real) {
        return !isTypesetExactly(real) && !Automatic.STYLE.keepsAllDigits(real);
    }

    /** Whether a part of a complex number, typeset, says less than it is. */
    public static boolean dropsDigits(Complex number) {
        return dropsDigits(number.re()) || dropsDigits(number.im());
    }

    private static boolean isTypesetExactly(Real real) {
        return real instanceof PiMultiple
                || real instanceof RootSum sum && sum.terms().stream().allMatch(Typeset::isShort)
                || real instanceof Rational rational && isShortFraction(rational);
    }

    private static boolean isShort(RootSum.Root term) {
        return term.times().numerator().bitLength() <= SHORT_BITS
                && term.times().denominator().bitLength() <= SHORT_BITS
                && term.under().bitLength() <= SHORT_BITS;
    }

    private static String number(Real real) {
        return isTypesetExactly(real) ? Roots.STYLE.latex(real) : Automatic.STYLE.latex(real);
    }

    /** A fraction with short parts whose decimal would not end soon. */
    private static boolean isShortFraction(Rational number) {
        return hasShortParts(number) && !endsWithinTenDigits(number);
    }

    private static boolean hasShortParts(Rational number) {
        return !number.isInteger()
                && number.numerator().bitLength() <= SHORT_BITS
                && number.denominator().bitLength() <= SHORT_BITS;
    }

    private static boolean endsWithinTenDigits(Rational number) {
        return Digits.significant(number, 10).compareTo(Digits.significant(number, 40)) == 0;
    }

    @Override
    public String text(Text text) {
        return "\\text{“" + escaped(text.text()) + "”}";
    }

    @Override
    public String truth(Truth truth) {
        return "\\text{" + truth.holds() + "}";
    }

    @Override
    public String blank() {
        return "0";
    }

    @Override
    public String missing() {
        return "\\text{missing}";
    }

    @Override
    public String table(Table table) {
        StringJoiner rows = new StringJoiner(" \\\\ ", "\\begin{bmatrix}", "\\end{bmatrix}");
        for (int row = 0; row < Math.min(table.rows(), MOST_ROWS); row++) {
            StringJoiner cells = new StringJoiner(" & ");
            for (int column = 0; column < Math.min(table.columns(), MOST_ROWS); column++) {
                cells.add(latex(table.at(row, column)));
            }
            rows.add(table.columns() > MOST_ROWS ? cells + " & \\cdots" : cells.toString());
        }
        return table.rows() > MOST_ROWS ? rows.add("\\vdots").toString() : rows.toString();
    }

    @Override
    public String failure(Failure failure) {
        return "\\text{" + failure.code().code() + "}";
    }

    /** Text inside {@code \text}, its special signs made harmless. */
    static String escaped(String text) {
        StringBuilder out = new StringBuilder();
        for (char c : text.toCharArray()) {
            switch (c) {
                case '\\' -> out.append("\\textbackslash{}");
                case '~' -> out.append("\\textasciitilde{}");
                case '^' -> out.append("\\textasciicircum{}");
                case '_', '$', '%', '&', '#', '{', '}' -> out.append('\\').append(c);
                default -> out.append(c);
            }
        }
        return out.toString();
    }
}
