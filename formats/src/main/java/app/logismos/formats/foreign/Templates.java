package app.logismos.formats.foreign;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What functions are on the other side, where they are not simply called otherwise; one line of a text each. */
final class Templates {
    static final Templates INCOMING = read("incoming.txt");
    static final Templates OUTGOING = read("outgoing.txt");

    private static final Pattern PLACE = Pattern.compile("\\$([1-9*])");

    private final Map<String, List<Template>> byName;

    private Templates(Map<String, List<Template>> byName) {
        this.byName = byName;
    }

    /**
     * A function on the other side.
     *
     * @param dialect {@code odf}, {@code ooxml} or {@code both}
     * @param count of arguments; nothing for any
     */
    private record Template(String dialect, Optional<Integer> count, String text) {
        boolean fits(Dialect other, int arguments) {
            boolean speaks = dialect.equals("both") || dialect.equals("odf") == (other == Dialect.OPEN_FORMULA);
            return speaks && count.map(wanted -> wanted == arguments).orElse(true);
        }
    }

    private static Templates read(String name) {
        Map<String, List<Template>> found = new HashMap<>();
        try (BufferedReader lines = new BufferedReader(
                new InputStreamReader(Templates.class.getResourceAsStream(name), StandardCharsets.UTF_8))) {
            lines.lines().map(String::strip).forEach(line -> {
                if (!line.isEmpty() && !line.startsWith("#")) {
                    String[] parts = line.split(" +", 3);
                    String[] called = parts[1].split("/");
                    found.computeIfAbsent(called[0].toUpperCase(Locale.ROOT), first -> new ArrayList<>())
                            .add(new Template(
                                    parts[0],
                                    called[1].equals("*") ? Optional.empty() : Optional.of(Integer.parseInt(called[1])),
                                    parts[2]));
                }
            });
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
        return new Templates(found);
    }

    /** Whether there is a line for a function. */
    boolean knows(String function) {
        return byName.containsKey(function.toUpperCase(Locale.ROOT));
    }

    /**
     * A call on the other side.
     *
     * @param separator between its arguments
     */
    Optional<String> call(String function, List<String> arguments, Dialect dialect, char separator) {
        return byName.getOrDefault(function.toUpperCase(Locale.ROOT), List.of()).stream()
                .filter(each -> each.fits(dialect, arguments.size()))
                .findFirst()
                .map(template -> PLACE.matcher(template.text().replace(';', separator))
                        .replaceAll(place -> Matcher.quoteReplacement(
                                place.group(1).equals("*")
                                        ? String.join(separator + " ", arguments)
                                        : arguments.get(Integer.parseInt(place.group(1)) - 1))));
    }
}
