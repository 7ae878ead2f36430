package app.logismos.chart;

import app.logismos.display.DecimalMark;
import app.logismos.display.Display;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Currencies;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

/** What the values along an axis are: how they become places on it, and places become values again. */
sealed interface Measure {
    /** How many digits a value has that was worked out for a chart. */
    MathContext DIGITS = new MathContext(6);

    /** What is further from 0 has no place: an axis up to there still has a width and round ends. */
    double FURTHEST = 1e300;

    int SECONDS_OF_DAY = 86_400;

    /** The place of a value; not a number where it is of another kind. */
    double place(Value value);

    /** The value at a place. */
    Value value(double place);

    /**
     * How far a difference goes along the axis, as half an error bar: a bare number counts in the axis' own steps; not a
     * number where the value is of another kind.
     */
    default double difference(Value value) {
        return new Numbers().place(value);
    }

    /** A place in a few digits, with its unit. */
    default String text(double place) {
        return Display.AUTOMATIC.text(value(place));
    }

    /** The same with the worksheet's decimal mark. */
    default String text(double place, DecimalMark mark) {
        return mark.number(text(place));
    }

    private static double rounded(double place) {
        return Double.isFinite(place) ? BigDecimal.valueOf(place).round(DIGITS).doubleValue() : place;
    }

    /** In a few digits, behind a ≈ where these are not all. */
    private static String shortened(Measure measure, double place) {
        double rounded = rounded(place);
        return (rounded == place ? "" : "≈ ") + Display.AUTOMATIC.text(measure.value(rounded));
    }

    /** What the values are, in words that go on {@code is}. */
    String kind();

    /** The least distance of two values that read differently; 0 where any does. */
    default double finest() {
        return 1;
    }

    /** The unit's symbol; empty where there is none. */
    default String unit() {
        return "";
    }

    /** The unit that quantities are given in. */
    default Optional<Unit> inUnit() {
        return Optional.empty();
    }

    /** Whether these are amounts of money, or have money in their unit. */
    default boolean isMoney() {
        return inUnit().filter(Currencies::isIn).isPresent();
    }

    /** A scale that covers places. */
    default Scale covering(double least, double most) {
        return Scale.covering(least, most);
    }

    /** A scale that covers places in about so many steps. */
    default Scale stepping(double least, double most, double steps) {
        return Scale.stepping(least, most, steps);
    }

    /** Whether one value can be so many times as large as another. */
    default boolean hasRatios() {
        return true;
    }

    /** The measure of a value; nothing where it has no size. */
    static Optional<Measure> of(Value value) {
        if (value instanceof NumberValue) {
            return Optional.of(new Numbers());
        }
        if (value instanceof Quantity quantity) {
            return Optional.of(new Quantities(quantity.unit()));
        }
        return value instanceof Moment moment ? Optional.of(of(moment)) : Optional.empty();
    }

    private static Measure of(Moment moment) {
        return moment instanceof Moment.Date
                ? new Dates()
                : moment instanceof Moment.Time
                        ? new Times()
                        : moment instanceof Moment.DateTime ? new DateTimes() : new Durations();
    }

    /** The measure of the first value that has one. */
    static Optional<Measure> of(List<Value> values) {
        return values.stream().flatMap(value -> of(value).stream()).findFirst();
    }

    /** Whether both can stand on one axis. */
    default boolean isLike(Measure other) {
        return getClass() == other.getClass();
    }

    /** The number at a place; the smallest have few digits, and read as these. */
    private static Real real(double place) {
        return place != 0 && Math.abs(place) < Double.MIN_NORMAL
                ? Rational.of(BigDecimal.valueOf(place))
                : Real.from(place);
    }

    private static double finite(Real number) {
        double place = number.toDouble();
        return Math.abs(place) <= FURTHEST ? place : Double.NaN;
    }

    /** Whether a value is a number that no axis reaches. */
    static boolean isTooFar(Value value) {
        return value instanceof NumberValue number && Math.abs(number.real().toDouble()) > FURTHEST
                || value instanceof Quantity quantity
                        && Math.abs(quantity.number().toDouble()) > FURTHEST;
    }

    /** Bare numbers. */
    record Numbers() implements Measure {
        @Override
        public String kind() {
            return "without a unit";
        }

        @Override
        public double place(Value value) {
            return value instanceof NumberValue number ? finite(number.real()) : Double.NaN;
        }

        @Override
        public double finest() {
            return 0;
        }

        @Override
        public Value value(double place) {
            return new NumberValue(Measure.real(place));
        }

        @Override
        public String text(double place) {
            return Measure.shortened(this, place);
        }
    }

    /** Quantities that can be given in a unit. */
    record Quantities(Unit in) implements Measure {
        @Override
        public String kind() {
            return "a quantity";
        }

        @Override
        public double place(Value value) {
            return value instanceof Quantity quantity
                            && quantity.unit().isLike(in)
                            && quantity.in(in) instanceof Real number
                    ? finite(number)
                    : Double.NaN;
        }

