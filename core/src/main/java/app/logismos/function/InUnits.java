package app.logismos.function;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.unit.Units;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Works a function of plain numbers out on quantities, by its {@link UnitRule}s: the units are taken off, the numbers
 * calculated, and the result gets its unit.
 */
public final class InUnits {
    private final Function function;
    private final Map<Integer, Unit> units = new HashMap<>();
    private Unit result = Unit.ONE;
    private Real factor = Rational.ONE;

    private InUnits(Function function) {
        this.function = function;
    }

    public static Value call(
            Function function,
            List<UnitRule> rules,
            Arguments given,
            java.util.function.Function<Arguments, Value> code) {
        InUnits inUnits = measured(function, rules, given);
        return inUnits.withUnit(code.apply(given.mapped(inUnits::stripped)));
    }

    /** The working on the numbers of quantities, and what they are measured in. */
    public static String working(
            Function function,
            List<UnitRule> rules,
            Arguments given,
            java.util.function.Function<Arguments, String> shown) {
        InUnits inUnits = measured(function, rules.isEmpty() ? List.of(inOne(function)) : rules, given);
        String text = shown.apply(given.mapped(inUnits::stripped));
        List<String> symbols =
                inUnits.units.values().stream().map(Unit::symbol).distinct().toList();
        return text.isEmpty() || symbols.size() != 1 ? text : text + ", in " + symbols.get(0);
    }

    private static InUnits measured(Function function, List<UnitRule> rules, Arguments given) {
        InUnits inUnits = new InUnits(function);
        for (UnitRule rule : rules) {
            inUnits.measure(rule, given);
        }
        return inUnits;
    }

    /** Functions without rules take all their arguments in one unit. */
    private static UnitRule inOne(Function function) {
        List<String> all = function.parameters().stream().map(Parameter::name).toList();
        return new UnitRule(all, Rational.ONE, UnitRule.OnScale.KEEPS);
    }

    /** Numbers without their common unit. */
    public record Plain(Table table, Unit unit) {}

    /** A table whose quantities are measured in the unit of the first. */
    public static Plain plain(String function, Table table) {
        Unit unit = unitOf(table).orElse(Unit.ONE);
        return unit == Unit.ONE
                ? new Plain(table, unit)
                : new Plain(mapped(table, each -> number(function, each, unit)), unit);
    }

    /** A number with the product of units. */
    public static Value product(Real number, List<Unit> units) {
        Unit unit = Unit.ONE;
        Real factor = Rational.ONE;
        for (Unit each : units) {
            if (each.isScale()) {
                throw scale("product", each);
            }
            Unit.Product product = unit.times(each, Rational.ONE);
            unit = product.unit();
            factor = Algebra.times(factor, product.factor());
        }
        return withUnit(Algebra.times(number, factor), unit);
    }

    private static Value withUnit(Real number, Unit unit) {
        return unit.isDimensionless() && unit.powers().size() != 1
                ? new NumberValue(Algebra.times(number, unit.factor()))
                : new Quantity(number, unit.named());
    }

    private static Arguments.Refused scale(String function, Unit unit) {
        return new Arguments.Refused(Failure.of(
                ErrorCode.WRONG_KIND,
                "`" + unit.symbol() + "` counts on a scale, where `" + function
                        + "` has no meaning. Convert with `to K`, or take differences."));
    }

    private void measure(UnitRule rule, Arguments given) {
        Optional<Unit> found = rule.parameters().stream()
                .flatMap(parameter -> given.values(parameter).stream())
                .flatMap(value -> unitOf(value).stream())
                .findFirst();
        if (found.isEmpty()) {
            return;
        }
        Unit unit = found.get();
        if (unit.isScale() && rule.onScale() == UnitRule.OnScale.REFUSES) {
            throw scale(function.name(), unit);
        }
        Unit common = unit.isScale() && rule.onScale() == UnitRule.OnScale.DIFFERENCES ? Units.KELVIN : unit;
        rule.parameters().forEach(parameter -> units.put(function.indexOf(parameter), common));
        if (rule.exponent().signum() != 0) {
            Unit.Product product = result.times(common, rule.exponent());
            result = product.unit();
            factor = Algebra.times(factor, product.factor());
        }
    }

    private static Optional<Unit> unitOf(Value value) {
        if (value instanceof Quantity quantity) {
            return Optional.of(quantity.unit());
        }
        if (!(value instanceof Table table)) {
            return Optional.empty();
        }
        Unit[] first = new Unit[1];
        table.forEachFilled(each -> {
            if (first[0] == null && each instanceof Quantity quantity) {
                first[0] = quantity.unit();
            }
        });
        return Optional.ofNullable(first[0]);
    }

    private Value stripped(int parameter, Value value) {
        Unit unit = units.get(parameter);
        if (unit == null) {
            return value;
        }
        return value instanceof Table table
                ? mapped(table, each -> number(function.name(), each, unit))
                : number(function.name(), value, unit);
    }

    private static Value number(String function, Value value, Unit unit) {
        if (value instanceof Quantity quantity) {
            if (!quantity.unit().isLike(unit)) {
                throw unlike(
                        function,
                        unit,
                        "`" + quantity.unit().symbol() + "` is "
                                + UnitCatalogue.measures(quantity.unit().dimension()));
            }
            return new NumberValue(Algebra.answer(quantity.in(unit)));
        }
        if (value instanceof NumberValue && !unit.isDimensionless()) {
            throw unlike(function, unit, PlainText.of(value) + " has no unit");
        }
        return value;
    }

    private static Arguments.Refused unlike(String function, Unit unit, String other) {
        return new Arguments.Refused(Failure.of(
                ErrorCode.UNITS_DIFFER,
                "`" + unit.symbol() + "` is " + UnitCatalogue.measures(unit.dimension()) + " and " + other + ". `"
                        + function + "` needs like quantities."));
    }

    private Value withUnit(Value value) {
        if (value instanceof Table table) {
            return mapped(table, this::withUnit);
        }
        if (!(value instanceof NumberValue number)) {
            return value;
        }
        if (result.isScale()) {
            return new Quantity(number.real(), result);
        }
        return withUnit(Algebra.times(number.real(), factor), result);
    }

    private static Table mapped(Table table, UnaryOperator<Value> change) {
        List<Value> values = new ArrayList<>(table.rows() * table.columns());
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                Value value = table.at(row, column);
                values.add(value == Blank.BLANK ? value : change.apply(value));
            }
        }
        return new ArrayTable(table.rows(), table.columns(), values);
    }
}
