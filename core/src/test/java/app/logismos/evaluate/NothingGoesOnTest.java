package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Value;
import java.io.IOException;
import java.io.InputStream;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What a calculation is at ends soon after its time is up: no thread goes on computing what nobody waits for. Processor
 * time is what counts, since on a busy machine little of it may take long.
 */
class NothingGoesOnTest {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    /** Processor time that the part a calculation is at may take to its end. */
    private static final Duration SOON = Duration.ofMillis(500);

    private static final Limits TIGHT = new Limits(Duration.ofMillis(300), 1_000_000, 256L << 20, 120);

    static List<String> entries() throws IOException {
        try (InputStream file = NothingGoesOnTest.class.getResourceAsStream("long-work.txt")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.startsWith("="))
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("entries")
    void whatWasStoppedUsesNoMoreThanHalfASecond(String entry) {
        Value answer = new Calculator(TIGHT)
                .calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        long before = processorTime();
        Optional<String> at = at();
        Optional<String> still = at;
        while (still.isPresent()) {
            assertThat(Duration.ofNanos(processorTime() - before))
                    .as("processor time after %s, at first at %s, now at %s", beginning(answer), at, still)
                    .isLessThan(SOON);
            LockSupport.parkNanos(Duration.ofMillis(20).toNanos());
            still = at();
        }
    }

    private static String beginning(Value value) {
        return value.toString().substring(0, Math.min(80, value.toString().length()));
    }

    /** What the first calculation that goes on is at. */
    private static Optional<String> at() {
        return Thread.getAllStackTraces().entrySet().stream()
                .filter(thread -> thread.getKey().getName().equals("calculation"))
                .filter(thread -> thread.getKey().getState() == Thread.State.RUNNABLE)
                .map(thread ->
                        Arrays.stream(thread.getValue()).limit(40).toList().toString())
                .findFirst();
    }

    private static long processorTime() {
        return Arrays.stream(THREADS.getThreadInfo(THREADS.getAllThreadIds()))
                .filter(thread -> thread != null && thread.getThreadName().equals("calculation"))
                .mapToLong(thread -> Math.max(0, THREADS.getThreadCpuTime(thread.getThreadId())))
                .sum();
    }
}
