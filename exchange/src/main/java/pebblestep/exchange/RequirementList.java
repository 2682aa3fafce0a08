package pebblestep.exchange;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.RequiredScale;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/**
 * A list of required scales as CSV: {@code key}, {@code tempo} in quarters a minute and {@code date}, and where there are
 * such columns {@code form} (major without one), {@code octaves} (one without) and {@code value} (eighths without).
 */
public final class RequirementList {
    private static final List<String> NEEDED = List.of("key", "tempo", "date");
    private static final List<Fraction> VALUES = Stream.of("1", "1/2", "1/4", "1/8", "1/12", "1/16", "1/24", "1/32")
            .map(Fraction::parse)
            .toList();

    private RequirementList() {}

    /** A line that was read, or why it could not be. */
    public record Read(int line, Optional<RequiredScale> scale, String refusal) {}

    /** Reads a list; a line that cannot be read is told by its number and keeps no other from being read. */
    public static List<Read> read(String text) {
        return CsvTable.read(text, NEEDED).lines().stream()
                .map(line -> {
                    try {
                        return new Read(line.number(), Optional.of(scale(line)), "");
                    } catch (Refusal e) {
                        return new Read(
                                line.number(),
                                Optional.empty(),
                                e.getMessage()
                                        + e.fits().map(fits -> " " + fits).orElse(""));
                    }
                })
                .toList();
    }

    private static RequiredScale scale(CsvTable.Line line) {
        String[] key = line.get("key")
                .orElseThrow(() -> Refusal.of("There is no key."))
                .split("\\s+", 2);
        String form = line.get("form").orElse(key.length == 2 ? key[1] : "major");
        return new RequiredScale(
                Key.of(NoteName.parse(key[0]), form(form)),
                octaves(line.get("octaves").orElse("1")),
                value(line.get("value").orElse("1/8")),
                Bpm.parse(line.get("tempo").orElseThrow(() -> Refusal.of("There is no tempo."))),
                date(line.get("date").orElseThrow(() -> Refusal.of("There is no date."))));
    }

    /** A form by its id or its name; refuses others. */
    public static Form form(String text) {
        String small = text.strip().toLowerCase(Locale.ROOT);
        String named = small.equals("minor") ? "natural minor" : small;
        return Forms.all().stream()
                .filter(form ->
                        form.id().equals(named.replace(' ', '-')) || form.name().equals(named))
                .findFirst()
                .orElseThrow(() -> Refusal.of("form", "There is no form \"" + text + "\" here.")
                        .fits("Such as major, natural minor or harmonic minor."));
    }

    private static int octaves(String text) {
        if (!text.matches("[0-9]")) throw Refusal.of("\"" + text + "\" is no number of octaves.");
        return Integer.parseInt(text);
    }

    /** A value as a fraction, or by its name in either vocabulary, one or many. */
    static Fraction value(String text) {
        String small = text.strip().toLowerCase(Locale.ROOT);
        for (Fraction value : VALUES) {
            for (ValueNames names : ValueNames.values()) {
                String plural = ValueName.plural(value, names);
                if (small.equals(plural) || (small + "s").equals(plural)) return value;
            }
        }
        return Fraction.parse(small);
    }

    private static LocalDate date(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw Refusal.of("\"" + text + "\" is no date such as 2027-03-12.");
        }
    }
}
