package app.logismos.server.worksheet;

import app.logismos.server.stored.StoredForm;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One change of a worksheet, as it is stored. Rows are only ever added. */
@Entity
@Table(name = "journal")
class JournalRow {
    @EmbeddedId
    Key key = new Key("", 0);

    @Column(name = "made_at")
    Instant madeAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @Column(length = 8, columnDefinition = "varchar(8)")
    Kind kind = Kind.EDIT;

    @Column(length = 500)
    String says = "";

    /** The number of the format that its edits are in. */
    int format = StoredForm.FORMAT;

    /** The edits that were applied, as JSON. */
    @Lob
    String edits = "";

    /** The edits that take them back, as JSON. */
    @Lob
    String inverse = "";

    /** The page that made it; null where that is not known. */
    @Nullable
    @Column(length = 64)
    String page;

    /** The key it was sent with; null where it had none. */
    @Nullable
    @Column(name = "request_key", length = 64)
    String requestKey;

    /** The change that an undo takes back, or that is made again; null for the last one. */
    @Nullable
    @Column(name = "takes_back")
    Long takesBack;

    /** Which worksheet, and which of its changes, from 1. */
    @Embeddable
    record Key(
            @Column(name = "worksheet_id") String worksheetId,
            @Column(name = "revision") long revision) implements Serializable {}

    /** How a change came about. */
    enum Kind {
        /** What a worksheet begins with: nobody has done it, and it is not taken back. */
        START,
        EDIT,
        UNDO,
        REDO
    }
}
