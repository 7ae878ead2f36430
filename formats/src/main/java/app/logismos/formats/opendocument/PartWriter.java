package app.logismos.formats.opendocument;

import com.ctc.wstx.api.WstxOutputProperties;
import com.ctc.wstx.stax.WstxOutputFactory;
import java.io.BufferedOutputStream;
import java.io.OutputStream;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes one part of such a document, element by element. */
final class PartWriter {
    private static final String VERSION = "1.3";
    private static final String MANIFEST = "urn:oasis:names:tc:opendocument:xmlns:manifest:1.0";
    private static final Map<String, String> NAMESPACES = Map.ofEntries(
            Map.entry("office", "urn:oasis:names:tc:opendocument:xmlns:office:1.0"),
            Map.entry("style", "urn:oasis:names:tc:opendocument:xmlns:style:1.0"),
            Map.entry("text", "urn:oasis:names:tc:opendocument:xmlns:text:1.0"),
            Map.entry("table", "urn:oasis:names:tc:opendocument:xmlns:table:1.0"),
            Map.entry("number", "urn:oasis:names:tc:opendocument:xmlns:datastyle:1.0"),
            Map.entry("meta", "urn:oasis:names:tc:opendocument:xmlns:meta:1.0"),
            Map.entry("draw", "urn:oasis:names:tc:opendocument:xmlns:drawing:1.0"),
            Map.entry("chart", "urn:oasis:names:tc:opendocument:xmlns:chart:1.0"),
            Map.entry("svg", "urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0"),
            Map.entry("xlink", "http://www.w3.org/1999/xlink"),
            Map.entry("dc", "http://purl.org/dc/elements/1.1/"),
            Map.entry("of", "urn:oasis:names:tc:opendocument:xmlns:of:1.2"));

    private static final XMLOutputFactory FACTORY = factory();
    private static final Pattern UNWRITABLE =
            Pattern.compile("[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");

    private final XMLStreamWriter xml;

    PartWriter(OutputStream out) throws XMLStreamException {
        xml = FACTORY.createXMLStreamWriter(new BufferedOutputStream(out, 1 << 16), "UTF-8");
        xml.writeStartDocument("UTF-8", "1.0");
    }

    /** The elements are ours: none is begun that is not ended. */
    private static XMLOutputFactory factory() {
        XMLOutputFactory factory = new WstxOutputFactory();
        factory.setProperty(WstxOutputProperties.P_OUTPUT_VALIDATE_STRUCTURE, false);
        factory.setProperty(WstxOutputProperties.P_OUTPUT_VALIDATE_CONTENT, false);
        return factory;
    }

    void close() throws XMLStreamException {
        xml.writeEndDocument();
        xml.flush();
        xml.close();
    }

    /** The element that all others are in; the list of all parts has a namespace of its own. */
    void root(String prefix, String name) throws XMLStreamException {
        start(prefix, name);
        if (prefix.equals("manifest")) {
            xml.writeNamespace(prefix, MANIFEST);
        } else {
            for (Map.Entry<String, String> each : new TreeMap<>(NAMESPACES).entrySet()) {
                xml.writeNamespace(each.getKey(), each.getValue());
            }
        }
        attribute(prefix, "version", VERSION);
    }

    private static String namespace(String prefix) {
        return NAMESPACES.getOrDefault(prefix, MANIFEST);
    }

    void start(String prefix, String name) throws XMLStreamException {
        xml.writeStartElement(prefix, name, namespace(prefix));
    }

    void end() throws XMLStreamException {
        xml.writeEndElement();
    }

    void empty(String prefix, String name) throws XMLStreamException {
        xml.writeEmptyElement(prefix, name, namespace(prefix));
    }

    void attribute(String prefix, String name, String value) throws XMLStreamException {
        xml.writeAttribute(prefix, namespace(prefix), name, clean(value));
    }

    void text(String text) throws XMLStreamException {
        xml.writeCharacters(clean(text));
    }

    /** Characters that XML cannot hold are left out. */
    private static String clean(String text) {
        boolean isClean = true;
        for (int i = 0; i < text.length() && isClean; i++) {
            char c = text.charAt(i);
            isClean = c >= 0x20 && c < 0xFFFE && !Character.isSurrogate(c) || c == '\t' || c == '\n' || c == '\r';
        }
        return isClean ? text : UNWRITABLE.matcher(text).replaceAll("");
    }
}
