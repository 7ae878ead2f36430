package app.logismos.server.worksheet;

import app.logismos.server.calculate.KnownUnits;
import app.logismos.server.stored.StoredForm;
import app.logismos.server.web.Conflict;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Worksheet;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** Worksheets in the database. A change and all that it touches are written in one transaction. */
@Repository
class WorksheetStore {
    private final EntityManager entities;
    private final JournalStore journal;
    private final StripStore strips;
    private final KnownUnits known;

    WorksheetStore(EntityManager entities, JournalStore journal, StripStore strips, KnownUnits known) {
        this.entities = entities;
        this.journal = journal;
        this.strips = strips;
        this.known = known;
    }

    /** A worksheet in the list. */
    record Row(String id, String title, boolean example, long revision, Instant changedAt) {}

    /**
     * A worksheet as it was stored at one moment.
     *
     * @param letters how many letters its entries have
     */
    record Loaded(
            Worksheet worksheet, long revision, Instant changedAt, List<JournalStore.Entry> history, long letters) {}

    /**
     * A change to be written.
     *
     * @param before the outline before it
     */
    record Draft(JournalStore.Entry entry, List<Edit> edits, List<Edit> inverse, StoredForm.Outline before) {}

    /** The stored revision is newer than the one that the change was made on. */
    static final class Behind extends Conflict {
        private static final long serialVersionUID = 1L;

        Behind(long revision) {
            super(revision, List.of());
        }
    }

    /**
     * The worksheets that are not deleted, those changed last first.
     *
     * @param example only examples, or only others; nothing for both
     * @param most so many at the most
     */
    @Transactional(readOnly = true)
    List<Row> rows(Optional<Boolean> example, int most) {
        return entities.createQuery(
                        "select id, title, example, revision, changedAt from WorksheetRow where deletedAt is null"
                                + example.map(only -> only ? " and example" : " and not example")
                                        .orElse("")
                                + " order by changedAt desc",
                        Row.class)
                .setMaxResults(most)
                .getResultList();
    }

    /** Whether there is a worksheet that is not deleted. */
    @Transactional(readOnly = true)
    boolean isKept(String id) {
        return found(id).isPresent();
    }

    private Optional<WorksheetRow> found(String id) {
        return Optional.ofNullable(entities.find(WorksheetRow.class, id)).filter(row -> row.deletedAt == null);
    }

    /** Reads a worksheet; nothing where there is none. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    Optional<Loaded> load(String id) {
        return found(id).map(row -> {
            StoredForm.Outline outline = outline(row);
            Worksheet worksheet = new Worksheet(row.title, outline.sections(), known.words());
            List<StripStore.KeptCell> cells = strips.cells(id);
            outline.names().forEach(name -> name.apply(worksheet));
            cells.stream()
                    .collect(Collectors.groupingBy(StripStore.KeptCell::grid))
                    .forEach((grid, own) -> worksheet.restore(new Edit.Enter(
                            grid,
                            own.stream()
                                    .map(cell -> new Edit.Typed(cell.cell(), cell.entry()))
                                    .toList())));
            outline.settings().ifPresent(settings -> new Edit.ChangeSettings(settings).apply(worksheet));
            long letters =
                    cells.stream().mapToLong(cell -> cell.entry().length()).sum();
            return new Loaded(worksheet, row.revision, row.changedAt, journal.history(id), letters);
        });
    }

    private StoredForm.Outline outline(WorksheetRow row) {
        Map<String, Block> blocks = entities.createQuery("from BlockRow where key.worksheetId = :id", BlockRow.class)
                .setParameter("id", row.id)
                .getResultStream()
                .collect(Collectors.toMap(each -> each.key.blockId(), each -> StoredForm.block(each.content)));
        return StoredForm.frame(row.outline).with(blocks);
    }

    /** Writes a worksheet that is still empty. */
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
     * @throws Behind where that revision is written already, or the worksheet deleted
     */
    @Transactional
    void keep(String id, Draft draft, Worksheet worksheet) {
        JournalStore.Entry entry = draft.entry();
        advance(id, entry, worksheet.title());
        StoredForm.Outline after = outlineOf(worksheet);
        if (!after.frame().equals(draft.before().frame())) {
            entities.createQuery("update WorksheetRow set outline = :outline where id = :id")
                    .setParameter("outline", StoredForm.written(after.frame()))
                    .setParameter("id", id)
                    .executeUpdate();
        }
        journal.add(id, draft, after);
        keepBlocks(id, draft.before().blocks(), after.blocks());
        strips.keep(id, draft, worksheet);
    }

    private void advance(String id, JournalStore.Entry entry, String title) {
        int advanced = entities.createQuery("update WorksheetRow set title = :title, revision = :next, changedAt = :at"
                        + " where id = :id and revision = :base and deletedAt is null")
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

    /** A worksheet without its cells. */
    static StoredForm.Outline outlineOf(Worksheet worksheet) {
        return new StoredForm.Outline(
                worksheet.outline().sections(), worksheet.names().definitions(), Optional.of(worksheet.settings()));
    }
}
