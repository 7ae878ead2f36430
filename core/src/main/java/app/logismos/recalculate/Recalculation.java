package app.logismos.recalculate;

import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.EvaluationErrors;
import app.logismos.evaluate.SideBySide;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Touched;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Numbers;
import app.logismos.value.Table;
import app.logismos.value.Value;
import it.unimi.dsi.fastutil.longs.Long2ObjectMap;
import it.unimi.dsi.fastutil.longs.Long2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongLinkedOpenHashSet;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import it.unimi.dsi.fastutil.longs.LongSet;
import it.unimi.dsi.fastutil.longs.LongSets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongConsumer;
import java.util.function.LongPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Brings the values of a worksheet up to date after edits: collects the dependents, sorts them topologically, evaluates
 * those with a changed precedent, reports cycles, and lays tables out over the cells beside their formula.
 */
final class Recalculation {
    private static final int MOST_NAMED_IN_CIRCLE = 12;

    /** Tables whose sizes depend on each other reach a fixed point within this many rounds, or not at all. */
    private static final int MOST_ROUNDS = 20;

    /** In this many further rounds, tables without a fixed point go through all of their states. */
    private static final int WATCHED_ROUNDS = 6;

    /** Shorter runs are evaluated cell by cell just as fast. */
    private static final int LEAST_SIDE_BY_SIDE = 16;

    /** The least part of a long run that is given to a processor. */
    private static final int LEAST_PAGES_OF_A_PART = 64;

    private static final int PARTS = Runtime.getRuntime().availableProcessors();

    private final Worksheet worksheet;
    private final Links links;
    private final Values values;
    private final LaidOut layout;
    private final CellEvaluation evaluation;

    /**
     * Tables that depend on themselves because of the cells they would be laid out over. Their formulas alone do not
     * show that.
     */
    private final LongOpenHashSet circling = new LongOpenHashSet();

    private int round;

    Recalculation(LaidOut layout, CellEvaluation evaluation) {
        this.worksheet = evaluation.worksheet();
        this.links = evaluation.links();
        this.values = evaluation.values();
        this.layout = layout;
        this.evaluation = evaluation;
    }

    /** The same for an overlay. */
    Recalculation over(LaidOut overlaid, CellEvaluation others) {
        Recalculation overlay = new Recalculation(overlaid, others);
        overlay.circling.addAll(circling);
        return overlay;
    }

    /** Works out every cell again, as if all had been typed just now. */
    void recalculateAll() {
        round++;
        Bounded.runDeep(() -> evaluation.settling(() -> {
            Optional<List<Run>> runs = links.runs();
            recalculate(runs.isPresent() ? new LongArrayList() : links.formulas(), runs, key -> true);
            return true;
        }));
    }

    /** Recalculates what depends on touched cells; answers with the cells that have changed. */
    List<CellChange> settle(Touched touched) {
        round++;
        return Bounded.runDeep(() -> evaluation.settling(() -> changed(links.follow(touched), touched)));
    }

