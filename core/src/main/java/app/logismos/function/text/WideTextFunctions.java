package app.logismos.function.text;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.TEXT;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Wildcards;
import app.logismos.number.Rational;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.text.Normalizer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * Texts with characters of the width of an ideograph, which take two bytes where others take one, as in the character sets
 * that such texts were kept in (OpenFormula, section 6.7; Unicode Standard Annex 11, East Asian Width).
 */
public final class WideTextFunctions {
    private static final int LONGEST = 100_000_000;

    /** Wide and full-width characters. */
    private static final Pattern WIDE =
            Pattern.compile("[\\u1100-\\u115F\\u2E80-\\u303E\\u3041-\\uA4CF\\uA960-\\uA97F\\uAC00-\\uD7A3"
                    + "\\uF900-\\uFAFF\\uFE30-\\uFE6F\\uFF01-\\uFF60\\uFFE0-\\uFFE6\\x{1F300}-\\x{1F64F}\\x{1F900}-\\x{1F9FF}"
                    + "\\x{20000}-\\x{3FFFD}]");

    private static final Pattern NARROW_SYLLABLES = Pattern.compile("[\\uFF61-\\uFF9F]+");
    private static final int FROM_NARROW_TO_FULL = 0xFEE0;
    private static final Map<String, String> NARROW = narrowSyllables();

