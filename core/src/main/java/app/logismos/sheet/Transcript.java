package app.logismos.sheet;

import app.logismos.formula.Address;
import java.util.ArrayList;
import java.util.List;

/** The edits that write a worksheet down again. */
public final class Transcript {
    private Transcript() {}

    /** The edits of an empty worksheet that make it equal, but for its title. */
    public static List<Edit> of(Worksheet worksheet) {
        List<Edit> edits = new ArrayList<>();
        List<Section> sections = worksheet.outline().sections();
        for (int i = 0; i < sections.size(); i++) {
            edits.add(new Edit.AddSection(sections.get(i), i));
        }
        edits.addAll(worksheet.names().definitions());
        worksheet.outline().grids().forEach(grid -> {
            List<Edit.Typed> typed = new ArrayList<>();
            worksheet.cells(grid.id()).forEach((column, row, cell) -> {
                Address at = new Address(column, row);
                typed.add(new Edit.Typed(at, cell.text(at)));
            });
            edits.addAll(Edit.Enter.inParts(grid.id(), typed));
        });
        edits.add(new Edit.ChangeSettings(worksheet.settings()));
        return edits;
    }
}
