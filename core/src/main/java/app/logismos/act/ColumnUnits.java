package app.logismos.act;

import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.formula.EntryReader;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import java.util.List;
import java.util.Optional;

/**
 * In a column that was given a unit by its style, {@code in kg}, a bare number that is typed takes that unit. The unit is
 * written into the entry, so that nothing about the number is hidden.
 */
public final class ColumnUnits {
    private ColumnUnits() {}

    /** The edits as they are meant in the worksheet as it is. */
    public static List<Edit> written(List<Edit> edits, LiveWorksheet live) {
        return edits.stream()
                .map(edit -> edit instanceof Edit.Enter enter
                        ? live.grid(enter.grid())
                                .map(grid ->
                                        written(enter, grid, live.worksheet().units()))
                                .orElse(enter)
                        : edit)
                .toList();
    }

    private static Edit written(Edit.Enter enter, Block.Grid grid, UnitCatalogue units) {
        return new Edit.Enter(
                enter.grid(),
                enter.cells().stream().map(typed -> written(typed, grid, units)).toList());
    }

    private static Edit.Typed written(Edit.Typed typed, Block.Grid grid, UnitCatalogue units) {
        Optional<Unit> unit = Display.unit(
                grid.styles().getOrDefault(Address.letters(typed.cell().column()), ""), units);
        boolean isHeading = typed.cell().row() < grid.headings();
        return unit.isPresent() && !isHeading && EntryReader.value(typed.text(), units) instanceof NumberValue
                ? new Edit.Typed(typed.cell(), unit.get().behind(typed.text().strip()))
                : typed;
    }
}
