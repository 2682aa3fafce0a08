package pebblestep.core.hands;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.Pitch;

/** Lines to be fingered. */
final class Lines {
    private Lines() {}

    /** Notes of the same length. */
    static List<Onset> line(double seconds, String notes) {
        return Stream.of(notes.split(" "))
                .map(note -> Onset.of(Pitch.parse(note), seconds))
                .toList();
    }

    static Hand hand(String instrument) {
        return Handed.of(Instruments.of(instrument)).orElseThrow();
    }

    static Fingering fingering(Hand hand, double seconds, String notes) {
        return Fingering.of(hand, line(seconds, notes), Map.of());
    }

    /** The texts of a line in eighths at 75. */
    static List<String> texts(Hand hand, String notes) {
        return texts(fingering(hand, 0.4, notes));
    }

    static List<String> texts(Fingering fingering) {
        return fingering.stops().stream().map(stop -> stop.way().text()).toList();
    }
}
