package app.logismos.recalculate;

import app.logismos.display.Display;
import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.Budget;
import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.EvaluationErrors;
import app.logismos.evaluate.Evaluator;
import app.logismos.evaluate.Hint;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Scope;
import app.logismos.evaluate.TextHints;
import app.logismos.evaluate.WithVariable;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Parser;
import app.logismos.formula.Walk;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Target;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.NumberValue;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A worksheet with the values of its cells. An edit recalculates only cells that depend on what was edited, and of these
 * only cells with a precedent whose value has changed.
 *
 * <p>Not synchronized: the caller must prevent reads during a write, and must not write from two threads at once.
 */
public final class LiveWorksheet {
    /** The longest chain of failed precedents that is reported. */
    private static final int MOST_CAUSES = 100;

    /** How many suppositions this overlay lies in. */
    private final int suppositions;

    private final Worksheet worksheet;
    private final Limits limits;
    private final Links links;
    private final Values values;
    private final LaidOut layout;
    private final CellEvaluation evaluation;
    private final Recalculation recalculation;
    private final Looks looks;

    /** A worksheet as loaded; all its cells are worked out. */
    public LiveWorksheet(Worksheet worksheet, Limits limits) {
        this.suppositions = 0;
        this.worksheet = worksheet;
        this.limits = limits;
        this.values = new Values();
        this.links = new Links(worksheet);
        this.layout = new LaidOut();
        this.evaluation = new CellEvaluation(worksheet, links, values, limits, new Supposing());
        this.recalculation = new Recalculation(layout, evaluation);
        this.looks = new Looks(worksheet, links, values);
        recalculation.settle(worksheet.takeTouched());
    }

    private LiveWorksheet(LiveWorksheet base, int suppositions) {
        this.suppositions = suppositions;
        this.worksheet = base.worksheet.overlay();
        this.limits = base.limits;
        this.values = base.values.overlay();
        this.links = base.links.overlay(worksheet);
        this.layout = base.layout.copy();
        this.evaluation = new CellEvaluation(worksheet, links, values, limits, new Supposing());
        this.recalculation = base.recalculation.over(layout, evaluation);
        this.looks = new Looks(worksheet, links, values);
    }

    /**
     * An overlay, in which edits can be tried: they do not change this worksheet. It shares all unchanged parts and
     * evaluates only the dependents of its edits. While it is in use, this worksheet must not change. Several threads
     * may each have an overlay.
     */
    public LiveWorksheet overlay() {
        return new LiveWorksheet(this, suppositions);
    }

    /**
     * The scope of a grid as it would be if some cells had other values. Only what lies between them and what is read is
     * worked out.
     *
     * @param finds is given what lies between, which a formula that supposes this depends on
     */
    private Scope supposing(
            String grid, Map<Precedent, Value> held, List<Precedent> read, Consumer<Precedent> finds, Budget budget) {
        Ways ways = new Ways(links, layout, held.keySet(), read);
        ways.precedents().forEach(finds);
        LiveWorksheet overlay = new LiveWorksheet(this, suppositions + 1);
        Budget within = evaluation.within(budget);
        overlay.evaluation.restrict(ways.formulas(), within);
        held.forEach((cells, value) -> overlay.worksheet.hold(links.grid(cells.grid()), cells.area(), value));
        overlay.recalculation.settle(overlay.worksheet.takeTouched());
        return overlay.evaluation.scope(grid, true);
    }

    /** Not a lambda, which could not say how deep it is. */
    private final class Supposing implements SheetScope.Supposition {
        @Override
        public int depth() {
            return suppositions;
        }

        @Override
        public Scope scope(
                String grid,
                Map<Precedent, Value> held,
                List<Precedent> read,
                Consumer<Precedent> finds,
                Budget budget) {
            return supposing(grid, held, read, finds, budget);
        }
    }

