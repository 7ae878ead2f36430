package app.logismos.server.worksheet;

import app.logismos.act.Act;
import app.logismos.act.ColumnUnits;
import app.logismos.act.LookAgain;
import app.logismos.act.Tabulating;
import app.logismos.formats.Joining;
import app.logismos.recalculate.Change;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.report.Echo;
import app.logismos.server.calculate.KnownUnits;
import app.logismos.server.datafolder.KeptFile;
import app.logismos.server.stored.StoredForm;
import app.logismos.server.stored.Touching;
import app.logismos.server.web.Conflict;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.NamedEntries;
import app.logismos.sheet.Transcript;
import app.logismos.sheet.Worksheet;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Changes of worksheets. Each is written to the store before it is acknowledged, and taken back in memory where it could not
 * be written; the answer is of the moment after the change, before another.
 */
@Component
public class Worksheets {
    /**
     * At most this many rounds of tables that follow tables in one change; more means a cycle in which formulas grow
     * for ever.
     */
    private static final int MOST_ROUNDS = 50;

    private final OpenWorksheets open;
    private final EarlierStates earlier;
    private final WorksheetStore store;
    private final JournalStore journal;
    private final WorksheetViews views;
    private final Clock clock;
    private final KeptFile file;
    private final KnownUnits known;
    private final ApplicationEventPublisher events;

    Worksheets(
            OpenWorksheets open,
            EarlierStates earlier,
            WorksheetStore store,
            JournalStore journal,
            WorksheetViews views,
            Clock clock,
            KeptFile file,
            KnownUnits known,
            ApplicationEventPublisher events) {
        this.open = open;
        this.earlier = earlier;
        this.store = store;
        this.journal = journal;
        this.views = views;
        this.clock = clock;
        this.file = file;
        this.known = known;
        this.events = events;
    }

    /**
     * What a change did.
     *
     * @param again whether it was made before already, when it was sent the first time; what it changed is not told again
     */
    record Kept(long revision, Instant keptAt, Change change, Echo echo, boolean again) {}

    /** Makes a worksheet that is still empty; answers with its id. */
    public String create(String title, boolean example) {
        String id = UUID.randomUUID().toString();
        file.write(id, 0, () -> {
            store.create(id, example, new Worksheet(title, List.of(), known.words()), now());
            return id;
        });
        return id;
    }

    /** A worksheet like another, with a history of its own; answers with its id. */
    String copy(String id, String title) {
        List<Edit> edits = open.read(id, worksheet -> Transcript.of(worksheet.live.worksheet()));
        String copy = create(title, false);
        begin(copy, edits);
        return copy;
    }

    /** Gives a new worksheet what it begins with; that is not undone. */
    public void begin(String id, List<Edit> edits) {
        open.write(
                id, worksheet -> keep(worksheet, JournalRow.Kind.START, meant(edits, worksheet), "", Asked.BY_NOBODY));
    }

    /** Deletes a worksheet; it can be brought back for a while. */
    void delete(String id) {
        open.write(id, worksheet -> file.write(() -> store.mark(id, now())));
        open.putAway(id);
    }

    /**
     * Applies edits, all or none.
     *
     * @param base the revision that they were made on; where it is behind, edits of other cells are merged
     * @param edits with the decimal mark of the worksheet
     * @throws Conflict where cells they touch have changed since
     * @throws EditRefused where one does not fit
     */
    WorksheetViews.KeptJson edit(String id, long base, List<Edit> edits, Asked asked) {
        return once(id, asked, worksheet -> {
            List<Edit> kept = marked(worksheet).kept(edits);
            checkBase(worksheet, base, kept, asked);
            return keep(worksheet, JournalRow.Kind.EDIT, meant(kept, worksheet), "", asked);
        });
    }

    /** Gives a worksheet another title, whatever it has been called meanwhile. */
    WorksheetViews.KeptJson retitle(String id, String title, Asked asked) {
        return once(
                id,
                asked,
                worksheet -> keep(worksheet, JournalRow.Kind.EDIT, List.of(new Edit.Retitle(title)), "", asked));
    }

    private static Marked marked(OpenWorksheet worksheet) {
        return new Marked(worksheet.live.display());
    }

    private static List<Edit> meant(List<Edit> edits, OpenWorksheet worksheet) {
        return NamedEntries.written(ColumnUnits.written(edits, worksheet.live), worksheet.live.worksheet());
    }

