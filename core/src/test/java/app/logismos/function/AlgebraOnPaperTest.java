package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Lines;
import app.logismos.Patient;
import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import app.logismos.value.Algebraic;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Calls of algebra and calculus as a student would copy them: the ladder, the answer, its formula in typeset mathematics. That
 * the answers are right is shown elsewhere, by differentiating, putting in, and in digits; here they and the way to them keep
 * the form that was read.
 */
class AlgebraOnPaperTest {
    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);
    private static final String FILE = "function/on-paper.txt";
    /** Calls are taken together, so that a tool that runs single tests of this class does not read the file for each line. */
    private static final int TOGETHER = 10;

    static Stream<Arguments> pages() throws IOException {
        List<String> lines = Lines.of(FILE);
        List<String> calls = lines.stream().filter(line -> line.startsWith("=")).toList();
        if (Boolean.getBoolean("logismos.write")) {
            write(calls);
        }
        List<Arguments> pages = new ArrayList<>();
        for (int first = 0; first < calls.size(); first += TOGETHER) {
            List<String> page = calls.subList(first, Math.min(first + TOGETHER, calls.size()));
            int end = first + TOGETHER < calls.size() ? lines.indexOf(calls.get(first + TOGETHER)) : lines.size();
            pages.add(Arguments.of(
                    page.get(0),
                    page,
                    lines.subList(lines.indexOf(page.get(0)), end).stream().toList()));
        }
        return pages.stream();
    }

    /** With {@code -Dlogismos.write=true} the file is written anew, to be read line by line. */
    private static void write(List<String> calls) throws IOException {
        Path file = Path.of("src", "test", "resources", "app", "logismos").resolve(FILE);
        List<String> lines = new ArrayList<>(Files.readAllLines(file).stream()
                .takeWhile(line -> line.startsWith("#"))
                .toList());
        calls.forEach(call -> lines.addAll(onPaper(call)));
        Files.write(file, lines);
    }

    @ParameterizedTest(name = "{0} and those after it")
    @MethodSource("pages")
    void theWayAndTheAnswerAreAsTheyWereRead(String first, List<String> calls, List<String> lines) {
        assertThat(calls.stream().flatMap(call -> onPaper(call).stream())).isEqualTo(lines);
    }

    private static List<String> onPaper(String call) {
        Calculation calculation =
                CALCULATOR.calculate(call, new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)), Address.FIRST);
        List<String> lines = new ArrayList<>();
        lines.add(call);
        for (ShownStep step : calculation.steps()) {
            lines.add("  " + step.rule().code() + (step.note().isEmpty() ? "" : ", " + step.note()) + ": "
                    + step.after());
        }
        Value value = calculation.value();
        if (value instanceof Failure failure) {
            lines.add("  ! " + failure.code().code() + ": " + failure.message());
        } else {
            lines.add("  → " + PlainText.of(value));
        }
        if (value instanceof Algebraic algebraic) {
            lines.add("  \\ " + algebraic.form().latex());
        }
        if (value instanceof NumberValue number && number.exactForm() != null) {
            lines.add("  = " + number.exactForm().text());
        }
        return lines;
    }
}
