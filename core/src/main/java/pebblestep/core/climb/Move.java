package pebblestep.core.climb;

import java.util.List;
import pebblestep.core.Rounding;
import pebblestep.core.Words;

/**
 * One legal move up from a rung, with what it changes, so that two moves can be weighed.
 *
 * @param axes what moves: one axis, or several that move together
 * @param to where it leads
 * @param rateBefore notes a second now
 * @param rateAfter notes a second then
 * @param notesBefore notes of the line now
 * @param notesAfter notes of the line then
 */
public record Move(
        List<AxisKind> axes, Position to, double rateBefore, double rateAfter, int notesBefore, int notesAfter) {
    public Move {
        axes = List.copyOf(axes);
    }

    /** How much faster the notes come, as a share of before: 0.25 is a quarter more. */
    public double rateChange() {
        return rateAfter / rateBefore - 1;
    }

    /** How many notes more the line has. */
    public int moreNotes() {
        return notesAfter - notesBefore;
    }

    /** What moves, what it does to the speed, and what to the length: one sentence with its numbers. */
    public String sentence() {
        String what = Words.list(axes.stream().map(AxisKind::further).toList());
        long percent = Rounding.whole(100 * rateChange());
        String rates = rate(rateBefore) + " to " + rate(rateAfter) + " notes a second";
        String speed = percent == 0
                ? "the notes come as fast as before, " + rate(rateAfter) + " a second"
                : Math.abs(percent) + " percent " + (percent > 0 ? "faster" : "slower") + ", " + rates;
        String length = moreNotes() == 0
                ? notesAfter + " notes as before"
                : Math.abs(moreNotes()) + (moreNotes() > 0 ? " more" : " fewer") + " notes, " + notesAfter;
        return Words.capital(what) + ": " + speed + "; " + length + ".";
    }

    private static String rate(double notesPerSecond) {
        return Words.decimal(notesPerSecond);
    }
}