    public static final List<Function> ALL = List.of(
            function("bytecount", Category.TEXT)
                    .alsoRead("LENB")
                    .says("How many bytes a text takes where an ideograph takes two and any other character one.")
                    .argument("text", TEXT, "the text")
                    .example("bytecount(\"leaf\")", "4")
                    .example("bytecount(\"茶 leaf\")", "7")
                    .refuses("bytecount(7)", ErrorCode.WRONG_KIND)
                    .related("length", "leftbytes")
                    .from("OpenFormula 6.7.5")
                    .computes(given -> Rational.of(bytes(given.text("text")))),
            function("leftbytes", Category.TEXT)
                    .alsoRead("LEFTB")
                    .says("The first characters of a text that take no more than so many bytes, two for an ideograph.")
                    .argument("text", TEXT, "the text")
                    .optional("bytes", WHOLE, NumberValue.of(1), "how many bytes")
                    .example("leftbytes(\"茶 leaf\", 3)", "\"茶 \"")
                    .example("leftbytes(\"茶茶\", 3)", "\"茶\"")
                    .refuses("leftbytes(\"leaf\", -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("left", "bytecount")
                    .from("OpenFormula 6.7.4")
                    .answers(given -> between(given, 0, given.whole("bytes", 0, LONGEST))),
            function("rightbytes", Category.TEXT)
                    .alsoRead("RIGHTB")
                    .says("The last characters of a text that take no more than so many bytes, two for an ideograph.")
                    .argument("text", TEXT, "the text")
                    .optional("bytes", WHOLE, NumberValue.of(1), "how many bytes")
                    .example("rightbytes(\"leaf 茶\", 3)", "\" 茶\"")
                    .example("rightbytes(\"leaf\")", "\"f\"")
                    .refuses("rightbytes(\"leaf\", -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("right", "bytecount")
                    .from("OpenFormula 6.7.8")
                    .answers(given -> {
                        long all = bytes(given.text("text"));
                        return between(given, Math.max(0, all - given.whole("bytes", 0, LONGEST)), all);
                    }),
            function("middlebytes", Category.TEXT)
                    .alsoRead("MIDB")
                    .says("The characters of a text that lie whole within some of its bytes, two for an ideograph.")
                    .argument("text", TEXT, "the text")
                    .argument("start", WHOLE, "the first of these bytes, from 1")
                    .argument("bytes", WHOLE, "how many")
                    .example("middlebytes(\"茶 leaf\", 3, 3)", "\" le\"")
                    .example("middlebytes(\"茶茶\", 2, 3)", "\"茶\"")
                    .refuses("middlebytes(\"leaf\", 0, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("middle", "bytecount")
                    .from("OpenFormula 6.7.6")
                    .answers(given -> {
                        long start = given.whole("start", 1, LONGEST) - 1L;
                        return between(given, start, start + given.whole("bytes", 0, LONGEST));
                    }),
            function("replacebytes", Category.TEXT)
                    .alsoRead("REPLACEB")
                    .says(
                            "The text with the characters that lie within some of its bytes replaced, two bytes for an ideograph.")
                    .argument("text", TEXT, "the text")
                    .argument("start", WHOLE, "the first byte replaced, from 1")
                    .argument("bytes", WHOLE, "how many are replaced")
                    .argument("new", TEXT, "what comes in their place")
                    .example("replacebytes(\"茶 leaf\", 1, 2, \"tea\")", "\"tea leaf\"")
                    .example("replacebytes(\"tea\", 4, 0, \"s\")", "\"teas\"")
                    .refuses("replacebytes(\"leaf\", 0, 1, \"x\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("replace", "bytecount")
                    .from("OpenFormula 6.7.7")
                    .answers(given -> {
                        String text = given.text("text");
                        int from = starting(text, given.whole("start", 1, LONGEST) - 1L);
                        int to = ending(text, given.whole("start", 1, LONGEST) - 1L + given.whole("bytes", 0, LONGEST));
                        return new Text(
                                text.substring(0, from) + given.text("new") + text.substring(Math.max(from, to)));
                    }),
            function("findbytes", Category.TEXT)
                    .alsoRead("FINDB")
                    .says("At which byte of a text a part stands, from 1; capitals and small letters differ.")
                    .argument("part", TEXT, "what is sought")
                    .argument("text", TEXT, "where")
                    .optional("start", WHOLE, NumberValue.of(1), "from which byte on")
                    .example("findbytes(\"leaf\", \"茶 leaf\")", "4")
                    .example("findbytes(\"a\", \"banana\", 3)", "4")
                    .refuses("findbytes(\"x\", \"leaf\")", ErrorCode.NOT_FOUND)
                    .related("find", "searchbytes")
                    .from("OpenFormula 6.7.2")
                    .answers(given ->
                            at(given.text("text"), given.text("text").indexOf(given.text("part"), begin(given)))),
            function("searchbytes", Category.TEXT)
                    .alsoRead("SEARCHB")
                    .says(
                            "At which byte of a text a part stands, whatever their case; * stands for any characters, ? for one.")
                    .argument("part", TEXT, "what to look for")
                    .argument("text", TEXT, "where")
                    .optional("start", WHOLE, NumberValue.of(1), "from which byte on")
                    .example("searchbytes(\"LEAF\", \"茶 leaf\")", "4")
                    .example("searchbytes(\"l?af\", \"a leaf\")", "3")
                    .refuses("searchbytes(\"x\", \"leaf\")", ErrorCode.NOT_FOUND)
                    .related("searchtext", "findbytes")
                    .from("OpenFormula 6.7.9")
                    .answers(given -> at(
                            given.text("text"),
                            Wildcards.of(given.text("part"))
                                    .find(given.text("text"), begin(given))
                                    .orElse(-1))),
            function("narrowtext", Category.TEXT)
                    .alsoRead("ASC")
                    .says("The text with its full-width letters, digits, signs and syllables as narrow ones.")
                    .argument("text", TEXT, "the text")
                    .example("narrowtext(\"ＴＥＡ　１２\")", "\"TEA 12\"")
                    .example("narrowtext(\"ガ\")", "\"ｶﾞ\"")
                    .refuses("narrowtext(7)", ErrorCode.WRONG_KIND)
                    .related("fulltext", "bytecount")
                    .from("OpenFormula 6.7.1")
                    .answers(given -> new Text(narrow(given.text("text")))),
            function("fulltext", Category.TEXT)
                    .alsoRead("JIS")
                    .says("The text with its narrow letters, digits, signs and syllables as full-width ones.")
                    .argument("text", TEXT, "the text")
                    .example("fulltext(\"TEA 12\")", "\"ＴＥＡ　１２\"")
                    .example("fulltext(\"ｶﾞ\")", "\"ガ\"")
                    .refuses("fulltext(7)", ErrorCode.WRONG_KIND)
                    .related("narrowtext", "bytecount")
                    .from("OpenFormula 6.7.3")
                    .answers(given -> new Text(full(given.text("text")))));

    private WideTextFunctions() {}

    private static int width(int character) {
        return WIDE.matcher(Character.toString(character)).matches() ? 2 : 1;
    }

    private static long bytes(String text) {
        return text.codePoints().mapToLong(WideTextFunctions::width).sum();
    }

    /** Where the first character stands that begins at a byte or after it. */
    private static int starting(String text, long bytes) {
        int at = 0;
        long before = 0;
        while (at < text.length() && before < bytes) {
            int character = text.codePointAt(at);
            before += width(character);
            at += Character.charCount(character);
        }
        return at;
    }

    /** Where the last character ends that ends at a byte or before it. */
    private static int ending(String text, long bytes) {
        int at = 0;
        long before = 0;
        while (at < text.length() && before + width(text.codePointAt(at)) <= bytes) {
            int character = text.codePointAt(at);
            before += width(character);
            at += Character.charCount(character);
        }
        return at;
    }

    private static Value between(Arguments given, long from, long to) {
        String text = given.text("text");
        int start = starting(text, from);
        return new Text(text.substring(start, Math.max(start, ending(text, to))));
    }

    private static int begin(Arguments given) {
        return starting(given.text("text"), given.whole("start", 1, LONGEST) - 1L);
    }

    private static Value at(String text, int index) {
        return index < 0
                ? Failure.of(ErrorCode.NOT_FOUND, "The text does not hold this part.")
                : NumberValue.of(bytes(text.substring(0, index)) + 1);
    }

    private static String full(String text) {
        String syllables = NARROW_SYLLABLES
                .matcher(text)
                .replaceAll(run -> Normalizer.normalize(run.group(), Normalizer.Form.NFKC));
        StringBuilder full = new StringBuilder();
        syllables
                .codePoints()
                .map(character -> character == ' '
                        ? '\u3000'
                        : character > ' ' && character < 127 ? character + FROM_NARROW_TO_FULL : character)
                .forEach(full::appendCodePoint);
        return full.toString();
    }

    private static String narrow(String text) {
        StringBuilder narrow = new StringBuilder();
        text.codePoints().forEach(character -> {
            if (character == '\u3000') {
                narrow.append(' ');
            } else if (character > ' ' + FROM_NARROW_TO_FULL && character < 127 + FROM_NARROW_TO_FULL) {
                narrow.appendCodePoint(character - FROM_NARROW_TO_FULL);
            } else {
                String one = Character.toString(character);
                narrow.append(NARROW.getOrDefault(one, one));
            }
        });
        return narrow.toString();
    }

    /** For each full-width syllable the narrow one, with its sound mark as a character of its own. */
    private static Map<String, String> narrowSyllables() {
        Map<String, String> narrow = new HashMap<>();
        for (char each = '\uFF61'; each <= '\uFF9D'; each++) {
            for (String mark : List.of("", "\uFF9E", "\uFF9F")) {
                String composed = Normalizer.normalize(each + mark, Normalizer.Form.NFKC);
                if (composed.length() == 1) {
                    narrow.put(composed, each + mark);
                }
            }
        }
        return Map.copyOf(narrow);
    }
}
