package pebblestep.core.passage;

import java.util.Optional;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Fraction;

/**
 * How the notes of a line are joined, stressed and bowed.
 *
 * @param kind separate, slurred and the like
 * @param by how many notes a slur holds, for kinds that slur by a number; 0 for others
 * @param accentEvery every how many notes one is accented, from the first; 0 for none
 * @param bow the first bow's direction, where bowings are marked; they alternate from there
 * @param bowShare share of the bow for each note, where the teacher asks for one
 */
public record Articulation(
        ArticulationKind kind, int by, int accentEvery, Optional<Bow> bow, Optional<Fraction> bowShare) {
    /** Every note for itself, nothing marked. */
    public static final Articulation SEPARATE =
            new Articulation(ArticulationKind.SEPARATE, 0, 0, Optional.empty(), Optional.empty());

    private static final int MOST = 64;

    /** A bow's direction. */
    public enum Bow implements Identified {
        DOWN,
        UP;

        /** The other one. */
        public Bow other() {
            return this == DOWN ? UP : DOWN;
        }
    }

    /** Refuses a slur without its number of notes, numbers where none belong, and shares of no bow or over a whole one. */
    public Articulation {
        if (kind.isCounted() && (by < 2 || by > MOST)) {
            throw Refusal.of("articulation.by", "A slur holds 2 to " + MOST + " notes, not " + by + ".");
        }
        if (!kind.isCounted() && by != 0) {
            throw Refusal.of("articulation.by", "Only slurs take a number of notes.")
                    .fits("Leave this out, or use slurred or slurred-staccato.");
        }
        if (accentEvery != 0 && (accentEvery < 2 || accentEvery > MOST)) {
            throw Refusal.of("articulation.accentEvery", "Accents stand every 2 to " + MOST + " notes.");
        }
        if (bowShare.isPresent() && (bowShare.get().signum() <= 0 || Fraction.ONE.isLessThan(bowShare.get()))) {
            throw Refusal.of("articulation.bowShare", "A note takes a share of the bow of up to 1, such as 1/2.");
        }
    }

    /** In words: {@code slurred by 4}. */
    public String inWords() {
        return kind.isCounted() ? kind.words() + " by " + by : kind.words();
    }
}
