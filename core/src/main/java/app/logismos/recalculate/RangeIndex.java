package app.logismos.recalculate;

import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.ints.Int2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/**
 * The ranges that formulas of a worksheet refer to in one grid, found by a cell they contain.
 *
 * <p>Ranges over the same columns share a segment tree over the rows (de Berg et al., Computational Geometry, 3rd ed.,
 * section 10.3): a range hangs at the at most 2 log n nodes that its rows are made of, and a cell asks the log n nodes
 * above its row. A range is one dependency however many cells it has.
 */
final class RangeIndex {
    /** Rows fit into so many bits. */
    private static final int LEVELS = 20;

    private final Map<Area, Range> ranges = new HashMap<>();
    private final Map<Columns, Int2ObjectOpenHashMap<Node>> trees = new LinkedHashMap<>();

    private record Columns(int first, int last) {
        static Columns of(Area area) {
            return new Columns(area.first().column(), area.last().column());
        }
    }

    /** A range with the formulas that use it. */
    static final class Range {
        final Area area;
        final LongOpenHashSet dependents = new LongOpenHashSet(2);

        Range(Area area) {
            this.area = area;
        }
    }

    /** A stretch of rows, and the ranges that contain all of it but not all of the stretch above. */
    static final class Node {
        final Set<Range> ranges = Collections.newSetFromMap(new IdentityHashMap<>(2));
    }

    void add(Area area, long dependent) {
        ranges.computeIfAbsent(area, this::hang).dependents.add(dependent);
    }

    boolean has(Area area, long dependent) {
        Range range = ranges.get(area);
        return range != null && range.dependents.contains(dependent);
    }

    /** Takes a formula away from a range; whether it was there. */
    boolean remove(Area area, long dependent) {
        Range range = ranges.get(area);
        if (range == null || !range.dependents.remove(dependent)) {
            return false;
        }
        if (range.dependents.isEmpty()) {
            ranges.remove(area);
            Int2ObjectOpenHashMap<Node> tree = trees.get(Columns.of(area));
            forEachNode(area, at -> {
                Node node = tree.get(at.intValue());
                node.ranges.remove(range);
                if (node.ranges.isEmpty()) {
                    tree.remove(at.intValue());
                }
            });
            if (tree.isEmpty()) {
                trees.remove(Columns.of(area));
            }
        }
        return true;
    }

    /** Visits the nodes whose ranges contain the cell; each range hangs at one of them. */
    void nodesAbove(int column, int row, Consumer<Node> visitor) {
        trees.forEach((columns, tree) -> {
            if (column >= columns.first() && column <= columns.last()) {
                for (int level = 0; level <= LEVELS; level++) {
                    Node node = tree.get(node(level, row >>> LEVELS - level));
                    if (node != null) {
                        visitor.accept(node);
                    }
                }
            }
        });
    }

    private Range hang(Area area) {
        Range range = new Range(area);
        Int2ObjectOpenHashMap<Node> tree =
                trees.computeIfAbsent(Columns.of(area), columns -> new Int2ObjectOpenHashMap<>());
        forEachNode(
                area,
                at -> tree.computeIfAbsent(at.intValue(), id -> new Node())
                        .ranges
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
