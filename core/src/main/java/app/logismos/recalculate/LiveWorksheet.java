package app.logismos.recalculate;

import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.Budget;
import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.EvaluationErrors;
import app.logismos.evaluate.Evaluator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Scope;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Parser;
import app.logismos.function.Surroundings;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Target;
import app.logismos.sheet.Touched;
import app.logismos.sheet.Worksheet;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Value;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongPredicate;

/**
 * A worksheet with the values of its cells. After edits exactly those cells are worked out again that depend on what was
 * edited, and of these only where something they refer to has another value.
 *
 * <p>One thread writes; reading while it writes is up to the caller to prevent.
 */
public final class LiveWorksheet {
    private static final int MOST_NAMED_IN_CIRCLE = 12;

    /** Tables whose sizes depend on each other settle within so many rounds, or never. */
    private static final int MOST_ROUNDS = 20;

    private final Worksheet worksheet;
    private final Limits limits;
    private final Links links;
    private final Values values;
    private final Surroundings surroundings;
    private final LaidOut layout = new LaidOut();
    private int round;

    /** A worksheet as loaded; all its cells are worked out. */
    public LiveWorksheet(Worksheet worksheet, Limits limits) {
        this.worksheet = worksheet;
        this.limits = limits;
        this.values = new Values();
        this.links = new Links(worksheet);
        this.surroundings = Surroundings.USUAL;
        settle(worksheet.takeTouched());
    }

    /** What is typed and laid out. */
    public Worksheet worksheet() {
        return worksheet;
    }

    /**
     * Applies edits, all or none.
     *
     * @throws EditRefused where one does not fit; then nothing has changed
     */
    public Change apply(List<Edit> edits) {
        return Bounded.runDeep(() -> applied(edits));
    }

    private Change applied(List<Edit> edits) {
        List<Edit> inverse = new ArrayList<>();
        try {
            for (Edit edit : edits) {
                inverse.addAll(0, edit.apply(worksheet));
            }
        } catch (EditRefused refused) {
            inverse.forEach(edit -> edit.apply(worksheet));
            settle(worksheet.takeTouched());
            throw refused;
        }
        return new Change(inverse, settle(worksheet.takeTouched()));
    }

    /** The value of a cell. */
    public Value value(String grid, Address cell) {
        return values.get(links.number(grid), cell);
    }

    /** The values of an area; it follows later changes. */
    public Table values(String grid, Area area) {
        return values.range(links.number(grid), area);
    }

    private Scope scope(String grid, boolean suggests) {
        return new SheetScope(worksheet, links, values, grid, surroundings, suggests);
    }

    /** The value of a cell, and where it is calculated its steps and hints. */
    public Calculation explain(String grid, Address cell) {
        Value kept = value(grid, cell);
        Calculation explained = worksheet
                .cell(grid, cell)
                .filter(Cell::isCalculated)
                .map(typed -> explain(typed.text(), grid, cell))
                .orElseGet(() -> new Calculation(kept, "", List.of(), List.of()));
        // A circle is told as it was found when all its cells were looked at.
        boolean isCircular = kept instanceof Failure failure && failure.code() == ErrorCode.CIRCULAR;
        return isCircular ? explained.withValue(kept) : explained;
    }

    /** An entry as it would be worth in a cell, with its steps and hints. */
    public Calculation explain(String entry, String grid, Address cell) {
        return Bounded.run(
                limits,
                budget -> {
                    Entry read = EntryReader.read(entry, cell, worksheet.vocabulary());
                    Optional<Failure> clash = Worksheet.nameIn(read).flatMap(name -> clash(entry, name, grid, cell));
                    if (clash.isPresent()) {
                        return failed(clash.get());
                    }
                    if (read instanceof Entry.Calculation calculation) {
                        Optional<Failure> circle = circleThrough(calculation.expression(), grid, cell);
                        Evaluator evaluator = new Evaluator(scope(grid, true), cell, limits, budget);
                        return circle.isPresent()
                                ? failed(circle.get())
                                : Calculator.explain(entry, calculation.expression(), evaluator);
                    }
                    Value value = read instanceof Entry.Unreadable unreadable
                            ? unreadable.failure()
                            : read instanceof Entry.Constant constant ? constant.value() : Blank.BLANK;
                    return new Calculation(value, "", List.of(), List.of());
                },
                LiveWorksheet::failed);
    }

    private static Calculation failed(Failure failure) {
        return new Calculation(failure, "", List.of(), List.of());
    }

    /** Whether a formula, once in the cell, would depend on the cell itself. */
    private Optional<Failure> circleThrough(Expression expression, String grid, Address cell) {
        long self = CellKey.of(links.number(grid), cell);
        LongOpenHashSet downstream = new LongOpenHashSet(dependentsOf(self));
        downstream.add(self);
        for (Precedent precedent : links.precedents(expression, grid, cell)) {
            long hit = downstream
                    .longStream()
                    .filter(key -> CellKey.grid(key) == precedent.grid()
                            && precedent.area().contains(CellKey.address(key)))
                    .findFirst()
                    .orElse(-1);
            if (hit >= 0) {
                String other = CellKey.address(hit).toString();
                return Optional.of(EvaluationErrors.circular(
                        hit == self ? List.of(cell.toString()) : List.of(cell.toString(), other)));
            }
        }
        return Optional.empty();
    }

