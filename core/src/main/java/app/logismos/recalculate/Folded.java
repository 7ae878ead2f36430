package app.logismos.recalculate;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.value.Fold;
import java.util.HashMap;
import java.util.Map;

/**
 * A cache of partial aggregates over column prefixes, valid for one recalculation. A formula is evaluated after all cells
 * of its ranges, so the aggregate of a shorter prefix can be extended to a longer one until cells change again.
 */
final class Folded {
    private final Map<Long, Column> columns = new HashMap<>();

    /** Empties the cache: cells may have changed. */
    void clear() {
        columns.clear();
    }

    /** The cached aggregates that begin at the first cell of an area. */
    Column from(int grid, Area area) {
        return columns.computeIfAbsent(CellKey.of(grid, area.first()), key -> new Column());
    }

    /** For each fold, the last row it has reached and the aggregate up to there. */
    static final class Column {
        private final Map<String, Reached> reached = new HashMap<>();

        /** An aggregate down to a row. */
        private record Reached(int row, Object gathered) {}

        @SuppressWarnings("unchecked")
        <A> A fold(Fold<A> fold, ValueStore store, Area area) {
            Reached before = reached.get(fold.name());
            int last = area.last().row();
            boolean goesOn = before != null && before.row() <= last;
            Object[] gathered = {goesOn ? before.gathered() : fold.start()};
            int from = goesOn ? before.row() + 1 : area.first().row();
            if (from <= last) {
                int column = area.first().column();
                store.forEach(
                        new Area(new Address(column, from), area.last()),
                        (c, row, value) -> gathered[0] = fold.add().apply((A) gathered[0], value));
            }
            reached.put(fold.name(), new Reached(last, gathered[0]));
            return (A) gathered[0];
        }
    }
}
