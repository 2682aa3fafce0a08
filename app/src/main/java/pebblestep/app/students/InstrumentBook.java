package pebblestep.app.students;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;

/** The instruments of one studio: those that everybody has, and its own. Read once for a whole list of students. */
public final class InstrumentBook {
    private final Map<String, Instrument> own = new LinkedHashMap<>();

    InstrumentBook(List<Instrument> own) {
        own.forEach(instrument -> this.own.put(instrument.id(), instrument));
    }

    /** The instrument of that name or id, in any letter case; refuses what this studio does not have. */
    public Instrument named(String text) {
        return Stream.concat(own.values().stream(), Instruments.all().stream())
                .filter(one -> isCalled(one, text))
                .findFirst()
                .orElseGet(() -> of(text));
    }

    /** A list typed by hand has Clarinet in Bb where ours has the sign of the staff. */
    private static boolean isCalled(Instrument instrument, String text) {
        String typed = instrument.name().replace('♭', 'b').replace('♯', '#');
        return Stream.of(instrument.name(), typed, instrument.id()).anyMatch(text::equalsIgnoreCase);
    }

    /** The instrument of that id; refuses ids that this studio does not have. */
    public Instrument of(String id) {
        if (own.containsKey(id)) return own.get(id);
        if (Instruments.has(id)) return Instruments.of(id);
        throw Refusal.of("instrument", "There is no instrument \"" + id + "\" here.")
                .fits("Choose one from the list, or add it to the studio's own.");
    }
}
