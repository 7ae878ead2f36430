package app.logismos.recalculate;

import app.logismos.catalogue.Catalogue;
import app.logismos.evaluate.PlainArithmetic;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Coordinate;
import app.logismos.formula.Entry;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Supposing;
import app.logismos.formula.Walk;
import app.logismos.function.Function;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.CellStore;
import app.logismos.sheet.Target;
import app.logismos.sheet.Touched;
import app.logismos.sheet.Worksheet;
import it.unimi.dsi.fastutil.longs.Long2ObjectOpenHashMap;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongLinkedOpenHashSet;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.LongConsumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The dependency graph of a worksheet: which formula refers to which cells. A linked formula remembers what names and grid
 * titles meant when it was linked, so that it can be unlinked after their meaning has changed. Safe for concurrent reads
 * while nobody writes.
 */
final class Links {
    /** Functions whose values are others when rows are hidden or shown. */
    private static final Set<String> SEE_SHOWN_ROWS = named(Function::isOfShownRows);

    /** Functions whose values are others when other entries are typed, or grids change. */
    private static final Set<String> SEE_ENTRIES = named(Function::isOfEntries);

    private final Worksheet worksheet;
    private final Dependents dependents;
    /** References found at run time are kept apart, since the formula may also refer to the same cells directly. */
    private final Dependents finders;

    private final List<CellStore<Formula>> linked = new CopyOnWriteArrayList<>();
    private final List<Map<Expression, Formula>> formulas = new ArrayList<>();
    private final Map<String, Integer> numbers = new ConcurrentHashMap<>();
    private final List<String> grids = new CopyOnWriteArrayList<>();
    private final Map<String, Optional<Target>> names = new ConcurrentHashMap<>();
    private final Map<String, Optional<String>> titles = new ConcurrentHashMap<>();
    private final Users usersOfNames;
    private final Users usersOfTitles;

    /** By the name of the function that looks at more than values. */
    private final Users usersOfFunctions;

    private final Long2ObjectOpenHashMap<Plan> found;
    private @Nullable Optional<List<Run>> runs;
    private CellSet changed = new CellSet();
    private int changedRound;

    Links(Worksheet worksheet) {
        this(
                worksheet,
                new Dependents(),
                new Dependents(),
                new Users(),
                new Users(),
                new Users(),
                new Long2ObjectOpenHashMap<>());
    }

    private Links(
            Worksheet worksheet,
            Dependents dependents,
            Dependents finders,
            Users usersOfNames,
            Users usersOfTitles,
            Users usersOfFunctions,
            Long2ObjectOpenHashMap<Plan> found) {
        this.worksheet = worksheet;
        this.dependents = dependents;
        this.finders = finders;
        this.usersOfNames = usersOfNames;
        this.usersOfTitles = usersOfTitles;
        this.usersOfFunctions = usersOfFunctions;
        this.found = found;
    }

