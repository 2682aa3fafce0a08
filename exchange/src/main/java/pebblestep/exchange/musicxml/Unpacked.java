package pebblestep.exchange.musicxml;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import pebblestep.core.Refusal;

/** The score within a compressed file. Nothing is written anywhere, so a path in it leads nowhere; what swells up is refused. */
final class Unpacked {
    private static final int MOST_ENTRIES = 50;
    private static final int MOST_BYTES = 20 * 1024 * 1024;

    private Unpacked() {}

    static boolean isCompressed(byte[] file) {
        return file.length > 3 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    /** Refuses a container that names no score, has over fifty files, or is larger than 20 MB when it is unpacked. */
    static byte[] score(byte[] file) {
        Map<String, byte[]> entries = new HashMap<>();
        int room = MOST_BYTES;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entries.size() >= MOST_ENTRIES) throw strange("It has more files within it than a score needs.");
                byte[] content = zip.readNBytes(room + 1);
                if (content.length > room) throw strange("Unpacked it is larger than 20 MB.");
                room -= content.length;
                entries.put(entry.getName(), content);
            }
        } catch (IOException | IllegalArgumentException e) {
            throw strange("It is damaged.");
        }
        byte[] container = entries.get("META-INF/container.xml");
        String named = container == null ? null : rootFile(container);
        byte[] score = named == null ? null : entries.get(named);
        if (score == null) throw strange("It names no score within it.");
        return score;
    }

    private static @org.jspecify.annotations.Nullable String rootFile(byte[] container) {
        try {
            XMLStreamReader reader = SafeXml.reader(container);
            while (reader.hasNext()) {
                if (reader.next() == XMLStreamReader.START_ELEMENT
                        && reader.getLocalName().equals("rootfile")) return reader.getAttributeValue(null, "full-path");
            }
        } catch (XMLStreamException e) {
            throw strange("It is damaged.");
        }
        return null;
    }

    private static Refusal strange(String why) {
        return Refusal.of("This compressed file cannot be read. " + why).fits("Save it again, or without compression.");
    }
}
