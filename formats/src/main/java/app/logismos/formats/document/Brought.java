package app.logismos.formats.document;

import app.logismos.sheet.Worksheet;
import java.util.List;

/**
 * What was read from a document.
 *
 * @param worksheet of its own; {@link app.logismos.formats.Joining} puts it into another
 * @param told what is not as it was in the document, in sentences
 */
public record Brought(Worksheet worksheet, List<String> told) {
    public Brought {
        told = List.copyOf(told);
    }
}
