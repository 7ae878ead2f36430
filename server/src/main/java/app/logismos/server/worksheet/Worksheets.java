package app.logismos.server.worksheet;

import app.logismos.act.Act;
import app.logismos.act.LookAgain;
import app.logismos.act.Tabulating;
import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.recalculate.Change;
import app.logismos.recalculate.ColumnUnits;
import app.logismos.recalculate.Echo;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.server.calculate.RatesChanged;
import app.logismos.server.datafolder.KeptFile;
import app.logismos.server.datafolder.NotKept;
import app.logismos.server.stored.StoredForm;
import app.logismos.server.stored.Touching;
import app.logismos.server.web.Conflict;
import app.logismos.server.web.NotFound;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.NamedEntries;
import app.logismos.sheet.Worksheet;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * All worksheets. One that is used is held in memory with its values; every change is written to the store before it is
 * acknowledged, and taken back in memory where it could not be written.
 */
@Component
public class Worksheets {
    private static final Duration KEPT_DELETED = Duration.ofDays(30);
    private static final int KEPT_EARLIER = 4;
    private static final int MOST_LOOKS = 10;
    private static final int MOST_STEPS_BACK = 200;

    private final Store store;
    private final Clock clock;
    private final Limits limits;
    private final KeptFile file;
    private final ApplicationEventPublisher events;
    private final Map<String, OpenWorksheet> open = new ConcurrentHashMap<>();
    /** Worksheets as they were, by id and revision, those looked at last. */
    private final Map<String, OpenWorksheet> earlier = Collections.synchronizedMap(new LinkedHashMap<>());

    Worksheets(Store store, Clock clock, Limits limits, KeptFile file, ApplicationEventPublisher events) {
        this.store = store;
        this.clock = clock;
        this.limits = limits;
        this.file = file;
        this.events = events;
    }

    /**
     * What a change did.
     *
     * @param again whether it was made before already, when it was sent the first time; what it changed is not told again
     */
    public record Kept(long revision, Instant keptAt, List<Edit> edits, Change change, Echo echo, boolean again) {}

    /** Makes a worksheet that is still empty; answers with its id. */
    public String create(String title, boolean example) {
        String id = UUID.randomUUID().toString();
        file.write(id, 0, () -> {
            store.create(id, example, new Worksheet(title, List.of(), Words.STANDARD), now());
            return id;
        });
        return id;
    }

    /** A worksheet like another, with a history of its own; answers with its id. */
    String copy(String id, String title) {
        List<Edit> edits = read(id, worksheet -> Copy.edits(worksheet.live.worksheet()));
        String copy = create(title, false);
        begin(copy, edits);
        return copy;
    }

    /** Gives a new worksheet what it begins with; that is not undone. */
    public void begin(String id, List<Edit> edits) {
        write(id, worksheet -> keep(worksheet, JournalRow.Kind.START, meant(edits, worksheet), "", Asked.BY_NOBODY));
    }

    /** Deletes a worksheet; it can be brought back for {@link #KEPT_DELETED}. */
    public void delete(String id) {
        write(id, worksheet -> {
            file.write(() -> store.mark(id, now()));
            open.remove(id);
            return true;
        });
    }

    /** Brings a deleted worksheet back. */
    void bringBack(String id) {
        if (!file.write(() -> store.mark(id, null))) {
            throw new NotFound("There is no worksheet " + id + ".");
        }
    }

    /** Forgets what was deleted long ago. */
    @EventListener(ApplicationReadyEvent.class)
    void forgetDeleted() {
        Instant before = now().minus(KEPT_DELETED);
        if (store.hasDeleted(before)) {
            try {
                file.write(() -> store.forget(before)).forEach(file::forgotten);
            } catch (NotKept full) {
                // Then they are forgotten at another start.
            }
        }
    }

    /** Refuses what is no worksheet. */
    void check(String id) {
        if (!open.containsKey(id)) {
            row(id);
        }
    }

    List<WorksheetRow> list() {
        return store.worksheets();
    }

    /** Whether there is no worksheet yet. */
    public boolean isEmpty() {
        return store.worksheets().isEmpty();
    }