    /** The cells that a cell's formula refers to, single ones and ranges, in the order of the formula. */
    public List<Edit.Place> fedBy(String grid, Address cell) {
        return worksheet
                .cell(grid, cell)
                .map(Cell::entry)
                .filter(Entry.Calculation.class::isInstance)
                .map(entry -> links.precedents(((Entry.Calculation) entry).expression(), grid, cell).stream()
                        .map(precedent -> new Edit.Place(links.grid(precedent.grid()), precedent.area()))
                        .distinct()
                        .toList())
                .orElse(List.of());
    }

    /** The cells whose formulas refer to a cell. */
    public List<Edit.Place> feeds(String grid, Address cell) {
        LongOpenHashSet direct = new LongOpenHashSet();
        links.forEachDependent(CellKey.of(links.number(grid), cell), direct::add);
        return direct.longStream().sorted().mapToObj(this::place).toList();
    }

    /** Whether a formula refers to the cells of a name. */
    public boolean isUsed(Target target) {
        return links.isUsed(target);
    }

    /** How many cells depend on a cell, directly or further on. */
    public int feedsInAll(String grid, Address cell) {
        return dependentsOf(CellKey.of(links.number(grid), cell)).size();
    }

    private Edit.Place place(long key) {
        Address cell = CellKey.address(key);
        return new Edit.Place(links.grid(CellKey.grid(key)), new Area(cell, cell));
    }

    private LongArrayList dependentsOf(long cell) {
        return links.downstream(LongArrayList.of(cell));
    }

    /** Works out every cell again, as if all had been typed just now. */
    public void recalculateAll() {
        round++;
        Bounded.runDeep(() -> {
            recalculate(links.formulas(), key -> true);
            return true;
        });
    }

    /** Follows what edits have touched; answers with the cells that have changed. */
    private List<CellChange> settle(Touched touched) {
        round++;
        return Bounded.runDeep(() -> changed(links.follow(touched), touched));
    }

