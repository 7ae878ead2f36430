package app.logismos.function.text;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TEXT;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Wildcards;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

/** Texts made of other values, and numbers written in other ways. */
public final class WritingFunctions {
    private static final int[] ROMAN_VALUES = {1000, 900, 500, 400, 100, 90, 50, 40, 10, 9, 5, 4, 1};
    private static final String[] ROMAN_LETTERS = {"M", "CM", "D", "CD", "C", "XC", "L", "XL", "X", "IX", "V", "IV", "I"
    };

    public static final List<Function> ALL = List.of(
            function("sametext", Category.TEXT)
                    .alsoRead("EXACT")
                    .says("Whether two texts are the same letter by letter, upper and lower case told apart.")
                    .argument("a", TEXT, "one text")
                    .argument("b", TEXT, "the other")
                    .example("sametext(\"Leaf\", \"leaf\")", "false")
                    .example("sametext(\"leaf\", \"leaf\")", "true")
                    .refuses("sametext(\"1\", 1)", ErrorCode.WRONG_KIND)
                    .related("find", "lower")
                    .answers(given -> new Truth(given.text("a").equals(given.text("b")))),
            function("cleantext", Category.TEXT)
                    .alsoRead("CLEAN")
                    .says("The text without signs that cannot be printed, such as line breaks.")
                    .argument("text", TEXT, "the text")
                    .example("cleantext(\"a\" & char(10) & \"b\")", "\"ab\"")
                    .example("cleantext(\"leaf\")", "\"leaf\"")
                    .refuses("cleantext(7)", ErrorCode.WRONG_KIND)
                    .related("trim")
                    .from("OpenFormula 6.20.5")
                    .answers(given -> new Text(given.text("text").replaceAll("\\p{Cntrl}", ""))),
            function("concatenate", Category.TEXT)
                    .says("The values one after the other as one text, as & does.")
                    .repeated("values", ANY, "what to put together")
                    .example("concatenate(\"lot \", 7, \": \", 1/2)", "\"lot 7: 0.5\"")
                    .example("concatenate(\"a\", true)", "\"atrue\"")
                    .refuses("concatenate(\"a\", 1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("join")
                    .answers(given -> {
                        StringBuilder all = new StringBuilder();
                        for (Supplier<Value> each : given.each("values")) {
                            all.append(given.surroundings().showing().apply(each.get()));
                        }
                        return new Text(all.toString());
                    }),
            function("fixedtext", Category.TEXT)
                    .alsoRead("FIXED")
                    .says("A number as a text with fixed places, its thousands in groups.")
                    .argument("x", NUMBER, "the number")
                    .optional(
                            "places",
                            WHOLE,
                            NumberValue.of(2),
                            "how many decimal places; negative ones round to tens and so on")
                    .optional("plain", TRUTH, new Truth(false), "true for no groups")
                    .example("fixedtext(12345.678)", "\"12,345.68\"")
                    .example("fixedtext(12345.678, 0, true)", "\"12346\"")
                    .refuses("fixedtext(\"a\")", ErrorCode.WRONG_KIND)
                    .related("text")
                    .from("OpenFormula 6.20.10")
                    .answers(WritingFunctions::fixed),
            function("searchtext", Category.TEXT)
                    .alsoRead("SEARCH")
                    .says("The place of a part in a text, whatever their case; * stands for any characters, ? for one.")
                    .argument("part", TEXT, "what to look for")
                    .argument("text", TEXT, "where")
                    .optional("start", WHOLE, NumberValue.of(1), "from which character on")
                    .example("searchtext(\"LEAF\", \"a leaf\")", "3")
                    .example("searchtext(\"a\", \"banana\", 3)", "4")
                    .example("searchtext(\"l?af\", \"a leaf\")", "3")
                    .refuses("searchtext(\"x\", \"leaf\")", ErrorCode.NOT_FOUND)
                    .related("find")
                    .from("OpenFormula 6.20.20")
                    .computes(given -> {
                        String text = given.text("text");
                        int length = text.codePointCount(0, text.length());
                        int start = given.whole("start", 1, Math.max(1, length));
                        int from = text.isEmpty() ? 0 : text.offsetByCodePoints(0, start - 1);
                        int found = Wildcards.of(given.text("part"))
                                .find(text, from)
                                .orElseThrow(() -> new Arguments.Refused(
                                        Failure.of(ErrorCode.NOT_FOUND, "The text does not hold this part.")));
                        return Rational.of(text.codePointCount(0, found) + 1L);
                    }),
            function("linktext", Category.TEXT)
                    .alsoRead("HYPERLINK")
                    .says("What a link is called: its label, or its address where it has none. Nothing is opened.")
                    .argument("address", TEXT, "where the link leads")
                    .optional("label", ANY, Blank.BLANK, "what it is called")
                    .example("linktext(\"https://example.org\", \"Prices\")", "\"Prices\"")
                    .example("linktext(\"https://example.org\")", "\"https://example.org\"")
                    .refuses("linktext(7)", ErrorCode.WRONG_KIND)
                    .related("join")
                    .from("OpenFormula 6.11.4")
                    .answers(given ->
                            given.raw("label") != Blank.BLANK ? given.value("label") : new Text(given.text("address"))),
            function("roman", Category.TEXT)
                    .says("A whole number in Roman numerals.")
                    .argument("n", WHOLE, "1 to 3999")
                    .example("roman(1999)", "\"MCMXCIX\"")
                    .example("roman(14)", "\"XIV\"")
                    .refuses("roman(4000)", ErrorCode.WRONG_ARGUMENTS)
                    .related("arabic", "todigits")
                    .answers(given -> new Text(roman(given.whole("n", 1, 3_999)))),
            function("arabic", Category.TEXT)
                    .says("The whole number that Roman numerals write.")
                    .argument("text", TEXT, "Roman numerals, in any case")
                    .example("arabic(\"MCMXCIX\")", "1999")
                    .example("arabic(\"xiv\")", "14")
                    .refuses("arabic(\"IIX\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("roman", "number")
                    .computes(given -> {
                        String text = given.text("text").strip().toUpperCase(Locale.ROOT);
                        for (int n = 1; n < 4_000; n++) {
                            if (roman(n).equals(text)) {
                                return Rational.of(n);
                            }
                        }
                        throw given.wrong("text", "Roman numerals up to MMMCMXCIX", "\"" + given.text("text") + "\"");
                    }));

    private WritingFunctions() {}

    private static Value fixed(Arguments given) {
        int places = given.whole("places", -1_000, 1_000);
        Real rounded = Algebra.answer(Rounding.places(given.number("x"), places, RoundingMode.HALF_UP));
        Rational exact = (Rational) rounded;
        BigDecimal decimal = new BigDecimal(exact.numerator())
                .divide(new BigDecimal(exact.denominator()), Math.max(0, places), RoundingMode.HALF_UP);
        String digits = decimal.toPlainString();
        // What a number with a comma is called where numbers have one: then points are free for the groups.
        boolean hasComma = given.surroundings().reading().apply("0,5") instanceof NumberValue half
                && half.real().equals(Rational.of(1, 2));
        String written = given.truth("plain") ? digits : grouped(digits);
        return new Text(hasComma ? exchanged(written) : written);
    }

    private static String exchanged(String number) {
        return number.replace(',', ' ').replace('.', ',').replace(' ', '.');
    }

    private static String grouped(String digits) {
        int point = digits.indexOf('.');
        String whole = point < 0 ? digits : digits.substring(0, point);
        return whole.replaceAll("(?<=\\d)(?=(\\d{3})+$)", ",") + (point < 0 ? "" : digits.substring(point));
    }

    private static String roman(int number) {
        StringBuilder letters = new StringBuilder();
        int rest = number;
        for (int i = 0; i < ROMAN_VALUES.length; i++) {
            while (rest >= ROMAN_VALUES[i]) {
                letters.append(ROMAN_LETTERS[i]);
                rest -= ROMAN_VALUES[i];
            }
        }
        return letters.toString();
    }
}
