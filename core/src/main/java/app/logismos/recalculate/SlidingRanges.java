package app.logismos.recalculate;

import app.logismos.evaluate.Hint;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Parser;
import app.logismos.formula.Walk;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Edit;
import app.logismos.value.Blank;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Ranges that slide off their table when a formula that looks something up in them is continued down. */
final class SlidingRanges {
    private static final Set<String> LOOKING_UP = Set.of(
            "lookup",
            "lookupcolumn",
            "lookuprow",
            "matchplace",
            "position",
            "rank",
            "countif",
            "countifs",
            "sumif",
            "meanif",
            "vlookup",
            "hlookup",
            "match");
    private static final Pattern CELL = Pattern.compile("(\\$?[A-Za-z]{1,3})([0-9]+)");
    private static final int MOST_ROWS = 1_000;

    private final String grid;
    private final LiveWorksheet live;

    private SlidingRanges(String grid, LiveWorksheet live) {
        this.grid = grid;
        this.live = live;
    }

    /** The hint on a cell whose ranges have moved down with it from the cell above, past the end of what they search. */
    static Optional<Hint> hint(String grid, Address cell, LiveWorksheet live) {
        return new SlidingRanges(grid, live).hint(cell);
    }

    private Optional<Hint> hint(Address cell) {
        String text = text(cell);
        List<RangeReference> ranges = ranges(text, cell);
        List<RangeReference> slid = ranges.stream()
                .filter(range -> isContinued(range, cell) && hasSlid(range, cell))
                .toList();
        if (slid.isEmpty()) {
            return Optional.empty();
        }
        int rows = rowsBelowFirst(slid.get(0), cell);
        String first = slid.get(0).span().in(text);
        return Optional.of(new Hint(
                "sliding-range",
                "`" + first
                        + "` has moved down with the formula and leaves out the beginning of what is searched. `$` keeps"
                        + " it where it is: `" + fixed(first, rows) + "`.",
                replaced(
                        text,
                        ranges.stream()
                                .filter(range -> isContinued(range, cell))
                                .toList(),
                        rows)));
    }

    /**
     * The cells that a formula with a sliding range was continued over, and what the first of them is with its ranges
     * fixed; nothing where no range has slid.
     */
    static Optional<SlidingRun> run(String grid, Address cell, LiveWorksheet live) {
        SlidingRanges sliding = new SlidingRanges(grid, live);
        return sliding.ranges(sliding.text(cell), cell).stream()
                .filter(range -> sliding.isContinued(range, cell) && sliding.hasSlid(range, cell))
                .findFirst()
                .map(range -> sliding.run(range, cell));
    }

    private SlidingRun run(RangeReference range, Address cell) {
        Address first = new Address(cell.column(), cell.row() - rowsBelowFirst(range, cell));
        Address last = cell;
        while (last.row() - first.row() < MOST_ROWS && isContinued(range, below(last))) {
            last = below(last);
        }
        String text = text(first);
        return new SlidingRun(new Area(first, last), replaced(text, ranges(text, first), 0));
    }

    private static Address below(Address cell) {
        return new Address(cell.column(), cell.row() + 1);
    }

    private int rowsBelowFirst(RangeReference range, Address cell) {
        int rows = 1;
        while (rows < MOST_ROWS
                && cell.row() > rows
                && isContinued(range, new Address(cell.column(), cell.row() - rows))) {
            rows++;
        }
        return rows;
    }

    /** The ranges, in the order of the text, in which something is looked up. */
    private List<RangeReference> ranges(String text, Address cell) {
        List<RangeReference> ranges = new ArrayList<>();
        if (text.indexOf(':') > 0
                && Parser.parse(
                                text,
                                text.indexOf('=') + 1,
                                cell,
                                live.worksheet().vocabulary())
                        instanceof Parser.Outcome.Parsed parsed) {
            Walk.visit(parsed.expression(), node -> {
                if (node instanceof Call call
                        && LOOKING_UP.contains(call.function().toLowerCase(Locale.ROOT))) {
                    Walk.children(call).forEach(argument -> add(argument, ranges));
                }
            });
        }
        return ranges;
    }

    private static void add(Expression argument, List<RangeReference> ranges) {
        if (argument instanceof RangeReference range
                && range.extent() == RangeReference.Extent.CELLS
                && !range.firstRow().fixed()
                && !range.lastRow().fixed()
                && range.lastRow().number() > range.firstRow().number()) {
            ranges.add(range);
        }
    }

    private String text(Address cell) {
        return live.worksheet()
                .cell(grid, cell)
                .filter(Cell::isCalculated)
                .map(typed -> typed.text(cell))
                .orElse("");
    }

    /** Whether the cell above has the range as far from itself: then it was continued. */
    private boolean isContinued(RangeReference range, Address cell) {
        if (cell.row() == 0) {
            return false;
        }
        Address above = new Address(cell.column(), cell.row() - 1);
        return ranges(text(above), above).stream()
                .anyMatch(other -> other.grid().equals(range.grid())
                        && other.firstColumn().equals(range.firstColumn())
                        && other.firstRow().equals(range.firstRow())
                        && other.lastColumn().equals(range.lastColumn())
                        && other.lastRow().equals(range.lastRow()));
    }

    /** Whether something stands just above the range, and nothing in its last row. */
    private boolean hasSlid(RangeReference range, Address cell) {
        Optional<Edit.Place> place = live.place(range, grid, cell);
        if (place.isEmpty() || place.get().area().first().row() == 0) {
            return false;
        }
        Area area = place.get().area();
        String other = place.get().grid();
        return isFilled(other, area, area.first().row() - 1)
                && !isFilled(other, area, area.last().row());
    }

    private boolean isFilled(String other, Area area, int row) {
        for (int column = area.first().column(); column <= area.last().column(); column++) {
            if (live.value(other, new Address(column, row)) != Blank.BLANK) {
                return true;
            }
        }
        return false;
    }

    private static String replaced(String text, List<RangeReference> ranges, int rows) {
        StringBuilder replaced = new StringBuilder(text);
        for (int i = ranges.size() - 1; i >= 0; i--) {
            RangeReference range = ranges.get(i);
            replaced.replace(
                    range.span().start(), range.span().end(), fixed(range.span().in(text), rows));
        }
        return replaced.toString();
    }

    /** The range so many rows farther up, with its rows fixed; a grid before it stays. */
    private static String fixed(String range, int rows) {
        int start = range.lastIndexOf('.') + 1;
        return range.substring(0, start)
                + CELL.matcher(range.substring(start))
                        .replaceAll(cell -> Matcher.quoteReplacement(
                                cell.group(1) + "$" + (Integer.parseInt(cell.group(2)) - rows)));
    }
}
