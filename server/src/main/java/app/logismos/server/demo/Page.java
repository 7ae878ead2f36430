package app.logismos.server.demo;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes a worksheet down as the edits that a person would make, one after another. */
final class Page {
    private final List<List<Edit>> edits = new ArrayList<>();
    private String section = "";
    private int sections;
    private int blocks;

    Page section(String id, String title) {
        section = id;
        blocks = 0;
        edits.add(List.of(new Edit.AddSection(Section.of(id, title), sections++)));
        return this;
    }

    Page note(String id, String text) {
        return add(new Block.Note(id, text, false));
    }

    /**
     * A grid with its entries.
     *
     * @param headings how many rows are headings
     * @param widths of columns, in pixels, by column from 0
     * @param styles of numbers, by column or cell
     * @param rows the entries, row by row; empty ones are left out
     */
    Page grid(
            String id,
            String title,
            int headings,
            Map<Integer, Integer> widths,
            Map<String, String> styles,
            String[]... rows) {
        int columns = 0;
        List<Edit.Typed> typed = new ArrayList<>();
        for (int row = 0; row < rows.length; row++) {
            columns = Math.max(columns, rows[row].length);
            for (int column = 0; column < rows[row].length; column++) {
                if (!rows[row][column].isEmpty()) {
                    typed.add(new Edit.Typed(new Address(column, row), rows[row][column]));
                }
            }
        }
        add(Block.Grid.of(id, title, rows.length, columns)
                .withHeadings(headings)
                .withWidths(widths)
                .withStyles(styles));
        edits.add(List.of(new Edit.Enter(id, typed)));
        return this;
    }

    Page name(String name, String grid, String area) {
        Edit.Place place = new Edit.Place(grid, Area.parse(area).orElseThrow());
        edits.add(List.of(new Edit.Define(name, Optional.of(place))));
        return this;
    }

    Page chart(Chart chart) {
        return add(chart);
    }

    private Page add(Block block) {
        edits.add(List.of(new Edit.AddBlock(section, block, blocks++)));
        return this;
    }

    List<List<Edit>> edits() {
        return edits;
    }

    static String[] row(String... entries) {
        return entries;
    }
}
