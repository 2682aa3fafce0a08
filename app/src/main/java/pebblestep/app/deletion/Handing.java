package pebblestep.app.deletion;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.Locale;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.deletion.KeptTables.Kept;
import pebblestep.exchange.CsvText;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Writes out what is kept about one student: all of it as JSON, the takes as CSV. Row by row, however much it is. */
@Service
class Handing {
    /** Of the application's own keeping: they say nothing about anybody. */
    private static final Set<String> INSIDE = Set.of("studio_id", "version", "link_version");

    private static final String TAKES =
            """
            select t.taken_on, t.taken_at, a.title, t.bpm, t.outcome, t.seconds, t.slipped, t.note
            from takes t join assignments a on a.id = t.assignment_id
            where t.student_id = :id order by t.taken_at""";

    private final NamedParameterJdbcTemplate database;
    private final JsonMapper json;

    Handing(NamedParameterJdbcTemplate database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    private static MapSqlParameterSource of(long studentId) {
        return new MapSqlParameterSource("id", studentId);
    }

    /** Everything, by table. */
    @Transactional(readOnly = true)
    public void all(long studentId, OutputStream out) {
        try (JsonGenerator writer = json.createGenerator(out)) {
            writer.writeStartObject();
            for (Kept table : KeptTables.OF_A_STUDENT.reversed()) {
                writer.writeName(table.name());
                writer.writeStartArray();
                database.query(
                        "select * from " + table.name() + " where " + table.where(), of(studentId), (RowCallbackHandler)
                                row -> row(row, writer));
                writer.writeEndArray();
            }
            writer.writeEndObject();
        }
    }

    private void row(ResultSet row, JsonGenerator writer) throws SQLException {
        ResultSetMetaData columns = row.getMetaData();
        writer.writeStartObject();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            String name = columns.getColumnName(i).toLowerCase(Locale.ROOT);
            if (INSIDE.contains(name)) continue;
            writer.writeName(name);
            value(row.getObject(i), columns.getColumnTypeName(i), writer);
        }
        writer.writeEndObject();
    }

    private void value(@Nullable Object value, String type, JsonGenerator writer) {
        switch (value) {
            case null -> writer.writeNull();
            case Boolean is -> writer.writeBoolean(is);
            case Number number -> writer.writeNumber(number.toString());
            case byte[] bytes
            when type.equals("JSON") -> {
                JsonNode node = json.readTree(bytes);
                // A JSON column that was bound as text comes back as a JSON string.
                writer.writeTree(node.isString() ? json.readTree(node.asString()) : node);
            }
            default -> writer.writeString(value.toString());
        }
    }

    /** The takes, oldest first, as comma-separated values (RFC 4180). */
    @Transactional(readOnly = true)
    public void takes(long studentId, OutputStream out) throws IOException {
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVPrinter csv = CSVFormat.RFC4180
                .builder()
                .setHeader("day", "moment", "step", "bpm", "outcome", "seconds", "slipped", "note")
                .get()
                .print(writer);
        database.query(TAKES, of(studentId), (RowCallbackHandler) row -> {
            try {
                csv.printRecord(
                        row.getString(1),
                        row.getString(2),
                        CsvText.harmless(row.getString(3)),
                        row.getBigDecimal(4),
                        row.getString(5).toLowerCase(Locale.ROOT),
                        row.getInt(6),
                        row.getString(7),
                        CsvText.harmless(row.getString(8)));
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        csv.flush();
    }
}
