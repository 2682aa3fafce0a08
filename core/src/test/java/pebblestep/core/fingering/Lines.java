package pebblestep.core.fingering;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.Pitch;

/** Lines to be fingered. */
public final class Lines {
    private Lines() {}

    /** Notes of the same length. */
    public static List<NoteToPlay> line(double seconds, String notes) {
        return Stream.of(notes.split(" "))
                .map(note -> NoteToPlay.of(Pitch.parse(note), seconds))
                .toList();
    }

    public static Hand hand(String instrument) {
        return InstrumentHands.of(Instruments.of(instrument)).orElseThrow();
    }

    public static Fingering fingering(Hand hand, double seconds, String notes) {
        return Fingering.of(hand, line(seconds, notes), Map.of());
    }

    /** The texts of a line in eighths at 75. */
    public static List<String> texts(Hand hand, String notes) {
        return texts(fingering(hand, 0.4, notes));
    }

    public static List<String> texts(Fingering fingering) {
        return fingering.stops().stream().map(stop -> stop.way().text()).toList();
    }
}
