package app.logismos.formats.delimited;

import app.logismos.formats.document.Unreadable;
import app.logismos.formula.Address;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The texts of a document, in lines and columns, and the signs that part them. */
record Table(Separator separator, Quote quote, List<String[]> lines, int columns) {
    private static final long MOST_CELLS = 2_000_000;
    private static final int LOOKED_AT = 200;

    /** The first line that some programs write to say what the separator is. */
    private static final Pattern SAID = Pattern.compile("\\A\"?sep=([,;\t|])\"?\\r?\\n");

    static Table of(String text, Choices choices) {
        Matcher said = SAID.matcher(text);
        boolean isSaid = said.lookingAt();
        String body = isSaid ? text.substring(said.end()) : text;
        Quote quote = choices.quote().orElseGet(() -> quote(body));
        Separator separator = choices.separator()
                .or(() -> isSaid ? Separator.of(said.group(1).charAt(0)) : Optional.empty())
                .orElseGet(() -> separator(body, quote));
        List<String[]> lines = lines(body, separator, quote, Integer.MAX_VALUE);
        int columns = lines.stream().mapToInt(line -> line.length).max().orElse(0);
        return new Table(separator, quote, lines, columns);
    }

    /** Apostrophes only where fields begin and end with them and no quotation mark does. */
    private static Quote quote(String text) {
        String start = text.substring(0, Math.min(text.length(), 20_000));
        boolean hasApostrophes = Pattern.compile("(?m)(?:^|[,;\t|])'[^'\r\n]*'(?=[,;\t|\r\n]|\\z)")
                .matcher(start)
                .find();
        return hasApostrophes && start.indexOf('"') < 0 ? Quote.APOSTROPHE : Quote.QUOTATION_MARK;
    }

    /**
     * The one that parts most lines into the same number of texts, and into more of them where several do; a comma may be a
     * decimal mark, and is the last that is taken.
     */
    private static Separator separator(String text, Quote quote) {
        Separator best = Separator.COMMA;
        double most = 0;
        for (Separator each : List.of(Separator.TAB, Separator.SEMICOLON, Separator.BAR, Separator.COMMA)) {
            List<String[]> lines;
            try {
                lines = lines(text, each, quote, LOOKED_AT);
            } catch (Unreadable other) {
                continue;
            }
            Map<Integer, Integer> lengths = new HashMap<>();
            lines.stream().filter(line -> line.length > 1).forEach(line -> lengths.merge(line.length, 1, Integer::sum));
            double found = lengths.entrySet().stream()
                    .mapToDouble(entry -> (double) entry.getValue() / lines.size() + entry.getKey() * 1e-6)
                    .max()
                    .orElse(0);
            if (found > most) {
                most = found;
                best = each;
            }
        }
        return best;
    }

    private static List<String[]> lines(String text, Separator separator, Quote quote, int most) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator.sign())
                .setQuote(quote.sign())
                .setIgnoreEmptyLines(false)
                .setTrailingData(true)
                .get();
        List<String[]> lines = new ArrayList<>();
        long cells = 0;
        try (CSVParser parser = CSVParser.parse(text, format)) {
            for (CSVRecord record : parser) {
                cells += record.size();
                if (record.size() > Address.COLUMNS || lines.size() >= Address.ROWS || cells > MOST_CELLS) {
                    throw new Unreadable("Line " + parser.getCurrentLineNumber()
                            + " is more than a grid takes: it has " + Address.ROWS + " rows and " + Address.COLUMNS
                            + " columns at the most, and a document may fill " + MOST_CELLS + " cells.");
                }
                lines.add(record.values());
                if (lines.size() == most) {
                    break;
                }
            }
        } catch (IOException | UncheckedIOException malformed) {
            throw new Unreadable(
                    "Line " + (lines.size() + 1) + " cannot be parted: a quotation mark in it is not closed, "
                            + "or something stands behind it. Choose another sign around texts.");
        }
        while (!lines.isEmpty() && isEmpty(lines.get(lines.size() - 1))) {
            lines.remove(lines.size() - 1);
        }
        return lines;
    }

    private static boolean isEmpty(String[] line) {
        for (String text : line) {
            if (!text.isBlank()) {
                return false;
            }
        }
        return true;
    }

    /** What stands there; the empty text behind the end of a short line. */
    String text(int line, int column) {
        String[] texts = lines.get(line);
        return column < texts.length ? texts[column] : "";
    }
}
