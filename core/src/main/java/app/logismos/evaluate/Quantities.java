package app.logismos.evaluate;

import app.logismos.formula.InfixOperator;
import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.unit.Unit;
import app.logismos.unit.Units;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Value;
import java.time.Duration;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Arithmetic of numbers with units (language, section 5). A temperature on a scale is no multiple of anything: only
 * differences are added to it, and the difference of two is in kelvins.
 */
final class Quantities {
    private static final Rational LARGEST_EXPONENT = Rational.of(99);
    private static final Rational NANO = Rational.of(1, 1_000_000_000);

    private Quantities() {}

    /**
     * The commonest cases, for which nothing about units has to be worked out: sums in one unit, and multiples. Null for
     * all else, failures included.
     */
    static @Nullable Value inOneUnit(InfixOperator operator, Value left, Value right) {
        boolean areNumbers = (left instanceof Quantity || left instanceof NumberValue)
                && (right instanceof Quantity || right instanceof NumberValue);
        if (!areNumbers || left instanceof NumberValue && right instanceof NumberValue) {
            return null;
        }
        Quantity a = quantity(left);
        Quantity b = quantity(right);
        @Nullable Unit unit = commonUnit(operator, a.unit(), b.unit());
        return unit != null && Operators.plain(operator, a.number(), b.number()) instanceof Real real
                ? new Quantity(real, unit)
                : null;
    }

    /** The unit of the outcome in these cases; {@link Unit#ONE} is that of plain numbers. Null in all others. */
    static @Nullable Unit commonUnit(InfixOperator operator, Unit left, Unit right) {
        if (left.isScale() || right.isScale()) {
            return null;
        }
        return switch (operator) {
            case PLUS, MINUS -> left == right ? left : null;
            case TIMES -> left == Unit.ONE ? right : right == Unit.ONE ? left : null;
            case DIVIDE -> right == Unit.ONE ? left : null;
            case MOD, DIV, POWER, EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST, JOIN -> null;
        };
    }

    /** The result; nothing where the operator is not defined for these two. */
    static Optional<Value> apply(InfixOperator operator, Value left, Value right, Operators.Places places) {
        if (!(left instanceof Quantity) && !(right instanceof Quantity)
                || !(left instanceof Quantity || left instanceof NumberValue)
                || !(right instanceof Quantity || right instanceof NumberValue)) {
            return Optional.empty();
        }
        Quantity a = quantity(left);
        Quantity b = quantity(right);
        return switch (operator) {
            case PLUS -> Optional.of(sum(a, b, places));
            case MINUS -> Optional.of(difference(a, b, places));
            case TIMES -> Optional.of(product(a, b, Rational.ONE, places));
            case DIVIDE -> Optional.of(product(a, b, Rational.of(-1), places));
            case MOD -> Optional.of(remainder(operator, a, b, places));
            case DIV -> Optional.of(remainder(operator, a, b, places));
            case POWER -> Optional.of(power(a, b, places));
            case EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST, JOIN -> Optional.empty();
        };
    }

    /** A plain number as a quantity without a unit. */
    static Quantity quantity(Value value) {
        return value instanceof Quantity quantity ? quantity : new Quantity(((NumberValue) value).real(), Unit.ONE);
    }

    /** An empty cell beside a quantity is none of it. */
    static Value none(Quantity other) {
        return new Quantity(Rational.ZERO, other.unit().isScale() ? Units.KELVIN : other.unit());
    }

    private static Value sum(Quantity a, Quantity b, Operators.Places places) {
        if (!a.isLike(b)) {
            return EvaluationErrors.unitsDiffer(InfixOperator.PLUS, a, b, places.sign());
        }
        if (a.unit().isScale() && b.unit().isScale()) {
            return EvaluationErrors.scalesAdded(a.unit(), b.unit(), places.sign());
        }
        return b.unit().isScale() && !a.unit().isScale()
                ? stepped(b, a, Rational.ONE, places)
                : stepped(a, b, Rational.ONE, places);
    }

