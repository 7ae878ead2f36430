package app.logismos.server.worksheet;

import app.logismos.formula.Address;
import app.logismos.server.stored.StoredForm;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Worksheet;
import jakarta.persistence.EntityManager;
import java.util.IntSummaryStatistics;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The entries of cells, in strips of a column each. */
@Repository
class StripStore {
    /** Strips are read together where the area around them has at most so many times as many. */
    private static final int ROOM_AROUND = 4;

    private final EntityManager entities;

    StripStore(EntityManager entities) {
        this.entities = entities;
    }

    /** An entry of a cell. */
    record KeptCell(String grid, Address cell, String entry) {}

    /** All entries of a worksheet. */
    @Transactional(readOnly = true)
    List<KeptCell> cells(String worksheet) {
        return entities.createQuery("from StripRow where key.worksheetId = :id", StripRow.class)
                .setParameter("id", worksheet)
                .getResultStream()
                .flatMap(StripStore::cells)
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

    /** Writes the strips that a change types into. */
    @Transactional
    void keep(String id, WorksheetStore.Draft draft, Worksheet worksheet) {
        touchedBy(id, draft).stream()
                .collect(Collectors.groupingBy(StripRow.Key::gridId))
                .values()
                .forEach(keys -> keep(keys, worksheet));
    }

    /** Writes strips of cells of one grid. */
    private void keep(List<StripRow.Key> keys, Worksheet worksheet) {
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
    private static Set<StripRow.Key> touchedBy(String id, WorksheetStore.Draft draft) {
        return Stream.concat(draft.edits().stream(), draft.inverse().stream())
                .filter(Edit.Enter.class::isInstance)
                .map(Edit.Enter.class::cast)
                .flatMap(enter -> enter.cells().stream()
                        .map(Edit.Typed::cell)
                        .map(cell -> new Address(cell.column(), cell.row() / StoredForm.STRIP))
                        .distinct()
                        .map(strip -> new StripRow.Key(id, enter.grid(), strip.column(), strip.row())))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
