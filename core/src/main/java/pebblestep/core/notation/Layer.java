package pebblestep.core.notation;

import java.util.List;

/**
 * A second voice on the staff of a bar, with stems of its own; its glyphs name notes of that voice.
 *
 * @param voice the further voice, from 0
 * @param above whether it is the upper one of the two
 * @param glyphs notes and rests in order
 * @param beams groups of beamed glyphs
 * @param tuplets bracketed groups of glyphs
 */
public record Layer(int voice, boolean above, List<Glyph> glyphs, List<Beam> beams, List<Tuplet> tuplets) {
    public Layer {
        glyphs = List.copyOf(glyphs);
        beams = List.copyOf(beams);
        tuplets = List.copyOf(tuplets);
    }
}
