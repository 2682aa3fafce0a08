package pebblestep.core.practice;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Words;
import pebblestep.core.climb.Misfit;
import pebblestep.core.climb.Standing;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.forecast.Goal;
import pebblestep.core.forecast.Pace;
import pebblestep.core.passage.AwkwardSpot;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;

/**
 * What the teacher should know about a piece of work on a day: more than where it stands, what to do about it.
 *
 * @param kind the short of it
 * @param sentence the whole of it, with its numbers
 * @param advice what to try, each in a few words; empty where nothing needs trying
 */
public record Verdict(JudgementKind kind, String sentence, List<String> advice) {
    /** Days of practice and takes on one rung without passing it, from which on it is stuck (common practice, no source). */
    public static final int STUCK_DAYS = 3;

    public static final int STUCK_TAKES = 12;

    /** Reviews in a row that were not clean, from which on something learned slips away. */
    public static final int SLIPPING_REVIEWS = 2;

    /** Days of practice without any take, from which on a student is quiet. */
    public static final int QUIET_DAYS = 4;

    private static final double SLOWER_BY_LEAST = 0.90;
    private static final double SLOWER_BY_MOST = 0.85;

    public Verdict {
        advice = List.copyOf(advice);
    }

    /**
     * The verdict on how far a student has come.
     *
     * @param schedule on which days it is to be practised
     * @param goal what is to be met; null where nothing is
     * @param studio what was seen of everybody in the studio: whose own days are few is held against them
     * @param player for whom pairs of notes are awkward
     */
    public static Verdict of(
            Progress progress,
            Schedule schedule,
            @Nullable Goal goal,
            Pace.Seen studio,
            Player player,
            LocalDate today,
            Speech speech) {
        return new Reading(progress, schedule, Optional.ofNullable(goal), studio, player, today, speech).verdict();
    }