    private static Value difference(Quantity a, Quantity b, Operators.Places places) {
        if (!a.isLike(b)) {
            return EvaluationErrors.unitsDiffer(InfixOperator.MINUS, a, b, places.sign());
        }
        if (!b.unit().isScale()) {
            return stepped(a, b, Rational.of(-1), places);
        }
        Unit steps = a.unit().isScale() ? Units.KELVIN : a.unit();
        return a.in(steps) instanceof Real from && b.in(steps) instanceof Real to
                ? value(from.minus(to), steps, places.sign())
                : EvaluationErrors.undefined(Undefined.TOO_LARGE, places.sign());
    }

    /** The first plus or minus the second, in the first one's unit; the second is a difference. */
    private static Value stepped(Quantity a, Quantity b, Rational sign, Operators.Places places) {
        Result steps = a.unit().isScale()
                ? b.number().times(b.unit().factor()) instanceof Real coherent
                        ? coherent.dividedBy(a.unit().factor())
                        : Undefined.TOO_LARGE
                : b.in(a.unit());
        return steps instanceof Real real
                ? value(sign.signum() < 0 ? a.number().minus(real) : a.number().plus(real), a.unit(), places.sign())
                : EvaluationErrors.undefined((Undefined) steps, places.sign());
    }

    private static Value product(Quantity a, Quantity b, Rational power, Operators.Places places) {
        if (a.unit().isScale() || b.unit().isScale()) {
            Quantity scale = a.unit().isScale() ? a : b;
            return EvaluationErrors.scaleMultiplied(scale.unit(), a.unit().isScale() ? places.left() : places.right());
        }
        if (power.signum() < 0 && b.number().signum() == 0) {
            return EvaluationErrors.undefined(Undefined.DIVIDE_BY_ZERO, places.right());
        }
        Quantity left = b.unit().isDimensionless() || a.unit() == Unit.ONE ? a : bare(a);
        Quantity right = a.unit().isDimensionless() || b.unit() == Unit.ONE ? b : bare(b);
        Unit.Product units = left.unit().times(right.unit(), power);
        Result number = power.signum() < 0
                ? left.number().dividedBy(right.number())
                : left.number().times(right.number());
        Result scaled =
                number instanceof Real real && units.factor() != Rational.ONE ? real.times(units.factor()) : number;
        return value(scaled, settled(units.unit()), places.right());
    }

    /** A dimensionless unit counts as the number it is beside one that has a dimension: 180° of a metre is π metres. */
    private static Quantity bare(Quantity quantity) {
        return quantity.unit().isDimensionless()
                        && quantity.number().times(quantity.unit().factor()) instanceof Real number
                ? new Quantity(number, Unit.ONE)
                : quantity;
    }

    private static Unit settled(Unit unit) {
        return unit.powers().size() <= 1 && unit.isDimensionless() ? unit : unit.named();
    }

    private static Value remainder(InfixOperator operator, Quantity a, Quantity b, Operators.Places places) {
        if (!a.isLike(b)) {
            return EvaluationErrors.unitsDiffer(operator, a, b, places.sign());
        }
        if (a.unit().isScale() || b.unit().isScale()) {
            Unit scale = a.unit().isScale() ? a.unit() : b.unit();
            return EvaluationErrors.scaleMultiplied(scale, places.left());
        }
        if (!(b.in(a.unit()) instanceof Real divisor)) {
            return EvaluationErrors.undefined(Undefined.TOO_LARGE, places.sign());
        }
        return operator == InfixOperator.MOD
                ? value(a.number().modulo(divisor), a.unit(), places.right())
                : value(a.number().floorDividedBy(divisor), Unit.ONE, places.right());
    }

    private static Value power(Quantity base, Quantity exponent, Operators.Places places) {
        Quantity plain = bare(exponent);
        if (!plain.unit().isDimensionless()) {
            return EvaluationErrors.plainNumberNeeded("^", exponent.unit(), places.right());
        }
        return power(base, plain.number(), places.left().to(places.right()));
    }

    /** A quantity raised to a plain number, which must be a fraction where there is a dimension. */
    static Value power(Quantity base, Real exponent, Span place) {
        Quantity under = bare(base);
        if (under.unit().isDimensionless()) {
            return value(under.number().power(exponent), Unit.ONE, place);
        }
        if (under.unit().isScale()) {
            return EvaluationErrors.scaleMultiplied(under.unit(), place);
        }
        if (!(exponent instanceof Rational fraction)) {
            return EvaluationErrors.exponentOfUnit(under.unit(), place);
        }
        return value(
                under.number().power(fraction),
                fraction.abs().compareTo(LARGEST_EXPONENT) > 0
                        ? under.unit()
                        : under.unit().power(fraction).named(),
                place,
                fraction);
    }

