package app.logismos.guide;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The files of the guide, which ship with the program. */
final class Shipped {
    /** Before each page in {@code pages.md}: {@code # name | title}. */
    private static final Pattern BETWEEN_PAGES = Pattern.compile("(?m)^# ");

    private static final String WORDS = "words: ";

    /** What begins a line that is an example, as code does in Markdown. */
    private static final String EXAMPLE = "    ";

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setIgnoreEmptyLines(true)
            .get();

    private Shipped() {}

    static List<GuidePage> pages() {
        return BETWEEN_PAGES
                .splitAsStream(text("pages.md"))
                .filter(page -> !page.isBlank())
                .map(Shipped::page)
                .toList();
    }

    private static GuidePage page(String text) {
        List<String> lines = text.lines().toList();
        String[] head = lines.get(0).split(" \\| ");
        return new GuidePage(
                head[0],
                head[1],
                lines.stream()
                        .filter(line -> line.startsWith(WORDS))
                        .map(line -> line.substring(WORDS.length()))
                        .collect(Collectors.joining(" ")),
                lines.stream()
                        .skip(1)
                        .filter(line -> !line.startsWith(WORDS) && !line.startsWith(EXAMPLE))
                        .collect(Collectors.joining("\n"))
                        .strip(),
                lines.stream()
                        .filter(line -> line.startsWith(EXAMPLE))
                        .map(String::strip)
                        .toList());
    }

    /** The lines of a file of values between commas, without those that are remarks. */
    static Stream<List<String>> lines(String file) {
        try (CSVParser lines = CSVParser.parse(text(file), FORMAT)) {
            return lines.getRecords().stream().map(CSVRecord::toList);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static String text(String file) {
        try (InputStream in = Objects.requireNonNull(Shipped.class.getResourceAsStream(file));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines().collect(Collectors.joining("\n"));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
