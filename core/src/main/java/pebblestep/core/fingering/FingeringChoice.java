package pebblestep.core.fingering;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;

/**
 * What a step says about its fingering: a style, a position, and fixed fingerings. One step is assigned to many instruments, so a hand
 * ignores what it does not know.
 *
 * @param school the fingering style, by the id of a {@link School}
 * @param position the position to stay in where possible: {@code III}, or the number of a fret
 * @param pins fingerings that somebody has fixed
 */
public record FingeringChoice(Optional<String> school, Optional<String> position, List<Pin> pins) {
    /** No choice: the cheapest fingering. */
    public static final FingeringChoice NONE = new FingeringChoice(Optional.empty(), Optional.empty(), List.of());

    /** Pins of one step at most. */
    public static final int MOST_PINS = 200;

    /** Refuses over {@value #MOST_PINS} pins. */
    public FingeringChoice {
        pins = List.copyOf(pins);
        if (pins.size() > MOST_PINS) {
            throw Refusal.of("pins", "At most " + MOST_PINS + " fingerings are fixed in a step.");
        }
    }

    /** Whether nothing is chosen. */
    public boolean isNone() {
        return equals(NONE);
    }
}
