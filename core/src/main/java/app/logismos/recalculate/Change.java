package app.logismos.recalculate;

import app.logismos.sheet.Edit;
import java.util.List;

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
}
