package app.logismos.server.demo;

import app.logismos.server.datafolder.NotKept;
import app.logismos.server.worksheet.WorksheetList;
import app.logismos.server.worksheet.Worksheets;
import app.logismos.sheet.Edit;
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

    private final WorksheetList list;
    private final Worksheets worksheets;

    DemoWorksheets(WorksheetList list, Worksheets worksheets) {
        this.list = list;
        this.worksheets = worksheets;
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
        add("Evening sheet", EveningSheet.edits());
        add("Steeping surface", SteepingSurface.edits());
        add("Tasting tray", TastingTray.edits());
        add("First steps", FirstSteps.edits());
        add("Spring blend", SpringBlend.edits());
        add("Cooling cup", CoolingCup.edits());
    }

    private void add(String title, List<List<Edit>> edits) {
        if (list.example(title).isPresent()) {
            return;
        }
        String id = worksheets.create(title, true);
        edits.forEach(together -> worksheets.begin(id, together));
    }
}
