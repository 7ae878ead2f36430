package app.logismos.formats.document;

import com.ctc.wstx.api.WstxInputProperties;
import com.ctc.wstx.stax.WstxInputFactory;
import java.io.InputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Reading XML as a stream: without document types and entities, so that nothing is fetched and nothing multiplies. */
public final class Xml {
    private static final int DEEPEST = 500;
    private static final XMLInputFactory FACTORY = factory();

    private Xml() {}

    private static XMLInputFactory factory() {
        XMLInputFactory factory = new WstxInputFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, false);
        factory.setProperty(WstxInputProperties.P_MAX_ELEMENT_DEPTH, DEEPEST);
        // A fault is told at once, and not where its text is asked for.
        factory.setProperty(WstxInputProperties.P_LAZY_PARSING, false);
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
