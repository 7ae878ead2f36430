package app.logismos.evaluate;

import app.logismos.formula.InfixOperator;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.unit.Dimension;
import app.logismos.unit.Unit;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.Optional;

/** Arithmetic of numbers with units (language, section 5). */
final class Quantities {
    private Quantities() {}

    /** The outcome; nothing where the operator says nothing about these two. */
    static Optional<Value> apply(InfixOperator operator, Value left, Value right, Operators.Places places) {
        if (!(left instanceof Quantity) && !(right instanceof Quantity)
                || !(left instanceof Quantity || left instanceof NumberValue)
                || !(right instanceof Quantity || right instanceof NumberValue)) {
            return Optional.empty();
        }
        Quantity a = quantity(left);
        Quantity b = quantity(right);
        return switch (operator) {
            case PLUS, MINUS -> Optional.of(sum(operator, a, b, places));
            case TIMES ->
                Optional.of(scaled(a.number().times(b.number()), a.unit().times(b.unit(), Rational.ONE), places));
            case DIVIDE ->
                Optional.of(
                        scaled(a.number().dividedBy(b.number()), a.unit().times(b.unit(), Rational.of(-1)), places));
            default -> Optional.empty();
        };
    }

    private static Quantity quantity(Value value) {
        return value instanceof Quantity quantity ? quantity : new Quantity(((NumberValue) value).real(), Unit.ONE);
    }

    private static Value sum(InfixOperator operator, Quantity a, Quantity b, Operators.Places places) {
        if (!a.isLike(b)) {
            return EvaluationErrors.unitsDiffer(operator, a, b, places.sign());
        }
        Result other = b.in(a.unit());
        if (!(other instanceof Real addend)) {
            return EvaluationErrors.undefined((Undefined) other, places.sign());
        }
        return scaled(
                operator == InfixOperator.PLUS
                        ? a.number().plus(addend)
                        : a.number().minus(addend),
                a.unit(),
                places);
    }

    /** A number in a unit; where the units cancel, a plain number. */
    private static Value scaled(Result number, Unit unit, Operators.Places places) {
        if (!(number instanceof Real real)) {
            return EvaluationErrors.undefined((Undefined) number, places.right());
        }
        if (!unit.dimension().equals(Dimension.NONE)) {
            return new Quantity(real, unit);
        }
        Result plain = real.times(unit.factor());
        return plain instanceof Real bare
                ? new NumberValue(bare)
                : EvaluationErrors.undefined((Undefined) plain, places.right());
    }
}
