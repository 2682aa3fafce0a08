package pebblestep.core.passage;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.line.StraightLine;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Key;

/**
 * Chooses the octave of a line: where the teacher asked for it, else the lowest that fits the instrument, else the one
 * whose lowest note stands in octave 4.
 */
final class Register {
    private static final int WITHOUT_INSTRUMENT = 4;
    private static final int SEMITONES = 12;

    private final Key written;
    private final StraightLine line;
    private final Pitch lowest;
    private final Pitch highest;

    /** Measures the line once, with its tonic in octave 0; every other octave is a shift of that. */
    private Register(Key written, StraightLine line) {
        this.written = written;
        this.line = line;
        List<Pitch> pitches = line.notes(written.form()).stream()
                .map(note -> written.pitchAt(note.index(), note.direction(), 0))
                .toList();
        this.lowest = Collections.min(pitches);
        this.highest = Collections.max(pitches);
    }

    /** Octave of the tonic with scale index 0; refuses a line that does not fit, saying what would. */
    static int tonicOctave(Key written, Step step, Optional<Instrument> instrument) {
        Register register = new Register(written, step.line());
        int octave = step.register()
                .map(register::asked)
                .or(() -> instrument.map(i -> register.lowestIn(i.full()).orElseThrow(() -> register.doesNotFit(i))))
                .orElseGet(() -> register.withLowestIn(WITHOUT_INSTRUMENT));
        instrument.filter(i -> !register.fits(octave, i.full())).ifPresent(i -> {
            throw register.doesNotFit(i);
        });
        return octave;
    }

    private int asked(Pitch wish) {
        if (!lowest.name().equals(wish.name())) {
            throw Refusal.of(
                            "line.register",
                            "The lowest note of this line is " + lowest.name() + " as written, not " + wish + ".")
                    .fits("Use " + Pitch.of(lowest.name(), wish.octave()) + ".");
        }
        return withLowestIn(wish.octave());
    }

    private int withLowestIn(int octave) {
        return octave - lowest.octave();
    }

    private boolean fits(int octave, PitchRange range) {
        return range.lowest().midi() <= lowest.midi() + SEMITONES * octave
                && highest.midi() + SEMITONES * octave <= range.highest().midi();
    }

    /** The lowest octave in which the line starts within a range; it may still go beyond its top. */
    private int firstAbove(Pitch bottom) {
        return Math.floorDiv(bottom.midi() - lowest.midi() + SEMITONES - 1, SEMITONES);
    }

    private Optional<Integer> lowestIn(PitchRange range) {
        return Optional.of(firstAbove(range.lowest())).filter(octave -> fits(octave, range));
    }

    private Refusal doesNotFit(Instrument instrument) {
        PitchRange range = instrument.full();
        int octave = firstAbove(range.lowest());
        Pitch bottom = shifted(lowest, octave);
        Refusal refusal = Refusal.of(
                line.extent() instanceof Extent.Octaves ? "line.octaves" : "line.span",
                said(line.extent()) + " from " + bottom.name() + " need " + bottom + " to " + shifted(highest, octave)
                        + " as written; the " + instrument.name() + " has " + range.lowest() + " to " + range.highest()
                        + ".");
        return widestThatFits(range).map(refusal::fits).orElse(refusal);
    }

    private static Pitch shifted(Pitch pitch, int octaves) {
        return Pitch.of(pitch.name(), pitch.octave() + octaves);
    }

    private Optional<String> widestThatFits(PitchRange range) {
        boolean octaves = line.extent() instanceof Extent.Octaves;
        int asked = octaves ? ((Extent.Octaves) line.extent()).count() : ((Extent.Span) line.extent()).notes();
        for (int smaller = asked - 1; smaller >= (octaves ? 1 : 2); smaller--) {
            Extent extent = octaves ? Extent.octaves(smaller) : Extent.span(smaller);
            StraightLine shorter = new StraightLine(extent, line.travel(), line.turn(), line.from());
            if (new Register(written, shorter).lowestIn(range).isPresent()) {
                return Optional.of(said(extent) + (octaves && smaller == 1 ? " fits." : " fit."));
            }
        }
        return Optional.empty();
    }

    private static String said(Extent extent) {
        String[] numbers = {"", "One octave", "Two octaves", "Three octaves", "Four octaves"};
        return extent instanceof Extent.Octaves o ? numbers[o.count()] : ((Extent.Span) extent).notes() + " notes";
    }
}
