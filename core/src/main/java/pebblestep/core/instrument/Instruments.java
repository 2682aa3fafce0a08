package pebblestep.core.instrument;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;

/**
 * The dictionary of instruments: data in one place. Transpositions and ranges are given as standard orchestration
 * handbooks have them, from memory; all ranges are written pitch. To add an instrument, add its line here.
 */
public final class Instruments {
    private static final Interval IN_C = Interval.UNISON;
    private static final Interval IN_B_FLAT = Interval.of(-1, -2);
    private static final Interval IN_E_FLAT_LOW = Interval.of(-5, -9);
    private static final Interval IN_F = Interval.of(-4, -7);

    private static final Map<String, Instrument> ALL = index(
            of("oboe", "Oboe", "woodwind", IN_C, Clef.TREBLE, "D4-G5", "Bb3-E6", "Bb3-A6"),
            of("english-horn", "English horn", "woodwind", IN_F, Clef.TREBLE, "D4-G5", "B3-D6", "B3-A6"),
            of("bassoon", "Bassoon", "woodwind", IN_C, Clef.BASS, "F2-C4", "Bb1-G4", "Bb1-Eb5"),
            of("flute", "Flute", "woodwind", IN_C, Clef.TREBLE, "D4-G5", "C4-A6", "C4-D7"),
            of("clarinet", "Clarinet in Bb", "woodwind", IN_B_FLAT, Clef.TREBLE, "E3-A4", "E3-C6", "E3-C7"),
            of(
                    "alto-saxophone",
                    "Alto saxophone",
                    "woodwind",
                    IN_E_FLAT_LOW,
                    Clef.TREBLE,
                    "D4-G5",
                    "Bb3-D6",
                    "Bb3-F#6"),
            of("trumpet", "Trumpet in Bb", "brass", IN_B_FLAT, Clef.TREBLE, "C4-D5", "F#3-A5", "F#3-D6"),
            of("horn", "Horn in F", "brass", IN_F, Clef.TREBLE, "G3-C5", "C3-G5", "F#2-C6"),
            of("violin", "Violin", "strings", IN_C, Clef.TREBLE, "G3-B4", "G3-E6", "G3-A7"),
            of("cello", "Cello", "strings", IN_C, Clef.BASS, "C2-D3", "C2-G4", "C2-C6"));

    private Instruments() {}

    /** Every instrument, in the order of the list. */
    public static List<Instrument> all() {
        return List.copyOf(ALL.values());
    }

    /** The instrument of that id; refuses ids that are not in the dictionary and names those that are. */
    public static Instrument of(String id) {
        Instrument instrument = ALL.get(id);
        if (instrument == null) {
            throw Refusal.of("instrument", "There is no instrument \"" + id + "\" here.")
                    .fits("One of: " + String.join(", ", ALL.keySet()) + ".");
        }
        return instrument;
    }

    private static Map<String, Instrument> index(Instrument... instruments) {
        Map<String, Instrument> byId = new LinkedHashMap<>();
        for (Instrument instrument : instruments) byId.put(instrument.id(), instrument);
        return byId;
    }

    private static Instrument of(
            String id,
            String name,
            String family,
            Interval toConcert,
            Clef clef,
            String firstOctave,
            String comfortable,
            String full) {
        return new Instrument(
                id,
                name,
                family,
                toConcert,
                clef,
                PitchRange.parse(firstOctave),
                PitchRange.parse(comfortable),
                PitchRange.parse(full));
    }
}
