package pebblestep.exchange.archive;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What an archive says about itself.
 *
 * @param format {@link #FORMAT}
 * @param holds {@code studio}, or {@code student} where it is what is kept about one
 * @param title the studio's or the student's name
 * @param made when
 * @param tables what is in it, in the order in which it is read
 */
public record Manifest(String format, String holds, String title, Instant made, List<Table> tables) {
    /** What such a file says it is. */
    public static final String FORMAT = "pebble-archive/1";

    public Manifest {
        tables = List.copyOf(tables);
    }

    /**
     * One table: its lines are in {@code NAME.jsonl}, and the same for a spreadsheet in {@code NAME.csv}.
     *
     * @param sha256 checksum of the JSON lines, in hexadecimal digits
     */
    public record Table(String name, long lines, String sha256) {}

    /** The table of that name. */
    public Optional<Table> table(String name) {
        return tables.stream().filter(table -> table.name().equals(name)).findFirst();
    }
}
