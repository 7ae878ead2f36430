package app.logismos.server.worksheet;

import app.logismos.act.Act;
import app.logismos.evaluate.Limits;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.Change;
import app.logismos.report.Echo;
import app.logismos.server.calculate.KnownUnits;
import app.logismos.server.stored.StoredForm;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.NamedEntries;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * Changes that are written, answered and rolled back while the program starts: nothing of them is kept, and the first
 * person finds the queries translated and the classes loaded.
 */
@Component
public class Practice {
    private static final Logger LOG = LoggerFactory.getLogger(Practice.class);

    private static final int ROWS = 200;

    private final WorksheetStore store;
    private final WorksheetViews views;
    private final TransactionOperations transactions;
    private final KnownUnits known;
    private final JsonMapper json;

    Practice(
            WorksheetStore store,
            WorksheetViews views,
            TransactionOperations transactions,
            KnownUnits known,
            JsonMapper json) {
        this.store = store;
        this.views = views;
        this.transactions = transactions;
        this.known = known;
        this.json = json;
    }

    /** Types two columns, and puts the fit of one over the other below them. */
    public void change() {
        Area across = column(0);
        Chart chart = Chart.of(
                "chart",
                "",
                "grid",
                Optional.of(across),
                Chart.Series.of(column(1), Chart.Shape.POINTS).withFit(Chart.Fit.LINE));
        Section section = Section.of("section", "", Block.Grid.of("grid", "", ROWS, 2), chart);
        String id = UUID.randomUUID().toString();
        Worksheet empty = new Worksheet("", List.of(section), known.words());
        OpenWorksheet open =
                new OpenWorksheet(id, new WorksheetStore.Loaded(empty, 0, Instant.EPOCH, List.of(), 0), Limits.USUAL);
        try {
            transactions.executeWithoutResult(status -> {
                status.setRollbackOnly();
                store.create(id, false, empty, Instant.EPOCH);
                make(open, List.of(typed()));
                make(open, new Act.PutFit(chart.id(), 0, "fit").edits(open.live));
            });
        } catch (DataAccessException | TransactionException notWritten) {
            LOG.info("No change could be practised: {}", notWritten.getMessage());
        }
    }

    private static Area column(int column) {
        return Area.between(new Address(column, 0), new Address(column, ROWS - 1));
    }

    private static Edit typed() {
        return new Edit.Enter(
                "grid",
                IntStream.range(0, 2 * ROWS)
                        .mapToObj(i -> new Edit.Typed(new Address(i % 2, i / 2), i + "." + i))
                        .toList());
    }

    private void make(OpenWorksheet open, List<Edit> asked) {
        List<Edit> edits = NamedEntries.written(asked, open.live.worksheet());
        StoredForm.Outline before = WorksheetStore.outlineOf(open.live.worksheet());
        Change change = open.live.apply(edits);
        Echo echo = Echo.of(edits, change, open.live);
        JournalStore.Entry entry = new JournalStore.Entry(
                open.revision + 1,
                Instant.EPOCH,
                JournalRow.Kind.EDIT,
                echo.message(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        store.keep(open.id, new WorksheetStore.Draft(entry, edits, change.inverse(), before), open.live.worksheet());
        open.kept(entry, edits);
        json.writeValueAsString(
                views.kept(open, new Worksheets.Kept(entry.revision(), entry.at(), change, echo, false)));
    }
}
