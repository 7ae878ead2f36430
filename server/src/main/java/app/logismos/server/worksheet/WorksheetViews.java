package app.logismos.server.worksheet;

import app.logismos.chart.ChartReading;
import app.logismos.chart.Sketch;
import app.logismos.chart.View;
import app.logismos.display.Display;
import app.logismos.display.InFull;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Printer;
import app.logismos.recalculate.CellChange;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.report.Echo;
import app.logismos.report.OwnTitle;
import app.logismos.server.web.ErrorJson;
import app.logismos.server.web.InLowerCase;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Target;
import app.logismos.value.Kind;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Worksheets as answers show them; all texts are finished here, the page only lays them out. */
@Component
class WorksheetViews {
    private static final int PICTURE_ROWS = 5;
    private static final int PICTURE_COLUMNS = 4;
    private static final View SMALL = new View(120, Optional.empty(), Optional.empty());

    /** A worksheet without its cells. */
    record WorksheetJson(
            String id,
            String title,
            long revision,
            Instant keptAt,
            boolean canUndo,
            boolean canRedo,
            List<Section> sections,
            List<NameJson> names,
            Settings settings) {}

    /**
     * A name.
     *
     * @param dropsDigits whether what is shown of its number says less than the value
     * @param calculated whether its cell has a formula
     * @param used whether any formula refers to its cells
     */
    record NameJson(
            String name,
            String grid,
            Area area,
            @InLowerCase(Kind.class) String kind,
            String display,
            boolean exact,
            boolean dropsDigits,
            boolean calculated,
            boolean used) {}

    /**
     * A cell as the grid shows it.
     *
     * @param entry as it was typed
     * @param latex an expression with letters, or an exact number in a style that shows it so, typeset; null for all else
     * @param full all digits of a number, as other programs read it; null for what is none
     * @param unit the symbol at the end of what is shown; null where there is none
     * @param from the cell whose formula has laid its table out over this one; null for others
     */
    record CellJson(
            String grid,
            Address address,
            int column,
            int row,
            String entry,
            boolean calculated,
            @InLowerCase(Kind.class) String kind,
            String display,
            @Nullable String latex,
            @Nullable String full,
            @Nullable String unit,
            boolean exact,
            @Nullable String name,
            @Nullable Address from,
            @Nullable String remark,
            @Nullable ErrorJson error) {}

    /**
     * An answer to edits: what is kept, the cells that look different, and the echo.
     *
     * @param again whether the change had been made before, when it was sent the first time; what it changed is not told
     *     again
     */
    record KeptJson(
            long revision,
            Instant keptAt,
            boolean canUndo,
            boolean canRedo,
            List<CellJson> changed,
            EchoJson echo,
            boolean again) {}

    /** What followed. */
    record EchoJson(String message, List<LineJson> results) {}

    /** One result that changed. */
    record LineJson(
            String grid,
            String gridTitle,
            Address address,
            String called,
            String before,
            String after,
            boolean failed) {}

    /**
     * A worksheet made small.
     *
     * @param title what it is called, by itself where nobody has named it; nothing in pictures of before
     * @param heading the title of its first section
     */
    record Picture(
            Optional<String> title, String heading, String gridTitle, List<List<Dot>> rows, Optional<Sketch> sketch) {}

    /** A cell of the picture. */
    record Dot(String text, boolean calculated, boolean number) {}

    WorksheetJson worksheet(OpenWorksheet open) {
        LiveWorksheet live = open.live;
        return new WorksheetJson(
                open.id,
                OwnTitle.of(live),
                open.revision,
                open.keptAt,
                !open.done.isEmpty(),
                !open.undone.isEmpty(),
                live.worksheet().outline().sections().stream()
                        .map(section -> asSeen(section, live))
                        .toList(),
                live.worksheet().names().all().stream()
                        .map(target -> name(target, live))
                        .toList(),
                live.worksheet().settings());
    }

    /** With grids large enough for the tables that are laid out in them, and expressions with the decimal mark. */
    private static Section asSeen(Section section, LiveWorksheet live) {
        Marked marked = new Marked(live.display());
        Section titled = new Section(
                section.id(),
                OwnTitle.named(section.title(), live),
                section.folded(),
                section.isPart(),
                section.blocks());
        return titled.withBlocks(section.blocks().stream()
                .map(block -> marked.shown(block.match(grid -> grown(grid, live), note -> note, chart -> chart)))
                .toList());
    }

    private static Block grown(Block.Grid grid, LiveWorksheet live) {
        Block.Grid seen = grid;
        for (Address at : live.laidOut(grid.id())) {
            seen = seen.including(at.column(), at.row());
        }
        return seen;
    }

    private static NameJson name(Target target, LiveWorksheet live) {
        Area area = target.area();
        boolean single = area.size() == 1;
        Value value = single ? live.value(target.grid(), area.first()) : live.values(target.grid(), area);
        Display display = single ? live.display(target.grid(), area.first()).unsigned() : live.display();
        return new NameJson(
                target.name(),
                target.grid(),
                area,
                value.kind().name().toLowerCase(Locale.ROOT),
                single ? display.text(value) : area.rows() + " × " + area.columns(),
                value.isExact(),
                display.dropsDigits(value),
                single
                        && live.worksheet()
                                .cell(target.grid(), area.first())
                                .map(Cell::isCalculated)
                                .orElse(false),
                live.isUsed(target));
    }

