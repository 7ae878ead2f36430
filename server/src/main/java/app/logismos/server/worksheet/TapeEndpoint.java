package app.logismos.server.worksheet;

import app.logismos.formula.Parser;
import app.logismos.server.web.BadRequest;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The tape of a worksheet: what was worked out on the scratch line, the oldest first. */
@RestController
@RequestMapping("/api/v1/worksheets/{id}/tape")
class TapeEndpoint {
    private static final int MOST_LINES = 1_000;

    private final EntityManager entities;
    private final Worksheets worksheets;
    private final Clock clock;

    TapeEndpoint(EntityManager entities, Worksheets worksheets, Clock clock) {
        this.entities = entities;
        this.worksheets = worksheets;
        this.clock = clock;
    }

    /**
     * A line.
     *
     * @param display the answer as shown
     * @param value the answer at full precision
     */
    record Line(String entry, String display, boolean exact, String value) {}

    /** A line with its number and time. */
    record Kept(long line, Instant at, String entry, String display, boolean exact, String value) {
        static Kept of(TapeRow row) {
            return new Kept(row.key.line(), row.madeAt, row.entry, row.shown, row.exact, row.inFull);
        }
    }

    @GetMapping
    @Transactional(readOnly = true)
    public List<Kept> lines(@PathVariable String id) {
        return entities.createQuery("from TapeRow where key.worksheetId = :id order by key.line", TapeRow.class)
                .setParameter("id", id)
                .getResultStream()
                .map(Kept::of)
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public Kept add(@PathVariable String id, @RequestBody Line line) {
        worksheets.read(id, open -> open.revision);
        if (line.entry().isBlank() || line.entry().length() > Parser.MAX_LENGTH) {
            throw new BadRequest("`entry` has 1 to " + Parser.MAX_LENGTH + " characters.");
        }
        Long last = entities.createQuery(
                        "select coalesce(max(key.line), 0) from TapeRow where key.worksheetId = :id", Long.class)
                .setParameter("id", id)
                .getSingleResult();
        TapeRow row = new TapeRow();
        row.key = new TapeRow.Key(id, last + 1);
        row.entry = line.entry();
        row.shown = line.display().substring(0, Math.min(line.display().length(), Parser.MAX_LENGTH));
        row.exact = line.exact();
        row.inFull = line.value();
        row.madeAt = clock.instant().truncatedTo(ChronoUnit.MICROS);
        entities.persist(row);
        entities.createQuery("delete from TapeRow where key.worksheetId = :id and key.line <= :old")
                .setParameter("id", id)
                .setParameter("old", last + 1 - MOST_LINES)
                .executeUpdate();
        return Kept.of(row);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void clear(@PathVariable String id) {
        entities.createQuery("delete from TapeRow where key.worksheetId = :id")
                .setParameter("id", id)
                .executeUpdate();
    }
}
