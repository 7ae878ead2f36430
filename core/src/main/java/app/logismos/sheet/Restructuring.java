package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Printer;
import app.logismos.formula.References;
import app.logismos.formula.Respelling;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Puts a {@link Displacement} into effect as simple edits: entries at their new places with references that follow,
 * names, styles, widths and charts likewise. Each simple edit has its inverse, and so has the whole.
 */
final class Restructuring {
    private final Worksheet worksheet;
    private final Displacement displacement;
    private final ReferenceSpelling spelling;
    private final Map<Expression, List<Expression>> references = new IdentityHashMap<>();
    private final Map<String, Map<Address, String>> typed = new LinkedHashMap<>();

    private Restructuring(Worksheet worksheet, Displacement displacement) {
        this.worksheet = worksheet;
        this.displacement = displacement;
        this.spelling = new ReferenceSpelling(worksheet.outline());
    }

    /**
     * The simple edits, in the order in which they are to be applied.
     *
     * @throws EditRefused where a filled cell would fall off the edge of a grid
     */
    static List<Edit> edits(Worksheet worksheet, Displacement displacement) {
        Restructuring restructuring = new Restructuring(worksheet, displacement);
        List<Edit> edits = new ArrayList<>(restructuring.entries());
        edits.addAll(restructuring.names());
        edits.addAll(restructuring.blocks());
        return edits;
    }

    private List<Edit> entries() {
        // The restructured grid comes first: names that leave it with their cells are free before others claim them.
        clear();
        worksheet
                .outline()
                .grids()
                .forEach(grid -> worksheet
                        .cells(grid.id())
                        .forEach((column, row, cell) -> entry(grid.id(), new Address(column, row), cell)));
        List<Edit> edits = new ArrayList<>();
        typed.forEach((grid, cells) -> {
            List<Edit.Typed> entries = new ArrayList<>();
            cells.forEach((at, text) -> entries.add(new Edit.Typed(at, text)));
            if (!entries.isEmpty()) {
                edits.add(new Edit.Enter(grid, entries));
            }
        });
        return edits;
    }

    /** Every cell that goes elsewhere leaves an empty one, unless another comes there. */
    private void clear() {
        Map<Address, String> cleared = typed.computeIfAbsent(displacement.grid(), id -> new LinkedHashMap<>());
        worksheet.cells(displacement.grid()).forEach((column, row, cell) -> {
            Address at = new Address(column, row);
            if (!moved(displacement.grid(), at).equals(Optional.of(place(displacement.grid(), at)))) {
                cleared.put(at, "");
            }
        });
        if (displacement instanceof Displacement.CellsMoved moved) {
            Map<Address, String> overwritten = typed.computeIfAbsent(moved.toGrid(), id -> new LinkedHashMap<>());
            worksheet
                    .cells(moved.toGrid())
                    .forEach(moved.target(), (column, row, cell) -> overwritten.put(new Address(column, row), ""));
        }
    }

    private void entry(String grid, Address at, Cell cell) {
        Optional<Edit.Place> then = moved(grid, at);
        if (then.isEmpty()) {
            if (isPushedOff(grid)) {
                throw new EditRefused("There is no room: " + at + " is filled and would leave the grid.");
            }
            return;
        }
        String text = followed(cell, grid, at, then.get().grid());
        Address to = then.get().area().first();
        boolean stays = then.get().grid().equals(grid) && to.equals(at);
        if (!isOverwritten(grid, at) && (!stays || !text.equals(cell.text(at)))) {
            typed.computeIfAbsent(then.get().grid(), id -> new LinkedHashMap<>())
                    .put(to, text);
        }
    }

    private boolean isOverwritten(String grid, Address at) {
        return displacement instanceof Displacement.CellsMoved moved
                && moved.toGrid().equals(grid)
                && moved.target().contains(at)
                && !(moved.grid().equals(grid) && moved.area().contains(at));
    }

    private boolean isPushedOff(String grid) {
        return displacement instanceof Displacement.Inserted && grid.equals(displacement.grid());
    }

    private Optional<Edit.Place> moved(String grid, Address at) {
        return displacement.of(place(grid, at));
    }

    private static Edit.Place place(String grid, Address at) {
        return new Edit.Place(grid, new Area(at, at));
    }

    /** The text of a cell whose references follow; unchanged where they mean the same under the same spelling. */
    private String followed(Cell cell, String grid, Address at, String newGrid) {
        if (!(cell.entry() instanceof Entry.Calculation shared)
                || nodes(shared.expression()).stream().allMatch(node -> isLeft(node, grid, at, newGrid))) {
            return cell.text(at);
        }
        return EntryReader.read(cell.text(at), at, worksheet.vocabulary()) instanceof Entry.Calculation own
                ? Respelling.of(cell.text(at), own.expression(), node -> spelled(node, grid, at, newGrid))
                : cell.text(at);
    }

    private List<Expression> nodes(Expression expression) {
        return references.computeIfAbsent(
                expression, key -> References.in(key).all().stream().toList());
    }

    private boolean isLeft(Expression node, String grid, Address at, String newGrid) {
        Optional<Edit.Place> meant = spelling.place(node, grid, at);
        return meant.isEmpty()
                || grid.equals(newGrid) && then(meant.get(), grid, at).equals(meant);
    }

    /** Where cells are then that a formula refers to; a range that ends at the formula takes in what is put in between. */
    private Optional<Edit.Place> then(Edit.Place meant, String grid, Address at) {
        return displacement instanceof Displacement.Inserted inserted && inserted.isTakenInBy(meant, place(grid, at))
                ? Optional.of(new Edit.Place(
                        grid,
                        inserted.axis()
                                .with(
                                        meant.area(),
                                        inserted.axis().first(meant.area()),
                                        inserted.axis().last(meant.area()) + inserted.count())))
                : displacement.of(meant);
    }

