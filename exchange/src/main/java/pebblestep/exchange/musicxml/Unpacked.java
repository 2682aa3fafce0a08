package pebblestep.exchange.musicxml;

import java.io.ByteArrayInputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;

/**
 * The score within a compressed file, unpacked as it is read. Nothing is written anywhere, so a path in it leads nowhere; what swells
 * up is refused.
 */
final class Unpacked {
    private static final String CONTAINER = "META-INF/container.xml";
    private static final int MOST_ENTRIES = 50;
    private static final int MOST_BYTES = 20 * 1024 * 1024;
    private static final int MOST_IN_CONTAINER = 64 * 1024;

    private Unpacked() {}

    static boolean isCompressed(byte[] file) {
        return file.length > 3 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    /**
     * The score, to be read once. Refuses a container that names no score or has over fifty files; reading on refuses what is larger
     * than 20 MB when it is unpacked.
     */
    static InputStream score(byte[] file) {
        InputStream container = entry(file, CONTAINER);
        String named = container == null ? null : rootFile(container);
        InputStream score = named == null ? null : entry(file, named);
        if (score == null) throw strange("It names no score within it.");
        return score;
    }

    /** A file within the file; null where there is none of that name. */
    private static @Nullable InputStream entry(byte[] file, String name) {
        Swelling bytes = new Swelling(new ZipInputStream(new ByteArrayInputStream(file)));
        try {
            for (int entries = 0; entries <= MOST_ENTRIES; entries++) {
                ZipEntry entry = bytes.zip.getNextEntry();
                if (entry == null) return null;
                if (entry.getName().equals(name)) return bytes;
                // What stands before it is unpacked on the way, so it counts as well.
                bytes.transferTo(OutputStream.nullOutputStream());
            }
        } catch (IOException | IllegalArgumentException e) {
            throw strange("It is damaged.");
        }
        throw strange("It has more files within it than a score needs.");
    }

    /** Counts what comes out of a compressed file. */
    private static final class Swelling extends FilterInputStream {
        private final ZipInputStream zip;
        private int room = MOST_BYTES;

        private Swelling(ZipInputStream zip) {
            super(zip);
            this.zip = zip;
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            if (one >= 0) count(1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int read = super.read(into, from, length);
            if (read > 0) count(read);
            return read;
        }

        private void count(int bytes) {
            room -= bytes;
            if (room < 0) throw strange("Unpacked it is larger than 20 MB.");
        }
    }

    private static @Nullable String rootFile(InputStream container) {
        try {
            byte[] xml = container.readNBytes(MOST_IN_CONTAINER);
            XMLStreamReader reader = SafeXml.reader(new ByteArrayInputStream(xml));
            while (reader.hasNext()) {
                if (reader.next() == XMLStreamReader.START_ELEMENT
                        && reader.getLocalName().equals("rootfile")) return reader.getAttributeValue(null, "full-path");
            }
        } catch (IOException | XMLStreamException e) {
            throw strange("It is damaged.");
        }
        return null;
    }

    private static Refusal strange(String why) {
        return Refusal.of("This compressed file cannot be read. " + why).fits("Save it again, or without compression.");
    }
}
