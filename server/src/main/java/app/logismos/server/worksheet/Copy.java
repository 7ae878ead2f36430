package app.logismos.server.worksheet;

import app.logismos.formula.Address;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.List;

/** The edits that write a worksheet down again. */
final class Copy {
    private Copy() {}

    static List<Edit> edits(Worksheet worksheet) {
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
            if (!typed.isEmpty()) {
                edits.add(new Edit.Enter(grid.id(), typed));
            }
        });
        edits.add(new Edit.ChangeSettings(worksheet.settings()));
        return edits;
    }
}
