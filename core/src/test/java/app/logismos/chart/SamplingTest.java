package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SamplingTest {
    private static final Map<String, DoubleUnaryOperator> FUNCTIONS = Map.of(
            "1/x",
            x -> 1 / x,
            "1/x²",
            x -> 1 / (x * x),
            "tan",
            Math::tan,
            "floor",
            Math::floor,
            "sqrt",
            Math::sqrt,
            "steep",
            x -> Math.tanh(1e6 * x),
            "sin(x)/x",
            x -> Math.sin(x) / x,
            "sin",
            Math::sin,
            "ln",
            Math::log,
            "none",
            x -> Double.NaN);

    @ParameterizedTest(name = "{0} from {1} to {2} has {3} gaps")
    @CsvSource({
        "1/x, -1, 1, 1",
        "1/x², -1, 1, 1", // both sides go up
        "tan, 0, 6, 2",
        "floor, 0.5, 3.5, 3", // jumps
        "steep, -1, 1.1, 0", // continuous, however steep
        "sin(x)/x, -10, 10, 0", // one place without a value, where both sides meet
        "sin, 0, 100, 0",
        "sqrt, -1, 1, 1", // no value on the left
        "ln, -2.1, 3, 1",
    })
    void theLineIsBrokenAtPolesAndJumpsOnly(String function, double from, double to, int gaps) {
        List<Sampling.Sample> samples = Sampling.of(FUNCTIONS.get(function), from, to);
        long breaks = IntStream.range(0, samples.size())
                .filter(i -> !samples.get(i).hasValue()
                        && (i == 0 || samples.get(i - 1).hasValue()))
                .count();
        assertThat(breaks).isEqualTo(gaps);
    }

    @ParameterizedTest
    @CsvSource({"sin, 0, 100", "steep, -1, 1.1", "ln, 0.001, 3", "sin(x)/x, -10, 10"})
    void theLineThroughTheSamplesIsTheFunction(String name, double from, double to) {
        DoubleUnaryOperator function = FUNCTIONS.get(name);
        List<Sampling.Sample> samples = Sampling.of(function, from, to);
        double height = samples.stream()
                        .filter(Sampling.Sample::hasValue)
                        .mapToDouble(Sampling.Sample::y)
                        .max()
                        .orElseThrow()
                - samples.stream()
                        .filter(Sampling.Sample::hasValue)
                        .mapToDouble(Sampling.Sample::y)
                        .min()
                        .orElseThrow();
        for (int i = 1; i < samples.size(); i++) {
            Sampling.Sample left = samples.get(i - 1);
            Sampling.Sample right = samples.get(i);
            double middle = (left.x() + right.x()) / 2;
            boolean isTellable = right.x() - left.x() > (to - from) / 1000;
            if (isTellable && middle != 0) {
                assertThat((left.y() + right.y()) / 2).isCloseTo(function.applyAsDouble(middle), within(height / 250));
            }
        }
    }

    @Test
    void samplesGoFromLeftToRightAndReachBothEnds() {
        FUNCTIONS.forEach((name, function) -> {
            List<Sampling.Sample> samples = Sampling.of(function, -3, 7);
            assertThat(samples.get(0).x()).isEqualTo(-3);
            assertThat(samples.get(samples.size() - 1).x()).isEqualTo(7);
            assertThat(samples).isSortedAccordingTo((a, b) -> Double.compare(a.x(), b.x()));
            assertThat(samples).hasSizeLessThan(20_000);
        });
    }

    @Test
    void theEdgeOfTheDomainIsReached() {
        List<Sampling.Sample> samples = Sampling.of(Math::sqrt, -1, 1);
        assertThat(samples.stream()
                        .filter(Sampling.Sample::hasValue)
                        .findFirst()
                        .orElseThrow()
                        .y())
                .isCloseTo(0, within(1e-6));
    }

    @Test
    void polesAreCutAndPlainCurvesAreShownWhole() {
        double[] pole = Sampling.shown(Sampling.of(x -> 1 / x, -1, 1));
        assertThat(pole[1]).isBetween(2.0, 1000.0);
        double[] plain = Sampling.shown(Sampling.of(x -> x * x * x, -2, 2));
        assertThat(plain).containsExactly(-8, 8);
        assertThat(Sampling.shown(Sampling.of(x -> Double.NaN, 0, 1))).isEmpty();
    }
}
