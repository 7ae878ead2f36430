package app.logismos.recalculate;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.longs.Long2LongOpenHashMap;
import it.unimi.dsi.fastutil.longs.Long2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.Optional;
import java.util.function.LongConsumer;

/**
 * Which formulas lay their tables out over which cells (language, section 3), and which wait for room.
 *
 * <p>If two tables need the same cell, the one whose formula comes first by grid, column and row gets it. The result
 * therefore does not depend on the order of edits.
 */
final class LaidOut {
    private static final long NOBODY = -1;

    private final Long2ObjectOpenHashMap<Area> areas;
    private final Long2ObjectOpenHashMap<Area> waiting;
    private final Long2LongOpenHashMap owners;

    LaidOut() {
        this(new Long2ObjectOpenHashMap<>(), new Long2ObjectOpenHashMap<>(), new Long2LongOpenHashMap());
    }

    private LaidOut(
            Long2ObjectOpenHashMap<Area> areas, Long2ObjectOpenHashMap<Area> waiting, Long2LongOpenHashMap owners) {
        this.areas = areas;
        this.waiting = waiting;
        this.owners = owners;
        owners.defaultReturnValue(NOBODY);
    }

    LaidOut copy() {
        return new LaidOut(areas.clone(), waiting.clone(), owners.clone());
    }

    /** Whether no formula has a table, as in most worksheets. */
    boolean isUnused() {
        return areas.isEmpty() && waiting.isEmpty();
    }

    /** The formula whose table covers a cell other than its own. */
    Optional<Long> owner(long cell) {
        long owner = owners.get(cell);
        return owner == NOBODY ? Optional.empty() : Optional.of(owner);
    }

    /** Whether no table that comes before this one needs the cell. */
    boolean isFreeFor(long anchor, long cell) {
        long owner = owners.get(cell);
        return owner == NOBODY || owner >= anchor;
    }

    /** Assigns the cell to a table; answers with the table that loses it. */
    Optional<Long> take(long anchor, long cell) {
        long before = owners.put(cell, anchor);
        return before == NOBODY || before == anchor ? Optional.empty() : Optional.of(before);
    }

    /** Releases a cell of the table, unless another table has it by now. */
    boolean release(long anchor, long cell) {
        return owners.remove(cell, anchor);
    }

    Optional<Area> area(long anchor) {
        return Optional.ofNullable(areas.get(anchor));
    }

    /** Whether a formula has a table laid out, or one that waits for room. */
    boolean isTable(long anchor) {
        return areas.containsKey(anchor) || waiting.containsKey(anchor);
    }

    /** All such formulas, in their order. */
    LongArrayList tables() {
        LongArrayList all = new LongArrayList(areas.keySet());
        all.addAll(waiting.keySet());
        all.sort(null);
        return all;
    }

    /** The cells that a table waits for. */
    Optional<Area> wanted(long anchor) {
        return Optional.ofNullable(waiting.get(anchor));
    }

    void lay(long anchor, Area area) {
        areas.put(anchor, area);
        waiting.remove(anchor);
    }

    void forget(long anchor) {
        areas.remove(anchor);
        waiting.remove(anchor);
    }

    void waitFor(long anchor, Area area) {
        areas.remove(anchor);
        waiting.put(anchor, area);
    }

    /** Visits the formulas that wait for room in which the cell lies. */
    void forEachWaiting(long cell, LongConsumer visitor) {
        if (waiting.isEmpty()) {
            return;
        }
        Address at = CellKey.address(cell);
        LongArrayList found = new LongArrayList();
        waiting.long2ObjectEntrySet().forEach(entry -> {
            long anchor = entry.getLongKey();
            Area area = entry.getValue();
            if (CellKey.grid(anchor) == CellKey.grid(cell) && area.contains(at)) {
                found.add(anchor);
            }
        });
        found.forEach(visitor);
    }

    /** The cells of a grid that hold a part of a table that is laid out from another cell. */
    LongOpenHashSet cellsOf(int grid) {
        LongOpenHashSet cells = new LongOpenHashSet();
        owners.keySet().forEach((long cell) -> {
            if (CellKey.grid(cell) == grid) {
                cells.add(cell);
            }
        });
        return cells;
    }
}
