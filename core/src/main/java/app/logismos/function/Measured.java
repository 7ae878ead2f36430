package app.logismos.function;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.unit.Unit;
import app.logismos.unit.Units;
import app.logismos.value.Kind;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * Values of one kind as numbers, and the way back: plain numbers as they are, quantities in the unit of the first, dates
 * and times in seconds since a fixed one.
 *
 * @param numbers at least one
 * @param back the value that a number of this kind stands for
 */
public record Measured(List<Real> numbers, Function<Real, Value> back) {
    private static final BigInteger NANOS = BigInteger.TEN.pow(9);

    public static boolean isMeasured(Value value) {
        return value instanceof NumberValue || value instanceof Quantity || value instanceof Moment;
    }

    /** All of the kind of the first; {@code refusal} says what is wrong with one that is not. */
    public static Measured of(List<Value> values, Function<Value, Arguments.Refused> refusal) {
        Value first = values.get(0);
        List<Real> numbers = new ArrayList<>(values.size());
        for (Value value : values) {
            if (value.kind() != first.kind()) {
                throw refusal.apply(value);
            }
            numbers.add(number(value, first, refusal));
        }
        return new Measured(numbers, number -> value(number, first));
    }

    /** A value made of the numbers, of their kind. */
    public Value made(Function<List<Real>, Real> from) {
        return back.apply(from.apply(numbers));
    }

    private static Real number(Value value, Value first, Function<Value, Arguments.Refused> refusal) {
        if (value instanceof NumberValue number) {
            return number.real();
        }
        if (value instanceof Quantity quantity) {
            if (!quantity.isLike((Quantity) first)) {
                throw refusal.apply(value);
            }
            return Algebra.answer(quantity.in(((Quantity) first).unit()));
        }
        return seconds((Moment) value);
    }

    private static Rational seconds(Moment moment) {
        if (moment instanceof Moment.Date date) {
            return Rational.of(date.date().toEpochDay() * 86_400);
        }
        if (moment instanceof Moment.DateTime dateTime) {
            return exact(
                    dateTime.at().toEpochSecond(ZoneOffset.UTC), dateTime.at().getNano());
        }
        if (moment instanceof Moment.Time time) {
            return exact(time.time().toSecondOfDay(), time.time().getNano());
        }
        Duration length = ((Moment.Elapsed) moment).length();
        return exact(length.getSeconds(), length.getNano());
    }

    private static Rational exact(long seconds, int nanos) {
        return Rational.of(BigInteger.valueOf(seconds).multiply(NANOS).add(BigInteger.valueOf(nanos)), NANOS);
    }

    private static Value value(Real number, Value first) {
        if (first instanceof NumberValue) {
            return new NumberValue(number);
        }
        if (first instanceof Quantity quantity) {
            return new Quantity(number, quantity.unit());
        }
        Rational rounded = (Rational) Rounding.places(number, 9, RoundingMode.HALF_UP);
        long seconds = rounded.floor().longValueExact();
        int nanos = ((Rational) rounded.minus(Rational.of(seconds)))
                .numerator()
                .multiply(NANOS)
                .divide(rounded.denominator())
                .intValueExact();
        return switch (first.kind()) {
            case TIME -> new Moment.Time(LocalTime.ofSecondOfDay(seconds).withNano(nanos));
            case DURATION -> new Moment.Elapsed(Duration.ofSeconds(seconds, nanos));
            default ->
                first.kind() == Kind.DATE && seconds % 86_400 == 0 && nanos == 0
                        ? new Moment.Date(LocalDate.ofEpochDay(Math.floorDiv(seconds, 86_400L)))
                        : new Moment.DateTime(LocalDateTime.ofEpochSecond(seconds, nanos, ZoneOffset.UTC));
        };
    }

    /** A difference of two of these: of dates a quantity in days, of times a duration, else of their kind. */
    public Value difference(Real number) {
        Value first = back.apply(numbers.get(0));
        return switch (first.kind()) {
            case DATE, DATETIME -> new Quantity(Algebra.over(number, Rational.of(86_400)), Units.DAY);
            case TIME, DURATION -> value(number, new Moment.Elapsed(Duration.ZERO));
            case QUANTITY -> {
                Unit unit = ((Quantity) first).unit();
                yield unit.isScale()
                        ? new Quantity(Algebra.times(number, unit.factor()), Units.KELVIN)
                        : new Quantity(number, unit);
            }
            default -> back.apply(number);
        };
    }
}
