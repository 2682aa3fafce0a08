package pebblestep.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.scale.KeySignature;

/**
 * A passage written down: clef, signature, meter and bars. Whoever draws it decides nothing but where on the paper.
 *
 * @param clef the clef
 * @param signature the signature; fifths of 0 where the key's own is not written
 * @param meter the meter
 * @param measures the bars in order, a pickup first
 */
public record Score(Clef clef, KeySignature signature, Meter meter, List<Measure> measures) {
    private static final int MIDDLE_C = 60;

    public Score {
        measures = List.copyOf(measures);
    }

    /** The score of a passage, in the instrument's clef, or in the clef that suits its pitches without one. */
    public static Score of(Passage passage, Optional<Instrument> instrument) {
        Meter meter = passage.step().meter();
        KeySignature own = passage.writtenKey().signature();
        KeySignature signature = own.isWritten() ? own : new KeySignature(0);
        List<Measure> measures = new ArrayList<>();
        int first = passage.firstBar();
        Fraction end = passage.last().at().plus(passage.last().value());
        for (int bar = first; measures.isEmpty() || barStart(meter, bar).isLessThan(end); bar++) {
            Fraction start = barStart(meter, bar);
            Fraction from = bar < 1 ? passage.first().at() : start;
            measures.add(MeasureWriter.write(bar, from, start, meter, signature, passage.notes()));
        }
        return new Score(
                instrument.map(Instrument::clef).orElseGet(() -> clefFor(passage)), signature, meter, measures);
    }

    private static Fraction barStart(Meter meter, int bar) {
        return meter.bar().times(bar - 1L);
    }

    private static Clef clefFor(Passage passage) {
        double mean = passage.notes().stream()
                .map(PassageNote::written)
                .mapToInt(pitch -> pitch.midi())
                .average()
                .orElseThrow();
        return mean < MIDDLE_C ? Clef.BASS : Clef.TREBLE;
    }
}
