package app.logismos.evaluate;

import app.logismos.formula.Address;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.Rewriting;
import app.logismos.formula.Walk;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A fast path for the usual formulas of long columns: arithmetic of numbers and of cells that hold numbers. Whenever it
 * does not apply, and for every error, the {@link Evaluator} evaluates the expression and reports positions.
 */
public final class PlainArithmetic {
    private static final Set<InfixOperator> OPERATORS =
            EnumSet.of(InfixOperator.PLUS, InfixOperator.MINUS, InfixOperator.TIMES, InfixOperator.DIVIDE);

    /**
     * Expressions with at most this many operations end in time whatever the numbers are, and need no check of the
     * clock.
     */
    private static final int MOST_NODES = 64;

    /** Functions that call functions are written out so many times. */
    private static final int MOST_INSIDE = 4;

    private static final Rational TWO = Rational.of(2);

    private PlainArithmetic() {}

    /** Whether the expression is of this kind; asked once for all cells that repeat it. */
    public static boolean suits(Expression expression) {
        int[] nodes = {0};
        Walk.visit(expression, node -> nodes[0] += isPart(node) ? 1 : MOST_NODES);
        return nodes[0] < MOST_NODES;
    }

    private static boolean isPart(Expression node) {
        return node instanceof Infix infix && OPERATORS.contains(infix.operator())
                || isSquare(node)
                || node instanceof Application
                || node instanceof Group
                || node instanceof Literal
                || node instanceof CellReference
                || node instanceof Name;
    }

    /** Whether this is a second power, which is a product. */
    static boolean isSquare(Expression node) {
        return node instanceof Infix infix
                        && infix.operator() == InfixOperator.POWER
                        && infix.right() instanceof Literal exponent
                        && exponent.value() instanceof NumberValue number
                        && number.real().equals(TWO)
                || node instanceof Superscript raised && raised.exponent() == 2;
    }

    /** What is squared. */
    static Expression squared(Expression square) {
        return square instanceof Infix infix ? infix.left() : ((Superscript) square).base();
    }

    /**
     * The expression with the rules of functions of one's own written in their places, so that cells which call them are
     * worked out side by side; nothing where a rule is no plain arithmetic, or a call is not sound.
     */
    static Optional<Expression> writtenOut(Expression expression, Evaluator evaluator) {
        Expression written = expression;
        for (int depth = 0; depth < MOST_INSIDE && hasCall(written); depth++) {
            try {
                written = written.accept(new Rewriting((node, parent) -> node instanceof Application call
                        ? new Group(OwnCall.of(call, evaluator).written(), node.span())
                        : null));
            } catch (OwnCall.Unsound unsound) {
                return Optional.empty();
            }
        }
        return hasCall(written) || !suits(written) ? Optional.empty() : Optional.of(written);
    }

    static boolean hasCall(Expression expression) {
        boolean[] has = {false};
        Walk.visit(expression, node -> has[0] |= node instanceof Application);
        return has[0];
    }

    /** The value in a cell of an expression that {@link #suits}; null where a part is no plain number. */
    public static @Nullable Real value(Expression node, Scope scope, Address origin) {
        if (node instanceof Application) {
            return null;
        }
        if (isSquare(node)) {
            Real base = value(squared(node), scope, origin);
            return base != null && base.times(base) instanceof Real real ? real : null;
        }
        if (node instanceof Infix infix) {
            Real left = value(infix.left(), scope, origin);
            Real right = left == null ? null : value(infix.right(), scope, origin);
            return right != null && Operators.plain(infix.operator(), left, right) instanceof Real real ? real : null;
        }
        if (node instanceof Group group) {
            return value(group.inner(), scope, origin);
        }
        return number(node instanceof CellReference cell ? scope.cell(cell, origin) : single(node, scope, origin));
    }

    /** The part that is the same for all cells that share the expression. */
    static Value single(Expression node, Scope scope, Address origin) {
        return node instanceof Literal literal ? literal.value() : scope.name((Name) node, origin);
    }

    private static @Nullable Real number(Value value) {
        return value instanceof NumberValue number ? number.real() : null;
    }
}
