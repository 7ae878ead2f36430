package app.logismos.server.worksheet;

import app.logismos.formula.Address;
import app.logismos.server.stored.StoredForm;
import app.logismos.server.stored.Touching;
import app.logismos.server.web.Conflict;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Worksheet;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.IntSummaryStatistics;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What is kept in the database. A change and the cells it touches are written in one transaction. */
@Repository
class Store {
    private static final int LONGEST_SAYING = 500;
    /** Strips are read together where the area around them has at most so many times as many. */
    private static final int ROOM_AROUND = 4;

    private static final String SINCE =
            " from JournalRow j where j.key.worksheetId = :id and j.key.revision > :base order by j.key.revision";

    private final EntityManager entities;

    Store(EntityManager entities) {
        this.entities = entities;
    }

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

    /**
     * A change to be written.
     *
     * @param before the outline before it
     */
    record Draft(Entry entry, List<Edit> edits, List<Edit> inverse, StoredForm.Outline before) {}

    /** What is stored is further than what the change was made on. */
    static final class Behind extends Conflict {
        private static final long serialVersionUID = 1L;

        Behind(long revision) {
            super(revision, List.of());
        }
    }

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
        return entities.createQuery("from StripRow where key.worksheetId = :id", StripRow.class)
                .setParameter("id", worksheet)
                .getResultStream()
                .flatMap(Store::cells)
                .toList();
    }

    private static Stream<KeptCell> cells(StripRow row) {
        List<String> entries = StoredForm.entries(row.entries);
        return IntStream.range(0, entries.size())
                .filter(i -> !entries.get(i).isEmpty())
                .mapToObj(i -> new KeptCell(
                        row.key.gridId(),
                        new Address(row.key.column(), row.key.strip() * StoredForm.STRIP + i),
                        entries.get(i)));
    }

    @Transactional(readOnly = true)
    StoredForm.Outline outline(WorksheetRow row) {
        Map<String, Block> blocks = entities.createQuery("from BlockRow where key.worksheetId = :id", BlockRow.class)
                .setParameter("id", row.id)
                .getResultStream()
                .collect(Collectors.toMap(each -> each.key.blockId(), each -> StoredForm.block(each.content)));
        return StoredForm.frame(row.outline).with(blocks);
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

    /** Leads a worksheet back to an earlier revision; answers with the edits that did it, in their order. */
    @Transactional(readOnly = true)
    List<Edit> backTo(String worksheet, long revision, Worksheet now) {
        List<Edit> made = new ArrayList<>();
        entities.createQuery("select j.format, j.inverse" + SINCE + " desc", Object[].class)
                .setParameter("id", worksheet)
                .setParameter("base", revision)
                .getResultStream()
                .forEach(row -> {
                    List<Edit> edits = StoredForm.edits((Integer) row[0], (String) row[1], now.outline()::block);
                    edits.forEach(edit -> edit.apply(now));
                    made.addAll(edits);
                });
        return made;
    }

    /** What was touched since a revision by others than a page. */
    @Transactional(readOnly = true)
    Touching touchedSince(String worksheet, long revision, Optional<String> page) {
        return entities.createQuery("select j.format, j.edits, j.page" + SINCE, Object[].class)
                .setParameter("id", worksheet)
                .setParameter("base", revision)
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

    @Transactional
    void create(String id, boolean example, Worksheet worksheet, Instant at) {
        WorksheetRow row = new WorksheetRow();
        row.id = id;
        row.title = worksheet.title();
        row.example = example;
        row.createdAt = at;
        row.changedAt = at;
        StoredForm.Outline outline = outlineOf(worksheet);
        row.outline = StoredForm.written(outline.frame());
        entities.persist(row);
        keepBlocks(id, Map.of(), outline.blocks());
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

    /**
     * Writes a change and what it did, as the next revision.
     *
     * @throws Behind where that revision is written already
     */
    @Transactional
    void keep(String id, Draft draft, Worksheet worksheet) {
        Entry entry = draft.entry();
        advance(id, entry, worksheet.title());
        StoredForm.Outline after = outlineOf(worksheet);
        if (!after.frame().equals(draft.before().frame())) {
            entities.createQuery("update WorksheetRow set outline = :outline where id = :id")
                    .setParameter("outline", StoredForm.written(after.frame()))
                    .setParameter("id", id)
                    .executeUpdate();
        }
        entities.persist(journal(id, draft, after));
        keepBlocks(id, draft.before().blocks(), after.blocks());
        touchedBy(id, draft).stream()
                .collect(Collectors.groupingBy(StripRow.Key::gridId))
                .values()
                .forEach(keys -> keepStrips(keys, worksheet));
    }

    private void advance(String id, Entry entry, String title) {
        int advanced = entities.createQuery("update WorksheetRow set title = :title, revision = :next, changedAt = :at"
                        + " where id = :id and revision = :base")
                .setParameter("title", title)
                .setParameter("next", entry.revision())
                .setParameter("at", entry.at())
                .setParameter("id", id)
                .setParameter("base", entry.revision() - 1)
                .executeUpdate();
        if (advanced == 0) {
            throw new Behind(entry.revision());
        }
    }

    private static JournalRow journal(String id, Draft draft, StoredForm.Outline after) {
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
        return journal;
    }

    /** Writes the blocks that are new or other ones, and takes out those that are gone. */
    private void keepBlocks(String id, Map<String, Block> before, Map<String, Block> after) {
        after.forEach((block, now) -> {
            if (!now.equals(before.get(block))) {
                BlockRow row = new BlockRow();
                row.key = new BlockRow.Key(id, block);
                row.content = StoredForm.written(now);
                if (before.containsKey(block)) {
                    entities.merge(row);
                } else {
                    entities.persist(row);
                }
            }
        });
        before.keySet().stream()
                .filter(block -> !after.containsKey(block))
                .forEach(block -> entities.remove(entities.find(BlockRow.class, new BlockRow.Key(id, block))));
    }

    /** Writes strips of cells of one grid. */
    private void keepStrips(List<StripRow.Key> keys, Worksheet worksheet) {
        Map<StripRow.Key, StripRow> rows = rows(keys);
        for (StripRow.Key key : keys) {
            String entries = entries(key, worksheet);
            StripRow kept = rows.get(key);
            if (entries.isEmpty()) {
                if (kept != null) {
                    entities.remove(kept);
                }
            } else if (kept != null) {
                kept.entries = entries;
            } else {
                StripRow fresh = new StripRow();
                fresh.key = key;
                fresh.entries = entries;
                entities.persist(fresh);
            }
        }
    }

    /** The entries of a strip as they are written; empty where it has none. */
    private static String entries(StripRow.Key key, Worksheet worksheet) {
        if (worksheet.outline().grid(key.gridId()).isEmpty()) {
            return "";
        }
        int first = key.strip() * StoredForm.STRIP;
        List<String> entries = IntStream.range(first, first + StoredForm.STRIP)
                .mapToObj(row -> worksheet.textIn(key.gridId(), new Address(key.column(), row)))
                .toList();
        return entries.stream().allMatch(String::isEmpty) ? "" : StoredForm.written(entries);
    }

    /** What is kept of strips of one grid; those that stand close together are read at once. */
    private Map<StripRow.Key, StripRow> rows(List<StripRow.Key> keys) {
        IntSummaryStatistics columns =
                keys.stream().mapToInt(StripRow.Key::column).summaryStatistics();
        IntSummaryStatistics strips =
                keys.stream().mapToInt(StripRow.Key::strip).summaryStatistics();
        long around = (1L + columns.getMax() - columns.getMin()) * (1L + strips.getMax() - strips.getMin());
        Stream<StripRow> found = around > (long) ROOM_AROUND * keys.size()
                ? keys.stream().map(key -> entities.find(StripRow.class, key)).filter(Objects::nonNull)
                : entities.createQuery(
                                "from StripRow where key.worksheetId = :id and key.gridId = :grid"
                                        + " and key.column between :left and :right and key.strip between :top and :bottom",
                                StripRow.class)
                        .setParameter("id", keys.get(0).worksheetId())
                        .setParameter("grid", keys.get(0).gridId())
                        .setParameter("left", columns.getMin())
                        .setParameter("right", columns.getMax())
                        .setParameter("top", strips.getMin())
                        .setParameter("bottom", strips.getMax())
                        .getResultStream();
        return found.collect(Collectors.toMap(row -> row.key, row -> row));
    }

    /** The strips that the edits or their inverse type into: together all where an entry may be another now. */
    private static Set<StripRow.Key> touchedBy(String id, Draft draft) {
        return Stream.concat(draft.edits().stream(), draft.inverse().stream())
                .filter(Edit.Enter.class::isInstance)
                .map(Edit.Enter.class::cast)
                .flatMap(enter -> enter.cells().stream().map(typed -> StripRow.Key.of(id, enter.grid(), typed)))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** A worksheet without its cells. */
    static StoredForm.Outline outlineOf(Worksheet worksheet) {
        return new StoredForm.Outline(
                worksheet.outline().sections(), worksheet.names().definitions(), Optional.of(worksheet.settings()));
    }
}
