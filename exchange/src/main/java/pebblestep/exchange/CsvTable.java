package pebblestep.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import pebblestep.core.Refusal;

/**
 * A table as comma-separated values (RFC 4180) with a line of column names; semicolons and tabs between values are read as
 * well. Names of columns are read in any letter case, and columns that nobody asks for are left alone.
 */
public final class CsvTable {
    /** More lines than any list here has. */
    public static final int MOST_LINES = 500;

    private final List<Line> lines;

    private CsvTable(List<Line> lines) {
        this.lines = lines;
    }

    /**
     * One line.
     *
     * @param number as an editor counts it, from 1
     */
    public record Line(int number, Map<String, String> values) {
        /** What stands in a column; empty where nothing does, or there is no such column. */
        public Optional<String> get(String column) {
            return Optional.ofNullable(values.get(column)).map(String::strip).filter(text -> !text.isEmpty());
        }
    }

    /** Reads a table; refuses one without the columns it needs, with more than 500 lines, and quotes that do not close. */
    public static CsvTable read(String text, List<String> needed) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String first = plain.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(first))
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            return of(parser, needed);
        } catch (UncheckedIOException | IOException e) {
            throw Refusal.of("text", "This table cannot be read: " + reason(e) + ".")
                    .fits("Put quotation marks around values with commas, and close each of them.");
        }
    }

    private static String reason(Exception e) {
        Throwable cause = e.getCause() instanceof CSVException ? e.getCause() : e;
        return String.valueOf(cause.getMessage()).lines().findFirst().orElse("");
    }

    private static char delimiter(String header) {
        if (header.contains("\t")) return '\t';
        return header.contains(";") && !header.contains(",") ? ';' : ',';
    }

    private static CsvTable of(CSVParser parser, List<String> needed) {
        List<String> columns = new ArrayList<>();
        List<Line> lines = new ArrayList<>();
        for (CSVRecord row : parser) {
            if (columns.isEmpty()) {
                row.forEach(name -> columns.add(name.strip().toLowerCase(Locale.ROOT)));
                require(columns, needed);
                continue;
            }
            Map<String, String> values = new TreeMap<>();
            for (int i = 0; i < Math.min(row.size(), columns.size()); i++) values.put(columns.get(i), row.get(i));
            boolean blank = values.values().stream().allMatch(String::isBlank);
            if (!blank) lines.add(new Line((int) parser.getCurrentLineNumber(), values));
            if (lines.size() > MOST_LINES) {
                throw Refusal.of("text", "A list has at most " + MOST_LINES + " lines.")
                        .fits("Read it in parts.");
            }
        }
        if (columns.isEmpty()) require(columns, needed);
        return new CsvTable(List.copyOf(lines));
    }

    private static void require(List<String> columns, List<String> needed) {
        List<String> missing =
                needed.stream().filter(name -> !columns.contains(name)).toList();
        if (missing.isEmpty()) return;
        String names = missing.stream().map(name -> "\"" + name + "\"").collect(Collectors.joining(", "));
        throw Refusal.of("text", "The first line names no column " + names + ".")
                .fits("Start with a line such as: " + String.join(", ", needed) + ".");
    }

    /** The lines in their order, without the names of the columns. */
    public List<Line> lines() {
        return lines;
    }
}
