package app.logismos.server.worksheet;

import app.logismos.recalculate.LiveWorksheet;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;

/** A worksheet in memory: one writes, many read. */
final class OpenWorksheet {
    /** A page that was away for long sends hardly more again. */
    private static final int MOST_KEYS = 10_000;

    final String id;
    final ReadWriteLock lock = new ReentrantReadWriteLock();
    /** Changes whose inverse undoes, the next one last. */
    final Deque<Done> done = new ArrayDeque<>();
    /** Undos themselves, whose inverse does again, the next one last. */
    final Deque<Done> undone = new ArrayDeque<>();

    /** The keys of changes that have been made, with their revisions; the last ones. */
    private final Map<String, Long> keys = new LinkedHashMap<>();

    LiveWorksheet live;
    long revision;
    Instant keptAt;
    /** Whether what is stored may be further than what is held here. */
    boolean isBehind;

    OpenWorksheet(String id, LiveWorksheet live, long revision, Instant keptAt, List<Store.Entry> history) {
        this.id = id;
        this.live = live;
        this.revision = revision;
        this.keptAt = keptAt;
        history.forEach(this::note);
    }

    /** Reads it anew from what is stored. */
    void becomes(OpenWorksheet stored) {
        live = stored.live;
        revision = stored.revision;
        keptAt = stored.keptAt;
        done.clear();
        done.addAll(stored.done);
        undone.clear();
        undone.addAll(stored.undone);
        keys.putAll(stored.keys);
        isBehind = false;
    }

    /** The revision that a change with this key has led to. */
    Optional<Long> madeBefore(Optional<String> key) {
        return key.map(keys::get);
    }

    /** Follows a change on the two stacks. */
    void note(Store.Entry change) {
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
