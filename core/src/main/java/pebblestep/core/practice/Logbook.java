package pebblestep.core.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The append-only log of several pieces of work, each with its own entries in the order of their time. What was decided at
 * the same moment as a take comes before it.
 */
public final class Logbook {
    private static final Comparator<Row> ORDER =
            Comparator.comparing(Row::at).thenComparing(line -> line.entry() instanceof Take);

    private final Map<Long, List<Entry>> entries;

    private Logbook(Map<Long, List<Entry>> entries) {
        this.entries = entries;
    }

    /**
     * A line of the log.
     *
     * @param piece the piece of work it belongs to
     * @param at when it was
     */
    public record Row(long piece, Instant at, Entry entry) {}

    /** The logbook of these lines, in any order; lines of the same moment keep theirs. */
    public static Logbook of(Collection<Row> lines) {
        Map<Long, List<Entry>> entries = new HashMap<>();
        for (Row line : lines.stream().sorted(ORDER).toList()) {
            entries.computeIfAbsent(line.piece(), piece -> new ArrayList<>()).add(line.entry());
        }
        return new Logbook(entries);
    }

    /** The entries of one piece of work, oldest first; none where it has no line. */
    public List<Entry> of(long piece) {
        return List.copyOf(entries.getOrDefault(piece, List.of()));
    }
}
