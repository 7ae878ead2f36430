package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Lines;
import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.PlainText;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Workings as they stand on paper: with the steps alone a student can do the calculation again. */
class WrittenWorkingsTest {
    static Stream<Arguments> workings() {
        List<List<String>> blocks = new ArrayList<>();
        for (String line : Lines.of("evaluate/workings.txt")) {
            if (line.startsWith("=")) {
                blocks.add(new ArrayList<>());
            }
            blocks.get(blocks.size() - 1).add(line);
        }
        return blocks.stream().map(block -> Arguments.of(block.get(0), block.subList(1, block.size())));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("workings")
    void aCalculationIsWorkedAsOnPaper(String entry, List<String> lines) {
        assertThat(written(entry)).isEqualTo(lines);
    }

    private static List<String> written(String entry) {
        Calculation calculation =
                new Calculator(Patient.LIMITS).calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST);
        List<String> lines = new ArrayList<>();
        String last = PlainText.of(calculation.value());
        for (ShownStep step : calculation.steps()) {
            String before = step.before();
            lines.add("  " + before.substring(0, step.part().start()) + "["
                    + step.part().in(before) + "]"
                    + before.substring(step.part().end()) + "   "
                    + step.rule().code()
                    + (step.note().isEmpty() ? "" : ": " + step.note()) + " = " + step.value());
            last = step.after();
        }
        lines.add("  → " + last);
        calculation
                .hints()
                .forEach(hint -> lines.add("  ? " + hint.code() + ": " + hint.message() + " ⇒ " + hint.replacement()));
        return lines;
    }
}
