package app.logismos.recalculate;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Walk;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.CellStore;
import app.logismos.sheet.Target;
import app.logismos.sheet.Touched;
import app.logismos.sheet.Worksheet;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.LongConsumer;
import org.jspecify.annotations.Nullable;

/**
 * The graph of a worksheet: which formula refers to which cells. What names and grid titles mean is remembered as it was
 * when a formula was linked, so that it can be unlinked after their meaning has changed. Questions may be asked from
 * several threads at once while nobody writes.
 */
final class Links {
    private final Worksheet worksheet;
    private final Dependents dependents = new Dependents();
    private final List<CellStore<Expression>> linked = new CopyOnWriteArrayList<>();
    private final Map<String, Integer> numbers = new ConcurrentHashMap<>();
    private final List<String> grids = new CopyOnWriteArrayList<>();
    private final Map<String, Optional<Target>> names = new ConcurrentHashMap<>();
    private final Map<String, Optional<String>> titles = new ConcurrentHashMap<>();
    private final Map<String, LongOpenHashSet> usersOfNames = new HashMap<>();
    private final Map<String, LongOpenHashSet> usersOfTitles = new HashMap<>();
    private final LongOpenHashSet changed = new LongOpenHashSet();
    private int changedRound;

    Links(Worksheet worksheet) {
        this.worksheet = worksheet;
    }

    /** The number that stands for a grid in keys; it is never given to another. */
    synchronized int number(String grid) {
        return numbers.computeIfAbsent(grid, id -> {
            grids.add(id);
            linked.add(new CellStore<>());
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
            linked.get(grid).forEach((column, row, expression) -> all.add(CellKey.of(number, column, row)));
        }
        return all;
    }

    /** Links what was touched as it is now; answers with all cells that must be looked at again. */
    LongArrayList follow(Touched touched) {
        LongOpenHashSet cells = new LongOpenHashSet();
        touched.cells().forEach((grid, addresses) -> addresses.forEach(at -> cells.add(CellKey.of(number(grid), at))));
        touched.names().forEach(name -> cells.addAll(usersOfNames.getOrDefault(name, new LongOpenHashSet())));
        touched.titles().forEach(title -> cells.addAll(usersOfTitles.getOrDefault(title, new LongOpenHashSet())));
        cells.forEach(this::unlink);
        touched.names().forEach(names::remove);
        touched.titles().forEach(titles::remove);
        cells.forEach(this::link);
        return new LongArrayList(cells);
    }

    private void unlink(long key) {
        CellStore<Expression> store = linked.get(CellKey.grid(key));
        Expression expression = store.get(CellKey.column(key), CellKey.row(key));
        if (expression != null) {
            dependents.remove(precedents(expression, grid(CellKey.grid(key)), CellKey.address(key)), key);
            forEachWord(
                    expression,
                    (users, word) ->
                            users.getOrDefault(word, new LongOpenHashSet()).remove(key));
            store.set(CellKey.column(key), CellKey.row(key), null);
        }
    }

    private void link(long key) {
        String grid = grid(CellKey.grid(key));
        boolean exists = worksheet.outline().grid(grid).isPresent();
        Optional<Cell> cell = exists ? worksheet.cell(grid, CellKey.address(key)) : Optional.empty();
        if (cell.isPresent() && cell.get().entry() instanceof Entry.Calculation calculation) {
            Expression expression = calculation.expression();
            dependents.add(precedents(expression, grid, CellKey.address(key)), key);
            forEachWord(
                    expression,
                    (users, word) -> users.computeIfAbsent(word, each -> new LongOpenHashSet())
                            .add(key));
            linked.get(CellKey.grid(key)).set(CellKey.column(key), CellKey.row(key), expression);
        }
    }

    private interface WordVisitor {
        void visit(Map<String, LongOpenHashSet> users, String word);
    }

    private void forEachWord(Expression expression, WordVisitor visitor) {
        Walk.visit(expression, node -> {
            if (node instanceof Name name) {
                visitor.visit(usersOfNames, name.name().toLowerCase(Locale.ROOT));
            }
            gridOf(node).ifPresent(title -> visitor.visit(usersOfTitles, title.toLowerCase(Locale.ROOT)));
        });
    }

    /** Whether a formula uses the name, or refers to its one cell. */
    boolean isUsed(Target target) {
        boolean byName = !usersOfNames
                .getOrDefault(target.name().toLowerCase(Locale.ROOT), new LongOpenHashSet())
                .isEmpty();
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
        Walk.visit(expression, node -> precedent(node, grid, origin).ifPresent(precedents::add));
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
        return precedentsOf(key).stream()
                .anyMatch(precedent -> precedent.grid() == CellKey.grid(key)
                        && precedent.area().intersects(area));
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

    /** Visits the formulas that refer to a cell, perhaps more than once. */
    void forEachDependent(long cell, LongConsumer visitor) {
        dependents.forEachSingle(cell, visitor);
        dependents.forEachRange(cell, range -> range.dependents.forEach(visitor));
    }

    /** All formulas that depend on the cells, directly or further on; the cells themselves only if they do. */
    LongArrayList downstream(LongArrayList cells) {
        Set<RangeIndex.Range> expanded = new HashSet<>();
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

    /** A range is expanded once, however many of its cells are met. */
    private void expand(long cell, Set<RangeIndex.Range> expanded, LongConsumer meet) {
        dependents.forEachSingle(cell, meet);
        dependents.forEachRange(cell, range -> {
            if (expanded.add(range)) {
                range.dependents.forEach(meet);
            }
        });
    }

    /** The cells among {@code candidates} that a formula refers to. */
    LongArrayList precedentCells(long key, LongOpenHashSet candidates) {
        LongArrayList cells = new LongArrayList(2);
        for (Precedent precedent : precedentsOf(key)) {
            if (precedent.isSingle()) {
                cells.add(CellKey.of(precedent.grid(), precedent.area().first()));
            } else {
                linked.get(precedent.grid()).forEach(precedent.area(), (column, row, expression) -> {
                    long cell = CellKey.of(precedent.grid(), column, row);
                    if (candidates.contains(cell)) {
                        cells.add(cell);
                    }
                });
            }
        }
        return cells;
    }

    private List<Precedent> precedentsOf(long key) {
        @Nullable Expression expression = linked.get(CellKey.grid(key)).get(CellKey.column(key), CellKey.row(key));
        return expression == null ? List.of() : precedents(expression, grid(CellKey.grid(key)), CellKey.address(key));
    }

    /** Notes that a cell has another value since this round. */
    void markChanged(long key, int round) {
        startRound(round);
        changed.add(key);
        dependents.forEachRange(key, range -> range.changed = round);
    }

    /** Whether something that the formula refers to has another value since this round. */
    boolean precedentChanged(long key, int round) {
        startRound(round);
        for (Precedent precedent : precedentsOf(key)) {
            boolean hit = precedent.isSingle()
                    ? changed.contains(
                            CellKey.of(precedent.grid(), precedent.area().first()))
                    : dependents.range(precedent.grid(), precedent.area()).changed == round;
            if (hit) {
                return true;
            }
        }
        return false;
    }

    private void startRound(int round) {
        if (changedRound != round) {
            changedRound = round;
            changed.clear();
        }
    }
}
