package pebblestep.core.line;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
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
 * @param enter the note of the line on which it is come into, from 1; what comes before is left out
 * @param passing a passing note more or fewer, where there is one; counted before anything is left out
 */
public record Line(
        Pattern pattern, Extent extent, Travel travel, Turn turn, int from, int enter, Optional<Passing> passing) {
    /** More notes than any exercise has; a line that would be longer is refused. */
    static final int MOST_NOTES = 2000;

    /** Refuses a starting note below 1; the upper bound depends on the form. */
    public Line {
        if (from < 1) throw Refusal.of("line.from", "A line starts on degree 1 or higher, not " + from + ".");
        if (enter < 1) throw Refusal.of("line.enter", "A line is come into on note 1 or later, not " + enter + ".");
    }

    /** A line come into on its first note. */
    public Line(Pattern pattern, Extent extent, Travel travel, Turn turn, int from) {
        this(pattern, extent, travel, turn, from, 1, Optional.empty());
    }

    /** The notes of a range in order. */
    public static Line straight(Extent extent, Travel travel, Turn turn, int from) {
        return new Line(new Straight(), extent, travel, turn, from);
    }

    /** In words: {@code two octaves up and down in thirds}. */
    public String inWords() {
        return pattern.inWords(this);
    }

    /** Its range in words: {@code two octaves up and down}. */
    String range() {
        return extent.inWords() + " " + travel.words();
    }

    /** This line with the turning note struck the other number of times. */
    public Line withTurn(Turn other) {
        return new Line(pattern, extent, travel, other, from, enter, passing);
    }

    /** This line over another range. */
    public Line withExtent(Extent other) {
        return new Line(pattern, other, travel, turn, from, enter, passing);
    }

    /** This line come into on another of its notes. */
    public Line withEnter(int note) {
        return new Line(pattern, extent, travel, turn, from, note, passing);
    }

    /** This line with a passing note more or fewer. */
    public Line withPassing(Passing other) {
        return new Line(pattern, extent, travel, turn, from, enter, Optional.of(other));
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
        if (passing.isPresent()) return notes(form).size();
        int count = pattern.count(form, this) - enter + 1;
        if (count < 1) throw tooLate(pattern.count(form, this));
        return count;
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
        if (passing.isPresent()) notes = passing.get().applied(notes, form);
        if (enter > notes.size()) throw tooLate(notes.size());
        return enter == 1 ? notes : List.copyOf(notes.subList(enter - 1, notes.size()));
    }

    /** The notes in playing order; empty where {@link #notes} refuses. */
    public Optional<List<LineNote>> tryNotes(Form form) {
        try {
            return Optional.of(notes(form));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    private Refusal tooLate(int count) {
        return Refusal.of(
                "line.enter", "This line has " + count + " notes; it cannot be come into on note " + enter + ".");
    }

    /**
     * Where the line turns: the place among its notes, from 0, of the last strike of its turning note. Empty for a line
     * that does not turn, or turns more than once, and where the turn is left out.
     */
    public OptionalInt turnAt(Form form) {
        if (!turns() || pattern.kind().turnsOften()) return OptionalInt.empty();
        Travel out = travel == Travel.UP_DOWN ? Travel.UP : Travel.DOWN;
        int oneWay = pattern.count(form, new Line(pattern, extent, out, turn, from));
        int at = oneWay - 1 + (turn == Turn.DOUBLE ? 1 : 0) - (enter - 1);
        if (passing.isPresent() && passing.get().note() <= oneWay) {
            at += passing.get().change() == Passing.Change.ADD ? 1 : -1;
        }
        return at < 0 ? OptionalInt.empty() : OptionalInt.of(at);
    }
}
