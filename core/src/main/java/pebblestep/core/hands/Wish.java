package pebblestep.core.hands;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;

/**
 * What a step asks of a hand. What a hand does not know rests, since the same step is given to many instruments.
 *
 * @param school how the hand goes about, by the id of a {@link School}
 * @param position where it stays as far as it can, as positions are called: {@code III}; a fret by its number
 * @param pins ways that somebody has fixed
 */
public record Wish(Optional<String> school, Optional<String> position, List<Pin> pins) {
    /** Nothing asked: the cheapest way. */
    public static final Wish NONE = new Wish(Optional.empty(), Optional.empty(), List.of());

    /** More pins than a line has notes that need one. */
    public static final int MOST_PINS = 200;

    /** Refuses over {@value #MOST_PINS} pins. */
    public Wish {
        pins = List.copyOf(pins);
        if (pins.size() > MOST_PINS) {
            throw Refusal.of("pins", "At most " + MOST_PINS + " fingerings are fixed in a step.");
        }
    }

    /** Whether nothing is asked. */
    public boolean isNone() {
        return equals(NONE);
    }
}
