package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * The chords of a key: triads or sevenths on each note of the range, its top note included, each broken upwards; mirrored
 * on the way down. Over an octave of major, triads go 135 246 357 468 579 6 8 10, 7 9 11, 8 10 12, and back from there.
 * The chords stand on the range and reach beyond its top.
 *
 * @param chord triad or seventh
 */
public record Chords(ChordSize chord) implements Pattern {
    private static final int SMALLEST_FORM = 5;

    @Override
    public PatternKind kind() {
        return PatternKind.CHORDS;
    }

    @Override
    public String inWords(Line line) {
        return switch (chord) {
                    case TRIAD -> "triads";
                    case SEVENTH -> "sevenths";
                }
                + " of the key, " + line.range();
    }

    @Override
    public List<LineNote> notes(Form form, Line line) {
        List<LineNote> up = new ArrayList<>();
        List<LineNote> down = new ArrayList<>();
        for (int root = line.lowest(); root <= line.highest(form); root++) {
            for (int i = 0; i < chord.notes(); i++) up.add(LineNote.of(root + 2 * i, Direction.UP));
        }
        for (int root = line.highest(form); root >= line.lowest(); root--) {
            for (int i = chord.notes() - 1; i >= 0; i--) down.add(LineNote.of(root + 2 * i, Direction.DOWN));
        }
        return Ways.joined(up, down, false, line);
    }

    @Override
    public void requireIn(Form form, Line line) {
        if (form.size() < SMALLEST_FORM || form.isChromatic()) {
            throw Refusal.of("line.pattern", "The " + form.name() + " has no chords on its degrees.")
                    .fits("Choose a scale as the form, or the pattern arpeggio.");
        }
    }
}
