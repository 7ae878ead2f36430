package app.logismos.formula;

/**
 * A row or column as a reference keeps it: fixed with {@code $}, or so far from the cell that the formula stands in. Two
 * cells with the same continued formula therefore have equal expressions.
 *
 * @param number the row or column from 0 where fixed, otherwise the distance to it
 */
public record Coordinate(int number, boolean fixed) {
    static Coordinate of(int absolute, boolean fixed, int origin) {
        return new Coordinate(fixed ? absolute : absolute - origin, fixed);
    }

    /** The row or column from 0, seen from {@code origin}; it may lie outside the grid. */
    public int from(int origin) {
        return fixed ? number : origin + number;
    }
}
