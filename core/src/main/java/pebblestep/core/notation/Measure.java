package pebblestep.core.notation;

import java.util.List;

/**
 * One written bar.
 *
 * @param number from 1; 0 for a pickup, which holds only what is played
 * @param glyphs notes and rests in order
 * @param beams groups of beamed glyphs
 * @param tuplets bracketed groups of glyphs
 */
public record Measure(int number, List<Glyph> glyphs, List<Beam> beams, List<Tuplet> tuplets) {
    public Measure {
        glyphs = List.copyOf(glyphs);
        beams = List.copyOf(beams);
        tuplets = List.copyOf(tuplets);
    }
}
