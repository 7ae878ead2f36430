package app.logismos.function;

import static app.logismos.function.Answers.number;
import static app.logismos.function.Answers.text;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import java.util.Random;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Distributions: inverses lead back, densities add up to what lies below, tails and sums to 1. */
class DistributionLawsTest {
    private static final double NEAR = 1e-9;

    /** Calls with a place left for one argument, and parameters that suit them. */
    private record Calls(String name, Function<Random, String> parameters) {
        String with(String first, Random random) {
            return name + "(" + first + parameters.apply(random) + ")";
        }

        @Override
        public String toString() {
            return name;
        }
    }

    private static String two(Random random) {
        return ", " + (1 + random.nextInt(40)) / 4.0 + ", " + (1 + random.nextInt(40)) / 4.0;
    }

    private static String meanAndDeviation(Random random) {
        return ", " + (random.nextInt(40) - 20) + ", " + (1 + random.nextInt(20)) / 4.0;
    }

    private static String freedom(Random random) {
        return ", " + (1 + random.nextInt(40));
    }

    private static String freedoms(Random random) {
        return freedom(random) + freedom(random);
    }

    static Stream<Arguments> inverses() {
        return Stream.of(
                inverse("normalinv", "normal", DistributionLawsTest::meanAndDeviation),
                inverse("lognormalinv", "lognormal", random -> ", 0.5, " + (1 + random.nextInt(12)) / 8.0),
                inverse("standardnormalinv", "standardnormal", random -> ""),
                inverse("studentinv", "student", DistributionLawsTest::freedom),
                inverse("chisquaredinv", "chisquared", DistributionLawsTest::freedom),
                inverse("fdistributioninv", "fdistribution", DistributionLawsTest::freedoms),
                inverse("gammainv", "gammadistribution", DistributionLawsTest::two),
                inverse("betainv", "betadistribution", DistributionLawsTest::two),
                inverse("chisquaredtailinv", "chisquaredtail", DistributionLawsTest::freedom),
                inverse("ftailinv", "ftail", DistributionLawsTest::freedoms));
    }

    private static Arguments inverse(String inverse, String of, Function<Random, String> parameters) {
        return Arguments.of(new Calls(inverse, parameters), new Calls(of, parameters));
    }

    @ParameterizedTest(name = "{0} of {1}")
    @MethodSource("inverses")
    void anInverseLeadsBack(Calls inverse, Calls distribution) {
        Seeded.cases(60, random -> {
            double p = (1 + random.nextInt(998)) / 1000.0;
            long seed = random.nextLong();
            String x = text(inverse.with(String.valueOf(p), new Random(seed)));
            assertThat(number(distribution.with(x, new Random(seed))))
                    .as("p = %s, x = %s", p, x)
                    .isCloseTo(p, within(NEAR));
        });
    }

    static Stream<Arguments> tails() {
        return Stream.of(
                Arguments.of("chisquared", "chisquaredtail", (Function<Random, String>) DistributionLawsTest::freedom),
                Arguments.of("fdistribution", "ftail", (Function<Random, String>) DistributionLawsTest::freedoms));
    }

    @ParameterizedTest(name = "{0} and {1}")
    @MethodSource("tails")
    void whatLiesBelowAndAboveIsAll(String below, String above, Function<Random, String> parameters) {
        Seeded.cases(100, random -> {
            String with = "(" + random.nextInt(80) / 4.0 + parameters.apply(random) + ")";
            assertThat(number(below + with) + number(above + with)).isCloseTo(1, within(1e-12));
        });
    }

