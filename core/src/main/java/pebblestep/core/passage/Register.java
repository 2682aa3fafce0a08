package pebblestep.core.passage;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Line;
import pebblestep.core.line.LineNote;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.scale.Key;

/**
 * Chooses the octave of a line: where the teacher asked for it, else the lowest that fits the player, else the one whose
 * lowest note stands in octave 4.
 */
final class Register {
    private static final int WITHOUT_PLAYER = 4;
    private static final int SEMITONES = 12;
    private static final String[] OCTAVES = {"", "One octave", "Two octaves", "Three octaves", "Four octaves"};

    private final Key written;
    private final Line line;
    private final Pitch lowest;
    private final Pitch highest;

    /** Measures the line once, with its tonic low enough to name; every other octave is a shift of that. */
    private Register(Key written, Line line, List<LineNote> notes) {
        this.written = written;
        this.line = line;
        Pitch low = null;
        Pitch high = null;
        for (LineNote note : notes) {
            Pitch pitch = Passage.pitch(written, note, MEASURED_IN);
            if (low == null || pitch.compareTo(low) < 0) low = pitch;
            if (high == null || pitch.compareTo(high) > 0) high = pitch;
        }
        this.lowest = low;
        this.highest = high;
    }

    /** The octave in which lines are measured: notes may lie below their tonic and far above it. */
    private static final int MEASURED_IN = 3;

    /** Octave of the tonic with scale index 0; refuses a line that does not fit, saying what would. */
    static int tonicOctave(Key written, Step step, List<LineNote> notes, Optional<Player> player) {
        Register register = new Register(written, step.line(), notes);
        int shift = step.register()
                .map(register::asked)
                .or(() -> player.map(p -> register.lowestIn(p.range()).orElseThrow(() -> register.doesNotFit(p))))
                .orElseGet(() -> WITHOUT_PLAYER - register.lowest.octave());
        player.filter(p -> !register.fits(shift, p.range())).ifPresent(p -> {
            throw register.doesNotFit(p);
        });
        return MEASURED_IN + shift;
    }

    private int asked(Pitch wish) {
        if (!lowest.name().equals(wish.name())) {
            throw Refusal.of(
                            "line.register",
                            "The lowest note of this line is " + lowest.name() + " as written, not " + wish + ".")
                    .fits("Use " + Pitch.of(lowest.name(), wish.octave()) + ".");
        }
        return wish.octave() - lowest.octave();
    }

    private boolean fits(int shift, PitchRange range) {
        return range.lowest().midi() <= lowest.midi() + SEMITONES * shift
                && highest.midi() + SEMITONES * shift <= range.highest().midi();
    }

    /** The lowest shift at which the line starts within a range; it may still go beyond its top. */
    private int firstAbove(Pitch bottom) {
        return Math.floorDiv(bottom.midi() - lowest.midi() + SEMITONES - 1, SEMITONES);
    }

    private Optional<Integer> lowestIn(PitchRange range) {
        return Optional.of(firstAbove(range.lowest())).filter(shift -> fits(shift, range));
    }

    private Refusal doesNotFit(Player player) {
        PitchRange range = player.range();
        int shift = firstAbove(range.lowest());
        Pitch bottom = shifted(lowest, shift);
        String who =
                player.own() ? "this student" : "the " + player.instrument().name();
        Refusal refusal = Refusal.of(
                line.extent() instanceof Extent.Octaves ? "line.octaves" : "line.span",
                said(line.extent()) + " from " + bottom.name() + " need " + bottom + " to " + shifted(highest, shift)
                        + " as written; " + who + " has " + range.lowest() + " to " + range.highest() + ".");
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
            if (fitsOver(extent, range)) {
                return Optional.of(said(extent) + (octaves && smaller == 1 ? " fits." : " fit."));
            }
        }
        return Optional.empty();
    }

    private boolean fitsOver(Extent extent, PitchRange range) {
        Line shorter = line.withExtent(extent);
        try {
            return new Register(written, shorter, shorter.notes(written.form()))
                    .lowestIn(range)
                    .isPresent();
        } catch (Refusal e) {
            return false;
        }
    }

    private static String said(Extent extent) {
        return extent instanceof Extent.Octaves o ? OCTAVES[o.count()] : ((Extent.Span) extent).notes() + " notes";
    }
}
