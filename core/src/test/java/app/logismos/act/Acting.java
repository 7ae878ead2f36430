package app.logismos.act;

import app.logismos.Patient;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.List;

/** A worksheet with one grid, {@code g}, on which acts are done in tests. */
final class Acting {
    final LiveWorksheet live = new LiveWorksheet(
            new Worksheet("Blend", List.of(Section.of("s", "Blend", Block.Grid.of("g", "Lots", 9, 6))), Words.STANDARD),
            Patient.LIMITS);

    /** Types into cells: cell, text, cell, text … */
    Acting typed(String... cellsAndTexts) {
        List<Edit.Typed> typed = new ArrayList<>();
        for (int i = 0; i < cellsAndTexts.length; i += 2) {
            typed.add(new Edit.Typed(at(cellsAndTexts[i]), cellsAndTexts[i + 1]));
        }
        live.apply(List.of(new Edit.Enter("g", typed)));
        return this;
    }

    Acting done(Act act) {
        live.apply(act.edits(live));
        return this;
    }

    /** The entries of cells, in one line. */
    String entries(String area) {
        List<String> entries = new ArrayList<>();
        Area cells = area(area);
        for (int row = cells.first().row(); row <= cells.last().row(); row++) {
            for (int column = cells.first().column(); column <= cells.last().column(); column++) {
                Address at = new Address(column, row);
                entries.add(live.worksheet()
                        .cell("g", at)
                        .map(cell -> cell.text(at))
                        .orElse("·"));
            }
        }
        return String.join(" ", entries);
    }

    static Address at(String address) {
        return Address.parse(address).orElseThrow();
    }

    static Area area(String area) {
        return Area.parse(area).orElseThrow();
    }
}