    CellJson cell(String grid, Address at, LiveWorksheet live) {
        Optional<Cell> cell = live.worksheet().cell(grid, at);
        Value value = live.value(grid, at);
        Optional<Address> from = live.laidOutFrom(grid, at);
        Display display = live.display(grid, at);
        Value measured = display.measured(value);
        return new CellJson(
                grid,
                at,
                at.column(),
                at.row(),
                cell.map(typed -> typed.text(at)).map(display::write).orElse(""),
                cell.map(Cell::isCalculated).orElse(from.isPresent()),
                value.kind().name().toLowerCase(Locale.ROOT),
                display.text(value),
                display.typeset(measured).orElse(null),
                InFull.text(measured).map(display.mark()::number).orElse(null),
                measured instanceof Quantity quantity ? quantity.unit().symbol() : null,
                value.isExact(),
                live.worksheet().names().of(grid, new Area(at, at)).orElse(null),
                from.orElse(null),
                live.grid(grid).map(block -> block.remarks().get(at.toString())).orElse(null),
                ErrorJson.of(value, display));
    }

    /** The cells of an area that hold something. */
    List<CellJson> cells(String grid, Area area, LiveWorksheet live) {
        List<CellJson> cells = new ArrayList<>();
        live.worksheet()
                .cells(grid)
                .forEach(area, (column, row, cell) -> cells.add(cell(grid, new Address(column, row), live)));
        live.laidOut(grid).stream().filter(area::contains).forEach(at -> cells.add(cell(grid, at, live)));
        return cells;
    }

    KeptJson kept(OpenWorksheet open, Worksheets.Kept kept) {
        LiveWorksheet live = open.live;
        return new KeptJson(
                kept.revision(),
                kept.keptAt(),
                !open.done.isEmpty(),
                !open.undone.isEmpty(),
                kept.change().cells().stream()
                        .filter(change -> live.grid(change.grid()).isPresent())
                        .map((CellChange change) -> cell(change.grid(), change.cell(), live))
                        .toList(),
                echo(kept.echo(), live),
                kept.again());
    }

    private static EchoJson echo(Echo echo, LiveWorksheet live) {
        return new EchoJson(
                echo.message(),
                echo.results().stream()
                        .map(line -> new LineJson(
                                line.grid(),
                                live.grid(line.grid()).map(Block.Grid::title).orElse(""),
                                line.cell(),
                                line.called(),
                                line.before(),
                                line.after(),
                                line.failed()))
                        .toList());
    }

    Picture picture(OpenWorksheet open) {
        LiveWorksheet live = open.live;
        List<Section> sections = live.worksheet().outline().sections();
        Optional<Sketch> chart = live.worksheet()
                .outline()
                .blocks()
                .filter(Chart.class::isInstance)
                .findFirst()
                .map(block -> Sketch.of(ChartReading.of((Chart) block, live, SMALL)));
        Optional<String> title = Optional.of(OwnTitle.of(live));
        String heading =
                sections.isEmpty() ? "" : OwnTitle.named(sections.get(0).title(), live);
        return live.worksheet()
                .outline()
                .grids()
                .findFirst()
                .map(grid -> new Picture(title, heading, grid.title(), rows(grid, live), chart))
                .orElseGet(() -> new Picture(title, heading, "", List.of(), chart));
    }

    private static List<List<Dot>> rows(Block.Grid grid, LiveWorksheet live) {
        List<List<Dot>> rows = new ArrayList<>();
        for (int row = 0; row < Math.min(grid.rows(), PICTURE_ROWS); row++) {
            List<Dot> cells = new ArrayList<>();
            for (int column = 0; column < Math.min(grid.columns(), PICTURE_COLUMNS); column++) {
                Address at = new Address(column, row);
                Value value = live.value(grid.id(), at);
                boolean calculated = live.worksheet()
                        .cell(grid.id(), at)
                        .map(Cell::isCalculated)
                        .orElse(false);
                cells.add(new Dot(
                        live.display(grid.id(), at).text(value),
                        calculated,
                        value instanceof NumberValue || value instanceof Quantity));
            }
            rows.add(cells);
        }
        return rows;
    }

    /** A place with what people call it. */
    record CellPlaceJson(String grid, String gridTitle, Area area, String called, String display) {}

    CellPlaceJson place(Edit.Place place, String from, LiveWorksheet live) {
        boolean single = place.area().size() == 1;
        String title = live.grid(place.grid()).map(Block.Grid::title).orElse("");
        String prefix = place.grid().equals(from) ? "" : Printer.quotedGrid(title) + ".";
        String called = live.worksheet().names().of(place.grid(), place.area()).orElse(prefix + place.area());
        return new CellPlaceJson(
                place.grid(),
                title,
                place.area(),
                called,
                single
                        ? live.display()
                                .text(live.value(place.grid(), place.area().first()))
                        : "");
    }
}
