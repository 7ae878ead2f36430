package app.logismos.formula;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Currencies;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.text.Normalizer;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as a person has written it in an entry (language, section 1): with digits grouped, as a fraction, in percent, with
 * a unit, as an amount of money with its sign, or in brackets for a negative amount.
 *
 * @param unit {@link Unit#ONE} for a plain number
 * @param places how many decimal places are written, those of the percentage in percent
 */
public record WrittenNumber(Real number, Unit unit, Form form, int places) {
    /** How the number is written. */
    public enum Form {
        DECIMAL,
        PERCENT,
        SCIENTIFIC,
        FRACTION,
        MIXED,
        /** With square roots or π, as exact numbers are written. */
        ROOTS
    }

    /** Signs of money, with the codes of ISO 4217 that they are read as. */
    static final Map<String, String> MONEY = Map.of("$", "USD", "€", "EUR", "£", "GBP", "¥", "JPY");

    // A group of digits is not the first one where it begins with 0: 0,125 is no 125.
    private static final String SPACES = "[ \u00a0\u202f]*";
    private static final Pattern DECIMAL = Pattern.compile(
            "([-−+]?)" + SPACES
                    + "((?:[0-9]+|[1-9][0-9]{0,2}([, \u00a0\u202f])[0-9]{3}(?:\\3[0-9]{3})*)?(?:\\.([0-9]+))?([eE][-+−]?[0-9]{1,6})?)\\s*(%?)");

    /** Where the comma is the decimal mark, or an apostrophe or several points part groups: no other reading is possible. */
    private static final Pattern OTHER_MARKS = Pattern.compile("([-−+]?)" + SPACES
            + "(?:([1-9][0-9]{0,2}(?:[.'’ \u00a0\u202f][0-9]{3})+),([0-9]+)|([1-9][0-9]{0,2}(?:\\.[0-9]{3}){2,})"
            + "|([1-9][0-9]{0,2}(?:['’][0-9]{3})+)(?:\\.([0-9]+))?)\\s*(%?)");

    /** Only an amount of money has cents. */
    private static final Pattern CENTS_BEHIND_A_COMMA = Pattern.compile("([-−+]?)" + SPACES + "([0-9]+),([0-9]{1,2})");

    private static final Pattern FRACTION =
            Pattern.compile("([-−+]?)" + SPACES + "(?:([0-9]+)\\s+)?([0-9]+)\\s*/\\s*([0-9]+)");
    private static final Pattern WITH_UNIT = Pattern.compile("([-−+]?" + SPACES
            + "[0-9.](?:[0-9.,'’/ \u00a0\u202f]*[0-9.])?(?:[eE][-+−]?[0-9]+)?)[ \u00a0\u202f]?([\\p{L}°′″\\[].*)");
    private static final Pattern GROUPING = Pattern.compile("[,\\s\u00a0\u202f]");
    private static final Pattern NO_DIGIT = Pattern.compile("[^0-9]");
    private static final Pattern LEADING_ZERO = Pattern.compile("[-−+]?0[0-9]+");

    private static final String CURRENCY = "([€$£¥]|[A-Z]{3})";
    private static final String AMOUNT = "([0-9.](?:[0-9.,'’ \u00a0\u202f]*[0-9])?)";
    private static final Pattern CURRENCY_BEFORE =
            Pattern.compile("([-−+]?)" + SPACES + CURRENCY + SPACES + "([-−+]?)" + SPACES + AMOUNT);
    private static final Pattern CURRENCY_BEHIND = Pattern.compile("([-−+]?)" + SPACES + AMOUNT + SPACES + CURRENCY);
    private static final Pattern IN_BRACKETS =
            Pattern.compile("(?:" + CURRENCY + SPACES + ")?\\((.+)\\)(?:" + SPACES + CURRENCY + ")?");
    private static final Pattern STARTS_AS_AN_AMOUNT =
            Pattern.compile(SPACES + "(?:" + CURRENCY + SPACES + ")?[0-9.].*");

    /** Reads an entry without spaces around it; nothing where it is no number, as digits behind a zero ({@code 007}). */
    public static Optional<WrittenNumber> read(String text, UnitCatalogue units) {
        if (hasLeadingZero(text)) {
            return Optional.empty();
        }
        String plain = plainSigns(text);
        return bare(plain)
                .or(() -> withUnit(plain, units))
                .or(() -> money(plain, units))
                .or(() -> inBrackets(plain, units))
                .or(() -> WrittenRoots.read(plain).map(number -> new WrittenNumber(number, Unit.ONE, Form.ROOTS, 0)));
    }

    /** Whether digits begin with a zero that a number would lose, as in {@code 007}. */
    static boolean hasLeadingZero(String text) {
        int digits = text.isEmpty() || Character.isDigit(text.charAt(0)) ? 0 : 1;
        boolean mayBe = text.length() > digits + 1
                && text.charAt(digits) == '0'
                && text.charAt(digits + 1) >= '0'
                && text.charAt(digits + 1) <= '9';
        return mayBe && LEADING_ZERO.matcher(text).matches();
    }

    /** The number, or the quantity. */
    public Value value() {
        return unit.equals(Unit.ONE) ? new NumberValue(number) : new Quantity(number, unit);
    }

    /** With full-width characters narrow, dashes as minus signs and fractions of one character written out. */
    private static String plainSigns(String text) {
        StringBuilder plain = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c > '\uff00' && c < '\uff5f') {
                plain.append((char) (c - 0xfee0));
            } else if (c == '–' || c == '‒' || c == '‑') {
                plain.append('-');
            } else if (c == '¼' || c == '½' || c == '¾' || c >= '⅐' && c <= '⅞') {
                boolean isMixed = i > 0 && Character.isDigit(plain.charAt(plain.length() - 1));
                plain.append(isMixed ? " " : "")
                        .append(Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKC)
                                .replace('⁄', '/'));
            } else {
                plain.append(c);
            }
        }
        return plain.toString();
    }

    private static Optional<WrittenNumber> bare(String text) {
        return text.indexOf('/') < 0 ? decimal(text).or(() -> otherMarks(text)) : fraction(text);
    }

    private static Optional<WrittenNumber> decimal(String text) {
        Matcher parts = DECIMAL.matcher(text);
        if (!parts.matches()
                || parts.group(2).isEmpty()
                || "eE".indexOf(parts.group(2).charAt(0)) >= 0) {
            return Optional.empty();
        }
        String digits = GROUPING.matcher(parts.group(2)).replaceAll("").replace('−', '-');
        return of(parts.group(1), digits, parts.group(4), parts.group(6), parts.group(5) != null);
    }

    private static Optional<WrittenNumber> otherMarks(String text) {
        Matcher parts = OTHER_MARKS.matcher(text);
        if (!parts.matches()) {
            return Optional.empty();
        }
        String whole =
                parts.group(2) != null ? parts.group(2) : parts.group(4) != null ? parts.group(4) : parts.group(5);
        String places = parts.group(2) != null ? parts.group(3) : parts.group(6);
        return of(parts.group(1), onlyDigits(whole), places, parts.group(7));
    }

    private static Optional<WrittenNumber> amount(String text) {
        Matcher cents = CENTS_BEHIND_A_COMMA.matcher(text);
        return cents.matches()
                ? of(cents.group(1), cents.group(2), cents.group(3), "")
                : decimal(text).or(() -> otherMarks(text)).filter(read -> read.form == Form.DECIMAL);
    }

    private static String onlyDigits(String grouped) {
        return NO_DIGIT.matcher(grouped).replaceAll("");
    }

    private static Optional<WrittenNumber> of(String sign, String whole, String places, String percent) {
        return of(sign, places == null ? whole : whole + "." + places, places, percent, false);
    }

    private static Optional<WrittenNumber> of(
            String sign, String digits, String places, String percent, boolean isScientific) {
        BigDecimal number = new BigDecimal(digits);
        if (Math.abs((long) number.scale()) > Real.MAX_DIGITS) {
            return Optional.empty();
        }
        boolean inPercent = !percent.isEmpty();
        Real read = signed(sign, Rational.of(inPercent ? number.movePointLeft(2) : number));
        Form form = isScientific ? Form.SCIENTIFIC : inPercent ? Form.PERCENT : Form.DECIMAL;
        return Optional.of(new WrittenNumber(read, Unit.ONE, form, places == null ? 0 : places.length()));
    }

    private static Optional<WrittenNumber> fraction(String text) {
        Matcher parts = FRACTION.matcher(text);
        if (!parts.matches() || new BigInteger(parts.group(4)).signum() == 0) {
            return Optional.empty();
        }
        BigInteger below = new BigInteger(parts.group(4));
        BigInteger whole = parts.group(2) == null ? BigInteger.ZERO : new BigInteger(parts.group(2));
        BigInteger above = whole.multiply(below).add(new BigInteger(parts.group(3)));
        Form form = parts.group(2) == null ? Form.FRACTION : Form.MIXED;
        return Optional.of(new WrittenNumber(signed(parts.group(1), Rational.of(above, below)), Unit.ONE, form, 0));
    }

    private static Optional<WrittenNumber> withUnit(String text, UnitCatalogue units) {
        Matcher parts = WITH_UNIT.matcher(text);
        return parts.matches()
                ? bare(parts.group(1))
                        .flatMap(number -> units.unit(parts.group(2)).map(number::in))
                : Optional.empty();
    }

    private static Optional<WrittenNumber> money(String text, UnitCatalogue units) {
        Matcher before = CURRENCY_BEFORE.matcher(text);
        if (before.matches() && (before.group(1).isEmpty() || before.group(3).isEmpty())) {
            return money(before.group(1) + before.group(3), before.group(4), before.group(2), units);
        }
        Matcher behind = CURRENCY_BEHIND.matcher(text);
        return behind.matches() ? money(behind.group(1), behind.group(2), behind.group(3), units) : Optional.empty();
    }

    private static Optional<WrittenNumber> money(String sign, String digits, String currency, UnitCatalogue units) {
        return currency(currency, units).flatMap(unit -> amount(sign + digits).map(number -> number.in(unit)));
    }

    private static Optional<Unit> currency(String sign, UnitCatalogue units) {
        return units.unit(MONEY.getOrDefault(sign, sign)).filter(Currencies::isIn);
    }

    /** An amount in brackets is negative, as in accounts. */
    private static Optional<WrittenNumber> inBrackets(String text, UnitCatalogue units) {
        Matcher brackets = IN_BRACKETS.matcher(text);
        if (!brackets.matches()
                || !STARTS_AS_AN_AMOUNT.matcher(brackets.group(2)).matches()) {
            return Optional.empty();
        }
        String inside = brackets.group(2).strip();
        String currency = brackets.group(1) != null ? brackets.group(1) : brackets.group(3);
        Optional<WrittenNumber> amount =
                currency == null ? amount(inside).or(() -> money(inside, units)) : money("", inside, currency, units);
        return amount.map(read -> new WrittenNumber(read.number.negate(), read.unit, read.form, read.places));
    }

    private WrittenNumber in(Unit other) {
        return new WrittenNumber(number, other, form, places);
    }

    private static Real signed(String sign, Real number) {
        return sign.isEmpty() || sign.equals("+") ? number : number.negate();
    }
}
