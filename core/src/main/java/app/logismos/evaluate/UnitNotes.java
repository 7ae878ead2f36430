package app.logismos.evaluate;

import app.logismos.display.Automatic;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Infix;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The factors that a step converts with: {@code 1 lb = 0.45359237 kg} (language, section 9). */
final class UnitNotes {
    /** Exact factors have up to 20 digits. */
    private static final int LONG_DIGITS = 24;

    private UnitNotes() {}

    /** What the working of a node converts; nothing where it converts nothing. */
    static Optional<String> of(Expression node, Evaluator evaluator) {
        if (node instanceof Conversion conversion
                && evaluator.value(conversion.operand()) instanceof Quantity quantity) {
            return of(quantity, conversion.unit());
        }
        if (node instanceof Call call && call.function().equalsIgnoreCase("convert")) {
            return ofConvert(call, evaluator);
        }
        if (node instanceof Call call) {
            return ofArguments(call, evaluator);
        }
        if (node instanceof Infix infix) {
            Value left = evaluator.value(infix.left());
            Value right = evaluator.value(infix.right());
            return left instanceof Quantity a && right instanceof Quantity b ? of(infix, a, b) : Optional.empty();
        }
        return Optional.empty();
    }

    /** The factors between the first unit among the arguments and others of its dimension. */
    private static Optional<String> ofArguments(Call call, Evaluator evaluator) {
        Set<Unit> units = new LinkedHashSet<>();
        call.arguments().stream()
                .map(Argument::value)
                .flatMap(Optional::stream)
                .filter(argument -> !(argument instanceof Call))
                .map(evaluator::value)
                .forEach(value -> noteUnits(value, units));
        Unit first = units.stream().findFirst().orElse(Unit.ONE);
        return units.stream()
                .filter(unit -> unit.isLike(first))
                .flatMap(unit -> of(new Quantity(Rational.ONE, unit), first).stream())
                .reduce((a, b) -> a + ", " + b);
    }

    private static void noteUnits(Value value, Set<Unit> units) {
        if (value instanceof Quantity quantity) {
            units.add(quantity.unit());
        } else if (value instanceof Table table) {
            table.forEachFilled(each -> noteUnits(each, units));
        }
    }

    /** {@code convert(x, from, to)}, where a plain x is in the first unit. */
    private static Optional<String> ofConvert(Call call, Evaluator evaluator) {
        List<Value> values = call.arguments().stream()
                .map(Argument::value)
                .flatMap(Optional::stream)
                .map(evaluator::value)
                .toList();
        if (values.size() != 3 || !(values.get(1) instanceof Text from) || !(values.get(2) instanceof Text to)) {
            return Optional.empty();
        }
        UnitCatalogue units = evaluator.surroundings().units();
        Optional<Unit> given =
                values.get(0) instanceof Quantity quantity ? Optional.of(quantity.unit()) : units.unit(from.text());
        return given.flatMap(unit ->
                units.unit(to.text()).flatMap(wanted -> of(new Quantity(Rational.ONE, unit), wanted)));
    }

    private static Optional<String> of(Infix node, Quantity a, Quantity b) {
        return switch (node.operator()) {
            case TIMES -> merged(a.unit(), b.unit(), Rational.ONE);
            case DIVIDE -> merged(a.unit(), b.unit(), Rational.of(-1));
            case POWER, JOIN -> Optional.empty();
            default -> a.isLike(b) && !a.unit().isScale() ? of(b, a.unit()) : Optional.empty();
        };
    }

    private static Optional<String> of(Quantity quantity, Unit to) {
        Unit from = quantity.unit();
        if (from.equals(to) || from.powers().isEmpty()) {
            return Optional.empty();
        }
        if (from.isReciprocal(to)) {
            return Optional.of("1 " + from + " and 1 " + to + " are the reciprocals of each other, times "
                    + (from.reciprocal(Rational.ONE, to) instanceof Real factor ? text(factor) : ""));
        }
        if (!from.isLike(to)) {
            return Optional.empty();
        }
        return Optional.of(
                from.isScale() || to.isScale()
                        ? scales(from, to)
                        : parts(from, to).orElse(factor(from, to)));
    }

    /** Of products the factors of their parts, where each has its like: {@code EUR/lb} and {@code EUR/kg}. */
    private static Optional<String> parts(Unit from, Unit to) {
        if (from.powers().size() != to.powers().size() || from.powers().size() < 2) {
            return Optional.empty();
        }
        List<String> factors = new ArrayList<>();
        for (int i = 0; i < from.powers().size(); i++) {
            Unit.Power a = from.powers().get(i);
            Unit.Power b = to.powers().get(i);
            if (!a.exponent().equals(b.exponent())
                    || !a.atom().dimension().equals(b.atom().dimension())) {
                return Optional.empty();
            }
            if (!a.atom().equals(b.atom())) {
                factors.add(factor(Unit.of(a.atom()), Unit.of(b.atom())));
            }
        }
        return Optional.of(String.join(", ", factors));
    }

    private static String factor(Unit from, Unit to) {
        Real one = (Real) from.convert(Rational.ONE, to);
        return "1 " + from + (one.isExact() ? " = " : " ≈ ") + to.behind(text(one));
    }

    /** As the definition of a scale has it: (98.6 + 459.67) × 5/9 − 273.15. */
    private static String scales(Unit from, Unit to) {
        Real zero = (Real) from.convert(Rational.ZERO, to);
        Real step = (Real) ((Real) from.convert(Rational.ONE, to)).minus(zero);
        String steps = step.equals(Rational.ONE) ? "x" : "x × " + text(step);
        String shift = zero.signum() == 0 ? "" : (zero.signum() < 0 ? " − " : " + ") + text(zero.abs());
        return "x " + from + " = (" + steps + shift + ") " + to;
    }

    /** The short forms that are spelled out, and the units of the second that are merged into those of the first. */
    private static Optional<String> merged(Unit a, Unit b, Rational power) {
        List<String> factors = new ArrayList<>();
        Unit left = spelledOut(a, b, power, factors);
        Unit right = spelledOut(b, a, power, factors);
        for (Unit.Power merged : right.powers()) {
            for (Unit.Power first : left.powers()) {
                boolean isLike = first.atom().dimension().equals(merged.atom().dimension())
                        && !first.atom().equals(merged.atom())
                        && !first.atom().dimension().isNone();
                if (isLike) {
                    factors.add(factor(Unit.of(merged.atom()), Unit.of(first.atom())));
                }
            }
        }
        return factors.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", factors));
    }

    private static Unit spelledOut(Unit unit, Unit other, Rational power, List<String> factors) {
        Unit spelled = unit.spelledOut(other, power).unit();
        if (!spelled.equals(unit)) {
            factors.add(factor(unit, spelled));
        }
        return spelled;
    }

    private static String text(Real number) {
        return number instanceof Rational fraction && !fraction.isInteger()
                ? Plain.decimal(fraction, LONG_DIGITS).orElseGet(() -> shortened(fraction))
                : Plain.abbreviated(number, LONG_DIGITS);
    }

    /** What does not end is a fraction, or where that is long, its first digits. */
    private static String shortened(Rational fraction) {
        String parts = Plain.text(fraction);
        return parts.length() <= LONG_DIGITS ? parts : Automatic.STYLE.text(fraction) + "…";
    }
}
