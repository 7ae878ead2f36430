package app.logismos.server.worksheet;

import app.logismos.server.web.BadRequest;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Section;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Worksheets as a whole, and changes of them. */
@RestController
@RequestMapping("/api/v1/worksheets")
class WorksheetEndpoint {
    private static final int NEW_ROWS = 8;
    private static final int NEW_COLUMNS = 5;

    private final Worksheets worksheets;
    private final WorksheetViews views;

    WorksheetEndpoint(Worksheets worksheets, WorksheetViews views) {
        this.worksheets = worksheets;
        this.views = views;
    }

    /** The title of a new or renamed worksheet. */
    record Title(String title) {}

    /**
     * Edits.
     *
     * @param base the revision that they were made on
     */
    record Edits(Long base, List<Edit> commands) {}

    /** A worksheet in the list. */
    record Listed(String id, String title, boolean example, Instant changedAt, WorksheetViews.Picture picture) {}

    /** A change in the list. */
    record Past(long revision, Instant at, String kind, String says) {}

    @GetMapping
    List<Listed> list() {
        return worksheets.list().stream()
                .map(row -> new Listed(
                        row.id, row.title, row.example, row.changedAt, worksheets.read(row.id, views::picture)))
                .toList();
    }

    /** A new worksheet has a section with an empty grid, made by an edit like any other. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    WorksheetViews.WorksheetJson create(@RequestBody Title title) {
        String name = checked(title.title());
        String id = worksheets.create(name, false);
        Block.Grid grid = new Block.Grid("grid-1", "Grid 1", NEW_ROWS, NEW_COLUMNS, 0, Map.of(), Map.of());
        worksheets.edit(id, 0, List.of(new Edit.AddSection(new Section("section-1", name, false, List.of(grid)), 0)));
        return get(id);
    }

    private static String checked(String title) {
        if (title.isBlank() || title.length() > 120) {
            throw new BadRequest("A title has 1 to 120 characters, this one has " + title.length() + ".");
        }
        return title.strip();
    }

    @GetMapping("/{id}")
    WorksheetViews.WorksheetJson get(@PathVariable String id) {
        return worksheets.read(id, views::worksheet);
    }

    @PatchMapping("/{id}")
    WorksheetViews.KeptJson rename(@PathVariable String id, @RequestBody Title title) {
        long base = worksheets.read(id, worksheet -> worksheet.revision);
        return kept(id, worksheets.edit(id, base, List.of(new Edit.Retitle(checked(title.title())))));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        worksheets.delete(id);
    }

    @PostMapping("/{id}/edits")
    WorksheetViews.KeptJson edit(@PathVariable String id, @RequestBody Edits edits) {
        if (edits.commands().isEmpty()) {
            throw new EditRefused("There is no edit in `commands`.");
        }
        return kept(id, worksheets.edit(id, edits.base(), edits.commands()));
    }

    @PostMapping("/{id}/undo")
    WorksheetViews.KeptJson undo(@PathVariable String id) {
        return kept(id, worksheets.undo(id));
    }

    @PostMapping("/{id}/redo")
    WorksheetViews.KeptJson redo(@PathVariable String id) {
        return kept(id, worksheets.redo(id));
    }

    @GetMapping("/{id}/history")
    List<Past> history(@PathVariable String id) {
        return worksheets.history(id).stream()
                .map(entry -> new Past(
                        entry.revision(), entry.at(), entry.kind().name().toLowerCase(Locale.ROOT), entry.says()))
                .toList();
    }

    private WorksheetViews.KeptJson kept(String id, Worksheets.Kept kept) {
        return worksheets.read(id, worksheet -> views.kept(worksheet, kept));
    }
}
