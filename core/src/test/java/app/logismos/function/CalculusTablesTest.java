package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Lines;
import app.logismos.Patient;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Derivatives, limits and equations in tables; where their sources stand is said there. */
class CalculusTablesTest {
    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);

    private static Stream<Arguments> cases(String file) {
        return Lines.of("function/" + file).stream()
                .map(line -> line.split(" \\| "))
                .map(Arguments::of);
    }

    static Stream<Arguments> derivatives() {
        return cases("derivatives.txt");
    }

    static Stream<Arguments> limits() {
        return cases("limits.txt");
    }

    static Stream<Arguments> equations() {
        return cases("equations.txt");
    }

    /** What a number is exactly, where that is known. */
    private static String worth(String entry) {
        Value value = CALCULATOR
                .calculate("=" + entry, new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)), Address.FIRST)
                .value();
        Value single = value instanceof Table table && table.rows() * table.columns() == 1 ? table.at(0, 0) : value;
        if (single instanceof Failure failure) {
            return failure.code().code();
        }
        return single instanceof NumberValue number && number.exactForm() != null
                ? number.exactForm().text()
                : PlainText.of(single);
    }

    @ParameterizedTest(name = "the derivative of {0} is {1}")
    @MethodSource("derivatives")
    void aDerivativeIs(String form, String derivative) {
        assertThat(worth("derivative(" + form + ", x)")).isEqualTo(derivative);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @MethodSource("limits")
    void aLimitIs(String call, String limit) {
        assertThat(worth(call)).isEqualTo(limit);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @MethodSource("equations")
    void solutionsAre(String call, String solutions) {
        assertThat(worth(call)).isEqualTo(solutions);
    }
}
