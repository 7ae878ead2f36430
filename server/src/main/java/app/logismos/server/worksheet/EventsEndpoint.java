package app.logismos.server.worksheet;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells open pages that a worksheet has changed or has other values, as server-sent events that carry its revision. */
@RestController
class EventsEndpoint {
    private static final long NO_END = 0;

    private final Map<String, List<SseEmitter>> listeners = new ConcurrentHashMap<>();

    @GetMapping(path = "/api/v1/worksheets/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen(@PathVariable String id) {
        SseEmitter listener = new SseEmitter(NO_END);
        List<SseEmitter> all = listeners.computeIfAbsent(id, each -> new CopyOnWriteArrayList<>());
        all.add(listener);
        listener.onCompletion(() -> all.remove(listener));
        listener.onError(gone -> all.remove(listener));
        return listener;
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
        List<SseEmitter> all = listeners.getOrDefault(id, List.of());
        for (SseEmitter listener : all) {
            try {
                listener.send(SseEmitter.event().name(event).data(revision));
            } catch (IOException | IllegalStateException gone) {
                all.remove(listener); // the page was closed
            }
        }
    }
}
