package app.logismos.formula;

import app.logismos.number.Rational;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.Optional;

/** Digits with or without a point, and words: most entries are no more, and need none of the looks that others may have. */
final class PlainEntry {
    private static final int MOST_DIGITS_OF_LONG = 18;
    private static final int LETTERS_OF_A_CURRENCY = 3;

    /** A space, a day, a space and a year. */
    private static final int SHORTEST_BEHIND_A_MONTH = 7;

    private PlainEntry() {}

    /** The value of a text without spaces around it; nothing where it may be more. */
    static Optional<Value> read(String text) {
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
        return isNumber ? Rational.read(text).map(NumberValue::new) : Optional.empty();
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
