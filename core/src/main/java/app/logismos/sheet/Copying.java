package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Coordinate;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Printer;
import app.logismos.formula.Respelling;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Copies cells, once or as often as they fit into a larger area. References without {@code $} keep their distance; one
 * that would leave the grid is gone. A copy does not take its original's name.
 */
final class Copying {
    private final Worksheet worksheet;
    private final Edit.CopyCells copy;
    private final ReferenceSpelling spelling;

    /** The names that copied functions have been given. */
    private final Set<String> given = new HashSet<>();

    private Copying(Worksheet worksheet, Edit.CopyCells copy) {
        this.worksheet = worksheet;
        this.copy = copy;
        this.spelling = new ReferenceSpelling(worksheet.outline());
    }

    /** The simple edits that make the copy. */
    static List<Edit> edits(Worksheet worksheet, Edit.CopyCells copy) {
        return new Copying(worksheet, copy).edits();
    }

    private List<Edit> edits() {
        Block.Grid from = grid(copy.grid());
        Block.Grid into = grid(copy.toGrid());
        Area area = target();
        Room.check(area.size());
        List<Edit.Typed> typed = new ArrayList<>();
        Map<String, String> styles = new HashMap<>(into.styles());
        for (int row = 0; row < area.rows(); row++) {
            for (int column = 0; column < area.columns(); column++) {
                Address source = new Address(
                        copy.area().first().column() + column % copy.area().columns(),
                        copy.area().first().row() + row % copy.area().rows());
                Address at =
                        new Address(area.first().column() + column, area.first().row() + row);
                if (!copy.grid().equals(copy.toGrid()) || !source.equals(at)) {
                    typed.add(new Edit.Typed(
                            at,
                            worksheet
                                    .cell(copy.grid(), source)
                                    .map(cell -> copied(cell, source, at))
                                    .orElse("")));
                    styles.remove(at.toString());
                    Optional.ofNullable(from.styles().get(source.toString()))
                            .ifPresent(style -> styles.put(at.toString(), style));
                }
            }
        }
        Block.Grid styled =
                into.including(area.last().column(), area.last().row()).withStyles(styles);
        List<Edit> edits = new ArrayList<>(List.of(new Edit.Enter(copy.toGrid(), typed)));
        if (!styled.equals(into)) {
            edits.add(new Edit.ChangeBlock(styled));
        }
        return edits;
    }

    private Block.Grid grid(String id) {
        return worksheet.outline().grid(id).orElseThrow(() -> new EditRefused("There is no grid " + id + "."));
    }

    /** A target of one cell stands for as many as are copied. */
    private Area target() {
        if (copy.into().size() > 1) {
            return copy.into();
        }
        int right = copy.into().first().column() + copy.area().columns() - 1;
        int bottom = copy.into().first().row() + copy.area().rows() - 1;
        if (!Address.isInside(right, bottom)) {
            throw new EditRefused("There is no room for " + copy.area().columns() + " × "
                    + copy.area().rows() + " cells at " + copy.into() + ".");
        }
        return new Area(copy.into().first(), new Address(right, bottom));
    }

    private String copied(Cell cell, Address source, Address at) {
        if (!(EntryReader.read(cell.text(source), source, worksheet.vocabulary()) instanceof Entry.Calculation own)) {
            return cell.text(source);
        }
        String text = Respelling.of(cell.text(source), own.expression(), node -> spelled(node, source, at));
        return own.expression() instanceof Definition function
                ? anotherFunction(function.name(), text)
                : own.name().isPresent() ? text.substring(text.indexOf('=')) : text;
    }

    /** A copied function is another one, so it has another name. */
    private String anotherFunction(String name, String text) {
        String free = worksheet.names().free(name, given);
        given.add(free.toLowerCase(Locale.ROOT));
        return free + text.substring(text.indexOf('('));
    }

    private Optional<String> spelled(Expression node, Address source, Address at) {
        if (!(node instanceof CellReference) && !(node instanceof RangeReference)) {
            return Optional.empty();
        }
        return Optional.of(spelling.place(node, copy.grid(), source)
                .flatMap(meant -> shifted(node, at)
                        .map(area -> new Edit.Place(
                                meant.grid().equals(copy.grid()) && isBare(node) ? copy.toGrid() : meant.grid(), area)))
                .map(place -> spelling.spelled(node, at, place, copy.toGrid()))
                .orElse(Printer.GONE));
    }

    private static boolean isBare(Expression node) {
        return node instanceof CellReference cell
                ? cell.grid().isEmpty()
                : ((RangeReference) node).grid().isEmpty();
    }

    /** What the same relative reference means from another cell. */
    private static Optional<Area> shifted(Expression node, Address at) {
        if (node instanceof CellReference cell) {
            return cell.from(at).map(to -> new Area(to, to));
        }
        RangeReference range = (RangeReference) node;
        Coordinate top = range.firstRow();
        Coordinate left = range.firstColumn();
        return switch (range.extent()) {
            case CELLS -> range.from(at);
            case COLUMNS -> columns(left.from(at.column()), range.lastColumn().from(at.column()));
            case ROWS -> rows(top.from(at.row()), range.lastRow().from(at.row()));
        };
    }

    private static Optional<Area> columns(int first, int last) {
        return Address.isInside(first, 0) && Address.isInside(last, 0)
                ? Optional.of(Area.between(new Address(first, 0), new Address(last, Address.ROWS - 1)))
                : Optional.empty();
    }

    private static Optional<Area> rows(int first, int last) {
        return Address.isInside(0, first) && Address.isInside(0, last)
                ? Optional.of(Area.between(new Address(0, first), new Address(Address.COLUMNS - 1, last)))
                : Optional.empty();
    }
}
