package app.logismos.formats.office;

import app.logismos.formats.document.PartStream;
import app.logismos.formats.document.Xml;
import com.ctc.wstx.stax.WstxOutputFactory;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;

/**
 * A workbook of the strict form (ISO/IEC 29500, part 1), written again with the names of the transitional one (part 4), which is
 * what is read: the two differ in the names of their namespaces and relationships.
 */
final class StrictForm {
    private static final String RELATIONSHIPS = "_rels/.rels";
    private static final long MOST_BYTES = 768L << 20;
    private static final Pattern STRICT = Pattern.compile("http://purl\\.oclc\\.org/ooxml/([A-Za-z]+)/(.*)");

    /** Names that have a hyphen in the one form and none in the other. */
    private static final Map<String, String> SPELLED_OTHERWISE = Map.of(
            "extendedProperties", "extended-properties",
            "customProperties", "custom-properties",
            "relationships/extendedProperties", "relationships/extended-properties",
            "relationships/customProperties", "relationships/custom-properties");

    private static final WstxOutputFactory WRITERS = new WstxOutputFactory();

    private StrictForm() {}

    /** Whether a file is of this form; what is no archive is of none. */
    static boolean is(Path file) throws IOException, XMLStreamException {
        try (ZipFile archive = new ZipFile(file.toFile())) {
            ZipEntry entry = archive.getEntry(RELATIONSHIPS);
            if (entry == null) {
                return false;
            }
            try (InputStream part = PartStream.ofXml(archive.getInputStream(entry), MOST_BYTES)) {
                XMLStreamReader xml = Xml.reader(part);
                while (xml.hasNext()) {
                    if (xml.next() == XMLStreamConstants.START_ELEMENT
                            && Optional.ofNullable(xml.getAttributeValue(null, "Type"))
                                    .map(type -> STRICT.matcher(type).matches())
                                    .orElse(false)) {
                        return true;
                    }
                }
            }
        } catch (ZipException none) {
            return false;
        }
        return false;
    }

    /** Writes the file again; parts that are no XML stay as they are. */
    static void rewrite(Path from, Path to) throws IOException, XMLStreamException {
        try (ZipFile archive = new ZipFile(from.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(to))) {
            out.setLevel(1);
            long left = MOST_BYTES;
            Enumeration<? extends ZipEntry> entries = archive.entries();
            while (entries.hasMoreElements()) {
                ZipEntry entry = entries.nextElement();
                String name = entry.getName();
                boolean isXml = name.endsWith(".xml") || name.endsWith(".rels");
                InputStream stored = archive.getInputStream(entry);
                out.putNextEntry(new ZipEntry(name));
                try (PartStream part = isXml ? PartStream.ofXml(stored, left) : PartStream.of(stored, left)) {
                    if (isXml) {
                        copy(part, out);
                    } else {
                        part.transferTo(out);
                    }
                    left -= part.count();
                }
                out.closeEntry();
            }
        }
    }

    private static void copy(InputStream part, OutputStream out) throws XMLStreamException {
        XMLStreamReader xml = Xml.reader(part);
        XMLStreamWriter writer = WRITERS.createXMLStreamWriter(out, "UTF-8");
        writer.writeStartDocument("UTF-8", "1.0");
        while (xml.hasNext()) {
            switch (xml.next()) {
                case XMLStreamConstants.START_ELEMENT -> start(xml, writer);
                case XMLStreamConstants.END_ELEMENT -> writer.writeEndElement();
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA, XMLStreamConstants.SPACE ->
                    writer.writeCharacters(xml.getText());
                default -> {}
            }
        }
        writer.writeEndDocument();
        writer.flush();
    }

    private static void start(XMLStreamReader xml, XMLStreamWriter writer) throws XMLStreamException {
        writer.writeStartElement(plain(xml.getPrefix()), xml.getLocalName(), usual(plain(xml.getNamespaceURI())));
        for (int i = 0; i < xml.getNamespaceCount(); i++) {
            String uri = usual(plain(xml.getNamespaceURI(i)));
            if (plain(xml.getNamespacePrefix(i)).isEmpty()) {
                writer.writeDefaultNamespace(uri);
            } else {
                writer.writeNamespace(xml.getNamespacePrefix(i), uri);
            }
        }
        boolean isRelationship = xml.getLocalName().equals("Relationship");
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String name = xml.getAttributeLocalName(i);
            String value = xml.getAttributeValue(i);
            writer.writeAttribute(
                    plain(xml.getAttributePrefix(i)),
                    usual(plain(xml.getAttributeNamespace(i))),
                    name,
                    isRelationship && name.equals("Type") ? usual(value) : value);
        }
    }

    private static String plain(String text) {
        return text == null ? "" : text;
    }

    /** The name of the transitional form; others stay. */
    private static String usual(String name) {
        Matcher strict = STRICT.matcher(name);
        return strict.matches()
                ? "http://schemas.openxmlformats.org/" + strict.group(1) + "/2006/"
                        + SPELLED_OTHERWISE.getOrDefault(strict.group(2), strict.group(2))
                : name;
    }
}
