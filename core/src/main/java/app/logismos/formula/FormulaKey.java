package app.logismos.formula;

import java.util.Optional;

/**
 * A key that is equal for formulas which are copies of each other, made from their text without parsing it. A worksheet of a
 * million cells has few different formulas, and comparing keys is many times faster than parsing each.
 */
public final class FormulaKey {
    private FormulaKey() {}

    /**
     * The text with each reference to a cell replaced by its distance from {@code origin}. Two texts with one key are
     * read as equal expressions. Nothing where that is not certain without parsing: in texts with quotes, references to
     * other grids, or whole rows and columns.
     */
    public static Optional<String> of(String text, Address origin) {
        if (text.isEmpty() || text.charAt(0) != '=') {
            return Optional.empty();
        }
        StringBuilder key = new StringBuilder(text.length() + 8);
        int at = 0;
        char before = '=';
        boolean afterCell = false;
        while (at < text.length()) {
            char c = text.charAt(at);
            if (isWord(c)) {
                int end = at;
                while (end < text.length() && isWord(text.charAt(end))) {
                    end++;
                }
                boolean mayBeUnit = isWord(before) || before == ')' || before == '%' || before == '!';
                if (mayBeUnit && !isPlainUnit(text, at, end)) {
                    return Optional.empty();
                }
                afterCell = word(text, at, end, origin, key);
                at = end;
                before = text.charAt(end - 1);
            } else if (isClear(c, text, at, afterCell)) {
                key.append(c);
                afterCell = false;
                before = c == ' ' ? before : c;
                at++;
            } else {
                return Optional.empty();
            }
        }
        return Optional.of(key.toString());
    }

    /** The text that has a key at a place, with the letters of columns as capitals. */
    public static String text(String key, Address origin) {
        StringBuilder text = new StringBuilder(key.length());
        int at = 0;
        for (int open = key.indexOf('['); open >= 0; open = key.indexOf('[', at)) {
            text.append(key, at, open);
            at = key.indexOf(']', open) + 1;
            reference(key.substring(open + 1, at - 1), origin, text);
        }
        return text.append(key, at, key.length()).toString();
    }

    private static void reference(String key, Address origin, StringBuilder text) {
        boolean columnFixed = key.charAt(0) == '$';
        int between = Math.max(key.indexOf(','), key.lastIndexOf('$'));
        boolean rowFixed = key.charAt(between) == '$';
        int column = Integer.parseInt(key, columnFixed ? 1 : 0, between, 10);
        int row = Integer.parseInt(key, between + 1, key.length(), 10);
        text.append(columnFixed ? "$" : "")
                .append(Address.letters(columnFixed ? column - 1 : column + origin.column()))
                .append(rowFixed ? "$" : "")
                .append(rowFixed ? row : row + 1 + origin.row());
    }

    /** A unit of letters only that no sign of units follows, so that no part of it can be taken for a cell. */
    private static boolean isPlainUnit(String text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (!isLetter(text.charAt(i))) {
                return false;
            }
        }
        return end == text.length() || "/*.^(".indexOf(text.charAt(end)) < 0 && text.charAt(end) <= '~';
    }

    /** A sign that has one meaning everywhere. A point has one inside a number only, a colon between cells only. */
    private static boolean isClear(char c, String text, int at, boolean afterCell) {
        if (c == '.') {
            return at + 1 < text.length() && isDigit(text.charAt(at + 1));
        }
        return c == ':' ? afterCell && startsCell(text, at + 1) : c <= '~' && "\"'#[]{}".indexOf(c) < 0;
    }

    private static boolean startsCell(String text, int from) {
        int end = from;
        while (end < text.length() && isWord(text.charAt(end))) {
            end++;
        }
        return isCell(text, from, end) && !isCalled(text, end);
    }

    /** Appends a word; true where it is a cell. */
    private static boolean word(String text, int from, int end, Address origin, StringBuilder key) {
        if (isCalled(text, end) || !isCell(text, from, end)) {
            key.append(text, from, end);
            return false;
        }
        int at = from;
        boolean columnFixed = text.charAt(at) == '$';
        at += columnFixed ? 1 : 0;
        int column = 0;
        while (!isDigit(text.charAt(at)) && text.charAt(at) != '$') {
            column = column * 26 + (text.charAt(at++) & 31);
        }
        boolean rowFixed = text.charAt(at) == '$';
        int row = Integer.parseInt(text, at + (rowFixed ? 1 : 0), end, 10);
        key.append('[')
                .append(columnFixed ? "$" : "")
                .append(columnFixed ? column : column - 1 - origin.column())
                .append(rowFixed ? "$" : ",")
                .append(rowFixed ? row : row - 1 - origin.row())
                .append(']');
        return true;
    }

    /** Whether a bracket follows, perhaps behind spaces: then the word is a function's. */
    private static boolean isCalled(String text, int end) {
        int at = end;
        while (at < text.length() && text.charAt(at) == ' ') {
            at++;
        }
        return at < text.length() && text.charAt(at) == '(';
    }

    /** Letters and digits as of a reference: {@code $B$12}. */
    private static boolean isCell(String text, int from, int end) {
        int at = from < end && text.charAt(from) == '$' ? from + 1 : from;
        int letters = at;
        while (at < end && isLetter(text.charAt(at))) {
            at++;
        }
        if (at == letters || at - letters > 3) {
            return false;
        }
        at += at < end && text.charAt(at) == '$' ? 1 : 0;
        int digits = at;
        while (at < end && isDigit(text.charAt(at))) {
            at++;
        }
        return at == end && at > digits && at - digits <= 7 && text.charAt(digits) != '0';
    }

    private static boolean isWord(char c) {
        return isLetter(c) || isDigit(c) || c == '$' || c == '_';
    }

    private static boolean isLetter(char c) {
        return c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z';
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }
}
