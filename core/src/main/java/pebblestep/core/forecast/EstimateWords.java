package pebblestep.core.forecast;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Words;

/** Says an estimate: the range of days, what it rests on, and whether the slope agrees. */
record EstimateWords(Estimate estimate, LocalDate today) {
    private static final int SAME_DAYS = 2;

    /** {@code between 28 November and 5 December, most likely 1 December}; one day where the range is none. */
    String range() {
        if (estimate.isEndless()) return "not within years";
        if (ChronoUnit.DAYS.between(estimate.early(), estimate.late()) <= SAME_DAYS) {
            return "about " + date(estimate.likely());
        }
        return "between " + date(estimate.early()) + " and " + date(estimate.late()) + ", most likely "
                + date(estimate.likely());
    }

    /** {@code at 1.2 rungs a practice day over 11 days, 4.6 of them a week}. */
    String pace() {
        Pace pace = estimate.pace();
        String rungs = Words.measured(pace.aDay(), "rung");
        String days = Words.measured(estimate.habit().daysAWeek(), "day") + " a week";
        return switch (pace.source()) {
            case OWN ->
                "at " + rungs + " a practice day, seen on "
                        + Words.counted((long) pace.seen().days(), "day") + ", " + days;
            case STUDIO -> "at the studio's " + rungs + " a practice day, as " + few() + ", " + days;
            case RECKONED -> "reckoned at " + rungs + " a practice day, as " + few() + ", " + days;
        };
    }

    private String few() {
        long own = (long) estimate.pace().seen().days();
        return own == 0
                ? "none is seen on this climb yet"
                : Words.counted(own, "day") + " of their own " + (own == 1 ? "is" : "are") + " few";
    }

    /** Whether the slope of the clean tempos says the same; empty where there is no slope. */
    String check(@Nullable LocalDate day) {
        if (day == null) return "";
        boolean agrees = !day.isBefore(estimate.early()) && !day.isAfter(estimate.late());
        if (agrees) return " The slope of the clean tempos agrees: " + date(day) + ".";
        return " The slope of the clean tempos is " + (day.isBefore(estimate.early()) ? "quicker" : "slower") + ": "
                + date(day) + ".";
    }

    private String date(LocalDate day) {
        return ForecastWords.date(day, today);
    }
}
