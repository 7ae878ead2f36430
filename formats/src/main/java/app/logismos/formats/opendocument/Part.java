package app.logismos.formats.opendocument;

import java.util.Optional;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** What an element of such a document says, whatever the prefixes of its namespaces are. */
final class Part {
    private static final Pattern COUNT = Pattern.compile("[0-9]{1,9}");
    private static final Pattern SPACES = Pattern.compile("[ \\t\\r\\n]+");

    private Part() {}

    /** An attribute by its local name. */
    static Optional<String> attribute(XMLStreamReader xml, String name) {
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            if (xml.getAttributeLocalName(i).equals(name)) {
                return Optional.of(xml.getAttributeValue(i));
            }
        }
        return Optional.empty();
    }

    /** A whole number above or equal to zero. */
    static Optional<Integer> number(XMLStreamReader xml, String name) {
        return attribute(xml, name).filter(COUNT.asMatchPredicate()).map(Integer::parseInt);
    }

    /** The text of an element and of those in it. */
    static String text(XMLStreamReader xml) throws XMLStreamException {
        StringBuilder text = new StringBuilder();
        for (int depth = 1; depth > 0; ) {
            switch (xml.next()) {
                case XMLStreamConstants.START_ELEMENT -> {
                    depth++;
                    switch (xml.getLocalName()) {
                        case "s" ->
                            text.append(
                                    " ".repeat(Math.min(1_000, number(xml, "c").orElse(1))));
                        case "tab" -> text.append('\t');
                        case "line-break" -> text.append('\n');
                        default -> {}
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> depth--;
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA, XMLStreamConstants.SPACE ->
                    text.append(SPACES.matcher(xml.getText()).replaceAll(" "));
                default -> {}
            }
        }
        return text.toString();
    }
}
