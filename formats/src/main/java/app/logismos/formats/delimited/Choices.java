package app.logismos.formats.delimited;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a person has chosen of how a document is read; the rest is recognised.
 *
 * @param headings whether the first line has the headings
 * @param kinds by column, from 0
 * @param plain columns, from 0, that take no unit from their heading
 */
public record Choices(
        Optional<Encoding> encoding,
        Optional<Separator> separator,
        Optional<Quote> quote,
        Optional<Boolean> headings,
        Map<Integer, ColumnKind> kinds,
        Set<Integer> plain) {
    /** Nothing was chosen. */
    public static final Choices NONE =
            new Choices(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Map.of(), Set.of());

    public Choices {
        kinds = Map.copyOf(kinds);
        plain = Set.copyOf(plain);
    }

    /** The same, with one column read in another way. */
    public Choices with(int column, ColumnKind kind) {
        Map<Integer, ColumnKind> others = new HashMap<>(kinds);
        others.put(column, kind);
        return new Choices(encoding, separator, quote, headings, others, plain);
    }
}
