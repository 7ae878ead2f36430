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
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a calculation is at ends soon after its time is up: no thread goes on computing what nobody waits for. */
class NothingGoesOnTest {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    /** So much processor time within the time after the answer is no more than starting and ending. */
    private static final Duration LITTLE = Duration.ofMillis(60);

    private static final Limits TIGHT = new Limits(Duration.ofMillis(300), 1_000_000, 256L << 20, 120);

    /** After how many entries it is looked whether one of them goes on. */
    private static final int GROUP = 6;

    static List<List<String>> groups() throws IOException {
        try (InputStream file = NothingGoesOnTest.class.getResourceAsStream("long-work.txt")) {
            List<String> entries = new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.startsWith("="))
                    .toList();
            return IntStream.range(0, (entries.size() + GROUP - 1) / GROUP)
                    .mapToObj(i -> entries.subList(i * GROUP, Math.min(entries.size(), (i + 1) * GROUP)))
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("groups")
    void noThreadComputesHalfASecondAfterTheAnswer(List<String> entries) {
        List<String> answers = entries.stream().map(NothingGoesOnTest::answer).toList();
        LockSupport.parkNanos(Duration.ofMillis(500).toNanos());
        Optional<String> stillAt = at();
        long before = processorTime();
        LockSupport.parkNanos(Duration.ofMillis(300).toNanos());
        assertThat(Duration.ofNanos(processorTime() - before))
                .as("processor time after the answers %s, at %s", answers, stillAt)
                .isLessThan(LITTLE);
    }

    private static String answer(String entry) {
        return beginning(new Calculator(TIGHT)
                .calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value());
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
                        Arrays.stream(thread.getValue()).limit(12).toList().toString())
                .findFirst();
    }

    private static long processorTime() {
        return Arrays.stream(THREADS.getThreadInfo(THREADS.getAllThreadIds()))
                .filter(thread -> thread != null && thread.getThreadName().equals("calculation"))
                .mapToLong(thread -> Math.max(0, THREADS.getThreadCpuTime(thread.getThreadId())))
                .sum();
    }
}
