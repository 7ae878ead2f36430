package app.logismos.server.worksheet;

import app.logismos.formula.Address;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Worksheet;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What is kept in the database. A change and the cells it touches are written in one transaction. */
@Repository
class Store {
    private static final TypeReference<List<Edit>> EDITS = new TypeReference<>() {};
    private static final int LONGEST_SAYING = 500;
    private static final String SINCE =
            " from JournalRow j where j.key.worksheetId = :id and j.key.revision > :base order by j.key.revision";

    private final EntityManager entities;
    private final JsonMapper json;

    Store(EntityManager entities, JsonMapper json) {
        this.entities = entities;
        this.json = json;
    }

    /** Sections, blocks, the names that were given by themselves, and settings where there are other than the usual. */
    record KeptOutline(List<Section> sections, List<Edit.Define> names, Optional<Settings> settings) {}

    /** An entry of a cell. */
    record KeptCell(String grid, Address cell, String entry) {}

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

    /** A change to be written. */
    record Draft(Entry entry, List<Edit> edits, List<Edit> inverse) {}

    @Transactional(readOnly = true)
    List<WorksheetRow> worksheets() {
        return entities.createQuery(
                        "from WorksheetRow where deletedAt is null order by changedAt desc", WorksheetRow.class)
                .getResultList();
    }

    @Transactional(readOnly = true)
    Optional<WorksheetRow> worksheet(String id) {
        return Optional.ofNullable(entities.find(WorksheetRow.class, id)).filter(row -> row.deletedAt == null);
    }

    @Transactional(readOnly = true)
    List<KeptCell> cells(String worksheet) {
        return entities.createQuery("from CellRow where key.worksheetId = :id", CellRow.class)
                .setParameter("id", worksheet)
                .getResultStream()
                .map(row -> new KeptCell(row.key.gridId(), new Address(row.key.column(), row.key.row()), row.entry))
                .toList();
    }

    KeptOutline outline(WorksheetRow row) {
        return json.readValue(row.outline, KeptOutline.class);
    }

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

    /** The edits that take a change back. */
    @Transactional(readOnly = true)
    List<Edit> inverse(String worksheet, long revision) {
        JournalRow row = entities.find(JournalRow.class, new JournalRow.Key(worksheet, revision));
        return json.readValue(row.inverse, EDITS);
    }

    /** The edits that lead back to an earlier revision, in the order in which they are to be applied. */
    @Transactional(readOnly = true)
    List<Edit> backTo(String worksheet, long revision) {
        return since(worksheet, revision, "select j.inverse" + SINCE + " desc");
    }

    /** The edits made since a revision by others than a page, the oldest first. */
    @Transactional(readOnly = true)
    List<Edit> editsSince(String worksheet, long revision, Optional<String> page) {
        return entities.createQuery("select j.edits, j.page" + SINCE, Object[].class)
                .setParameter("id", worksheet)
                .setParameter("base", revision)
                .getResultStream()
                .filter(row -> row[1] == null || !page.equals(Optional.of((String) row[1])))
                .flatMap(row -> json.readValue((String) row[0], EDITS).stream())
                .toList();
    }

    /** The edits of one change. */
    @Transactional(readOnly = true)
    List<Edit> edits(String worksheet, long revision) {
        JournalRow row = entities.find(JournalRow.class, new JournalRow.Key(worksheet, revision));
        return json.readValue(row.edits, EDITS);
    }

    private List<Edit> since(String worksheet, long revision, String query) {
        return entities.createQuery(query, String.class)
                .setParameter("id", worksheet)
                .setParameter("base", revision)
                .getResultStream()
                .flatMap(edits -> json.readValue(edits, EDITS).stream())
                .toList();
    }

    @Transactional
    void create(String id, boolean example, Worksheet worksheet, Instant at) {
        WorksheetRow row = new WorksheetRow();
        row.id = id;
        row.title = worksheet.title();
        row.example = example;
        row.createdAt = at;
        row.changedAt = at;
        row.outline = json.writeValueAsString(outlineOf(worksheet));
        entities.persist(row);
    }

