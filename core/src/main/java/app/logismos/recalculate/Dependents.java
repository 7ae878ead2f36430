package app.logismos.recalculate;

import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.ints.Int2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.Long2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.Arrays;
import java.util.List;
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

    void add(List<Precedent> precedents, long dependent) {
        for (Precedent precedent : precedents) {
            if (precedent.isSingle()) {
                addSingle(CellKey.of(precedent.grid(), precedent.area().first()), dependent);
            } else {
                ranges.computeIfAbsent(precedent.grid(), grid -> new RangeIndex())
                        .add(precedent.area(), dependent);
            }
        }
    }

    void remove(List<Precedent> precedents, long dependent) {
        for (Precedent precedent : precedents) {
            if (precedent.isSingle()) {
                removeSingle(CellKey.of(precedent.grid(), precedent.area().first()), dependent);
            } else {
                ranges.get(precedent.grid()).remove(precedent.area(), dependent);
            }
        }
    }

    RangeIndex.Range range(int grid, Area area) {
        return ranges.get(grid).range(area);
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
