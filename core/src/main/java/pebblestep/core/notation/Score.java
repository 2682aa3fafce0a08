package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.instrument.Clef;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Swing;
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
 */
public record Score(
        KeySignature signature,
        Meter meter,
        List<Measure> measures,
        List<Slur> slurs,
        List<Ottava> ottavas,
        Optional<String> instruction) {
    private static final int MIDDLE_C = 60;

    public Score {
        measures = List.copyOf(measures);
        slurs = List.copyOf(slurs);
        ottavas = List.copyOf(ottavas);
    }

    /** The score of a passage, in the clefs of the player's instrument, or in one that suits its pitches without. */
    public static Score of(Passage passage, @Nullable Player player) {
        Meter meter = passage.step().meter();
        KeySignature own = passage.writtenKey().signature();
        KeySignature signature = own.isWritten() ? own : KeySignature.NONE;
        List<Clef> clefs = clefs(passage, player);
        Markings markings = Markings.of(passage);
        Accidentals accidentals = new Accidentals(signature);
        List<Measure> measures = new ArrayList<>();
        int first = passage.firstBar();
        List<List<PassageNote>> bars = bars(passage);
        for (int i = 0; i < bars.size(); i++) {
            int bar = first + i;
            Fraction start = barStart(meter, bar);
            Fraction from = bar < 1 ? passage.first().at() : start;
            accidentals.barline();
            measures.add(MeasureWriter.write(
                    new MeasureWriter.Bar(bar, from, start, meter, clefs.get(i)), accidentals, markings, bars.get(i)));
        }
        return new Score(
                signature,
                meter,
                measures,
                markings.slurs(),
                Ottavas.of(
                        passage.notes(),
                        note -> clefs.get(meter.barOf(passage.notes().get(note).at()) - first)),
                instruction(passage));
    }

    /** The clef at the head of the first staff. */
    public Clef clef() {
        return measures.get(0).clef();
    }

    /** The pitch at whose place a glyph stands on the staff: an octave nearer to it under an ottava; empty for a rest. */
    public Optional<Pitch> drawn(Glyph glyph) {
        if (glyph.note().isEmpty()) return Optional.empty();
        int note = glyph.note().get();
        int octaves = 0;
        for (Ottava ottava : ottavas) {
            if (ottava.fromNote() <= note && note <= ottava.toNote()) octaves = ottava.octaves();
        }
        int down = octaves;
        return glyph.pitch().map(pitch -> Pitch.of(pitch.name(), pitch.octave() - down));
    }

    /** Its stems, worked out anew at each call. */
    public Stems stems() {
        return Stems.of(this);
    }

    /** The notes that sound in each bar, from that of the first attack to that of the last sound. */
    private static List<List<PassageNote>> bars(Passage passage) {
        Meter meter = passage.step().meter();
        int first = passage.firstBar();
        List<List<PassageNote>> bars = new ArrayList<>();
        for (PassageNote note : passage.notes()) {
            int from = meter.barOf(note.at()) - first;
            Fraction end = note.at().plus(note.value());
            while (bars.size() <= from) bars.add(new ArrayList<>());
            bars.get(from).add(note);
            for (int bar = from + 1; barStart(meter, first + bar).isLessThan(end); bar++) {
                while (bars.size() <= bar) bars.add(new ArrayList<>());
                bars.get(bar).add(note);
            }
        }
        return bars;
    }

    private static List<Clef> clefs(Passage passage, @Nullable Player player) {
        List<List<Pitch>> pitches = bars(passage).stream()
                .map(bar -> bar.stream().map(PassageNote::written).toList())
                .toList();
        List<Clef> readable = player == null
                ? List.of(clefFor(passage), Clef.TREBLE)
                : player.instrument().clefs();
        return Clefs.of(pitches, readable);
    }

    private static Fraction barStart(Meter meter, int bar) {
        return meter.bar().times(bar - 1L);
    }

    private static Clef clefFor(Passage passage) {
        double mean = passage.notes().stream()
                .map(PassageNote::written)
                .mapToInt(Pitch::midi)
                .average()
                .orElseThrow();
        return mean < MIDDLE_C ? Clef.BASS : Clef.TREBLE;
    }

    /** What is said in words over the first note: the share of the bow, and swing. */
    private static Optional<String> instruction(Passage passage) {
        List<String> words = new ArrayList<>();
        Swing swing = passage.step().rhythm().swing();
        if (!swing.isStraight()) words.add("swing " + swing);
        passage.step()
                .articulation()
                .bowShare()
                .ifPresent(
                        share -> words.add(share.equals(Fraction.ONE) ? "whole bow each" : share + " of the bow each"));
        return words.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", words));
    }
}
