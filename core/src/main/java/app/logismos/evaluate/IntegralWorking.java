package app.logismos.evaluate;

import app.logismos.algebra.Antiderivative;
import app.logismos.algebra.IntegralRule;
import app.logismos.formula.Expression;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The working of an integral: a rule in each line, and the limits put into the antiderivative at last. */
final class IntegralWorking {
    private static final int MOST_LINES = 60;
    private static final int MOST_CHARACTERS = 20_000;

    private final Evaluator evaluator;

    IntegralWorking(Evaluator evaluator) {
        this.evaluator = evaluator;
    }

    /**
     * The lines; none where there would be too many.
     *
     * @param ends the antiderivative at both limits, as text; nothing where there are none
     */
    List<Line> lines(Antiderivative.Answer answer, Optional<String> ends, Expression call) {
        int characters =
                answer.steps().stream().mapToInt(step -> step.after().length()).sum();
        if (answer.steps().size() > MOST_LINES || characters > MOST_CHARACTERS) {
            return List.of();
        }
        List<Line> lines = new ArrayList<>();
        for (Antiderivative.Step step : answer.steps()) {
            Optional<Expression> after = Line.read(step.after(), evaluator);
            Optional<Expression> worth = Line.read(step.worth(), evaluator);
            if (after.isEmpty() || worth.isEmpty()) {
                return List.of();
            }
            lines.add(new Line(rule(step.rule()), step.says(), worth.get(), after.get(), after.get()));
        }
        ends.flatMap(text -> Line.read(text, evaluator)).ifPresent(put -> {
            lines.add(new Line(Rule.LIMITS_PUT_IN, "", put, put, put));
            lines.add(new Line(Rule.LAST_OPERATION, "", call, call, call));
        });
        return lines;
    }

    private static Rule rule(IntegralRule rule) {
        return switch (rule) {
            case CONSTANT -> Rule.INTEGRAL_OF_CONSTANT;
            case SUM -> Rule.INTEGRAL_OF_SUM;
            case CONSTANT_FACTOR -> Rule.CONSTANT_FACTOR;
            case POWER -> Rule.INTEGRAL_OF_POWER;
            case STANDARD_FORM -> Rule.STANDARD_INTEGRAL;
            case SUBSTITUTION -> Rule.PUT_IN;
            case PARTS -> Rule.BY_PARTS;
            case BOTH_SIDES -> Rule.INTEGRAL_THERE_AGAIN;
            case UNKNOWNS_ABOVE -> Rule.UNKNOWNS_ABOVE;
            case PARTIAL_FRACTIONS -> Rule.PARTIAL_FRACTIONS;
            case ANGLE_SUMS -> Rule.ANGLE_SUMS;
            case MULTIPLIED_OUT -> Rule.OTHERWISE_WRITTEN;
            case COMPLETED_SQUARE -> Rule.COMPLETED_SQUARE;
            case REDUCTION -> Rule.REDUCTION_FORMULA;
            case UNKNOWN_NUMBERS -> Rule.UNKNOWN_NUMBERS;
            case DERIVATIVE_COMPARED -> Rule.DERIVATIVE_COMPARED;
            case POWERS_COMPARED -> Rule.POWERS_COMPARED;
        };
    }
}
