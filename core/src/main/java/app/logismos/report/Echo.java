package app.logismos.report;

import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.CellChange;
import app.logismos.recalculate.Change;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;

/**
 * What followed from edits, in words.
 *
 * @param message one line
 * @param results the cells that changed without being typed into
 */
public record Echo(String message, List<Line> results) {
    /** A longer list is not read. */
    private static final int MOST_LINES = 500;

    public Echo {
        results = List.copyOf(results);
    }

    /**
     * A cell that changed.
     *
     * @param grid the id of its grid
     * @param called its name, or what labels its row, or its address
     * @param failed whether it had a value and has none now
     */
    public record Line(String grid, Address cell, String called, String before, String after, boolean failed) {}

    /** The echo of edits that were just applied. */
    public static Echo of(List<Edit> edits, Change change, LiveWorksheet live) {
        List<CellChange> typed =
                change.cells().stream().filter(CellChange::entered).toList();
        List<CellChange> followed = edits.stream().anyMatch(Edit.Restructure.class::isInstance)
                ? carried(edits, change, live)
                : change.cells().stream().filter(cell -> !cell.entered()).toList();
        String follows = followed.isEmpty()
                ? ""
                : ": " + followed.size() + (followed.size() == 1 ? " result changed" : " results changed");
        return new Echo(
                said(edits, typed, change.inverse(), live) + follows,
                firstOnThePage(followed, live).stream()
                        .map(cell -> line(cell, live))
                        .toList());
    }

    /** The first so many in the order of the page: grid by grid, row by row. */
    private static List<CellChange> firstOnThePage(List<CellChange> changes, LiveWorksheet live) {
        List<String> grids =
                live.worksheet().outline().grids().map(Block.Grid::id).toList();
        Comparator<CellChange> order = Comparator.<CellChange>comparingInt(change -> grids.indexOf(change.grid()))
                .thenComparingInt(change -> change.cell().row())
                .thenComparingInt(change -> change.cell().column());
        PriorityQueue<CellChange> first = new PriorityQueue<>(order.reversed());
        for (CellChange change : changes) {
            if (first.size() < MOST_LINES || order.compare(change, first.element()) < 0) {
                first.add(change);
            }
            if (first.size() > MOST_LINES) {
                first.remove();
            }
        }
        return first.stream().sorted(order).toList();
    }

    /** Where cells have changed their places, a result has changed if it is another than at the cell's former place. */
    private static List<CellChange> carried(List<Edit> edits, Change change, LiveWorksheet live) {
        List<CellChange> carried = new ArrayList<>();
        for (CellChange cell : change.cells()) {
            Optional<Edit.Place> now = Optional.of(new Edit.Place(cell.grid(), new Area(cell.cell(), cell.cell())));
            for (Edit edit : edits) {
                now = edit instanceof Edit.Restructure restructure ? now.flatMap(restructure.displacement()::of) : now;
            }
            now.filter(place -> live.worksheet()
                            .cell(place.grid(), place.area().first())
                            .filter(Cell::isCalculated)
                            .isPresent())
                    .map(place -> new CellChange(
                            place.grid(),
                            place.area().first(),
                            cell.before(),
                            live.value(place.grid(), place.area().first()),
                            false))
                    .filter(moved -> !moved.before().equals(moved.after()) && moved.before() != Blank.BLANK)
                    .ifPresent(carried::add);
        }
        return carried;
    }

    private static Line line(CellChange change, LiveWorksheet live) {
        return new Line(
                change.grid(),
                change.cell(),
                called(change.grid(), change.cell(), live),
                shown(change, change.before(), live),
                shown(change, change.after(), live),
                change.after() instanceof Failure && !(change.before() instanceof Failure));
    }

    private static String said(List<Edit> edits, List<CellChange> typed, List<Edit> inverse, LiveWorksheet live) {
        boolean enters = edits.stream().allMatch(Edit.Enter.class::isInstance);
        if (!enters || typed.isEmpty()) {
            return edits.stream()
                    .map(edit -> said(edit, inverse) + takenIn(edit, live))
                    .distinct()
                    .reduce((a, b) -> a + ", " + b)
                    .orElse("Nothing changed");
        }
        if (typed.size() > 1) {
            return typed.size() + " cells entered";
        }
        CellChange only = typed.get(0);
        Line line = line(only, live);
        return line.called() + ": "
                + (only.before().equals(only.after()) ? line.after() : line.before() + " → " + line.after());
    }

    /** Lines that are put in between a range and the formula behind it are taken in by the range. */
    private static String takenIn(Edit edit, LiveWorksheet live) {
        if (!(edit instanceof Edit.InsertLines insert)) {
            return "";
        }
        boolean[] isTakenIn = {false};
        insert.behind()
                .ifPresent(area -> live.worksheet()
                        .cells(insert.grid())
                        .forEach(
                                area,
                                (column, row, cell) ->
                                        isTakenIn[0] |= live.fedBy(insert.grid(), new Address(column, row)).stream()
                                                .anyMatch(insert::isTakenInBy)));
        return isTakenIn[0] ? ", and taken in by what adds up to there" : "";
    }

    /** Of a block it is told what about it has changed. */
    private static String said(Edit edit, List<Edit> inverse) {
        return edit instanceof Edit.ChangeBlock after
                ? inverse.stream()
                        .filter(each -> each instanceof Edit.ChangeBlock before
                                && before.block().id().equals(after.block().id()))
                        .map(each -> said(((Edit.ChangeBlock) each).block(), after.block()))
                        .findFirst()
                        .orElseGet(() -> EditWords.of(edit))
                : EditWords.of(edit);
    }

    private static String said(Block before, Block now) {
        return now.match(
                grid -> before instanceof Block.Grid then ? GridChange.said(then, grid) : EditWords.changed(now),
                note -> EditWords.changed(now),
                chart -> before instanceof Chart then ? ChartChange.said(then, chart) : EditWords.changed(now));
    }

    /** What people call a cell: its name, or its row and column by their labels, or else its address. */
    public static String called(String grid, Address cell, LiveWorksheet live) {
        return live.worksheet()
                .names()
                .of(grid, new Area(cell, cell))
                .or(() -> live.worksheet()
                        .rowLabel(grid, cell)
                        .map(row -> row + " · "
                                + live.worksheet().columnLabel(grid, cell).orElse(cell.toString())))
                .orElse(cell.toString());
    }

    private static String shown(CellChange change, Value value, LiveWorksheet live) {
        if (value == Blank.BLANK) {
            return "empty";
        }
        return value instanceof Failure failure
                ? failure.code().code()
                : display(change, value, live).text(value);
    }

    /** As the cell shows its value; where that would round the value it had before, with all of its digits. */
    private static Display display(CellChange change, Value value, LiveWorksheet live) {
        Display own = live.display(change.grid(), change.cell());
        return own.dropsDigits(value) && value != change.after() ? live.display() : own;
    }
}
