package app.logismos.server.worksheet;

import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.Limits;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.server.calculate.RatesChanged;
import app.logismos.server.web.NotFound;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Worksheets as they were. They are made from what is stored, by taking changes back, beside the worksheets that are open:
 * nobody who writes waits for it.
 */
@Component
class EarlierStates {
    private static final int KEPT = 4;
    private static final int MOST_LOOKS = 10;
    private static final int MOST_STEPS_BACK = 200;

    private final OpenWorksheets open;
    private final WorksheetStore store;
    private final JournalStore journal;
    private final Limits limits;
    /** Those looked at last, by id and revision. */
    private final Map<String, OpenWorksheet> kept = Collections.synchronizedMap(new LinkedHashMap<>());

    EarlierStates(OpenWorksheets open, WorksheetStore store, JournalStore journal, Limits limits) {
        this.open = open;
        this.store = store;
        this.journal = journal;
        this.limits = limits;
    }

    /** Reads a worksheet as it was at a revision, or as it is where none is named. */
    <T> T read(String id, Optional<Long> revision, Function<OpenWorksheet, T> reading) {
        return revision.isEmpty()
                ? open.read(id, reading)
                : Bounded.runDeep(() -> reading.apply(at(id, revision.get())));
    }

    private OpenWorksheet at(String id, long revision) {
        String key = id + "@" + revision;
        OpenWorksheet known = kept.get(key);
        if (known != null) {
            open.check(id);
            return known;
        }
        OpenWorksheet then = new OpenWorksheet(id, back(id, revision), limits);
        synchronized (kept) {
            kept.put(key, then);
            if (kept.size() > KEPT) {
                kept.remove(kept.keySet().iterator().next());
            }
        }
        return then;
    }

    /** What was stored then; of its history, only when it was. */
    private WorksheetStore.Loaded back(String id, long revision) {
        WorksheetStore.Loaded now = loaded(id);
        check(revision, now.revision());
        journal.backTo(id, revision, now.revision(), now.worksheet());
        Instant at = now.history().stream()
                .filter(entry -> entry.revision() == revision)
                .map(JournalStore.Entry::at)
                .findFirst()
                .orElse(now.changedAt());
        return new WorksheetStore.Loaded(now.worksheet(), revision, at, List.of(), now.letters());
    }

    private WorksheetStore.Loaded loaded(String id) {
        return store.load(id).orElseThrow(() -> new NotFound("There is no worksheet " + id + "."));
    }

    /** Refuses what was never a revision. */
    static void check(long revision, long last) {
        if (revision < 0 || revision > last) {
            throw new NotFound("This worksheet has changes 0 to " + last + ", and " + revision + " is none of them.");
        }
    }

    /** How something looked after each of the changes that made it look another way, the newest first. */
    <T> List<Look<T>> looks(String id, Function<LiveWorksheet, Optional<T>> look) {
        return Bounded.runDeep(() -> looks(id, loaded(id), look));
    }

    private <T> List<Look<T>> looks(
            String id, WorksheetStore.Loaded loaded, Function<LiveWorksheet, Optional<T>> look) {
        LiveWorksheet then = new LiveWorksheet(loaded.worksheet(), limits);
        List<JournalStore.Entry> entries = new ArrayList<>(loaded.history());
        Collections.reverse(entries);
        List<Look<T>> looks = new ArrayList<>();
        Optional<T> seen = look.apply(then);
        for (JournalStore.Entry entry : entries.subList(0, Math.min(MOST_STEPS_BACK, entries.size()))) {
            if (seen.isEmpty() || looks.size() == MOST_LOOKS) {
                break;
            }
            then.apply(journal.inverse(id, entry.revision(), then.worksheet()));
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

    /** What was worked out with other rates is worked out again. */
    @EventListener(RatesChanged.class)
    void readAgain() {
        kept.clear();
    }
}
