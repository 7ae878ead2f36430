package app.logismos.formats.document;

import java.io.InputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Reading XML as a stream: without document types and entities, so that nothing is fetched and nothing multiplies. */
public final class Xml {
    private static final XMLInputFactory FACTORY = factory();

    private Xml() {}

    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, false);
        factory.setProperty("http://www.oracle.com/xml/jaxp/properties/maxElementDepth", "500");
        return factory;
    }

    /** A reader of a part of a document. */
    public static XMLStreamReader reader(InputStream part) throws XMLStreamException {
        synchronized (FACTORY) {
            return FACTORY.createXMLStreamReader(part);
        }
    }

    /** Goes to the end of the element that the reader is at the start of. */
    public static void skip(XMLStreamReader xml) throws XMLStreamException {
        int depth = 1;
        while (depth > 0) {
            int event = xml.next();
            depth += event == XMLStreamReader.START_ELEMENT ? 1 : event == XMLStreamReader.END_ELEMENT ? -1 : 0;
        }
    }
}
