package app.logismos.formula;

import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Missing;
import app.logismos.value.Moment;
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

    /** {@code missing}. */
    private static final int LONGEST_WORD = 7;

    private static final String FIRST_OF_WORD = "tTfFmM";

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
        boolean mayBeWord =
                !text.isEmpty() && text.length() <= LONGEST_WORD && FIRST_OF_WORD.indexOf(text.charAt(0)) >= 0;
        return switch (mayBeWord ? text.toLowerCase(Locale.ROOT) : "") {
            case "true" -> new Truth(true);
            case "false" -> new Truth(false);
            case "missing" -> Missing.MISSING;
            default -> PlainEntry.read(text).orElseGet(() -> written(text, units));
        };
    }

    private static Value written(String text, UnitCatalogue units) {
        boolean isLikeDay = text.length() == 10 && text.charAt(4) == '-' && text.charAt(7) == '-';
        Optional<Moment> day = isLikeDay ? Moments.isoDay(text) : Optional.empty();
        if (day.isPresent()) {
            return day.get();
        }
        return PlainEntry.quantity(text, units)
                .or(() -> WrittenNumber.read(text, units).map(WrittenNumber::value))
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
