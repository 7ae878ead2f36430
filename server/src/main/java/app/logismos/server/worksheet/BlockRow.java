package app.logismos.server.worksheet;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;

/** A block of a worksheet without its cells, as it is stored. */
@Entity
@Table(name = "block")
class BlockRow {
    @EmbeddedId
    Key key = new Key("", "");

    /** The block as JSON: {@link app.logismos.server.stored.StoredForm}. */
    @Lob
    String content = "";

    /** Which block of which worksheet. */
    @Embeddable
    record Key(
            @Column(name = "worksheet_id") String worksheetId,
            @Column(name = "block_id") String blockId) implements Serializable {}
}
