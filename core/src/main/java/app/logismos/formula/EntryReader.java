package app.logismos.formula;

import app.logismos.number.Rational;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Missing;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads entries, in the order of the table in section 1 of the language. */
public final class EntryReader {
    private static final Pattern NAMED = Pattern.compile("\\s*(\\p{L}[\\p{L}\\p{Mn}0-9_]*)\\s*=.*", Pattern.DOTALL);

    private static final int MOST_DIGITS_OF_LONG = 18;
    private static final int LETTERS_OF_A_CURRENCY = 3;

    /** A space, a day, a space and a year. */
    private static final int SHORTEST_BEHIND_A_MONTH = 7;

    private EntryReader() {}

    /** Reads an entry that stands in the cell {@code origin}. */
    public static Entry read(String text, Address origin, Vocabulary vocabulary) {
        String trimmed = trim(text);
        if (trimmed.isEmpty()) {
            return Entry.Empty.EMPTY;
        }
        if (trimmed.charAt(0) == '=') {
            return calculation(text, Optional.empty(), text.indexOf('=') + 1, origin, vocabulary);
        }
        if (text.indexOf('=') < 0) {
            return new Entry.Constant(constant(trimmed, vocabulary.units()));
        }
        Matcher named = NAMED.matcher(text);
        if (named.matches()) {
            return calculation(text, Optional.of(named.group(1)), text.indexOf('=') + 1, origin, vocabulary);
        }
        return DefinitionReader.read(text, origin, vocabulary)
                .orElseGet(() -> new Entry.Constant(constant(trimmed, vocabulary.units())));
    }

    /** By far most entries are read without the many looks that a number may have: these are none of them. */
    private static Optional<Value> simple(String text) {
        if (isWord(text)) {
            return Optional.of(new Text(text));
        }
        int point = -1;
        int digits = 0;
        int letters = 0;
        int start = text.startsWith("-") ? 1 : 0;
        for (int i = start; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c >= '0' && c <= '9') {
                digits++;
            } else if (c == '.' && point < 0) {
                point = i;
            } else if (c == ' ' || isLetter(c)) {
                letters++;
            } else {
                return Optional.empty();
            }
        }
        int whole = (point < 0 ? text.length() : point) - start;
        if (letters == text.length()) {
            return Optional.of(new Text(text));
        }
        boolean isNumber = letters == 0
                && digits <= MOST_DIGITS_OF_LONG
                && whole > 0
                && point != text.length() - 1
                && (whole == 1 || text.charAt(start) != '0');
        return isNumber ? Optional.of(new NumberValue(decimal(text, start, point))) : Optional.empty();
    }

    /** Whether a text begins with letters that are neither the code of a currency nor perhaps a month. */
    private static boolean isWord(String text) {
        int letters = 0;
        int capitals = 0;
        while (letters < text.length() && isLetter(text.charAt(letters))) {
            capitals += text.charAt(letters++) <= 'Z' ? 1 : 0;
        }
        boolean isCode = letters == LETTERS_OF_A_CURRENCY && capitals == letters;
        boolean mayBeMonth = letters >= 3 && text.length() >= letters + SHORTEST_BEHIND_A_MONTH;
        return letters > 0 && !isCode && !mayBeMonth;
    }

    private static boolean isLetter(char c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
    }

    private static Rational decimal(String text, int start, int point) {
        long unscaled = 0;
        long scale = 1;
        for (int i = start; i < text.length(); i++) {
            if (i != point) {
                unscaled = 10 * unscaled + text.charAt(i) - '0';
                scale *= point >= 0 && i > point ? 10 : 1;
            }
        }
        return Rational.of(start == 0 ? unscaled : -unscaled, scale);
    }

    /** The days that an entry can mean, day first and then month first, where these differ. */
    public static List<LocalDate> days(String text) {
        String trimmed = trim(text);
        return trimmed.length() > 40 ? List.of() : Moments.days(trimmed);
    }

    /** The number that digits behind a zero spell, as {@code 007}, which an entry keeps as a text. */
    public static Optional<String> withoutLeadingZeros(String text) {
        String trimmed = trim(text);
        return WrittenNumber.hasLeadingZero(trimmed)
                ? Optional.of(trimmed.replaceFirst("^([-−+]?)0+(?=[0-9])", "$1"))
                : Optional.empty();
    }

    /** Whether a text that stays a text would be a calculation if it began with {@code =}. */
    public static boolean looksLikeCalculation(String text, Vocabulary vocabulary) {
        boolean hasOperator = text.chars().anyMatch(c -> "+-*/^×÷−(!".indexOf(c) >= 0);
        boolean hasDigit = text.chars().anyMatch(c -> c >= '0' && c <= '9');
        return hasOperator
                && hasDigit
                && constant(trim(text), vocabulary.units()) instanceof Text
                && DefinitionReader.read(text, Address.FIRST, vocabulary).isEmpty()
                && Parser.parse("=" + text, 1, Address.FIRST, vocabulary) instanceof Parser.Outcome.Parsed;
    }

    private static Entry calculation(
            String text, Optional<String> name, int start, Address origin, Vocabulary vocabulary) {
        Parser.Outcome outcome = Parser.parse(text, start, origin, vocabulary);
        return outcome instanceof Parser.Outcome.Parsed parsed
                ? new Entry.Calculation(name, parsed.expression())
                : new Entry.Unreadable(name, ((Parser.Outcome.Refused) outcome).failure());
    }

    /** The value that a text is as an entry which is no calculation: a number, a date, a truth value, or a text. */
    public static Value value(String text, UnitCatalogue units) {
        return text.length() > Parser.MAX_LENGTH ? new Text(text) : constant(trim(text), units);
    }

    private static Value constant(String text, UnitCatalogue units) {
        if (text.length() >= 2 && text.startsWith("\"") && text.endsWith("\"")) {
            return new Text(text.substring(1, text.length() - 1).replace("\"\"", "\""));
        }
        return switch (text.toLowerCase(Locale.ROOT)) {
            case "true" -> new Truth(true);
            case "false" -> new Truth(false);
            case "missing" -> Missing.MISSING;
            default -> simple(text).orElseGet(() -> written(text, units));
        };
    }

    private static Value written(String text, UnitCatalogue units) {
        boolean isLikeDay = text.length() == 10 && text.charAt(4) == '-' && text.charAt(7) == '-';
        Optional<Moment> day = isLikeDay ? Moments.read(text) : Optional.empty();
        if (day.isPresent()) {
            return day.get();
        }
        return WrittenNumber.read(text, units)
                .map(WrittenNumber::value)
                .or(() -> Moments.read(text))
                .orElseGet(() -> new Text(text));
    }

    private static String trim(String text) {
        int start = 0;
        int end = text.length();
        while (start < end && Lexer.isSpace(text.charAt(start))) {
            start++;
        }
        while (end > start && Lexer.isSpace(text.charAt(end - 1))) {
            end--;
        }
        return text.substring(start, end);
    }
}
