package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * Degrees typed by the teacher. Moved through the key, they are played again from each note of the range, as typed in
 * both directions, and never pass its top or bottom.
 *
 * @param degrees what was typed
 * @param moved whether it is moved through the range
 */
public record Free(FreeDegrees degrees, boolean moved) implements Pattern {
    @Override
    public PatternKind kind() {
        return PatternKind.FREE;
    }

    @Override
    public String inWords(Line line) {
        return moved ? "own figure moved, " + line.range() : "own figure";
    }

    @Override
    public boolean turns(Travel travel) {
        return moved && travel.turns();
    }

    @Override
    public List<LineNote> notes(Form form, Line line) {
        int first = line.lowest();
        if (!moved) return played(form, first);
        List<LineNote> up = new ArrayList<>();
        List<LineNote> down = new ArrayList<>();
        int highest = line.highest(form);
        int lowestTyped = degrees.lowest(form);
        int highestTyped = degrees.highest(form);
        for (int at = first - Math.min(0, lowestTyped); at + Math.max(0, highestTyped) <= highest; at++) {
            up.addAll(played(form, at));
            down.addAll(0, played(form, at));
            if (up.size() > Line.MOST_NOTES) break;
        }
        return Ways.joined(up, down, false, line);
    }

    private List<LineNote> played(Form form, int from) {
        List<FreeDegrees.Typed> typed = degrees.typed();
        List<LineNote> notes = new ArrayList<>(typed.size());
        for (int i = 0; i < typed.size(); i++) {
            int index = from + typed.get(i).index(form);
            notes.add(new LineNote(index, typed.get(i).alteration(), direction(form, i)));
        }
        return notes;
    }

    /** A note belongs to the way on which it is reached; the first to the way on which it is left. */
    private Direction direction(Form form, int i) {
        List<FreeDegrees.Typed> typed = degrees.typed();
        if (typed.size() == 1) return Direction.UP;
        int from = typed.get(Math.max(0, i - 1)).index(form);
        int to = typed.get(i == 0 ? 1 : i).index(form);
        return to < from ? Direction.DOWN : Direction.UP;
    }

    @Override
    public void requireIn(Form form, Line line) {
        int width = Math.max(0, degrees.highest(form)) - Math.min(0, degrees.lowest(form));
        int range = line.highest(form) - line.lowest();
        if (moved && width > range) {
            throw Refusal.of(
                            "line.degrees",
                            "These degrees are " + (width + 1) + " notes wide; the range has only " + (range + 1) + ".")
                    .fits("Widen the range, or do not move them through the key.");
        }
    }
}