    private List<CellChange> changed(LongArrayList edited, Touched touched) {
        List<CellChange> changes = new ArrayList<>(edited.size());
        boolean isWithoutTables = layout.isUnused();
        LongLinkedOpenHashSet formulas = new LongLinkedOpenHashSet();
        LongArrayList moved = new LongArrayList(edited);
        for (int i = 0; i < edited.size(); i++) {
            long key = edited.getLong(i);
            layout.forEachWaiting(key, formulas::add);
            boolean isTyped = worksheet
                    .cell(links.grid(CellKey.grid(key)), CellKey.address(key))
                    .isPresent();
            layout.owner(key).filter(owner -> isTyped).ifPresent(owner -> {
                layout.release(owner, key);
                formulas.add(owner.longValue());
            });
            if (links.isFormula(key)) {
                formulas.add(key);
            } else {
                takeBack(key, Optional.empty(), moved, changes);
                Value before = values.get(key);
                Value after = isTyped || layout.owner(key).isEmpty() ? constant(key) : before;
                values.set(key, after);
                if (!before.equals(after)) {
                    links.markChanged(key, round);
                }
                changes.add(change(key, before, after, true));
            }
        }
        if (touched.isEverything()) {
            formulas.addAll(links.formulas());
        }
        if (!touched.titles().isEmpty()) {
            // A failure names a cell of another grid by that grid's title.
            links.formulas().forEach((long key) -> {
                if (values.get(key) instanceof Failure failure
                        && failure.cause().isPresent()) {
                    formulas.add(key);
                }
            });
        }
        moved.forEach((long cell) -> layout.forEachWaiting(cell, formulas::add));
        formulas.addAll(circling);
        LongLinkedOpenHashSet affected = affectedBy(moved, formulas);
        if (!circling.isEmpty() || affected.longStream().anyMatch(layout::isTable)) {
            // Where one table changes, all are laid out anew: who has room depends on what is typed, not on its
            // history.
            layout.tables().forEach((long table) -> {
                takeBack(table, Optional.empty(), moved, changes);
                formulas.add(table);
            });
            affected = affectedBy(moved, formulas);
        }
        formulas.removeIf(key -> !links.isFormula(key));
        Map<Long, CellChange> followed = new LinkedHashMap<>();
        formulas.forEach(
                (long key) -> followed.put(key, change(key, values.get(key), values.get(key), typed(key, touched))));
        for (CellChange change : recalculate(new LongArrayList(affected), Optional.empty(), formulas::contains)) {
            long key = CellKey.of(links.number(change.grid()), change.cell());
            CellChange first = followed.get(key);
            CellChange whole = first == null
                    ? change
                    : new CellChange(change.grid(), change.cell(), first.before(), change.after(), false);
            followed.put(key, typed(key, touched) ? whole.asEntered() : whole);
        }
        // A formula that still waits for room has been evaluated and has not changed.
        followed.values()
                .removeIf(change -> !change.entered() && change.before().equals(change.after()));
        changes.addAll(followed.values());
        // Without tables, a cell has one change: either something was typed, or its formula followed.
        return isWithoutTables && followed.keySet().stream().allMatch(links::isFormula) ? changes : coalesced(changes);
    }

    /** One change for each cell, from its first to its last value. A table that was laid out again may be unchanged. */
    private static List<CellChange> coalesced(List<CellChange> changes) {
        Map<CellKeyOfGrid, CellChange> byCell = new LinkedHashMap<>();
        for (CellChange change : changes) {
            byCell.merge(
                    new CellKeyOfGrid(change.grid(), change.cell()),
                    change,
                    (first, last) -> new CellChange(
                            first.grid(),
                            first.cell(),
                            first.before(),
                            last.after(),
                            first.entered() || last.entered()));
        }
        byCell.values().removeIf(change -> !change.entered() && change.before().equals(change.after()));
        return List.copyOf(byCell.values());
    }

    private record CellKeyOfGrid(String grid, Address cell) {}

    /** The given formulas, and all direct and indirect dependents of these and of the cells. */
    private LongLinkedOpenHashSet affectedBy(LongArrayList cells, LongLinkedOpenHashSet formulas) {
        LongArrayList seeds = new LongArrayList(cells);
        seeds.addAll(formulas);
        LongLinkedOpenHashSet affected = new LongLinkedOpenHashSet(formulas);
        affected.addAll(links.downstream(seeds));
        affected.removeIf(key -> !links.isFormula(key));
        return affected;
    }

    private boolean typed(long key, Touched touched) {
        return touched.holds(links.grid(CellKey.grid(key)), CellKey.address(key));
    }

    /**
     * Evaluates the cells in order; answers with those whose value has changed. Dependents of a table's cells are
     * evaluated in further rounds, since its size is known only after its evaluation.
     *
     * @param ordered the cells by runs, if they have been put in order before; {@code cells} is not looked at then
     */
    private List<CellChange> recalculate(LongArrayList cells, Optional<List<Run>> ordered, LongPredicate mustRun) {
        List<CellChange> changes = new ArrayList<>();
        LongArrayList moved = new LongArrayList();
        LongOpenHashSet again = new LongOpenHashSet();
        links.forget(cells);
        workOut(cells, ordered, mustRun, moved, again, changes);
        circling.clear();
        for (LongSet restless = follow(moved, again, changes);
                !restless.isEmpty();
                restless = follow(moved, again, changes)) {
            moved.clear();
            again.clear();
            restless.forEach((long table) -> {
                takeBack(table, Optional.empty(), moved, changes);
                store(
                        table,
                        EvaluationErrors.circular(List.of(CellKey.address(table).toString())),
                        changes);
            });
            moved.addAll(restless);
            circling.addAll(restless);
        }
        return changes;
    }

