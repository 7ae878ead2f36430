package app.logismos.evaluate;

import app.logismos.number.Irrational;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.value.ComplexValue;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.regex.Pattern;

/** Values as they are typed inside an expression, where {@code 2π}, {@code 2027-03-01} and {@code 3 1/s} mean something else. */
final class TypedText {
    /** Between a number and the letter or root behind it. */
    private static final Pattern FACTORS = Pattern.compile("(?<=[0-9π])(?=[π√])");

    private static final long NANOS = 1_000_000_000L;

    private TypedText() {}

    /**
     * The text.
     *
     * @param mostDigits a number with more is shortened, and cannot be typed then
     */
    static String of(Value value, int mostDigits) {
        if (value instanceof NumberValue number) {
            return number(number.real(), mostDigits);
        }
        if (value instanceof Quantity quantity) {
            return quantity(quantity, mostDigits);
        }
        if (value instanceof Moment moment) {
            return moment(moment);
        }
        if (value instanceof ComplexValue complex) {
            String parts = Plain.inParts(
                    complex.number(),
                    number(complex.number().re(), mostDigits),
                    number(complex.number().im().abs(), mostDigits));
            return complex.isPlain() ? parts : complex.unit().behind("(" + parts + ")");
        }
        return value instanceof Table table ? table(table, mostDigits) : PlainText.of(value);
    }

    /** A fraction, also one with a unit, as a decimal, where one of so many significant digits says all of it. */
    static Optional<String> decimal(Value value, int mostDigits) {
        if (value instanceof Quantity quantity) {
            return decimal(quantity.number(), mostDigits).map(number -> measured(number, quantity.unit()));
        }
        return value instanceof NumberValue number ? decimal(number.real(), mostDigits) : Optional.empty();
    }

    private static Optional<String> decimal(Real number, int mostDigits) {
        return number instanceof Rational fraction && !fraction.isInteger()
                ? Plain.decimal(fraction, mostDigits)
                : Optional.empty();
    }

    private static String number(Real number, int mostDigits) {
        String text = Plain.abbreviated(number, mostDigits);
        return number instanceof Irrational ? FACTORS.matcher(text).replaceAll("*") : text;
    }

    private static String quantity(Quantity quantity, int mostDigits) {
        String number = number(quantity.number(), mostDigits);
        boolean isOne = number.chars().noneMatch(c -> c == '/' || c == ' ' || c == 'π' || c == '√' || c == '…')
                && !number.endsWith("inf");
        return measured(isOne ? number : "(" + number + ")", quantity.unit());
    }

    private static String measured(String bracketed, Unit unit) {
        return unit.symbol().startsWith("1/") ? bracketed + " " + factors(unit) : unit.behind(bracketed);
    }

    /** {@code m⁻¹·s⁻²}: a unit cannot begin with a 1. */
    private static String factors(Unit unit) {
        StringJoiner factors = new StringJoiner("·");
        for (Unit.Power power : unit.powers()) {
            factors.add(power.atom().symbol() + "^" + exponent(power.exponent()));
        }
        return factors.toString();
    }

    private static String exponent(Rational exponent) {
        String text = Plain.text(exponent);
        return exponent.isInteger() ? text : "(" + text + ")";
    }

    private static String moment(Moment moment) {
        if (moment instanceof Moment.Date date) {
            return date(date.date());
        }
        if (moment instanceof Moment.Time time) {
            return time(time.time());
        }
        return moment instanceof Moment.DateTime both
                ? "(" + date(both.at().toLocalDate()) + "+"
                        + seconds(both.at().toLocalTime().toNanoOfDay()) + " s)"
                : moment.iso();
    }

    private static String date(LocalDate date) {
        return "date(" + date.getYear() + ", " + date.getMonthValue() + ", " + date.getDayOfMonth() + ")";
    }

    private static String time(LocalTime time) {
        String seconds = seconds(time.getSecond() * NANOS + time.getNano());
        return "time(" + time.getHour() + ", " + time.getMinute() + ", " + seconds + ")";
    }

    private static String seconds(long nanos) {
        Rational seconds = Rational.of(nanos, NANOS);
        return Plain.decimal(seconds, 20).orElseGet(() -> Plain.text(seconds));
    }

    private static String table(Table table, int mostDigits) {
        StringJoiner rows = new StringJoiner("; ", "{", "}");
        for (int row = 0; row < table.rows(); row++) {
            StringJoiner cells = new StringJoiner(", ");
            for (int column = 0; column < table.columns(); column++) {
                cells.add(of(table.at(row, column), mostDigits));
            }
            rows.add(cells.toString());
        }
        return rows.toString();
    }
}
