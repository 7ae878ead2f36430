package app.logismos.server.worksheet;

import app.logismos.server.stored.StoredForm;
import app.logismos.server.stored.Touching;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Worksheet;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The journals of worksheets: each change with its edits and those that take it back. Rows are only ever added. */
@Repository
class JournalStore {
    private static final int LONGEST_SAYING = 500;

    private static final String BETWEEN = " from JournalRow j where j.key.worksheetId = :id"
            + " and j.key.revision > :base and j.key.revision <= :last";

    private final EntityManager entities;

    JournalStore(EntityManager entities) {
        this.entities = entities;
    }

    /**
     * What a change was, without its edits.
     *
     * @param takesBack the change that an undo or redo takes back, where it is not the last
     */
    record Entry(
            long revision,
            Instant at,
            JournalRow.Kind kind,
            String says,
            Optional<String> page,
            Optional<String> key,
            Optional<Long> takesBack) {}

    /** All changes of a worksheet, the oldest first. */
    @Transactional(readOnly = true)
    List<Entry> history(String worksheet) {
        return entities.createQuery(
                        "select j.key.revision, j.madeAt, j.kind, j.says, j.page, j.requestKey, j.takesBack"
                                + " from JournalRow j where j.key.worksheetId = :id order by j.key.revision",
                        Object[].class)
                .setParameter("id", worksheet)
                .getResultStream()
                .map(row -> new Entry(
                        (Long) row[0],
                        (Instant) row[1],
                        (JournalRow.Kind) row[2],
                        (String) row[3],
                        Optional.ofNullable((String) row[4]),
                        Optional.ofNullable((String) row[5]),
                        Optional.ofNullable((Long) row[6])))
                .toList();
    }

    /**
     * The edits that take a change back.
     *
     * @param now the worksheet that they are to be applied to
     */
    @Transactional(readOnly = true)
    List<Edit> inverse(String worksheet, long revision, Worksheet now) {
        JournalRow row = entities.find(JournalRow.class, new JournalRow.Key(worksheet, revision));
        return StoredForm.edits(row.format, row.inverse, now.outline()::block);
    }

    /**
     * Leads a worksheet back to an earlier revision.
     *
     * @param from the revision that it is at
     * @return the edits that did it, in their order
     */
    @Transactional(readOnly = true)
    List<Edit> backTo(String id, long revision, long from, Worksheet worksheet) {
        List<Edit> made = new ArrayList<>();
        entities.createQuery("select j.format, j.inverse" + BETWEEN + " order by j.key.revision desc", Object[].class)
                .setParameter("id", id)
                .setParameter("base", revision)
                .setParameter("last", from)
                .getResultStream()
                .forEach(row -> {
                    List<Edit> edits = StoredForm.edits((Integer) row[0], (String) row[1], worksheet.outline()::block);
                    edits.forEach(edit -> edit.apply(worksheet));
                    made.addAll(edits);
                });
        return made;
    }

    /** What was touched since a revision by others than a page. */
    @Transactional(readOnly = true)
    Touching touchedSince(String worksheet, long revision, Optional<String> page) {
        return entities.createQuery("select j.format, j.edits, j.page" + BETWEEN, Object[].class)
                .setParameter("id", worksheet)
                .setParameter("base", revision)
                .setParameter("last", Long.MAX_VALUE)
                .getResultStream()
                .filter(row -> row[2] == null || !page.equals(Optional.of((String) row[2])))
                .map(row -> StoredForm.touching((Integer) row[0], (String) row[1]))
                .reduce(Touching.NOTHING, Touching::and);
    }

    /** What one change touched. */
    @Transactional(readOnly = true)
    Touching touched(String worksheet, long revision) {
        JournalRow row = entities.find(JournalRow.class, new JournalRow.Key(worksheet, revision));
        return StoredForm.touching(row.format, row.edits);
    }

    /** What a change was. */
    @Transactional(readOnly = true)
    Entry entry(String worksheet, long revision) {
        return history(worksheet).stream()
                .filter(entry -> entry.revision() == revision)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there must be such a change, was " + revision));
    }

    /** Writes a change down. */
    @Transactional
    void add(String id, WorksheetStore.Draft draft, StoredForm.Outline after) {
        Entry entry = draft.entry();
        JournalRow journal = new JournalRow();
        journal.key = new JournalRow.Key(id, entry.revision());
        journal.madeAt = entry.at();
        journal.kind = entry.kind();
        journal.page = entry.page().orElse(null);
        journal.requestKey = entry.key().orElse(null);
        journal.takesBack = entry.takesBack().orElse(null);
        journal.says = entry.says().length() <= LONGEST_SAYING
                ? entry.says()
                : entry.says().substring(0, LONGEST_SAYING - 1) + "…";
        journal.edits = StoredForm.written(draft.edits(), draft.before().blocks());
        journal.inverse = StoredForm.written(draft.inverse(), after.blocks());
        entities.persist(journal);
    }
}