    /**
     * Applies edits, all or none.
     *
     * @param base the revision that they were made on; where it is behind, edits of other cells are merged
     * @throws Conflict where cells they touch have changed since
     * @throws EditRefused where one does not fit
     */
    public Kept edit(String id, long base, List<Edit> edits) {
        return edit(id, base, edits, Asked.BY_NOBODY);
    }

    Kept edit(String id, long base, List<Edit> edits, Asked asked) {
        return once(id, asked, worksheet -> {
            checkBase(worksheet, base, edits, asked);
            return keep(worksheet, JournalRow.Kind.EDIT, meant(edits, worksheet), "", asked);
        });
    }

    private static List<Edit> meant(List<Edit> edits, OpenWorksheet worksheet) {
        return NamedEntries.written(ColumnUnits.written(edits, worksheet.live), worksheet.live.worksheet());
    }

    /** A change that is made once, however often it is asked for with the same key. */
    private Kept once(String id, Asked asked, Function<OpenWorksheet, Kept> change) {
        return write(
                id,
                worksheet -> worksheet.madeBefore(asked.key()).isPresent()
                        ? new Kept(
                                worksheet.revision,
                                worksheet.keptAt,
                                List.of(),
                                new Change(List.of(), List.of()),
                                new Echo("", List.of()),
                                true)
                        : change.apply(worksheet));
    }

    /** Does what is asked for, worked out on the worksheet as it is. */
    Kept act(String id, Act act, Asked asked) {
        return once(
                id,
                asked,
                worksheet -> keep(
                        worksheet,
                        JournalRow.Kind.EDIT,
                        NamedEntries.written(act.edits(worksheet.live), worksheet.live.worksheet()),
                        "",
                        asked));
    }

    /** Makes a worksheet as it was at an earlier revision; a change like any other, which can be undone. */
    Kept restore(String id, long revision, Asked asked) {
        return once(id, asked, worksheet -> {
            check(worksheet, revision);
            List<Edit> edits = store.backTo(id, revision, loaded(id));
            if (edits.isEmpty()) {
                throw new EditRefused("It is as it was then already.");
            }
            return keep(worksheet, JournalRow.Kind.EDIT, edits, "Brought back: ", asked);
        });
    }

    /** How something looked after each of the changes that made it look another way, the newest first. */
    <T> List<Look<T>> looks(String id, Function<LiveWorksheet, Optional<T>> look) {
        // Going back takes long on a large worksheet: nobody waits for it, unless somebody writes meanwhile.
        long revision = read(id, now -> now.revision);
        Worksheet loaded = loaded(id);
        List<Store.Entry> history = store.history(id);
        boolean isOfOneState = read(id, now -> now.revision) == revision;
        return isOfOneState
                ? Bounded.runDeep(() -> looks(id, loaded, history, look))
                : read(id, now -> looks(id, loaded(id), store.history(id), look));
    }

    private <T> List<Look<T>> looks(
            String id, Worksheet kept, List<Store.Entry> history, Function<LiveWorksheet, Optional<T>> look) {
        LiveWorksheet then = new LiveWorksheet(kept, limits);
        List<Store.Entry> entries = new ArrayList<>(history);
        Collections.reverse(entries);
        List<Look<T>> looks = new ArrayList<>();
        Optional<T> seen = look.apply(then);
        for (Store.Entry entry : entries.subList(0, Math.min(MOST_STEPS_BACK, entries.size()))) {
            if (seen.isEmpty() || looks.size() == MOST_LOOKS) {
                break;
            }
            then.apply(store.inverse(id, entry.revision(), then.worksheet()));
            Optional<T> before = look.apply(then);
            if (!before.equals(seen)) {
                looks.add(new Look<>(entry.revision(), entry.at(), entry.says(), seen.get()));
            }
            seen = before;
        }
        return looks;
    }

    /**
     * How something looked.
     *
     * @param revision since when it looked so
     * @param reason the change that made it look so
     */
    record Look<T>(long revision, Instant at, String reason, T seen) {}

    /** Tries something on a worksheet that is taken back at once: nothing of it is kept or told to others. */
    <T> T tried(String id, Function<LiveWorksheet, T> trial) {
        return write(id, worksheet -> trial.apply(worksheet.live));
    }