    private List<CellChange> changed(LongArrayList edited, Touched touched) {
        List<CellChange> changes = new ArrayList<>();
        LongOpenHashSet formulas = new LongOpenHashSet();
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
        moved.forEach((long cell) -> layout.forEachWaiting(cell, formulas::add));
        LongOpenHashSet affected = affectedBy(moved, formulas);
        if (affected.longStream().anyMatch(layout::isTable)) {
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
        for (CellChange change : recalculate(new LongArrayList(affected), formulas::contains)) {
            long key = CellKey.of(links.number(change.grid()), change.cell());
            CellChange first = followed.get(key);
            CellChange whole = first == null
                    ? change
                    : new CellChange(change.grid(), change.cell(), first.before(), change.after(), false);
            followed.put(key, typed(key, touched) ? whole.asEntered() : whole);
        }
        // What waited for room and still does, has been looked at and not changed.
        followed.values()
                .removeIf(change -> !change.entered() && change.before().equals(change.after()));
        changes.addAll(followed.values());
        return changes;
    }

    /** The formulas themselves and all that depend on them or on the cells. */
    private LongOpenHashSet affectedBy(LongArrayList cells, LongOpenHashSet formulas) {
        LongArrayList seeds = new LongArrayList(cells);
        seeds.addAll(formulas);
        LongOpenHashSet affected = new LongOpenHashSet(links.downstream(seeds));
        affected.addAll(formulas);
        affected.removeIf(key -> !links.isFormula(key));
        return affected;
    }

    private boolean typed(long key, Touched touched) {
        return touched.cells()
                .getOrDefault(links.grid(CellKey.grid(key)), Set.of())
                .contains(CellKey.address(key));
    }

    /**
     * Works the cells out in order; answers with those whose value is another now. Cells that tables are laid out over
     * are followed in further rounds: which they are is known only when the table is.
     */
    private List<CellChange> recalculate(LongArrayList cells, LongPredicate mustRun) {
        List<CellChange> changes = new ArrayList<>();
        LongArrayList moved = new LongArrayList();
        LongOpenHashSet again = new LongOpenHashSet();
        workOut(cells, mustRun, moved, again, changes);
        for (int rounds = 0; (!moved.isEmpty() || !again.isEmpty()) && rounds < MOST_ROUNDS; rounds++) {
            moved.forEach((long cell) -> layout.forEachWaiting(cell, again::add));
            again.removeIf(key -> !links.isFormula(key));
            moved.addAll(again);
            LongOpenHashSet next = new LongOpenHashSet(links.downstream(moved));
            next.addAll(again);
            LongOpenHashSet forced = new LongOpenHashSet(again);
            moved.clear();
            again.clear();
            workOut(new LongArrayList(next), forced::contains, moved, again, changes);
        }
        LongOpenHashSet endless = new LongOpenHashSet(links.downstream(moved));
        moved.forEach((long cell) -> layout.owner(cell)
                .filter(endless::contains)
                .ifPresent(owner -> {
                    // A table that depends on cells it is laid out over never comes to rest.
                    takeBack(owner, Optional.empty(), new LongArrayList(), changes);
                    store(
                            owner,
                            EvaluationErrors.circular(
                                    List.of(CellKey.address(owner).toString())),
                            changes);
                }));
        return changes;
    }

    private void workOut(
            LongArrayList cells,
            LongPredicate mustRun,
            LongArrayList moved,
            LongOpenHashSet again,
            List<CellChange> changes) {
        LongOpenHashSet candidates = new LongOpenHashSet(cells);
        Order order = new Order(cells, key -> links.precedentCells(key, candidates));
        LongOpenHashSet circular = new LongOpenHashSet();
        for (Order.Circle circle : order.circles()) {
            Failure failure = EvaluationErrors.circular(named(circle.trip()));
            circle.members().forEach((long key) -> {
                circular.add(key);
                takeBack(key, Optional.empty(), moved, changes);
                store(key, failure, changes);
            });
        }
        LongArrayList sorted = order.sorted();
        for (int i = 0; i < sorted.size(); i++) {
            long key = sorted.getLong(i);
            boolean mayDiffer = mustRun.test(key) || links.precedentChanged(key, round) || wasInCircle(key);
            if (!circular.contains(key) && mayDiffer) {
                layOut(key, evaluate(key), moved, again, changes);
            }
        }
    }

    /** A cell that is on a circle no longer need not refer to anything that has another value. */
    private boolean wasInCircle(long key) {
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

    /** Whether the value is another now. */
    private boolean store(long key, Value after, List<CellChange> changes) {
        Value before = values.get(key);
        if (before.equals(after)) {
            return false;
        }
        values.set(key, after);
        links.markChanged(key, round);
        changes.add(change(key, before, after, false));
        return true;
    }

    /** The cell whose formula has laid a table out over this one. */
    public Optional<Address> laidOutFrom(String grid, Address cell) {
        return layout.owner(CellKey.of(links.number(grid), cell)).map(CellKey::address);
    }

    /** The cells of a grid that hold a part of a table laid out from another cell. */
    public List<Address> laidOut(String grid) {
        return layout.cellsOf(links.number(grid))
                .longStream()
                .sorted()
                .mapToObj(CellKey::address)
                .toList();
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
                        : entry instanceof Entry.Unreadable unreadable ? unreadable.failure() : Blank.BLANK)
                .orElse(Blank.BLANK);
    }

    private Value evaluate(long key) {
        String grid = links.grid(CellKey.grid(key));
        Address at = CellKey.address(key);
        Cell cell = worksheet.cell(grid, at).orElseThrow();
        Entry.Calculation calculation = (Entry.Calculation) cell.entry();
        Value value = bounded(calculation.expression(), grid, at);
        if (value instanceof Failure) {
            // The shared expression has the places of the cell that was read first; this cell's own are wanted here.
            value = bounded(ownExpression(cell, at), grid, at);
        }
        return value;
    }

    private Value bounded(Expression expression, String grid, Address at) {
        try {
            Value value = new Evaluator(scope(grid, false), at, limits, Budget.of(limits)).value(expression);
            return value instanceof Table table
                    ? held(table, expression)
                    : value == Blank.BLANK ? NumberValue.of(0) : value;
        } catch (Budget.Stopped stopped) {
            return EvaluationErrors.tookTooLong(limits);
        }
    }

    /** A table made from a range is copied, so that it does not change unseen. */
    private Value held(Table table, Expression expression) {
        long size = (long) table.rows() * table.columns();
        if (size > limits.tableCells()) {
            return EvaluationErrors.tableTooLarge(size, limits.tableCells(), expression.span());
        }
        if (table instanceof ArrayTable) {
            return table;
        }
        List<Value> copy = new ArrayList<>((int) size);
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                copy.add(table.at(row, column));
            }
        }
        return new ArrayTable(table.rows(), table.columns(), copy);
    }

    private Expression ownExpression(Cell cell, Address at) {
        int start = cell.text().indexOf('=') + 1;
        return Parser.parse(cell.text(), start, at, worksheet.vocabulary()) instanceof Parser.Outcome.Parsed parsed
                ? parsed.expression()
                : ((Entry.Calculation) cell.entry()).expression();
    }

    /** Why the entry's name cannot be its cell's. */
    private Optional<Failure> clash(String entry, String name, String grid, Address at) {
        int start = entry.indexOf(name);
        return worksheet
                .names()
                .clash(name, Optional.of(new Edit.Place(grid, new Area(at, at))))
                .map(message -> Failure.at(new Span(start, start + name.length()), ErrorCode.SYNTAX, message));
    }

    /** The cells that a reference or name in a cell's formula means; nothing where there are none. */
    public Optional<Edit.Place> place(Expression node, String grid, Address cell) {
        return links.precedent(node, grid, cell)
                .map(precedent -> new Edit.Place(links.grid(precedent.grid()), precedent.area()));
    }

    /** The grid with this id. */
    public Optional<Block.Grid> grid(String id) {
        return worksheet.outline().grid(id);
    }
}
