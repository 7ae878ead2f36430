package app.logismos.server.worksheet;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A kept line of the scratch line, with its answer as it was then. */
@Entity
@Table(name = "tape")
class TapeRow {
    @EmbeddedId
    Key key = new Key("", 0);

    @Column(length = 8192)
    String entry = "";

    @Column(length = 8192)
    String shown = "";

    boolean exact;

    @Lob
    @Column(name = "in_full")
    String inFull = "";

    @Column(name = "made_at")
    Instant madeAt = Instant.EPOCH;

    /** The key it was sent with; null where it had none. */
    @Nullable
    @Column(name = "request_key", length = 64)
    String requestKey;

    /** Which worksheet, and which line of its tape, from 1. */
    @Embeddable
    record Key(
            @Column(name = "worksheet_id") String worksheetId,
            @Column(name = "line_no") long line) implements Serializable {}
}
