package app.logismos.formats.readable;

import app.logismos.chart.ChartData;
import app.logismos.chart.ChartReading;
import app.logismos.chart.View;
import app.logismos.display.Display;
import app.logismos.formats.document.Used;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Section;
import app.logismos.value.Blank;
import app.logismos.value.Kind;
import app.logismos.value.Value;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** What is written down of a worksheet, part after part, as it is shown. */
abstract class Readable {
    private final LiveWorksheet live;
    private final boolean formulas;
    private final StringBuilder text = new StringBuilder();

    /**
     * A document of a worksheet.
     *
     * @param formulas whether the formulas stand below each grid
     */
    Readable(LiveWorksheet live, boolean formulas) {
        this.live = live;
        this.formulas = formulas;
    }

    /**
     * A cell as it is shown.
     *
     * @param latex how it is typeset, where that is more than its text
     * @param toTheRight whether it is a number
     */
    record Shown(String text, Optional<String> latex, boolean toTheRight) {
        private static final Shown NOTHING = new Shown("", Optional.empty(), false);
    }

    /** A line of what stands below a grid: a cell and what is told of it. */
    record Said(String cell, String text) {}

    /**
     * A grid up to the last cell that shows something.
     *
     * @param letters of the columns that are shown
     * @param numbers of the rows that are shown, from 1
     * @param headings how many of the rows are headings
     */
    record Lines(List<String> letters, List<Integer> numbers, int headings, List<List<Shown>> rows) {}

    abstract void begin(String title);

    abstract void heading(String title, boolean isPart);

    abstract void note(String markdown);

    abstract void paragraph(String text);

    abstract void table(String title, Lines lines);

    abstract void said(String what, List<Said> lines);

    /** The place of a chart, and what it shows in words. */
    void figure(String id, String title, String summary) {
        paragraph(summary);
    }

    abstract void end();

    final void add(String written) {
        text.append(written);
    }

    /** The whole document. */
    final String written() {
        begin(live.worksheet().title());
        for (Section section : live.worksheet().outline().sections()) {
            heading(section.title(), section.isPart());
            for (Block block : section.blocks()) {
                block.match(this::grid, this::ofNote, this::chart);
            }
        }
        workings();
        end();
        return text.toString();
    }

    /** What is told besides, behind all that stands on the page. */
    void workings() {}

    final LiveWorksheet live() {
        return live;
    }

    private Readable ofNote(Block.Note note) {
        note(note.text());
        return this;
    }

    private Readable grid(Block.Grid grid) {
        Area used = Used.of(live, grid).orElse(new Area(Address.FIRST, Address.FIRST));
        List<Integer> rows = IntStream.rangeClosed(0, used.last().row())
                .filter(row -> !grid.hiddenRows().contains(row))
                .boxed()
                .toList();
        List<Integer> columns = IntStream.rangeClosed(0, used.last().column())
                .filter(column -> !grid.hiddenColumns().contains(column))
                .boxed()
                .toList();
        int headings = (int) rows.stream().filter(row -> row < grid.headings()).count();
        if (rows.isEmpty() || columns.isEmpty()) {
            return this;
        }
        table(
                grid.title(),
                new Lines(
                        columns.stream().map(Address::letters).toList(),
                        rows.stream().map(row -> row + 1).toList(),
                        headings,
                        rows.stream()
                                .map(row -> columns.stream()
                                        .map(column -> shown(grid.id(), new Address(column, row)))
                                        .toList())
                                .toList()));
        List<Said> calculated = formulas ? formulas(grid) : List.of();
        if (!calculated.isEmpty()) {
            said("Formulas", calculated);
        }
        Map<Address, String> remarks = new TreeMap<>(Readable::inOrder);
        grid.remarks().forEach((at, remark) -> Address.parse(at).ifPresent(cell -> remarks.put(cell, remark)));
        if (!remarks.isEmpty()) {
            said(
                    "Remarks",
                    remarks.entrySet().stream()
                            .map(each -> new Said(each.getKey().toString(), each.getValue()))
                            .toList());
        }
        return this;
    }

    private static int inOrder(Address a, Address b) {
        return a.row() == b.row() ? Integer.compare(a.column(), b.column()) : Integer.compare(a.row(), b.row());
    }

    private Shown shown(String grid, Address at) {
        Value value = live.value(grid, at);
        if (value == Blank.BLANK) {
            return Shown.NOTHING;
        }
        Display display = live.display(grid, at);
        boolean isNumber = value.kind() == Kind.NUMBER || value.kind() == Kind.QUANTITY;
        return new Shown(display.text(value), display.typeset(display.measured(value)), isNumber);
    }

    private List<Said> formulas(Block.Grid grid) {
        Map<Address, String> found = new TreeMap<>(Readable::inOrder);
        live.worksheet().cells(grid.id()).forEach((column, row, cell) -> {
            if (cell.isCalculated()) {
                found.put(new Address(column, row), live.display().write(cell.text(new Address(column, row))));
            }
        });
        return found.entrySet().stream()
                .map(each -> new Said(each.getKey().toString(), each.getValue()))
                .toList();
    }

    /** A chart in words: what it shows stands in its grid. */
    private Readable chart(Chart chart) {
        ChartData data = ChartReading.of(chart, live, View.USUAL);
        figure(chart.id(), data.title(), data.summary());
        return this;
    }
}
