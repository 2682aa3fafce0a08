package pebblestep.exchange.archive;

import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.Enumeration;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * An archive that somebody has brought. Nothing of it is unpacked to the disk. Refused are files that are no archive of ours,
 * that hold anything else, that swell beyond what rows of text do, and tables that are not what the manifest says of them.
 */
public final class ArchiveFile implements Closeable {
    static final String MANIFEST = "manifest.json";

    private static final int MOST_MANIFEST = 64 * 1024;
    private static final int LONGEST_LINE = 512 * 1024;
    private static final int LONGEST_TITLE = 200;
    /** Rows of takes are packed to about a tenth. */
    private static final long MOST_SWELLING = 60;

    /** The record at the end of a ZIP file, as its specification has it (APPNOTE 6.3, section 4.3.16). */
    private static final long END_SIGNATURE = 0x06054b50L;

    private static final int END_RECORD = 22;
    private static final int ENTRIES_AT = 10;
    private static final int LIST_SIZE_AT = 12;
    private static final int MOST_ENTRIES = 200;

    private static final long ALWAYS_ALLOWED = 4L * 1024 * 1024;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final ZipFile zip;
    private final Manifest manifest;
    private final long most;

    private ArchiveFile(ZipFile zip, Manifest manifest, long most) {
        this.zip = zip;
        this.manifest = manifest;
        this.most = most;
    }

    /** Takes one row and its line, from 1. */
    public interface Lines {
        void line(long number, JsonNode row);
    }

    /**
     * Opens an archive.
     *
     * @param known the tables that it may hold
     */
    public static ArchiveFile open(Path path, List<String> known) throws IOException {
        requireFewEntries(path);
        ZipFile zip;
        try {
            zip = new ZipFile(path.toFile(), StandardCharsets.UTF_8);
        } catch (IOException | IllegalArgumentException e) {
            throw notOurs();
        }
        try {
            requireNames(zip, known);
            Manifest manifest = manifest(zip);
            for (Manifest.Table table : manifest.tables()) {
                if (!known.contains(table.name()) || zip.getEntry(table.name() + ".jsonl") == null) {
                    throw Refusal.of(
                            "file", "This archive names \"" + shown(table.name()) + "\" and does not hold it.");
                }
            }
            return new ArchiveFile(zip, manifest, Math.max(ALWAYS_ALLOWED, Files.size(path) * MOST_SWELLING));
        } catch (IOException | RuntimeException e) {
            zip.close();
            throw e;
        }
    }

    /** Opening a file reads the list of all that it holds, which may be nearly as large as the file: looked at before. */
    private static void requireFewEntries(Path path) throws IOException {
        byte[] end = new byte[END_RECORD];
        try (RandomAccessFile file = new RandomAccessFile(path.toFile(), "r")) {
            if (file.length() < END_RECORD) throw notOurs();
            file.seek(file.length() - END_RECORD);
            file.readFully(end);
        }
        // Ours have no comment behind it, so it is the last there is.
        boolean few = number(end, 0, 4) == END_SIGNATURE
                && number(end, ENTRIES_AT, 2) <= MOST_ENTRIES
                && number(end, LIST_SIZE_AT, 4) <= MOST_ENTRIES * 1024L;
        if (!few) throw notOurs();
    }

    /** A number of some bytes, the lowest first. */
    private static long number(byte[] bytes, int at, int size) {
        long number = 0;
        for (int i = size - 1; i >= 0; i--) number = number << 8 | bytes[at + i] & 255;
        return number;
    }

