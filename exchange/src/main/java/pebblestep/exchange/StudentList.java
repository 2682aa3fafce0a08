package pebblestep.exchange;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import pebblestep.core.Refusal;

/**
 * A list of students as CSV: {@code name} and {@code instrument}, and where there are such columns {@code level},
 * {@code range}, {@code minutes} a day, {@code lesson day}, {@code lesson time}, {@code note} for the parents and
 * {@code class}.
 */
public final class StudentList {
    private static final int DAY_LETTERS = 3;
    private static final List<String> NEEDED = List.of("name", "instrument");

    private StudentList() {}

    /** A line of the list; what is not given is empty. */
    public record Entry(
            int line,
            String name,
            String instrument,
            Optional<String> level,
            Optional<String> range,
            Optional<Integer> minutes,
            Optional<DayOfWeek> lessonDay,
            Optional<LocalTime> lessonTime,
            Optional<String> note,
            Optional<String> className) {}

    /** A line that was read, or why it could not be. */
    public record Read(int line, Optional<Entry> entry, String refusal) {}

    /** Reads a list; a line that cannot be read is told by its number and keeps no other from being read. */
    public static List<Read> read(String text) {
        return CsvTable.read(text, NEEDED).lines().stream()
                .map(line -> {
                    try {
                        return new Read(line.number(), Optional.of(entry(line)), "");
                    } catch (Refusal e) {
                        return new Read(line.number(), Optional.empty(), e.getMessage());
                    }
                })
                .toList();
    }

    private static Entry entry(CsvTable.Line line) {
        return new Entry(
                line.number(),
                line.get("name").orElseThrow(() -> Refusal.of("There is no name.")),
                line.get("instrument").orElseThrow(() -> Refusal.of("There is no instrument.")),
                line.get("level").map(level -> level.toLowerCase(Locale.ROOT).replace(' ', '-')),
                line.get("range"),
                line.get("minutes").map(StudentList::minutes),
                line.get("lesson day").map(StudentList::day),
                line.get("lesson time").map(StudentList::time),
                line.get("note"),
                line.get("class"));
    }

    private static int minutes(String text) {
        if (!text.matches("[0-9]{1,3}")) throw Refusal.of("\"" + text + "\" is no number of minutes.");
        return Integer.parseInt(text);
    }

    private static DayOfWeek day(String text) {
        String small = text.toLowerCase(Locale.ROOT);
        if (small.matches("[1-7]")) return DayOfWeek.of(Integer.parseInt(small));
        return Arrays.stream(DayOfWeek.values())
                .filter(day -> small.length() >= DAY_LETTERS
                        && day.name().toLowerCase(Locale.ROOT).startsWith(small))
                .findFirst()
                .orElseThrow(() -> Refusal.of("\"" + text + "\" is no day of the week."));
    }

    private static LocalTime time(String text) {
        try {
            return LocalTime.parse(text.length() == "9:00".length() ? "0" + text : text);
        } catch (DateTimeParseException e) {
            throw Refusal.of("\"" + text + "\" is no time such as 15:30.");
        }
    }
}
