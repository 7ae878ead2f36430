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
 * Aggregates of plain numbers as folds, which growing ranges share. What is gathered is a number, {@link Blank} where
 * nothing is yet, the first failure, or {@link #OTHERS} where there are quantities or dates, too.
 */
final class PlainFolds {
    /** Stands for values that a plain fold does not gather. */
    private static final Value OTHERS = Missing.MISSING;

    static final Fold<Value> SUM =
            fold("sum", NumberValue.of(0), (a, b) -> a.plus(b) instanceof Real sum ? sum : refused(a.plus(b)));
    static final Fold<Value> COUNT = fold("count", NumberValue.of(0), (a, b) -> Algebra.plus(a, Rational.ONE));
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
            if (value instanceof Quantity || value instanceof Moment) {
                return OTHERS;
            }
            if (!(value instanceof NumberValue number)) {
                return gathered;
            }
            return gathered instanceof NumberValue before
                    ? new NumberValue(operation.apply(before.real(), number.real()))
                    : number;
        });
    }

    /**
     * The fold over all arguments of a repeated parameter; blank where there are no numbers, nothing where not all are
     * plain and another way must be taken.
     */
    static Optional<Value> over(Arguments given, String parameter, Fold<Value> fold) {
        Value gathered = fold.start();
        for (Supplier<Value> each : given.each(parameter)) {
            Value value = each.get();
            if (!(value instanceof NumberValue) && !(value instanceof Table)) {
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
