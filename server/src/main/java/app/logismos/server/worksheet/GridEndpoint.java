package app.logismos.server.worksheet;

import app.logismos.act.SortedTable;
import app.logismos.display.Display;
import app.logismos.evaluate.Calculation;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.EntryReader;
import app.logismos.function.Parameter;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.report.Preview;
import app.logismos.server.web.BadRequest;
import app.logismos.server.web.CalculationJson;
import app.logismos.server.web.InLowerCase;
import app.logismos.server.web.NotFound;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.unit.UsualUnits;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What grids of a worksheet show. */
@RestController
@RequestMapping("/api/v1/worksheets/{id}")
class GridEndpoint {
    private static final int MOST_OF_COLUMN = 5_000;
    private static final int MOST_GIVEN = 8;

    private final OpenWorksheets open;
    private final EarlierStates earlier;
    private final WorksheetViews views;
    private final TapeStore tapes;

    GridEndpoint(OpenWorksheets open, EarlierStates earlier, WorksheetViews views, TapeStore tapes) {
        this.tapes = tapes;
        this.open = open;
        this.earlier = earlier;
        this.views = views;
    }

    /** The cells of a window that hold something. */
    record Window(long revision, Area range, List<WorksheetViews.CellJson> cells) {}

    /**
     * All that the lens shows of a cell.
     *
     * @param calculation its value, with steps where it is calculated
     * @param otherUnits a quantity in the other units that people use for it
     * @param fedBy what its formula refers to
     * @param feeds the formulas that refer to it
     * @param feedsInAll how many cells depend on it, further on included
     * @param inTheWay the cell that takes the room of its table, where that has none
     * @param causes of a failed cell that waits for others: these, down to the one that failed by itself
     */
    record Detail(
            WorksheetViews.CellJson cell,
            String gridTitle,
            CalculationJson calculation,
            List<OtherUnit> otherUnits,
            List<WorksheetViews.CellPlaceJson> fedBy,
            List<WorksheetViews.CellPlaceJson> feeds,
            int feedsInAll,
            List<CauseJson> causes,
            WorksheetViews.@Nullable CellPlaceJson inTheWay) {}

    /** A cell that failed, and what it says. */
    record CauseJson(WorksheetViews.CellPlaceJson place, String message) {}

    /** A quantity in another unit. */
    record OtherUnit(String unit, String display) {}

    private static List<OtherUnit> others(Value value, LiveWorksheet live) {
        return value instanceof Quantity quantity
                ? UsualUnits.insteadOf(quantity.unit(), quantity.number()).stream()
                        .map(unit -> new OtherUnit(
                                unit.symbol(),
                                live.display()
                                        .mark()
                                        .number(Display.in(
                                                        "in " + unit.symbol(),
                                                        live.worksheet().units())
                                                .text(value))))
                        .toList()
                : List.of();
    }

    /**
     * An entry that is being written.
     *
     * @param cursor where the cursor is, in UTF-16 units; at the end, if nothing is said
     * @param scratch whether it stands on the scratch line, where what would be a text in a cell is calculated
     * @param line the line of the tape that it is, if it is one; the answer before is then that of the line before
     * @param given words that stand for values, as the variable of a curve does
     */
    record Draft(
            String grid,
            String address,
            String entry,
            Optional<Integer> cursor,
            Optional<Boolean> scratch,
            Optional<Long> line,
            Optional<List<Given>> given) {}

    /** A word and the expression that it stands for. */
    record Given(String word, String value) {}

    /**
     * What can be said of it.
     *
     * @param entry as it would be typed into a cell
     */
    record PreviewJson(
            String entry,
            @InLowerCase(Preview.Kind.class) String kind,
            CalculationJson calculation,
            @Nullable CalculationJson soFar,
            List<ReferenceJson> references,
            List<Span> units,
            List<CompletionJson> completions,
            @Nullable CallJson call,
            boolean looksLikeCalculation) {}

    /** A reference in an entry, with its colour from 0. */
    record ReferenceJson(int start, int end, int colour, String grid, Area area) {}

    /** A word that may be meant. */
    record CompletionJson(String word, String kind, String says, int start, int end) {}

    /** The call that the cursor is in. */
    record CallJson(String function, String says, List<ParameterJson> parameters, int argument) {}

