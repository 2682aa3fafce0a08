package pebblestep.core.forecast;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Whether a goal will be met. Where a climb leads to it, the student's rungs a day say when ({@link Estimate}), and the
 * slope through the best clean speed of each day of the last 28 is their check; without a climb the slope speaks alone.
 *
 * @param kind the short of it
 * @param goal what is to be met
 * @param bests the best clean speeds it rests on, oldest first
 * @param now the clean speed of today, in notes a second: the best of the last three days with clean takes
 * @param neededAWeek gain needed each week, in notes a second; empty when the day is here
 * @param line the line through the bests, x in days from today; empty where there are too few
 * @param estimate when the climb reaches it; empty where no climb leads to it
 * @param projected the likeliest day on which it is met
 * @param sentence all of it, with its numbers
 */
public record Forecast(
        ForecastKind kind,
        Goal goal,
        List<DayBest> bests,
        Optional<Double> now,
        Optional<Double> neededAWeek,
        Optional<TheilSen> line,
        Optional<Estimate> estimate,
        Optional<LocalDate> projected,
        String sentence) {
    /** Days looked back on. */
    public static final int WINDOW_DAYS = 28;

    /** Days with clean takes below which no slope is given. */
    public static final int FEWEST_DAYS = 4;

    /** Days that these must lie apart, first to last. */
    public static final int LEAST_STRETCH = 6;

    private static final int RECENT_DAYS = 3;
    private static final double EPSILON = 1e-9;

    /** A pace under half of what is needed is not caught up by a little more practice (a judgement of ours, no source). */
    private static final double OUT_OF_REACH = 2;

    public Forecast {
        bests = List.copyOf(bests);
    }

    /**
     * The forecast of a goal from the best clean speeds of each day, in any order.
     *
     * @param estimate when the climb reaches it; null where no climb leads to it
     */
    public static Forecast of(List<DayBest> all, Goal goal, @Nullable Estimate estimate, LocalDate today) {
        LocalDate first = today.minusDays(WINDOW_DAYS - 1L);
        List<DayBest> bests = all.stream()
                .filter(best -> !best.day().isBefore(first) && !best.day().isAfter(today))
                .sorted(Comparator.comparing(DayBest::day))
                .toList();
        return new Reckoning(bests, goal, Optional.ofNullable(estimate), today).forecast();
    }

    /** Gain of a week, in notes a second. */
    public Optional<Double> gainAWeek() {
        return line.map(fit -> 7 * fit.slope());
    }

    /** The reckoning of one forecast. */
    private record Reckoning(List<DayBest> bests, Goal goal, Optional<Estimate> estimate, LocalDate today) {
        Forecast forecast() {
            Optional<Double> now = bests.stream()
                    .skip(Math.max(0, bests.size() - RECENT_DAYS))
                    .map(DayBest::notesPerSecond)
                    .max(Comparator.naturalOrder());
            Optional<TheilSen> line = line();
            double missing = goal.notesPerSecond() - now.orElse(0.0);
            long days = ChronoUnit.DAYS.between(today, goal.date());
            Optional<Double> needed = days > 0 ? now.map(at -> missing / days * 7) : Optional.empty();
            Optional<LocalDate> slope = line.flatMap(fit -> projected(missing, fit.slope()));
            boolean reached = now.isPresent() && missing <= EPSILON;
            ForecastKind kind =
                    reached ? ForecastKind.REACHED : kind(missing, days, line.orElse(null), slope.orElse(null));
            String sentence = new ForecastWords(goal, today, now, needed, line, estimate, slope).of(kind);
            Optional<LocalDate> projected = estimate.map(Estimate::likely).or(() -> slope);
            return new Forecast(kind, goal, bests, now, needed, line, estimate, projected, sentence);
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
                    Estimate.Z_80));
        }

        private Optional<LocalDate> projected(double missing, double slope) {
            if (missing <= 0) return Optional.of(today);
            double days = Math.ceil(missing / slope - EPSILON);
            return slope > 0 && days <= Estimate.FURTHEST_DAYS
                    ? Optional.of(today.plusDays((long) days))
                    : Optional.empty();
        }

        /** What is to be said where the goal is not reached yet. */
        private ForecastKind kind(double missing, long days, @Nullable TheilSen line, @Nullable LocalDate projected) {
            if (days <= 0) return ForecastKind.PASSED;
            if (estimate.isPresent()) return byRungs(estimate.get());
            if (line == null) return ForecastKind.TOO_FEW;
            if (projected != null && !projected.isAfter(goal.date())) return ForecastKind.ON_COURSE;
            double needed = missing / days;
            return needed > OUT_OF_REACH * line.slope() + EPSILON ? ForecastKind.OUT_OF_REACH : ForecastKind.BEHIND;
        }

        /** The same by the rungs. Whose own days are few is not judged by those of others. */
        private ForecastKind byRungs(Estimate when) {
            if (when.pace().source() != Pace.Source.OWN) return ForecastKind.TOO_FEW;
            if (!when.likely().isAfter(goal.date())) return ForecastKind.ON_COURSE;
            long wanted = ChronoUnit.DAYS.between(today, goal.date());
            long likely = ChronoUnit.DAYS.between(today, when.likely());
            return likely > OUT_OF_REACH * wanted ? ForecastKind.OUT_OF_REACH : ForecastKind.BEHIND;
        }
    }
}
