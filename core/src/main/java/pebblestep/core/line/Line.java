package pebblestep.core.line;

import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Form;

/**
 * The order in which the notes of a form are played: a pattern, over a range, in one direction or there and back.
 *
 * <p>The turning note at the top belongs to the way up, and the one at the bottom to the way down: it is reached that
 * way. Struck twice, it is the same note both times.
 *
 * @param pattern what is done with the notes of the range
 * @param extent octaves or span
 * @param travel the way through the range
 * @param turn whether the turning note is struck once or twice; without a turn it changes nothing
 * @param from note of the form at the bottom of the range, from 1
 */
public record Line(Pattern pattern, Extent extent, Travel travel, Turn turn, int from) {
    /** More notes than any exercise has; a line that would be longer is refused. */
    static final int MOST_NOTES = 2000;

    /** Refuses a starting note below 1; the upper bound depends on the form. */
    public Line {
        if (from < 1) throw Refusal.of("line.from", "A line starts on degree 1 or higher, not " + from + ".");
    }

    /** The notes of a range in order. */
    public static Line straight(Extent extent, Travel travel, Turn turn, int from) {
        return new Line(new Straight(), extent, travel, turn, from);
    }

    /** This line with the turning note struck the other number of times. */
    public Line withTurn(Turn other) {
        return new Line(pattern, extent, travel, other, from);
    }

    /** This line over another range. */
    public Line withExtent(Extent other) {
        return new Line(pattern, other, travel, turn, from);
    }

    /** Scale index of the bottom note of the range. */
    public int lowest() {
        return from - 1;
    }

    /** Scale index of the top note of the range. */
    public int highest(Form form) {
        return lowest() + extent.steps(form.size());
    }

    /** Whether striking the turning note once or twice makes a difference. */
    public boolean turns() {
        return pattern.turns(travel);
    }

    /** How many notes the line has: two octaves of a seven-note form there and back, turning once, are 29. */
    public int noteCount(Form form) {
        requireIn(form);
        return pattern.count(form, this);
    }

    /** Refuses a form that does not have the note this line starts on, or nothing to make the pattern of. */
    public void requireIn(Form form) {
        if (from > form.size()) {
            throw Refusal.of(
                    "line.from",
                    "The " + form.name() + " has " + form.size() + " notes; a line cannot start on degree " + from
                            + ".");
        }
        pattern.requireIn(form, this);
    }

    /** The notes in playing order; refuses a form that the line cannot be made of, and lines of over 2000 notes. */
    public List<LineNote> notes(Form form) {
        requireIn(form);
        List<LineNote> notes = pattern.notes(form, this);
        if (notes.size() > MOST_NOTES) {
            throw Refusal.of(
                    "line", "This line has " + notes.size() + " notes; at most " + MOST_NOTES + " can be worked out.");
        }
        return notes;
    }
}
