package app.logismos.server.worksheet;

import app.logismos.evaluate.Limits;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Edit;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A worksheet in memory: one writes, many read. */
final class OpenWorksheet {
    /** A page that was offline for long rarely resends more. */
    private static final int MOST_KEYS = 10_000;

    // On the high side of the figures in docs/benchmarks.md: a cell takes 96 to 138 bytes, and few have less than five
    // letters.
    private static final long BYTES = 100_000;
    private static final long BYTES_A_LETTER = 60;
    private static final long BYTES_A_CHANGE = 200;

    final String id;
    /** Changes whose inverse undoes, the next one last. */
    final Deque<Done> done = new ArrayDeque<>();
    /** Undos themselves, whose inverse does again, the next one last. */
    final Deque<Done> undone = new ArrayDeque<>();

    /** The keys of changes that have been made, with their revisions; the last ones. */
    private final Map<String, Long> keys = new LinkedHashMap<>();

    final LiveWorksheet live;
    long revision;
    Instant keptAt;
    /** About how much memory it takes. */
    volatile long bytes;
    /** Whether what is stored may be further than what is held here. */
    boolean isBehind;

    OpenWorksheet(String id, WorksheetStore.Loaded loaded, Limits limits) {
        this.id = id;
        this.live = new LiveWorksheet(loaded.worksheet(), limits);
        this.revision = loaded.revision();
        this.keptAt = loaded.changedAt();
        this.bytes = BYTES + loaded.letters() * BYTES_A_LETTER;
        loaded.history().forEach(this::note);
    }

    /** Takes in a change that is kept. */
    void kept(JournalStore.Entry change, List<Edit> edits) {
        revision = change.revision();
        keptAt = change.at();
        note(change);
        bytes += edits.stream()
                .filter(Edit.Enter.class::isInstance)
                .flatMap(edit -> ((Edit.Enter) edit).cells().stream())
                .mapToLong(typed -> typed.text().length() * BYTES_A_LETTER)
                .sum();
    }

    /** The revision that a change with this key has led to. */
    Optional<Long> madeBefore(Optional<String> key) {
        return key.map(keys::get);
    }

    /** Follows a change on the two stacks. */
    private void note(JournalStore.Entry change) {
        Done one = new Done(change.revision(), change.page());
        switch (change.kind()) {
            case START -> {}
            case EDIT -> {
                done.addLast(one);
                undone.clear();
            }
            case UNDO -> {
                takeOut(done, change.takesBack());
                undone.addLast(one);
            }
            case REDO -> {
                takeOut(undone, change.takesBack());
                done.addLast(one);
            }
        }
        bytes += BYTES_A_CHANGE;
        change.key().ifPresent(key -> keys.put(key, change.revision()));
        if (keys.size() > MOST_KEYS) {
            keys.remove(keys.keySet().iterator().next());
        }
    }

    private static void takeOut(Deque<Done> stack, Optional<Long> revision) {
        boolean isFound = revision.isPresent() && stack.removeIf(each -> each.revision() == revision.get());
        if (!isFound) {
            stack.removeLast();
        }
    }
}
