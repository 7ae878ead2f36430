package app.logismos.server.worksheet;

import app.logismos.act.Act;
import app.logismos.act.Differences;
import app.logismos.act.Find;
import app.logismos.formula.Address;
import app.logismos.report.OwnTitle;
import app.logismos.server.web.BadRequest;
import app.logismos.server.web.InLowerCase;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Section;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Worksheets as a whole, and changes of them. */
@RestController
@RequestMapping("/api/v1/worksheets")
class WorksheetEndpoint {
    private static final int NEW_ROWS = 8;
    private static final int MOST_COMMANDS = 10_000;
    private static final int NEW_COLUMNS = 5;
    private static final int MOST_LISTED = 1_000;

    private final WorksheetList list;
    private final OpenWorksheets open;
    private final EarlierStates earlier;
    private final Worksheets worksheets;
    private final WorksheetViews views;
    private final Pictures pictures;

    WorksheetEndpoint(
            WorksheetList list,
            OpenWorksheets open,
            EarlierStates earlier,
            Worksheets worksheets,
            WorksheetViews views,
            Pictures pictures) {
        this.list = list;
        this.open = open;
        this.earlier = earlier;
        this.worksheets = worksheets;
        this.views = views;
        this.pictures = pictures;
    }

    /** The title of a renamed worksheet. */
    record Title(String title) {}

    /**
     * A worksheet to be made.
     *
     * @param copyOf the id of one to copy; a new one has an empty grid
     */
    record New(String title, Optional<String> copyOf) {}

    /** Something asked for in one go. */
    record Acts(Act act) {}

    /** An earlier state. */
    record Earlier(long revision) {}

    /**
     * What is to be taken back, or made again.
     *
     * @param revision the last change, where it is another page's and somebody has said that it is meant
     */
    record UndoOrRedo(Optional<Long> revision) {
        static Optional<Long> revision(@Nullable UndoOrRedo step) {
            return step == null ? Optional.empty() : step.revision();
        }
    }

    /** How a worksheet differs from what it was. */
    record Comparison(long revision, int count, List<Difference> cells) {}

    /** A cell that was another. */
    record Difference(String grid, String gridTitle, Address address, String called, String before, String after) {}

    /** A cell in which a text was found. */
    record FoundJson(String grid, String gridTitle, Address address, String entry, String display) {}

    /**
     * Edits.
     *
     * @param base the revision that they were made on
     */
    record Edits(Long base, List<Edit> commands) {}

    /**
     * A worksheet in the list.
     *
     * @param picture null where none has been made yet
     * @param isBehind whether it has changed since its picture was made
     */
    record Listed(
            String id,
            String title,
            boolean example,
            Instant changedAt,
            WorksheetViews.@Nullable Picture picture,
            boolean isBehind) {}

    /** A change in the list. */
    record Past(
            long revision,
            Instant at,
            @InLowerCase(JournalRow.Kind.class) String kind,
            String says) {}

    /**
     * Worksheets with their pictures, those changed last first.
     *
     * @param example only examples, or only others; all where nothing is said
     * @param count so many at the most
     */
    @GetMapping
    List<Listed> list(
            @RequestParam Optional<Boolean> example,
            @Parameter(schema = @Schema(type = "integer", format = "int32", minimum = "1", maximum = MOST_LISTED + ""))
                    @RequestParam(defaultValue = MOST_LISTED + "")
                    int count) {
        if (count < 1 || count > MOST_LISTED) {
            throw new BadRequest("`count` is 1 to " + MOST_LISTED + ", was " + count + ".");
        }
        List<WorksheetStore.Row> rows = list.rows(example, count);
        Map<String, PictureRow> drawn =
                pictures.of(rows.stream().map(WorksheetStore.Row::id).toList());
        return rows.stream()
                .map(row -> {
                    Optional<PictureRow> own = Optional.ofNullable(drawn.get(row.id()));
                    Optional<WorksheetViews.Picture> picture = own.flatMap(pictures::read);
                    return new Listed(
                            row.id(),
                            titled(row.title(), picture),
                            row.example(),
                            row.changedAt(),
                            picture.orElse(null),
                            own.map(made -> made.revision < row.revision()).orElse(true));
                })
                .toList();
    }

    private static String titled(String title, Optional<WorksheetViews.Picture> picture) {
        return title.equals(OwnTitle.NONE)
                ? picture.flatMap(WorksheetViews.Picture::title).orElse(title)
                : title;
    }

    /** A new worksheet has a section with an empty grid. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    WorksheetViews.WorksheetJson create(@RequestBody New wanted) {
        String name = checked(wanted.title());
        if (wanted.copyOf().isPresent()) {
            return get(worksheets.copy(wanted.copyOf().get(), name), Optional.empty());
        }
        String id = worksheets.create(name, false);
        Block.Grid grid = Block.Grid.of("grid-1", "Grid 1", NEW_ROWS, NEW_COLUMNS);
        worksheets.begin(id, List.of(new Edit.AddSection(Section.of("section-1", name, grid), 0)));
        return get(id, Optional.empty());
    }

    @ExceptionHandler
    ProblemDetail ofAnother(OfAnother asked) {
        return asked.problem();
    }

    private static String checked(String title) {
        if (title.isBlank() || title.length() > 120) {
            throw new BadRequest("A title has 1 to 120 characters, this one has " + title.length() + ".");
        }
        return title.strip();
    }

    /** A worksheet without its cells: sections, blocks, names and settings; of an earlier revision, where one is named. */
    @GetMapping("/{id}")
    WorksheetViews.WorksheetJson get(@PathVariable String id, @RequestParam Optional<Long> at) {
        return earlier.read(id, at, views::worksheet);
    }

