package app.logismos.evaluate;

import app.logismos.display.Display;
import app.logismos.formula.InfixOperator;
import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.unit.Unit;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Value;
import java.util.Optional;

/** What the operators do where one number is complex (language, section 14). Units are those that 1 with them would have. */
final class ComplexOperators {
    private static final Rational HALF = Rational.of(1, 2);

    private ComplexOperators() {}

    /** The result; nothing where neither is complex, or one is no number, or the operator is not defined for these two. */
    static Optional<Value> apply(InfixOperator operator, Value left, Value right, Operators.Places places) {
        boolean isComplex = left instanceof ComplexValue || right instanceof ComplexValue;
        return isComplex && isNumber(left) && isNumber(right)
                ? applied(operator, complex(left), complex(right), places)
                : Optional.empty();
    }

    private static boolean isNumber(Value value) {
        return value instanceof NumberValue || value instanceof Quantity || value instanceof ComplexValue;
    }

    private static ComplexValue complex(Value value) {
        if (value instanceof ComplexValue complex) {
            return complex;
        }
        return value instanceof Quantity quantity
                ? new ComplexValue(Complex.of(quantity.number()), quantity.unit())
                : ComplexValue.of(Complex.of(((NumberValue) value).real()));
    }

    private static Optional<Value> applied(
            InfixOperator operator, ComplexValue a, ComplexValue b, Operators.Places places) {
        return switch (operator) {
            case PLUS, MINUS -> Optional.of(sum(operator, a, b, places));
            case TIMES ->
                Optional.of(inUnit(
                        a.number().times(b.number()), Quantities.apply(operator, one(a), one(b), places), places));
            case DIVIDE ->
                Optional.of(inUnit(
                        a.number().dividedBy(b.number()), Quantities.apply(operator, one(a), one(b), places), places));
            case POWER -> Optional.of(power(a, b, places));
            case EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST, JOIN, MOD, DIV -> Optional.empty();
        };
    }

    private static Quantity one(ComplexValue value) {
        return new Quantity(Rational.ONE, value.unit());
    }

    private static Value sum(InfixOperator operator, ComplexValue a, ComplexValue b, Operators.Places places) {
        if (!a.unit().isLike(b.unit())) {
            return EvaluationErrors.unitsDiffer(
                    operator,
                    new Quantity(a.number().re(), a.unit()),
                    new Quantity(b.number().re(), b.unit()),
                    places.sign());
        }
        // A dimensionless unit is converted too, so that both count in the left one's.
        Value other = inUnit(b.number(), Optional.of(Quantities.converted(one(b), a.unit(), places.sign())), places);
        if (!(other instanceof ComplexValue alike)) {
            return other;
        }
        Result sum = operator == InfixOperator.PLUS
                ? a.number().plus(alike.number())
                : a.number().minus(alike.number());
        return value(sum, a.unit(), places.sign());
    }

    /** A number times one of another unit, or of none. */
    private static Value inUnit(Result number, Optional<Value> one, Operators.Places places) {
        if (one.orElseThrow() instanceof Quantity quantity) {
            return value(times(number, Complex.of(quantity.number())), quantity.unit(), places.right());
        }
        return one.get() instanceof NumberValue plain
                ? value(times(number, Complex.of(plain.real())), Unit.ONE, places.right())
                : one.get();
    }

    private static Result times(Result number, Complex factor) {
        return number instanceof Complex complex ? complex.times(factor) : number;
    }

    /** A complex number raised to a real one. */
    static Value power(ComplexValue base, Real exponent, Span place) {
        return power(base, ComplexValue.of(Complex.of(exponent)), new Operators.Places(place, place, place));
    }

    static Value root(ComplexValue of, Span place) {
        return power(of, HALF, place);
    }

    private static Value power(ComplexValue base, ComplexValue exponent, Operators.Places places) {
        Span place = places.left().to(places.right());
        if (!exponent.isPlain()) {
            return EvaluationErrors.plainNumberNeeded("^", exponent.unit(), places.right());
        }
        if (base.isPlain()) {
            return value(base.number().power(exponent.number()), Unit.ONE, place);
        }
        if (!exponent.number().isReal()) {
            return EvaluationErrors.exponentOfUnit(base.unit(), place);
        }
        Value unit = Quantities.power(one(base), exponent.number().re(), place);
        return inUnit(base.number().power(exponent.number()), Optional.of(unit), places);
    }

    /** Whether two numbers are equal; nothing where neither is complex, or one is no number. */
    static Optional<Boolean> equal(Value left, Value right) {
        boolean isComplex = left instanceof ComplexValue || right instanceof ComplexValue;
        if (!isComplex || !isNumber(left) || !isNumber(right)) {
            return Optional.empty();
        }
        ComplexValue a = complex(left);
        ComplexValue b = complex(right);
        return Optional.of(a.unit().isLike(b.unit())
                && b.unit().convert(b.number().re(), a.unit()) instanceof Real re
                && b.unit().convert(b.number().im(), a.unit()) instanceof Real im
                && a.number().re().compareTo(re) == 0
                && a.number().im().compareTo(im) == 0);
    }

    /** The principal power of two real numbers. */
    static Value ofReal(Value base, Value exponent, Span place) {
        return value(complex(base).number().power(complex(exponent).number()), Unit.ONE, place);
    }

    /** A failure of real numbers that says what it is in complex ones. */
    static Failure told(Failure none, Value complex, Display display) {
        return complex instanceof ComplexValue
                ? none.withMessage(none.message() + " In complex numbers it is `" + display.text(complex) + "`.")
                : none;
    }

    static Value value(Result result, Unit unit, Span place) {
        return result instanceof Complex number
                ? new ComplexValue(number, unit)
                : EvaluationErrors.undefined((Undefined) result, place);
    }
}
