package app.logismos.sheet;

import app.logismos.formula.Address;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

/** Cells of one grid, each once, in the order in which they came; a million take little more than their addresses. */
final class CellSet implements Iterable<Address> {
    private final CellStore<Address> known = new CellStore<>();
    private final List<Address> ordered = new ArrayList<>();

    /** An empty set. */
    CellSet() {}

    /** Adds a cell; answers whether it is new. */
    boolean add(Address cell) {
        if (contains(cell)) {
            return false;
        }
        known.set(cell.column(), cell.row(), cell);
        ordered.add(cell);
        return true;
    }

    /** Whether the cell is one of them. */
    boolean contains(Address cell) {
        return known.get(cell) != null;
    }

    @Override
    public Iterator<Address> iterator() {
        return ordered.iterator();
    }
}
