package app.logismos.server.worksheet;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The tapes in the database. */
@Repository
class TapeStore {
    private static final int MOST_LINES = 1_000;

    private final EntityManager entities;

    TapeStore(EntityManager entities) {
        this.entities = entities;
    }

    /** The lines of a worksheet, the oldest first. */
    @Transactional(readOnly = true)
    List<TapeRow> lines(String worksheet) {
        return entities.createQuery("from TapeRow where key.worksheetId = :id order by key.line", TapeRow.class)
                .setParameter("id", worksheet)
                .getResultList();
    }

    /** The lines before one of them, as far back as answers are looked for, the oldest first. */
    @Transactional(readOnly = true)
    List<TapeRow> before(String worksheet, long line, int most) {
        List<TapeRow> latest = entities.createQuery(
                        "from TapeRow where key.worksheetId = :id and key.line < :line order by key.line desc",
                        TapeRow.class)
                .setParameter("id", worksheet)
                .setParameter("line", line)
                .setMaxResults(most)
                .getResultList();
        List<TapeRow> oldestFirst = new ArrayList<>(latest);
        Collections.reverse(oldestFirst);
        return oldestFirst;
    }

    /** Adds a line at the end, unless it is there already under its key; the oldest go where there are too many. */
    @Transactional
    TapeRow add(String worksheet, TapeRow line) {
        if (line.requestKey != null) {
            List<TapeRow> before = entities.createQuery(
                            "from TapeRow where key.worksheetId = :id and requestKey = :key", TapeRow.class)
                    .setParameter("id", worksheet)
                    .setParameter("key", line.requestKey)
                    .getResultList();
            if (!before.isEmpty()) {
                return before.get(0);
            }
        }
        long last = entities.createQuery(
                        "select coalesce(max(key.line), 0) from TapeRow where key.worksheetId = :id", Long.class)
                .setParameter("id", worksheet)
                .getSingleResult();
        line.key = new TapeRow.Key(worksheet, last + 1);
        entities.persist(line);
        entities.createQuery("delete from TapeRow where key.worksheetId = :id and key.line <= :old")
                .setParameter("id", worksheet)
                .setParameter("old", last + 1 - MOST_LINES)
                .executeUpdate();
        return line;
    }

    /** Takes all lines of a worksheet away. */
    @Transactional
    void clear(String worksheet) {
        entities.createQuery("delete from TapeRow where key.worksheetId = :id")
                .setParameter("id", worksheet)
                .executeUpdate();
    }
}
