package app.logismos.sheet;

import app.logismos.formula.Address;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** The cells, names and grids that edits have changed, from which recalculation begins. */
public final class Touched {
    private final Map<String, CellSet> cells = new LinkedHashMap<>();
    private final Set<String> names = new LinkedHashSet<>();
    private final Set<String> titles = new LinkedHashSet<>();
    private boolean everything;
    private boolean hiddenRows;

    void cell(String grid, Address cell) {
        cells(grid).add(cell);
    }

    void cells(String grid, List<Edit.Typed> typed) {
        CellSet touched = cells(grid);
        typed.forEach(each -> touched.add(each.cell()));
    }

    private CellSet cells(String grid) {
        return cells.computeIfAbsent(grid, id -> new CellSet());
    }

    void name(String name) {
        names.add(name.toLowerCase(Locale.ROOT));
    }

    /** Every cell may have another value. */
    void everything() {
        everything = true;
    }

    /** Other rows are hidden than before. */
    void hiddenRows() {
        hiddenRows = true;
    }

    void title(String title) {
        titles.add(title.toLowerCase(Locale.ROOT));
    }

    /** Cells whose entry may be another, by the id of their grid. */
    public Map<String, Iterable<Address>> cells() {
        return Collections.unmodifiableMap(cells);
    }

    /** Whether the entry of a cell may be another. */
    public boolean holds(String grid, Address cell) {
        CellSet touched = cells.get(grid);
        return touched != null && touched.contains(cell);
    }

    /** Names, in lower case, that may stand for something else. */
    public Set<String> names() {
        return names;
    }

    /** Titles of grids, in lower case, that may mean another grid. */
    public Set<String> titles() {
        return titles;
    }

    /** Whether other rows are hidden than before. */
    public boolean areOthersHidden() {
        return hiddenRows;
    }

    /** Whether every calculated cell may have another value. */
    public boolean isEverything() {
        return everything;
    }
}
