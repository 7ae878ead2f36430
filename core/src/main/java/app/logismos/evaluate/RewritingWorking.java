package app.logismos.evaluate;

import app.logismos.algebra.RewritingStep;
import app.logismos.formula.Expression;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The working of what is written in another way, step by step. */
final class RewritingWorking {
    private static final int MOST_LINES = 60;
    private static final int MOST_CHARACTERS = 20_000;

    private final Evaluator evaluator;

    RewritingWorking(Evaluator evaluator) {
        this.evaluator = evaluator;
    }

    /** The lines, the last of which leads to the answer; none where there would be too many. */
    List<Line> lines(List<RewritingStep> steps) {
        int characters = steps.stream().mapToInt(step -> step.after().length()).sum();
        if (steps.size() > MOST_LINES || characters > MOST_CHARACTERS) {
            return List.of();
        }
        List<Line> lines = new ArrayList<>();
        for (RewritingStep step : steps) {
            Optional<Expression> after = Line.read(step.after(), evaluator);
            if (after.isEmpty()) {
                return List.of();
            }
            lines.add(new Line(rule(step.rule()), step.says(), after.get(), after.get(), after.get()));
        }
        return lines;
    }

    private static Rule rule(RewritingStep.Rule rule) {
        return switch (rule) {
            case EACH_WITH_EACH -> Rule.EACH_WITH_EACH;
            case BINOMIAL_THEOREM -> Rule.BINOMIAL_THEOREM;
            case LIKE_TERMS -> Rule.LIKE_TERMS;
            case POWERS_COLLECTED -> Rule.POWERS_COLLECTED;
            case COMMON_FACTOR -> Rule.COMMON_FACTOR;
            case EQUAL_FACTORS -> Rule.EQUAL_FACTORS;
            case ROOT_DIVIDED_OUT -> Rule.ROOT_DIVIDED_OUT;
            case SPLIT -> Rule.SPLIT;
            case INSIDE_FIRST -> Rule.INSIDE_FIRST;
            case ONE_FRACTION_LINE -> Rule.ONE_FRACTION_LINE;
            case SQUARES_ADDED -> Rule.SQUARES_ADDED;
            case CANCELLED -> Rule.CANCELLED;
            case SHORTEST -> Rule.SHORTEST;
            case DIVIDED -> Rule.DIVIDED;
            case UNKNOWNS_ABOVE -> Rule.UNKNOWNS_ABOVE;
            case MULTIPLIED_BY_DIVISOR -> Rule.MULTIPLIED_BY_DIVISOR;
            case POWERS_COMPARED -> Rule.POWERS_COMPARED;
            case TAYLOR_TERM -> Rule.TAYLOR_TERM;
            case TERMS_APART -> Rule.TERMS_APART;
            case CLOSED_FORM -> Rule.CLOSED_FORM;
            case LHOSPITAL -> Rule.LHOSPITAL;
            case CONJUGATE -> Rule.CONJUGATE;
            case BY_EXPONENTIAL -> Rule.BY_EXPONENTIAL;
            case OTHER_LETTER -> Rule.OTHER_LETTER;
            case COMES_NEAR -> Rule.COMES_NEAR;
            case SLOPE -> Rule.SLOPE;
            case SLOPE_IS_ZERO -> Rule.SLOPE_IS_ZERO;
            case PLACES_COMPARED -> Rule.PLACES_COMPARED;
            case BEST_PLACE -> Rule.BEST_PLACE;
            case PLACE_PUT_IN -> Rule.PLACE_PUT_IN;
            case SIGN_CHANGES -> Rule.SIGN_CHANGES;
            case BY_NUMBERS -> Rule.BY_NUMBERS;
            case SOLUTIONS -> Rule.SOLUTIONS;
        };
    }
}
