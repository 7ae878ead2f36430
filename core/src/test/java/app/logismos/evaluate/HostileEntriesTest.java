package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.time.Duration;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever is typed ends in a value or a failure: nothing is thrown, no stack overflows, no bound is passed. */
class HostileEntriesTest {
    private static final String SIGNS = "0123456789.,;:+-*/^!%°()[]{}<>=&√πe \"'ABx_$²⁻|@#\u00a0−×";

    static Stream<Arguments> longest() {
        return Stream.of(
                Arguments.of("signs", "=" + "-".repeat(8_190) + "1"),
                Arguments.of("a sum", "=1" + "+1".repeat(4_095)),
                Arguments.of("roots", "=" + "√".repeat(8_190) + "1"),
                Arguments.of("factorials", "=1" + "!".repeat(8_190)),
                Arguments.of("products of decimals", "=0.9" + "*0.9".repeat(2_000)),
                Arguments.of("digits", "=" + "9".repeat(8_191)),
                Arguments.of("brackets", "=" + "(".repeat(256) + "1" + ")".repeat(256)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("longest")
    void theLongestEntriesHaveAValue(String name, String entry) {
        Calculation calculation = calculate(entry);
        assertThat(calculation.value()).isNotInstanceOf(Failure.class);
        assertThat(calculation.steps().stream()
                        .mapToInt(step -> step.before().length())
                        .sum())
                .isLessThan(100_000);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "=10^10^10",
                "=99999999!",
                "=9^9^9^9",
                "=2^(2^40)",
                "=(1/3)^(10^12)",
                "=combinations(10^30, 10^15)",
                "=1e1000000"
            })
    void numbersPastTheBoundAreRefused(String entry) {
        assertThat(calculate(entry).value())
                .isInstanceOfSatisfying(
                        Failure.class, failure -> assertThat(failure.code()).isEqualTo(ErrorCode.TOO_LARGE));
    }

    @ParameterizedTest
    @ValueSource(strings = {"·ly", "/ly", "*ly^99", "²", "^99", "·°^99"})
    void unitsWithoutEndHaveAnAnswer(String more) {
        assertThat(calculate("=1 ly" + more.repeat(8_000 / more.length())).value())
                .isNotNull();
        assertThat(calculate("=1 " + "(".repeat(4_000) + "ly" + ")^99".repeat(900))
                        .value())
                .isInstanceOf(Failure.class);
    }

    @Test
    void aHundredthOfAHundredthAndSoOnIsAFractionOrStoppedInTime() {
        Value value = calculate("=1" + "%".repeat(8_190)).value();
        assertThat(value instanceof Failure failure && failure.code() != ErrorCode.TOOK_TOO_LONG)
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"=series(1, 5000)*10^900000", "=-(series(1, 3000)*9^900000)", "=spaced(1, 2, 3000)^300000"})
    void workThatKeepsTooMuchIsStopped(String entry) {
        assertThat(calculate(entry).value())
                .isInstanceOfSatisfying(
                        Failure.class,
                        failure -> assertThat(failure.code()).isIn(ErrorCode.TOO_LARGE, ErrorCode.TOOK_TOO_LONG));
    }

    @Test
    void whatIsKeptIsCountedInBytes() {
        Limits tight = new Limits(Duration.ofSeconds(60), 100_000, 100_000, 10);
        NoCells scope = new NoCells(Surroundings.USUAL);
        Value value = new Calculator(tight)
                .calculate("=series(1, 100)*10^10000", scope, Address.FIRST)
                .value();
        assertThat(value).isEqualTo(EvaluationErrors.tooMuchMemory());
        assertThat(new Calculator(tight)
                        .calculate("=sum(series(1, 100)*10^100)", scope, Address.FIRST)
                        .value())
                .isNotInstanceOf(Failure.class);
    }

    @Test
    void workThatDoesNotEndIsStopped() {
        Limits tight = new Limits(Duration.ofMillis(50), 1_000, 1L << 20, 10);
        Value value = Bounded.run(
                tight,
                budget -> {
                    while (true) {
                        budget.check();
                    }
                },
                failure -> failure);
        assertThat(value).isEqualTo(EvaluationErrors.tookTooLong(tight));
    }

    @Test
    void workThatNeverAsksIsAnsweredForAllTheSame() {
        Limits tight = new Limits(Duration.ofMillis(20), 1_000, 1L << 20, 10);
        Object forever = new Object();
        Value value = Bounded.run(
                tight,
                budget -> {
                    synchronized (forever) {
                        try {
                            forever.wait();
                        } catch (InterruptedException end) {
                            Thread.currentThread().interrupt();
                        }
                    }
                    throw new IllegalStateException("nobody wakes it");
                },
                failure -> failure);
        assertThat(value).isEqualTo(EvaluationErrors.tookTooLong(tight));
    }

    @Test
    void randomSignsNeverThrow() {
        Seeded.cases(
                20_000,
                random ->
                        assertThat(calculate("=" + randomSigns(random)).value()).isNotNull());
    }

    @Test
    void mutatedExpressionsNeverThrow() {
        Seeded.cases(5_000, random -> {
            StringBuilder text = new StringBuilder(
                    "=" + RandomExpression.withReferences(random).text());
            for (int i = 0; i < 3; i++) {
                text.setCharAt(1 + random.nextInt(text.length() - 1), SIGNS.charAt(random.nextInt(SIGNS.length())));
            }
            assertThat(calculate(text.toString()).value()).isNotNull();
        });
    }

    private static String randomSigns(Random random) {
        StringBuilder text = new StringBuilder();
        for (int i = random.nextInt(24); i >= 0; i--) {
            text.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
        }
        return text.toString();
    }

    private static Calculation calculate(String entry) {
        return new Calculator(Patient.LIMITS).calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST);
    }
}
