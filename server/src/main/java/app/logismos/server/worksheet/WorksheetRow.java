package app.logismos.server.worksheet;

import app.logismos.server.stored.StoredForm;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A worksheet without its cells, as it is stored. */
@Entity
@Table(name = "worksheet")
class WorksheetRow {
    @Id
    String id = "";

    String title = "";
    boolean example;

    @Column(name = "created_at")
    Instant createdAt = Instant.EPOCH;

    @Column(name = "changed_at")
    Instant changedAt = Instant.EPOCH;

    /** When it was deleted; null for one that is there. */
    @Column(name = "deleted_at")
    @Nullable
    Instant deletedAt;

    long revision;

    /** The number of the format that the outline and the blocks are in. */
    int format = StoredForm.FORMAT;

    /** Sections with the ids of their blocks, defined names and settings as JSON: {@link StoredForm}. */
    @Lob
    String outline = "";
}
