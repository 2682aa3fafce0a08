package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * One passing note more, or one fewer, in a line.
 *
 * @param change whether a note is added behind another one, or left out
 * @param note the note behind which one is added, or which is left out, counted from 1
 */
public record Passing(Change change, int note) {
    /** What is done. */
    public enum Change implements Identified {
        ADD,
        LEAVE_OUT;
    }

    private static final int WHOLE_STEP = 2;

    /** Refuses notes below 1. */
    public Passing {
        if (note < 1) throw Refusal.of("line.passing.note", "Notes are counted from 1, not " + note + ".");
    }

    /** The line with the change; refuses a first or last note left out, and a passing note where there is no room for one. */
    List<LineNote> applied(List<LineNote> notes, Form form) {
        if (note >= notes.size() || change == Change.LEAVE_OUT && note == 1) {
            throw Refusal.of("line.passing.note", "Note " + note + " of this line cannot be passed over.")
                    .fits("A note between the first and the last.");
        }
        List<LineNote> changed = new ArrayList<>(notes);
        if (change == Change.LEAVE_OUT) changed.remove(note - 1);
        else changed.add(note, between(notes.get(note - 1), notes.get(note), form));
        return changed;
    }

    /** The half step between two notes a whole step apart: the lower raised going up, the upper lowered coming down. */
    private static LineNote between(LineNote from, LineNote to, Form form) {
        if (!isWholeStep(from, to, form)) {
            throw Refusal.of("line.passing.note", "There is no whole step behind this note to pass through.");
        }
        return to.direction() == Direction.UP
                ? new LineNote(from.index(), from.alteration() + 1, Direction.UP)
                : new LineNote(from.index(), from.alteration() - 1, Direction.DOWN);
    }

    /** Whether two neighbouring notes stand a whole step apart. */
    static boolean isWholeStep(LineNote from, LineNote to, Form form) {
        return Math.abs(to.index() - from.index()) == 1 && Math.abs(to.sound(form) - from.sound(form)) == WHOLE_STEP;
    }

    /** The last whole step of a line: where a passing note is added most easily; 0 where there is none. */
    public static int lastWholeStep(List<LineNote> notes, Form form) {
        for (int i = notes.size() - 2; i >= 0; i--) {
            if (isWholeStep(notes.get(i), notes.get(i + 1), form)) return i + 1;
        }
        return 0;
    }
}
