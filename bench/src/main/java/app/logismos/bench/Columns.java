package app.logismos.bench;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.recalculate.Change;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/** Worksheets of one grid with long columns. */
final class Columns {
    private static final String GRID = "g";

    private Columns() {}

    static LiveWorksheet empty() {
        Block.Grid grid = Block.Grid.of(GRID, "Grid", 10, 3);
        Section section = Section.of("s", "Section", grid);
        return new LiveWorksheet(new Worksheet("Benchmark", List.of(section), Words.STANDARD), Limits.USUAL);
    }

    /** Types into the first {@code rows} cells of a column. */
    static void fill(LiveWorksheet live, int column, int rows, IntFunction<String> entry) {
        List<Edit.Typed> typed = new ArrayList<>(rows);
        for (int row = 0; row < rows; row++) {
            typed.add(new Edit.Typed(new Address(column, row), entry.apply(row + 1)));
        }
        live.apply(List.of(new Edit.Enter(GRID, typed)));
    }

    /** {@link FiveKinds} in columns D to H. */
    static LiveWorksheet fiveKinds(int rows) {
        LiveWorksheet live = empty();
        int column = 0;
        for (IntFunction<String> input : FiveKinds.INPUTS) {
            fill(live, column++, rows, input);
        }
        for (IntFunction<String> formula : FiveKinds.FORMULAS) {
            fill(live, column++, rows, row -> "=" + formula.apply(row));
        }
        return live;
    }

    static Change type(LiveWorksheet live, String address, String text) {
        Address cell = Address.parse(address).orElseThrow();
        return live.apply(List.of(new Edit.Enter(GRID, List.of(new Edit.Typed(cell, text)))));
    }
}