    /** Gives a worksheet another title. */
    @PatchMapping("/{id}")
    WorksheetViews.KeptJson rename(
            @PathVariable String id,
            @RequestBody Title title,
            @RequestHeader(Asked.PAGE) Optional<String> page,
            @RequestHeader(Asked.KEY) Optional<String> key) {
        return worksheets.retitle(id, checked(title.title()), new Asked(page, key));
    }

    /** Takes a worksheet out of the list; it can be brought back. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        worksheets.delete(id);
    }

    /** Puts a deleted worksheet back into the list. */
    @PostMapping("/{id}/bring-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable String id) {
        list.bringBack(id);
    }

    /** Does something that is worked out first, as sorting or filling, and keeps it as one change. */
    @PostMapping("/{id}/acts")
    WorksheetViews.KeptJson act(
            @PathVariable String id,
            @RequestBody Acts acts,
            @RequestHeader(Asked.PAGE) Optional<String> page,
            @RequestHeader(Asked.KEY) Optional<String> key) {
        return worksheets.act(id, acts.act(), new Asked(page, key));
    }

    /** Makes the worksheet again what it was at an earlier revision, as one more change. */
    @PostMapping("/{id}/restore")
    WorksheetViews.KeptJson restore(
            @PathVariable String id,
            @RequestBody Earlier earlier,
            @RequestHeader(Asked.PAGE) Optional<String> page,
            @RequestHeader(Asked.KEY) Optional<String> key) {
        return worksheets.restore(id, earlier.revision(), new Asked(page, key));
    }

    /** What is different now from what it was at an earlier revision. */
    @GetMapping("/{id}/compare/{revision}")
    Comparison compare(@PathVariable String id, @PathVariable long revision) {
        return earlier.read(
                id,
                Optional.of(revision),
                then -> open.read(id, now -> {
                    List<Differences.Line> lines = Differences.between(then.live, now.live);
                    return new Comparison(
                            revision,
                            lines.size(),
                            lines.stream()
                                    .limit(Find.MOST)
                                    .map(line -> new Difference(
                                            line.grid(),
                                            title(line.grid(), line.isGone() ? then : now),
                                            line.cell(),
                                            line.called(),
                                            line.before(),
                                            line.after()))
                                    .toList());
                }));
    }

    private static String title(String grid, OpenWorksheet open) {
        return open.live.grid(grid).map(Block.Grid::title).orElse("");
    }

    /** Cells in whose entry or value a text is found. */
    @GetMapping("/{id}/find")
    List<FoundJson> find(
            @PathVariable String id,
            @RequestParam String text,
            @RequestParam(defaultValue = "false") boolean matchCase) {
        return open.read(
                id,
                worksheet -> new Find(text, matchCase)
                        .in(worksheet.live).stream()
                                .map(found -> new FoundJson(
                                        found.grid(),
                                        title(found.grid(), worksheet),
                                        found.cell(),
                                        found.entry(),
                                        found.shown()))
                                .toList());
    }

    /** Changes a worksheet, all of it or nothing. Changes made on an older revision are merged where they touch nothing that has changed since. */
    @PostMapping("/{id}/edits")
    WorksheetViews.KeptJson edit(
            @PathVariable String id,
            @RequestBody Edits edits,
            @RequestHeader(Asked.PAGE) Optional<String> page,
            @RequestHeader(Asked.KEY) Optional<String> key) {
        if (edits.commands().isEmpty() || edits.commands().size() > MOST_COMMANDS) {
            throw new EditRefused(
                    edits.commands().isEmpty()
                            ? "There is no edit in `commands`."
                            : "There are " + edits.commands().size() + " edits in `commands`, and " + MOST_COMMANDS
                                    + " are the most.");
        }
        return worksheets.edit(id, edits.base(), edits.commands(), new Asked(page, key));
    }

    /** Takes the last change back: of this page, where `X-Page` names one. */
    @PostMapping("/{id}/undo")
    WorksheetViews.KeptJson undo(
            @PathVariable String id,
            @RequestBody(required = false) @Nullable UndoOrRedo step,
            @RequestHeader(Asked.PAGE) Optional<String> page,
            @RequestHeader(Asked.KEY) Optional<String> key) {
        return worksheets.undo(id, UndoOrRedo.revision(step), new Asked(page, key));
    }

    /** Makes a change again that was taken back. */
    @PostMapping("/{id}/redo")
    WorksheetViews.KeptJson redo(
            @PathVariable String id,
            @RequestBody(required = false) @Nullable UndoOrRedo step,
            @RequestHeader(Asked.PAGE) Optional<String> page,
            @RequestHeader(Asked.KEY) Optional<String> key) {
        return worksheets.redo(id, UndoOrRedo.revision(step), new Asked(page, key));
    }

    /** What has been changed, the newest first. */
    @GetMapping("/{id}/history")
    List<Past> history(@PathVariable String id) {
        return worksheets.history(id).stream()
                .map(entry -> new Past(
                        entry.revision(), entry.at(), entry.kind().name().toLowerCase(Locale.ROOT), entry.says()))
                .toList();
    }
}
