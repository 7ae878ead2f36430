package app.logismos.formats.office;

import app.logismos.formats.document.Xml;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackagePart;
import org.apache.poi.openxml4j.opc.PackagePartName;
import org.apache.poi.openxml4j.opc.PackagingURIHelper;
import org.apache.poi.openxml4j.opc.TargetMode;

/** The worksheet as a document of ours in a part of a workbook (custom XML, ECMA-376, part 1, section 15.2.4). */
final class KeptPart {
    private static final String NAMESPACE = "urn:app:logismos:worksheet";
    private static final String RELATION =
            "http://schemas.openxmlformats.org/officeDocument/2006/relationships/customXml";

    private KeptPart() {}

    static Optional<byte[]> of(OPCPackage document) throws IOException, OpenXML4JException {
        for (PackagePart part : document.getParts()) {
            String name = part.getPartName().getName();
            if (name.startsWith("/customXml/") && name.endsWith(".xml")) {
                try (InputStream in = part.getInputStream()) {
                    XMLStreamReader xml = Xml.reader(in);
                    xml.nextTag();
                    if (NAMESPACE.equals(xml.getNamespaceURI())) {
                        return Optional.of(xml.getElementText().getBytes(StandardCharsets.UTF_8));
                    }
                } catch (XMLStreamException other) {
                    // A part of another program.
                }
            }
        }
        return Optional.empty();
    }

    static void put(OPCPackage document, PackagePart workbook, byte[] worksheet)
            throws IOException, OpenXML4JException {
        PackagePartName name = PackagingURIHelper.createPartName("/customXml/item1.xml");
        PackagePart part = document.createPart(name, "application/xml");
        try (OutputStream out = part.getOutputStream()) {
            XMLStreamWriter xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out, "UTF-8");
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("worksheet");
            xml.writeDefaultNamespace(NAMESPACE);
            xml.writeCharacters(new String(worksheet, StandardCharsets.UTF_8));
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.flush();
        } catch (XMLStreamException failed) {
            throw new IOException(failed);
        }
        workbook.addRelationship(name, TargetMode.INTERNAL, RELATION);
    }
}
