package app.logismos.recalculate;

import app.logismos.display.Display;
import app.logismos.evaluate.Budget;
import app.logismos.evaluate.EvaluationErrors;
import app.logismos.evaluate.Scope;
import app.logismos.evaluate.SideBySide;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Printer;
import app.logismos.function.Surroundings;
import app.logismos.number.Real;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Target;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Numbers;
import app.logismos.value.Span;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * Resolves the references of formulas of one grid.
 *
 * @param grid the id of the formulas' own grid
 * @param gridNumber the number that stands for it in keys
 * @param folded what aggregates may go on from
 * @param suggests whether an unknown name is told with those that are near it; a value that is kept must not depend on
 * names that its formula does not use
 * @param finds is given the cells that a formula finds out to refer to
 * @param supposition makes the scope of the same grid in which some cells have other values
 */
record SheetScope(
        Worksheet worksheet,
        Links links,
        Values values,
        String grid,
        int gridNumber,
        Surroundings surroundings,
        Folded folded,
        boolean suggests,
        Consumer<Precedent> finds,
        Supposition supposition)
        implements Scope, SideBySide.Columns {
    /** See {@link LiveWorksheet#supposing}. */
    interface Supposition {
        int depth();

        Scope scope(
                String grid,
                Map<Precedent, Value> held,
                List<Precedent> read,
                Consumer<Precedent> finds,
                Budget budget);
    }

    @Override
    public int suppositions() {
        return supposition.depth();
    }

    @Override
    public Scope supposing(Expression expression, List<Supposed> supposed, Address origin, Budget budget) {
        Map<Precedent, Value> held = new LinkedHashMap<>();
        List<Supposed> words = new ArrayList<>();
        for (Supposed each : supposed) {
            links.precedent(each.target(), grid, origin)
                    .ifPresentOrElse(cells -> held.put(cells, each.value()), () -> words.add(each));
        }
        if (held.isEmpty()) {
            return Scope.super.supposing(expression, words, origin, budget);
        }
        List<Precedent> read = links.precedents(expression, grid, origin);
        return supposition.scope(grid, held, read, finds, budget).supposing(expression, words, origin, budget);
    }

    @Override
    public Value cell(CellReference reference, Address origin) {
        if (reference.grid().isEmpty()) {
            int column = reference.column().from(origin.column());
            int row = reference.row().from(origin.row());
            return Address.isInside(column, row)
                    ? seen(values.get(gridNumber, column, row), reference.span())
                    : EvaluationErrors.outsideGrid(reference.span());
        }
        Optional<String> at = gridOf(reference.grid());
        if (at.isEmpty()) {
            return EvaluationErrors.unknownGrid(reference.grid().orElse(grid), reference.span());
        }
        return reference
                .from(origin)
                .map(cell -> seen(values.get(links.number(at.get()), cell), reference.span()))
                .orElseGet(() -> EvaluationErrors.outsideGrid(reference.span()));
    }

    @Override
    public Numbers numbers(CellReference reference, Address top) {
        if (reference.grid().isPresent()) {
            Optional<String> at = gridOf(reference.grid());
            return at.isEmpty() ? Numbers.none(ValueStore.PAGE) : numbers(links.number(at.get()), reference, top);
        }
        return numbers(gridNumber, reference, top);
    }

    private Numbers numbers(int number, CellReference reference, Address top) {
        int column = reference.column().from(top.column());
        if (!Address.isInside(column, 0)) {
            return Numbers.none(ValueStore.PAGE);
        }
        int row = reference.row().from(top.row());
        if (!reference.row().fixed()) {
            return values.numbers(number, column, row);
        }
        return Address.isInside(column, row)
                ? Numbers.filled(ValueStore.PAGE, values.get(number, column, row))
                : Numbers.none(ValueStore.PAGE);
    }

    @Override
    public Value range(RangeReference reference, Address origin) {
        return range(reference, origin, folded);
    }

    private Value range(RangeReference reference, Address origin, Folded gathered) {
        Optional<String> at = gridOf(reference.grid());
        if (at.isEmpty()) {
            return EvaluationErrors.unknownGrid(reference.grid().orElse(grid), reference.span());
        }
        return reference
                .from(origin)
                .<Value>map(area -> values.range(
                        links.number(at.get()), area, gathered, failed -> waiting(failed, reference.span())))
                .orElseGet(() -> EvaluationErrors.outsideGrid(reference.span()));
    }

    private Optional<String> gridOf(Optional<String> title) {
        return title.isEmpty() ? Optional.of(grid) : links.gridTitled(title.get());
    }

    /** These cells may be evaluated after the formula in this round, so their aggregates are not cached. */
    @Override
    public Value found(RangeReference reference, Address origin) {
        gridOf(reference.grid())
                .map(links::number)
                .ifPresent(at -> reference.from(origin).ifPresent(area -> finds.accept(new Precedent(at, area))));
        return range(reference, origin, new Folded());
    }

    @Override
    public Set<Integer> hiddenRows(Optional<String> title) {
        return gridOf(title)
                .flatMap(id -> worksheet.outline().grid(id))
                .map(Block.Grid::hiddenRows)
                .orElse(Set.of());
    }

    @Override
    public List<String> grids() {
        return worksheet.outline().grids().map(Block.Grid::title).toList();
    }

    @Override
    public Optional<String> ownGrid() {
        return worksheet.outline().grid(grid).map(Block.Grid::title);
    }

    @Override
    public Optional<String> formula(Optional<String> title, Address cell) {
        return gridOf(title)
                .flatMap(id -> worksheet.cell(id, cell))
                .filter(Cell::isCalculated)
                .map(typed -> typed.text(cell));
    }

    @Override
    public Optional<RangeReference> meant(Name name) {
        return links.target(name.name())
                .flatMap(target -> worksheet
                        .outline()
                        .grid(target.grid())
                        .map(block -> new RangeReference(
                                target.grid().equals(grid) ? Optional.empty() : Optional.of(block.title()),
                                RangeReference.Extent.CELLS,
                                Links.fixed(target.area().first().column()),
                                Links.fixed(target.area().first().row()),
                                Links.fixed(target.area().last().column()),
                                Links.fixed(target.area().last().row()),
                                name.span())));
    }

    @Override
    public Value name(Name name, Address origin) {
        Optional<Target> target = links.target(name.name());
        if (target.isEmpty()) {
            Stream<String> known = suggests ? worksheet.names().all().stream().map(Target::name) : Stream.empty();
            return EvaluationErrors.unknownName(name, Words.near(name.name(), known));
        }
        Area area = target.get().area();
        int number = links.number(target.get().grid());
        if (area.size() > 1) {
            return values.range(number, area, folded, failed -> waiting(failed, name.span()));
        }
        Value value = values.get(number, area.first());
        boolean isFirst = value instanceof Failure failure && failure.cause().isEmpty();
        return isFirst ? ((Failure) value).waitingFor(target.get().name(), name.span()) : seen(value, name.span());
    }

    private Value seen(Value value, Span place) {
        return value instanceof Failure failure ? waiting(failure, place) : value;
    }

    /** The failure of a cell as its dependents have it, which names the cell that failed first. */
    private Failure waiting(Failure failed, Span place) {
        return failed.home().map(home -> failed.waitingFor(called(home), place)).orElse(failed);
    }

    private String called(Failure.Home home) {
        Optional<String> title = home.grid().equals(grid)
                ? Optional.empty()
                : worksheet.outline().grid(home.grid()).map(Block.Grid::title);
        return title.map(other -> Printer.quotedGrid(other) + "." + home.cell()).orElse(home.cell());
    }

    @Override
    public Display display() {
        Display automatic = Display.automatic(worksheet.units());
        return worksheet.settings().comma() ? automatic.withComma() : automatic;
    }

    @Override
    public boolean isTypedInPercent(Expression reference, Address origin) {
        return links.precedent(reference, grid, origin)
                .filter(cells -> cells.area().size() == 1)
                .flatMap(cells ->
                        worksheet.cell(links.grid(cells.grid()), cells.area().first()))
                .filter(typed -> !typed.isCalculated())
                .map(typed -> typed.typed().strip().endsWith("%"))
                .orElse(false);
    }

    @Override
    public Optional<String> holderOf(Real number, String typed) {
        return values.firstWhere(
                        gridNumber,
                        value -> value instanceof NumberValue held
                                && (held.real().equals(number)
                                        || Display.AUTOMATIC.text(held).equals(typed)))
                .map(Address::toString);
    }
}
