package pebblestep.exchange.musicxml;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URL;
import java.util.Objects;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import org.audiveris.proxymusic.ScorePartwise;
import org.w3c.dom.bootstrap.DOMImplementationRegistry;
import org.w3c.dom.ls.DOMImplementationLS;
import org.w3c.dom.ls.LSInput;
import org.xml.sax.SAXException;

/** The schema of MusicXML 4.0 (W3C Music Notation Community Group), as the class library carries it. */
final class Schema40 {
    private static final Schema SCHEMA = load();

    private Schema40() {}

    /** Refuses what the schema does not allow. */
    static void validate(byte[] musicXml) throws SAXException, IOException {
        SCHEMA.newValidator().validate(new StreamSource(new ByteArrayInputStream(musicXml)));
    }

    private static Schema load() {
        try {
            SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
            DOMImplementationLS dom = (DOMImplementationLS)
                    DOMImplementationRegistry.newInstance().getDOMImplementation("LS");
            factory.setResourceResolver((type, namespace, publicId, systemId, base) -> {
                LSInput input = dom.createLSInput();
                input.setByteStream(beside(systemId));
                input.setSystemId(systemId);
                return input;
            });
            URL schema = Objects.requireNonNull(ScorePartwise.class.getResource("/META-INF/jaxb/xsd/musicxml.xsd"));
            return factory.newSchema(schema);
        } catch (ReflectiveOperationException | SAXException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The two schemas that it imports, which the library leaves out; nothing is fetched. */
    private static InputStream beside(String name) {
        return Objects.requireNonNull(Schema40.class.getResourceAsStream(name), name);
    }
}
