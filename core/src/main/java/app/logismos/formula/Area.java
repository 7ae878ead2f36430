package app.logismos.formula;

import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A rectangle of cells of a grid; both corners belong to it.
 *
 * @param first upper left corner
 * @param last lower right corner
 */
public record Area(Address first, Address last) {
    public Area {
        if (last.column() < first.column() || last.row() < first.row()) {
            throw new IllegalArgumentException("an area must not end before it starts, was " + first + ":" + last);
        }
    }

    /** The area with the given opposite corners, in whatever order. */
    public static Area between(Address one, Address other) {
        return new Area(
                new Address(Math.min(one.column(), other.column()), Math.min(one.row(), other.row())),
                new Address(Math.max(one.column(), other.column()), Math.max(one.row(), other.row())));
    }

    /** Reads {@code B2:C9} or the single cell {@code B2}. */
    public static java.util.Optional<Area> parse(String text) {
        String[] corners = text.split(":", -1);
        if (corners.length > 2) {
            return java.util.Optional.empty();
        }
        return Address.parse(corners[0])
                .flatMap(first -> Address.parse(corners[corners.length - 1]).map(last -> between(first, last)));
    }

    /** Its cells, row by row. */
    public Stream<Address> cells() {
        return IntStream.rangeClosed(first.row(), last.row())
                .boxed()
                .flatMap(row -> IntStream.rangeClosed(first.column(), last.column())
                        .mapToObj(column -> new Address(column, row)));
    }

    /** How many rows. */
    public int rows() {
        return last.row() - first.row() + 1;
    }

    /** How many columns. */
    public int columns() {
        return last.column() - first.column() + 1;
    }

    /** How many cells. */
    public long size() {
        return (long) rows() * columns();
    }

    /** Whether the cell lies in it. */
    public boolean contains(Address cell) {
        return cell.column() >= first.column()
                && cell.column() <= last.column()
                && cell.row() >= first.row()
                && cell.row() <= last.row();
    }

    /** Whether a cell lies in both. */
    public boolean intersects(Area other) {
        return first.column() <= other.last.column()
                && other.first.column() <= last.column()
                && first.row() <= other.last.row()
                && other.first.row() <= last.row();
    }

    @Override
    public String toString() {
        return first.equals(last) ? first.toString() : first + ":" + last;
    }
}
