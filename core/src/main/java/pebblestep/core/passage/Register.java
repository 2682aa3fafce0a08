package pebblestep.core.passage;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
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

    private final Key written;
    private final Line line;
    private final Pitch lowest;
    private final Pitch highest;

    /** Measures the line once, with its tonic low enough to name; every other octave is a shift of that. */
    private Register(Key written, Line line, List<LineNote> notes) {
        this.written = written;
        this.line = line;
        Pitch low = Passage.pitch(written, notes.get(0), MEASURED_IN);
        Pitch high = low;
        for (LineNote note : notes) {
            Pitch pitch = Passage.pitch(written, note, MEASURED_IN);
            if (pitch.compareTo(low) < 0) low = pitch;
            if (pitch.compareTo(high) > 0) high = pitch;
        }
        this.lowest = low;
        this.highest = high;
    }

    /** The octave in which lines are measured: notes may lie below their tonic and far above it. */
    private static final int MEASURED_IN = 3;

    /** Octave of the tonic with scale index 0; refuses a line that does not fit, saying what would. */
    static int tonicOctave(Key written, Step step, List<LineNote> notes, @Nullable Player player) {
        Register register = new Register(written, step.line(), notes);
        int shift = step.register().map(register::asked).orElseGet(() -> register.chosen(player));
        if (player != null && !register.fits(shift, player.range())) throw register.doesNotFit(player);
        return MEASURED_IN + shift;
    }

    /**
     * The register of a line in a key that lies nearest to one that was asked for: the pitch of the line's lowest note there. Of two that
     * are as near, the lower one.
     */
    static Pitch nearest(Key written, Line line, Pitch asked) {
        Pitch lowest = new Register(written, line, line.notes(written.form())).lowest;
        int octaves = Math.floorDiv(asked.midi() - lowest.midi() + SEMITONES / 2 - 1, SEMITONES);
        return shifted(lowest, octaves);
    }

    /** Octaves to shift by, where the teacher has not said. */
    private int chosen(@Nullable Player player) {
        if (player == null) return WITHOUT_PLAYER - lowest.octave();
        return lowestIn(player.range()).orElseThrow(() -> doesNotFit(player));
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
        Refusal refusal = Refusal.of(
                field(line.extent()),
                said(line.extent()) + " from " + bottom.name() + needs(line.extent()) + bottom + " to "
                        + shifted(highest, shift) + " as written; " + has(player) + range.lowest() + " to "
                        + range.highest() + ".");
        return widestThatFits(range).map(refusal::fits).orElse(refusal);
    }

    /** Whose range it is, before the range: {@code the Oboe has }. */
    static String has(Player player) {
        return player.own()
                ? "the player's range is "
                : "the " + player.instrument().name() + " has ";
    }

    private static Pitch shifted(Pitch pitch, int octaves) {
        return Pitch.of(pitch.name(), pitch.octave() + octaves);
    }

    private Optional<String> widestThatFits(PitchRange range) {
        return line.extent().smaller().stream()
                .filter(extent -> fitsOver(extent, range))
                .findFirst()
                .map(extent -> said(extent) + (extent.equals(Extent.octaves(1)) ? " fits." : " fit."));
    }

    private boolean fitsOver(Extent extent, PitchRange range) {
        Line shorter = line.withExtent(extent);
        return shorter.tryNotes(written.form())
                .flatMap(notes -> new Register(written, shorter, notes).lowestIn(range))
                .isPresent();
    }

    /** A range at the head of a sentence: {@code Two octaves}. */
    static String said(Extent extent) {
        return switch (extent) {
            case Extent.Octaves octaves -> Words.capital(Words.spelled(octaves.count(), "octave"));
            case Extent.Span span -> span.notes() + " notes";
        };
    }

    /** What a range does, after its name: {@code  needs }, {@code  need }. */
    static String needs(Extent extent) {
        return extent.equals(Extent.octaves(1)) ? " needs " : " need ";
    }

    /** The field of a step in which a range stands. */
    static String field(Extent extent) {
        return switch (extent) {
            case Extent.Octaves octaves -> "line.octaves";
            case Extent.Span span -> "line.span";
        };
    }
}
