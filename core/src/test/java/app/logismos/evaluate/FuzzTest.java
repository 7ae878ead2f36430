package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.catalogue.Catalogue;
import app.logismos.formula.Address;
import app.logismos.function.Example;
import app.logismos.function.Surroundings;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Entries by chance, made of the catalogue's examples by changing, joining and repeating parts of them: nothing is thrown
 * and everything has an answer. Runs for {@code logismos.fuzz.seconds}, 20 unless said otherwise.
 */
class FuzzTest {
    private static final Duration LENGTH =
            Duration.ofSeconds(Long.parseLong(System.getProperty("logismos.fuzz.seconds", "20")));

    /** The bound on a calculation, with what explaining it and a busy machine may add. */
    private static final Duration LONGEST = Patient.LIMITS.time().multipliedBy(10);

    private static final String SIGNS = "0123456789.,;:+-*/^!%°()[]{}<>=&√πe \"'ABx_$²⁻|@#\u00a0−×";
    private static final List<String> EXTREMES = List.of(
            "0",
            "-1",
            "1e400",
            "1e-400",
            "10^4000",
            "-0.5",
            "999999999999",
            "1/3",
            "π",
            "inf",
            "missing",
            "\"\"",
            "\"a\"",
            "true",
            "{1}",
            "{1, \"a\"; 1/0, missing}",
            "series(1, 2000)",
            "date(2027, 3, 1)",
            "time(9, 30)",
            "5 kg",
            "20 °C",
            "(1/3) m/s^2",
            "30°",
            "2.50 EUR",
            "{3 m, 20 °F; 2 kg, 1}",
            "A1",
            "A1:B3",
            "nothing",
            "1/0",
            "2^31",
            "2^63");
    private static final List<String> CALLS = Catalogue.STANDARD.functions().stream()
            .flatMap(function -> Stream.concat(function.examples().stream(), function.refusals().stream()))
            .map(Example::expression)
            .toList();

    @Test
    void whateverIsTypedHasAnAnswer() {
        Calculator calculator = new Calculator(Patient.LIMITS);
        NoCells scope = new NoCells(Surroundings.USUAL);
        long start = System.nanoTime();
        for (int seed = 0; System.nanoTime() - start < LENGTH.toNanos(); seed++) {
            String entry = "=" + entry(new Random(seed));
            long began = System.nanoTime();
            assertThat(calculator.calculate(entry, scope, Address.FIRST))
                    .as("seed %d: %s", seed, entry)
                    .isNotNull();
            assertThat(Duration.ofNanos(System.nanoTime() - began))
                    .as("seed %d: %s", seed, entry)
                    .isLessThan(LONGEST);
        }
    }

    private static String entry(Random random) {
        StringBuilder entry = new StringBuilder(one(CALLS, random));
        for (int change = random.nextInt(4); change >= 0; change--) {
            switch (random.nextInt(6)) {
                case 0 -> entry.setCharAt(random.nextInt(entry.length()), SIGNS.charAt(random.nextInt(SIGNS.length())));
                case 1 -> entry.insert(random.nextInt(entry.length() + 1), one(EXTREMES, random));
                case 2 -> argument(entry, random);
                case 3 ->
                    entry.append(one(List.of("+", "*", "^", "&", "/", "<", "!", ", "), random))
                            .append(one(CALLS, random));
                case 4 -> entry.insert(0, "(").append(")").append(one(List.of("^2", "!", "%", "", "²"), random));
                default -> {
                    int from = random.nextInt(entry.length());
                    entry.delete(from, Math.min(entry.length(), from + 1 + random.nextInt(4)));
                }
            }
            if (entry.isEmpty()) {
                entry.append(one(EXTREMES, random));
            }
        }
        return entry.toString();
    }

    /** Puts an extreme value in the place of what stands between two separators. */
    private static void argument(StringBuilder entry, Random random) {
        int open = Math.max(entry.indexOf("("), 0);
        int from = open + random.nextInt(entry.length() - open);
        int to = from;
        while (to < entry.length() && ",;)".indexOf(entry.charAt(to)) < 0) {
            to++;
        }
        while (from > 0 && "(,; ".indexOf(entry.charAt(from - 1)) < 0) {
            from--;
        }
        entry.replace(from, Math.max(from, to), one(EXTREMES, random));
    }

    private static String one(List<String> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }
}
