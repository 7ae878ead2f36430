package app.logismos.evaluate;

import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.InfixOperator;
import app.logismos.function.Shape;
import app.logismos.number.Plain;
import app.logismos.number.Undefined;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.List;

/** The sentences of the evaluation, in one place. */
public final class EvaluationErrors {
    private EvaluationErrors() {}

    static Failure undefined(Undefined why, Span place) {
        return switch (why) {
            case DIVIDE_BY_ZERO ->
                Failure.at(place, ErrorCode.DIVIDE_BY_ZERO, "This divides by 0. Nothing can be divided by 0.");
            case NO_REAL_RESULT -> Failure.at(place, ErrorCode.NO_REAL_RESULT, "No real number is the result of this.");
            case TOO_LARGE ->
                Failure.at(
                        place,
                        ErrorCode.TOO_LARGE,
                        "The result has more than 1,000,000 digits, or is past what is calculated here.");
        };
    }

    static Failure noDerivative(String function, Span place) {
        return Failure.at(
                place,
                ErrorCode.NOT_FOUND,
                "No derivative of `" + function + "` is known here, so this cannot be differentiated by rule.");
    }

    static Failure wrongKind(InfixOperator operator, Value value, Span place) {
        String sign = operator.text().trim();
        String message = operator.isComparison()
                ? "`" + sign + "` compares values of one kind, and this is "
                        + value.kind().one() + "."
                : "`" + sign + "` needs numbers, and this is " + value.kind().one() + ".";
        return Failure.at(place, ErrorCode.WRONG_KIND, message + wayOut(value));
    }

