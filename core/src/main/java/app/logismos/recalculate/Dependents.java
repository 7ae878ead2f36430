package app.logismos.recalculate;

import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.ints.Int2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.Long2LongOpenHashMap;
import it.unimi.dsi.fastutil.longs.Long2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.LongConsumer;
import org.jspecify.annotations.Nullable;

/**
 * The direct dependents of a cell: formulas that refer to it as a single cell or as part of a range.
 *
 * <p>An overlay holds only differences from its base: the full list of dependents for cells whose list differs, and the
 * range references that were added or removed.
 */
final class Dependents {
    private static final long NOBODY = -1;

    /** The base of an overlay; null where this is not an overlay. */
    private final @Nullable Dependents base;

    /** Cells whose list of dependents differs from that of the base. */
    private final LongOpenHashSet own = new LongOpenHashSet();

    /** Range references of the base that the overlay has removed. */
    private final Map<Precedent, LongOpenHashSet> gone = new HashMap<>();

    /** Dependents of cells that have only one, as most have: a million cells need no million sets. */
    private final Long2LongOpenHashMap one = new Long2LongOpenHashMap();

    private final Long2ObjectOpenHashMap<LongOpenHashSet> many = new Long2ObjectOpenHashMap<>();
    private final Int2ObjectOpenHashMap<RangeIndex> ranges = new Int2ObjectOpenHashMap<>();

    Dependents() {
        this(null);
    }

    private Dependents(@Nullable Dependents base) {
        this.base = base;
        one.defaultReturnValue(NOBODY);
    }

    /** A copy-on-write copy; while it is in use, this one must not change. */
    Dependents overlay() {
        return new Dependents(this);
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
                addRange(new Precedent(block.grid(), area), dependent);
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
                removeRange(new Precedent(block.grid(), area), dependent);
            }
        }
    }

    /** Visits the formulas that refer to the cell, possibly more than once. */
    void forEach(long cell, LongConsumer visitor) {
        expand(cell, Collections.newSetFromMap(new IdentityHashMap<>()), visitor);
    }

    /**
     * Visits the formulas that refer to the cell.
     *
     * @param expanded ranges, and stretches of the index with all of their ranges, that need not be visited again
     */
    void expand(long cell, Set<Object> expanded, LongConsumer visitor) {
        forEachSingle(cell, visitor);
        expandRanges(cell, expanded, (range, dependent) -> visitor.accept(dependent));
    }

    private void forEachSingle(long cell, LongConsumer visitor) {
        if (base != null && !own.contains(cell)) {
            base.forEachSingle(cell, visitor);
            return;
        }
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

    private interface RangeVisitor {
        void visit(Area range, long dependent);
    }

    private void expandRanges(long cell, Set<Object> expanded, RangeVisitor visitor) {
        int grid = CellKey.grid(cell);
        if (base != null) {
            base.expandRanges(cell, expanded, (range, dependent) -> {
                if (!isGone(new Precedent(grid, range), dependent)) {
                    visitor.visit(range, dependent);
                }
            });
        }
        RangeIndex index = ranges.get(grid);
        if (index != null) {
            index.nodesAbove(CellKey.column(cell), CellKey.row(cell), node -> {
                if (expanded.add(node)) {
                    expand(node, expanded, visitor);
                }
            });
        }
    }

    private static void expand(RangeIndex.Node node, Set<Object> expanded, RangeVisitor visitor) {
        node.ranges.forEach(range -> {
            if (expanded.add(range)) {
                range.dependents.forEach((long dependent) -> visitor.visit(range.area, dependent));
            }
        });
    }

    private boolean isGone(Precedent range, long dependent) {
        LongOpenHashSet formulas = gone.isEmpty() ? null : gone.get(range);
        return formulas != null && formulas.contains(dependent);
    }

    private boolean has(Precedent range, long dependent) {
        RangeIndex index = ranges.get(range.grid());
        return index != null && index.has(range.area(), dependent)
                || base != null && base.has(range, dependent) && !isGone(range, dependent);
    }

    private void addRange(Precedent range, long dependent) {
        LongOpenHashSet formulas = gone.get(range);
        boolean wasGone = formulas != null && formulas.remove(dependent);
        boolean isThere = wasGone || base != null && base.has(range, dependent);
        if (!isThere) {
            ranges.computeIfAbsent(range.grid(), grid -> new RangeIndex()).add(range.area(), dependent);
        }
    }

    private void removeRange(Precedent range, long dependent) {
        RangeIndex index = ranges.get(range.grid());
        boolean isRemoved = index != null && index.remove(range.area(), dependent);
        if (!isRemoved && base != null && base.has(range, dependent)) {
            gone.computeIfAbsent(range, each -> new LongOpenHashSet(2)).add(dependent);
        }
    }

    /** Copies the dependents of a cell before they are changed. */
    private void own(long cell) {
        if (base != null && own.add(cell)) {
            base.forEachSingle(cell, dependent -> addSingle(cell, dependent));
        }
    }

    private void addSingle(long cell, long dependent) {
        own(cell);
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
        own(cell);
        if (one.remove(cell, dependent)) {
            return;
        }
        LongOpenHashSet several = many.get(cell);
        if (several != null && several.remove(dependent) && several.isEmpty()) {
            many.remove(cell);
        }
    }
}
