package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * The notes of a form in order, through a range, in one direction or there and back.
 *
 * <p>The turning note at the top belongs to the way up, and the one at the bottom to the way down: it is reached that
 * way. Struck twice, it is the same note both times.
 *
 * @param extent octaves or span
 * @param travel the way through the range
 * @param turn whether the turning note is struck once or twice; without a turn it changes nothing
 * @param from degree of the form at the bottom of the range, from 1
 */
public record StraightLine(Extent extent, Travel travel, Turn turn, int from) {
    /** Refuses a starting degree below 1; the upper bound depends on the form. */
    public StraightLine {
        if (from < 1) throw Refusal.of("line.from", "A line starts on degree 1 or higher, not " + from + ".");
    }

    /** This line with the turning note struck the other number of times. */
    public StraightLine withTurn(Turn other) {
        return new StraightLine(extent, travel, other, from);
    }

    /** Scale index of the bottom note of the range. */
    public int lowest() {
        return from - 1;
    }

    /** Scale index of the top note of the range. */
    public int highest(Form form) {
        return lowest() + extent.steps(form.size());
    }

    /**
     * How many notes the line has: two octaves of a seven-note form there and back, turning once, are 29.
     */
    public int noteCount(Form form) {
        int oneWay = extent.steps(form.size()) + 1;
        if (!travel.turns()) return oneWay;
        return turn == Turn.SINGLE ? 2 * oneWay - 1 : 2 * oneWay;
    }

    /** Refuses a form that does not have the degree this line starts on. */
    public void requireStartIn(Form form) {
        if (from > form.size()) {
            throw Refusal.of(
                    "line.from",
                    "The " + form.name() + " has " + form.size() + " notes; a line cannot start on" + " degree " + from
                            + ".");
        }
    }

    /** The notes in playing order; refuses a starting degree that the form does not have. */
    public List<LineNote> notes(Form form) {
        requireStartIn(form);
        List<LineNote> notes = new ArrayList<>(noteCount(form));
        switch (travel) {
            case UP -> climb(notes, form, 0);
            case DOWN -> fall(notes, form, 0);
            case UP_DOWN -> {
                climb(notes, form, 0);
                turnRound(notes);
                fall(notes, form, 1);
            }
            case DOWN_UP -> {
                fall(notes, form, 0);
                turnRound(notes);
                climb(notes, form, 1);
            }
        }
        return List.copyOf(notes);
    }

    private void turnRound(List<LineNote> notes) {
        if (turn == Turn.DOUBLE) notes.add(notes.get(notes.size() - 1));
    }

    private void climb(List<LineNote> notes, Form form, int skip) {
        for (int i = lowest() + skip; i <= highest(form); i++) notes.add(new LineNote(i, Direction.UP));
    }

    private void fall(List<LineNote> notes, Form form, int skip) {
        for (int i = highest(form) - skip; i >= lowest(); i--) notes.add(new LineNote(i, Direction.DOWN));
    }
}
