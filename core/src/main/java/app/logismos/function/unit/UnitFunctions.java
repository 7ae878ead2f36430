package app.logismos.function.unit;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.TEXT;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.List;

/** Units of quantities. */
public final class UnitFunctions {
    public static final List<Function> ALL = List.of(
            function("convert", Category.UNITS)
                    .says("A number in one unit, converted to another; `to` does the same inside a formula.")
                    .argument("x", ANY, "a plain number, or a quantity like the first unit")
                    .argument("from", TEXT, "the unit it is in, like \"lb\"")
                    .argument("to", TEXT, "the unit wanted")
                    .example("convert(1, \"lb\", \"g\")", "(45359237/100000) g")
                    .example("convert(68, \"°F\", \"°C\")", "20 °C")
                    .refuses("convert(1, \"lb\", \"m\")", ErrorCode.UNITS_DIFFER)
                    .refuses("convert(1, \"lbx\", \"g\")", ErrorCode.UNKNOWN_UNIT)
                    .related("magnitude", "unitof")
                    .answers(UnitFunctions::converted),
            function("magnitude", Category.UNITS)
                    .says("The number of a quantity, without its unit.")
                    .argument("x", ANY, "a quantity, or a plain number")
                    .example("magnitude(3.5 kg)", "7/2")
                    .example("magnitude(2 km to m)", "2000")
                    .refuses("magnitude(\"3\")", ErrorCode.WRONG_KIND)
                    .related("unitof", "convert")
                    .answers(given -> new NumberValue(quantity(given, "x").number())),
            function("unitof", Category.UNITS)
                    .says("The unit of a quantity as a text; empty for a plain number.")
                    .argument("x", ANY, "a quantity, or a plain number")
                    .example("unitof(60 km/h)", "\"km/h\"")
                    .example("unitof(3)", "\"\"")
                    .refuses("unitof(\"3\")", ErrorCode.WRONG_KIND)
                    .related("magnitude", "convert")
                    .answers(given -> new Text(quantity(given, "x").unit().symbol())));

    private UnitFunctions() {}

    private static Quantity quantity(Arguments given, String parameter) {
        Value value = given.value(parameter);
        if (value instanceof Quantity quantity) {
            return quantity;
        }
        if (value instanceof NumberValue || value == Blank.BLANK) {
            return new Quantity(value instanceof NumberValue number ? number.real() : Rational.ZERO, Unit.ONE);
        }
        throw given.wrongKind(parameter, value);
    }

    private static Value converted(Arguments given) {
        Quantity x = quantity(given, "x");
        Unit from = unit(given, "from");
        Unit to = unit(given, "to");
        Quantity quantity = x.unit().powers().isEmpty() ? new Quantity(x.number(), from) : x;
        if (quantity.unit().isReciprocal(to) && quantity.number().signum() != 0) {
            return new Quantity(Algebra.answer(quantity.unit().reciprocal(quantity.number(), to)), to);
        }
        if (!quantity.unit().isLike(from) || !quantity.unit().isLike(to)) {
            Unit other = quantity.unit().isLike(from) ? to : from;
            return Failure.of(
                    ErrorCode.UNITS_DIFFER,
                    "`" + quantity.unit().symbol() + "` is "
                            + UnitCatalogue.measures(quantity.unit().dimension()) + " and `" + other.symbol() + "` is "
                            + UnitCatalogue.measures(other.dimension()) + ". Only like quantities can be converted.");
        }
        return quantity.in(to) instanceof Real number
                ? new Quantity(number, to)
                : Failure.of(ErrorCode.TOO_LARGE, "The result of `convert` is past what is calculated here.");
    }

    private static Unit unit(Arguments given, String parameter) {
        String text = given.text(parameter);
        UnitCatalogue units = given.surroundings().units();
        return units.unit(text)
                .orElseThrow(() -> given.refused(parameter, ErrorCode.UNKNOWN_UNIT, units.unknown(text)));
    }
}
