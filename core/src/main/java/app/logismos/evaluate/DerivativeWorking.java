package app.logismos.evaluate;

import app.logismos.algebra.Derivative;
import app.logismos.algebra.DerivativeRule;
import app.logismos.algebra.Form;
import app.logismos.formula.Expression;
import app.logismos.formula.Parser;
import app.logismos.formula.Printer;
import app.logismos.formula.Rewriting;
import app.logismos.formula.Walk;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How a derivative is found, rule by rule, as expressions that can be read and typeset. */
final class DerivativeWorking {
    /** The function that is worked so. */
    static final String FUNCTION = "derivative";

    static final int HIGHEST_ORDER = 100;

    private static final int MOST_LINES = 60;

    private final Evaluator evaluator;

    DerivativeWorking(Evaluator evaluator) {
        this.evaluator = evaluator;
    }

    /**
     * A rule applied.
     *
     * @param worth what it makes of the part
     * @param after what the call comes to by then
     * @param next what is differentiated next in {@code after}; in the last line {@code after} itself
     */
    record Line(Rule rule, Expression worth, Expression after, Expression next) {}

    /** None where there would be too many, or one cannot be written. */
    List<Line> lines(Form form, Form.Letter by, int order) {
        List<Derivative.Step> steps =
                Derivative.steps(form, by, order, new CatalogueDerivatives(evaluator), MOST_LINES);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Derivative.Step step = steps.get(i);
            boolean isLast = i == steps.size() - 1;
            if (step.after().text().length() > Parser.MAX_LENGTH) {
                return List.of();
            }
            Expression after = read(step.after());
            Expression next = isLast ? after : call(after, steps.get(i + 1).part());
            lines.add(new Line(rule(step.rule()), read(step.worth()), after, next));
        }
        return lines.size() < MOST_LINES ? lines : List.of();
    }

    private Expression read(Form form) {
        if (Parser.parse(form.text(), 0, evaluator.origin(), Words.STANDARD) instanceof Parser.Outcome.Parsed parsed) {
            return parsed.expression().accept(new Rewriting((node, parent) -> letter(node, form)));
        }
        throw new IllegalStateException("a form must read back, was " + form.text());
    }

    /** A word stands for any number here, and not for what a name has. */
    private static @Nullable Expression letter(Expression node, Form form) {
        return node instanceof Expression.Name name && form.has(new Form.Letter(name.name()))
                ? new Expression.Variable(name.name(), name.span())
                : null;
    }

    /** The call for a part: the first that is written so. */
    private Expression call(Expression whole, Form part) {
        String wanted = written(read(part));
        List<Expression> found = new ArrayList<>();
        Walk.visit(whole, node -> {
            if (found.isEmpty()
                    && node instanceof Expression.Call
                    && written(node).equals(wanted)) {
                found.add(node);
            }
        });
        return found.isEmpty() ? whole : found.get(0);
    }

    private String written(Expression expression) {
        return Printer.text(expression, evaluator.origin());
    }

    private static Rule rule(DerivativeRule rule) {
        return switch (rule) {
            case CONSTANT -> Rule.DERIVATIVE_OF_CONSTANT;
            case VARIABLE -> Rule.DERIVATIVE_OF_VARIABLE;
            case SUM -> Rule.SUM_RULE;
            case CONSTANT_FACTOR -> Rule.CONSTANT_FACTOR;
            case POWER -> Rule.POWER_RULE;
            case PRODUCT -> Rule.PRODUCT_RULE;
            case QUOTIENT -> Rule.QUOTIENT_RULE;
            case CHAIN -> Rule.CHAIN_RULE;
            case EXPONENTIAL -> Rule.EXPONENTIAL_RULE;
            case LOGARITHMIC -> Rule.LOGARITHMIC_RULE;
            case FUNCTION -> Rule.DERIVATIVE_OF_FUNCTION;
        };
    }
}
