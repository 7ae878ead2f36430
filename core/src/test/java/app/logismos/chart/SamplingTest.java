package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SamplingTest {
    private static final Map<String, DoubleUnaryOperator> FUNCTIONS = new TreeMap<>(Map.of(
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
            x -> Double.NaN));

    static {
        FUNCTIONS.put("pole and peak", x -> 1 / x + 100 * Math.exp(-Math.pow((x - 5) / 0.2, 2)));
        FUNCTIONS.put("needle", x -> 1 / (x * x + 1e-6));
    }

    private static final int COLUMNS = 640;
    private static final long LONG = 60_000_000_000L;

    private static Sampling.Sampled sampled(DoubleUnaryOperator function, double from, double to) {
        return Sampling.of(function, new Sampling.Range(from, to, false), COLUMNS, LONG);
    }

    private static List<Sampling.Sample> samples(DoubleUnaryOperator function, double from, double to) {
        return sampled(function, from, to).samples();
    }

    static Stream<Arguments> shapes() {
        return Stream.of(
                arguments("sin(50x)", (DoubleUnaryOperator) x -> Math.sin(50 * x), 0, 10, false),
                arguments("sin(120x)", (DoubleUnaryOperator) x -> Math.sin(120 * x), 0, 10, false),
                arguments("sin(333x)", (DoubleUnaryOperator) x -> Math.sin(333 * x), 0, 10, false),
                arguments("sin(1000x)", (DoubleUnaryOperator) x -> Math.sin(1000 * x), 0, 10, false),
                arguments("sin(64πx)", (DoubleUnaryOperator) x -> Math.sin(64 * Math.PI * x), 0, 10, false),
                arguments("sin(x²)", (DoubleUnaryOperator) x -> Math.sin(x * x), 0, 100, false),
                arguments("x·sin(200x)", (DoubleUnaryOperator) x -> x * Math.sin(200 * x), 0, 10, false),
                arguments("a peak", (DoubleUnaryOperator) x -> Math.exp(-Math.pow((x - 500) / 3, 2)), 0, 1000, false),
                arguments(
                        "a needle", (DoubleUnaryOperator) x -> Math.exp(-Math.pow((x - 123) / 0.4, 2)), 0, 1000, false),
                arguments("1/(1+x)", (DoubleUnaryOperator) x -> 1 / (1 + x), 0.001, 1e6, true),
                arguments("sin(1/x)", (DoubleUnaryOperator) x -> Math.sin(1 / x), 0.01, 1, false),
                arguments("√(x-9.9)", (DoubleUnaryOperator) x -> Math.sqrt(x - 9.9), 0, 10, false),
                arguments("e^x", (DoubleUnaryOperator) Math::exp, 0, 20, false),
                arguments("|x-1/3|", (DoubleUnaryOperator) x -> Math.abs(x - 1 / 3.0), -1, 1, false),
                arguments("a circle's half", (DoubleUnaryOperator) x -> Math.sqrt(1 - x * x), -1, 1, false));
    }

    /** Against as many looks as it takes, without any cleverness. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("shapes")
    void everyColumnGoesAsFarUpAndDownAsTheFunction(
            String name, DoubleUnaryOperator function, double from, double to, boolean logarithmic) {
        Sampling.Range range = new Sampling.Range(from, to, logarithmic);
        Sampling.Sampled sampled = Sampling.of(function, range, COLUMNS, LONG);
        double[][] expected = new double[COLUMNS][];
        int close = 1_000;
        for (int column = 0; column < COLUMNS; column++) {
            double[] inside = IntStream.rangeClosed(0, close)
                    .mapToDouble(atColumn(range, function, column, close))
                    .filter(Double::isFinite)
                    .toArray();
            expected[column] = inside.length == 0
                    ? new double[0]
                    : new double[] {
                        Arrays.stream(inside).min().getAsDouble(),
                        Arrays.stream(inside).max().getAsDouble()
                    };
        }
        double least =
                Arrays.stream(expected).flatMapToDouble(Arrays::stream).min().orElseThrow();
        double most =
                Arrays.stream(expected).flatMapToDouble(Arrays::stream).max().orElseThrow();
        double allowed = 0.05 * (most - least);
        double[][] drawn = drawn(sampled.samples(), range);
        for (int column = 0; column < COLUMNS; column++) {
            if (expected[column].length > 0 && drawn[column][0] <= drawn[column][1]) {
                assertThat(drawn[column][0]).as("lowest in %d", column).isCloseTo(expected[column][0], within(allowed));
                assertThat(drawn[column][1])
                        .as("highest in %d", column)
                        .isCloseTo(expected[column][1], within(allowed));
            }
        }
        assertThat(sampled.least()).isCloseTo(least, within(allowed));
        assertThat(sampled.most()).isCloseTo(most, within(allowed));
        assertThat(sampled.resolved()).isTrue();
        long wanting = IntStream.range(0, COLUMNS)
                .filter(column -> (expected[column].length > 0) != (drawn[column][0] <= drawn[column][1]))
                .count();
        assertThat(wanting).isLessThanOrEqualTo(1); // the column in which its domain begins
    }

    private static IntToDoubleFunction atColumn(
            Sampling.Range range, DoubleUnaryOperator function, int column, int close) {
        return k -> function.applyAsDouble(range.at((column + (double) k / close) / COLUMNS));
    }

    /** The lowest and highest place in each column of the line through the samples. */
    private static double[][] drawn(List<Sampling.Sample> samples, Sampling.Range range) {
        double[][] drawn = new double[COLUMNS][];
        Arrays.setAll(drawn, column -> new double[] {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY});
        for (int i = 1; i < samples.size(); i++) {
            Sampling.Sample a = samples.get(i - 1);
            Sampling.Sample b = samples.get(i);
            if (a.hasValue() && b.hasValue()) {
                double left = range.part(a.x()) * COLUMNS;
                double right = range.part(b.x()) * COLUMNS;
                for (int column = (int) Math.max(0, Math.floor(left)); column < Math.min(COLUMNS, right); column++) {
                    for (double at : new double[] {Math.max(left, column), Math.min(right, column + 1)}) {
                        double part = right > left ? (at - left) / (right - left) : 1;
                        double y = a.y() + (b.y() - a.y()) * part;
                        drawn[column][0] = Math.min(drawn[column][0], y);
                        drawn[column][1] = Math.max(drawn[column][1], y);
                    }
                }
            }
        }
        return drawn;
    }

    @Test
    void whatChangesFasterThanItCanBeLookedAtIsTold() {
        assertThat(sampled(x -> Math.sin(1e7 * x), 0, 10).resolved()).isFalse();
        assertThat(Sampling.of(Math::sin, new Sampling.Range(0, 10, false), COLUMNS, 0)
                        .resolved())
                .isFalse();
    }

    @ParameterizedTest(name = "{0} from {1} to {2} is shown from {3} to {4}")
    @CsvSource({
        "1/x, -10, 10, -20, 20",
        "tan, 0, 10, -20, 20",
        "1/x², -10, 10, 0, 60",
        "sin, 0, 10, -1.01, 1.01",
        "pole and peak, -10, 10, -60, 101",
        "needle, -10, 10, 0, 1000001",
    })
    void polesAreCutAndPeaksAreNot(String name, double from, double to, double least, double most) {
        Sampling.Sampled sampled = sampled(FUNCTIONS.get(name), from, to);
        assertThat(sampled.least()).isGreaterThanOrEqualTo(least);
        assertThat(sampled.most()).isLessThanOrEqualTo(most).isGreaterThan(most > 100 ? most * 0.95 : 0.9);
    }

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
        List<Sampling.Sample> samples = samples(FUNCTIONS.get(function), from, to);
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
        List<Sampling.Sample> samples = samples(function, from, to);
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
            List<Sampling.Sample> samples = samples(function, -3, 7);
            assertThat(samples.get(0).x()).isEqualTo(-3);
            assertThat(samples.get(samples.size() - 1).x()).isEqualTo(7);
            assertThat(samples).isSortedAccordingTo((a, b) -> Double.compare(a.x(), b.x()));
            assertThat(samples).hasSizeLessThan(20_000);
        });
    }

    @Test
    void theEdgeOfTheDomainIsReached() {
        List<Sampling.Sample> samples = samples(Math::sqrt, -1, 1);
        assertThat(samples.stream()
                        .filter(Sampling.Sample::hasValue)
                        .findFirst()
                        .orElseThrow()
                        .y())
                .isCloseTo(0, within(1e-6));
    }

    @Test
    void aPlainCurveIsShownWhole() {
        Sampling.Sampled plain = sampled(x -> x * x * x, -2, 2);
        assertThat(plain.least()).isEqualTo(-8);
        assertThat(plain.most()).isEqualTo(8);
        assertThat(sampled(x -> Double.NaN, 0, 1).least()).isNaN();
        assertThat(plain.samples()).hasSizeLessThan(200);
    }
}
