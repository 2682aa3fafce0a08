package pebblestep.core.notation;

import java.util.List;
import pebblestep.core.instrument.Clef;

/**
 * One written bar.
 *
 * @param number from 1; 0 for a pickup, which holds only what is played
 * @param clef the clef it is read in
 * @param glyphs notes and rests in order
 * @param beams groups of beamed glyphs
 * @param tuplets bracketed groups of glyphs
 */
public record Measure(int number, Clef clef, List<Glyph> glyphs, List<Beam> beams, List<Tuplet> tuplets) {
    public Measure {
        glyphs = List.copyOf(glyphs);
        beams = List.copyOf(beams);
        tuplets = List.copyOf(tuplets);
    }

    /** Whether a tuplet has a bracket: one that a beam holds together needs none. */
    public boolean isBracketed(Tuplet tuplet) {
        return beams.stream().noneMatch(beam -> beam.from() == tuplet.from() && beam.to() == tuplet.to());
    }
}