    static Failure noOrder(Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_KIND,
                "Complex numbers have no order: none is more than another. Compare their `abs`, `re` or `im`.");
    }

    static Failure unitsDiffer(InfixOperator operator, Quantity left, Quantity right, Span place) {
        String done = operator.isComparison()
                ? "compared"
                : switch (operator) {
                    case PLUS -> "added";
                    case MINUS -> "subtracted";
                    default -> "divided so";
                };
        return Failure.at(
                place,
                ErrorCode.UNITS_DIFFER,
                capital(called(left)) + " and " + called(right) + ". Only like quantities can be " + done + ".");
    }

    private static String called(Quantity quantity) {
        return quantity.unit().powers().isEmpty()
                ? Plain.abbreviated(quantity.number(), 20) + " has no unit"
                : "`" + quantity.unit().symbol() + "` is " + measured(quantity.unit());
    }

    private static String measured(Unit unit) {
        return UnitCatalogue.measures(unit.dimension());
    }

    private static String capital(String sentence) {
        return Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1);
    }

    static Failure notConvertible(Quantity quantity, Unit unit, Span place) {
        return Failure.at(
                place,
                ErrorCode.UNITS_DIFFER,
                capital(called(quantity)) + " and `" + unit.symbol() + "` is " + measured(unit)
                        + ". Only like quantities can be converted.");
    }

    static Failure scalesAdded(Unit left, Unit right, Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_KIND,
                "`" + left.symbol() + "` and `" + right.symbol()
                        + "` count on a scale, and two places on a scale have no sum. "
                        + "Write the difference in `K`.");
    }

    static Failure scaleMultiplied(Unit scale, Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_KIND,
                "`" + scale.symbol() + "` counts on a scale, and a place on a scale has no multiples or powers. "
                        + "Convert it with `to K`, or write a difference in `K`.");
    }

    static Failure plainNumberNeeded(String sign, Unit unit, Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_KIND,
                "`" + sign + "` needs a plain number here, and this is " + measured(unit) + " in `" + unit.symbol()
                        + "`.");
    }

    static Failure exponentOfUnit(Unit unit, Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_KIND,
                "A quantity in `" + unit.symbol() + "` can be raised to whole numbers and fractions only.");
    }

    static Failure powerOfUnitTooLarge(Span place) {
        return Failure.at(place, ErrorCode.TOO_LARGE, "A unit has powers up to 99 here, and this goes past that.");
    }

    static Failure hasUnit(Unit present, Unit other, Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_KIND,
                "This has the unit `" + present.symbol() + "` already. `to " + other.symbol() + "` converts it.");
    }

    static Failure notANumber(String sign, Value value, Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_KIND,
                "`" + sign + "` needs a number, and this is " + value.kind().one() + "." + wayOut(value));
    }

    private static String wayOut(Value value) {
        return value instanceof Text text ? " `number(\"" + text.text() + "\")` reads a text as a number." : "";
    }

    static Failure shapesDiffer(Table left, Table right, Span place) {
        return Failure.at(
                place,
                ErrorCode.SHAPES_DIFFER,
                "A table of " + Shape.of(left) + " and one of " + Shape.of(right)
                        + " do not fit. They must have the same shape, or be a row and a column.");
    }

    /** Each value of a table would have a table for its result. */
    static Failure tableOfTables(String function, Span place) {
        return Failure.at(
                place,
                ErrorCode.SHAPES_DIFFER,
                "`" + function
                        + "` has a table for each of several values here, and a table holds single values. Give it"
                        + " one value at a time.");
    }

    /** A table past the limit on its size. */
    public static Failure tableTooLarge(long cells, int most, Span place) {
        return Failure.at(
                place,
                ErrorCode.TOO_LARGE,
                "A table of " + cells + " cells is past the " + most + " that are calculated here.");
    }

    static Failure nestedTable(Span place) {
        return Failure.at(place, ErrorCode.WRONG_KIND, "A table holds single values, and this is a table.");
    }

    /** A relative reference that has left the grid. */
    public static Failure outsideGrid(Span place) {
        return Failure.at(place, ErrorCode.MISSING_REFERENCE, "This refers to a cell outside the grid.");
    }

    static Failure notFactorial(String shown, Span place) {
        return Failure.at(
                place, ErrorCode.WRONG_ARGUMENTS, "A factorial needs a whole number of 0 or more, was " + shown + ".");
    }

    static Failure tooManyArguments(String function, int most, int given, Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_ARGUMENTS,
                "`" + function + "` takes " + (most == 0 ? "no" : most) + (most == 1 ? " argument" : " arguments")
                        + ", and here are " + given + ".");
    }

    static Failure missingArgument(String function, String parameter, String says, Span place) {
        return Failure.at(
                place, ErrorCode.WRONG_ARGUMENTS, "`" + function + "` needs `" + parameter + "`: " + says + ".");
    }

    static Failure noSuchArgument(String function, String given, List<String> known, Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_ARGUMENTS,
                "`" + function + "` has no argument `" + given + "`. It has " + String.join(", ", known) + ".");
    }

    static Failure givenTwice(String function, String parameter, Span place) {
        return Failure.at(
                place, ErrorCode.WRONG_ARGUMENTS, "`" + parameter + "` of `" + function + "` is given twice.");
    }

    static Failure unboundVariable(Variable variable) {
        return Failure.at(
                variable.span(),
                ErrorCode.UNKNOWN_NAME,
                "`" + variable.name() + "` has no value here: it stands for many in the call around it.");
    }

    /** What no rule of algebra takes while a letter in it stands for any number. */
    static Failure noRule(Expression node, Variable letter) {
        String part = node instanceof Call call ? "`" + call.function() + "`" : "this part";
        return Failure.at(
                node.span(),
                ErrorCode.NOT_FOUND,
                "No rule of algebra is known for " + part + " while `" + letter.name()
                        + "` stands for any number. Give it a value, a place or limits; then it is worked out in numbers.");
    }

    /** A function that neither the catalogue nor the worksheet has. */
    static Failure unknownFunction(Name name, List<String> near) {
        return Failure.at(
                name.span(),
                ErrorCode.UNKNOWN_FUNCTION,
                "There is no function `" + name.name() + "`."
                        + (near.isEmpty()
                                ? " The guide lists those there are."
                                : " Did you mean `" + near.get(0) + "`?"));
    }

    /** Cells that suppose something of cells that suppose something, too deep. */
    static Failure tooManySuppositions(int most, Span place) {
        return Failure.at(
                place,
                ErrorCode.TOO_LARGE,
                "`with` works through cells that use `with` themselves up to " + most + " deep, and here are more.");
    }

    /** What stands before a colon in {@code with} is neither a name nor a cell. */
    static Failure notSupposed(Span place) {
        return Failure.at(
                place,
                ErrorCode.WRONG_KIND,
                "`with` puts values for names and cells, as in `with(x^2, x: 3)`, and this is neither.");
    }

    /** An equation, or a system of them, that no method here solves. */
    static Failure notSolved(Span place) {
        return Failure.at(
                place,
                ErrorCode.NOT_FOUND,
                "No exact solution is found. Say between which numbers to look, as in `solve(x = cos(x), x, 0, 1)`.");
    }

    /** Brackets behind a name that stands for a value. */
    static Failure notAFunction(Application node, Value value) {
        String says = node.function() instanceof Name name
                ? "`" + name.name() + "` is " + value.kind().one() + " and no function. To multiply, write `"
                        + name.name() + "*(…)`."
                : "This is " + value.kind().one() + " and no function.";
        return Failure.at(node.function().span(), ErrorCode.WRONG_KIND, says);
    }

    /** A name that nothing has. */
    public static Failure unknownName(Name name, List<String> near) {
        String says = "Nothing is called `" + name.name() + "` here.";
        return Failure.at(
                name.span(),
                ErrorCode.UNKNOWN_NAME,
                near.isEmpty()
                        ? says + " A text goes between double quotes."
                        : says + " Did you mean `" + near.get(0) + "`?");
    }

    /** A grid that the worksheet does not have. */
    public static Failure unknownGrid(String grid, Span place) {
        return Failure.at(place, ErrorCode.MISSING_REFERENCE, "No grid is called `" + grid + "` here.");
    }

    /** Work that used up its time. */
    public static Failure tookTooLong(Limits limits) {
        return Failure.of(
                ErrorCode.TOOK_TOO_LONG,
                "This takes longer than " + limits.time().toSeconds() + " seconds, and was stopped.");
    }

    /** Work that needed more memory than there is for one calculation. */
    public static Failure tooMuchMemory() {
        return Failure.of(ErrorCode.TOO_LARGE, "This needs more memory than one calculation may use, and was stopped.");
    }

    /** A table that has no room to be laid out. */
    public static Failure noRoom(String wanted, String taken) {
        return Failure.of(
                ErrorCode.NO_ROOM,
                "This table needs " + wanted + ", and " + taken + " is not free. Clear it, or move the formula.");
    }

    /** A cell that depends on itself. */
    public static Failure circular(List<String> circle) {
        return Failure.of(
                ErrorCode.CIRCULAR,
                "This goes round in a circle: " + String.join(" → ", circle) + " → " + circle.get(0)
                        + ". Change one of these cells.");
    }
}