    private static Value value(Result number, Unit unit, Span place, Rational exponent) {
        return exponent.abs().compareTo(LARGEST_EXPONENT) > 0
                ? EvaluationErrors.powerOfUnitTooLarge(place)
                : value(number, unit, place);
    }

    /** A number in a unit; where the units cancel, a plain number. */
    private static Value value(Result number, Unit unit, Span place) {
        if (!(number instanceof Real real)) {
            return EvaluationErrors.undefined((Undefined) number, place);
        }
        if (unit.powers().isEmpty()) {
            return new NumberValue(real);
        }
        boolean isMixed = unit.isDimensionless() && unit.powers().size() > 1;
        if (isMixed
                || unit.isDimensionless() && !unit.powers().get(0).exponent().equals(Rational.ONE)) {
            return real.times(unit.factor()) instanceof Real bare
                    ? new NumberValue(bare)
                    : EvaluationErrors.undefined(Undefined.TOO_LARGE, place);
        }
        boolean isHigh =
                unit.powers().stream().anyMatch(each -> each.exponent().abs().compareTo(LARGEST_EXPONENT) > 0);
        return isHigh ? EvaluationErrors.powerOfUnitTooLarge(place) : new Quantity(real, unit);
    }

    /** A number given a unit. */
    static Value withUnit(Value value, Unit unit, Span place) {
        if (value == Blank.BLANK) {
            return new Quantity(Rational.ZERO, unit);
        }
        if (value instanceof NumberValue number) {
            return new Quantity(number.real(), unit);
        }
        if (value instanceof ComplexValue complex && complex.isPlain()) {
            return new ComplexValue(complex.number(), unit);
        }
        return value instanceof Quantity quantity
                ? EvaluationErrors.hasUnit(quantity.unit(), unit, place)
                : EvaluationErrors.notANumber(unit.symbol(), value, place);
    }

    /** A quantity converted to a unit. */
    static Value converted(Value value, Unit unit, Span place) {
        if (value instanceof Moment.Elapsed span && unit.isLike(Units.SECOND)) {
            return converted(new Quantity(seconds(span.length()), Units.SECOND), unit, place);
        }
        if (value instanceof ComplexValue complex && complex.unit().isLike(unit)) {
            return complex.unit().convert(complex.number().re(), unit) instanceof Real re
                            && complex.unit().convert(complex.number().im(), unit) instanceof Real im
                    ? new ComplexValue(new Complex(re, im), unit)
                    : EvaluationErrors.undefined(Undefined.TOO_LARGE, place);
        }
        Value given = value == Blank.BLANK ? new NumberValue(Rational.ZERO) : value;
        if (!(given instanceof Quantity) && !(given instanceof NumberValue)) {
            return EvaluationErrors.notANumber("to", value, place);
        }
        Quantity quantity = quantity(given);
        if (quantity.unit().isReciprocal(unit)) {
            return quantity.number().signum() == 0
                    ? EvaluationErrors.undefined(Undefined.DIVIDE_BY_ZERO, place)
                    : value(quantity.unit().reciprocal(quantity.number(), unit), unit, place);
        }
        if (!quantity.unit().isLike(unit)) {
            return EvaluationErrors.notConvertible(quantity, unit, place);
        }
        return quantity.in(unit) instanceof Real number
                ? new Quantity(number, unit)
                : EvaluationErrors.undefined(Undefined.TOO_LARGE, place);
    }

    private static Real seconds(Duration length) {
        return (Real) Rational.of(length.getSeconds())
                .plus((Real) Rational.of(length.getNano()).times(NANO));
    }

    /** A dimensionless quantity as the plain number it is; all others as they are. */
    static Value plain(Value value) {
        if (!(value instanceof Quantity quantity) || !quantity.unit().isDimensionless()) {
            return value;
        }
        Result number = quantity.number().times(quantity.unit().factor());
        return number instanceof Real real
                ? new NumberValue(real)
                : Failure.of(app.logismos.value.ErrorCode.TOO_LARGE, "This number is past what is calculated here.");
    }
}
