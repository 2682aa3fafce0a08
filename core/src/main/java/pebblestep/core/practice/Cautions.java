package pebblestep.core.practice;

import java.util.ArrayList;
import java.util.List;

/** The usual cautions of practising, short enough to be read. Nothing here is medical advice. */
public final class Cautions {
    private static final List<String> ALL = List.of(
            "Stop at pain, tingling or numbness. Rest, and see a doctor or a clinician who treats musicians.",
            "Take five minutes of rest in each half hour. Loosen shoulders, jaw and grip.",
            // NIOSH publication 98-126 (1998): 85 dBA for 8 hours, halved for each 3 dB more.
            "Keep headphones low: 85 dBA for 8 hours is the recommended limit, and each 3 dB more halves the time.");

    private static final String WIND =
            "High notes and long tones: rest as long as you play, and stop when you feel light-headed.";

    private static final List<String> BLOWN = List.of("woodwind", "brass", "voices");

    private Cautions() {}

    /** The cautions for a player of an instrument of that family. */
    public static List<String> of(String family) {
        List<String> cautions = new ArrayList<>(ALL);
        if (BLOWN.contains(family)) cautions.add(2, WIND);
        return List.copyOf(cautions);
    }
}
