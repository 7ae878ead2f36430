package app.logismos.function.arithmetic;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.number.Rational;
import app.logismos.number.WholeNumbers;
import app.logismos.value.ErrorCode;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Whole numbers of ten places in base 2, 8 or 16, whose negative ones are written as what is missing to the next power of
 * the base: {@code -1} is {@code 1111111111} in base 2 (OpenFormula, section 6.19).
 */
public final class BaseFunctions {
    private static final int PLACES = 10;

    public static final List<Function> ALL = all();

    private BaseFunctions() {}

    /** A way to write a number. */
    private enum Base {
        BINARY(2, "BIN", "\"101\"", "\"1111111111\"", "\"12\""),
        OCTAL(8, "OCT", "\"5\"", "\"7777777777\"", "\"8\""),
        DECIMAL(10, "DEC", "5", "-1", "1/2"),
        HEXADECIMAL(16, "HEX", "\"5\"", "\"FFFFFFFFFF\"", "\"G\"");

        private final int base;
        private final String shortly;
        private final String five;
        private final String minusOne;
        private final String wrong;

        Base(int base, String shortly, String five, String minusOne, String wrong) {
            this.base = base;
            this.shortly = shortly;
            this.five = five;
            this.minusOne = minusOne;
            this.wrong = wrong;
        }

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** So many numbers have ten places. */
        BigInteger size() {
            return BigInteger.valueOf(base).pow(PLACES);
        }
    }

    private static List<Function> all() {
        List<Function> all = new ArrayList<>();
        for (Base from : Base.values()) {
            for (Base to : Base.values()) {
                if (from != to) {
                    all.add(conversion(from, to));
                }
            }
        }
        return List.copyOf(all);
    }

    private static Function conversion(Base from, Base to) {
        var declared = function(from.word() + "to" + to.word(), Category.WHOLE_NUMBERS)
                .alsoRead(from.shortly + "2" + to.shortly)
                .says("A whole number in " + from.word() + " digits, written in " + to.word()
                        + " ones; ten digits from half of all numbers on are negative.")
                .argument(
                        "digits", ANY, from == Base.DECIMAL ? "a whole number" : "up to 10 " + from.word() + " digits");
        var withLength = to == Base.DECIMAL
                ? declared
                : declared.optional(
                        "length", WHOLE, NumberValue.of(0), "how many digits at least, with zeros in front, up to 10");
        String name = from.word() + "to" + to.word();
        return withLength
                .example(name + "(" + from.five + ")", to.five)
                .example(name + "(" + from.minusOne + ")", to.minusOne)
                .refuses(name + "(" + from.wrong + ")", ErrorCode.WRONG_ARGUMENTS)
                .related("todigits", "fromdigits")
                .from("OpenFormula 6.19")
                .answers(given -> written(given, read(given, from), to));
    }

    private static BigInteger read(Arguments given, Base from) {
        Value value = given.value("digits");
        if (from == Base.DECIMAL) {
            boolean isWhole = value instanceof NumberValue number
                    && number.real() instanceof Rational rational
                    && rational.isInteger();
            if (!isWhole) {
                throw given.wrong("digits", "a whole number", PlainText.of(value));
            }
            return ((Rational) ((NumberValue) value).real()).numerator();
        }
        String digits = value instanceof Text text ? text.text().strip() : PlainText.of(value);
        boolean isWritten = digits.length() <= PLACES
                && digits.chars().allMatch(c -> c < 128 && Character.digit(c, from.base) >= 0);
        if (!isWritten) {
            throw given.wrong("digits", "up to 10 " + from.word() + " digits", PlainText.of(value));
        }
        BigInteger number = digits.isEmpty() ? BigInteger.ZERO : WholeNumbers.read(digits, from.base);
        boolean isNegative = number.shiftLeft(1).compareTo(from.size()) >= 0;
        return isNegative ? number.subtract(from.size()) : number;
    }

    private static Value written(Arguments given, BigInteger number, Base to) {
        if (to == Base.DECIMAL) {
            return new NumberValue(Rational.of(number));
        }
        BigInteger half = to.size().shiftRight(1);
        if (number.compareTo(half.negate()) < 0 || number.compareTo(half) >= 0) {
            throw given.wrong(
                    "digits",
                    "a number from " + half.negate() + " to " + half.subtract(BigInteger.ONE),
                    number.toString());
        }
        BigInteger places = number.signum() < 0 ? number.add(to.size()) : number;
        String digits = WholeNumbers.write(places, to.base).toUpperCase(Locale.ROOT);
        int length = given.whole("length", 0, PLACES);
        if (length > 0 && length < digits.length() && number.signum() >= 0) {
            throw given.wrong("length", digits.length() + " or more", String.valueOf(length));
        }
        return new Text("0".repeat(Math.max(0, length - digits.length())) + digits);
    }
}
