package app.logismos.formats.document;

import app.logismos.sheet.Worksheet;
import java.util.List;
import java.util.Optional;

/**
 * What was read from a document.
 *
 * @param worksheet of its own; {@link app.logismos.formats.Joining} puts it into another
 * @param told what is not as it was in the document, in sentences
 * @param compared its formulas' values beside those in the document; nothing where it keeps none
 */
public record Brought(Worksheet worksheet, List<String> told, Optional<Compared> compared) {
    public Brought {
        told = List.copyOf(told);
    }

    /** Of a document that keeps no values of formulas. */
    public Brought(Worksheet worksheet, List<String> told) {
        this(worksheet, told, Optional.empty());
    }
}
