package pebblestep.app.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.archive.Columns.Column;
import pebblestep.exchange.archive.ArchiveWriter;
import pebblestep.exchange.archive.ArchiveWriter.Json;

/** Writes archives, as the studio stands at one moment, in parts that fit into memory however large it is. */
@Service
class ArchiveOut {
    /** The studio itself: a table of one row. */
    static final String STUDIO = "studio";

    static final String OF_STUDIO = "studio";
    static final String OF_STUDENT = "student";

    /** So many ids are asked for at once. */
    private static final int WINDOW = 4_000;

    /** By which a device knows its takes. */
    private static final Set<String> UNSEEN = Set.of("client_id");

    private final NamedParameterJdbcTemplate database;
    private final Columns columns;
    private final Clock clock;

    ArchiveOut(NamedParameterJdbcTemplate database, Columns columns, Clock clock) {
        this.database = database;
        this.columns = columns;
        this.clock = clock;
    }

    /** What somebody's rows are found by, and on which line each row stood that others point at. */
    private record Going(MapSqlParameterSource whose, boolean oneStudent, Map<String, Map<Long, Long>> lines) {
        @Nullable
        Long line(String table, long id) {
            return lines.getOrDefault(table, Map.of()).get(id);
        }
    }

    /** Everything of a studio but its teachers' ways in. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void studio(long studioId, OutputStream out) throws IOException {
        Going going = new Going(new MapSqlParameterSource("studio", studioId), false, new HashMap<>());
        Map<String, Object> studio = database.queryForMap(
                "select name, cast(settings as varchar) as settings from studios where id = :studio", going.whose);
        String name = String.valueOf(studio.get("name"));
        try (ArchiveWriter archive = new ArchiveWriter(out)) {
            String settings = (String) studio.get("settings");
            archive.table(
                    STUDIO,
                    List.of("name", "settings"),
                    Set.of(),
                    sink -> sink.row(new Object[] {name, settings == null ? null : new Json(settings)}));
            tables(archive, going);
            archive.finish(OF_STUDIO, name, clock.instant().truncatedTo(ChronoUnit.SECONDS));
        }
    }

    /** Everything that is kept about one student. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void student(long studioId, long studentId, OutputStream out) throws IOException {
        MapSqlParameterSource whose = new MapSqlParameterSource("studio", studioId).addValue("student", studentId);
        List<Long> steps = new ArrayList<>(database.queryForList(
                "select distinct step_id from assignments where student_id = :student", whose, Long.class));
        database.queryForList("select steps from key_plans where student_id = :student", whose, String.class)
                .forEach(text -> steps.addAll(PlanPointers.steps(text)));
        // None would be no list at all.
        if (steps.isEmpty()) steps.add(-1L);
        whose.addValue("steps", steps.stream().distinct().toList());
        String name = database.queryForObject("select name from students where id = :student", whose, String.class);
        try (ArchiveWriter archive = new ArchiveWriter(out)) {
            tables(archive, new Going(whose, true, new HashMap<>()));
            archive.finish(OF_STUDENT, String.valueOf(name), clock.instant().truncatedTo(ChronoUnit.SECONDS));
        }
    }

    private void tables(ArchiveWriter archive, Going going) throws IOException {
        for (CarriedTable table : CarriedTable.ALL) {
            List<Column> its = columns.of(table);
            archive.table(
                    table.name(),
                    its.stream().map(Column::name).toList(),
                    UNSEEN,
                    sink -> rows(table, its, going, sink));
        }
    }

    private void rows(CarriedTable table, List<Column> its, Going going, ArchiveWriter.Sink sink) {
        String where = going.oneStudent ? table.ofStudent() : table.ofStudio();
        String names = String.join(", ", its.stream().map(Column::name).toList());
        Map<String, Object> ends = database.queryForMap(
                "select min(id) as first, max(id) as last from " + table.name() + " where " + where, going.whose);
        if (!(ends.get("first") instanceof Number first) || !(ends.get("last") instanceof Number last)) return;
        Map<Long, Long> lines = new HashMap<>();
        if (table.isPointedAt()) going.lines.put(table.name(), lines);
        long[] line = {0};
        String asked = "select id, " + names + " from " + table.name() + " where id between :from and :upto and "
                + where + " order by id";
        for (long from = first.longValue(); from <= last.longValue(); from += WINDOW) {
            MapSqlParameterSource window = new MapSqlParameterSource(going.whose.getValues())
                    .addValue("from", from)
                    .addValue("upto", from + WINDOW - 1);
            database.query(asked, window, (RowCallbackHandler) row -> {
                @Nullable Object[] values = values(table, its, going, row);
                if (values.length == 0) return;
                line[0]++;
                if (table.isPointedAt()) lines.put(row.getLong(1), line[0]);
                sink.row(values);
            });
        }
    }

    /** The values of a row; none where it points at one that stays behind, such as a deleted student. */
    private @Nullable Object[] values(CarriedTable table, List<Column> its, Going going, ResultSet row)
            throws SQLException {
        @Nullable Object[] values = new @Nullable Object[its.size()];
        for (int i = 0; i < values.length; i++) {
            Column column = its.get(i);
            String target = table.pointers().get(column.name());
            Object value = value(column, row, i + 2);
            if (target != null && value != null) {
                value = going.line(target, (Long) value);
                // Who decided may be unknown; what a row is about may not.
                boolean aside = target.equals(CarriedTable.TEACHERS) || target.equals(table.name());
                if (value == null && !aside) return new Object[0];
            }
            if (table.name().equals(CarriedTable.PLANS) && column.name().equals("steps") && value != null) {
                value = PlanPointers.moved((String) value, id -> going.line(CarriedTable.STEPS, id));
            }
            if (table.name().equals(CarriedTable.STUDENTS) && column.name().equals("instrument") && value != null) {
                value = instrument((String) value, going);
            }
            values[i] = value;
        }
        return values;
    }

    private static String instrument(String id, Going going) {
        if (!id.startsWith(CarriedTable.OWN)) return id;
        Long line = going.line(CarriedTable.INSTRUMENTS, Long.parseLong(id.substring(CarriedTable.OWN.length())));
        return CarriedTable.OWN + line;
    }

    private static @Nullable Object value(Column column, ResultSet row, int at) throws SQLException {
        return switch (column.kind()) {
            case NUMBER -> {
                long number = row.getLong(at);
                yield row.wasNull() ? null : number;
            }
            case DECIMAL -> row.getBigDecimal(at);
            case FLAG -> {
                boolean flag = row.getBoolean(at);
                yield row.wasNull() ? null : flag;
            }
            case DAY -> text(row.getObject(at, LocalDate.class));
            case TIME -> text(row.getObject(at, LocalTime.class));
            case MOMENT -> {
                OffsetDateTime moment = row.getObject(at, OffsetDateTime.class);
                yield moment == null ? null : moment.toInstant().toString();
            }
            case IDENTIFIER -> text(row.getObject(at, UUID.class));
            case DOCUMENT -> {
                String json = row.getString(at);
                yield json == null ? null : new Json(json);
            }
            case TEXT -> row.getString(at);
        };
    }

    private static @Nullable String text(@Nullable Object value) {
        return value == null ? null : value.toString();
    }
}
