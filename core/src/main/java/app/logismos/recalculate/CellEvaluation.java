package app.logismos.recalculate;

import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.Budget;
import app.logismos.evaluate.EvaluationErrors;
import app.logismos.evaluate.Evaluator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.PlainArithmetic;
import app.logismos.evaluate.Scope;
import app.logismos.evaluate.SideBySide;
import app.logismos.formula.Address;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.function.Surroundings;
import app.logismos.number.Real;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Worksheet;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Table;
import app.logismos.value.Value;
import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Evaluates single cells of a worksheet with the current values of all others. */
final class CellEvaluation {
    /** Slow cells together have the time of this many calculations. After that, each has a fraction of one. */
    private static final int SLOW_CELLS = 4;

    private static final int MOMENTS = 40;

    private Duration slow = Duration.ZERO;
    private final Worksheet worksheet;
    private final Links links;
    private final Values values;
    private final Limits limits;
    private final Folded folded = new Folded();
    private final List<Precedent> found = new ArrayList<>();
    private final List<SheetScope> scopes = new ArrayList<>();
    private final SheetScope.Supposition supposition;
    private @Nullable Surroundings surroundings;
    private @Nullable LongOpenHashSet only;
    private @Nullable Budget within;

    CellEvaluation(Worksheet worksheet, Links links, Values values, Limits limits, SheetScope.Supposition supposition) {
        this.worksheet = worksheet;
        this.links = links;
        this.values = values;
        this.limits = limits;
        this.supposition = supposition;
    }

    /**
     * Leaves all cells but some as they are.
     *
     * @param budget the time for all of them
     */
    void restrict(LongOpenHashSet cells, Budget budget) {
        only = cells;
        within = budget;
    }

    /** The time for all cells of a supposition, of the outermost where it is part of another. */
    Budget within(Budget budget) {
        return within == null ? budget : within;
    }

    /** Whether a formula stays as it is, whatever it refers to. */
    boolean isLeft(long key) {
        return only != null && !only.contains(key);
    }

    /** Discards caches: cells may have changed since the last evaluation. */
    void startRound() {
        folded.clear();
        scopes.clear();
    }

    Worksheet worksheet() {
        return worksheet;
    }

    Links links() {
        return links;
    }

    Values values() {
        return values;
    }

    /** Where formulas of a grid find what they refer to; see {@link SheetScope} for {@code suggests}. */
    SheetScope scope(String grid, boolean suggests) {
        return new SheetScope(
                worksheet,
                links,
                values,
                grid,
                links.number(grid),
                surroundings(),
                suggests ? new Folded() : folded,
                suggests,
                suggests ? ignored -> {} : found::add,
                supposition);
    }

    private Surroundings surroundings() {
        boolean inDegrees = worksheet.settings().degrees();
        boolean complex = worksheet.settings().complex();
        boolean isAsBefore = surroundings != null
                && inDegrees == (surroundings.angle() == Surroundings.Angle.DEGREES)
                && complex == surroundings.complex();
        if (!isAsBefore) {
            surroundings = Surroundings.of(
                            inDegrees ? Surroundings.Angle.DEGREES : Surroundings.Angle.RADIANS, worksheet.units())
                    .withComplexAnswers(complex);
        }
        return surroundings;
    }

    /** The references that the last evaluated formula has found at run time. */
    List<Precedent> found() {
        return List.copyOf(found);
    }

    /** The value of the formula in a cell, within the bounds of one calculation. */
    Value value(long key) {
        int number = CellKey.grid(key);
        Address at = CellKey.address(key);
        found.clear();
        if (within != null) {
            within.checkNow();
        }
        Scope scope = scope(number);
        Links.Formula formula = links.formula(key);
        Real plain = formula.isArithmetic() ? plain(formula.expression(), scope, at) : null;
        if (plain != null) {
            return new NumberValue(plain);
        }
        Value value = bounded(formula.expression(), scope, at);
        if (value instanceof Failure) {
            // The shared expression has the places of the cell that was read first; this cell's own are wanted here.
            Cell cell = worksheet.cell(links.grid(number), at).orElseThrow();
            value = bounded(ownExpression(cell, at), scope, at);
        }
        return value;
    }

    /** Evaluates cells that share this cell's arithmetic formula, one page at a time. */
    SideBySide sideBySide(long key) {
        SheetScope scope = scope(CellKey.grid(key));
        return SideBySide.of(
                links.formula(key).expression(), scope, scope, ValueStore.PAGE, CellKey.address(key), limits);
    }

    private SheetScope scope(int number) {
        for (int each = scopes.size(); each <= number; each++) {
            scopes.add(scope(links.grid(each), false));
        }
        return scopes.get(number);
    }

    private static @Nullable Real plain(Expression expression, Scope scope, Address at) {
        try {
            return PlainArithmetic.value(expression, scope, at);
        } catch (Budget.Stopped allTogetherTookLong) {
            return null; // each has a time of its own from here on
        }
    }

    /**
     * Works cells out. All of them together have some seconds for those that take long by themselves: past that each of
     * these has a moment only, so that an edit ends in time however many there are.
     */
    <T> T settling(Supplier<T> work) {
        slow = Duration.ZERO;
        return Bounded.within(Budget.of(limits), work);
    }

    private Limits limitsOfNext() {
        return slow.compareTo(limits.time().multipliedBy(SLOW_CELLS)) < 0
                ? limits
                : new Limits(limits.time().dividedBy(MOMENTS), limits.tableCells(), limits.bytes(), limits.steps());
    }

    private Value bounded(Expression expression, Scope scope, Address at) {
        Limits own = limitsOfNext();
        Budget budget = Budget.of(own);
        try {
            Value value = Bounded.within(budget, () -> new Evaluator(scope, at, own, budget).value(expression));
            return value instanceof Table table
                    ? held(table, expression)
                    : value == Blank.BLANK ? NumberValue.of(0) : value;
        } catch (Budget.Stopped stopped) {
            return stopped.failure(limits);
        } finally {
            slow = slow.plus(budget.spent());
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
        return ArrayTable.copyOf(table);
    }

    private Expression ownExpression(Cell cell, Address at) {
        return EntryReader.read(cell.text(at), at, worksheet.vocabulary()) instanceof Entry.Calculation own
                ? own.expression()
                : ((Entry.Calculation) cell.entry()).expression();
    }
}