    /** Marks a worksheet as deleted, or with no time as there again; whether there is one. */
    @Transactional
    boolean mark(String id, @Nullable Instant deletedAt) {
        WorksheetRow row = entities.find(WorksheetRow.class, id);
        if (row != null) {
            row.deletedAt = deletedAt;
        }
        return row != null;
    }

    /** What a change was. */
    @Transactional(readOnly = true)
    Entry entry(String worksheet, long revision) {
        return history(worksheet).stream()
                .filter(entry -> entry.revision() == revision)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there must be such a change, was " + revision));
    }

    /** Whether something was deleted before a time. */
    @Transactional(readOnly = true)
    boolean hasDeleted(Instant before) {
        return entities.createQuery("select count(w) from WorksheetRow w where w.deletedAt < :before", Long.class)
                        .setParameter("before", before)
                        .getSingleResult()
                > 0;
    }

    /** Takes out for good what was deleted before a time, with all that belongs to it. */
    @Transactional
    List<String> forget(Instant before) {
        List<String> ids = entities.createQuery(
                        "select w.id from WorksheetRow w where w.deletedAt < :before", String.class)
                .setParameter("before", before)
                .getResultList();
        entities.createNativeQuery("delete from worksheet where deleted_at < :before")
                .setParameter("before", before)
                .executeUpdate();
        return ids;
    }

    /** Writes a change and what it did, as the next revision. */
    @Transactional
    void keep(String id, Draft draft, Worksheet worksheet) {
        Entry entry = draft.entry();
        Instant at = entry.at();
        long revision = entry.revision();
        WorksheetRow row = entities.find(WorksheetRow.class, id);
        row.title = worksheet.title();
        row.revision = revision;
        row.changedAt = at;
        row.outline = json.writeValueAsString(outlineOf(worksheet));
        JournalRow journal = new JournalRow();
        journal.key = new JournalRow.Key(id, revision);
        journal.madeAt = at;
        journal.kind = entry.kind();
        journal.page = entry.page().orElse(null);
        journal.requestKey = entry.key().orElse(null);
        journal.takesBack = entry.takesBack().orElse(null);
        journal.says = entry.says().length() <= LONGEST_SAYING
                ? entry.says()
                : entry.says().substring(0, LONGEST_SAYING - 1) + "…";
        journal.edits = json.writeValueAsString(array(draft.edits()));
        journal.inverse = json.writeValueAsString(array(draft.inverse()));
        entities.persist(journal);
        touchedBy(id, draft).forEach(key -> keepCell(key, worksheet));
    }

    /** With its element type, so that each edit is written with what it does. */
    private static Edit[] array(List<Edit> edits) {
        return edits.toArray(Edit[]::new);
    }

    private void keepCell(CellRow.Key key, Worksheet worksheet) {
        String entry = worksheet.outline().grid(key.gridId()).isEmpty()
                ? ""
                : worksheet.textIn(key.gridId(), new Address(key.column(), key.row()));
        CellRow kept = entities.find(CellRow.class, key);
        if (entry.isEmpty()) {
            if (kept != null) {
                entities.remove(kept);
            }
        } else if (kept != null) {
            kept.entry = entry;
        } else {
            CellRow fresh = new CellRow();
            fresh.key = key;
            fresh.entry = entry;
            entities.persist(fresh);
        }
    }

    /** The cells that the edits or their inverse type into: together all whose entry may be another now. */
    private static Set<CellRow.Key> touchedBy(String id, Draft draft) {
        Set<CellRow.Key> keys = new LinkedHashSet<>();
        List<Edit> all = new ArrayList<>(draft.edits());
        all.addAll(draft.inverse());
        for (Edit edit : all) {
            if (edit instanceof Edit.Enter enter) {
                for (Edit.Typed typed : enter.cells()) {
                    keys.add(new CellRow.Key(
                            id,
                            enter.grid(),
                            typed.cell().column(),
                            typed.cell().row()));
                }
            }
        }
        return keys;
    }

    private static KeptOutline outlineOf(Worksheet worksheet) {
        return new KeptOutline(
                worksheet.outline().sections(), worksheet.names().definitions(), Optional.of(worksheet.settings()));
    }
}
