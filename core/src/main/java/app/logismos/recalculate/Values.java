package app.logismos.recalculate;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.value.Failure;
import app.logismos.value.Fold;
import app.logismos.value.Numbers;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** The values of all cells of a worksheet, by the number of their grid. */
final class Values {
    private static final int MOST_LOOKED_AT = 10_000;
    private static final Area EVERYWHERE = new Area(Address.FIRST, new Address(Address.COLUMNS - 1, Address.ROWS - 1));

    private final List<ValueStore> grids = new CopyOnWriteArrayList<>();

    /** A copy-on-write copy; while it is in use, this one must not change. */
    Values overlay() {
        Values overlay = new Values();
        grids.forEach(store -> overlay.grids.add(store.overlay()));
        return overlay;
    }

    Value get(int grid, Address cell) {
        return get(grid, cell.column(), cell.row());
    }

    Value get(long key) {
        return get(CellKey.grid(key), CellKey.column(key), CellKey.row(key));
    }

    Value get(int grid, int column, int row) {
        return store(grid).get(column, row);
    }

    void set(long key, Value value) {
        store(CellKey.grid(key)).set(CellKey.column(key), CellKey.row(key), value);
    }

    /** The numbers of a page of {@link ValueStore}, from a row on that may lie above the grid or begin within a page. */
    Numbers numbers(int grid, int column, int row) {
        return store(grid).numbersFrom(column, row);
    }

    /** The values of an area; it follows later changes. */
    Table range(int grid, Area area) {
        return new Range(store(grid), area, Optional.empty(), failed -> failed);
    }

    /**
     * The values of an area, whose folds go on from those of shorter areas; see {@link Folded}.
     *
     * @param seen what a failure of a cell is for the one that refers to the area
     */
    Table range(int grid, Area area, Folded folded, UnaryOperator<Failure> seen) {
        Optional<Folded.Column> column = area.columns() == 1 ? Optional.of(folded.from(grid, area)) : Optional.empty();
        return new Range(store(grid), area, column, seen);
    }

    /** The first cell of a grid, column by column, whose value fulfils a condition; only so many are looked at. */
    Optional<Address> firstWhere(int grid, Predicate<Value> condition) {
        int[] left = {MOST_LOOKED_AT};
        return firstIn(grid, EVERYWHERE, value -> left[0]-- > 0 && condition.test(value));
    }

    /** The first cell of an area, column by column, whose value fulfils a condition. */
    Optional<Address> firstIn(int grid, Area area, Predicate<Value> condition) {
        Address[] found = new Address[1];
        store(grid).forEach(area, (column, row, value) -> {
            if (found[0] == null && condition.test(value)) {
                found[0] = new Address(column, row);
            }
        });
        return Optional.ofNullable(found[0]);
    }

    private ValueStore store(int grid) {
        return grid < grids.size() ? grids.get(grid) : grown(grid);
    }

    private synchronized ValueStore grown(int grid) {
        while (grids.size() <= grid) {
            grids.add(new ValueStore());
        }
        return grids.get(grid);
    }

    /** A view of an area; reading a large range copies nothing. */
    private record Range(ValueStore store, Area area, Optional<Folded.Column> folded, UnaryOperator<Failure> seen)
            implements Table {
        private Value seen(Value value) {
            return value instanceof Failure failure ? seen.apply(failure) : value;
        }

        @Override
        public int rows() {
            return area.rows();
        }

        @Override
        public int columns() {
            return area.columns();
        }

        @Override
        public Value at(int row, int column) {
            return seen(store.get(area.first().column() + column, area.first().row() + row));
        }

        @Override
        public void forEachFilled(Consumer<Value> visitor) {
            store.forEach(area, (column, row, value) -> visitor.accept(seen(value)));
        }

        /**
         * Aggregates are shared by all formulas that refer to the column. Each sees a failure in it under its own name
         * for the failed cell.
         */
        @Override
        public <A> A fold(Fold<A> fold) {
            A gathered = folded.isPresent() ? folded.get().fold(fold, store, area) : Table.super.fold(fold);
            return fold.value().apply(gathered) instanceof Failure failure
                    ? fold.add().apply(fold.start(), seen.apply(failure))
                    : gathered;
        }
    }
}
