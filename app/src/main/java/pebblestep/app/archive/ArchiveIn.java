package pebblestep.app.archive;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import pebblestep.app.accounts.Settings;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.archive.Columns.Column;
import pebblestep.core.Days;
import pebblestep.core.Numbers;
import pebblestep.core.Refusal;
import pebblestep.exchange.ValueLimits;
import pebblestep.exchange.archive.ArchiveFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Takes an archive over into a studio: all of it, or nothing. */
@Service
class ArchiveIn {
    private static final int BATCH = 1_000;
    private static final int MANY = 10_000;
    private static final int MOST_INSTRUMENTS = 100;

    /** Rows of a table that others point at; their ids are held while an archive comes in. */
    private static final int MOST_POINTED_AT = 200_000;

    /** Characters that are held until they are written together. */
    private static final int MOST_HELD = 4_000_000;

    private final JdbcTemplate database;
    private final Columns columns;
    private final RowChecks checks;
    private final SettingsService settings;
    private final ReadBack readBack;
    private final TransactionTemplate transactions;
    private final JsonMapper json;
    private final Clock clock;

    ArchiveIn(
            JdbcTemplate database,
            Columns columns,
            RowChecks checks,
            SettingsService settings,
            ReadBack readBack,
            TransactionTemplate transactions,
            JsonMapper json,
            Clock clock) {
        this.database = database;
        this.columns = columns;
        this.checks = checks;
        this.settings = settings;
        this.readBack = readBack;
        this.transactions = transactions;
        this.json = json;
        this.clock = clock;
    }

    /** Is told how many rows stand, and may refuse to go on. */
    interface Watch {
        void rows(long done);
    }

    /**
     * What came in.
     *
     * @param before the studio's name and settings, where the archive brought its own
     */
    record Arrived(
            List<Long> students,
            List<Long> routines,
            List<Long> instruments,
            List<Long> assignments,
            @Nullable Before before) {}

    /** What an empty studio was before it took over another's name and settings. */
    record Before(String name, Settings settings) {}

    /** One archive on its way in: the id that each line has got. */
    private final class Coming {
        private final long studioId;
        private final ArchiveFile file;
        private final Watch watch;
        private final RowChecks.Reading reading = checks.reading();
        private final Map<String, List<Long>> ids = new HashMap<>();

        /** What of the lines that are put away on their way in was put away before. */
        private final Map<String, List<Boolean>> putAway = new HashMap<>();

        private long done;

        private Coming(long studioId, ArchiveFile file, Watch watch) {
            this.studioId = studioId;
            this.file = file;
            this.watch = watch;
        }

        private List<Long> ids(String table) {
            return ids.getOrDefault(table, List.of());
        }

        private long id(String table, long line) {
            List<Long> its = ids(table);
            if (line < 1 || line > its.size()) {
                throw Refusal.of("it points at line " + line + " of " + table + ".jsonl, which is not there");
            }
            return its.get((int) (line - 1));
        }

        private void table(CarriedTable table) throws IOException {
            List<Column> its = columns.of(table);
            List<@Nullable Object[]> batch = new ArrayList<>();
            long[] held = {0};
            ids.put(table.name(), new ArrayList<>());
            file.read(table.name(), (number, row) -> {
                try {
                    @Nullable Object[] values = values(table, its, row);
                    batch.add(values);
                    held[0] += characters(values);
                } catch (Refusal e) {
                    throw Refusal.of("file", table.name() + ".jsonl, line " + number + ": " + e.getMessage());
                } catch (IllegalArgumentException | JacksonException | java.time.DateTimeException e) {
                    throw Refusal.of("file", table.name() + ".jsonl, line " + number + ": this cannot be read.");
                }
                if (number > MOST_POINTED_AT && table.isPointedAt()) {
                    throw Refusal.of(
                            "file", "This archive has more than " + MOST_POINTED_AT + " rows of " + table.name() + ".");
                }
                if (batch.size() == most(table) || held[0] > MOST_HELD || pointsAtItself(table)) {
                    write(table, its, batch);
                    held[0] = 0;
                }
            });
            write(table, its, batch);
        }

        private static long characters(@Nullable Object[] values) {
            long characters = 0;
            for (Object value : values) if (value instanceof String text) characters += text.length();
            return characters;
        }

