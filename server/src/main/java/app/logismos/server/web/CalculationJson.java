package app.logismos.server.web;

import app.logismos.display.DecimalMark;
import app.logismos.display.Display;
import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Hint;
import app.logismos.evaluate.ShownStep;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A calculation with its steps and hints.
 *
 * @param latex the expression typeset; empty where it could not be read or is too long to set
 * @param fraction the result typeset as a fraction, where the steps go on in fractions; else empty
 */
public record CalculationJson(
        ResultJson result,
        String latex,
        List<StepJson> steps,
        String fraction,
        List<Hint> hints,
        @Nullable ErrorJson error) {
    /**
     * One step of the working.
     *
     * @param part first character worked, and the one after the last, in {@code before}
     * @param rule its code
     * @param label the rule in words
     * @param note the calculation behind it; may be empty
     * @param main whether it is one of the main steps, which are read where smaller ones are folded away
     * @param rounded whether a value in {@code after} is only near the number that it stands for
     * @param latex {@code before} typeset with the part marked; may be empty
     */
    public record StepJson(
            String before,
            List<Integer> part,
            String rule,
            String label,
            String note,
            boolean main,
            String value,
            boolean rounded,
            String after,
            String latex) {
        static StepJson of(ShownStep step, DecimalMark mark) {
            return new StepJson(
                    mark.expression(step.before()),
                    List.of(step.part().start(), step.part().end()),
                    step.rule().code(),
                    step.rule().label(),
                    mark.number(step.note()),
                    step.rule().isMain(),
                    mark.expression(step.value()),
                    step.rounded(),
                    mark.expression(step.after()),
                    mark.latex(step.latex()));
        }
    }

    /** The calculation, with its result shown as a cell shows it. */
    public static CalculationJson of(Calculation calculation, Display display) {
        DecimalMark mark = display.mark();
        return new CalculationJson(
                ResultJson.of(calculation.value(), display),
                mark.latex(calculation.latex()),
                calculation.steps().stream()
                        .map(step -> StepJson.of(step, mark))
                        .toList(),
                mark.latex(calculation.fraction()),
                calculation.hints().stream()
                        .map(hint -> new Hint(hint.code(), hint.message(), display.write(hint.replacement())))
                        .toList(),
                ErrorJson.of(calculation.value(), display));
    }
}
