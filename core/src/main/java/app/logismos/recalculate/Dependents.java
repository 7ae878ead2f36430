package app.logismos.recalculate;

import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.ints.Int2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.Long2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import org.jspecify.annotations.Nullable;

/** From a cell to the formulas that refer to it: by itself, or in a range. */
final class Dependents {
    /** More dependents than this are held in a hash set, so that taking one out stays cheap. */
    private static final int FEW = 16;

    private final Long2ObjectOpenHashMap<long[]> few = new Long2ObjectOpenHashMap<>();
    private final Long2ObjectOpenHashMap<LongOpenHashSet> many = new Long2ObjectOpenHashMap<>();
    private final Int2ObjectOpenHashMap<RangeIndex> ranges = new Int2ObjectOpenHashMap<>();

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
        LongOpenHashSet large = many.get(cell);
        if (large != null) {
            large.forEach(visitor);
            return;
        }
        long @Nullable [] small = few.get(cell);
        if (small != null) {
            for (long dependent : small) {
                visitor.accept(dependent);
            }
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
        LongOpenHashSet large = many.get(cell);
        if (large != null) {
            large.add(dependent);
            return;
        }
        long @Nullable [] small = few.get(cell);
        if (small == null) {
            few.put(cell, new long[] {dependent});
        } else if (Arrays.stream(small).noneMatch(each -> each == dependent)) {
            if (small.length < FEW) {
                long[] longer = Arrays.copyOf(small, small.length + 1);
                longer[small.length] = dependent;
                few.put(cell, longer);
            } else {
                few.remove(cell);
                LongOpenHashSet set = new LongOpenHashSet(small);
                set.add(dependent);
                many.put(cell, set);
            }
        }
    }

    private void removeSingle(long cell, long dependent) {
        LongOpenHashSet large = many.get(cell);
        if (large != null) {
            large.remove(dependent);
            if (large.isEmpty()) {
                many.remove(cell);
            }
            return;
        }
        long @Nullable [] small = few.get(cell);
        if (small != null) {
            long[] shorter =
                    Arrays.stream(small).filter(each -> each != dependent).toArray();
            if (shorter.length == 0) {
                few.remove(cell);
            } else {
                few.put(cell, shorter);
            }
        }
    }
}