    /** Makes a chart look as it did at an earlier revision; a change like any other, which can be undone. */
    Kept lookAgain(String id, String chart, long revision, Asked asked) {
        LiveWorksheet was = Bounded.runDeep(() -> asItWas(id, revision).live);
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

    private static void check(OpenWorksheet worksheet, long revision) {
        if (revision < 0 || revision > worksheet.revision) {
            throw new NotFound("This worksheet has changes 0 to " + worksheet.revision + ", and " + revision
                    + " is none of them.");
        }
    }

    /** Reads a worksheet as it was at a revision, or as it is where none is named. */
    <T> T read(String id, Optional<Long> revision, Function<OpenWorksheet, T> reading) {
        return revision.isEmpty()
                ? read(id, reading)
                : Bounded.runDeep(() -> reading.apply(asItWas(id, revision.get())));
    }

    private OpenWorksheet asItWas(String id, long revision) {
        String key = id + "@" + revision;
        OpenWorksheet known = earlier.get(key);
        if (known != null) {
            return known;
        }
        OpenWorksheet then = read(id, now -> {
            check(now, revision);
            Worksheet worksheet = loaded(id);
            store.backTo(id, revision, worksheet);
            Instant at = store.history(id).stream()
                    .filter(entry -> entry.revision() == revision)
                    .map(Store.Entry::at)
                    .findFirst()
                    .orElse(now.keptAt);
            return new OpenWorksheet(id, new LiveWorksheet(worksheet, limits), revision, at, List.of());
        });
        synchronized (earlier) {
            earlier.put(key, then);
            if (earlier.size() > KEPT_EARLIER) {
                earlier.remove(earlier.keySet().iterator().next());
            }
        }
        return then;
    }

    /**
     * Takes the last change back that is not taken back yet: the page's own last one, where nothing later touches it.
     *
     * @param revision the change of another that is to be taken back, where somebody has been asked
     * @throws OfAnother where that would be another page's change
     */
    Kept undo(String id, Optional<Long> revision, Asked asked) {
        return once(id, asked, worksheet -> step(worksheet, JournalRow.Kind.UNDO, worksheet.done, revision, asked));
    }

    /** Makes the change again that was taken back last; whose, as in {@link #undo}. */
    Kept redo(String id, Optional<Long> revision, Asked asked) {
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
                store.inverse(worksheet.id, taken, worksheet.live.worksheet()),
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
                Touching own = store.touched(worksheet.id, each.revision());
                if (!own.meets(store.touchedSince(worksheet.id, each.revision(), Optional.empty()))) {
                    return each;
                }
                break;
            }
        }
        Store.Entry entry = store.entry(worksheet.id, last.revision());
        throw new OfAnother(last.revision(), entry.says(), entry.at());
    }

    private Kept keep(OpenWorksheet worksheet, JournalRow.Kind kind, List<Edit> edits, String prefix, Asked asked) {
        return keep(worksheet, kind, edits, prefix, asked, Optional.empty());
    }

    private Kept keep(
            OpenWorksheet worksheet,
            JournalRow.Kind kind,
            List<Edit> edits,
            String prefix,
            Asked asked,
            Optional<Long> takesBack) {
        StoredForm.Outline before = Store.outlineOf(worksheet.live.worksheet());
        Change change = worksheet.live.apply(edits);
        boolean isStep = kind == JournalRow.Kind.UNDO || kind == JournalRow.Kind.REDO;
        List<Edit> following = isStep ? List.of() : Tabulating.following(worksheet.live);
        if (!following.isEmpty()) {
            // Tables follow in the same step, so that one undo takes all of it back.
            worksheet.live.apply(change.inverse());
            return keep(
                    worksheet,
                    kind,
                    Stream.concat(edits.stream(), following.stream()).toList(),
                    prefix,
                    asked,
                    takesBack);
        }
        Echo spoken = Echo.of(edits, change, worksheet.live);
        Echo echo = new Echo(prefix + spoken.message(), spoken.results());
        long revision = worksheet.revision + 1;
        Instant at = now();
        Store.Entry entry = new Store.Entry(revision, at, kind, echo.message(), asked.page(), asked.key(), takesBack);
        try {
            file.write(worksheet.id, revision, () -> {
                store.keep(
                        worksheet.id,
                        new Store.Draft(entry, edits, change.inverse(), before),
                        worksheet.live.worksheet());
                return revision;
            });
        } catch (RuntimeException notWritten) {
            worksheet.live.apply(change.inverse());
            worksheet.isBehind = true;
            throw notWritten;
        }
        worksheet.revision = revision;
        worksheet.keptAt = at;
        worksheet.note(entry);
        events.publishEvent(new WorksheetChanged(worksheet.id, revision));
        return new Kept(revision, at, edits, change, echo, false);
    }

    private void checkBase(OpenWorksheet worksheet, long base, List<Edit> edits, Asked asked) {
        if (base >= worksheet.revision) {
            return;
        }
        Touching mine = Touching.of(edits);
        Touching since = store.touchedSince(worksheet.id, base, asked.page());
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
    List<Store.Entry> history(String id) {
        return read(id, worksheet -> {
            List<Store.Entry> entries = new ArrayList<>(store.history(id));
            Collections.reverse(entries);
            return entries;
        });
    }

    /** Reads a worksheet while nobody writes it; on a stack that is deep enough for the longest entry. */
    <T> T read(String id, Function<OpenWorksheet, T> reading) {
        OpenWorksheet worksheet = find(id);
        worksheet.lock.readLock().lock();
        try {
            return Bounded.runDeep(() -> reading.apply(worksheet));
        } finally {
            worksheet.lock.readLock().unlock();
        }
    }

    private <T> T write(String id, Function<OpenWorksheet, T> writing) {
        OpenWorksheet worksheet = find(id);
        worksheet.lock.writeLock().lock();
        try {
            return Bounded.runDeep(() -> {
                if (worksheet.isBehind) {
                    worksheet.becomes(load(id));
                }
                try {
                    return writing.apply(worksheet);
                } catch (Store.Behind other) {
                    worksheet.becomes(load(id));
                    return writing.apply(worksheet);
                }
            });
        } finally {
            worksheet.lock.writeLock().unlock();
        }
    }

    /** Reads all that is held in memory again, since what it is made of has another meaning now. */
    @EventListener(RatesChanged.class)
    void readAgain() {
        earlier.clear();
        for (String id : List.copyOf(open.keySet())) {
            long revision = write(id, worksheet -> {
                worksheet.live = new LiveWorksheet(loaded(id), limits);
                return worksheet.revision;
            });
            events.publishEvent(new WorksheetReread(id, revision));
        }
    }

    private OpenWorksheet find(String id) {
        return open.computeIfAbsent(id, wanted -> Bounded.runDeep(() -> load(wanted)));
    }

    private OpenWorksheet load(String id) {
        WorksheetRow row = row(id);
        return new OpenWorksheet(
                id, new LiveWorksheet(loaded(id), limits), row.revision, row.changedAt, store.history(id));
    }

    private WorksheetRow row(String id) {
        return store.worksheet(id).orElseThrow(() -> new NotFound("There is no worksheet " + id + "."));
    }

    private Worksheet loaded(String id) {
        WorksheetRow row = row(id);
        StoredForm.Outline outline = store.outline(row);
        Worksheet worksheet = new Worksheet(row.title, outline.sections(), Words.STANDARD);
        Map<String, List<Edit.Typed>> byGrid = new LinkedHashMap<>();
        store.cells(id)
                .forEach(cell -> byGrid.computeIfAbsent(cell.grid(), grid -> new ArrayList<>())
                        .add(new Edit.Typed(cell.cell(), cell.entry())));
        outline.names().forEach(name -> name.apply(worksheet));
        byGrid.forEach((grid, cells) -> new Edit.Enter(grid, cells).apply(worksheet));
        outline.settings().ifPresent(settings -> new Edit.ChangeSettings(settings).apply(worksheet));
        return worksheet;
    }

    /** The database keeps microseconds. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    /** The id of an example with this title. */
    public Optional<String> example(String title) {
        return store.worksheets().stream()
                .filter(row -> row.example && row.title.equals(title))
                .map(row -> row.id)
                .findFirst();
    }
}
