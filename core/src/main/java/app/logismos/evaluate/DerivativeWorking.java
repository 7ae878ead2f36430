package app.logismos.evaluate;

import app.logismos.algebra.Derivative;
import app.logismos.algebra.DerivativeRule;
import app.logismos.algebra.Form;
import app.logismos.formula.Expression;
import app.logismos.formula.Printer;
import app.logismos.formula.Walk;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How a derivative is found, rule by rule, as expressions that can be read and typeset. */
final class DerivativeWorking {
    /** The function that is worked so. */
    static final String FUNCTION = "derivative";

    static final int HIGHEST_ORDER = 100;

    private static final int MOST_LINES = 60;

    private static final int MOST_CHARACTERS = 20_000;

    private final Evaluator evaluator;

    DerivativeWorking(Evaluator evaluator) {
        this.evaluator = evaluator;
    }

    /** None where there would be too many, or one is too long or too deep to be written. */
    List<Line> lines(Form form, Form.Letter by, int order) {
        List<Derivative.Step> steps =
                Derivative.steps(form, by, order, new CatalogueDerivatives(evaluator), MOST_LINES);
        int characters =
                steps.stream().mapToInt(step -> step.after().text().length()).sum();
        if (steps.size() == MOST_LINES || characters > MOST_CHARACTERS) {
            return List.of();
        }
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Derivative.Step step = steps.get(i);
            Optional<Expression> worth = read(step.worth());
            Optional<Expression> after = read(step.after());
            if (worth.isEmpty() || after.isEmpty()) {
                return List.of();
            }
            Expression next = i == steps.size() - 1
                    ? after.get()
                    : call(after.get(), steps.get(i + 1).part());
            lines.add(new Line(rule(step.rule()), "", worth.get(), after.get(), next));
        }
        return lines;
    }

    private Optional<Expression> read(Form form) {
        return Line.read(form.text(), evaluator);
    }

    /** The call for a part: the first that is written so. */
    private Expression call(Expression whole, Form part) {
        String wanted = read(part).map(this::written).orElse("");
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
