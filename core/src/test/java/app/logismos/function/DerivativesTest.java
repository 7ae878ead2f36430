package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.catalogue.Catalogue;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Expression;
import app.logismos.formula.Parser;
import app.logismos.formula.Walk;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A function's declared derivative is an expression of its parameters, and is its slope. */
class DerivativesTest {
    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);
    private static final double STEP = 1e-5;

    static Stream<Function> declared() {
        return Catalogue.STANDARD.functions().stream()
                .filter(function -> !function.derivatives().isEmpty());
    }

    @Test
    void manyFunctionsHaveOne() {
        assertThat(declared().count()).isGreaterThan(20);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("declared")
    void itHasNoOtherWordsThanTheParameters(Function function) {
        List<String> parameters =
                function.parameters().stream().map(Parameter::name).toList();
        function.derivatives().values().forEach(text -> {
            Parser.Outcome outcome = Parser.parse(text, 0, Address.FIRST, Words.STANDARD);
            assertThat(outcome).isInstanceOf(Parser.Outcome.Parsed.class);
            Walk.visit(((Parser.Outcome.Parsed) outcome).expression(), node -> {
                if (node instanceof Expression.Name name) {
                    assertThat(parameters).contains(name.name());
                }
            });
        });
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("declared")
    void itIsTheSlope(Function function) {
        int[] compared = {0};
        Seeded.cases(60, random -> {
            Map<String, Double> at = new HashMap<>();
            function.parameters().forEach(parameter -> at.put(parameter.name(), random.nextInt(-300, 300) / 100.0));
            function.derivatives().forEach((parameter, text) -> {
                OptionalDouble here = call(function, at);
                OptionalDouble slope = slope(function, at, parameter);
                if (here.isPresent() && slope.isPresent() && isSmooth(function, at, parameter, slope.getAsDouble())) {
                    compared[0]++;
                    assertThat(worth(text, at).orElseThrow())
                            .as("%s by %s at %s", function.name(), parameter, at)
                            .isCloseTo(slope.getAsDouble(), within(1e-4 * Math.max(1, Math.abs(slope.getAsDouble()))));
                }
            });
        });
        assertThat(compared[0])
                .as("places where %s was compared", function.name())
                .isGreaterThan(8);
    }

    /** Differences of two steps agree: no kink, pole or end is near. */
    private static boolean isSmooth(Function function, Map<String, Double> at, String parameter, double slope) {
        OptionalDouble wide = difference(function, at, parameter, 50 * STEP);
        return wide.isPresent() && Math.abs(wide.getAsDouble() - slope) < 1e-4 * Math.max(1, Math.abs(slope));
    }

    private static OptionalDouble slope(Function function, Map<String, Double> at, String parameter) {
        return difference(function, at, parameter, STEP);
    }

    private static OptionalDouble difference(Function function, Map<String, Double> at, String parameter, double step) {
        OptionalDouble above = call(function, moved(at, parameter, step));
        OptionalDouble below = call(function, moved(at, parameter, -step));
        return above.isPresent() && below.isPresent()
                ? OptionalDouble.of((above.getAsDouble() - below.getAsDouble()) / (2 * step))
                : OptionalDouble.empty();
    }

    private static Map<String, Double> moved(Map<String, Double> at, String parameter, double step) {
        Map<String, Double> moved = new HashMap<>(at);
        moved.merge(parameter, step, Double::sum);
        return moved;
    }

    private static OptionalDouble call(Function function, Map<String, Double> at) {
        return worth(
                function.name()
                        + function.parameters().stream()
                                .map(Parameter::name)
                                .collect(Collectors.joining(", ", "(", ")")),
                at);
    }

    /** The number that an expression is with these put in for its words. */
    private static OptionalDouble worth(String text, Map<String, Double> at) {
        String filled = text;
        for (Map.Entry<String, Double> each : at.entrySet()) {
            filled = filled.replaceAll("\\b" + each.getKey() + "\\b", "(" + each.getValue() + ")");
        }
        Value value = CALCULATOR
                .calculate("=" + filled, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        if (value instanceof NumberValue number) {
            return OptionalDouble.of(number.real().toDouble());
        }
        return value instanceof Quantity quantity
                ? OptionalDouble.of(quantity.number().toDouble())
                : OptionalDouble.empty();
    }
}
