package app.logismos.formula;

import java.util.Locale;
import java.util.Optional;

/**
 * The place of a cell in its grid.
 *
 * @param column from 0, written A, B, … Z, AA, … ZZZ
 * @param row from 0, written from 1
 */
public record Address(int column, int row) {
    /** A to ZZZ. */
    public static final int COLUMNS = 26 + 26 * 26 + 26 * 26 * 26;

    /** Rows of the tallest grid. */
    public static final int ROWS = 1_000_000;

    /** Cell A1. */
    public static final Address FIRST = new Address(0, 0);

    private static final int MOST_LETTERS = 3;

    /** 2^32 over the golden ratio (D. E. Knuth, The Art of Computer Programming 3, section 6.4). */
    private static final int GOLDEN = 0x9E3779B1;

    private static final int MOST_DIGITS = 7;

    public Address {
        if (!isInside(column, row)) {
            throw new IllegalArgumentException("an address must lie in a grid, was column " + column + ", row " + row);
        }
    }

    /** Whether a cell can be there. */
    public static boolean isInside(long column, long row) {
        return column >= 0 && column < COLUMNS && row >= 0 && row < ROWS;
    }

    /** Reads {@code B3}, in any case; nothing where the text is no address. */
    public static Optional<Address> parse(String text) {
        int letters = 0;
        while (letters < text.length() && isLetter(text.charAt(letters))) {
            letters++;
        }
        int digits = text.length() - letters;
        if (letters == 0
                || letters > MOST_LETTERS
                || digits == 0
                || digits > MOST_DIGITS
                || text.charAt(letters) == '0') {
            return Optional.empty();
        }
        int row = 0;
        for (int i = letters; i < text.length(); i++) {
            char digit = text.charAt(i);
            if (digit < '0' || digit > '9') {
                return Optional.empty();
            }
            row = row * 10 + digit - '0';
        }
        int column = columnOf(text.substring(0, letters));
        return isInside(column, row - 1L) ? Optional.of(new Address(column, row - 1)) : Optional.empty();
    }

    private static boolean isLetter(char c) {
        return c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z';
    }

    /** The column written with these letters, from 0. */
    public static int columnOf(String letters) {
        int column = 0;
        for (char letter : letters.toUpperCase(Locale.ROOT).toCharArray()) {
            column = column * 26 + letter - 'A' + 1;
        }
        return column - 1;
    }

    /** The letters of a column: {@code AA} for 26. */
    public static String letters(int column) {
        String last = String.valueOf((char) ('A' + column % 26));
        return column < 26 ? last : letters(column / 26 - 1) + last;
    }

    /** Columns lie far apart: neighbours of a table share no number, as they would with small factors. */
    @Override
    public int hashCode() {
        return column * GOLDEN + row;
    }

    @Override
    public String toString() {
        return letters(column) + (row + 1);
    }
}