    private static void requireNames(ZipFile zip, List<String> known) {
        Set<String> allowed = new HashSet<>(Set.of(MANIFEST));
        known.forEach(name -> allowed.addAll(List.of(name + ".jsonl", name + ".csv")));
        for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
            String name = all.nextElement().getName();
            // Twice the same name is once too often, as is a path.
            if (!allowed.remove(name)) {
                throw Refusal.of("file", "This archive holds \"" + shown(name) + "\", which no archive of ours does.")
                        .fits("Take the file as it was saved from here.");
            }
        }
    }

    private static String shown(String name) {
        return name.length() > 60 ? name.substring(0, 60) + " …" : name;
    }

    private static Refusal notOurs() {
        return Refusal.of("file", "This is no studio archive.").fits("Take the file as it was saved from here.");
    }

    private static Manifest manifest(ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(MANIFEST);
        if (entry == null) throw notOurs();
        byte[] bytes;
        try (InputStream in = zip.getInputStream(entry)) {
            bytes = in.readNBytes(MOST_MANIFEST + 1);
        }
        if (bytes.length > MOST_MANIFEST) throw notOurs();
        try {
            Manifest read = JSON.readValue(bytes, Manifest.class);
            boolean whole = Manifest.FORMAT.equals(read.format())
                    && read.title() != null
                    && read.title().length() <= LONGEST_TITLE
                    && read.holds() != null
                    && read.made() != null
                    && read.tables().stream().allMatch(table -> table.name() != null && table.sha256() != null)
                    && read.tables().stream()
                                    .map(Manifest.Table::name)
                                    .distinct()
                                    .count()
                            == read.tables().size();
            if (!whole) throw notOurs();
            return read;
        } catch (JacksonException | NullPointerException e) {
            throw notOurs();
        }
    }

    /** What it says about itself. */
    public Manifest manifest() {
        return manifest;
    }

    /** Holds every table against the manifest: its lines, and its checksum. */
    public void check() throws IOException {
        long left = most;
        for (Manifest.Table table : manifest.tables()) {
            MessageDigest digest = ArchiveWriter.sha256();
            long lines = 0;
            try (InputStream in = new DigestInputStream(entry(table.name()), digest)) {
                byte[] buffer = new byte[64 * 1024];
                for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                    left -= read;
                    if (left < 0) throw swollen();
                    for (int i = 0; i < read; i++) if (buffer[i] == '\n') lines++;
                }
            } catch (java.util.zip.ZipException e) {
                throw changed(table.name());
            }
            boolean same = HexFormat.of().formatHex(digest.digest()).equals(table.sha256());
            if (!same || lines != table.lines()) throw changed(table.name());
        }
    }

    private static Refusal swollen() {
        return Refusal.of("file", "This archive swells to more than any of ours.")
                .fits("Take the file as it was saved from here.");
    }

    private static Refusal changed(String table) {
        return Refusal.of("file", table + ".jsonl is not what the archive says of it: it was changed, or cut short.")
                .fits("Save the archive again, and bring that.");
    }

    private InputStream entry(String table) throws IOException {
        return zip.getInputStream(zip.getEntry(table + ".jsonl"));
    }

    /** Reads a table row by row; none where the archive has no such table. Refuses lines that are no JSON objects. */
    public void read(String table, Lines lines) throws IOException {
        if (manifest.table(table).isEmpty()) return;
        try (InputStream in = entry(table)) {
            BoundedLines reader = new BoundedLines(in);
            long number = 0;
            for (byte[] line = reader.next(); line != null; line = reader.next()) {
                number++;
                JsonNode row;
                try {
                    row = JSON.readTree(line);
                } catch (JacksonException e) {
                    throw Refusal.of("file", table + ".jsonl, line " + number + ": this is no JSON.");
                }
                if (!row.isObject()) {
                    throw Refusal.of("file", table + ".jsonl, line " + number + ": this is no row.");
                }
                lines.line(number, row);
            }
        }
    }

    /** Lines of bytes, none of them endless. */
    private static final class BoundedLines {
        private final InputStream in;
        private final byte[] buffer = new byte[64 * 1024];
        private int at;
        private int end;

        private BoundedLines(InputStream in) {
            this.in = in;
        }

        /** The next line without its end; null at the end of the file. */
        private byte @Nullable [] next() throws IOException {
            ByteArrayOutputStream line = new ByteArrayOutputStream(512);
            while (true) {
                if (at == end) {
                    end = in.read(buffer);
                    at = 0;
                    if (end < 0) {
                        end = 0;
                        return line.size() == 0 ? null : line.toByteArray();
                    }
                }
                int from = at;
                while (at < end && buffer[at] != '\n') at++;
                line.write(buffer, from, at - from);
                if (line.size() > LONGEST_LINE) throw Refusal.of("file", "This archive has a line that is too long.");
                if (at < end) {
                    at++;
                    return line.toByteArray();
                }
            }
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
