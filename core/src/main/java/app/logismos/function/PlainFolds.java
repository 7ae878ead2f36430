package app.logismos.function;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.Fold;
import app.logismos.value.Missing;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.function.Supplier;

/**
 * Aggregates of numbers in one unit as folds, which growing ranges share. What is gathered is a number, {@link Blank} where
 * nothing is yet, the first failure, or {@link #OTHERS} where there are several units, or dates, too.
 */
final class PlainFolds {
    /** Stands for values that a fold does not gather. */
    private static final Value OTHERS = Missing.MISSING;

    static final Fold<Value> SUM =
            fold("sum", Blank.BLANK, (a, b) -> a.plus(b) instanceof Real sum ? sum : refused(a.plus(b)));
    static final Fold<Value> COUNT = counting();
    static final Fold<Value> LEAST = fold("min", Blank.BLANK, (a, b) -> a.compareTo(b) <= 0 ? a : b);
    static final Fold<Value> GREATEST = fold("max", Blank.BLANK, (a, b) -> a.compareTo(b) >= 0 ? a : b);

    private PlainFolds() {}

    private static Real refused(Result result) {
        return Algebra.answer(result);
    }

    private static Fold<Value> fold(String name, Value start, BinaryOperator<Real> operation) {
        return new Fold<>(name, start, (gathered, value) -> {
            if (gathered instanceof Failure || gathered == OTHERS || value instanceof Failure) {
                return value instanceof Failure && !(gathered instanceof Failure) ? value : gathered;
            }
            if (value instanceof Moment) {
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
        });
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
        return new Fold<>("count", NumberValue.of(0), (gathered, value) -> {
            if (gathered instanceof Failure || value instanceof Failure) {
                return gathered instanceof Failure ? gathered : value;
            }
            if (gathered == OTHERS || value instanceof Moment) {
                return OTHERS;
            }
            return value instanceof NumberValue || value instanceof Quantity
                    ? new NumberValue(Algebra.plus(((NumberValue) gathered).real(), Rational.ONE))
                    : gathered;
        });
    }

    /**
     * The fold over all arguments of a repeated parameter; blank where there are no numbers, nothing where not all are
     * in one unit and another way must be taken.
     */
    static Optional<Value> over(Arguments given, String parameter, Fold<Value> fold) {
        Value gathered = fold.start();
        for (Supplier<Value> each : given.each(parameter)) {
            Value value = each.get();
            if (!(value instanceof NumberValue) && !(value instanceof Quantity) && !(value instanceof Table)) {
                return Optional.empty();
            }
            Value part =
                    value instanceof Table table ? table.fold(fold) : fold.add().apply(fold.start(), value);
            if (part instanceof Failure failure) {
                throw new Arguments.Refused(failure);
            }
            if (part == OTHERS) {
                return Optional.empty();
            }
            gathered = joined(gathered, part, fold);
            if (gathered == OTHERS) {
                return Optional.empty();
            }
        }
        return Optional.of(gathered);
    }

    /** Counts add up; the others gather what has been gathered. */
    private static Value joined(Value a, Value b, Fold<Value> fold) {
        if (b == Blank.BLANK) {
            return a;
        }
        return fold == COUNT ? SUM.add().apply(a, b) : fold.add().apply(a, b);
    }
}