    static Stream<Arguments> counts() {
        return Stream.of(
                Arguments.of("binomial", 12, (IntFunction<String>) k -> "binomial(" + k + ", 12, 3/10"),
                Arguments.of("poisson", 30, (IntFunction<String>) k -> "poisson(" + k + ", 3.5"),
                Arguments.of("hypergeometric", 6, (IntFunction<String>) k -> "hypergeometric(" + k + ", 6, 9, 20"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("counts")
    void singleChancesAddUpToThoseOfAtMostSoMany(String name, int most, IntFunction<String> call) {
        double sum = 0;
        for (int k = 0; k <= most; k++) {
            sum += number(call.apply(k) + ", cumulative: false)");
            assertThat(number(call.apply(k) + ", cumulative: true)"))
                    .as("at most %d", k)
                    .isCloseTo(sum, within(1e-12));
        }
        assertThat(sum).isCloseTo(1, within(1e-9));
    }

    @Test
    void chancesOfARangeAddUp() {
        Seeded.cases(60, random -> {
            int n = 1 + random.nextInt(15);
            int from = random.nextInt(n + 1);
            int to = from + random.nextInt(n + 1 - from);
            String single = IntStream.rangeClosed(from, to)
                    .mapToObj(k -> "binomial(" + k + ", " + n + ", 2/7)")
                    .collect(Collectors.joining(" + "));
            assertThat(text("binomialrange(" + n + ", 2/7, " + from + ", " + to + ")"))
                    .isEqualTo(text(single));
        });
    }

    static Stream<Arguments> densities() {
        return Stream.of(
                Arguments.of("normal", (Function<Random, String>) random -> ", 10, 3"),
                Arguments.of("gammadistribution", (Function<Random, String>) random -> ", 3, 2"),
                Arguments.of("weibull", (Function<Random, String>) random -> ", 2, 8"),
                Arguments.of("exponential", (Function<Random, String>) random -> ", 1/5"),
                Arguments.of("lognormal", (Function<Random, String>) random -> ", 2, 0.5"),
                Arguments.of("chisquared", (Function<Random, String>) random -> ", 6"),
                Arguments.of("fdistribution", (Function<Random, String>) random -> ", 5, 8"),
                Arguments.of("betadistribution", (Function<Random, String>) random -> ", 3, 2, 0, 20"));
    }

    /** Simpson's rule on the density between two places is what lies between them. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("densities")
    void theDensityAddsUpToWhatLiesBetween(String name, Function<Random, String> parameters) {
        String with = parameters.apply(new Random(0));
        double from = 2;
        double to = 12;
        int steps = 400;
        double width = (to - from) / steps;
        double sum = 0;
        for (int i = 0; i <= steps; i++) {
            int weight = i == 0 || i == steps ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight * number(name + "(" + (from + i * width) + with + ", cumulative: false)");
        }
        double between = number(name + "(" + to + with + ", cumulative: true)")
                - number(name + "(" + from + with + ", cumulative: true)");
        assertThat(sum * width / 3).isCloseTo(between, within(1e-7));
    }

    @Test
    void theSpecialFunctionsObeyTheirRecurrences() {
        Seeded.cases(100, random -> {
            double x = 0.25 + random.nextInt(60) / 8.0;
            assertThat(number("gamma(" + (x + 1) + ")"))
                    .isCloseTo(x * number("gamma(" + x + ")"), within(1e-12 * number("gamma(" + (x + 1) + ")")));
            assertThat(number("exp(lngamma(" + x + "))"))
                    .isCloseTo(number("gamma(" + x + ")"), within(1e-11 * number("gamma(" + x + ")")));
            double y = 0.25 + random.nextInt(60) / 8.0;
            assertThat(number("beta(" + x + ", " + y + ")"))
                    .isCloseTo(
                            number("gamma(" + x + ") * gamma(" + y + ") / gamma(" + (x + y) + ")"),
                            within(1e-11 * number("beta(" + x + ", " + y + ")")));
            assertThat(number("erf(" + x / 4 + ")") + number("erfc(" + x / 4 + ")"))
                    .isCloseTo(1, within(1e-15));
            // J(n − 1) + J(n + 1) = 2n/x J(n) (DLMF 10.6.1)
            int n = 1 + random.nextInt(5);
            assertThat(number("besselj(" + x + ", " + (n - 1) + ") + besselj(" + x + ", " + (n + 1) + ")"))
                    .isCloseTo(2 * n / x * number("besselj(" + x + ", " + n + ")"), within(1e-9));
        });
    }

    @Test
    void chanceStaysBetweenItsBounds() {
        Seeded.cases(200, random -> {
            assertThat(number("random()")).isGreaterThanOrEqualTo(0).isLessThan(1);
            int from = random.nextInt(20) - 10;
            int to = from + random.nextInt(5);
            assertThat(number("randomint(" + from + ", " + to + ")")).isBetween((double) from, (double) to);
        });
    }
}
