package pebblestep.core.forecast;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import pebblestep.core.Words;

/** Says a forecast in one sentence with its numbers. */
record ForecastWords(
        Goal goal,
        LocalDate today,
        Optional<Double> now,
        Optional<Double> needed,
        Optional<TheilSen> line,
        Optional<Estimate> estimate,
        Optional<LocalDate> slope) {
    private static final int DAYS_A_WEEK = 7;

    String of(ForecastKind kind) {
        String target = goal.tempo().bpm() + " bpm";
        String by = date(goal.date());
        return estimate.map(when -> byRungs(kind, when, target, by)).orElseGet(() -> bySlope(kind, target, by));
    }

    private String byRungs(ForecastKind kind, Estimate when, String target, String by) {
        EstimateWords words = new EstimateWords(when, today);
        String there = "there " + words.range() + ", " + words.pace() + "." + words.check(slope.orElse(null));
        return switch (kind) {
            case REACHED, PASSED -> bySlope(kind, target, by);
            case TOO_FEW -> "Too few days to judge " + target + " on " + by + ": " + there;
            case ON_COURSE -> "On course for " + target + " on " + by + ": " + there;
            case BEHIND ->
                "Behind by " + Words.counted(ChronoUnit.DAYS.between(goal.date(), when.likely()), "day") + " for "
                        + target + " on " + by + ": " + there;
            case OUT_OF_REACH -> target + " on " + by + " is out of reach at this pace: " + there;
        };
    }

    private String bySlope(ForecastKind kind, String target, String by) {
        return switch (kind) {
            case REACHED -> target + " is reached: clean at " + bpm(now.orElseThrow()) + " bpm.";
            case PASSED ->
                by + (goal.date().equals(today) ? " is here" : " has passed") + ": "
                        + now.map(at -> "clean at " + bpm(at) + " of " + target + ".")
                                .orElse("no clean take in the last " + Forecast.WINDOW_DAYS + " days.");
            case TOO_FEW -> tooFew(target, by);
            case ON_COURSE ->
                "On course for " + target + " on " + by + ": " + pace() + "; at this pace it is there on "
                        + date(slope.orElseThrow()) + ".";
            case BEHIND -> {
                long late = ChronoUnit.DAYS.between(goal.date(), slope.orElseThrow());
                yield "Behind by " + Words.counted(late, "day") + " for " + target + " on " + by + ": " + pace()
                        + "; at this pace it is there on " + date(slope.orElseThrow()) + ".";
            }
            case OUT_OF_REACH ->
                target + " on " + by + " is out of reach at this pace: " + pace() + "; "
                        + slope.map(day -> "it would take until " + date(day) + ".")
                                .orElse("it would not arrive at all.");
        };
    }

    private String tooFew(String target, String by) {
        String need = "a slope needs " + Forecast.FEWEST_DAYS + " days with clean takes over a week";
        return "Too few takes to say whether " + target + " will be met on " + by + ": " + need
                + needed.map(gain -> "; needed are " + bpm(gain) + " bpm more each week.")
                        .orElse(".");
    }

    private String pace() {
        return gain(line.orElseThrow().slope() * DAYS_A_WEEK) + " a week, " + bpm(needed.orElseThrow()) + " needed";
    }

    private String gain(double aWeek) {
        double bpm = goal.bpmOf(aWeek);
        if (Math.abs(bpm) < 0.05) return "no gain";
        return bpm > 0 ? "gains " + bpm(aWeek) + " bpm" : "loses " + bpm(-aWeek) + " bpm";
    }

    private String bpm(double notesPerSecond) {
        return Words.plain(goal.bpmOf(notesPerSecond));
    }

    private String date(LocalDate day) {
        return date(day, today);
    }

    /** A day, with its year only where that is not this one. */
    static String date(LocalDate day, LocalDate today) {
        return day.getYear() == today.getYear() ? Words.day(day) : Words.dayAndYear(day);
    }
}
