package pebblestep.app.archive;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The columns that an archive carries, as the database has them. */
@Component
class Columns {
    private final JdbcClient database;
    private final Map<String, List<Column>> known = new ConcurrentHashMap<>();

    Columns(JdbcClient database) {
        this.database = database;
    }

    /** How a column's values are written. */
    enum Kind {
        NUMBER,
        DECIMAL,
        FLAG,
        DAY,
        TIME,
        MOMENT,
        IDENTIFIER,
        DOCUMENT,
        TEXT;

        private static Kind of(String type) {
            return switch (type) {
                case "BIGINT", "INTEGER" -> NUMBER;
                case "NUMERIC", "DECIMAL" -> DECIMAL;
                case "BOOLEAN" -> FLAG;
                case "DATE" -> DAY;
                case "TIME" -> TIME;
                case "TIMESTAMP WITH TIME ZONE" -> MOMENT;
                case "UUID" -> IDENTIFIER;
                case "JSON" -> DOCUMENT;
                case "CHARACTER VARYING" -> TEXT;
                default -> throw new IllegalStateException("No archive carries " + type + ".");
            };
        }
    }

    /** A column; one that is needed cannot be empty. */
    record Column(String name, Kind kind, boolean needed) {}

    /** The columns of a table that are carried, in the order of the database. */
    List<Column> of(CarriedTable table) {
        return known.computeIfAbsent(table.name(), name -> all(name).values().stream()
                .filter(column -> !table.leaves(column.name()))
                .toList());
    }

    private Map<String, Column> all(String table) {
        Map<String, Column> found = new LinkedHashMap<>();
        database.sql(
                        """
                        select lower(column_name) as name, data_type, is_nullable from information_schema.columns
                        where table_schema = 'PUBLIC' and lower(table_name) = :table order by ordinal_position""")
                .param("table", table)
                .query((row, i) -> new Column(
                        row.getString("name"),
                        Kind.of(row.getString("data_type")),
                        row.getString("is_nullable").equals("NO")))
                .list()
                .forEach(column -> found.put(column.name(), column));
        return found;
    }
}
