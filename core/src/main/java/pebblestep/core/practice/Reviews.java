package pebblestep.core.practice;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Words;
import pebblestep.core.climb.Attempt;
import pebblestep.core.climb.Standing;

/**
 * When something that was learned comes back: at growing gaps of 1, 2, 4, 8 and 16 days, the last again and again; a review
 * that fails starts again at one day (Leitner 1972). The first take on the day it is due, or later, is the review; a clean
 * take at an easier tempo is good practice and counts neither way.
 *
 * @param learned the day on which the last rung was passed
 * @param box how many reviews in a row were clean, 4 at most
 * @param failed how many reviews in a row were not
 * @param due the day of the next
 * @param last the day of the last review
 * @param lastClean the day of the last clean take on the last rung
 */
public record Reviews(
        LocalDate learned, int box, int failed, LocalDate due, Optional<LocalDate> last, LocalDate lastClean) {
    /** Days from one review to the next (Leitner 1972). */
    public static final List<Integer> GAPS = List.of(1, 2, 4, 8, 16);

    /** The reviews of a piece of work; empty while it is not learned. A changed climb has to be learned anew. */
    public static Optional<Reviews> of(Work work) {
        return Progress.of(work).reviews();
    }

    /**
     * The reviews after one more entry.
     *
     * @param before where the student stood
     * @param after where they stand after it
     */
    static Optional<Reviews> then(@Nullable Reviews reviews, Standing before, Entry entry, Standing after) {
        if (!(entry instanceof Take take)) return Optional.empty();
        if (reviews != null) return Optional.of(reviews.after(take, isAtTop(before, take)));
        return after.topPassed() ? Optional.of(first(take.day())) : Optional.empty();
    }

    private static Reviews first(LocalDate learned) {
        return new Reviews(learned, 0, 0, learned.plusDays(GAPS.get(0)), Optional.empty(), learned);
    }

    private static boolean isAtTop(Standing standing, Take take) {
        return standing.reachesTop((Attempt) take.event());
    }

    private Reviews after(Take take, boolean atTop) {
        boolean clean = take.isClean() && atTop;
        LocalDate cleanOn = clean ? take.day() : lastClean;
        boolean counts = !take.day().isBefore(due) && (clean || !take.isClean());
        if (!counts) return new Reviews(learned, box, failed, due, last, cleanOn);
        int next = clean ? Math.min(box + 1, GAPS.size() - 1) : 0;
        return new Reviews(
                learned,
                next,
                clean ? 0 : failed + 1,
                take.day().plusDays(GAPS.get(next)),
                Optional.of(take.day()),
                cleanOn);
    }

    /** Days until the next, from a day; negative when it is overdue. */
    public int dueIn(LocalDate today) {
        return Math.toIntExact(ChronoUnit.DAYS.between(today, due));
    }

    /** How something learned fades, in a sentence: {@code Fading: review due for 3 days, 11 days since clean.} */
    public String fading(LocalDate today) {
        String since = Words.counted(daysSinceClean(today), "day") + " since clean";
        if (failed > 0) {
            return "Fading: " + (failed == 1 ? "the last review was" : failed + " reviews were") + " not clean, "
                    + since + ".";
        }
        int over = -dueIn(today);
        return "Fading: review due for " + Words.counted(over, "day") + ", " + since + ".";
    }

    /** Whether it is due on a day. */
    public boolean isDue(LocalDate today) {
        return dueIn(today) <= 0;
    }

    /** Days since the last clean take on the last rung. */
    public int daysSinceClean(LocalDate today) {
        return Math.toIntExact(ChronoUnit.DAYS.between(lastClean, today));
    }
}
