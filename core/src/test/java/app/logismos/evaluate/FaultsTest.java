package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Lines;
import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What people get wrong while typing: each error is a sentence with a place, and where there is one, a way out. */
class FaultsTest {
    static List<String> lines() {
        return Lines.of("evaluate/faults.txt");
    }

    @ParameterizedTest
    @MethodSource("lines")
    void anEntryThatFailsSaysWhatIsWrongWhereAndWhatToDo(String line) {
        assertThat(written(entry(line))).isEqualTo(line);
    }

    @ParameterizedTest
    @MethodSource("lines")
    void whoTakesAWayOutDoesNotMeetTheSameErrorAgain(String line) {
        if (value(entry(line)) instanceof Failure failure) {
            for (Fix fix : failure.fixes()) {
                String again = value(fix.replacement()) instanceof Failure next ? next.message() : "";
                assertThat(again).isNotEqualTo(failure.message());
            }
        }
    }

    /** An entry has no spaces around a bar. */
    private static String entry(String line) {
        return line.substring(0, line.indexOf(" | "));
    }

    private static String written(String entry) {
        Value value = value(entry);
        if (!(value instanceof Failure failure)) {
            return entry + " | " + PlainText.of(value);
        }
        String place = failure.place()
                .map(at -> at.start() + "-" + at.end() + " [" + at.in(entry) + "]")
                .orElse("-");
        String ways = failure.fixes().stream()
                .map(fix -> fix.label() + " ⇒ " + fix.replacement())
                .collect(Collectors.joining("; "));
        return String.join(" | ", entry, failure.code().code(), place, failure.message(), ways);
    }

    private static Value value(String entry) {
        return new Calculator(Patient.LIMITS)
                .calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }
}
