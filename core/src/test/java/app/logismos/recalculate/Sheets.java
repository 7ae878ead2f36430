package app.logismos.recalculate;

import app.logismos.Patient;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Small worksheets for tests: two grids, Lots ({@code a}) and Leaf prices ({@code b}). */
public final class Sheets {
    private Sheets() {}

    public static LiveWorksheet empty() {
        List<Block> grids = List.of(grid("a", "Lots"), grid("b", "Leaf prices"));
        Section section = Section.of("s", "Blend", grids.toArray(Block[]::new));
        return new LiveWorksheet(new Worksheet("Blend", List.of(section), Words.STANDARD), Patient.LIMITS);
    }

    public static Block.Grid grid(String id, String title) {
        return Block.Grid.of(id, title, 5, 4);
    }

    /** Types into grid {@code a}: cell, text, cell, text … */
    public static Change type(LiveWorksheet live, String... cellsAndTexts) {
        return typeInto(live, "a", cellsAndTexts);
    }

    public static Change typeInto(LiveWorksheet live, String grid, String... cellsAndTexts) {
        List<Edit.Typed> typed = new ArrayList<>();
        for (int i = 0; i < cellsAndTexts.length; i += 2) {
            typed.add(new Edit.Typed(at(cellsAndTexts[i]), cellsAndTexts[i + 1]));
        }
        return live.apply(List.of(new Edit.Enter(grid, typed)));
    }

    public static void name(LiveWorksheet live, String name, String area) {
        live.apply(List.of(define(name, area)));
    }

    public static Edit.Define define(String name, String area) {
        return new Edit.Define(
                name, Optional.of(new Edit.Place("a", Area.parse(area).orElseThrow())));
    }

    public static Address at(String address) {
        return Address.parse(address).orElseThrow();
    }

    /** The value of a cell of grid {@code a}; a failure as its code and message. */
    public static String shown(LiveWorksheet live, String address) {
        Value value = live.value("a", at(address));
        return value instanceof Failure failure
                ? failure.code().code() + ": " + failure.message()
                : PlainText.of(value);
    }

    /** Everything that is typed, by place. */
    public static Map<String, String> entries(LiveWorksheet live) {
        Map<String, String> entries = new TreeMap<>();
        live.worksheet()
                .outline()
                .grids()
                .forEach(grid -> live.worksheet()
                        .cells(grid.id())
                        .forEach((column, row, cell) -> entries.put(
                                grid.id() + "." + new Address(column, row), cell.text(new Address(column, row)))));
        return entries;
    }

    /** Everything that is worked out, by place. */
    public static Map<String, Value> values(LiveWorksheet live) {
        Map<String, Value> values = new TreeMap<>();
        live.worksheet()
                .outline()
                .grids()
                .forEach(grid -> live.worksheet()
                        .cells(grid.id())
                        .forEach((column, row, cell) -> values.put(
                                grid.id() + "." + new Address(column, row),
                                live.value(grid.id(), new Address(column, row)))));
        return values;
    }
}