    private static Set<String> named(Predicate<Function> which) {
        return Catalogue.STANDARD.functions().stream()
                .filter(which)
                .flatMap(function -> Stream.concat(Stream.of(function.name()), function.synonyms().stream()))
                .map(name -> name.toLowerCase(Locale.ROOT))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** The graph of an overlay of the worksheet: a copy-on-write copy. While it is in use, this one must not change. */
    Links overlay(Worksheet overlaid) {
        Links overlay = new Links(
                overlaid,
                dependents.overlay(),
                finders.overlay(),
                usersOfNames.overlay(),
                usersOfTitles.overlay(),
                usersOfFunctions.overlay(),
                found.clone());
        synchronized (this) {
            overlay.numbers.putAll(numbers);
            overlay.grids.addAll(grids);
            linked.forEach(store -> overlay.linked.add(store.overlay()));
            linked.forEach(store -> overlay.formulas.add(new IdentityHashMap<>()));
        }
        overlay.names.putAll(names);
        overlay.titles.putAll(titles);
        return overlay;
    }

    /**
     * A formula as it was linked, shared by the cells that repeat it.
     *
     * @param plan what it refers to, with the meaning that names and titles had then
     * @param isArithmetic whether {@link PlainArithmetic} may work it out
     * @param finds whether it finds references only when it is evaluated
     */
    record Formula(Expression expression, Plan plan, boolean isArithmetic, boolean finds) {}

    /** The number that stands for a grid in keys; it is never given to another. */
    synchronized int number(String grid) {
        return numbers.computeIfAbsent(grid, id -> {
            grids.add(id);
            linked.add(new CellStore<>());
            formulas.add(new IdentityHashMap<>());
            return grids.size() - 1;
        });
    }

    String grid(int number) {
        return grids.get(number);
    }

    boolean isFormula(long key) {
        return linked.get(CellKey.grid(key)).get(CellKey.column(key), CellKey.row(key)) != null;
    }

    /** All cells with a formula. */
    LongArrayList formulas() {
        LongArrayList all = new LongArrayList();
        for (int grid = 0; grid < linked.size(); grid++) {
            int number = grid;
            linked.get(grid).forEach((column, row, formula) -> all.add(CellKey.of(number, column, row)));
        }
        return all;
    }

    /**
     * All cells with a formula in topological order, by runs; cached until a formula is linked. Nothing where there is
     * no order by runs, or where formulas find references at run time.
     */
    Optional<List<Run>> runs() {
        if (!found.isEmpty()) {
            return Optional.empty();
        }
        if (runs == null) {
            runs = Runs.order(formulas(), this);
        }
        return runs;
    }

    /** Links touched formulas again; answers with all cells that must be evaluated. */
    LongArrayList follow(Touched touched) {
        // A list keeps the order of the cells, so that a walk over them reads memory sequentially.
        LongArrayList cells = new LongArrayList();
        touched.cells().forEach((grid, typed) -> {
            int number = number(grid);
            typed.forEach(at -> cells.add(CellKey.of(number, at)));
        });
        LongLinkedOpenHashSet users = new LongLinkedOpenHashSet();
        touched.names().forEach(name -> users.addAll(usersOfNames.of(name)));
        touched.titles().forEach(title -> users.addAll(usersOfTitles.of(title)));
        if (touched.areOthersHidden()) {
            SEE_SHOWN_ROWS.forEach(function -> users.addAll(usersOfFunctions.of(function)));
        }
        SEE_ENTRIES.forEach(function -> users.addAll(usersOfFunctions.of(function)));
        users.removeIf(key -> touched.holds(grid(CellKey.grid(key)), CellKey.address(key)));
        cells.addAll(users);
        cells.forEach(this::unlink);
        touched.names().forEach(names::remove);
        touched.titles().forEach(titles::remove);
        if (!touched.names().isEmpty() || !touched.titles().isEmpty()) {
            formulas.forEach(Map::clear);
        }
        Set<Integer> present = new HashSet<>();
        worksheet.outline().grids().forEach(grid -> present.add(number(grid.id())));
        cells.forEach((long key) -> {
            if (present.contains(CellKey.grid(key))) {
                link(key);
            }
        });
        return cells;
    }

    private void unlink(long key) {
        CellStore<Formula> store = linked.get(CellKey.grid(key));
        Formula formula = store.get(CellKey.column(key), CellKey.row(key));
        if (formula != null) {
            runs = null;
            forget(key);
            dependents.remove(formula.plan(), key);
            forEachWord(formula.expression(), (users, word) -> users.remove(word, key));
            store.set(CellKey.column(key), CellKey.row(key), null);
        }
    }

    private void link(long key) {
        int number = CellKey.grid(key);
        Optional<Cell> cell = worksheet.cell(grid(number), CellKey.address(key));
        if (cell.isPresent() && cell.get().entry() instanceof Entry.Calculation calculation) {
            Expression expression = calculation.expression();
            Formula formula = formulas.get(number)
                    .computeIfAbsent(
                            expression,
                            each -> new Formula(each, planOf(each, number), PlainArithmetic.suits(each), finds(each)));
            runs = null;
            dependents.add(formula.plan(), key);
            forEachWord(expression, (users, word) -> users.add(word, key));
            linked.get(number).set(CellKey.column(key), CellKey.row(key), formula);
        }
    }

    private Plan planOf(Expression expression, int own) {
        List<Plan.Single> singles = new ArrayList<>(2);
        List<Plan.Block> blocks = new ArrayList<>(1);
        Read.visit(expression, node -> {
            if (node instanceof CellReference cell) {
                numberOf(cell.grid(), own)
                        .ifPresent(grid -> singles.add(new Plan.Single(grid, cell.column(), cell.row())));
            } else if (node instanceof RangeReference range) {
                numberOf(range.grid(), own)
                        .ifPresent(grid -> blocks.add(new Plan.Block(
                                grid, range.firstColumn(), range.firstRow(), range.lastColumn(), range.lastRow())));
            } else if (node instanceof Name name) {
                target(name.name()).ifPresent(target -> {
                    int grid = number(target.grid());
                    Address first = target.area().first();
                    Address last = target.area().last();
                    if (first.equals(last)) {
                        singles.add(new Plan.Single(grid, fixed(first.column()), fixed(first.row())));
                    } else {
                        blocks.add(new Precedent(grid, target.area()).fixed());
                    }
                });
            }
        });
        return Plan.of(singles, blocks);
    }

    private boolean finds(Expression expression) {
        boolean[] finds = {false};
        Walk.visit(
                expression,
                node -> finds[0] |= node instanceof Variable variable
                                && target(variable.name()).isPresent()
                        || node instanceof Call call
                                && (Supposing.is(call.function())
                                        || Catalogue.STANDARD
                                                .function(call.function())
                                                .filter(Function::isReference)
                                                .isPresent()));
        return finds[0];
    }

    /** Records the references that a formula has found at run time; answers whether they have changed. */
    boolean find(long key, List<Precedent> cells) {
        Plan now = Plan.of(
                List.of(), cells.stream().map(Precedent::fixed).distinct().toList());
        Plan before = found.getOrDefault(key, Plan.NOTHING);
        if (Arrays.equals(now.blocks(), before.blocks())) {
            return false;
        }
        forget(key);
        finders.add(now, key);
        found.put(key, now);
        return true;
    }

    /** The references that the formula of a cell has found at run time. */
    Stream<Precedent> found(long key) {
        return Arrays.stream(found.getOrDefault(key, Plan.NOTHING).blocks())
                .map(block -> new Precedent(block.grid(), block.from(0, 0)));
    }

    /** Forgets the references found at run time; formulas find them again. */
    void forget(LongArrayList cells) {
        if (!found.isEmpty()) {
            cells.forEach(this::forget);
        }
    }

    private void forget(long key) {
        Plan before = found.remove(key);
        if (before != null) {
            finders.remove(before, key);
        }
    }

    static Coordinate fixed(int number) {
        return new Coordinate(number, true);
    }

    private Optional<Integer> numberOf(Optional<String> title, int own) {
        return title.isEmpty() ? Optional.of(own) : gridTitled(title.get()).map(this::number);
    }

    /** What the formula of a cell refers to. */
    Plan plan(long key) {
        Formula formula = formula(key);
        return formula.finds() ? formula.plan().and(found.getOrDefault(key, Plan.NOTHING)) : formula.plan();
    }

    /** How many cells from this one down, up to {@code most}, have its formula. */
    int repeats(long key, int most) {
        if (formula(key).finds()) {
            return 1;
        }
        return linked.get(CellKey.grid(key)).repeats(CellKey.column(key), CellKey.row(key), most);
    }

    /** The formula of a cell, which must have one. */
    Formula formula(long key) {
        Formula formula = linked.get(CellKey.grid(key)).get(CellKey.column(key), CellKey.row(key));
        if (formula == null) {
            throw new IllegalArgumentException("the cell must have a formula, was " + CellKey.address(key));
        }
        return formula;
    }

    private interface WordVisitor {
        void visit(Users users, String word);
    }

    private void forEachWord(Expression expression, WordVisitor visitor) {
        Walk.visit(expression, node -> {
            if (node instanceof Name name) {
                visitor.visit(usersOfNames, name.name().toLowerCase(Locale.ROOT));
            }
            // A bound word that names a cell is followed through the cells that depend on it.
            if (node instanceof Variable variable) {
                visitor.visit(usersOfNames, variable.name().toLowerCase(Locale.ROOT));
            }
            if (node instanceof Call call) {
                String function = call.function().toLowerCase(Locale.ROOT);
                if (SEE_SHOWN_ROWS.contains(function) || SEE_ENTRIES.contains(function)) {
                    visitor.visit(usersOfFunctions, function);
                }
            }
            gridOf(node).ifPresent(title -> visitor.visit(usersOfTitles, title.toLowerCase(Locale.ROOT)));
        });
    }

    /** Whether a formula uses the name, or refers to its one cell. */
    boolean isUsed(Target target) {
        boolean byName =
                !usersOfNames.of(target.name().toLowerCase(Locale.ROOT)).isEmpty();
        LongOpenHashSet users = new LongOpenHashSet();
        forEachDependent(CellKey.of(number(target.grid()), target.area().first()), users::add);
        return byName || target.area().size() == 1 && !users.isEmpty();
    }

    private static Optional<String> gridOf(Expression node) {
        if (node instanceof CellReference cell) {
            return cell.grid();
        }
        return node instanceof RangeReference range ? range.grid() : Optional.empty();
    }

    /** The cells that a formula refers to; what does not exist is passed over. */
    List<Precedent> precedents(Expression expression, String grid, Address origin) {
        List<Precedent> precedents = new ArrayList<>(2);
        Read.visit(expression, node -> precedent(node, grid, origin).ifPresent(precedents::add));
        return precedents;
    }

    /** The cells that one node refers to. */
    Optional<Precedent> precedent(Expression node, String grid, Address origin) {
        if (node instanceof CellReference cell) {
            return cell.from(origin).flatMap(at -> in(cell.grid(), grid, new Area(at, at)));
        }
        if (node instanceof RangeReference range) {
            return range.from(origin).flatMap(area -> in(range.grid(), grid, area));
        }
        return node instanceof Name name
                ? target(name.name()).map(target -> new Precedent(number(target.grid()), target.area()))
                : Optional.empty();
    }

    private Optional<Precedent> in(Optional<String> title, String own, Area area) {
        Optional<String> grid = title.isEmpty() ? Optional.of(own) : gridTitled(title.get());
        return grid.map(id -> new Precedent(number(id), area));
    }

    /** Whether a formula refers to cells of an area of its own grid. */
    boolean refersInto(long key, Area area) {
        boolean[] found = {false};
        forEachPrecedent(
                key,
                cell -> found[0] |= CellKey.grid(cell) == CellKey.grid(key) && area.contains(CellKey.address(cell)),
                (grid, block) -> found[0] |= grid == CellKey.grid(key) && block.intersects(area));
        return found[0];
    }

    interface BlockVisitor {
        void visit(int grid, Area area);
    }

    /** Visits what the formula of a cell refers to; a range of one cell is that cell. */
    void forEachPrecedent(long key, LongConsumer cells, BlockVisitor blocks) {
        Formula formula = linked.get(CellKey.grid(key)).get(CellKey.column(key), CellKey.row(key));
        if (formula == null) {
            return;
        }
        int column = CellKey.column(key);
        int row = CellKey.row(key);
        Plan plan = plan(key);
        for (Plan.Single single : plan.singles()) {
            long cell = single.from(column, row);
            if (cell != Plan.NOWHERE) {
                cells.accept(cell);
            }
        }
        for (Plan.Block block : plan.blocks()) {
            @Nullable Area area = block.from(column, row);
            if (area != null && area.size() == 1) {
                cells.accept(CellKey.of(block.grid(), area.first()));
            } else if (area != null) {
                blocks.visit(block.grid(), area);
            }
        }
    }

    /** What a name stands for. */
    Optional<Target> target(String name) {
        return names.computeIfAbsent(
                name.toLowerCase(Locale.ROOT), key -> worksheet.names().find(name));
    }

    /** The id of the grid with this title. */
    Optional<String> gridTitled(String title) {
        return titles.computeIfAbsent(
                title.toLowerCase(Locale.ROOT),
                key -> worksheet.outline().gridTitled(title).map(Block.Grid::id));
    }

    /** Visits the formulas that refer to a cell, possibly more than once. */
    void forEachDependent(long cell, LongConsumer visitor) {
        dependents.forEach(cell, visitor);
        finders.forEach(cell, visitor);
    }

    /**
     * All formulas that depend on the cells, directly or further on; the cells themselves only if they do. A range is
     * followed once, however many of its cells are met.
     */
    LongArrayList downstream(LongArrayList cells) {
        Set<Object> expanded = Collections.newSetFromMap(new IdentityHashMap<>());
        LongOpenHashSet seen = new LongOpenHashSet();
        LongArrayList queue = new LongArrayList();
        LongConsumer meet = dependent -> {
            if (seen.add(dependent)) {
                queue.add(dependent);
            }
        };
        cells.forEach((long cell) -> expand(cell, expanded, meet));
        for (int i = 0; i < queue.size(); i++) {
            expand(queue.getLong(i), expanded, meet);
        }
        return queue;
    }

    private void expand(long cell, Set<Object> expanded, LongConsumer meet) {
        dependents.expand(cell, expanded, meet);
        if (!found.isEmpty()) {
            finders.expand(cell, expanded, meet);
        }
    }

    /** The cells among {@code candidates} that a formula refers to. */
    LongArrayList precedentCells(long key, LongOpenHashSet candidates) {
        LongArrayList cells = new LongArrayList(2);
        forEachPrecedent(
                key,
                cells::add,
                (grid, area) -> linked.get(grid).forEach(area, (column, row, formula) -> {
                    long cell = CellKey.of(grid, column, row);
                    if (candidates.contains(cell)) {
                        cells.add(cell);
                    }
                }));
        return cells;
    }

    /** Records that a cell has changed in this round. */
    void markChanged(long key, int round) {
        startRound(round);
        changed.add(key);
    }

    /** Whether a precedent of the formula has changed since this round. */
    boolean precedentChanged(long key, int round) {
        startRound(round);
        boolean[] hit = {false};
        forEachPrecedent(
                key, cell -> hit[0] |= changed.contains(cell), (grid, area) -> hit[0] |= changed.in(grid, area) >= 0);
        return hit[0];
    }

    private void startRound(int round) {
        if (changedRound != round) {
            changedRound = round;
            changed = new CellSet();
        }
    }
}
