package app.logismos.evaluate;

import app.logismos.catalogue.Catalogue;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.Rewriting;
import app.logismos.formula.Walk;
import app.logismos.function.Bound;
import app.logismos.function.Function;
import app.logismos.value.Span;
import app.logismos.value.Value;
import java.util.Optional;

/** The terms that a call with a bound variable is short for: the expression with each value put in. */
final class Terms {
    private Terms() {}

    /**
     * All terms with the operator between them, in brackets where they would read otherwise; nothing where a call within
     * binds the same word for itself.
     */
    static Optional<Expression> joined(Bound bound, Function.WrittenOut terms, Span place) {
        Expression all = null;
        if (isBoundAgain(bound)) {
            return Optional.empty();
        }
        for (Value at : terms.places()) {
            Expression term = bracketed(substituted(bound, at), terms.between());
            all = all == null ? term : new Infix(terms.between(), all, term, place);
        }
        return Optional.ofNullable(all);
    }

    private static boolean isBoundAgain(Bound bound) {
        boolean[] found = {false};
        Walk.visit(bound.expression(), node -> found[0] |= node instanceof Call call && binds(call, bound.variable()));
        return found[0];
    }

    private static boolean binds(Call call, String variable) {
        return Catalogue.STANDARD
                        .function(call.function())
                        .flatMap(Function::binding)
                        .isPresent()
                && call.arguments().stream()
                        .anyMatch(argument ->
                                argument.value().orElse(null) instanceof Variable word && word.is(variable));
    }

    /** Terms share no nodes, since the working tells nodes apart by identity. */
    private static Expression substituted(Bound bound, Value value) {
        return bound.expression().accept(new Rewriting((node, parent) -> {
            if (node instanceof Literal literal) {
                return new Literal(literal.value(), literal.source(), literal.span());
            }
            if (node instanceof Constant constant) {
                return new Constant(constant.name(), constant.span());
            }
            return node instanceof Variable word && word.is(bound.variable()) ? put(value, parent, node) : null;
        }));
    }

    private static Expression put(Value value, Optional<Expression> parent, Expression node) {
        Literal literal = Working.literal(value, node.span());
        boolean isAlone = parent.isEmpty() || parent.get() instanceof Call;
        return isAlone || !literal.source().startsWith("-") ? literal : new Group(literal, node.span());
    }

    private static Expression bracketed(Expression term, InfixOperator between) {
        boolean isClose = term instanceof Group
                || term instanceof Call
                || term instanceof Superscript
                || term instanceof Literal literal && !literal.source().startsWith("-")
                || term instanceof Infix infix && infix.operator().level() > between.level();
        return isClose ? term : new Group(term, term.span());
    }
}