        /** Material is put away until all of it stands, as students are out of sight. */
        private boolean isHidden(CarriedTable table) {
            return table.name().equals(CarriedTable.ROUTINES) || table.name().equals(CarriedTable.INSTRUMENTS);
        }

        /** The rows of a table that are to be seen. */
        private List<Long> seen(String table) {
            List<Boolean> away = putAway.getOrDefault(table, List.of());
            List<Long> its = ids(table);
            return IntStream.range(0, its.size())
                    .filter(i -> !away.get(i))
                    .mapToObj(its::get)
                    .toList();
        }

        /** Takes go in transactions of their own, which are dear. */
        private int most(CarriedTable table) {
            return table.name().equals(CarriedTable.TAKES) ? MANY : BATCH;
        }

        /** Rows of which one may point at the one before it go one by one: it has its id then. */
        private boolean pointsAtItself(CarriedTable table) {
            return table.pointers().containsValue(table.name());
        }

        private @Nullable Object[] values(CarriedTable table, List<Column> its, JsonNode row) {
            @Nullable Object[] values = new @Nullable Object[its.size()];
            for (int i = 0; i < values.length; i++) {
                Column column = its.get(i);
                JsonNode value = row.path(column.name());
                if (value.isMissingNode() || value.isNull()) {
                    if (column.needed()) throw Refusal.of("it has no " + column.name());
                    continue;
                }
                try {
                    reading.require(table.name(), column.name(), value);
                    values[i] = value(table, column, value);
                } catch (Refusal e) {
                    throw Refusal.of(column.name() + ": " + e.getMessage());
                }
            }
            return values;
        }

        private Object value(CarriedTable table, Column column, JsonNode value) {
            String target = table.pointers().get(column.name());
            if (target != null) return id(target, value.asLong());
            if (table.name().equals(CarriedTable.PLANS) && column.name().equals("steps")) {
                return PlanPointers.moved(value.asString(), line -> line == 0 ? 0L : id(CarriedTable.STEPS, line));
            }
            if (table.name().equals(CarriedTable.STUDENTS)
                    && column.name().equals("instrument")
                    && value.asString().startsWith(CarriedTable.OWN)) {
                long line = Long.parseLong(value.asString().substring(CarriedTable.OWN.length()));
                return CarriedTable.OWN + id(CarriedTable.INSTRUMENTS, line);
            }
            if (isHidden(table) && column.name().equals("archived")) {
                putAway.computeIfAbsent(table.name(), name -> new ArrayList<>()).add(value.booleanValue());
                return Boolean.TRUE;
            }
            return switch (column.kind()) {
                case NUMBER -> value.longValue();
                case DECIMAL -> decimal(value.decimalValue());
                case FLAG -> value.booleanValue();
                case DAY -> day(LocalDate.parse(value.asString()));
                case TIME -> LocalTime.parse(value.asString());
                case MOMENT -> moment(Instant.parse(value.asString()));
                case IDENTIFIER -> UUID.fromString(value.asString());
                case DOCUMENT -> value.toString();
                case TEXT -> text(value.stringValue());
            };
        }

        private BigDecimal decimal(BigDecimal number) {
            if (!Numbers.isWithinLimits(number)) throw Refusal.of("this number is none that anything here has");
            return number;
        }

        /** Whoever reckons with a day of another age, such as a practice day, would fail on it. */
        private LocalDate day(LocalDate day) {
            if (!Days.isWithinLimits(day)) throw Refusal.of(Days.LIMITS);
            return day;
        }

        private OffsetDateTime moment(Instant instant) {
            OffsetDateTime moment = OffsetDateTime.ofInstant(instant, ZoneOffset.UTC);
            day(moment.toLocalDate());
            return moment;
        }

        private String text(String text) {
            if (!ValueLimits.isStorable(text)) throw Refusal.of("this text holds a character that cannot be kept");
            return text;
        }

        private void write(CarriedTable table, List<Column> its, List<@Nullable Object[]> batch) {
            if (batch.isEmpty()) return;
            transactions.executeWithoutResult(status -> put(table, its, batch));
            done += batch.size();
            batch.clear();
            watch.rows(done);
        }

