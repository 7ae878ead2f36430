package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.List;
import java.util.Optional;

/** Where the cells of a grid go when it is restructured; what refers to them follows. */
public sealed interface Displacement {
    /** The id of the grid that is restructured. */
    String grid();

    /** Where an area is then; nothing where all of it is gone. */
    Optional<Edit.Place> of(Edit.Place place);

    /** Lines that are put in, taken out or moved along an axis. */
    sealed interface Lines extends Displacement {
        /** Along which lines. */
        Axis axis();

        /** Where the lines from one to another are; nothing where all of them are gone. */
        Optional<int[]> of(int first, int last);

        @Override
        default Optional<Edit.Place> of(Edit.Place place) {
            int first = axis().first(place.area());
            int last = axis().last(place.area());
            boolean isWhole = first == 0 && last == axis().most() - 1;
            if (!place.grid().equals(grid()) || isWhole) {
                return Optional.of(place);
            }
            return of(first, last)
                    .filter(lines -> lines[0] < axis().most())
                    .map(lines -> new Edit.Place(
                            place.grid(), axis().with(place.area(), lines[0], Math.min(lines[1], axis().most() - 1))));
        }
    }

    /** Empty lines are put in before the line {@code at}; an area that has it inside grows. */
    record Inserted(String grid, Axis axis, int at, int count) implements Lines {
        @Override
        public Optional<int[]> of(int first, int last) {
            return Optional.of(new int[] {shifted(first), shifted(last)});
        }

        /**
         * Whether a formula stands in the line that others are put in before, and refers to cells up to there, as a sum
         * below its numbers does: then it takes in what is put in.
         */
        boolean isTakenInBy(Edit.Place meant, Edit.Place formula) {
            int first = axis.first(meant.area());
            int last = axis.last(meant.area());
            return formula.grid().equals(grid)
                    && meant.grid().equals(grid)
                    && axis.first(formula.area()) == at
                    && last == at - 1
                    && first < last;
        }

        private int shifted(int line) {
            return line >= at ? line + count : line;
        }
    }

    /** Lines are taken out; an area keeps what is left of it. */
    record Deleted(String grid, Axis axis, int at, int count) implements Lines {
        @Override
        public Optional<int[]> of(int first, int last) {
            int begin = first < at ? first : Math.max(first, at + count) - count;
            int end = last < at ? last : Math.max(last - count, at - 1);
            return begin > end ? Optional.empty() : Optional.of(new int[] {begin, end});
        }
    }

    /**
     * Lines change their place among the others. An area of moved lines only goes with them; another keeps the lines that
     * stay, and takes moved ones in where they come to stand inside it.
     *
     * @param to the line before which they are put, as numbered before
     */
    record Moved(String grid, Axis axis, int at, int count, int to) implements Lines {
        @Override
        public Optional<int[]> of(int first, int last) {
            int target = to > at ? to - count : to;
            if (first >= at && last < at + count) {
                return Optional.of(new int[] {first - at + target, last - at + target});
            }
            return new Deleted(grid, axis, at, count)
                    .of(first, last)
                    .flatMap(left -> new Inserted(grid, axis, target, count).of(left[0], left[1]));
        }
    }

    /** Cells change their place, within the grid or to another; an area that is not wholly moved stays. */
    record CellsMoved(String grid, Area area, String toGrid, Address to) implements Displacement {
        @Override
        public Optional<Edit.Place> of(Edit.Place place) {
            boolean isMoved = place.grid().equals(grid)
                    && area.contains(place.area().first())
                    && area.contains(place.area().last());
            if (!isMoved) {
                return Optional.of(place);
            }
            int right = to.column() - area.first().column();
            int down = to.row() - area.first().row();
            return Optional.of(new Edit.Place(
                    toGrid,
                    new Area(
                            shifted(place.area().first(), right, down),
                            shifted(place.area().last(), right, down))));
        }

        /** The cells that are moved to. */
        Area target() {
            return new Area(to, shifted(to, area.columns() - 1, area.rows() - 1));
        }

        private static Address shifted(Address cell, int right, int down) {
            return new Address(cell.column() + right, cell.row() + down);
        }
    }

    /**
     * The rows of an area change their order. What lies in one of these rows goes with it; an area over several of them
     * stays, since it means the place and not the row.
     *
     * @param order for each row afterwards, which one it was before, from 0
     */
    record RowsOrdered(String grid, Area area, List<Integer> order) implements Displacement {
        public RowsOrdered {
            order = List.copyOf(order);
        }

        @Override
        public Optional<Edit.Place> of(Edit.Place place) {
            Area it = place.area();
            boolean isMoved = place.grid().equals(grid)
                    && it.rows() == 1
                    && area.contains(it.first())
                    && area.contains(it.last());
            if (!isMoved) {
                return Optional.of(place);
            }
            int top = area.first().row();
            int row = top + order.indexOf(it.first().row() - top);
            return Optional.of(new Edit.Place(
                    grid,
                    new Area(
                            new Address(it.first().column(), row),
                            new Address(it.last().column(), row))));
        }
    }
}
