package pebblestep.core.line;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * One note of a line before it has a pitch.
 *
 * @param index its scale index, counted from the tonic at the bottom of the range's octave (0 is that tonic)
 * @param alteration semitones by which it leaves the form there: 0 for every note of the form itself
 * @param direction the way the line was moving when it came there
 */
public record LineNote(int index, int alteration, Direction direction) {
    /** A note of the form. */
    public static LineNote of(int index, Direction direction) {
        return new LineNote(index, 0, direction);
    }

    /** Semitones above the tonic at index 0, as the form has the note that way. */
    public int sound(Form form) {
        int size = form.size();
        int inOctave = form.degrees(direction).get(Math.floorMod(index, size)).semitones();
        return 12 * Math.floorDiv(index, size) + inOctave + alteration;
    }

    /** Whether it is the tonic, in any octave. */
    public boolean isTonic(Form form) {
        return alteration == 0 && Math.floorMod(index, form.size()) == 0;
    }

    /** Notes played from the last to the first; what went up now comes down. Twice backwards is forwards. */
    public static List<LineNote> backwards(List<LineNote> notes) {
        List<LineNote> back = new ArrayList<>(notes.size());
        for (LineNote note : notes) {
            Direction turned = note.direction == Direction.UP ? Direction.DOWN : Direction.UP;
            back.add(new LineNote(note.index, note.alteration, turned));
        }
        Collections.reverse(back);
        return List.copyOf(back);
    }
}