        private void put(CarriedTable table, List<Column> its, List<@Nullable Object[]> batch) {
            Insert insert = Insert.of(table, its);
            try {
                GeneratedKeyHolder keys = new GeneratedKeyHolder();
                database.batchUpdate(
                        connection -> table.isPointedAt()
                                ? connection.prepareStatement(insert.sql(), new String[] {"id"})
                                : connection.prepareStatement(insert.sql()),
                        new org.springframework.jdbc.core.BatchPreparedStatementSetter() {
                            @Override
                            public void setValues(PreparedStatement statement, int i) throws SQLException {
                                statement.setLong(1, studioId);
                                @Nullable Object[] values = batch.get(i);
                                for (int at = 0; at < values.length; at++) statement.setObject(at + 2, values[at]);
                            }

                            @Override
                            public int getBatchSize() {
                                return batch.size();
                            }
                        },
                        keys);
                if (table.isPointedAt()) {
                    keys.getKeyList().forEach(key -> ids.computeIfAbsent(table.name(), name -> new ArrayList<>())
                            .add(((Number) key.values().iterator().next()).longValue()));
                }
            } catch (DataAccessException e) {
                throw Refusal.of("file", table.name() + ".jsonl holds a row that no studio can keep.")
                        .fits("Save the archive again, and bring that.");
            }
        }
    }

    /** How a row of a table is put in; columns of somebody who arrives and stay behind are made anew. */
    private record Insert(String sql) {
        static Insert of(CarriedTable table, List<Column> its) {
            StringBuilder names = new StringBuilder("studio_id");
            StringBuilder marks = new StringBuilder("?");
            for (Column column : its) {
                names.append(", ").append(column.name());
                marks.append(column.kind() == Columns.Kind.DOCUMENT ? ", ? format json" : ", ?");
            }
            anew(table).forEach((name, value) -> {
                names.append(", ").append(name);
                marks.append(", ").append(value);
            });
            return new Insert("insert into " + table.name() + " (" + names + ") values (" + marks + ")");
        }

        private static Map<String, String> anew(CarriedTable table) {
            return switch (table.name()) {
                // A name without a way in: they have left before they came.
                case CarriedTable.TEACHERS ->
                    Map.of(
                            "email", "'left:' || random_uuid()",
                            "password_hash", "''",
                            "role", "'TEACHER'",
                            "left_at", "current_timestamp");
                case CarriedTable.STUDENTS ->
                    Map.of("link_version", "1", "version", "0", "deleted_at", "current_timestamp");
                case CarriedTable.INSTRUMENTS, CarriedTable.ROUTINES, CarriedTable.STEPS, "lesson_notes" ->
                    Map.of("version", "0");
                default -> Map.of();
            };
        }
    }

    /**
     * Takes it over; refuses the first row that cannot be kept, by its table and line, and then keeps nothing.
     *
     * <p>Millions of takes are too many for one transaction, which would go over each of them twice. So whoever arrives is out of
     * sight, as a deleted student is, and material put away, until all of it stands; the last transaction shows it. What was
     * refused on the way is taken out again. If the machine stopped meanwhile, the sweep of deleted students would take the
     * students out, and the material would lie among what is put away.
     */
    Arrived take(long studioId, ArchiveFile file, Watch watch) throws IOException {
        Coming coming = new Coming(studioId, file, watch);
        boolean empty = isEmpty(studioId);
        int takes = CarriedTable.names().indexOf(CarriedTable.TAKES) - 1;
        List<CarriedTable> before = CarriedTable.ALL.subList(0, takes);
        List<CarriedTable> after = CarriedTable.ALL.subList(takes + 1, CarriedTable.ALL.size());
        try {
            atOnce(() -> {
                for (CarriedTable table : before) coming.table(table);
                requireFewInstruments(studioId);
                return Boolean.TRUE;
            });
            coming.table(CarriedTable.ALL.get(takes));
            return atOnce(() -> {
                for (CarriedTable table : after) coming.table(table);
                Arrived arrived = new Arrived(
                        coming.ids(CarriedTable.STUDENTS),
                        coming.ids(CarriedTable.ROUTINES),
                        coming.ids(CarriedTable.INSTRUMENTS),
                        coming.ids(CarriedTable.ASSIGNMENTS),
                        empty ? named(studioId, file).orElse(null) : null);
                all("update students set deleted_at = null where id = ?", arrived.students());
                all("update routines set archived = false where id = ?", coming.seen(CarriedTable.ROUTINES));
                all(
                        "update studio_instruments set archived = false where id = ?",
                        coming.seen(CarriedTable.INSTRUMENTS));
                readBack.require(studioId, arrived);
                return arrived;
            });
        } catch (IOException | RuntimeException e) {
            takeOut(coming);
            throw e;
        }
    }