    /** A change that is made once, however often it is asked for with the same key. */
    private WorksheetViews.KeptJson once(String id, Asked asked, Function<OpenWorksheet, Kept> change) {
        return open.write(
                id,
                worksheet -> worksheet.madeBefore(asked.key()).isPresent()
                        ? new Kept(
                                worksheet.revision,
                                worksheet.keptAt,
                                new Change(List.of(), List.of()),
                                new Echo("", List.of()),
                                true)
                        : change.apply(worksheet),
                views::kept);
    }

    /** Does what is asked for, worked out on the worksheet as it is. */
    WorksheetViews.KeptJson act(String id, Act act, Asked asked) {
        return once(
                id,
                asked,
                worksheet -> keep(
                        worksheet,
                        JournalRow.Kind.EDIT,
                        NamedEntries.written(
                                marked(worksheet).kept(act).edits(worksheet.live), worksheet.live.worksheet()),
                        "",
                        asked));
    }

    /**
     * Puts another worksheet below what this one has.
     *
     * @param brought is changed where titles and names are taken
     * @param told what was changed is added
     */
    WorksheetViews.KeptJson join(String id, Worksheet brought, List<String> told, Asked asked) {
        return once(id, asked, worksheet -> {
            List<Edit> edits = Joining.edits(worksheet.live.worksheet(), brought, Worksheets::freshId, told);
            if (edits.isEmpty()) {
                throw new EditRefused("There is nothing in the document.");
            }
            return keep(worksheet, JournalRow.Kind.EDIT, edits, "Brought in: ", asked);
        });
    }

    private static String freshId(String word) {
        return word + "-" + UUID.randomUUID().toString().substring(0, 8);
    }

    /** Makes a worksheet as it was at an earlier revision; a change like any other, which can be undone. */
    WorksheetViews.KeptJson restore(String id, long revision, Asked asked) {
        return once(id, asked, worksheet -> {
            EarlierStates.check(revision, worksheet.revision);
            Worksheet now = store.load(id).orElseThrow().worksheet();
            List<Edit> edits = journal.backTo(id, revision, worksheet.revision, now);
            if (edits.isEmpty()) {
                throw new EditRefused("It is as it was then already.");
            }
            return keep(worksheet, JournalRow.Kind.EDIT, edits, "Brought back: ", asked);
        });
    }

    /** Makes a chart look as it did at an earlier revision; a change like any other, which can be undone. */
    WorksheetViews.KeptJson lookAgain(String id, String chart, long revision, Asked asked) {
        LiveWorksheet was = earlier.read(id, Optional.of(revision), then -> then.live);
        return once(
                id,
                asked,
                worksheet -> keep(
                        worksheet,
                        JournalRow.Kind.EDIT,
                        LookAgain.edits(chart, was, worksheet.live),
                        "Brought back: ",
                        asked));
    }

    /**
     * Takes the last change back that is not taken back yet: the page's own last one, where nothing later touches it.
     *
     * @param revision the change of another that is to be taken back, where somebody has been asked
     * @throws OfAnother where that would be another page's change
     */
    WorksheetViews.KeptJson undo(String id, Optional<Long> revision, Asked asked) {
        return once(id, asked, worksheet -> step(worksheet, JournalRow.Kind.UNDO, worksheet.done, revision, asked));
    }

    /** Makes the change again that was taken back last; whose, as in {@link #undo}. */
    WorksheetViews.KeptJson redo(String id, Optional<Long> revision, Asked asked) {
        return once(id, asked, worksheet -> step(worksheet, JournalRow.Kind.REDO, worksheet.undone, revision, asked));
    }

    private Kept step(
            OpenWorksheet worksheet, JournalRow.Kind kind, Deque<Done> stack, Optional<Long> revision, Asked asked) {
        if (stack.isEmpty()) {
            throw new EditRefused("There is nothing to " + (kind == JournalRow.Kind.UNDO ? "undo" : "redo") + ".");
        }
        long taken = revision.isPresent() && stack.getLast().revision() == revision.get()
                ? revision.get()
                : own(worksheet, stack, asked).revision();
        return keep(
                worksheet,
                kind,
                journal.inverse(worksheet.id, taken, worksheet.live.worksheet()),
                kind == JournalRow.Kind.UNDO ? "Undone: " : "Done again: ",
                asked,
                Optional.of(taken));
    }

