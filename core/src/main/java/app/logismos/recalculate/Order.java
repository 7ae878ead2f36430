package app.logismos.recalculate;

import it.unimi.dsi.fastutil.ints.IntArrayList;
import it.unimi.dsi.fastutil.longs.Long2IntOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.LongFunction;

/**
 * A topological order of cells, each after its precedents, and the cycles among them.
 *
 * <p>Tarjan's strongly connected components (SIAM J. Comput. 1 (1972) 146, doi:10.1137/0201010) with an explicit stack,
 * so that a chain of a million cells does not need a million frames. Components come out with precedents first; one with
 * more than one cell, or a cell that refers to itself, is a cycle.
 */
final class Order {
    private static final int UNSEEN = -1;

    private final LongArrayList cells;
    private final LongFunction<LongArrayList> precedents;
    private final Long2IntOpenHashMap numbers;
    private final int[] index;
    private final int[] low;
    private final boolean[] open;
    private final LongArrayList[] edges;
    private final int[] nextEdge;
    private final IntArrayList path = new IntArrayList();
    private final IntArrayList pending = new IntArrayList();
    private final LongArrayList sorted;
    private final List<Cycle> cycles = new ArrayList<>();
    private int seen;

    /**
     * Cells that depend on themselves.
     *
     * @param members a strongly connected component
     * @param trip one cycle in it, each cell referring to the next
     */
    record Cycle(LongArrayList members, LongArrayList trip) {}

    /**
     * Orders cells.
     *
     * @param precedents the cells that one of them refers to; those not among {@code cells} are passed over
     */
    Order(LongArrayList cells, LongFunction<LongArrayList> precedents) {
        this.cells = cells;
        this.precedents = precedents;
        int count = cells.size();
        numbers = new Long2IntOpenHashMap(count);
        numbers.defaultReturnValue(UNSEEN);
        for (int i = 0; i < count; i++) {
            numbers.put(cells.getLong(i), i);
        }
        index = new int[count];
        Arrays.fill(index, UNSEEN);
        low = new int[count];
        open = new boolean[count];
        edges = new LongArrayList[count];
        nextEdge = new int[count];
        sorted = new LongArrayList(count);
        for (int i = 0; i < count; i++) {
            if (index[i] == UNSEEN) {
                visit(i);
            }
        }
    }

    /** All cells, precedents first; the cells of a cycle are adjacent. */
    LongArrayList sorted() {
        return sorted;
    }

    /** The cycles. */
    List<Cycle> cycles() {
        return cycles;
    }

    private void visit(int root) {
        enter(root);
        while (!path.isEmpty()) {
            int cell = path.getInt(path.size() - 1);
            if (nextEdge[cell] < edges[cell].size()) {
                int next = numbers.get(edges[cell].getLong(nextEdge[cell]++));
                if (next == UNSEEN) {
                    continue;
                }
                if (index[next] == UNSEEN) {
                    enter(next);
                } else if (open[next]) {
                    low[cell] = Math.min(low[cell], index[next]);
                }
            } else {
                leave(cell);
            }
        }
    }

    private void enter(int cell) {
        index[cell] = seen;
        low[cell] = seen++;
        open[cell] = true;
        edges[cell] = precedents.apply(cells.getLong(cell));
        path.add(cell);
        pending.add(cell);
    }

    private void leave(int cell) {
        path.removeInt(path.size() - 1);
        if (!path.isEmpty()) {
            int outer = path.getInt(path.size() - 1);
            low[outer] = Math.min(low[outer], low[cell]);
        }
        if (low[cell] != index[cell]) {
            return;
        }
        LongArrayList component = new LongArrayList(1);
        int member;
        do {
            member = pending.removeInt(pending.size() - 1);
            open[member] = false;
            component.add(cells.getLong(member));
        } while (member != cell);
        sorted.addAll(component);
        boolean refersToItself = component.size() == 1 && edges[cell].contains(cells.getLong(cell));
        if (component.size() > 1 || refersToItself) {
            cycles.add(new Cycle(component, roundTrip(component)));
        }
        for (int i = 0; i < component.size(); i++) {
            edges[numbers.get(component.getLong(i))] = new LongArrayList(0);
        }
    }

    /**
     * Follows references inside the component until a cell repeats: that part is the cycle. It begins with its least
     * cell, so that it does not depend on the order of the search.
     */
    private LongArrayList roundTrip(LongArrayList component) {
        LongOpenHashSet members = new LongOpenHashSet(component);
        LongOpenHashSet passed = new LongOpenHashSet();
        LongArrayList trip = new LongArrayList();
        long cell = component.longStream().min().orElseThrow();
        while (passed.add(cell)) {
            trip.add(cell);
            cell = edges[numbers.get(cell)]
                    .longStream()
                    .filter(members::contains)
                    .min()
                    .orElseThrow();
        }
        LongArrayList cycle = new LongArrayList(trip.subList(trip.indexOf(cell), trip.size()));
        int least = cycle.indexOf(cycle.longStream().min().orElseThrow());
        LongArrayList rotated = new LongArrayList(cycle.subList(least, cycle.size()));
        rotated.addAll(cycle.subList(0, least));
        return rotated;
    }
}
