package app.logismos.server.worksheet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** A worksheet made small, as it was at a revision. */
@Entity
@Table(name = "picture")
class PictureRow {
    @Id
    @Column(name = "worksheet_id", length = 36)
    String worksheetId = "";

    long revision;

    /** As JSON. */
    @Lob
    String drawing = "";
}