    /**
     * Evaluates the dependents of changed cells until nothing changes any more.
     *
     * @return the tables that prevent a fixed point; none where it is reached
     */
    private LongSet follow(LongArrayList moved, LongOpenHashSet again, List<CellChange> changes) {
        Long2ObjectOpenHashMap<Area> restless = new Long2ObjectOpenHashMap<>();
        for (int rounds = 0; !moved.isEmpty() || !again.isEmpty(); rounds++) {
            // The result does not depend on the state in which an endless round is left.
            if (rounds >= MOST_ROUNDS) {
                LongConsumer note = table -> layout.area(table).ifPresent(area -> restless.put(table, area));
                moved.forEach((long cell) -> layout.owner(cell).ifPresent(note::accept));
                again.forEach(note);
            }
            if (rounds == MOST_ROUNDS + WATCHED_ROUNDS) {
                return dependingOnThemselves(restless);
            }
            moved.forEach((long cell) -> layout.forEachWaiting(cell, again::add));
            again.removeIf(key -> !links.isFormula(key));
            // If a precedent has changed, a formula may find other references, even one that referred to itself before.
            LongArrayList felt = links.downstream(moved);
            moved.addAll(again);
            LongOpenHashSet next = new LongOpenHashSet(links.downstream(moved));
            next.addAll(again);
            next.removeAll(circling);
            links.forget(felt);
            LongOpenHashSet forced = new LongOpenHashSet(again);
            moved.clear();
            again.clear();
            workOut(new LongArrayList(next), Optional.empty(), forced::contains, moved, again, changes);
        }
        return LongSets.EMPTY_SET;
    }

    /**
     * The tables that depend on themselves: on cells they are laid out over, or on cells that other tables take from
     * them.
     */
    private LongSet dependingOnThemselves(Long2ObjectMap<Area> tables) {
        Map<Long, LongSet> dependents = new LinkedHashMap<>();
        tables.forEach((table, area) -> {
            LongOpenHashSet own = new LongOpenHashSet(links.downstream(cells(table, area)));
            own.retainAll(tables.keySet());
            tables.forEach((other, wanted) -> {
                if (table < other && CellKey.grid(table) == CellKey.grid(other) && area.intersects(wanted)) {
                    own.add((long) other);
                }
            });
            dependents.put(table, own);
        });
        LongOpenHashSet found = new LongOpenHashSet();
        for (long table : tables.keySet()) {
            LongLinkedOpenHashSet reached = new LongLinkedOpenHashSet(dependents.get(table));
            LongArrayList open = new LongArrayList(reached);
            while (!open.isEmpty()) {
                dependents.get(open.removeLong(open.size() - 1)).forEach((long next) -> {
                    if (reached.add(next)) {
                        open.add(next);
                    }
                });
            }
            if (reached.contains(table)) {
                found.add(table);
            }
        }
        return found;
    }

    private static LongArrayList cells(long table, Area area) {
        LongArrayList cells = new LongArrayList();
        for (int row = area.first().row(); row <= area.last().row(); row++) {
            for (int column = area.first().column(); column <= area.last().column(); column++) {
                cells.add(CellKey.of(CellKey.grid(table), column, row));
            }
        }
        return cells;
    }

    private void workOut(
            LongArrayList cells,
            Optional<List<Run>> ordered,
            LongPredicate mustRun,
            LongArrayList moved,
            LongOpenHashSet again,
            List<CellChange> changes) {
        evaluation.startRound();
        LongPredicate mayDiffer = key -> mustRun.test(key) || links.precedentChanged(key, round) || wasInCycle(key);
        LongConsumer follow = key -> {
            if (evaluation.isLeft(key)) {
                return;
            }
            boolean finds = links.formula(key).finds();
            if (finds || mayDiffer.test(key)) {
                layOut(key, evaluation.value(key), moved, again, changes);
            }
            // A reference that it has found may come after it in this round; the next round has the right order.
            if (finds && links.find(key, evaluation.found())) {
                again.add(key);
            }
        };
        Optional<List<Run>> runs = ordered.or(() -> Runs.order(cells, links));
        if (runs.isPresent()) {
            runs.get().forEach(run -> workOut(run, mayDiffer, follow, changes));
            return;
        }
        LongOpenHashSet circular = new LongOpenHashSet();
        LongArrayList sorted =
                Sequence.of(cells, links).orElseGet(() -> orderWithCycles(cells, circular, moved, changes));
        sorted.forEach((long key) -> {
            if (!circular.contains(key)) {
                follow.accept(key);
            }
        });
    }

