package pebblestep.core.minutes;

import java.util.OptionalInt;

/**
 * One step of a day's routine, as the minutes see it.
 *
 * @param name what it is called
 * @param load what it takes
 * @param dueInDays for a review, the days until it is due, negative when overdue; empty for what is being learned
 */
public record Portion(String name, Load load, OptionalInt dueInDays) {
    /** A step that is being learned. */
    public static Portion of(String name, Load load) {
        return new Portion(name, load, OptionalInt.empty());
    }

    /** A review that is due in so many days. */
    public static Portion review(String name, Load load, int dueInDays) {
        return new Portion(name, load, OptionalInt.of(dueInDays));
    }

    Portion times(int repetitions) {
        return new Portion(name, load.times(repetitions), dueInDays);
    }

    boolean isReview() {
        return dueInDays.isPresent();
    }
}
