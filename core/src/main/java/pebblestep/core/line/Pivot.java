package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * The fifth above the bottom of the range alternates with notes that fall from it by semitones to that bottom: in C
 * major G F#, G F, G E, G Eb, G D, G Db, G C. Over more octaves it falls further, over a span it hangs on the top note.
 * Travelling up it comes from the bottom instead; down and up it does both. The half step beside the pivot is written as
 * its lower neighbour raised; other notes outside the form are written as the note above lowered.
 */
public record Pivot() implements Pattern {
    private static final int FIFTH = 7;
    private static final int OCTAVE = 12;

    @Override
    public PatternKind kind() {
        return PatternKind.PIVOT;
    }

    @Override
    public String inWords(Line line) {
        return "pivot over " + line.extent().inWords();
    }

    @Override
    public boolean turns(Travel travel) {
        return travel == Travel.DOWN_UP;
    }

    @Override
    public List<LineNote> notes(Form form, Line line) {
        List<LineNote> falling = falling(form, line);
        return switch (line.travel()) {
            case UP_DOWN, DOWN -> falling;
            case UP -> LineNote.backwards(falling);
            case DOWN_UP -> Ways.joined(LineNote.backwards(falling), falling, true, line);
        };
    }

    private static List<LineNote> falling(Form form, Line line) {
        int pivot = pivot(form, line);
        LineNote hub = LineNote.of(pivot, Direction.DOWN);
        List<LineNote> notes = new ArrayList<>();
        int top = semitones(form, pivot);
        int bottom = semitones(form, line.lowest());
        for (int sound = top - 1; sound >= bottom; sound--) {
            notes.add(hub);
            notes.add(at(form, sound, pivot, sound == top - 1));
        }
        return List.copyOf(notes);
    }

    /** The note of the form that sounds so many semitones above the tonic, or the nearest one altered. */
    private static LineNote at(Form form, int sound, int pivot, boolean besidePivot) {
        int below = pivot;
        while (semitones(form, below) > sound) below--;
        int raised = sound - semitones(form, below);
        if (raised == 0) return LineNote.of(below, Direction.DOWN);
        int lowered = sound - semitones(form, below + 1);
        boolean raise = degreeAlteration(form, below, raised) < degreeAlteration(form, below + 1, lowered)
                || besidePivot && degreeAlteration(form, below, raised) == degreeAlteration(form, below + 1, lowered);
        return raise ? new LineNote(below, raised, Direction.DOWN) : new LineNote(below + 1, lowered, Direction.DOWN);
    }

    private static int degreeAlteration(Form form, int index, int by) {
        return Math.abs(form.descending().get(Math.floorMod(index, form.size())).alteration() + by);
    }

    private static int semitones(Form form, int index) {
        int size = form.size();
        return Math.floorDiv(index, size) * OCTAVE
                + form.descending().get(Math.floorMod(index, size)).semitones();
    }

    private static int pivot(Form form, Line line) {
        return switch (line.extent()) {
            case Extent.Span span -> line.highest(form);
            case Extent.Octaves octaves -> fifthAbove(form, line, octaves.count());
        };
    }

    private static int fifthAbove(Form form, Line line, int octaves) {
        int wanted = semitones(form, line.lowest()) + FIFTH;
        int index = line.lowest();
        while (semitones(form, index) < wanted) index++;
        return index + (octaves - 1) * form.size();
    }

    @Override
    public void requireIn(Form form, Line line) {
        int semitones = semitones(form, pivot(form, line)) - semitones(form, line.lowest());
        boolean fifthIsThere =
                switch (line.extent()) {
                    case Extent.Span span -> true;
                    case Extent.Octaves octaves -> semitones % OCTAVE == FIFTH;
                };
        if (!fifthIsThere) {
            throw Refusal.of("line.pattern", "The " + form.name() + " has no fifth above this note to hang a pivot on.")
                    .fits("Give a span instead of octaves: it hangs on the top note.");
        }
    }
}