    /** The reading of one piece of work on one day. */
    private record Reading(
            Progress progress,
            Schedule schedule,
            Optional<Goal> goal,
            Pace.Seen studio,
            Player player,
            LocalDate today,
            Speech speech) {
        Verdict verdict() {
            Standing standing = progress.standing().on(today);
            Optional<Verdict> misfit =
                    Misfit.ahead(standing.ascent(), standing.at(), player).map(this::misfit);
            if (misfit.isPresent()) return misfit.get();
            Judgement judgement = Judgement.of(progress, today, speech);
            Optional<Reviews> reviews = progress.reviews();
            if (reviews.isPresent()) return learned(reviews.get(), standing);
            if (judgement.kind() == JudgementKind.PICK) return plain(judgement);
            return stuck(standing).or(this::quiet).or(() -> dated(judgement)).orElseGet(() -> plain(judgement));
        }

        private Verdict misfit(Misfit misfit) {
            return new Verdict(
                    JudgementKind.MISFIT,
                    misfit.sentence(speech),
                    misfit.nearest(player).map(Misfit.Nearest::words).stream().toList());
        }

        private static Verdict plain(Judgement judgement) {
            return new Verdict(judgement.kind(), judgement.sentence(), List.of());
        }

        private Verdict learned(Reviews reviews, Standing standing) {
            String top =
                    standing.ascent().words(speech).at(standing.ascent().climb().last());
            if (reviews.failed() >= SLIPPING_REVIEWS) {
                return new Verdict(
                        JudgementKind.SLIPPING,
                        "Slipping: " + reviews.failed() + " reviews not clean, the last on "
                                + Words.day(reviews.last().orElseThrow()) + "; it was " + top + ".",
                        List.of("take it up again a few rungs lower"));
            }
            int due = reviews.dueIn(today);
            String review = due > 0
                    ? "review in " + Words.counted(due, "day")
                    : "review due: " + Words.counted(reviews.daysSinceClean(today), "day") + " since clean";
            return new Verdict(
                    JudgementKind.REACHED,
                    "Learned on " + Words.day(reviews.learned()) + ", " + top + "; " + review + ".",
                    List.of());
        }

        private Optional<Verdict> stuck(Standing standing) {
            Rungstay stay = progress.stay();
            boolean waits = standing.lastMove() == Standing.Change.WAITS;
            if (stay.days() < STUCK_DAYS || stay.takes() < STUCK_TAKES || waits) return Optional.empty();
            int needed = standing.ascent().climb().rules().cleanToPass();
            return Optional.of(new Verdict(
                    JudgementKind.STUCK,
                    "Stuck: " + stay.takes() + " takes on " + stay.days() + " days "
                            + Judgement.at(standing.ascent(), standing.at(), speech) + ", never " + needed
                            + " clean in a row.",
                    advice(standing)));
        }

        /** Slower by 10 to 15 percent, a shorter span, or the awkward pair alone (common practice, no source). */
        private List<String> advice(Standing standing) {
            List<String> advice = new ArrayList<>();
            Step step = standing.ascent().at(standing.at());
            double bpm = step.tempo().bpm().toDouble();
            advice.add("slower: " + whole(bpm * SLOWER_BY_MOST) + " to " + whole(bpm * SLOWER_BY_LEAST) + " bpm");
            worstKey(step).ifPresent(advice::add);
            if (step.walk().isPresent()) advice.add("fewer keys");
            else if (step.noteCount() > FEW_NOTES) advice.add("a shorter span");
            Passage.of(step, player).awkward(player).stream()
                    .findFirst()
                    .map(Reading::pair)
                    .ifPresent(advice::add);
            return advice;
        }

        /** Of a walk, the key in which most slipped: {@code E♭ major alone, it slipped in 5 of 12 takes}. */
        private Optional<String> worstKey(Step step) {
            if (step.walk().isEmpty()) return Optional.empty();
            List<Key> keys = Passage.stationKeys(step, progress.key());
            return progress.slips().stations().entrySet().stream()
                    .filter(station -> station.getKey() < keys.size())
                    .max(Comparator.<Map.Entry<Integer, SlipCount>>comparingInt(
                                    station -> station.getValue().takes())
                            .thenComparing(Map.Entry::getKey, Comparator.reverseOrder()))
                    .map(station -> keys.get(station.getKey()) + " alone, it slipped in "
                            + station.getValue().takes() + " of " + Words.counted(progress.takes(), "take"));
        }

        private static final int FEW_NOTES = 9;

        private static String pair(AwkwardSpot spot) {
            return spot.lower() + " and " + spot.upper() + " alone, to and fro";
        }

        private static String whole(double bpm) {
            return BigDecimal.valueOf(bpm).setScale(0, RoundingMode.HALF_UP).toString();
        }

        private Optional<Verdict> quiet() {
            Optional<LocalDate> last = progress.last();
            int missed = schedule.daysBetween(last.orElse(schedule.from().minusDays(1)), today);
            if (missed < QUIET_DAYS || !schedule.isOpen(today)) return Optional.empty();
            String since = last.map(day -> "the last take was on " + Words.day(day))
                    .orElse("not begun since " + Words.day(schedule.from()));
            return Optional.of(new Verdict(
                    JudgementKind.QUIET,
                    "Quiet: no take on " + missed + " days of practice; " + since + ".",
                    List.of()));
        }

        private Optional<Verdict> dated(Judgement judgement) {
            if (goal.isEmpty()) return Optional.empty();
            Forecast forecast = progress.forecast(goal.get(), studio, schedule, today);
            return switch (forecast.kind()) {
                case BEHIND, OUT_OF_REACH, PASSED ->
                    Optional.of(new Verdict(JudgementKind.BEHIND, forecast.sentence(), List.of(judgement.sentence())));
                case ON_COURSE ->
                    judgement.kind() == JudgementKind.HOLD
                            ? Optional.of(new Verdict(
                                    JudgementKind.ON_COURSE,
                                    judgement.sentence() + " " + forecast.sentence(),
                                    List.of()))
                            : Optional.empty();
                case REACHED, TOO_FEW -> Optional.empty();
            };
        }
    }
}
