package app.logismos.function.logic;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.TABLE;

import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Function.Choice;
import app.logismos.number.Rational;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Kind;
import app.logismos.value.NumberValue;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.List;

/** What kind a value is of, and values not found, as documents ask for them. */
public final class KindFunctions {
    public static final List<Function> ALL = List.of(
            LogicFunctions.test("istruth", "Whether a value is true or false.", Kind.TRUTH::equals)
                    .alsoRead("ISLOGICAL")
                    .example("istruth(1 < 2)", "true")
                    .example("istruth(1)", "false")
                    .refuses("istruth()", ErrorCode.WRONG_ARGUMENTS)
                    .related("isnumber", "istext"),
            LogicFunctions.test("isnottext", "Whether a value is no text.", kind -> kind != Kind.TEXT)
                    .alsoRead("ISNONTEXT")
                    .example("isnottext(1)", "true")
                    .example("isnottext(\"1\")", "false")
                    .refuses("isnottext()", ErrorCode.WRONG_ARGUMENTS)
                    .related("istext"),
            LogicFunctions.test(
                            "isdate",
                            "Whether a value is a date, with a time or without.",
                            kind -> kind == Kind.DATE || kind == Kind.DATETIME)
                    .example("isdate(date(2027, 3, 1))", "true")
                    .example("isdate(2027)", "false")
                    .refuses("isdate()", ErrorCode.WRONG_ARGUMENTS)
                    .related("isnumber", "date"),
            function("unavailable", Category.LOGIC)
                    .alsoRead("NA")
                    .says("The error of something that is not found, for a value that is yet to come.")
                    .example("orelse(unavailable(), 0)", "0")
                    .example("isunavailable(unavailable())", "true")
                    .refuses("unavailable()", ErrorCode.NOT_FOUND)
                    .related("isunavailable", "ismissing", "orelse")
                    .from("OpenFormula 6.13.27")
                    .answers(given -> Failure.of(ErrorCode.NOT_FOUND, "This value is not available yet.")),
            function("isunavailable", Category.LOGIC)
                    .alsoRead("ISNA")
                    .says("Whether a calculation fails because something is not found.")
                    .argument("value", LAZY, "the calculation")
                    .example("isunavailable(position(7, {1, 2}))", "true")
                    .example("isunavailable(1/0)", "false")
                    .refuses("isunavailable()", ErrorCode.WRONG_ARGUMENTS)
                    .related("iserror", "ifunavailable")
                    .answers(given -> LogicFunctions.eachOf(given.raw("value"), value -> new Truth(isNotFound(value)))),
            function("isothererror", Category.LOGIC)
                    .alsoRead("ISERR")
                    .says("Whether a calculation fails for another reason than that something is not found.")
                    .argument("value", LAZY, "the calculation")
                    .example("isothererror(1/0)", "true")
                    .example("isothererror(unavailable())", "false")
                    .refuses("isothererror()", ErrorCode.WRONG_ARGUMENTS)
                    .related("iserror", "isunavailable")
                    .answers(given -> LogicFunctions.eachOf(
                            given.raw("value"), value -> new Truth(value instanceof Failure && !isNotFound(value)))),
            function("ifunavailable", Category.LOGIC)
                    .alsoRead("IFNA")
                    .says("A value, or another one where the first is not found.")
                    .argument("value", LAZY, "what is wanted")
                    .argument("fallback", LAZY, "what is taken where it is not found")
                    .example("ifunavailable(position(7, {1, 2}), 0)", "0")
                    .example("ifunavailable(5, 0)", "5")
                    .refuses("ifunavailable(1/0, 0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("orelse", "isunavailable")
                    .chooses(given -> isNotFound(given.raw("value"))
                            ? Choice.of("fallback", "the value is not-found")
                            : Choice.of("value", "the value is found")),
            function("asnumber", Category.LOGIC)
                    .alsoRead("N")
                    .says("A number as it is, true as 1, and anything else as 0.")
                    .argument("value", ANY, "the value")
                    .example("asnumber(true)", "1")
                    .example("asnumber(\"7\")", "0")
                    .refuses("asnumber(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("number", "astext")
                    .from("OpenFormula 6.13.26")
                    .answers(given -> given.value("value") instanceof NumberValue number
                            ? number
                            : NumberValue.of(given.value("value").equals(new Truth(true)) ? 1 : 0)),
            function("astext", Category.LOGIC)
                    .alsoRead("T")
                    .says("A text as it is, and anything else as the empty text.")
                    .argument("value", ANY, "the value")
                    .example("astext(\"leaf\")", "\"leaf\"")
                    .example("astext(7)", "\"\"")
                    .refuses("astext(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("text", "asnumber")
                    .from("OpenFormula 6.20.22")
                    .answers(given -> given.value("value") instanceof Text text ? text : new Text("")),
            function("kindnumber", Category.LOGIC)
                    .alsoRead("TYPE")
                    .says("The kind of a value as a number: 1 number, 2 text, 4 truth value, 16 error, 64 table.")
                    .argument("value", LAZY, "the value")
                    .example("kindnumber(\"leaf\")", "2")
                    .example("kindnumber({1, 2})", "64")
                    .refuses("kindnumber()", ErrorCode.WRONG_ARGUMENTS)
                    .related("isnumber", "istext")
                    .from("OpenFormula 6.13.33")
                    .computes(given -> Rational.of(number(given.raw("value").kind()))),
            function("errornumber", Category.LOGIC)
                    .alsoRead("ERROR.TYPE")
                    .says(
                            "The number of an error: 2 division by 0, 3 wrong kind, 4 missing cell, 5 unknown name, 6 no number, 7 not found.")
                    .argument("value", LAZY, "the calculation that fails")
                    .example("errornumber(1/0)", "2")
                    .example("errornumber(unavailable())", "7")
                    .refuses("errornumber(5)", ErrorCode.NOT_FOUND)
                    .related("iserror")
                    .from("OpenFormula 6.13.11")
                    .answers(given -> given.raw("value") instanceof Failure failure
                            ? NumberValue.of(number(failure.code()))
                            : Failure.of(ErrorCode.NOT_FOUND, "This calculation does not fail.")),
            function("countblank", Category.STATISTICS)
                    .says("How many cells of a range are empty or hold the empty text.")
                    .argument("range", TABLE, "where to count")
                    .example("countblank({1, \"\", \"a\"})", "1")
                    .example("countblank({1})", "0")
                    .refuses("countblank(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("counta", "isempty")
                    .from("OpenFormula 6.13.7")
                    .computes(given -> {
                        Table table = given.table("range");
                        long[] filled = {0};
                        table.forEachFilled(value -> filled[0] += value.equals(new Text("")) ? 0 : 1);
                        return Rational.of((long) table.rows() * table.columns() - filled[0]);
                    }));

    private KindFunctions() {}

    private static boolean isNotFound(Value value) {
        return value instanceof Failure failure && failure.code() == ErrorCode.NOT_FOUND;
    }

    private static int number(Kind kind) {
        return switch (kind) {
            case TEXT -> 2;
            case TRUTH -> 4;
            case ERROR -> 16;
            case TABLE -> 64;
            case NUMBER, QUANTITY, COMPLEX, EXPRESSION, FUNCTION, DATE, TIME, DATETIME, DURATION, EMPTY, MISSING -> 1;
        };
    }

    private static int number(ErrorCode code) {
        return switch (code) {
            case DIVIDE_BY_ZERO -> 2;
            case WRONG_KIND, WRONG_ARGUMENTS, UNITS_DIFFER, SHAPES_DIFFER, SYNTAX -> 3;
            case MISSING_REFERENCE, CIRCULAR, NO_ROOM -> 4;
            case UNKNOWN_NAME, UNKNOWN_FUNCTION, UNKNOWN_UNIT -> 5;
            case NO_REAL_RESULT, TOO_LARGE, TOOK_TOO_LONG -> 6;
            case NOT_FOUND -> 7;
        };
    }
}
