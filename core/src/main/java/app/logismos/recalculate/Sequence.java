package app.logismos.recalculate;

import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.ints.IntArrayList;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A topological order of acyclic cells by depth-first search with an explicit stack, since a chain may be a million cells
 * long. {@link CellSet} finds the members of a range and returns each once in total, so that a column of running totals
 * costs little more than one of plain references.
 */
final class Sequence {
    private final Links links;
    private final CellSet waiting = new CellSet();
    private final CellSet onPath = new CellSet();
    private final LongArrayList path = new LongArrayList();
    private final IntArrayList steps = new IntArrayList();
    private final LongArrayList sorted;

    private Sequence(LongArrayList cells, Links links) {
        this.links = links;
        this.sorted = new LongArrayList(cells.size());
        for (int i = 0; i < cells.size(); i++) {
            waiting.add(cells.getLong(i));
        }
    }

    /** The cells in order; nothing where there is a cycle, which {@link Order} then finds. */
    static Optional<LongArrayList> of(LongArrayList cells, Links links) {
        Sequence sequence = new Sequence(cells, links);
        for (int i = 0; i < cells.size(); i++) {
            if (sequence.waiting.contains(cells.getLong(i)) && !sequence.visit(cells.getLong(i))) {
                return Optional.empty();
            }
        }
        return Optional.of(sequence.sorted);
    }

    /** False where there is a cycle. */
    private boolean visit(long root) {
        enter(root);
        while (!path.isEmpty()) {
            int top = path.size() - 1;
            long cell = path.getLong(top);
            Plan plan = links.plan(cell);
            int step = steps.getInt(top);
            if (step < plan.singles().length) {
                long next = plan.singles()[step].from(CellKey.column(cell), CellKey.row(cell));
                steps.set(top, step + 1);
                if (next != Plan.NOWHERE && waiting.contains(next)) {
                    enter(next);
                } else if (next != Plan.NOWHERE && onPath.contains(next)) {
                    return false;
                }
            } else if (step < plan.singles().length + plan.blocks().length) {
                Plan.Block block = plan.blocks()[step - plan.singles().length];
                @Nullable Area area = block.from(CellKey.column(cell), CellKey.row(cell));
                if (area != null && onPath.in(block.grid(), area) >= 0) {
                    return false;
                }
                long next = area == null ? -1 : waiting.in(block.grid(), area);
                if (next >= 0) {
                    enter(next);
                } else {
                    steps.set(top, step + 1);
                }
            } else {
                path.removeLong(top);
                steps.removeInt(top);
                onPath.remove(cell);
                sorted.add(cell);
            }
        }
        return true;
    }

    private void enter(long cell) {
        waiting.remove(cell);
        onPath.add(cell);
        path.add(cell);
        steps.add(0);
    }
}
