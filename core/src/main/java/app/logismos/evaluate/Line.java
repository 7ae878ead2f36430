package app.logismos.evaluate;

import app.logismos.formula.Expression;
import app.logismos.formula.Parser;
import app.logismos.formula.Rewriting;
import java.util.Optional;

/**
 * A line of the ladder that a call's working is.
 *
 * @param note what is done exactly; empty where the rule says it
 * @param worth what it makes of the part
 * @param after what the call comes to by then
 * @param next what is worked next in {@code after}; in the last line {@code after} itself
 */
record Line(Rule rule, String note, Expression worth, Expression after, Expression next) {
    /** What a working writes, as an expression whose unknown words are letters. */
    static Optional<Expression> read(String text, Evaluator evaluator) {
        return Parser.parse(text, 0, evaluator.origin(), Words.STANDARD) instanceof Parser.Outcome.Parsed parsed
                ? Optional.of(parsed.expression()
                        .accept(new Rewriting(
                                (node, parent) -> node instanceof Expression.Name name && !isCalled(parent, node)
                                        ? new Expression.Variable(name.name(), name.span())
                                        : null)))
                : Optional.empty();
    }

    private static boolean isCalled(Optional<Expression> parent, Expression node) {
        return parent.filter(Expression.Application.class::isInstance)
                .filter(call -> ((Expression.Application) call).function() == node)
                .isPresent();
    }
}
