package app.logismos.server.worksheet;

import app.logismos.formula.Parser;
import app.logismos.server.datafolder.KeptFile;
import app.logismos.server.web.BadRequest;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The tape of a worksheet: what was worked out on the scratch line, the oldest first. */
@RestController
@RequestMapping("/api/v1/worksheets/{id}/tape")
class TapeEndpoint {
    private final TapeStore tapes;
    private final OpenWorksheets worksheets;
    private final Clock clock;
    private final KeptFile file;

    TapeEndpoint(TapeStore tapes, OpenWorksheets worksheets, Clock clock, KeptFile file) {
        this.tapes = tapes;
        this.worksheets = worksheets;
        this.clock = clock;
        this.file = file;
    }

    /**
     * A line.
     *
     * @param display the answer as shown
     * @param value the answer at full precision
     */
    record TapeLine(String entry, String display, boolean exact, String value) {}

    /** A line with its number and time. */
    record TapeKept(long line, Instant at, String entry, String display, boolean exact, String value) {
        static TapeKept of(TapeRow row) {
            return new TapeKept(row.key.line(), row.madeAt, row.entry, row.shown, row.exact, row.inFull);
        }
    }

    /** The lines of the tape, the oldest first. */
    @GetMapping
    List<TapeKept> lines(@PathVariable String id) {
        return tapes.lines(id).stream().map(TapeKept::of).toList();
    }

    /** Adds a line to the tape. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    TapeKept add(@PathVariable String id, @RequestBody TapeLine line, @RequestHeader(Asked.KEY) Optional<String> key) {
        worksheets.check(id);
        if (line.entry().isBlank() || line.entry().length() > Parser.MAX_LENGTH) {
            throw new BadRequest("`entry` has 1 to " + Parser.MAX_LENGTH + " characters.");
        }
        TapeRow row = new TapeRow();
        row.requestKey = new Asked(Optional.empty(), key).key().orElse(null);
        row.entry = line.entry();
        row.shown = line.display().substring(0, Math.min(line.display().length(), Parser.MAX_LENGTH));
        row.exact = line.exact();
        row.inFull = line.value();
        row.madeAt = clock.instant().truncatedTo(ChronoUnit.MICROS);
        // Lines are numbered one after another, so they are added one after another.
        synchronized (tapes) {
            return TapeKept.of(file.write(() -> tapes.add(id, row)));
        }
    }

    /** Takes all lines off the tape. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void clear(@PathVariable String id) {
        file.write(() -> {
            tapes.clear(id);
            return true;
        });
    }
}
