package app.logismos.formula;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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

    private static final Pattern TEXT = Pattern.compile("([A-Za-z]{1,3})([1-9][0-9]{0,6})");

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
        Matcher matcher = TEXT.matcher(text);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        int column = columnOf(matcher.group(1));
        int row = Integer.parseInt(matcher.group(2)) - 1;
        return isInside(column, row) ? Optional.of(new Address(column, row)) : Optional.empty();
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
        StringBuilder letters = new StringBuilder();
        for (int rest = column + 1; rest > 0; rest = (rest - 1) / 26) {
            letters.insert(0, (char) ('A' + (rest - 1) % 26));
        }
        return letters.toString();
    }

    @Override
    public String toString() {
        return letters(column) + (row + 1);
    }
}