    private Optional<String> spelled(Expression node, String grid, Address at, String newGrid) {
        return isLeft(node, grid, at, newGrid)
                ? Optional.empty()
                : Optional.of(then(spelling.place(node, grid, at).orElseThrow(), grid, at)
                        .map(then -> spelling.spelled(node, at, then, newGrid))
                        .orElse(Printer.GONE));
    }

    private List<Edit> names() {
        List<Edit> edits = new ArrayList<>();
        for (Target target : worksheet.names().definedIn(displacement.grid())) {
            Edit.Place now = new Edit.Place(target.grid(), target.area());
            Optional<Edit.Place> then = displacement.of(now);
            if (!then.equals(Optional.of(now))) {
                edits.add(new Edit.Define(target.name(), Optional.empty()));
                then.ifPresent(place -> edits.add(new Edit.Define(target.name(), Optional.of(place))));
            }
        }
        return edits;
    }

    private List<Edit> blocks() {
        List<Edit> edits = new ArrayList<>();
        worksheet.outline().sections().stream()
                .flatMap(section -> section.blocks().stream())
                .forEach(block -> changed(block)
                        .filter(then -> !then.equals(block))
                        .ifPresent(then -> edits.add(new Edit.ChangeBlock(then))));
        return edits;
    }

    private Optional<Block> changed(Block block) {
        Block followed = block.withExpressions(
                expression -> followed(expression, block.expressionsIn().orElse("")));
        return followed.match(
                grid -> Optional.of(grid(grid)),
                note -> Optional.empty(),
                chart -> Optional.of(chart.withPlaces(displacement::of)));
    }

    /** An expression that stands in no cell, with references that follow. */
    private String followed(String expression, String grid) {
        return Respelling.expression(
                expression, worksheet.vocabulary(), node -> spelled(node, grid, Address.FIRST, grid));
    }

    /** A grid with its size, headings, widths, styles, remarks and hidden lines as they are then. */
    private Block.Grid grid(Block.Grid grid) {
        // What the entries have made it grow by counts as well.
        Block.Grid grown = sized(grid, grid.id().equals(displacement.grid()));
        Map<Integer, Integer> widths = new HashMap<>();
        grid.widths().forEach((column, width) -> column(grid.id(), column).ifPresent(to -> widths.put(to, width)));
        return grown.withWidths(widths)
                .withStyles(carried(grid, Block.Grid::styles))
                .withRemarks(carried(grid, Block.Grid::remarks))
                .withHidden(
                        lines(grid.hiddenRows(), row -> row(grid.id(), row)),
                        lines(grid.hiddenColumns(), column -> column(grid.id(), column)));
    }

    /** What is kept by cell or column, of all grids, as far as it belongs to this one then. */
    private Map<String, String> carried(Block.Grid grid, Function<Block.Grid, Map<String, String>> kept) {
        Map<String, String> then = new HashMap<>();
        worksheet
                .outline()
                .grids()
                .forEach(from -> kept.apply(from)
                        .forEach((key, text) ->
                                styleKey(from.id(), key, grid.id()).ifPresent(to -> then.put(to, text))));
        return then;
    }

    private static Set<Integer> lines(Set<Integer> lines, Function<Integer, Optional<Integer>> then) {
        return lines.stream().flatMap(line -> then.apply(line).stream()).collect(Collectors.toSet());
    }

    private Block.Grid sized(Block.Grid grid, boolean isRestructured) {
        if (displacement instanceof Displacement.CellsMoved moved
                && moved.toGrid().equals(grid.id())) {
            return grid.including(
                    moved.to().column() + moved.area().columns() - 1,
                    moved.to().row() + moved.area().rows() - 1);
        }
        if (!isRestructured) {
            return grid;
        }
        int more = displacement instanceof Displacement.Inserted inserted
                ? inserted.count()
                : displacement instanceof Displacement.Deleted deleted ? -deleted.count() : 0;
        boolean isRows = displacement instanceof Displacement.Lines lines && lines.axis() == Axis.ROWS;
        int headings =
                isRows && more != 0 ? headings(((Displacement.Lines) displacement), grid.headings()) : grid.headings();
        return grid.withSize(
                        Math.max(1, Math.min(grid.rows() + (isRows ? more : 0), Address.ROWS)),
                        Math.max(1, Math.min(grid.columns() + (isRows ? 0 : more), Address.COLUMNS)))
                .withHeadings(headings);
    }

    private static int headings(Displacement.Lines lines, int headings) {
        return headings == 0
                ? 0
                : lines.of(0, headings - 1).map(rows -> rows[1] - rows[0] + 1).orElse(0);
    }

    private Optional<Integer> column(String grid, int column) {
        return displacement
                .of(new Edit.Place(grid, new Area(new Address(column, 0), new Address(column, Address.ROWS - 1))))
                .map(place -> place.area().first().column());
    }

    private Optional<Integer> row(String grid, int row) {
        return displacement
                .of(new Edit.Place(grid, new Area(new Address(0, row), new Address(Address.COLUMNS - 1, row))))
                .map(place -> place.area().first().row());
    }

    /** Where a style goes: a cell's with the cell, a column's with the column. */
    private Optional<String> styleKey(String from, String key, String to) {
        Optional<Address> cell = Address.parse(key);
        if (cell.isPresent()) {
            return moved(from, cell.get())
                    .filter(place -> place.grid().equals(to))
                    .map(place -> place.area().first().toString());
        }
        if (!from.equals(to)) {
            return Optional.empty();
        }
        return key.isEmpty()
                ? Optional.of(key)
                : column(from, Address.columnOf(key)).map(Address::letters);
    }
}
