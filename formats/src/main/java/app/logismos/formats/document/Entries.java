package app.logismos.formats.document;

import app.logismos.formula.EntryReader;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Pattern;

/** Values as they are typed, and as decimals that other programs read. */
public final class Entries {
    /** Decimals are written out up to so many places before or behind the mark. */
    private static final int MOST_PLACES = 40;

    private static final Pattern PLAIN = Pattern.compile("-?[0-9]+(\\.[0-9]+)?");
    /** Doubles are written without a power of ten up to here. */
    private static final double MOST_PLAIN = 1e7;

    private static final int MOST_BITS = 400;

    private Entries() {}

    /** What is entered so that a text stays one, whatever it looks like. */
    public static String text(String text, UnitCatalogue units) {
        boolean isPlain = text.indexOf('=') < 0
                && EntryReader.value(text, units) instanceof Text read
                && read.text().equals(text);
        return isPlain || text.isBlank() ? text : '"' + text.replace("\"", "\"\"") + '"';
    }

    /** What is entered for a value that a document holds. */
    public static String entry(Value value, UnitCatalogue units) {
        if (value instanceof Text text) {
            return text.text().isBlank() && !text.text().isEmpty() ? '"' + text.text() + '"' : text(text.text(), units);
        } else if (value instanceof NumberValue number) {
            String decimal = decimal(number.real());
            return decimal.length() > MOST_PLACES && decimal.indexOf('.') < 0
                    ? new BigDecimal(decimal).stripTrailingZeros().toString()
                    : decimal;
        } else if (value instanceof Failure) {
            return "=unavailable()";
        }
        return value == Blank.BLANK ? "" : PlainText.of(value);
    }

    /** All digits of a decimal that ends; of other numbers those of the nearest double, since other programs keep no more. */
    public static String decimal(Real number) {
        if (number instanceof Rational rational) {
            Optional<String> few = shortest(rational);
            if (few.isPresent()) {
                return few.get();
            }
        }
        String exact = PlainText.of(new NumberValue(number));
        if (PLAIN.matcher(exact).matches()) {
            return exact;
        }
        if (number instanceof Rational fraction && fraction.denominator().bitLength() <= MOST_BITS) {
            try {
                BigDecimal exactly =
                        new BigDecimal(fraction.numerator()).divide(new BigDecimal(fraction.denominator()));
                return exactly.scale() > MOST_PLACES ? exactly.toString() : exactly.toPlainString();
            } catch (ArithmeticException withoutEnd) {
                // Its decimals have no end: the nearest double has as many as other programs keep.
            }
        }
        double near = number.toDouble();
        if (!Double.isFinite(near)) {
            return exact;
        }
        BigDecimal decimal = BigDecimal.valueOf(near).stripTrailingZeros();
        return decimal.precision() - decimal.scale() > 21 || decimal.scale() > 21
                ? String.valueOf(near)
                : decimal.toPlainString();
    }

    /** The shortest decimal of the nearest double, where it is the number itself: so it is of nearly all that was typed. */
    private static Optional<String> shortest(Rational number) {
        double near = number.toDouble();
        if (!(Math.abs(near) < MOST_PLAIN)) {
            return Optional.empty();
        }
        String decimal = Double.toString(near);
        String plain = decimal.endsWith(".0") ? decimal.substring(0, decimal.length() - 2) : decimal;
        return Rational.read(plain)
                .filter(number::equals)
                .filter(read -> plain.indexOf('E') < 0)
                .map(read -> plain);
    }
}
