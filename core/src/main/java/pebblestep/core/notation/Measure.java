package pebblestep.core.notation;

import java.util.List;
import java.util.Optional;
import pebblestep.core.instrument.Clef;

/**
 * One written bar.
 *
 * @param number from 1; 0 for a pickup, which holds only what is played
 * @param clef the clef it is read in
 * @param glyphs notes and rests in order
 * @param beams groups of beamed glyphs
 * @param tuplets bracketed groups of glyphs
 * @param change the signature, where it changes at this bar
 * @param chords the chords over it
 * @param second a second voice on its staff, where there is one
 */
public record Measure(
        int number,
        Clef clef,
        List<Glyph> glyphs,
        List<Beam> beams,
        List<Tuplet> tuplets,
        Optional<KeyChange> change,
        List<ChordOver> chords,
        Optional<Layer> second) {
    public Measure {
        glyphs = List.copyOf(glyphs);
        beams = List.copyOf(beams);
        tuplets = List.copyOf(tuplets);
        chords = List.copyOf(chords);
    }

    /** Whether a tuplet has a bracket: one that a beam holds together needs none. */
    public boolean isBracketed(Tuplet tuplet) {
        return isBracketed(tuplet, beams);
    }

    /** The same among the beams of a voice. */
    public static boolean isBracketed(Tuplet tuplet, List<Beam> beams) {
        return beams.stream().noneMatch(beam -> beam.from() == tuplet.from() && beam.to() == tuplet.to());
    }
}