    /** The entries and the layout. */
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
        looks.clear();
        List<Edit> inverse = new ArrayList<>();
        try {
            for (Edit edit : edits) {
                inverse.addAll(0, edit.apply(worksheet));
            }
        } catch (EditRefused refused) {
            inverse.forEach(edit -> edit.apply(worksheet));
            recalculation.settle(worksheet.takeTouched());
            throw refused;
        }
        return new Change(inverse, recalculation.settle(worksheet.takeTouched()));
    }

    /** The value of a cell. */
    public Value value(String grid, Address cell) {
        return values.get(links.number(grid), cell);
    }

    /** The values of an area; it follows later changes. */
    public Table values(String grid, Area area) {
        return values.range(links.number(grid), area);
    }

    /** The value of a cell, and where it is calculated its steps and hints. */
    public Calculation explain(String grid, Address cell) {
        Value kept = value(grid, cell);
        Calculation explained = worksheet
                .cell(grid, cell)
                .filter(Cell::isCalculated)
                .map(typed -> explain(typed.text(cell), grid, cell))
                .orElseGet(() -> Calculation.unworked(kept, hints(kept, grid, cell)));
        // A cycle is reported as it was found when all of its cells were evaluated, and missing room when a table was
        // laid out.
        boolean isOfTheSheet = kept instanceof Failure failure
                && (failure.code() == ErrorCode.CIRCULAR || failure.code() == ErrorCode.NO_ROOM);
        return SlidingRanges.hint(grid, cell, this)
                .map(explained::hinted)
                .orElse(explained)
                .withValue(isOfTheSheet ? kept : explained.value());
    }

    /** The value that an entry would have in a cell, with its steps and hints. */
    public Calculation explain(String entry, String grid, Address cell) {
        return explain(entry, grid, cell, Map.of());
    }

    /**
     * The same where some words stand for values.
     *
     * @param given these words and their values; they hide names of the worksheet
     */
    public Calculation explain(String entry, String grid, Address cell, Map<String, Value> given) {
        return Bounded.run(
                limits,
                budget -> {
                    Entry read = EntryReader.read(entry, cell, worksheet.vocabulary());
                    Optional<Failure> clash = Worksheet.nameIn(read).flatMap(name -> clash(entry, name, grid, cell));
                    if (clash.isPresent()) {
                        return failed(clash.get());
                    }
                    if (read instanceof Entry.Calculation calculation) {
                        Optional<Failure> cycle = cycleThrough(calculation.expression(), grid, cell);
                        Scope scope = evaluation.scope(grid, true);
                        for (Map.Entry<String, Value> each : given.entrySet()) {
                            scope = new WithVariable(scope, each.getKey(), each.getValue());
                        }
                        Evaluator evaluator = new Evaluator(scope, cell, limits, budget);
                        return cycle.isPresent()
                                ? failed(cycle.get())
                                : Calculator.explain(entry, calculation.expression(), evaluator);
                    }
                    Value value = read instanceof Entry.Unreadable unreadable
                            ? unreadable.failure()
                            : read instanceof Entry.Constant constant ? constant.value() : Blank.BLANK;
                    List<Hint> hints = value instanceof Text ? TextHints.of(entry, worksheet.vocabulary()) : List.of();
                    return Calculation.unworked(value, hints);
                },
                LiveWorksheet::failed);
    }

    /** Hints on a text that was typed into a cell. */
    private List<Hint> hints(Value kept, String grid, Address cell) {
        return kept instanceof Text
                ? worksheet
                        .cell(grid, cell)
                        .map(typed -> TextHints.of(typed.text(cell), worksheet.vocabulary()))
                        .orElse(List.of())
                : List.of();
    }

    private static Calculation failed(Failure failure) {
        return Calculation.unworked(failure, List.of());
    }

    /** Whether a formula, once in the cell, would depend on the cell itself. */
    private Optional<Failure> cycleThrough(Expression expression, String grid, Address cell) {
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

    /** The value of an expression outside any cell; its relative references count from a grid's first cell. */
    public Value worth(String expression, String grid) {
        return formula(expression, grid, "").apply(Blank.BLANK);
    }

    /**
     * An expression as a function of a variable; where it cannot be read, or its time is used up, its values are
     * failures. All values together have the time of one calculation.
     *
     * @param grid whose first cell its references count from
     */
    public UnaryOperator<Value> formula(String expression, String grid, String variable) {
        return formula(expression, grid, variable, budget());
    }

    /**
     * The same within a time that others share.
     *
     * @param budget the time that is left
     */
    public UnaryOperator<Value> formula(String expression, String grid, String variable, Budget budget) {
        Parser.Outcome read = Parser.parse(expression, 0, Address.FIRST, worksheet.vocabulary());
        if (read instanceof Parser.Outcome.Refused refused) {
            return value -> refused.failure();
        }
        Expression parsed = inlined(((Parser.Outcome.Parsed) read).expression(), grid, variable, budget);
        return value -> value(parsed, grid, variable, value, budget);
    }

    /** The time of one calculation. */
    public Budget budget() {
        return Budget.of(limits);
    }

    /** What a calculation may take. */
    public Limits limits() {
        return limits;
    }

    /** An expression by its parts; nothing where it cannot be read. */
    public Optional<Expression> parsed(String expression, String grid, String variable, Budget budget) {
        return Parser.parse(expression, 0, Address.FIRST, worksheet.vocabulary())
                        instanceof Parser.Outcome.Parsed parsed
                ? Optional.of(inlined(parsed.expression(), grid, variable, budget))
                : Optional.empty();
    }

    /** With the rules of functions of one's own in it; as it is where that takes too long. */
    private Expression inlined(Expression expression, String grid, String variable, Budget budget) {
        Scope scope = new WithVariable(evaluation.scope(grid, true), variable, NumberValue.of(1));
        try {
            return Bounded.within(
                    budget, () -> new Evaluator(scope, Address.FIRST, limits, budget).inlined(expression));
        } catch (Budget.Stopped stopped) {
            return expression;
        }
    }

    /** What a part of such an expression is worth, where its variable has a value. */
    public Value value(Expression part, String grid, String variable, Value at, Budget budget) {
        Scope scope = evaluation.scope(grid, true);
        try {
            return Bounded.within(
                    budget,
                    () -> new Evaluator(new WithVariable(scope, variable, at), Address.FIRST, limits, budget)
                            .valueAt(part, variable, at));
        } catch (Budget.Stopped stopped) {
            return stopped.failure(limits);
        }
    }

    /**
     * The chain of failed precedents, from the one that this cell refers to down to the one that failed first; empty
     * where this cell failed first.
     */
    public List<Edit.Place> causes(String grid, Address cell) {
        List<Edit.Place> chain = new ArrayList<>();
        Edit.Place at = new Edit.Place(grid, new Area(cell, cell));
        while (value(at.grid(), at.area().first()) instanceof Failure failure
                && failure.cause().isPresent()
                && chain.size() < MOST_CAUSES) {
            Optional<Edit.Place> next = failedBefore(at, failure.home());
            if (next.isEmpty() || chain.contains(next.get())) {
                return chain;
            }
            at = next.get();
            chain.add(at);
        }
        return chain;
    }

    /** The first cell that a failed one refers to and that failed for the same reason. */
    private Optional<Edit.Place> failedBefore(Edit.Place failed, Optional<Failure.Home> home) {
        for (Edit.Place area : fedBy(failed.grid(), failed.area().first())) {
            Optional<Address> found = values.firstIn(
                    links.number(area.grid()),
                    area.area(),
                    value -> value instanceof Failure failure && failure.home().equals(home));
            if (found.isPresent()) {
                return Optional.of(new Edit.Place(area.grid(), new Area(found.get(), found.get())));
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
                .map(entry -> Stream.concat(
                                links.precedents(((Entry.Calculation) entry).expression(), grid, cell).stream(),
                                links.found(CellKey.of(links.number(grid), cell)))
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
        return links.isUsed(target) || worksheet.outline().blocks().anyMatch(block -> draws(block, target));
    }

    /** Whether a chart or table uses the cells of a name, or the name itself. */
    private boolean draws(Block block, Target target) {
        boolean[] found = {
            block.match(
                    grid -> false,
                    note -> false,
                    chart -> chart.places().stream()
                            .anyMatch(place -> place.grid().equals(target.grid())
                                    && place.area().intersects(target.area())))
        };
        block.withExpressions(text -> {
            if (Parser.parse(text, 0, Address.FIRST, worksheet.vocabulary()) instanceof Parser.Outcome.Parsed parsed) {
                Walk.visit(
                        parsed.expression(),
                        node -> found[0] |= node instanceof Expression.Name name
                                && name.name().equalsIgnoreCase(target.name()));
            }
            return text;
        });
        return found[0];
    }

    /** How many cells depend on a cell, directly or further on. */
    public int feedsInAll(String grid, Address cell) {
        return dependentsOf(CellKey.of(links.number(grid), cell)).size();
    }

    /** Answers whether a cell has dependents. Use one answer for many cells: the graph is searched once. */
    public Predicate<Edit.Place> dependents(String grid, Address cell) {
        LongOpenHashSet dependents = new LongOpenHashSet(dependentsOf(CellKey.of(links.number(grid), cell)));
        return place -> place.area().size() == 1
                ? dependents.contains(
                        CellKey.of(links.number(place.grid()), place.area().first()))
                : dependents
                        .longStream()
                        .anyMatch(key -> links.grid(CellKey.grid(key)).equals(place.grid())
                                && place.area().contains(CellKey.address(key)));
    }

    private Edit.Place place(long key) {
        Address cell = CellKey.address(key);
        return new Edit.Place(links.grid(CellKey.grid(key)), new Area(cell, cell));
    }

    private LongArrayList dependentsOf(long cell) {
        return links.downstream(LongArrayList.of(cell));
    }

    /** Evaluates every cell again. */
    public void recalculateAll() {
        recalculation.recalculateAll();
    }

    /** The cell whose formula has laid a table out over this one. */
    public Optional<Address> laidOutFrom(String grid, Address cell) {
        return layout.owner(CellKey.of(links.number(grid), cell)).map(CellKey::address);
    }

    /** The cell in the way of a formula whose table has no room. */
    public Optional<Address> inTheWayOf(String grid, Address cell) {
        return recalculation.inTheWayOf(CellKey.of(links.number(grid), cell));
    }

    /** The cells of a grid that hold a part of a table laid out from another cell. */
    public List<Address> laidOut(String grid) {
        return layout.cellsOf(links.number(grid))
                .longStream()
                .sorted()
                .mapToObj(CellKey::address)
                .toList();
    }

    /** Why the entry's name cannot be its cell's. */
    private Optional<Failure> clash(String entry, String name, String grid, Address at) {
        Span place = new Span(entry.indexOf(name), entry.indexOf(name) + name.length());
        return worksheet
                .names()
                .clash(name, Optional.of(new Edit.Place(grid, new Area(at, at))))
                .map(message -> {
                    String free = worksheet.names().free(name);
                    Fix other = new Fix("Call it " + free, free + entry.substring(place.end()));
                    return Failure.at(place, ErrorCode.SYNTAX, message, other);
                });
    }

    /** The cells that a reference or name in a cell's formula means; nothing where there are none. */
    public Optional<Edit.Place> place(Expression node, String grid, Address cell) {
        return links.precedent(node, grid, cell)
                .map(precedent -> new Edit.Place(links.grid(precedent.grid()), precedent.area()));
    }

    /**
     * How a cell shows its value: in its own style, its column's, its grid's, or the worksheet's; where all of these are
     * automatic, as it was typed or as the cells are shown that it is made of.
     */
    public Display display(String grid, Address cell) {
        String own = grid(grid).map(block -> block.style(cell)).orElse("");
        Display display = isAutomatic(own)
                ? looks.style(grid, cell)
                        .map(style -> set(Display.in(style, worksheet.units())))
                        .orElseGet(this::display)
                : display(own);
        return worksheet.settings().dropped() ? display.signed() : display;
    }

    /** How values are shown that are worked out of a cell's: in its style, and in percent where the cell shows percent. */
    public Display styled(String grid, Address cell) {
        String own = grid(grid).map(block -> block.style(cell)).orElse("");
        return isAutomatic(own) && looks.isPercent(grid, cell) ? display("percent") : display(own);
    }

    private boolean isAutomatic(String own) {
        String style = own.isEmpty() ? worksheet.settings().style() : own;
        return style.isEmpty() || style.equals("automatic");
    }

    /** Whether a cell's style shows its number in percent. */
    public boolean showsPercent(String grid, Address cell) {
        String own = grid(grid).map(block -> block.style(cell)).orElse("");
        return isAutomatic(own)
                ? looks.isPercent(grid, cell)
                : (own.isEmpty() ? worksheet.settings().style() : own).startsWith("percent");
    }

    /** How values are shown where no cell shows them. */
    public Display display() {
        return display("");
    }

    private Display display(String style) {
        return set(Display.in(style.isEmpty() ? worksheet.settings().style() : style, worksheet.units()));
    }

    /** As the worksheet is set: with groups of digits, and its decimal mark. */
    private Display set(Display own) {
        Settings settings = worksheet.settings();
        Display grouped = settings.grouped() ? own.grouped() : own;
        return settings.comma() ? grouped.withComma() : grouped;
    }

    /** The grid with this id. */
    public Optional<Block.Grid> grid(String id) {
        return worksheet.outline().grid(id);
    }

    /** The cells whose ranges slide off their table together with this cell's; nothing where none does. */
    public Optional<SlidingRun> slidingRun(String grid, Address cell) {
        return SlidingRanges.run(grid, cell, this);
    }
}
