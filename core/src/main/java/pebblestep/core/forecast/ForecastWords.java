package pebblestep.core.forecast;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Optional;

/** Says a forecast in one sentence with its numbers. */
record ForecastWords(
        Goal goal,
        LocalDate today,
        Optional<Double> now,
        Optional<Double> needed,
        Optional<TheilSen> line,
        Optional<LocalDate> projected) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_AND_YEAR = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final int DAYS_A_WEEK = 7;

    String of(Forecast.Kind kind) {
        String target = goal.tempo().bpm() + " bpm";
        String by = date(goal.date());
        return switch (kind) {
            case REACHED -> target + " is reached: clean at " + bpm(now.orElseThrow()) + " bpm.";
            case PASSED ->
                by + (goal.date().equals(today) ? " is here" : " has passed") + ": "
                        + now.map(at -> "clean at " + bpm(at) + " of " + target + ".")
                                .orElse("no clean take in the last " + Forecast.WINDOW_DAYS + " days.");
            case TOO_FEW -> tooFew(target, by);
            case ON_COURSE ->
                "On course for " + target + " on " + by + ": " + pace() + "; at this pace it is there on "
                        + date(projected.orElseThrow()) + ".";
            case BEHIND -> {
                long late = ChronoUnit.DAYS.between(goal.date(), projected.orElseThrow());
                yield "Behind by " + late + (late == 1 ? " day" : " days") + " for " + target + " on " + by + ": "
                        + pace() + "; at this pace it is there on " + date(projected.orElseThrow()) + ".";
            }
            case OUT_OF_REACH ->
                target + " on " + by + " is out of reach at this pace: " + pace() + "; "
                        + projected
                                .map(day -> "it would take until " + date(day) + ".")
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
        String text = String.format(Locale.ENGLISH, "%.1f", goal.bpmOf(notesPerSecond));
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }

    private String date(LocalDate day) {
        return date(day, today);
    }

    /** A day, with its year only where that is not this one. */
    static String date(LocalDate day, LocalDate today) {
        return (day.getYear() == today.getYear() ? DAY : DAY_AND_YEAR).format(day);
    }
}
