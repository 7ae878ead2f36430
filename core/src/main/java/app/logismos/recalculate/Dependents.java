package app.logismos.recalculate;

import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.ints.Int2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.Long2LongOpenHashMap;
import it.unimi.dsi.fastutil.longs.Long2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import org.jspecify.annotations.Nullable;

/** From a cell to the formulas that refer to it: by itself, or in a range. */
final class Dependents {
    private static final long NOBODY = -1;

    /** Most cells that are referred to have one dependent, and a million of them should not need a million sets. */
    private final Long2LongOpenHashMap one = new Long2LongOpenHashMap();

    private final Long2ObjectOpenHashMap<LongOpenHashSet> many = new Long2ObjectOpenHashMap<>();
    private final Int2ObjectOpenHashMap<RangeIndex> ranges = new Int2ObjectOpenHashMap<>();

    Dependents() {
        one.defaultReturnValue(NOBODY);
    }

    /** Notes a formula under all that its plan refers to from its place. */
    void add(Plan plan, long dependent) {
        int column = CellKey.column(dependent);
        int row = CellKey.row(dependent);
        for (Plan.Single single : plan.singles()) {
            long cell = single.from(column, row);
            if (cell != Plan.NOWHERE) {
                addSingle(cell, dependent);
            }
        }
        for (Plan.Block block : plan.blocks()) {
            @Nullable Area area = block.from(column, row);
            if (area != null && area.size() == 1) {
                addSingle(CellKey.of(block.grid(), area.first()), dependent);
            } else if (area != null) {
                ranges.computeIfAbsent(block.grid(), grid -> new RangeIndex()).add(area, dependent);
            }
        }
    }

    void remove(Plan plan, long dependent) {
        int column = CellKey.column(dependent);
        int row = CellKey.row(dependent);
        for (Plan.Single single : plan.singles()) {
            long cell = single.from(column, row);
            if (cell != Plan.NOWHERE) {
                removeSingle(cell, dependent);
            }
        }
        for (Plan.Block block : plan.blocks()) {
            @Nullable Area area = block.from(column, row);
            if (area != null && area.size() == 1) {
                removeSingle(CellKey.of(block.grid(), area.first()), dependent);
            } else if (area != null) {
                ranges.get(block.grid()).remove(area, dependent);
            }
        }
    }

    /** Visits the formulas that refer to the cell by itself. */
    void forEachSingle(long cell, LongConsumer visitor) {
        long only = one.get(cell);
        if (only != NOBODY) {
            visitor.accept(only);
            return;
        }
        LongOpenHashSet several = many.get(cell);
        if (several != null) {
            several.forEach(visitor);
        }
    }

    /** Visits the ranges in use that contain the cell. */
    void forEachRange(long cell, Consumer<RangeIndex.Range> visitor) {
        RangeIndex index = ranges.get(CellKey.grid(cell));
        if (index != null) {
            index.containing(CellKey.column(cell), CellKey.row(cell), visitor);
        }
    }

    /** Visits the nodes of the index that hold these ranges. */
    void forEachNode(long cell, Consumer<RangeIndex.Node> visitor) {
        RangeIndex index = ranges.get(CellKey.grid(cell));
        if (index != null) {
            index.nodesAbove(CellKey.column(cell), CellKey.row(cell), visitor);
        }
    }

    private void addSingle(long cell, long dependent) {
        LongOpenHashSet several = many.get(cell);
        if (several != null) {
            several.add(dependent);
            return;
        }
        long only = one.putIfAbsent(cell, dependent);
        if (only != NOBODY && only != dependent) {
            one.remove(cell);
            LongOpenHashSet both = new LongOpenHashSet(2);
            both.add(only);
            both.add(dependent);
            many.put(cell, both);
        }
    }

    private void removeSingle(long cell, long dependent) {
        if (one.remove(cell, dependent)) {
            return;
        }
        LongOpenHashSet several = many.get(cell);
        if (several != null && several.remove(dependent) && several.isEmpty()) {
            many.remove(cell);
        }
    }
}
