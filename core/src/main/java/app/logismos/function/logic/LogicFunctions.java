package app.logismos.function.logic;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.TRUTHS;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Function.Choice;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Kind;
import app.logismos.value.Table;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.Supplier;

/** Logic. What is not needed is not looked at. */
public final class LogicFunctions {
    public static final List<Function> ALL = List.of(
            function("if", Category.LOGIC)
                    .says("One value where a condition holds, another where it does not; only that one is worked out.")
                    .argument("condition", TRUTH, "true or false, often a comparison")
                    .argument("then", LAZY, "the value where it holds")
                    .optional("otherwise", LAZY, Blank.BLANK, "the value where it does not")
                    .example("if(2 < 3, 10, 20)", "10")
                    .example("if(1 = 2, 1/0, 7)", "7")
                    .refuses("if(1, 2, 3)", ErrorCode.WRONG_KIND)
                    .related("ifs", "pick", "and")
                    .chooses(given -> given.condition("condition")
                            ? Choice.of("then", "the condition is true")
                            : Choice.of("otherwise", "the condition is false")),
            function("ifs", Category.LOGIC)
                    .says("The value behind the first condition that holds.")
                    .repeated(
                            "conditions", LAZY, "a condition and its value, another condition and its value, and so on")
                    .example("ifs(1 > 2, 10, 2 > 1, 20)", "20")
                    .example("ifs(true, 5)", "5")
                    .refuses("ifs(1 > 2, 10)", ErrorCode.NOT_FOUND)
                    .related("if", "pick")
                    .chooses(LogicFunctions::firstThatHolds),
            function("and", Category.LOGIC)
                    .says("Whether all conditions hold.")
                    .repeated("conditions", TRUTHS, "conditions, or tables of them")
                    .example("and(1 < 2, 2 < 3)", "true")
                    .example("and(false, 1/0 = 1)", "false")
                    .refuses("and(true, 1)", ErrorCode.WRONG_KIND)
                    .related("or", "not", "xor")
                    .answers(given -> new Truth(conditions(given, false) < 0)),
            function("or", Category.LOGIC)
                    .says("Whether at least one condition holds.")
                    .repeated("conditions", TRUTHS, "conditions, or tables of them")
                    .example("or(1 > 2, 2 < 3)", "true")
                    .example("or(false, false)", "false")
                    .refuses("or(false, 1)", ErrorCode.WRONG_KIND)
                    .related("and", "not", "xor")
                    .answers(given -> new Truth(conditions(given, true) >= 0)),
            function("not", Category.LOGIC)
                    .says("True for false and false for true.")
                    .argument("condition", TRUTH, "true or false")
                    .example("not(true)", "false")
                    .example("not(1 > 2)", "true")
                    .refuses("not(1)", ErrorCode.WRONG_KIND)
                    .related("and", "or")
                    .answers(given -> new Truth(!given.condition("condition"))),
            function("xor", Category.LOGIC)
                    .says("Whether an odd number of conditions hold.")
                    .repeated("conditions", TRUTHS, "conditions, or tables of them")
                    .example("xor(true, false)", "true")
                    .example("xor(true, true)", "false")
                    .refuses("xor(true, 1)", ErrorCode.WRONG_KIND)
                    .related("and", "or")
                    .answers(given ->
                            new Truth(all(given).stream().filter(each -> each).count() % 2 == 1)),
            function("orelse", Category.LOGIC)
                    .alsoRead("IFERROR")
                    .says("A value, or another where it fails.")
                    .argument("value", LAZY, "what may fail")
                    .argument("fallback", LAZY, "what stands in for it")
                    .example("orelse(1/0, 7)", "7")
                    .example("orelse(5, 1/0)", "5")
                    .refuses("orelse(1/0, 1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("iserror", "if")
                    .chooses(given -> given.raw("value") instanceof Failure failure
                            ? Choice.of(
                                    "fallback", "the value is " + failure.code().code())
                            : Choice.of("value", "the value does not fail")),
            test("iserror", "Whether a calculation fails.", Kind.ERROR::equals)
                    .example("iserror(1/0)", "true")
                    .example("iserror(5)", "false")
                    .refuses("iserror()", ErrorCode.WRONG_ARGUMENTS)
                    .related("orelse"),
            test("isempty", "Whether a cell is empty; the empty text is not.", Kind.EMPTY::equals)
                    .alsoRead("ISBLANK")
                    .example("isempty(\"\")", "false")
                    .example("isempty(0)", "false")
                    .refuses("isempty()", ErrorCode.WRONG_ARGUMENTS)
                    .related("ismissing"),
            test("ismissing", "Whether a value is missing.", Kind.MISSING::equals)
                    .example("ismissing(missing)", "true")
                    .example("ismissing(missing + 1)", "true")
                    .refuses("ismissing()", ErrorCode.WRONG_ARGUMENTS)
                    .related("isempty"),
            test(
                            "isnumber",
                            "Whether a value is a number, with or without a unit.",
                            kind -> kind == Kind.NUMBER || kind == Kind.QUANTITY || kind == Kind.COMPLEX)
                    .example("isnumber(1/3)", "true")
                    .example("isnumber(\"1\")", "false")
                    .refuses("isnumber()", ErrorCode.WRONG_ARGUMENTS)
                    .related("istext"),
            test("istext", "Whether a value is a text.", Kind.TEXT::equals)
                    .example("istext(\"1\")", "true")
                    .example("istext(1)", "false")
                    .refuses("istext()", ErrorCode.WRONG_ARGUMENTS)
                    .related("isnumber"),
            function("pick", Category.LOGIC)
                    .alsoRead("CHOOSE")
                    .says("The n-th of the values that follow; only that one is worked out.")
                    .argument("n", WHOLE, "which, from 1")
                    .repeated("values", LAZY, "the values")
                    .example("pick(2, 10, 20, 30)", "20")
                    .example("pick(1, 5, 1/0)", "5")
                    .refuses("pick(3, 10, 20)", ErrorCode.WRONG_ARGUMENTS)
                    .related("if", "at")
                    .chooses(LogicFunctions::picked));

    private LogicFunctions() {}

    static Function test(String name, String says, Predicate<Kind> kind) {
        return function(name, Category.LOGIC)
                .says(says)
                .argument("value", LAZY, "the value")
                .answers(given -> eachOf(given.raw("value"), value -> new Truth(kind.test(value.kind()))));
    }

    /** A test of a value, or of each of a table. */
    static Value eachOf(Value value, java.util.function.Function<Value, Value> test) {
        if (!(value instanceof Table table)) {
            return test.apply(value);
        }
        List<Value> cells = new ArrayList<>();
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                cells.add(test.apply(table.at(row, column)));
            }
        }
        return new ArrayTable(table.rows(), table.columns(), cells);
    }

    private static Choice firstThatHolds(Arguments given) {
        List<Supplier<Value>> all = given.each("conditions");
        for (int i = 0; i + 1 < all.size(); i += 2) {
            if (truth(given, all.get(i).get())) {
                return new Choice("conditions", i + 1, "condition " + (i / 2 + 1) + " is the first that holds");
            }
        }
        throw new Arguments.Refused(Failure.of(ErrorCode.NOT_FOUND, "None of the conditions holds."));
    }

    private static boolean truth(Arguments given, Value value) {
        if (value instanceof Truth truth) {
            return truth.holds();
        }
        throw given.refused(
                "conditions",
                value,
                ErrorCode.WRONG_KIND,
                "A condition is true or false, and this is " + value.kind().one() + ".");
    }

    /** The place of the first condition that is {@code wanted}; −1 where none is. Those behind it are not looked at. */
    private static int conditions(Arguments given, boolean wanted) {
        int place = 0;
        for (Supplier<Value> each : given.each("conditions")) {
            for (boolean holds : in(given, each.get())) {
                if (holds == wanted) {
                    return place;
                }
                place++;
            }
        }
        return -1;
    }

    private static List<Boolean> all(Arguments given) {
        return given.each("conditions").stream()
                .flatMap(each -> in(given, each.get()).stream())
                .toList();
    }

    /** The truth values of a table; others in it are passed over, as by sums. */
    private static List<Boolean> in(Arguments given, Value value) {
        if (!(value instanceof Table table)) {
            return List.of(truth(given, value));
        }
        List<Boolean> truths = new ArrayList<>();
        table.forEachFilled(cell -> {
            if (cell instanceof Truth truth) {
                truths.add(truth.holds());
            }
        });
        return truths;
    }

    private static Choice picked(Arguments given) {
        int many = given.each("values").size();
        int which = given.whole("n", 1, many);
        return new Choice("values", which - 1, "value " + which + " of " + many);
    }
}