    /** Evaluates a run page by page where possible, and the rest cell by cell. */
    private void workOut(Run run, LongPredicate mayDiffer, LongConsumer follow, List<CellChange> changes) {
        boolean isFree = run.way() == Run.Way.EITHER && layout.isUnused();
        if (!isFree || !links.formula(run.top()).isArithmetic() || run.length() < LEAST_SIDE_BY_SIDE) {
            run.forEach(follow);
            return;
        }
        differing(run).forEach(page -> {
            for (int i = page.next(0); i < page.until(); i = page.next(i + 1)) {
                long key = run.top() + page.top() + i - run.first();
                if (!page.made().has(i)) {
                    follow.accept(key);
                } else if (mayDiffer.test(key)) {
                    store(key, page.made().get(i), changes);
                }
            }
        });
    }

    /**
     * Evaluated cells of a run; at least one has changed or has no number.
     *
     * @param top the row that they are counted from
     */
    private record PageOfRun(int top, int from, int until, Numbers made, Numbers before) {
        /** The next cell that differs, from a given one on. */
        int next(int i) {
            return made.mismatch(before, Math.max(from, i), until);
        }
    }

    /** Evaluates a run without changing anything; a long one in parallel, one part for each processor. */
    private List<PageOfRun> differing(Run run) {
        int first = ValueStore.pageOf(run.first());
        int pages = (run.last() - first) / ValueStore.PAGE + 1;
        int parts = Math.min(PARTS, Math.max(1, pages / LEAST_PAGES_OF_A_PART));
        List<SideBySide> columns =
                Stream.generate(() -> begun(run)).limit(parts).toList();
        IntStream each = IntStream.range(0, parts);
        return (parts > 1 ? each.parallel() : each)
                .mapToObj(part -> IntStream.range(pages * part / parts, pages * (part + 1) / parts)
                        .mapToObj(page -> page(run, first + page * ValueStore.PAGE, columns.get(part)))
                        .flatMap(Optional::stream)
                        .toList())
                .flatMap(List::stream)
                .toList();
    }

    /** Shared lookups are done here, so that the threads of the parts only read. */
    private SideBySide begun(Run run) {
        SideBySide cells = evaluation.sideBySide(run.top());
        cells.values(new Address(run.column(), ValueStore.pageOf(run.first())), 0, 0);
        return cells;
    }

    private Optional<PageOfRun> page(Run run, int top, SideBySide cells) {
        int from = Math.max(run.first() - top, 0);
        int until = Math.min(run.last() + 1 - top, ValueStore.PAGE);
        Numbers made = cells.values(new Address(run.column(), top), from, until);
        Numbers before = values.numbers(run.grid(), run.column(), top);
        return made.mismatch(before, from, until) < until
                ? Optional.of(new PageOfRun(top, from, until, made.copy(), before))
                : Optional.empty();
    }

    /** The order of cells among which there are cycles; the cells of these get their failure. */
    private LongArrayList orderWithCycles(
            LongArrayList cells, LongOpenHashSet circular, LongArrayList moved, List<CellChange> changes) {
        LongOpenHashSet candidates = new LongOpenHashSet(cells);
        Order order = new Order(cells, key -> links.precedentCells(key, candidates));
        for (Order.Cycle cycle : order.cycles()) {
            Failure failure = EvaluationErrors.circular(named(cycle.trip()));
            cycle.members().forEach((long key) -> {
                circular.add(key);
                takeBack(key, Optional.empty(), moved, changes);
                store(key, failure, changes);
            });
        }
        return order.sorted();
    }

    /** A cell that has left a cycle must be evaluated, even if none of its precedents has changed. */
    private boolean wasInCycle(long key) {
        return values.get(key) instanceof Failure failure
                && failure.code() == ErrorCode.CIRCULAR
                && failure.cause().isEmpty();
    }

