package app.logismos.server.worksheet;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells open pages that a worksheet has changed or has other values, as server-sent events that carry its revision. */
@RestController
class EventsEndpoint implements DisposableBean {
    private static final long NO_END = 0;

    /** The interval of heartbeats; only these show whether a page is still connected. */
    private static final int SECONDS_BETWEEN_SIGNS = 10;

    private final Map<String, List<SseEmitter>> listeners = new ConcurrentHashMap<>();
    private final OpenWorksheets worksheets;

    /** Writers neither wait for listeners nor see their failures. */
    private final ScheduledExecutorService telling = new ScheduledThreadPoolExecutor(
            1,
            work -> {
                Thread thread = new Thread(work, "telling pages");
                thread.setDaemon(true);
                return thread;
            },
            new ThreadPoolExecutor.DiscardPolicy());

    EventsEndpoint(OpenWorksheets worksheets) {
        this.worksheets = worksheets;
        telling.scheduleWithFixedDelay(
                this::signOfLife, SECONDS_BETWEEN_SIGNS, SECONDS_BETWEEN_SIGNS, TimeUnit.SECONDS);
    }

    /** Tells of changes as they are kept (server-sent events). */
    @GetMapping(path = "/api/v1/worksheets/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen(@PathVariable String id) {
        worksheets.check(id);
        SseEmitter listener = new SseEmitter(NO_END);
        listeners.compute(id, (worksheet, all) -> {
            List<SseEmitter> more = all == null ? new CopyOnWriteArrayList<>() : all;
            more.add(listener);
            return more;
        });
        listener.onCompletion(() -> remove(id, listener));
        listener.onError(gone -> remove(id, listener));
        return listener;
    }

    private void remove(String id, SseEmitter listener) {
        listeners.computeIfPresent(id, (worksheet, all) -> {
            all.remove(listener);
            return all.isEmpty() ? null : all;
        });
    }

    private void signOfLife() {
        listeners.forEach((id, all) ->
                all.forEach(listener -> send(id, listener, SseEmitter.event().comment(""))));
    }

    @EventListener
    void changed(WorksheetChanged change) {
        tell(change.id(), "changed", change.revision());
    }

    @EventListener
    void reread(WorksheetReread reading) {
        tell(reading.id(), "reread", reading.revision());
    }

    private void tell(String id, String event, long revision) {
        telling.execute(() -> listeners
                .getOrDefault(id, List.of())
                .forEach(listener ->
                        send(id, listener, SseEmitter.event().name(event).data(revision))));
    }

    private void send(String id, SseEmitter listener, SseEmitter.SseEventBuilder event) {
        try {
            listener.send(event);
        } catch (IOException | RuntimeException gone) {
            remove(id, listener); // the page was closed
            try {
                listener.completeWithError(gone);
            } catch (RuntimeException closed) {
                // Then there is nothing left to complete.
            }
        }
    }

    @Override
    public void destroy() {
        telling.shutdownNow();
    }
}
