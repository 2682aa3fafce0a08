package pebblestep.core.fingering;

import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;

/**
 * A way that a studio takes for the usual one of a note, in place of what the chart or the rules have.
 *
 * @param written the written pitch, however it is spelled
 * @param way the id of the way; one that the hand does not have changes nothing
 */
public record UsualWay(Pitch written, String way) {
    private static final int LONGEST = 80;

    /** Refuses the name of a way that is longer than any. */
    public UsualWay {
        if (way.isEmpty() || way.length() > LONGEST) {
            throw Refusal.of("way", "A fingering has a name of 1 to " + LONGEST + " letters.");
        }
    }
}
