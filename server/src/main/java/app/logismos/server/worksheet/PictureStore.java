package app.logismos.server.worksheet;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The pictures of worksheets in the database. */
@Repository
class PictureStore {
    private final EntityManager entities;

    PictureStore(EntityManager entities) {
        this.entities = entities;
    }

    /** The pictures of some worksheets, by these. */
    @Transactional(readOnly = true)
    Map<String, PictureRow> of(List<String> worksheets) {
        return entities.createQuery("from PictureRow where worksheetId in :ids", PictureRow.class)
                .setParameter("ids", worksheets)
                .getResultStream()
                .collect(Collectors.toMap(row -> row.worksheetId, Function.identity()));
    }

    /** The worksheets that have changed since their picture was made, or have none. */
    @Transactional(readOnly = true)
    List<String> behind() {
        return entities.createQuery(
                        "select w.id from WorksheetRow w left join PictureRow p on p.worksheetId = w.id"
                                + " where w.deletedAt is null and (p.revision is null or p.revision < w.revision)",
                        String.class)
                .getResultList();
    }

    @Transactional
    void keep(String worksheet, long revision, String drawing) {
        PictureRow row = new PictureRow();
        row.worksheetId = worksheet;
        row.revision = revision;
        row.drawing = drawing;
        entities.merge(row);
    }
}
