package pebblestep.core.forecast;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a goal will be met: the gain that is needed each week against the gain that was made, from the best clean speed
 * of each day of the last 28.
 *
 * @param kind the short of it
 * @param goal what is to be met
 * @param bests the best clean speeds it rests on, oldest first
 * @param now the clean speed of today, in notes a second: the best of the last three days with clean takes
 * @param neededAWeek gain needed each week, in notes a second; empty when the day is here
 * @param line the line through the bests, x in days from today; empty where there are too few
 * @param projected day on which the goal would be met at this pace
 * @param sentence all of it, with its numbers
 */
public record Forecast(
        Kind kind,
        Goal goal,
        List<DayBest> bests,
        Optional<Double> now,
        Optional<Double> neededAWeek,
        Optional<TheilSen> line,
        Optional<LocalDate> projected,
        String sentence) {
    /** Days looked back on. */
    public static final int WINDOW_DAYS = 28;

    /** Days with clean takes below which no slope is given. */
    public static final int FEWEST_DAYS = 4;

    /** Days that these must lie apart, first to last. */
    public static final int LEAST_STRETCH = 6;

    /** Normal quantile of 80 percent between both bounds. */
    private static final double Z_80 = 1.2815515655446004;

    private static final int RECENT_DAYS = 3;
    private static final int FURTHEST_DAYS = 3650;
    private static final double EPSILON = 1e-9;

    /** A pace under half of what is needed is not caught up by a little more practice (a judgement of ours, no source). */
    private static final double OUT_OF_REACH = 2;

    /** What a forecast comes to. */
    public enum Kind {
        REACHED,
        ON_COURSE,
        BEHIND,
        OUT_OF_REACH,
        /** The day has passed without it. */
        PASSED,
        TOO_FEW
    }

    public Forecast {
        bests = List.copyOf(bests);
    }

    /** The forecast of a goal from the best clean speeds of each day, in any order. */
    public static Forecast of(List<DayBest> all, Goal goal, LocalDate today) {
        LocalDate first = today.minusDays(WINDOW_DAYS - 1L);
        List<DayBest> bests = all.stream()
                .filter(best -> !best.day().isBefore(first) && !best.day().isAfter(today))
                .sorted(Comparator.comparing(DayBest::day))
                .toList();
        return new Reckoning(bests, goal, today).forecast();
    }

    /** Gain of a week, in notes a second. */
    public Optional<Double> gainAWeek() {
        return line.map(fit -> 7 * fit.slope());
    }

    /** The reckoning of one forecast. */
    private record Reckoning(List<DayBest> bests, Goal goal, LocalDate today) {
        Forecast forecast() {
            Optional<Double> now = bests.stream()
                    .skip(Math.max(0, bests.size() - RECENT_DAYS))
                    .map(DayBest::notesPerSecond)
                    .max(Comparator.naturalOrder());
            Optional<TheilSen> line = line();
            double missing = goal.notesPerSecond() - now.orElse(0.0);
            long days = ChronoUnit.DAYS.between(today, goal.date());
            Optional<Double> needed = days > 0 ? now.map(at -> missing / days * 7) : Optional.empty();
            Optional<LocalDate> projected = line.flatMap(fit -> projected(missing, fit.slope()));
            Kind kind = kind(now, missing, days, line, projected);
            String sentence = new ForecastWords(goal, today, now, needed, line, projected).of(kind);
            return new Forecast(kind, goal, bests, now, needed, line, projected, sentence);
        }

        private Optional<TheilSen> line() {
            if (bests.size() < FEWEST_DAYS) return Optional.empty();
            LocalDate last = bests.get(bests.size() - 1).day();
            if (bests.get(0).day().plusDays(LEAST_STRETCH).isAfter(last)) return Optional.empty();
            return Optional.of(TheilSen.of(
                    bests.stream()
                            .map(best -> new TheilSen.Point(
                                    ChronoUnit.DAYS.between(today, best.day()), best.notesPerSecond()))
                            .toList(),
                    Z_80));
        }

        private Optional<LocalDate> projected(double missing, double slope) {
            if (missing <= 0) return Optional.of(today);
            double days = Math.ceil(missing / slope - EPSILON);
            return slope > 0 && days <= FURTHEST_DAYS ? Optional.of(today.plusDays((long) days)) : Optional.empty();
        }

        private Kind kind(
                Optional<Double> now,
                double missing,
                long days,
                Optional<TheilSen> line,
                Optional<LocalDate> projected) {
            if (now.isPresent() && missing <= EPSILON) return Kind.REACHED;
            if (days <= 0) return Kind.PASSED;
            if (line.isEmpty()) return Kind.TOO_FEW;
            if (projected.isPresent() && !projected.get().isAfter(goal.date())) return Kind.ON_COURSE;
            double needed = missing / days;
            return needed > OUT_OF_REACH * line.get().slope() + EPSILON ? Kind.OUT_OF_REACH : Kind.BEHIND;
        }
    }
}
