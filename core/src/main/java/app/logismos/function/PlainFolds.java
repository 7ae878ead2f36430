package app.logismos.function;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.Algebraic;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.Fold;
import app.logismos.value.Missing;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Numbers;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * Aggregates of numbers in one unit as folds, which growing ranges share. What is gathered is a number, {@link Blank} where
 * nothing is yet, the first failure, or {@link #OTHERS} where there are several units, or dates, too.
 */
public final class PlainFolds {
    /** Stands for values that a fold does not gather. */
    private static final Value OTHERS = Missing.MISSING;

    private static final Fold<Summed> SUM =
            new Fold<>("sum", new Summed(Blank.BLANK, Total.NONE), Summed::plus, Summed::value);
    private static final Fold<Value> COUNT = counting();
    public static final Fold<Value> LEAST = fold("min", Blank.BLANK, (a, b) -> a.compareTo(b) <= 0 ? a : b);
    public static final Fold<Value> GREATEST = fold("max", Blank.BLANK, (a, b) -> a.compareTo(b) >= 0 ? a : b);

    private PlainFolds() {}

    /**
     * What has been added up.
     *
     * @param value what is gathered, as of all folds
     * @param total its number, with more digits than it shows
     */
    private record Summed(Value value, Total total) {
        Summed plus(Value added) {
            return plus(added, () -> Total.of(Numbers.real(added)));
        }

        Summed plus(Summed other) {
            return plus(other.value, () -> other.total);
        }

        private Summed plus(Value added, Supplier<Total> digits) {
            Value last = gathered(value, added, (before, number) -> number);
            if (last == value) {
                return this;
            }
            if (!(last instanceof NumberValue) && !(last instanceof Quantity)) {
                return new Summed(last, Total.NONE);
            }
            Total sum = value == Blank.BLANK ? digits.get() : total.plus(digits.get());
            return new Summed(
                    last instanceof Quantity quantity
                            ? new Quantity(sum.sum(), quantity.unit())
                            : new NumberValue(sum.sum()),
                    sum);
        }
    }

    private static Fold<Value> fold(String name, Value start, BinaryOperator<Real> operation) {
        return new Fold<>(name, start, (gathered, value) -> gathered(gathered, value, operation), value -> value);
    }

    private static Value gathered(Value gathered, Value value, BinaryOperator<Real> operation) {
        if (gathered instanceof Failure || gathered == OTHERS || value instanceof Failure) {
            return value instanceof Failure && !(gathered instanceof Failure) ? value : gathered;
        }
        if (value instanceof Moment || value instanceof Algebraic || value instanceof ComplexValue) {
            return OTHERS;
        }
        if (value instanceof Quantity quantity) {
            return withQuantity(gathered, quantity, operation);
        }
        if (!(value instanceof NumberValue number)) {
            return gathered;
        }
        return gathered == Blank.BLANK
                ? number
                : gathered instanceof NumberValue before
                        ? new NumberValue(operation.apply(before.real(), number.real()))
                        : OTHERS;
    }

    /** Quantities of one unit are gathered as numbers are. */
    private static Value withQuantity(Value gathered, Quantity added, BinaryOperator<Real> operation) {
        if (gathered == Blank.BLANK) {
            return added;
        }
        return gathered instanceof Quantity before && before.unit().equals(added.unit())
                ? new Quantity(operation.apply(before.number(), added.number()), before.unit())
                : OTHERS;
    }

    private static Fold<Value> counting() {
        return new Fold<>(
                "count",
                NumberValue.of(0),
                (gathered, value) -> {
                    if (gathered instanceof Failure || value instanceof Failure) {
                        return gathered instanceof Failure ? gathered : value;
                    }
                    if (gathered == OTHERS || value instanceof Moment) {
                        return OTHERS;
                    }
                    boolean counts =
                            value instanceof NumberValue || value instanceof Quantity || value instanceof ComplexValue;
                    return counts
                            ? new NumberValue(Algebra.plus(((NumberValue) gathered).real(), Rational.ONE))
                            : gathered;
                },
                value -> value);
    }

    /** The sum over all arguments of a repeated parameter, as of {@link #over}. */
    public static Optional<Value> sum(Arguments given, String parameter) {
        return over(given, parameter, SUM, Summed::plus);
    }

    /** How many numbers there are, as of {@link #over}. */
    public static Optional<Value> count(Arguments given, String parameter) {
        return over(given, parameter, COUNT, (a, b) -> {
            boolean isCount = a instanceof NumberValue && b instanceof NumberValue;
            return isCount
                    ? new NumberValue(Algebra.plus(Numbers.real(a), Numbers.real(b)))
                    : a instanceof NumberValue ? b : a;
        });
    }

    /** The least or greatest number, as of {@link #over}. */
    public static Optional<Value> extreme(Arguments given, String parameter, Fold<Value> fold) {
        return over(given, parameter, fold, (a, b) -> fold.add().apply(a, b));
    }

    /**
     * A fold over all arguments of a repeated parameter; blank where there are no numbers, nothing where not all are in
     * one unit and another way must be taken.
     */
    private static <A> Optional<Value> over(Arguments given, String parameter, Fold<A> fold, BinaryOperator<A> join) {
        Function<A, Value> value = fold.value();
        A gathered = fold.start();
        for (Supplier<Value> each : given.each(parameter)) {
            Value argument = each.get();
            boolean isGathered = argument instanceof NumberValue || argument instanceof Quantity;
            if (!isGathered && !(argument instanceof Table)) {
                return Optional.empty();
            }
            A part = argument instanceof Table table
                    ? table.fold(fold)
                    : fold.add().apply(fold.start(), argument);
            if (value.apply(part) instanceof Failure failure) {
                throw new Arguments.Refused(failure);
            }
            gathered = value.apply(part) == Blank.BLANK ? gathered : join.apply(gathered, part);
            if (value.apply(part) == OTHERS || value.apply(gathered) == OTHERS) {
                return Optional.empty();
            }
        }
        return Optional.of(value.apply(gathered));
    }
}
