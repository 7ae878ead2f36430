package app.logismos.function.text;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TEXT;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.formula.EntryReader;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.number.Rational;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Texts. Places count code points, from 1. */
public final class TextFunctions {
    private static final int LONGEST = 1_000_000;
    private static final NumberValue ONE = NumberValue.of(1);
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}\\p{M}]*");

    public static final List<Function> ALL = List.of(
            function("length", Category.TEXT)
                    .alsoRead("LEN")
                    .says("How many characters a text has.")
                    .argument("text", TEXT, "the text")
                    .example("length(\"tea\")", "3")
                    .example("length(\"\")", "0")
                    .refuses("length(12)", ErrorCode.WRONG_KIND)
                    .related("left", "middle")
                    .computes(given -> Rational.of(points(given.text("text")).length)),
            changed("upper", "The text in capitals.", text -> text.toUpperCase(Locale.ROOT))
                    .example("upper(\"tea\")", "\"TEA\"")
                    .example("upper(\"é1\")", "\"É1\"")
                    .refuses("upper(12)", ErrorCode.WRONG_KIND)
                    .related("lower", "proper"),
            changed("lower", "The text in small letters.", text -> text.toLowerCase(Locale.ROOT))
                    .example("lower(\"TEA\")", "\"tea\"")
                    .example("lower(\"Ab\")", "\"ab\"")
                    .refuses("lower(12)", ErrorCode.WRONG_KIND)
                    .related("upper", "proper"),
            changed(
                            "proper",
                            "The text with each word's first letter in capitals and the others small.",
                            TextFunctions::proper)
                    .example("proper(\"first flush\")", "\"First Flush\"")
                    .example("proper(\"RIVER red\")", "\"River Red\"")
                    .refuses("proper(12)", ErrorCode.WRONG_KIND)
                    .related("upper", "lower"),
            changed(
                            "trim",
                            "The text without spaces around it, and with single ones inside.",
                            text -> text.strip().replaceAll("[ \\t\\u00a0]+", " "))
                    .example("trim(\"  a   b \")", "\"a b\"")
                    .example("trim(\"a\")", "\"a\"")
                    .refuses("trim(12)", ErrorCode.WRONG_KIND)
                    .related("substitute"),
            function("left", Category.TEXT)
                    .says("The first characters of a text.")
                    .argument("text", TEXT, "the text")
                    .optional("count", WHOLE, ONE, "how many")
                    .example("left(\"Harbour\", 4)", "\"Harb\"")
                    .example("left(\"tea\")", "\"t\"")
                    .refuses("left(\"leaf\", -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("right", "middle")
                    .answers(given -> part(given, 0, count(given))),
            function("right", Category.TEXT)
                    .says("The last characters of a text.")
                    .argument("text", TEXT, "the text")
                    .optional("count", WHOLE, ONE, "how many")
                    .example("right(\"Harbour\", 3)", "\"our\"")
                    .example("right(\"tea\")", "\"a\"")
                    .refuses("right(\"leaf\", -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("left", "middle")
                    .answers(given -> part(given, points(given.text("text")).length - count(given), LONGEST)),
            function("middle", Category.TEXT)
                    .alsoRead("MID")
                    .says("Some characters from inside a text.")
                    .argument("text", TEXT, "the text")
                    .argument("start", WHOLE, "the first of them, from 1")
                    .argument("count", WHOLE, "how many")
                    .example("middle(\"Harbour\", 2, 3)", "\"arb\"")
                    .example("middle(\"tea\", 3, 9)", "\"a\"")
                    .refuses("middle(\"leaf\", 0, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("left", "right", "find")
                    .answers(given -> part(given, given.whole("start", 1, LONGEST) - 1, count(given))),
            function("join", Category.TEXT)
                    .says("The values of a list in one text, with a separator between them.")
                    .argument("list", LAZY, "the values")
                    .optional("separator", TEXT, new Text(""), "what stands between them")
                    .example("join({\"a\", \"b\"}, \"-\")", "\"a-b\"")
                    .example("join({1; 2; 3})", "\"123\"")
                    .refuses("join(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("split")
                    .answers(TextFunctions::joined),
            function("split", Category.TEXT)
                    .says(
                            "The parts of a text between separators, as a column; its letters where the separator is empty.")
                    .argument("text", TEXT, "the text")
                    .argument("separator", TEXT, "what stands between the parts")
                    .example("split(\"a-b-c\", \"-\")", "{\"a\"; \"b\"; \"c\"}")
                    .example("split(\"abc\", \",\")", "{\"abc\"}")
                    .example("split(\"tea\", \"\")", "{\"t\"; \"e\"; \"a\"}")
                    .refuses("split(5, \",\")", ErrorCode.WRONG_KIND)
                    .related("join", "find")
                    .answers(TextFunctions::split),
            function("replace", Category.TEXT)
                    .says("The text with some characters replaced, by place.")
                    .argument("text", TEXT, "the text")
                    .argument("start", WHOLE, "the first character replaced, from 1")
                    .argument("length", WHOLE, "how many are replaced")
                    .argument("new", TEXT, "what comes in their place")
                    .example("replace(\"Harbour\", 1, 3, \"B\")", "\"Bbour\"")
                    .example("replace(\"tea\", 4, 0, \"s\")", "\"teas\"")
                    .refuses("replace(\"leaf\", 0, 1, \"x\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("substitute")
                    .answers(TextFunctions::replaced),
            function("substitute", Category.TEXT)
                    .says(
                            "The text with a part replaced wherever it stands, or only where it stands for the n-th time.")
                    .argument("text", TEXT, "the text")
                    .argument("old", TEXT, "the part")
                    .argument("new", TEXT, "what comes in its place")
                    .optional("which", WHOLE, Blank.BLANK, "which of them, from 1; all, if nothing is said")
                    .example("substitute(\"a-b-c\", \"-\", \"+\")", "\"a+b+c\"")
                    .example("substitute(\"a-b-c\", \"-\", \"+\", 2)", "\"a-b+c\"")
                    .refuses("substitute(\"leaf\", \"a\", \"o\", 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("replace")
                    .answers(TextFunctions::substituted),
            function("find", Category.TEXT)
                    .says("Where a part stands in a text, from 1; capitals and small letters differ.")
                    .argument("part", TEXT, "what is sought")
                    .argument("text", TEXT, "where")
                    .optional("start", WHOLE, ONE, "from which character on")
                    .example("find(\"b\", \"Harbour\")", "4")
                    .example("find(\"a\", \"banana\", 3)", "4")
                    .refuses("find(\"x\", \"leaf\")", ErrorCode.NOT_FOUND)
                    .related("middle", "substitute")
                    .answers(TextFunctions::found),
            function("repeat", Category.TEXT)
                    .alsoRead("REPT")
                    .says("A text so many times in a row.")
                    .argument("text", TEXT, "the text")
                    .argument("times", WHOLE, "how often, 0 or more")
                    .example("repeat(\"ab\", 3)", "\"ababab\"")
                    .example("repeat(\"a\", 0)", "\"\"")
                    .refuses("repeat(\"a\", -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("join")
                    .answers(TextFunctions::repeated),
            function("text", Category.TEXT)
                    .says("A number written in a style, as a text.")
                    .argument("x", NUMBER, "the number; a quantity keeps its unit")
                    .argument("style", TEXT, "like \"fixed 2\", \"scientific\", \"fraction\", \"percent 1\"")
                    .example("text(7/3, \"fixed 2\")", "\"2.33\"")
                    .example("text(7/3, \"mixed\")", "\"2 1/3\"")
                    .refuses("text(5, \"loud\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("number")
                    .answers(given -> given.surroundings()
                            .writing()
                            .apply(
                                    given.value("x") instanceof Quantity quantity
                                            ? quantity.number()
                                            : given.number("x"),
                                    given.text("style"))
                            .<Value>map(written -> new Text(
                                    given.value("x") instanceof Quantity quantity
                                            ? quantity.unit().behind(written)
                                            : written))
                            .orElseThrow(() -> given.wrong(
                                    "style",
                                    "the name of a style that suits the number",
                                    "\"" + given.text("style") + "\""))),
            function("number", Category.TEXT)
                    .alsoRead("VALUE")
                    .says("The number that a text spells, read as an entry is.")
                    .argument("text", ANY, "the text")
                    .example("number(\"12.5\")", "25/2")
                    .example("number(\"20%\")", "1/5")
                    .example("number(\"007\")", "7")
                    .refuses("number(\"leaf\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("text")
                    .answers(TextFunctions::number),
            function("numberfrom", Category.TEXT)
                    .alsoRead("NUMBERVALUE")
                    .says("The number that a text spells with marks of its own, as 1.234,5.")
                    .argument("text", TEXT, "the text; spaces in it are passed over")
                    .argument("decimalmark", TEXT, "the sign before the decimal places")
                    .optional("groupmark", TEXT, new Text(""), "signs that part groups of digits")
                    .example("numberfrom(\"1.234,5\", \",\", \".\")", "2469/2")
                    .example("numberfrom(\"12,5%\", \",\")", "1/8")
                    .example("numberfrom(\"1 234.50\", \".\")", "2469/2")
                    .refuses("numberfrom(\"1,2,3\", \",\")", ErrorCode.WRONG_ARGUMENTS)
                    .refuses("numberfrom(\"1.5\", \",\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("number")
                    .from("OpenFormula 6.20.17")
                    .answers(TextFunctions::numberFrom),
            function("code", Category.TEXT)
                    .alsoRead("UNICODE")
                    .says("The Unicode number of a text's first character.")
                    .argument("text", TEXT, "not empty")
                    .example("code(\"A\")", "65")
                    .example("code(\"€\")", "8364")
                    .refuses("code(\"\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("char")
                    .computes(given -> {
                        if (given.text("text").isEmpty()) {
                            throw given.wrong("text", "at least one character", "none");
                        }
                        return Rational.of(given.text("text").codePointAt(0));
                    }),
            function("char", Category.TEXT)
                    .alsoRead("UNICHAR")
                    .says("The character with a Unicode number.")
                    .argument("code", WHOLE, "1 to 1114111")
                    .example("char(65)", "\"A\"")
                    .example("char(8364)", "\"€\"")
                    .refuses("char(-1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("code")
                    .answers(given -> new Text(Character.toString(given.whole("code", 1, Character.MAX_CODE_POINT)))));

    private TextFunctions() {}

    private static Function changed(String name, String says, java.util.function.UnaryOperator<String> change) {
        return function(name, Category.TEXT)
                .says(says)
                .argument("text", TEXT, "the text")
                .answers(given -> new Text(change.apply(given.text("text"))));
    }

    private static int[] points(String text) {
        return text.codePoints().toArray();
    }

    private static int count(Arguments given) {
        return given.whole("count", 0, LONGEST);
    }

    private static Text part(Arguments given, int from, int count) {
        int[] points = points(given.text("text"));
        int start = Math.max(0, Math.min(from, points.length));
        return new Text(new String(points, start, Math.min(count, points.length - start)));
    }

    private static String proper(String text) {
        Matcher words = WORD.matcher(text.toLowerCase(Locale.ROOT));
        return words.replaceAll(word -> {
            int end = word.group().offsetByCodePoints(0, 1);
            return Matcher.quoteReplacement(word.group().substring(0, end).toUpperCase(Locale.ROOT)
                    + word.group().substring(end));
        });
    }

    private static Value joined(Arguments given) {
        List<String> parts = new ArrayList<>();
        Arguments.asTable(given.value("list")).forEachFilled(value -> parts.add(shown(given, value)));
        return bounded(String.join(given.text("separator"), parts));
    }

    /** As in documents: texts as they are, all else as it is shown. */
    private static String shown(Arguments given, Value value) {
        if (value instanceof Text text) {
            return text.text();
        }
        if (value instanceof Failure failure) {
            throw new Arguments.Refused(failure);
        }
        return given.surroundings().showing().apply(value);
    }

    private static Value split(Arguments given) {
        String separator = given.text("separator");
        if (separator.isEmpty()) {
            return letters(given.text("text"));
        }
        List<Value> parts = new ArrayList<>();
        for (String part : given.text("text").split(Pattern.quote(separator), -1)) {
            parts.add(new Text(part));
        }
        return new ArrayTable(parts.size(), 1, parts);
    }

    private static Value letters(String text) {
        List<Value> letters = new Text(text).letters();
        return letters.isEmpty()
                ? new ArrayTable(1, 1, List.of(new Text("")))
                : new ArrayTable(letters.size(), 1, letters);
    }

    private static Value replaced(Arguments given) {
        int[] points = points(given.text("text"));
        int start = Math.min(given.whole("start", 1, LONGEST) - 1, points.length);
        int end = Math.min(points.length, start + given.whole("length", 0, LONGEST));
        return bounded(new String(points, 0, start) + given.text("new") + new String(points, end, points.length - end));
    }

    private static Value substituted(Arguments given) {
        String text = given.text("text");
        String old = given.text("old");
        if (old.isEmpty()) {
            return new Text(text);
        }
        if (!given.isGiven("which")) {
            return bounded(text.replace(old, given.text("new")));
        }
        int at = -old.length();
        for (int i = given.whole("which", 1, LONGEST); i > 0; i--) {
            at = text.indexOf(old, at + old.length());
            if (at < 0) {
                return new Text(text);
            }
        }
        return bounded(text.substring(0, at) + given.text("new") + text.substring(at + old.length()));
    }

    private static Value found(Arguments given) {
        String text = given.text("text");
        int skipped = given.whole("start", 1, LONGEST) - 1;
        int from = skipped > points(text).length ? text.length() : text.offsetByCodePoints(0, skipped);
        int at = text.indexOf(given.text("part"), from);
        return at < 0
                ? Failure.of(ErrorCode.NOT_FOUND, "\"" + given.text("part") + "\" is not in the text.")
                : NumberValue.of(text.codePointCount(0, at) + 1L);
    }

    private static Value repeated(Arguments given) {
        String text = given.text("text");
        int times = given.whole("times", 0, LONGEST);
        if ((long) text.length() * times > LONGEST) {
            return Failure.of(ErrorCode.TOO_LARGE, "A text has " + LONGEST + " characters at the most.");
        }
        return new Text(text.repeat(times));
    }

    private static Value bounded(String text) {
        return text.length() > LONGEST
                ? Failure.of(ErrorCode.TOO_LARGE, "A text has " + LONGEST + " characters at the most.")
                : new Text(text);
    }

    private static Value number(Arguments given) {
        Value value = given.value("text");
        if (value instanceof NumberValue) {
            return value;
        }
        String text = EntryReader.withoutLeadingZeros(given.text("text")).orElse(given.text("text"));
        Value read = given.surroundings().reading().apply(text);
        if (read instanceof NumberValue || read instanceof Quantity) {
            return read;
        }
        throw given.wrong("text", "a number written as in an entry", "\"" + given.text("text") + "\"");
    }

    private static final Pattern PLAIN_NUMBER =
            Pattern.compile("([-+]?(?:[0-9]+(?:\\.[0-9]*)?|\\.[0-9]+)(?:[eE][-+]?[0-9]{1,4})?)(%*)");

    private static Value numberFrom(Arguments given) {
        String mark = given.text("decimalmark");
        if (mark.length() != 1 || Character.isDigit(mark.charAt(0))) {
            throw given.wrong("decimalmark", "one sign that is no digit", "\"" + mark + "\"");
        }
        String groups = given.text("groupmark");
        String text = given.text("text");
        int at = text.indexOf(mark);
        StringBuilder plain = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean isGroup = groups.indexOf(c) >= 0 && (at < 0 || i < at) && c != mark.charAt(0);
            if (i == at) {
                plain.append('.');
            } else if (!isGroup && !Character.isWhitespace(c) && c != '\u00a0' && c != '\u202f') {
                plain.append(c == '.' ? '\0' : c);
            }
        }
        if (plain.isEmpty()) {
            return NumberValue.of(0);
        }
        Matcher parts = PLAIN_NUMBER.matcher(plain);
        if (!parts.matches()) {
            throw given.wrong("text", "a number with `" + mark + "`", "\"" + text + "\"");
        }
        Rational number = Rational.of(new BigDecimal(parts.group(1))
                .scaleByPowerOfTen(-2 * parts.group(2).length()));
        return new NumberValue(number);
    }
}