    /** Stores the value of a formula; a table goes over the cells to the right and below, if they are free. */
    private void layOut(
            long anchor, Value value, LongArrayList moved, LongOpenHashSet again, List<CellChange> changes) {
        if (!(value instanceof Table table)) {
            takeBack(anchor, Optional.empty(), moved, changes);
            store(anchor, value, changes);
            return;
        }
        Address first = CellKey.address(anchor);
        int right = first.column() + table.columns() - 1;
        int bottom = first.row() + table.rows() - 1;
        if (!Address.isInside(right, bottom)) {
            takeBack(anchor, Optional.empty(), moved, changes);
            store(anchor, EvaluationErrors.noRoom(first + ":…", "the edge of the grid"), changes);
            return;
        }
        Area area = new Area(first, new Address(right, bottom));
        if (area.size() > 1 && links.refersInto(anchor, area)) {
            takeBack(anchor, Optional.empty(), moved, changes);
            store(anchor, EvaluationErrors.circular(List.of(first.toString())), changes);
            return;
        }
        Optional<Address> taken = firstTaken(anchor, area);
        if (taken.isPresent()) {
            takeBack(anchor, Optional.empty(), moved, changes);
            layout.waitFor(anchor, area);
            store(anchor, EvaluationErrors.noRoom(area.toString(), taken.get().toString()), changes);
            return;
        }
        takeBack(anchor, Optional.of(area), moved, changes);
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                long cell = CellKey.of(CellKey.grid(anchor), first.column() + column, first.row() + row);
                if (cell != anchor) {
                    layout.take(anchor, cell).ifPresent(loser -> again.add(loser.longValue()));
                }
                if (store(cell, table.at(row, column), changes) && cell != anchor) {
                    moved.add(cell);
                }
            }
        }
        if (area.size() > 1) {
            layout.lay(anchor, area);
        }
    }

    /** The cell in the way of a table that waits for room. */
    Optional<Address> inTheWayOf(long anchor) {
        return layout.wanted(anchor).flatMap(area -> firstTaken(anchor, area));
    }

    private Optional<Address> firstTaken(long anchor, Area area) {
        int grid = CellKey.grid(anchor);
        Address[] taken = new Address[1];
        worksheet.cells(links.grid(grid)).forEach(area, (column, row, cell) -> {
            if (taken[0] == null && CellKey.of(grid, column, row) != anchor) {
                taken[0] = new Address(column, row);
            }
        });
        for (int row = area.first().row();
                taken[0] == null && row <= area.last().row();
                row++) {
            for (int column = area.first().column(); column <= area.last().column(); column++) {
                long cell = CellKey.of(grid, column, row);
                if (cell != anchor && !layout.isFreeFor(anchor, cell)) {
                    taken[0] = new Address(column, row);
                }
            }
        }
        return Optional.ofNullable(taken[0]);
    }

    /** Empties the cells that a formula's table covers, but for those in {@code kept}. */
    private void takeBack(long anchor, Optional<Area> kept, LongArrayList moved, List<CellChange> changes) {
        if (layout.isUnused()) {
            return;
        }
        Optional<Area> covered = layout.area(anchor);
        layout.forget(anchor);
        covered.ifPresent(area -> {
            for (int row = area.first().row(); row <= area.last().row(); row++) {
                for (int column = area.first().column(); column <= area.last().column(); column++) {
                    Address at = new Address(column, row);
                    long cell = CellKey.of(CellKey.grid(anchor), at);
                    boolean stays = kept.map(other -> other.contains(at)).orElse(false);
                    if (cell != anchor && !stays && layout.release(anchor, cell)) {
                        store(cell, Blank.BLANK, changes);
                        moved.add(cell);
                    }
                }
            }
        });
    }

    /** Whether the value has changed. */
    private boolean store(long key, Value made, List<CellChange> changes) {
        Value after = made instanceof Failure failure ? held(key, failure) : made;
        Value before = values.get(key);
        if (before.equals(after)) {
            return false;
        }
        values.set(key, after);
        links.markChanged(key, round);
        changes.add(change(key, before, after, false));
        return true;
    }

    private Failure held(long key, Failure failure) {
        return failure.heldIn(
                links.grid(CellKey.grid(key)), CellKey.address(key).toString());
    }

    private CellChange change(long key, Value before, Value after, boolean entered) {
        return new CellChange(links.grid(CellKey.grid(key)), CellKey.address(key), before, after, entered);
    }

    private List<String> named(LongArrayList trip) {
        List<String> names = new ArrayList<>();
        for (int i = 0; i < Math.min(trip.size(), MOST_NAMED_IN_CIRCLE); i++) {
            names.add(CellKey.address(trip.getLong(i)).toString());
        }
        return trip.size() > MOST_NAMED_IN_CIRCLE ? append(names, "…") : names;
    }

    private static List<String> append(List<String> names, String last) {
        names.add(last);
        return names;
    }

    private Value constant(long key) {
        return worksheet
                .cell(links.grid(CellKey.grid(key)), CellKey.address(key))
                .map(Cell::entry)
                .map(entry -> entry instanceof Entry.Constant constant
                        ? constant.value()
                        : entry instanceof Entry.Unreadable unreadable ? held(key, unreadable.failure()) : Blank.BLANK)
                .orElse(Blank.BLANK);
    }
}