    /** A parameter of it. */
    record ParameterJson(String name, String takes, String says, boolean required, boolean repeated) {
        static ParameterJson of(Parameter parameter) {
            return new ParameterJson(
                    parameter.name(),
                    parameter.accepts().one(),
                    parameter.says(),
                    parameter.isRequired(),
                    parameter.repeated());
        }
    }

    /** The cells of a part of a grid that hold something. */
    @GetMapping("/grids/{grid}/cells")
    Window cells(
            @PathVariable String id,
            @PathVariable String grid,
            @RequestParam(defaultValue = "") String range,
            @RequestParam Optional<Long> at) {
        return earlier.read(id, at, worksheet -> {
            Block.Grid block = grid(worksheet.live, grid);
            Area area = range.isEmpty()
                    ? new Area(Address.FIRST, new Address(block.columns() - 1, block.rows() - 1))
                    : Area.parse(range)
                            .orElseThrow(() -> new BadRequest("`range` is like A1:C9, was `" + range + "`."));
            return new Window(worksheet.revision, area, views.cells(grid, area, worksheet.live));
        });
    }

    /**
     * The cells in the column of a cell that sorting and filtering take: those of the table around it, without headings
     * and totals; of a long table the first {@value #MOST_OF_COLUMN} rows. Where nothing stands at the cell, the table is
     * that of the first filled cell of the column.
     */
    @GetMapping("/grids/{grid}/cells/{address}/column")
    Window column(
            @PathVariable String id,
            @PathVariable String grid,
            @PathVariable String address,
            @RequestParam(name = "at") Optional<Long> revision) {
        Address at = address(address);
        return earlier.read(id, revision, worksheet -> {
            grid(worksheet.live, grid);
            Area around = SortedTable.around(grid, at, worksheet.live);
            Area table = isNothing(around, grid, worksheet.live)
                    ? firstFilled(grid, at.column(), worksheet.live)
                            .map(cell -> SortedTable.around(grid, cell, worksheet.live))
                            .orElse(around)
                    : around;
            Area area = inColumn(at, table);
            return new Window(worksheet.revision, area, views.cells(grid, area, worksheet.live));
        });
    }

    private static boolean isNothing(Area area, String grid, LiveWorksheet live) {
        return area.size() == 1 && live.value(grid, area.first()) == Blank.BLANK;
    }

    private static Optional<Address> firstFilled(String grid, int column, LiveWorksheet live) {
        int[] first = {Integer.MAX_VALUE};
        Area whole = new Area(new Address(column, 0), new Address(column, Address.ROWS - 1));
        live.worksheet().cells(grid).forEach(whole, (at, row, cell) -> first[0] = Math.min(first[0], row));
        return first[0] == Integer.MAX_VALUE ? Optional.empty() : Optional.of(new Address(column, first[0]));
    }

    private static Area inColumn(Address cell, Area table) {
        return new Area(
                new Address(cell.column(), table.first().row()),
                new Address(
                        cell.column(),
                        Math.min(table.last().row(), table.first().row() + MOST_OF_COLUMN - 1)));
    }

    /** A cell with its working, what it is made of and what is made of it. */
    @GetMapping("/grids/{grid}/cells/{address}")
    Detail cell(
            @PathVariable String id,
            @PathVariable String grid,
            @PathVariable String address,
            @RequestParam(name = "at") Optional<Long> revision) {
        Address at = address(address);
        return earlier.read(id, revision, worksheet -> {
            LiveWorksheet live = worksheet.live;
            Block.Grid block = grid(live, grid);
            return new Detail(
                    views.cell(grid, at, live),
                    block.title(),
                    CalculationJson.of(
                            live.explain(grid, at), live.display(grid, at).unsigned()),
                    others(live.value(grid, at), live),
                    live.fedBy(grid, at).stream()
                            .map(place -> views.place(place, grid, live))
                            .toList(),
                    live.feeds(grid, at).stream()
                            .limit(40)
                            .map(place -> views.place(place, grid, live))
                            .toList(),
                    live.feedsInAll(grid, at),
                    live.causes(grid, at).stream()
                            .map(place -> new CauseJson(views.place(place, grid, live), message(place, live)))
                            .toList(),
                    live.inTheWayOf(grid, at)
                            .map(taken -> views.place(new Edit.Place(grid, new Area(taken, taken)), grid, live))
                            .orElse(null));
        });
    }

