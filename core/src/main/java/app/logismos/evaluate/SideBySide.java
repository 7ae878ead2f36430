package app.logismos.evaluate;

import app.logismos.formula.Address;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.InfixOperator;
import app.logismos.number.Reals;
import app.logismos.unit.Unit;
import app.logismos.value.Numbers;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Vectorised evaluation of {@link PlainArithmetic} for consecutive cells of a column with the same formula, none of which
 * refers to another. Units are resolved once for all cells, and each node of the expression reuses one buffer.
 */
public final class SideBySide {
    /** Nothing where it is another kind of expression after all. */
    private final Optional<Expression> expression;

    private final Columns columns;
    private final Scope scope;
    private final int size;
    private final Numbers none;
    private final Map<Expression, Reals> places = new IdentityHashMap<>();
    private final Map<Expression, Numbers> singles = new IdentityHashMap<>();

    /** Numbers of cells below each other. */
    @FunctionalInterface
    public interface Columns {
        /** The numbers that a reference means in cells below each other, of which {@code top} is the first. */
        Numbers numbers(CellReference reference, Address top);
    }

    /**
     * Begins with the expression of some cells, the rules of functions of one's own written in.
     *
     * @param size how many cells are worked out at the most at once
     * @param origin one of the cells
     */
    public static SideBySide of(
            Expression expression, Columns columns, Scope scope, int size, Address origin, Limits limits) {
        Optional<Expression> written = PlainArithmetic.hasCall(expression)
                ? PlainArithmetic.writtenOut(expression, new Evaluator(scope, origin, limits, Budget.of(limits)))
                : Optional.of(expression);
        return new SideBySide(written, columns, scope, size);
    }

    private SideBySide(Optional<Expression> expression, Columns columns, Scope scope, int size) {
        this.expression = expression;
        this.columns = columns;
        this.scope = scope;
        this.size = size;
        this.none = Numbers.none(size);
    }

    /**
     * The values of some cells; where there is none, {@link Evaluator} says why or finds it.
     *
     * @param top the first of the cells; those from {@code from} to before {@code until} are worked out
     * @return good until the next call
     */
    public Numbers values(Address top, int from, int until) {
        return expression.map(each -> values(each, top, from, until)).orElse(none);
    }

    private Numbers values(Expression node, Address top, int from, int until) {
        if (PlainArithmetic.isSquare(node)) {
            Numbers base = values(PlainArithmetic.squared(node), top, from, until);
            if (base.unit() != Unit.ONE) {
                return none;
            }
            Reals made = places.computeIfAbsent(node, each -> new Reals(size));
            made.setProducts(base.reals(), base.reals(), from, until);
            return new Numbers(made, Unit.ONE);
        }
        if (node instanceof Infix infix) {
            Numbers left = values(infix.left(), top, from, until);
            Numbers right = values(infix.right(), top, from, until);
            @Nullable Unit unit = Quantities.commonUnit(infix.operator(), left.unit(), right.unit());
            if (unit == null) {
                return none;
            }
            Reals made = places.computeIfAbsent(node, each -> new Reals(size));
            set(made, infix.operator(), left.reals(), right.reals(), from, until);
            return new Numbers(made, unit);
        }
        if (node instanceof Group group) {
            return values(group.inner(), top, from, until);
        }
        return node instanceof CellReference cell
                ? columns.numbers(cell, top)
                : singles.computeIfAbsent(node, each -> Numbers.filled(size, PlainArithmetic.single(each, scope, top)));
    }

    private static void set(Reals made, InfixOperator operator, Reals left, Reals right, int from, int until) {
        switch (operator) {
            case PLUS -> made.setSums(left, right, from, until);
            case MINUS -> made.setDifferences(left, right, from, until);
            case TIMES -> made.setProducts(left, right, from, until);
            case DIVIDE -> made.setQuotients(left, right, from, until);
            case MOD, DIV, POWER, EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST, JOIN ->
                throw new IllegalArgumentException("operator must be one of plain arithmetic, was " + operator);
        }
    }
}
