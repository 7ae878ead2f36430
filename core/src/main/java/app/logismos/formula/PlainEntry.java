package app.logismos.formula;

import app.logismos.number.Rational;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.Optional;

/** Digits, fractions, quantities and words: most entries are no more, and need none of the looks that others may have. */
final class PlainEntry {
    private static final int MOST_DIGITS_OF_LONG = 18;
    private static final int MOST_DIGITS = 100;
    private static final int DECIMAL = 10;
    private static final int LETTERS_OF_A_CURRENCY = 3;

    /** A space, a day, a space and a year. */
    private static final int SHORTEST_BEHIND_A_MONTH = 7;

    private PlainEntry() {}

    /** The value of a text without spaces around it; nothing where it may be more. */
    static Optional<Value> read(String text) {
        if (isWord(text)) {
            return Optional.of(new Text(text));
        }
        int at = 0;
        while (at < text.length() && (text.charAt(at) == ' ' || isLetter(text.charAt(at)))) {
            at++;
        }
        return at == text.length()
                ? Optional.of(new Text(text))
                : number(text, text.length()).map(NumberValue::new);
    }

    /** Plain digits, a space and the sign of a unit; nothing where it may be more. */
    static Optional<Value> quantity(String text, UnitCatalogue units) {
        int space = text.indexOf(' ');
        return space > 0 && space + 1 < text.length() && Character.isLetter(text.charAt(space + 1))
                ? number(text, space)
                        .flatMap(
                                number -> units.unit(text.substring(space + 1)).map(unit -> new Quantity(number, unit)))
                : Optional.empty();
    }

    /** The number that the characters before an end spell: digits with or without a point, or two wholes and a stroke. */
    private static Optional<Rational> number(String text, int end) {
        int start = text.startsWith("-") ? 1 : 0;
        int point = -1;
        int stroke = -1;
        for (int i = start; i < end; i++) {
            char c = text.charAt(i);
            if (c == '.' && point < 0) {
                point = i;
            } else if (c == '/' && stroke < 0) {
                stroke = i;
            } else if (c < '0' || c > '9') {
                return Optional.empty();
            }
        }
        if (stroke >= 0) {
            return point < 0 && isWhole(text, start, stroke) && isWhole(text, stroke + 1, end)
                    ? fraction(text, stroke, end)
                    : Optional.empty();
        }
        boolean isNumber = isWhole(text, start, point < 0 ? end : point) && point != end - 1 && end <= MOST_DIGITS;
        return isNumber ? Rational.read(text.substring(0, end)) : Optional.empty();
    }

    /** Whether there are digits, and no zero before others. */
    private static boolean isWhole(String text, int start, int end) {
        return end == start + 1 || end > start && text.charAt(start) != '0';
    }

    private static Optional<Rational> fraction(String text, int stroke, int end) {
        if (end > MOST_DIGITS_OF_LONG || text.charAt(stroke + 1) == '0') {
            return Optional.empty();
        }
        long above = Long.parseLong(text, 0, stroke, DECIMAL);
        return Optional.of(Rational.of(above, Long.parseLong(text, stroke + 1, end, DECIMAL)));
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
}
