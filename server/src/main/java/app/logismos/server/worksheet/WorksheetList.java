package app.logismos.server.worksheet;

import app.logismos.server.datafolder.KeptFile;
import app.logismos.server.datafolder.NotKept;
import app.logismos.server.web.NotFound;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Which worksheets there are. They are looked up in the store, and none is opened for it. */
@Component
public class WorksheetList {
    private static final Duration KEPT_DELETED = Duration.ofDays(30);

    private final WorksheetStore store;
    private final KeptFile file;
    private final Clock clock;

    WorksheetList(WorksheetStore store, KeptFile file, Clock clock) {
        this.store = store;
        this.file = file;
        this.clock = clock;
    }

    /**
     * Those that are not deleted, the ones changed last first.
     *
     * @param example only examples, or only others; nothing for both
     * @param most so many at the most
     */
    List<WorksheetStore.Row> rows(Optional<Boolean> example, int most) {
        return store.rows(example, most);
    }

    /** The id of an example with this title. */
    public Optional<String> example(String title) {
        return store.rows(Optional.of(true), Integer.MAX_VALUE).stream()
                .filter(row -> row.title().equals(title))
                .map(WorksheetStore.Row::id)
                .findFirst();
    }

    /** Brings a deleted worksheet back; it is kept for {@link #KEPT_DELETED}. */
    void bringBack(String id) {
        if (!file.write(() -> store.mark(id, null))) {
            throw new NotFound("There is no worksheet " + id + ".");
        }
    }

    /** Removes worksheets that were deleted long ago. */
    @EventListener(ApplicationReadyEvent.class)
    void forgetDeleted() {
        Instant before = clock.instant().minus(KEPT_DELETED);
        if (store.hasDeleted(before)) {
            try {
                file.write(() -> store.forget(before)).forEach(file::forgotten);
            } catch (NotKept full) {
                // They are removed at a later start.
            }
        }
    }
}