    /** The page's own last change; where later ones touch it, or it has none, the last of all must be asked for. */
    private Done own(OpenWorksheet worksheet, Deque<Done> stack, Asked asked) {
        Done last = stack.getLast();
        if (!last.isOfAnother(asked.page())) {
            return last;
        }
        Iterator<Done> fromLast = stack.descendingIterator();
        while (fromLast.hasNext()) {
            Done each = fromLast.next();
            if (each.page().equals(asked.page())) {
                Touching own = journal.touched(worksheet.id, each.revision());
                if (!own.meets(journal.touchedSince(worksheet.id, each.revision(), Optional.empty()))) {
                    return each;
                }
                break;
            }
        }
        JournalStore.Entry entry = journal.entry(worksheet.id, last.revision());
        throw new OfAnother(last.revision(), entry.says(), entry.at());
    }

    private Kept keep(OpenWorksheet worksheet, JournalRow.Kind kind, List<Edit> edits, String prefix, Asked asked) {
        return keep(worksheet, kind, edits, prefix, asked, Optional.empty());
    }

    private Kept keep(
            OpenWorksheet worksheet,
            JournalRow.Kind kind,
            List<Edit> asked,
            String prefix,
            Asked by,
            Optional<Long> takesBack) {
        StoredForm.Outline before = WorksheetStore.outlineOf(worksheet.live.worksheet());
        Made made = made(asked, kind, worksheet.live);
        Echo spoken = Echo.of(made.edits(), made.change(), worksheet.live);
        Echo echo = new Echo(prefix + spoken.message(), spoken.results());
        long revision = worksheet.revision + 1;
        JournalStore.Entry entry =
                new JournalStore.Entry(revision, now(), kind, echo.message(), by.page(), by.key(), takesBack);
        try {
            file.write(worksheet.id, revision, () -> {
                store.keep(
                        worksheet.id,
                        new WorksheetStore.Draft(
                                entry, made.edits(), made.change().inverse(), before),
                        worksheet.live.worksheet());
                return revision;
            });
        } catch (RuntimeException notWritten) {
            worksheet.live.apply(made.change().inverse());
            worksheet.isBehind = true;
            throw notWritten;
        }
        worksheet.kept(entry, made.edits());
        events.publishEvent(new WorksheetChanged(worksheet.id, revision));
        return new Kept(revision, entry.at(), made.change(), echo, false);
    }

    /** Edits, with those that follow from them, and what all of them did. */
    private record Made(List<Edit> edits, Change change) {
        /** What was typed into a worksheet that had nothing goes with its sections. */
        Made fromNothing() {
            return new Made(
                    edits,
                    new Change(
                            change.inverse().stream()
                                    .filter(edit -> !(edit instanceof Edit.Enter))
                                    .toList(),
                            change.cells()));
        }
    }

    /** Applies edits. Tables follow in the same step, so that one undo takes all of it back. */
    private static Made made(List<Edit> edits, JournalRow.Kind kind, LiveWorksheet live) {
        Made made = new Made(edits, live.apply(edits));
        boolean isStep = kind == JournalRow.Kind.UNDO || kind == JournalRow.Kind.REDO;
        List<Edit> following = isStep ? List.of() : Tabulating.following(live);
        try {
            for (int round = 0; !following.isEmpty(); round++) {
                if (round == MOST_ROUNDS) {
                    throw new EditRefused("Tables would follow each other without end: the expression of one depends on"
                            + " cells of the table itself. Refer to other cells there.");
                }
                made = new Made(
                        Stream.concat(made.edits().stream(), following.stream()).toList(),
                        made.change().and(live.apply(following)));
                following = Tabulating.following(live);
            }
        } catch (EditRefused refused) {
            live.apply(made.change().inverse());
            throw refused;
        }
        return kind == JournalRow.Kind.START ? made.fromNothing() : made;
    }

    private void checkBase(OpenWorksheet worksheet, long base, List<Edit> edits, Asked asked) {
        if (base >= worksheet.revision) {
            return;
        }
        Touching mine = Touching.of(edits);
        Touching since = journal.touchedSince(worksheet.id, base, asked.page());
        if (!mine.meets(since)) {
            return;
        }
        List<Conflict.Cell> both = new ArrayList<>();
        since.typed().keySet().stream().filter(mine.typed()::containsKey).forEach(key -> {
            Edit.Typed own = mine.typed().get(key);
            String grid = key.substring(0, key.lastIndexOf('.'));
            String now = worksheet.live.worksheet().textIn(grid, own.cell());
            both.add(new Conflict.Cell(grid, own.cell().toString(), now, own.text()));
        });
        throw new Conflict(worksheet.revision, both);
    }

    /** The changes of a worksheet, the newest first. */
    List<JournalStore.Entry> history(String id) {
        open.check(id);
        List<JournalStore.Entry> entries = new ArrayList<>(journal.history(id));
        Collections.reverse(entries);
        return entries;
    }

    /** The database keeps microseconds. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
