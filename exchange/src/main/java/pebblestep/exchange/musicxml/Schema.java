package pebblestep.exchange.musicxml;

import jakarta.xml.bind.JAXBContext;
import jakarta.xml.bind.JAXBException;
import org.audiveris.proxymusic.ScorePartwise;

/** The classes of the standard's schema, read once. */
final class Schema {
    static final JAXBContext CLASSES = load();

    private Schema() {}

    private static JAXBContext load() {
        try {
            return JAXBContext.newInstance(ScorePartwise.class);
        } catch (JAXBException e) {
            throw new IllegalStateException(e);
        }
    }
}
