package app.logismos.recalculate;

import app.logismos.formula.Area;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.LongConsumer;

/** The ways of dependency from some cells to others, over formulas and over tables that are laid out. */
final class Ways {
    private final Links links;
    private final LaidOut layout;
    private final LongOpenHashSet affected = new LongOpenHashSet();
    private final CellSet inReach = new CellSet();

    /** Formulas on the ways, and all affected ones that lay out a table: it may be of another size then. */
    private final LongOpenHashSet formulas = new LongOpenHashSet();

    /**
     * The ways.
     *
     * @param from the cells that have another value
     * @param read what is read in the end
     */
    Ways(Links links, LaidOut layout, Collection<Precedent> from, Collection<Precedent> read) {
        this.links = links;
        this.layout = layout;
        LongArrayList start = new LongArrayList();
        from.forEach(cells -> forEach(cells, start::add));
        reach(start);
        LongArrayList open = new LongArrayList();
        LongConsumer meet = key -> {
            long formula = layout.owner(key).orElse(key);
            if (affected.contains(formula) && formulas.add(formula)) {
                open.add(formula);
            }
        };
        read.forEach(cells -> inReach.forEach(cells.grid(), cells.area(), meet));
        affected.forEach((long key) -> {
            if (layout.area(key).isPresent()) {
                meet.accept(key);
            }
        });
        for (int i = 0; i < open.size(); i++) {
            links.forEachPrecedent(open.getLong(i), meet, (grid, area) -> inReach.forEach(grid, area, meet));
        }
    }

    private void reach(LongArrayList start) {
        LongArrayList next = start;
        while (!next.isEmpty()) {
            LongArrayList laidOut = new LongArrayList();
            links.downstream(next).forEach((long key) -> {
                inReach.add(key);
                if (affected.add(key)) {
                    Optional<Area> area = layout.area(key);
                    area.ifPresent(cells -> forEach(new Precedent(CellKey.grid(key), cells), cell -> {
                        inReach.add(cell);
                        laidOut.add(cell);
                    }));
                }
            });
            next = laidOut;
        }
    }

    private static void forEach(Precedent cells, LongConsumer visitor) {
        cells.area().cells().forEach(at -> visitor.accept(CellKey.of(cells.grid(), at)));
    }

    LongOpenHashSet formulas() {
        return formulas;
    }

    /** What these formulas refer to. */
    List<Precedent> precedents() {
        List<Precedent> found = new ArrayList<>();
        formulas.forEach((long key) -> links.forEachPrecedent(
                key,
                cell -> found.add(
                        new Precedent(CellKey.grid(cell), new Area(CellKey.address(cell), CellKey.address(cell)))),
                (grid, area) -> found.add(new Precedent(grid, area))));
        return found;
    }
}
