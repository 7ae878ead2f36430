package app.logismos.recalculate;

import app.logismos.sheet.Edit;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What edits have done.
 *
 * @param inverse the edits that take it back, in the order in which they are to be applied
 * @param cells the cells whose entry or value is another now, the typed ones first
 */
public record Change(List<Edit> inverse, List<CellChange> cells) {
    public Change {
        inverse = List.copyOf(inverse);
        cells = List.copyOf(cells);
    }

    /** Both changes as one. */
    public Change and(Change later) {
        Map<Edit.Place, CellChange> both = new LinkedHashMap<>();
        Stream.concat(cells.stream(), later.cells.stream())
                .forEach(cell -> both.merge(cell.place(), cell, CellChange::and));
        return new Change(
                Stream.concat(later.inverse.stream(), inverse.stream()).toList(),
                both.values().stream()
                        .sorted(Comparator.comparing(cell -> !cell.entered()))
                        .toList());
    }
}
