package app.logismos.catalogue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words that people write for functions with other names, from {@code everyday.csv}. They are offered and never read. */
public final class Everyday {
    private static final Map<String, List<String>> FUNCTIONS = read();

    private Everyday() {}

    /** The functions that may be meant by a word, in any case; none where it is no such word. */
    public static List<String> meant(String word) {
        return FUNCTIONS.getOrDefault(word.toLowerCase(Locale.ROOT), List.of());
    }

    /** The words for a function. */
    public static Stream<String> of(String function) {
        return FUNCTIONS.entrySet().stream()
                .filter(each -> each.getValue().contains(function))
                .map(Map.Entry::getKey);
    }

    /** All words, with what they may mean. */
    static Map<String, List<String>> all() {
        return FUNCTIONS;
    }

    private static Map<String, List<String>> read() {
        try (InputStream in = Objects.requireNonNull(Everyday.class.getResourceAsStream("everyday.csv"));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split(",", -1))
                    .collect(Collectors.groupingBy(
                            cells -> cells[0], Collectors.mapping(cells -> cells[1], Collectors.toUnmodifiableList())));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
