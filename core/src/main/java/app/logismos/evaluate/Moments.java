package app.logismos.evaluate;

import app.logismos.formula.InfixOperator;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.unit.Units;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * Adding to and subtracting dates, times and durations (language, section 10, "Dates"). To a date a plain number adds
 * days; between two dates lies a quantity in days; a time of day goes round at midnight.
 */
final class Moments {
    private static final BigInteger NANOS = BigInteger.TEN.pow(9);
    private static final Rational SECONDS_OF_DAY = Rational.of(86_400);
    private static final int LAST_YEAR = 9_999;

    private Moments() {}

    /** The result; nothing where the operator is not defined for these two. */
    static Optional<Value> apply(InfixOperator operator, Value left, Value right) {
        return switch (operator) {
            case PLUS ->
                left instanceof Moment moment && !(left instanceof Moment.Elapsed && right instanceof Moment)
                        ? later(moment, right, 1)
                        : right instanceof Moment moment ? later(moment, left, 1) : Optional.empty();
            case MINUS -> minus(left, right);
            case TIMES ->
                left instanceof Moment.Elapsed span
                        ? scaled(span, right, false)
                        : right instanceof Moment.Elapsed span ? scaled(span, left, false) : Optional.empty();
            case DIVIDE -> divided(left, right);
            default -> Optional.empty();
        };
    }

    private static Optional<Value> minus(Value left, Value right) {
        if (left instanceof Moment.Time a && right instanceof Moment.Time b) {
            return Optional.of(new Moment.Elapsed(Duration.between(b.time(), a.time())));
        }
        Optional<LocalDateTime> end = start(left);
        Optional<LocalDateTime> begin = start(right);
        if (end.isPresent() && begin.isPresent()) {
            Real days = (Real) seconds(Duration.between(begin.get(), end.get())).dividedBy(SECONDS_OF_DAY);
            return Optional.of(new Quantity(days, Units.DAY));
        }
        if (left instanceof Quantity && right instanceof Moment.Elapsed span) {
            return later(new Moment.Elapsed(span.length().negated()), left, 1);
        }
        return left instanceof Moment moment ? later(moment, right, -1) : Optional.empty();
    }

    /** The instant of a date, at its midnight, or of a date with time. */
    private static Optional<LocalDateTime> start(Value value) {
        if (value instanceof Moment.Date date) {
            return Optional.of(date.date().atStartOfDay());
        }
        return value instanceof Moment.DateTime dateTime ? Optional.of(dateTime.at()) : Optional.empty();
    }

    private static Optional<Value> later(Moment moment, Value by, int sign) {
        boolean countsDays = moment instanceof Moment.Date || moment instanceof Moment.DateTime;
        Optional<Duration> length = by instanceof NumberValue number && countsDays
                ? number.real().times(SECONDS_OF_DAY) instanceof Real seconds ? duration(seconds) : Optional.empty()
                : length(by);
        if (length.isEmpty()) {
            return isLength(by) || by instanceof NumberValue && countsDays ? Optional.of(tooFar()) : Optional.empty();
        }
        return Optional.of(later(moment, sign < 0 ? length.get().negated() : length.get()));
    }

    private static Value later(Moment moment, Duration by) {
        if (moment instanceof Moment.Time time) {
            return new Moment.Time(time.time().plusNanos(by.toNanosPart()).plusSeconds(by.toSeconds() % 86_400));
        }
        if (moment instanceof Moment.Elapsed span) {
            return new Moment.Elapsed(span.length().plus(by));
        }
        LocalDateTime then = start(moment).orElseThrow().plus(by);
        if (then.getYear() < 1 || then.getYear() > LAST_YEAR) {
            return tooFar();
        }
        boolean isDay = moment instanceof Moment.Date && by.toSeconds() % 86_400 == 0 && by.getNano() == 0;
        return isDay ? new Moment.Date(then.toLocalDate()) : new Moment.DateTime(then);
    }

    private static Optional<Value> divided(Value left, Value right) {
        if (!(left instanceof Moment.Elapsed span)) {
            return Optional.empty();
        }
        if (right instanceof NumberValue) {
            return scaled(span, right, true);
        }
        return length(right)
                .filter(other -> !other.isZero())
                .map(other -> new NumberValue((Real) seconds(span.length()).dividedBy(seconds(other))));
    }

    private static Optional<Value> scaled(Moment.Elapsed span, Value by, boolean inverse) {
        if (!(by instanceof NumberValue number)) {
            return Optional.empty();
        }
        Real seconds = seconds(span.length());
        if (inverse && number.real().signum() == 0) {
            return Optional.of(Failure.of(ErrorCode.DIVIDE_BY_ZERO, "Nothing can be divided by 0."));
        }
        return (inverse ? seconds.dividedBy(number.real()) : seconds.times(number.real())) instanceof Real scaled
                ? Optional.of(duration(scaled).<Value>map(Moment.Elapsed::new).orElseGet(Moments::tooFar))
                : Optional.of(tooFar());
    }

    private static boolean isLength(Value value) {
        return value instanceof Moment.Elapsed
                || value instanceof Quantity quantity
                        && quantity.unit().dimension().equals(Units.SECOND.dimension());
    }

    /** How long a duration or a quantity of time is. */
    private static Optional<Duration> length(Value value) {
        if (value instanceof Moment.Elapsed span) {
            return Optional.of(span.length());
        }
        return isLength(value) && ((Quantity) value).in(Units.SECOND) instanceof Real seconds
                ? duration(seconds)
                : Optional.empty();
    }

    /** To the nearest nanosecond; nothing where it is longer than all the calendar. */
    private static Optional<Duration> duration(Real seconds) {
        if (!(Rounding.places(seconds, 9, RoundingMode.HALF_UP) instanceof Rational rounded)) {
            return Optional.empty();
        }
        BigInteger nanos = rounded.numerator().multiply(NANOS).divide(rounded.denominator());
        BigInteger[] parts = nanos.divideAndRemainder(NANOS);
        return parts[0].bitLength() > 40
                ? Optional.empty()
                : Optional.of(Duration.ofSeconds(parts[0].longValue(), parts[1].longValue()));
    }

    private static Rational seconds(Duration length) {
        BigInteger nanos =
                BigInteger.valueOf(length.getSeconds()).multiply(NANOS).add(BigInteger.valueOf(length.getNano()));
        return Rational.of(nanos, NANOS);
    }

    private static Failure tooFar() {
        return Failure.of(ErrorCode.TOO_LARGE, "Dates go from the year 1 to the year 9999; this is beyond them.");
    }
}