    private static String message(Edit.Place place, LiveWorksheet live) {
        return live.value(place.grid(), place.area().first()) instanceof Failure failure ? failure.message() : "";
    }

    /** What an entry would be, while it is being written: its value, its fault with ways out, and what could come next at the cursor. */
    @PostMapping("/preview")
    PreviewJson preview(@PathVariable String id, @RequestBody Draft draft) {
        Address at = address(draft.address());
        int cursor = draft.cursor().orElse(draft.entry().length());
        if (cursor < 0 || cursor > draft.entry().length()) {
            throw new BadRequest("`cursor` is 0 to " + draft.entry().length() + " in this entry, was " + cursor + ".");
        }
        List<Given> given = draft.given().orElse(List.of());
        if (given.size() > MOST_GIVEN) {
            throw new BadRequest("At most " + MOST_GIVEN + " words are `given`, were " + given.size() + ".");
        }
        boolean isScratch = draft.scratch().orElse(false);
        List<TapeRow> before = isScratch && given.isEmpty() && AnswerBefore.maybeIn(draft.entry())
                ? tapes.before(id, draft.line().orElse(Long.MAX_VALUE), AnswerBefore.LONGEST_CHAIN)
                : List.of();
        return open.read(id, worksheet -> {
            LiveWorksheet live = worksheet.live;
            grid(live, draft.grid());
            Display display = live.display();
            String typed = isScratch ? onScratch(draft.entry(), live) : draft.entry();
            int ahead = typed.length() - draft.entry().length();
            String entry = display.read(typed);
            AnswerBefore answer = new AnswerBefore(before, draft.grid(), at, live);
            Map<String, Value> values = new LinkedHashMap<>(answer.given());
            for (Given each : given) {
                values.put(each.word(), live.worth(display.read(each.value()), draft.grid()));
            }
            Preview preview = Preview.of(entry, cursor + ahead, draft.grid(), at, live, values);
            return json(answer.writtenOut(typed), answer.offeredIn(preview, entry), display);
        });
    }

    /** An entry means the same as in a cell; what would be a text there is meant as a calculation here. */
    static String onScratch(String entry, LiveWorksheet live) {
        boolean isText =
                EntryReader.value(live.display().read(entry), live.worksheet().units()) instanceof Text
                        && !entry.strip().startsWith("=");
        return isText && !entry.isBlank() ? "=" + entry : entry;
    }

    private static CalculationJson calculated(Calculation calculation, Display display) {
        return CalculationJson.of(
                calculation, display.calculated(calculation.value()).unsigned());
    }

    private static PreviewJson json(String entry, Preview preview, Display display) {
        return new PreviewJson(
                entry,
                preview.kind().name().toLowerCase(Locale.ROOT),
                preview.kind() == Preview.Kind.CALCULATION
                        ? calculated(preview.calculation(), display)
                        : CalculationJson.of(preview.calculation(), display),
                preview.soFar().map(soFar -> calculated(soFar, display)).orElse(null),
                preview.references().stream()
                        .map(each -> new ReferenceJson(
                                each.span().start(), each.span().end(), each.colour(), each.grid(), each.area()))
                        .toList(),
                preview.units(),
                preview.completions().stream()
                        .map(each -> new CompletionJson(
                                each.word(),
                                each.kind(),
                                each.says(),
                                each.replaces().start(),
                                each.replaces().end()))
                        .toList(),
                preview.call()
                        .map(call -> new CallJson(
                                call.function(),
                                call.says(),
                                call.parameters().stream()
                                        .map(ParameterJson::of)
                                        .toList(),
                                call.argument()))
                        .orElse(null),
                preview.looksLikeCalculation());
    }

    private static Block.Grid grid(LiveWorksheet live, String grid) {
        return live.grid(grid).orElseThrow(() -> new NotFound("There is no grid " + grid + "."));
    }

    private static Address address(String text) {
        return Address.parse(text).orElseThrow(() -> new BadRequest("An address is like B3, was `" + text + "`."));
    }
}
