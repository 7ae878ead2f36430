package app.logismos.server.worksheet;

import app.logismos.recalculate.LiveWorksheet;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;

/** A worksheet in memory: one writes, many read. */
final class OpenWorksheet {
    final String id;
    final ReadWriteLock lock = new ReentrantReadWriteLock();
    /** Revisions whose inverse undoes, the next one last. */
    final Deque<Long> done = new ArrayDeque<>();
    /** Revisions, undos themselves, whose inverse does again, the next one last. */
    final Deque<Long> undone = new ArrayDeque<>();

    LiveWorksheet live;
    long revision;
    Instant keptAt;

    OpenWorksheet(String id, LiveWorksheet live, long revision, Instant keptAt, List<Store.Entry> history) {
        this.id = id;
        this.live = live;
        this.revision = revision;
        this.keptAt = keptAt;
        history.forEach(entry -> note(entry.kind(), entry.revision()));
    }

    /** Follows a change on the two stacks. */
    void note(JournalRow.Kind kind, long change) {
        switch (kind) {
            case START -> {}
            case EDIT -> {
                done.addLast(change);
                undone.clear();
            }
            case UNDO -> {
                done.removeLast();
                undone.addLast(change);
            }
            case REDO -> {
                undone.removeLast();
                done.addLast(change);
            }
        }
    }
}
