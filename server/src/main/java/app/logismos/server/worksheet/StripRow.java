package app.logismos.server.worksheet;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;

/**
 * What was typed into some cells of a column, one below the other, as it is stored: one row for each cell would
 * take several times the room and the time, most of it for its key.
 */
@Entity
@Table(name = "strip")
class StripRow {
    private static final int MOST_SIGNS = 1_048_576;

    @EmbeddedId
    Key key = new Key("", "", 0, 0);

    /** Entries as JSON, from the first cell; empty for a cell without one. */
    @Column(length = MOST_SIGNS)
    String entries = "";

    /** Where the strip is: the column and which strip of it, from 0. */
    @Embeddable
    record Key(
            @Column(name = "worksheet_id") String worksheetId,
            @Column(name = "grid_id") String gridId,
            @Column(name = "column_no") int column,
            @Column(name = "strip_no") int strip)
            implements Serializable {}
}
