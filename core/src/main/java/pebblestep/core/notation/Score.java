package pebblestep.core.notation;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.instrument.Clef;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Slur;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.scale.KeySignature;

/**
 * A passage written down: signature, meter, bars, and what reaches over them. Whoever draws it decides nothing but where
 * on the paper.
 *
 * @param signature the signature; fifths of 0 where the key's own is not written
 * @param meter the meter
 * @param measures the bars in order, a pickup first; each with its clef
 * @param slurs over notes of the passage
 * @param ottavas over notes of the passage; their glyphs keep the pitch that sounds
 * @param instruction words over the first note, such as the share of the bow
 * @param staves further staves: the other hand's, a partner's
 * @param braced whether its staves are those of one instrument, and not of several players
 */
public record Score(
        KeySignature signature,
        Meter meter,
        List<Measure> measures,
        List<Slur> slurs,
        List<Ottava> ottavas,
        Optional<String> instruction,
        List<OtherStaff> staves,
        boolean braced) {
    public Score {
        measures = List.copyOf(measures);
        slurs = List.copyOf(slurs);
        ottavas = List.copyOf(ottavas);
        staves = List.copyOf(staves);
    }

    /**
     * The score of a passage, in the clefs of the player's instrument, or in one that suits its pitches without: all that is
     * played of it. What the application sounds is not written.
     */
    public static Score of(Passage passage, @Nullable Player player) {
        return new ScoreWriter(passage, player).all();
    }

    /** The line of a passage alone. */
    public static Score ofLine(Passage passage, @Nullable Player player) {
        return new ScoreWriter(passage, player).line();
    }

    /** One further voice of a passage alone, as its player reads it. */
    public static Score ofPart(Passage passage, Part part) {
        return new ScoreWriter(passage, part.player().orElse(null)).part(part);
    }

    /** The clef at the head of the first staff. */
    public Clef clef() {
        return measures.get(0).clef();
    }

    /** The pitch at whose place a glyph stands on the staff: an octave nearer to it under an ottava; empty for a rest. */
    public Optional<Pitch> drawn(Glyph glyph) {
        return glyph.pitch().map(pitch -> drawn(pitch, glyph));
    }

    /** The pitch at whose place one of the heads of a glyph stands. */
    public Pitch drawn(Pitch head, Glyph glyph) {
        int note = glyph.note().orElse(-1);
        int octaves = 0;
        for (Ottava ottava : ottavas) {
            if (ottava.fromNote() <= note && note <= ottava.toNote()) octaves = ottava.octaves();
        }
        return Pitch.of(head.name(), head.octave() - octaves);
    }

    /** Its stems, worked out anew at each call. */
    public Stems stems() {
        return Stems.of(this);
    }
}