    /** Something that is kept as a whole or not at all. */
    private interface Whole<T> {
        T keep() throws IOException;
    }

    private <T> T atOnce(Whole<T> whole) throws IOException {
        try {
            return Objects.requireNonNull(transactions.execute(status -> {
                try {
                    return whole.keep();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }));
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private void requireFewInstruments(long studioId) {
        Integer instruments = database.queryForObject(
                "select count(*) from studio_instruments where studio_id = ?", Integer.class, studioId);
        if (instruments != null && instruments > MOST_INSTRUMENTS) {
            throw Refusal.of("file", "With these the studio would have " + instruments + " instruments of its own.")
                    .fits("A studio adds at most " + MOST_INSTRUMENTS + ".");
        }
    }

    /** Takes out again what stands of an archive that was refused, student by student. */
    private void takeOut(Coming coming) {
        String theirs = "assignment_id in (select id from assignments where student_id = ?)";
        String ofPlan = "plan_id in (select id from key_plans where student_id = ?)";
        for (long student : coming.ids(CarriedTable.STUDENTS)) {
            transactions.executeWithoutResult(status -> {
                for (String sql : List.of(
                        "delete from takes where student_id = ?",
                        "update assignment_changes set undoes = null where " + theirs,
                        "delete from assignment_changes where " + theirs,
                        "delete from assignments where student_id = ?",
                        "update key_plan_events set undoes = null where " + ofPlan,
                        "delete from key_plan_events where " + ofPlan,
                        "delete from key_plans where student_id = ?",
                        "delete from students where id = ?")) {
                    database.update(sql, student);
                }
            });
        }
        transactions.executeWithoutResult(status -> {
            all("delete from steps where id = ?", coming.ids(CarriedTable.STEPS));
            all("delete from routines where id = ?", coming.ids(CarriedTable.ROUTINES));
            all("delete from studio_instruments where id = ?", coming.ids(CarriedTable.INSTRUMENTS));
            all("delete from teachers where id = ?", coming.ids(CarriedTable.TEACHERS));
        });
    }

    /** Whether a studio has nobody and nothing yet. */
    boolean isEmpty(long studioId) {
        Boolean has = database.queryForObject(
                """
                select exists (select 1 from students where studio_id = ?)
                  or exists (select 1 from routines where studio_id = ?)""",
                Boolean.class,
                studioId,
                studioId);
        return !Boolean.TRUE.equals(has);
    }

    /** An empty studio becomes the one that comes in: it takes over its name and settings. */
    private java.util.Optional<Before> named(long studioId, ArchiveFile file) throws IOException {
        List<JsonNode> studio = new ArrayList<>();
        file.read(ArchiveOut.STUDIO, (number, row) -> studio.add(row));
        if (studio.isEmpty()) return java.util.Optional.empty();
        Before before = new Before(settings.studioName(studioId), settings.of(studioId));
        JsonNode said = studio.getFirst().path("settings");
        try {
            if (!said.isMissingNode()) settings.change(studioId, json.treeToValue(said, Settings.class));
            settings.rename(studioId, studio.getFirst().path("name").asString(""));
        } catch (JacksonException | Refusal e) {
            throw Refusal.of("file", "studio.jsonl: the studio's settings cannot be read: " + e.getMessage());
        }
        return java.util.Optional.of(before);
    }

    /** Takes back what came in: out of sight at once, and really gone after thirty days like everything deleted. */
    @Transactional
    public void undo(long studioId, Arrived arrived) {
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        all(
                "update students set archived = true, deleted_at = ?, version = version + 1 where id = ?",
                arrived.students(),
                now);
        all("update routines set archived = true, version = version + 1 where id = ?", arrived.routines());
        all("update studio_instruments set archived = true, version = version + 1 where id = ?", arrived.instruments());
        Before before = arrived.before();
        if (before != null) {
            settings.change(studioId, before.settings());
            settings.rename(studioId, before.name());
        }
    }

    private void all(String sql, List<Long> ids, Object... first) {
        database.batchUpdate(sql, ids, BATCH, (statement, id) -> {
            for (int i = 0; i < first.length; i++) statement.setObject(i + 1, first[i]);
            statement.setLong(first.length + 1, id);
        });
    }
}
