package pebblestep.exchange.archive;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import pebblestep.exchange.CsvText;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes an archive table by table, row by row, however many they are. The same rows make the same bytes: entries carry no
 * time of their own, and when it was made stands in the manifest alone.
 */
public final class ArchiveWriter implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(StreamWriteFeature.AUTO_CLOSE_TARGET)
            .enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
            .build();
    /** Each line ends by itself. */
    private static final ObjectWriter LINES = JSON.writer().withRootValueSeparator("");

    /** Archives are made while somebody waits: how long it takes matters more than a tenth of its size. */
    private static final int QUICKLY = 3;

    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private final ZipOutputStream zip;
    private final List<Manifest.Table> tables = new ArrayList<>();

    public ArchiveWriter(OutputStream out) {
        this.zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        zip.setLevel(QUICKLY);
    }

    /** A document, written as it stands. */
    public record Json(String json) {}

    /** Takes one row: a value for each column, which is a text, number, boolean, {@link Json}, or null. */
    public interface Sink {
        void row(@Nullable Object[] values);
    }

    /** Hands over the same rows in the same order, each time it is asked. */
    public interface Rows {
        void to(Sink sink);
    }

    /**
     * Writes a table; its rows are asked for twice.
     *
     * @param unseen columns that say nothing to whoever reads a spreadsheet
     */
    public void table(String name, List<String> columns, Set<String> unseen, Rows rows) throws IOException {
        try {
            lines(name, columns, rows);
            csv(name, columns, unseen, rows);
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private void lines(String name, List<String> columns, Rows rows) throws IOException {
        begin(name + ".jsonl");
        MessageDigest digest = sha256();
        long[] count = {0};
        try (JsonGenerator json = LINES.createGenerator(new DigestOutputStream(unclosed(), digest))) {
            rows.to(values -> {
                json.writeStartObject();
                for (int i = 0; i < values.length; i++) property(json, columns.get(i), values[i]);
                json.writeEndObject();
                json.writeRaw('\n');
                count[0]++;
            });
        }
        zip.closeEntry();
        tables.add(new Manifest.Table(name, count[0], HexFormat.of().formatHex(digest.digest())));
    }

    private static void property(JsonGenerator json, String name, @Nullable Object value) {
        if (value == null) return;
        json.writeName(name);
        switch (value) {
            case Json document -> json.writeRawValue(document.json());
            case Long number -> json.writeNumber(number);
            case java.math.BigDecimal number -> json.writeNumber(number.stripTrailingZeros());
            case Boolean flag -> json.writeBoolean(flag);
            default -> json.writeString(value.toString());
        }
    }

    private void csv(String name, List<String> columns, Set<String> unseen, Rows rows) throws IOException {
        begin(name + ".csv");
        Writer writer = new OutputStreamWriter(unclosed(), StandardCharsets.UTF_8);
        CSVPrinter csv = CSVFormat.RFC4180
                .builder()
                .setHeader(columns.stream()
                        .filter(column -> !unseen.contains(column))
                        .toArray(String[]::new))
                .get()
                .print(writer);
        rows.to(values -> {
            try {
                for (int i = 0; i < values.length; i++) {
                    if (!unseen.contains(columns.get(i))) csv.print(plain(values[i]));
                }
                csv.println();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        csv.flush();
        zip.closeEntry();
    }

    private static @Nullable Object plain(@Nullable Object value) {
        return switch (value) {
            case null -> null;
            case Json document -> document.json();
            case String text -> CsvText.harmless(text);
            default -> value;
        };
    }

    /** Writes the manifest; nothing comes after it. */
    public void finish(String holds, String title, Instant made) throws IOException {
        begin(ArchiveFile.MANIFEST);
        zip.write(JSON.writerWithDefaultPrettyPrinter()
                .writeValueAsBytes(new Manifest(Manifest.FORMAT, holds, title, made, tables)));
        zip.closeEntry();
        zip.finish();
    }

    private void begin(String name) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_TIME);
        zip.putNextEntry(entry);
    }

    private OutputStream unclosed() {
        return new FilterOutputStream(zip) {
            @Override
            public void write(byte[] bytes, int from, int length) throws IOException {
                out.write(bytes, from, length);
            }

            @Override
            public void close() {
                // The next entry follows.
            }
        };
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
