package app.logismos.server.demo;

import app.logismos.formats.json.JsonFormat;
import app.logismos.server.calculate.KnownUnits;
import app.logismos.server.datafolder.NotKept;
import app.logismos.server.worksheet.WorksheetList;
import app.logismos.server.worksheet.Worksheets;
import app.logismos.sheet.Transcript;
import app.logismos.sheet.Worksheet;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Adds the examples that are not there yet when the program starts with demo data. */
@Component
@Lazy(false)
@ConditionalOnProperty("logismos.demo")
class DemoWorksheets {
    private static final Logger LOG = LoggerFactory.getLogger(DemoWorksheets.class);

    /** The last is the newest, and stands first. */
    private static final List<String> NAMES =
            List.of("evening-sheet", "steeping-surface", "tasting-tray", "first-steps", "spring-blend", "cooling-cup");

    private final WorksheetList list;
    private final Worksheets worksheets;
    private final KnownUnits known;

    DemoWorksheets(WorksheetList list, Worksheets worksheets, KnownUnits known) {
        this.list = list;
        this.worksheets = worksheets;
        this.known = known;
    }

    @EventListener(ApplicationReadyEvent.class)
    void create() {
        try {
            addAll();
        } catch (NotKept full) {
            LOG.warn("The demo data could not be added: {}", full.getMessage());
        }
    }

    private void addAll() {
        NAMES.forEach(this::add);
    }

    /** Each is a document as a person hands it over. */
    private void add(String name) {
        try (InputStream document = DemoWorksheets.class.getResourceAsStream(name + ".json")) {
            Worksheet example = JsonFormat.read(document, known.words()).worksheet();
            if (list.example(example.title()).isEmpty()) {
                String id = worksheets.create(example.title(), true);
                worksheets.begin(id, Transcript.of(example));
            }
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
    }
}
