package app.logismos.recalculate;

import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.ints.Int2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * The ranges that formulas of a worksheet refer to in one grid, found by a cell they contain.
 *
 * <p>A segment tree over the rows (de Berg et al., Computational Geometry, 3rd ed., section 10.3): a range hangs at the
 * at most 2 log n nodes that its rows are made of, and a cell asks the log n nodes above its row. A range is one
 * dependency however many cells it has.
 */
final class RangeIndex {
    /** Rows fit into so many bits. */
    private static final int LEVELS = 20;

    private final Map<Area, Range> ranges = new HashMap<>();
    private final Int2ObjectOpenHashMap<List<Range>> nodes = new Int2ObjectOpenHashMap<>();

    /** A range with the formulas that use it. */
    static final class Range {
        final Area area;
        final LongOpenHashSet dependents = new LongOpenHashSet(2);
        /** The recalculation in which one of its cells changed last. */
        int changed;

        Range(Area area) {
            this.area = area;
        }
    }

    void add(Area area, long dependent) {
        ranges.computeIfAbsent(area, this::hang).dependents.add(dependent);
    }

    void remove(Area area, long dependent) {
        Range range = ranges.get(area);
        if (range != null && range.dependents.remove(dependent) && range.dependents.isEmpty()) {
            ranges.remove(area);
            forEachNode(area, node -> {
                List<Range> hung = nodes.get(node.intValue());
                hung.remove(range);
                if (hung.isEmpty()) {
                    nodes.remove(node.intValue());
                }
            });
        }
    }

    Range range(Area area) {
        Range range = ranges.get(area);
        if (range == null) {
            throw new IllegalArgumentException("a range must be known, was " + area);
        }
        return range;
    }

    /** Visits the ranges that contain the cell, each once. */
    void containing(int column, int row, Consumer<Range> visitor) {
        if (ranges.isEmpty()) {
            return;
        }
        for (int level = 0; level <= LEVELS; level++) {
            List<Range> hung = nodes.get(node(level, row >>> LEVELS - level));
            if (hung == null) {
                continue;
            }
            for (Range range : hung) {
                if (column >= range.area.first().column()
                        && column <= range.area.last().column()) {
                    visitor.accept(range);
                }
            }
        }
    }

    private Range hang(Area area) {
        Range range = new Range(area);
        forEachNode(
                area,
                node -> nodes.computeIfAbsent(node.intValue(), id -> new ArrayList<>(2))
                        .add(range));
        return range;
    }

    /** The nodes that the rows of an area are made of, from the leaves up. */
    private static void forEachNode(Area area, Consumer<Integer> visitor) {
        int from = area.first().row();
        int until = area.last().row() + 1;
        for (int level = LEVELS; from < until; level--) {
            if ((from & 1) == 1) {
                visitor.accept(node(level, from++));
            }
            if ((until & 1) == 1) {
                visitor.accept(node(level, --until));
            }
            from >>>= 1;
            until >>>= 1;
        }
    }

    private static int node(int level, int index) {
        return (1 << level) + index;
    }
}
