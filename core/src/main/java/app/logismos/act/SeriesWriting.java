package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Parser;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes a series of numbers, quantities in one unit, or dates by days. */
final class SeriesWriting {
    private static final int MOST = 100_000;
    private static final int MOST_DIGITS = 30;
    private static final Unit DAY = UnitCatalogue.STANDARD.unit("d").orElseThrow();

    private SeriesWriting() {}

    static Edit edit(Act.Series act, UnitCatalogue units) {
        List<Edit.Typed> typed = new ArrayList<>();
        for (String entry : entries(act, units)) {
            int column = act.at().column() + (act.axis() == Axis.COLUMNS ? typed.size() : 0);
            int row = act.at().row() + (act.axis() == Axis.ROWS ? typed.size() : 0);
            if (!Address.isInside(column, row)) {
                throw new EditRefused("The series would leave the grid.");
            }
            typed.add(new Edit.Typed(new Address(column, row), entry));
        }
        return new Edit.Enter(act.grid(), typed);
    }

    /** The entries of its values. */
    static List<String> entries(Act.Series act, UnitCatalogue units) {
        Value first = EntryReader.value(act.first(), units);
        return first instanceof Moment.Date date ? dates(act, date.date(), units) : numbers(act, units);
    }

    private static List<String> numbers(Act.Series act, UnitCatalogue units) {
        Rational first = number(act.first(), act, units);
        Rational step = step(act, units);
        int places = Math.max(Pattern.places(act.first()), Math.max(places(first), places(step)));
        long count = act.count()
                .map(Integer::longValue)
                .orElseGet(() ->
                        reached(first, step, number(act.last().orElseThrow(SeriesWriting::noEnd), act, units)));
        check(count);
        List<String> entries = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Rational value = (Rational) first.plus((Rational) step.times(Rational.of(i)));
            entries.add(checked(Pattern.written(value, act.first(), places, units)));
        }
        return entries;
    }

    /** How many decimal places the number has, where it ends. */
    private static int places(Rational number) {
        return Plain.decimal(number, MOST_DIGITS)
                .map(decimal -> Math.max(0, new BigDecimal(decimal).scale()))
                .orElse(0);
    }

    /** How many values there are up to the last one, that included. */
    private static long reached(Rational first, Rational step, Rational last) {
        if (step.signum() == 0) {
            throw new EditRefused("A series that has an end needs a step that is not 0.");
        }
        Rational steps = (Rational) ((Rational) last.minus(first)).dividedBy(step);
        return steps.signum() < 0
                ? 0
                : steps.floor().min(BigInteger.valueOf(MOST)).longValueExact() + 1;
    }

    private static List<String> dates(Act.Series act, LocalDate first, UnitCatalogue units) {
        Rational step = EntryReader.value(act.step(), units) instanceof Quantity time
                        && time.unit().isLike(DAY)
                        && time.in(DAY) instanceof Rational days
                ? days
                : number(act.step(), act, units);
        if (!step.isInteger()) {
            throw new EditRefused("Dates go on by whole days, and the step is " + act.step() + ".");
        }
        long days = step.numerator().longValueExact();
        long count = act.count().map(Integer::longValue).orElseGet(() -> {
            Value last = EntryReader.value(act.last().orElseThrow(SeriesWriting::noEnd), units);
            if (!(last instanceof Moment.Date date)) {
                throw new EditRefused("The series starts with a date and must end with one.");
            }
            return reached(Rational.of(0), Rational.of(days), Rational.of(ChronoUnit.DAYS.between(first, date.date())));
        });
        check(count);
        List<String> entries = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            entries.add(first.plusDays(days * i).toString());
        }
        return entries;
    }

    private static EditRefused noEnd() {
        return new EditRefused("A series needs its last value or how many values there are.");
    }

    private static void check(long count) {
        if (count < 1 || count > MOST) {
            throw new EditRefused(
                    count < 1
                            ? "With this step the series never comes to its last value."
                            : "A series has " + MOST + " values at the most.");
        }
    }

    private static String checked(String entry) {
        if (entry.length() > Parser.MAX_LENGTH) {
            throw new EditRefused("An entry has " + Parser.MAX_LENGTH
                    + " characters at the most, and the values of this" + " series would have more.");
        }
        return entry;
    }

    /** So many values from one to another, both included. */
    static List<String> spaced(String from, String to, int count, UnitCatalogue units) {
        if (count < 1) {
            throw new EditRefused("There is one value at the least, and the count is " + count + ".");
        }
        check(count);
        Act.Series ends = new Act.Series("", Address.FIRST, Axis.ROWS, from, "0", Optional.of(to), Optional.of(count));
        Rational first = number(from, ends, units);
        Rational width = (Rational) number(to, ends, units).minus(first);
        List<String> entries = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Rational part = Rational.of(BigInteger.valueOf(i), BigInteger.valueOf(Math.max(1, count - 1)));
            Rational value = (Rational) first.plus((Rational) width.times(part));
            entries.add(checked(Pattern.written(value, from, Pattern.places(from), units)));
        }
        return entries;
    }

    /** How far it is from value to value: a step of 5 K or 9 °F goes up a scale of °C by 5. */
    private static Rational step(Act.Series act, UnitCatalogue units) {
        return EntryReader.value(act.step(), units) instanceof Quantity step
                        && EntryReader.value(act.first(), units) instanceof Quantity first
                        && step.unit().isLike(first.unit())
                        && !step.unit().equals(first.unit())
                        && step.in(first.unit()) instanceof Rational end
                        && new Quantity(Rational.ZERO, step.unit()).in(first.unit()) instanceof Rational start
                ? (Rational) end.minus(start)
                : number(act.step(), act, units);
    }

    /** A number, or that of a quantity in the unit of the first value. */
    private static Rational number(String entry, Act.Series act, UnitCatalogue units) {
        Value value = EntryReader.value(entry, units);
        Value first = EntryReader.value(act.first(), units);
        Real real = Real.from(0);
        if (value instanceof NumberValue number) {
            real = number.real();
        } else if (value instanceof Quantity quantity
                && first instanceof Quantity like
                && quantity.unit().isLike(like.unit())
                && quantity.in(like.unit()) instanceof Real converted) {
            real = converted;
        }
        if (real instanceof Rational rational) {
            return rational;
        }
        throw new EditRefused(
                "A series is of exact numbers, quantities of one kind, or dates, and `" + entry + "` is not.");
    }
}
