package app.logismos.server.worksheet;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;

/** What was typed into a cell, as it is stored. */
@Entity
@Table(name = "cell")
class CellRow {
    @EmbeddedId
    Key key = new Key("", "", 0, 0);

    @Column(length = 8192)
    String entry = "";

    /** Where the cell is. */
    @Embeddable
    record Key(
            @Column(name = "worksheet_id") String worksheetId,
            @Column(name = "grid_id") String gridId,
            @Column(name = "column_no") int column,
            @Column(name = "row_no") int row)
            implements Serializable {}
}