        @Override
        public Value value(double place) {
            return new Quantity(Measure.real(place), in);
        }

        /** Half a kelvin is half a degree, wherever the scale begins. */
        @Override
        public double difference(Value value) {
            if (!(value instanceof Quantity quantity) || !quantity.unit().isLike(in)) {
                return Measure.super.difference(value);
            }
            return quantity.in(in) instanceof Real end
                            && new Quantity(Rational.ZERO, quantity.unit()).in(in) instanceof Real begin
                            && end.minus(begin) instanceof Real length
                    ? finite(length)
                    : Double.NaN;
        }

        @Override
        public String text(double place) {
            return Measure.shortened(this, place);
        }

        @Override
        public double finest() {
            return 0;
        }

        @Override
        public String unit() {
            return in.symbol();
        }

        @Override
        public Optional<Unit> inUnit() {
            return Optional.of(in);
        }

        @Override
        public boolean isLike(Measure other) {
            return other instanceof Quantities quantities && quantities.in.isLike(in);
        }
    }

    /** Dates and times: their ticks are on the clock and the calendar, and their differences are lengths of time. */
    sealed interface Moments extends Measure {
        @Override
        default double difference(Value value) {
            return length(value).orElseGet(() -> Measure.super.difference(value));
        }

        /** A length of time, whichever way it is given, along the axis; nothing where it is none. */
        default Optional<Double> length(Value value) {
            if (value instanceof Moment.Elapsed elapsed) {
                return Optional.of(elapsed.length().toNanos() / 1e9);
            }
            Unit second = UnitCatalogue.STANDARD.unit("s").orElseThrow();
            return value instanceof Quantity quantity
                            && quantity.unit().isLike(second)
                            && quantity.in(second) instanceof Real number
                    ? Optional.of(finite(number))
                    : Optional.empty();
        }

        @Override
        default Scale covering(double least, double most) {
            return stepping(least, most, Scale.WANTED_TICKS);
        }

        @Override
        default boolean hasRatios() {
            return false;
        }
    }

    /** Days, counted from 1970-01-01. */
    record Dates() implements Moments {
        @Override
        public String kind() {
            return "of dates";
        }

        @Override
        public double place(Value value) {
            return value instanceof Moment.Date date ? date.date().toEpochDay() : Double.NaN;
        }

        @Override
        public Value value(double place) {
            return new Moment.Date(LocalDate.ofEpochDay(Math.round(place)));
        }

        @Override
        public Optional<Double> length(Value value) {
            return Moments.super.length(value).map(seconds -> seconds / SECONDS_OF_DAY);
        }

        @Override
        public Scale stepping(double least, double most, double steps) {
            return Scale.calendar(least, most, steps);
        }
    }

    /** Points in time, in seconds from the beginning of 1970. */
    record DateTimes() implements Moments {
        @Override
        public String kind() {
            return "of points in time";
        }

        @Override
        public double place(Value value) {
            return value instanceof Moment.DateTime at ? at.at().toEpochSecond(ZoneOffset.UTC) : Double.NaN;
        }

        @Override
        public Value value(double place) {
            return new Moment.DateTime(LocalDateTime.ofEpochSecond(Math.round(place), 0, ZoneOffset.UTC));
        }

        @Override
        public Scale stepping(double least, double most, double steps) {
            return Scale.clockAndCalendar(least, most, steps);
        }
    }

    /** Times of the day, in seconds. */
    record Times() implements Moments {
        private static final int LAST = 86_399;

        @Override
        public String kind() {
            return "of times of day";
        }

        @Override
        public double place(Value value) {
            return value instanceof Moment.Time time ? time.time().toSecondOfDay() : Double.NaN;
        }

        @Override
        public Value value(double place) {
            return new Moment.Time(LocalTime.ofSecondOfDay(Math.min(LAST, Math.max(0, Math.round(place)))));
        }

        @Override
        public Scale stepping(double least, double most, double steps) {
            return Scale.clock(least, most, steps, place -> place > LAST ? "24:00" : text(place));
        }
    }

    /** Lengths of time, in seconds. */
    record Durations() implements Moments {
        @Override
        public String kind() {
            return "of lengths of time";
        }

        @Override
        public double place(Value value) {
            return value instanceof Moment.Elapsed elapsed ? elapsed.length().toNanos() / 1e9 : Double.NaN;
        }

        @Override
        public boolean hasRatios() {
            return true;
        }

        @Override
        public Value value(double place) {
            return new Moment.Elapsed(Duration.ofNanos(Math.round(place * 1e9)));
        }

        @Override
        public Scale stepping(double least, double most, double steps) {
            return most - least < steps
                    ? Scale.stepping(least, most, steps).written(this::text)
                    : Scale.clock(least, most, steps, this::text);
        }
    }
}
