package app.logismos.server.worksheet;

import app.logismos.server.web.NotFound;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Worksheets made small for the start page: drawn when they have changed, beside the work and one at a time, and kept, so
 * that the start page opens no worksheet.
 */
@Component
@Lazy(false)
class Pictures implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Pictures.class);

    /** Somebody who types changes much: a picture is drawn after a pause of so long, that nobody waits for it. */
    private static final Duration PAUSE = Duration.ofSeconds(1);

    /** Without a pause it is drawn so long after the first change. */
    private static final Duration LONGEST = Duration.ofSeconds(20);

    /** A picture that is to be drawn, and when that was first asked for, by the clock that measures spans. */
    private record Order(long since, ScheduledFuture<?> drawing) {}

    private final PictureStore store;
    private final OpenWorksheets worksheets;
    private final WorksheetViews views;
    private final JsonMapper json;
    private final ConcurrentMap<String, Order> orders = new ConcurrentHashMap<>(); // by worksheet
    private final ScheduledExecutorService work = Executors.newSingleThreadScheduledExecutor(run -> {
        Thread thread = new Thread(run, "pictures");
        thread.setDaemon(true);
        return thread;
    });

    Pictures(PictureStore store, OpenWorksheets worksheets, WorksheetViews views, JsonMapper json) {
        this.store = store;
        this.worksheets = worksheets;
        this.views = views;
        this.json = json;
    }

    /** The pictures of some worksheets as they were made last, by worksheet. */
    Map<String, PictureRow> of(List<String> worksheets) {
        return store.of(worksheets);
    }

    /** As it stands in answers; nothing where it was never made or cannot be read. */
    Optional<WorksheetViews.Picture> read(PictureRow row) {
        return Optional.of(json.readValue(row.drawing, WorksheetViews.Picture.class));
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        store.behind().forEach(this::order);
    }

    @EventListener
    void changed(WorksheetChanged change) {
        order(change.id());
    }

    @EventListener
    void reread(WorksheetReread reading) {
        order(reading.id());
    }

    private void order(String id) {
        orders.compute(id, (worksheet, before) -> {
            long now = System.nanoTime();
            long since = before == null ? now : before.since();
            if (before != null
                    && (now - since > LONGEST.toNanos() || !before.drawing().cancel(false))) {
                return before;
            }
            return new Order(since, work.schedule(() -> draw(worksheet), PAUSE.toMillis(), TimeUnit.MILLISECONDS));
        });
    }

    private void draw(String id) {
        orders.remove(id);
        try {
            record Drawn(long revision, String drawing) {}
            Drawn drawn =
                    worksheets.read(id, open -> new Drawn(open.revision, json.writeValueAsString(views.picture(open))));
            store.keep(id, drawn.revision(), drawn.drawing());
        } catch (NotFound deleted) {
            // The page that asked is gone.
        } catch (DataAccessException | TransactionException notKept) {
            LOG.info("The picture of a worksheet could not be kept: {}", notKept.getMessage());
        }
    }

    @Override
    public void destroy() {
        work.shutdownNow();
    }
}
