package app.logismos.recalculate;

import app.logismos.formula.Coordinate;
import it.unimi.dsi.fastutil.ints.IntArrayList;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A topological order by runs: consecutive cells of a column with the same formula are ordered as one node. There is no
 * such order for cycles and for columns that refer to each other row by row; {@link Sequence} then orders single cells.
 */
final class Runs {
    /** With fewer cells in a run looking at runs saves nothing. */
    private static final int LEAST_MEAN_LENGTH = 16;

    private final List<Run> runs = new ArrayList<>();
    private final Links links;

    /** The runs of a column by their first row; the key is that of the column's first cell. */
    private final TreeMap<Long, TreeMap<Integer, Integer>> columns = new TreeMap<>();

    private int edgesLeft;

    private Runs(Links links) {
        this.links = links;
    }

    /** The cells in order, each after its precedents; nothing where there is no order by runs. */
    static Optional<List<Run>> order(LongArrayList cells, Links links) {
        Runs runs = new Runs(links);
        return runs.gather(cells) ? runs.sorted() : Optional.empty();
    }

    /** False where the cells are in no order, or repeat little. */
    private boolean gather(LongArrayList cells) {
        int at = 0;
        while (at < cells.size()) {
            long top = cells.getLong(at);
            int most = links.repeats(top, cells.size() - at);
            int length = 1;
            while (length < most && cells.getLong(at + length) == top + length) {
                length++;
            }
            int end = at + length;
            if (end < cells.size() && cells.getLong(end) < top) {
                return false;
            }
            long column = CellKey.of(CellKey.grid(top), CellKey.column(top), 0);
            columns.computeIfAbsent(column, key -> new TreeMap<>()).put(CellKey.row(top), runs.size());
            runs.add(new Run(top, CellKey.row(top) + length - 1, links.plan(top), Run.Way.EITHER));
            at = end;
        }
        edgesLeft = cells.size();
        return (long) runs.size() * LEAST_MEAN_LENGTH <= cells.size();
    }

    /** Depth-first search over the runs; nothing where there is a cycle, or where runs refer to too many others. */
    private Optional<List<Run>> sorted() {
        List<Run> sorted = new ArrayList<>(runs.size());
        boolean[] entered = new boolean[runs.size()];
        boolean[] left = new boolean[runs.size()];
        IntArrayList path = new IntArrayList();
        List<IntArrayList> waiting = new ArrayList<>();
        for (int root = 0; root < runs.size(); root++) {
            int next = root;
            while (next >= 0) {
                if (entered[next] && !left[next] || edgesLeft < 0) {
                    return Optional.empty();
                }
                if (!entered[next]) {
                    entered[next] = true;
                    path.add(next);
                    waiting.add(precedents(next));
                }
                while (!path.isEmpty() && waiting.get(path.size() - 1).isEmpty()) {
                    int done = path.removeInt(path.size() - 1);
                    waiting.remove(path.size());
                    left[done] = true;
                    Run.Way way = way(runs.get(done));
                    if (way == Run.Way.NONE) {
                        return Optional.empty();
                    }
                    sorted.add(runs.get(done).inOrder(way));
                }
                next = path.isEmpty() ? -1 : waiting.get(path.size() - 1).popInt();
            }
        }
        return Optional.of(sorted);
    }

    /** In which direction a run may be worked out, so that each of its cells comes after those of its own that it uses. */
    private static Run.Way way(Run run) {
        Run.Way way = Run.Way.EITHER;
        for (Plan.Single single : run.plan().singles()) {
            if (single.grid() == run.grid() && single.column().from(run.column()) == run.column()) {
                way = way.and(way(run, new Rows(run, single)));
            }
        }
        for (Plan.Block block : run.plan().blocks()) {
            int left = block.left().from(run.column());
            int right = block.right().from(run.column());
            boolean isAcross = Math.min(left, right) <= run.column() && run.column() <= Math.max(left, right);
            if (block.grid() == run.grid() && isAcross) {
                way = way.and(way(run, new Rows(run, block)));
            }
        }
        return way;
    }

    private static Run.Way way(Run run, Rows rows) {
        if (rows.bottom() < run.first() || rows.top() > run.last()) {
            return Run.Way.EITHER;
        }
        return rows.isAbove() ? Run.Way.DOWN : rows.isBelow() ? Run.Way.UP : Run.Way.NONE;
    }

    /**
     * The rows that all cells of a run together refer to.
     *
     * @param isAbove whether each cell refers to rows above its own only
     */
    private record Rows(int top, int bottom, boolean isAbove, boolean isBelow) {
        Rows(Run run, Plan.Single single) {
            this(
                    single.row().from(run.first()),
                    single.row().from(run.last()),
                    isAbove(run, single.row()),
                    isBelow(run, single.row()));
        }

        Rows(Run run, Plan.Block block) {
            this(
                    Math.min(block.top().from(run.first()), block.bottom().from(run.first())),
                    Math.max(block.top().from(run.last()), block.bottom().from(run.last())),
                    isAbove(run, block.top()) && isAbove(run, block.bottom()),
                    isBelow(run, block.top()) && isBelow(run, block.bottom()));
        }

        private static boolean isAbove(Run run, Coordinate row) {
            return row.fixed() ? row.number() < run.first() : row.number() < 0;
        }

        private static boolean isBelow(Run run, Coordinate row) {
            return row.fixed() ? row.number() > run.last() : row.number() > 0;
        }
    }

    /** The other runs that a run refers to. */
    private IntArrayList precedents(int index) {
        Run run = runs.get(index);
        IntArrayList found = new IntArrayList();
        for (Plan.Single single : run.plan().singles()) {
            int column = single.column().from(run.column());
            collect(single.grid(), column, column, new Rows(run, single), index, found);
        }
        for (Plan.Block block : run.plan().blocks()) {
            int left = block.left().from(run.column());
            int right = block.right().from(run.column());
            collect(block.grid(), Math.min(left, right), Math.max(left, right), new Rows(run, block), index, found);
        }
        return found;
    }

    private void collect(int grid, int left, int right, Rows rows, int self, IntArrayList found) {
        if (right < 0 || rows.bottom() < 0) {
            return;
        }
        long from = CellKey.of(grid, Math.max(left, 0), 0);
        long to = CellKey.of(grid, right, 0);
        for (TreeMap<Integer, Integer> column :
                columns.subMap(from, true, to, true).values()) {
            Integer before = column.floorKey(rows.top());
            for (int run : column.subMap(before == null ? 0 : before, true, rows.bottom(), true)
                    .values()) {
                edgesLeft--;
                if (run != self && runs.get(run).last() >= rows.top()) {
                    found.add(run);
                }
                if (edgesLeft < 0) {
                    return;
                }
            }
        }
    }
}
