package pebblestep.core.walk;

import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.harmony.ChordQuality;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Degree;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Key;

/**
 * One chord of a progression, by its place in the key it is moved to.
 *
 * @param degree where its tonic stands, above the tonic of the key
 * @param form what is played over it
 * @param chord its chord, where that is not the one the form has on its tonic
 * @param bars how many bars it lasts, where that is said of it alone
 */
public record Change(Degree degree, Form form, Optional<ChordQuality> chord, Optional<Integer> bars) {
    /** Bars that one chord lasts at most. */
    static final int MOST_BARS = 16;

    /** Refuses bars outside 1 to 16. */
    public Change {
        bars.ifPresent(Change::requireBars);
    }

    /** A chord of that form on that degree. */
    public static Change of(Degree degree, Form form) {
        return new Change(degree, form, Optional.empty(), Optional.empty());
    }

    static void requireBars(int bars) {
        if (bars < 1 || bars > MOST_BARS) {
            throw Refusal.of("walk.bars", "A key lasts 1 to " + MOST_BARS + " bars, not " + bars + ".");
        }
    }

    /** The key that it is in a key with that tonic, in the spelling with the fewest accidentals. */
    Key in(NoteName tonic) {
        return Key.readable(
                degree.tryAbove(tonic)
                        .orElseGet(() -> NoteName.spellings(Math.floorMod(tonic.pitchClass() + degree.semitones(), 12))
                                .getFirst()),
                form);
    }
}
