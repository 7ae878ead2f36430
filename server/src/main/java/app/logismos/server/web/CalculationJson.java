package app.logismos.server.web;

import app.logismos.display.Display;
import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Hint;
import app.logismos.evaluate.Step;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A calculation with its steps and hints. */
public record CalculationJson(
        ResultJson result,
        String latex,
        List<StepJson> steps,
        List<Hint> hints,
        @Nullable ErrorJson error) {
    /**
     * One step of the working.
     *
     * @param part first character worked, and the one after the last, in {@code before}
     * @param rule its code
     * @param label the rule in words
     * @param note the calculation behind it; may be empty
     * @param latex {@code before} typeset with the part marked; may be empty
     */
    public record StepJson(
            String before,
            List<Integer> part,
            String rule,
            String label,
            String note,
            String value,
            String after,
            String latex) {
        static StepJson of(Step step) {
            return new StepJson(
                    step.before(),
                    List.of(step.part().start(), step.part().end()),
                    step.rule().code(),
                    step.rule().label(),
                    step.note(),
                    step.value(),
                    step.after(),
                    step.latex());
        }
    }

    /** The calculation, with its result shown as a cell shows it. */
    public static CalculationJson of(Calculation calculation, Display display) {
        return new CalculationJson(
                ResultJson.of(display.measured(calculation.value()), display.style()),
                calculation.latex(),
                calculation.steps().stream().map(StepJson::of).toList(),
                calculation.hints(),
                ErrorJson.of(calculation.value()));
    }
}
