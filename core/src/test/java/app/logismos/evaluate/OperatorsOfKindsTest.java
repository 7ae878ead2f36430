package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Lines;
import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The whole table of operators and kinds: nothing turns silently into another kind (language, sections 2, 3, 5 and 10). */
class OperatorsOfKindsTest {
    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);

    static Stream<Arguments> table() {
        List<List<String>> lines = Lines.of("evaluate/operators-of-kinds.txt").stream()
                .map(line -> List.of(line.split(" \\| ")))
                .toList();
        List<String> rights = lines.get(0).subList(2, lines.get(0).size());
        return lines.stream().skip(1).map(line -> {
            List<String> expressions = rights.stream()
                    .map(right -> "(" + line.get(1) + ") " + line.get(0) + " (" + right + ")")
                    .toList();
            return Arguments.of(line.get(1) + " " + line.get(0), expressions, line.subList(2, line.size()));
        });
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("table")
    void whatAnOperatorMakesOfTwoKindsIsAsTheTableSays(String left, List<String> expressions, List<String> results) {
        List<String> worked = expressions.stream()
                .map(expression -> expression + " = " + shown(value(expression)))
                .toList();
        List<String> expected = IntStream.range(0, expressions.size())
                .mapToObj(i -> expressions.get(i) + " = " + results.get(i))
                .toList();
        assertThat(worked).isEqualTo(expected);
    }

    private static Value value(String expression) {
        return CALCULATOR
                .calculate(expression, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }

    /** A value in full; an error as its code and what it points at. */
    private static String shown(Value value) {
        if (value instanceof Failure failure) {
            return failure.code().code()
                    + failure.place()
                            .map(place -> " " + place.start() + "-" + place.end())
                            .orElse("");
        }
        if (value instanceof Table table) {
            return IntStream.range(0, table.rows())
                    .mapToObj(row -> IntStream.range(0, table.columns())
                            .mapToObj(column -> shown(table.at(row, column)))
                            .collect(Collectors.joining(", ")))
                    .collect(Collectors.joining("; ", "{", "}"));
        }
        return PlainText.of(value);
    }
}
