package app.logismos.evaluate;

import app.logismos.algebra.Equation;
import app.logismos.algebra.SolvingStep;
import app.logismos.formula.Expression;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The working of equations: each line has the equations as they are by then, one below the other. */
final class EquationWorking {
    private static final int MOST_LINES = 60;
    private static final int MOST_CHARACTERS = 20_000;

    private final Evaluator evaluator;

    EquationWorking(Evaluator evaluator) {
        this.evaluator = evaluator;
    }

    /** The lines and a last one, whose place the answer takes; none where there would be too many. */
    List<Line> lines(List<SolvingStep> steps, Expression call) {
        int characters = steps.stream()
                .flatMap(step -> step.equations().stream())
                .mapToInt(equation -> equation.text().length())
                .sum();
        if (steps.isEmpty() || steps.size() > MOST_LINES || characters > MOST_CHARACTERS) {
            return List.of();
        }
        List<Line> lines = new ArrayList<>();
        for (SolvingStep step : steps) {
            Optional<Expression> after = Line.read(written(step.equations()), evaluator);
            if (after.isEmpty()) {
                return List.of();
            }
            lines.add(new Line(rule(step.rule()), step.says(), after.get(), after.get(), after.get()));
        }
        lines.add(new Line(Rule.SOLUTIONS, "", call, call, call));
        return lines;
    }

    private static String written(List<Equation> equations) {
        return equations.size() == 1
                ? equations.get(0).text()
                : equations.stream().map(Equation::text).collect(Collectors.joining("; ", "{", "}"));
    }

    private static Rule rule(SolvingStep.Rule rule) {
        return switch (rule) {
            case BOTH_SIDES -> Rule.BOTH_SIDES;
            case FACTORS -> Rule.FACTORS;
            case QUADRATIC_FORMULA -> Rule.QUADRATIC_FORMULA;
            case SUBSTITUTION -> Rule.ELIMINATION;
            case INVERSE_FUNCTION -> Rule.INVERSE_FUNCTION;
            case ROOT -> Rule.ROOT_OF_BOTH_SIDES;
            case SQUARING -> Rule.POWER_OF_BOTH_SIDES;
            case ISOLATED_ROOTS -> Rule.ISOLATED_ROOTS;
            case PUT_IN -> Rule.PUT_IN;
            case CHECKED -> Rule.CHECKED;
            case SOLUTIONS -> Rule.SOLUTIONS;
        };
    }
}
