package pebblestep.core.minutes;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A routine held against the minutes a student has: what fits, and what is trimmed for it. Trimmed are, in this order,
 * repetitions (never under two), the reviews furthest from due, and the last step, again and again; never more than is
 * needed. What is kept never takes longer than the minutes.
 *
 * @param kept for each step of the routine what is left of it; empty where it is left out
 * @param asked time of the whole routine
 * @param minutes time there is
 * @param trims in the order in which they were made
 */
public record DayPlan(List<Optional<Portion>> kept, Duration asked, Duration minutes, List<Trim> trims) {
    /** Fewer would not show whether it is sure. */
    private static final int FEWEST_REPETITIONS = 2;

    public DayPlan {
        kept = List.copyOf(kept);
        trims = List.copyOf(trims);
    }

    /** The plan of a routine for so much time. */
    public static DayPlan of(List<Portion> routine, Duration minutes) {
        return new Trimmer(routine, minutes).plan();
    }

    /** Time of a whole routine: each step's load in turn. */
    public static Duration total(List<Portion> routine) {
        return routine.stream().map(portion -> portion.load().total()).reduce(Duration.ZERO, Duration::plus);
    }

    /** Time of what is kept. */
    public Duration takes() {
        return total(kept.stream().flatMap(Optional::stream).toList());
    }

    /** By how much the routine was too long; zero where it fits. */
    public Duration over() {
        return asked.compareTo(minutes) > 0 ? asked.minus(minutes) : Duration.ZERO;
    }

    /** Whether nothing had to be trimmed. */
    public boolean fits() {
        return trims.isEmpty();
    }

    /** Minutes and days of practice a week, as time. */
    public Duration week(int days) {
        return takes().multipliedBy(days);
    }

    /** What it comes to, in one sentence. */
    public String sentence() {
        String all = InMinutes.of(asked) + " of " + InMinutes.of(minutes);
        if (fits()) return all + ": it fits.";
        String too = all + ": " + InMinutes.of(over()) + " too long";
        if (kept.stream().allMatch(Optional::isEmpty)) {
            return too + ", and no step fits even when played twice.";
        }
        return too + "; trimmed it takes " + InMinutes.of(takes()) + ".";
    }

    /** Trims one thing at a time until the rest fits; mutable, and seen by nobody else. */
    private static final class Trimmer {
        private final List<Portion> routine;
        private final List<Optional<Portion>> left;
        private final Duration minutes;

        Trimmer(List<Portion> routine, Duration minutes) {
            this.routine = List.copyOf(routine);
            this.left = new ArrayList<>(routine.stream().map(Optional::of).toList());
            this.minutes = minutes;
        }

        DayPlan plan() {
            List<Trim> trims = new ArrayList<>();
            while (tooLong() && fewerRepetitions()) {}
            for (int i = 0; i < left.size(); i++) fewer(i).ifPresent(trims::add);
            while (tooLong()) {
                Optional<Trim> without = withoutReview().or(this::withoutLast);
                if (without.isEmpty()) break;
                trims.add(without.get());
            }
            return new DayPlan(left, total(routine), minutes, trims);
        }

        private boolean tooLong() {
            return total(left.stream().flatMap(Optional::stream).toList()).compareTo(minutes) > 0;
        }

        /** Takes one repetition from the step with most of them, the later of two alike. */
        private boolean fewerRepetitions() {
            Optional<Integer> most = IntStream.range(0, left.size())
                    .boxed()
                    .max(Comparator.<Integer>comparingInt(this::repetitions).thenComparing(i -> i));
            if (most.isEmpty() || repetitions(most.get()) <= FEWEST_REPETITIONS) return false;
            int at = most.get();
            left.set(at, left.get(at).map(portion -> portion.times(repetitions(at) - 1)));
            return true;
        }

        private int repetitions(int at) {
            return left.get(at).map(portion -> portion.load().repetitions()).orElse(0);
        }

        private Optional<Trim> fewer(int at) {
            Portion before = routine.get(at);
            Portion now = left.get(at).orElseThrow();
            int repetitions = now.load().repetitions();
            if (repetitions == before.load().repetitions()) return Optional.empty();
            Duration frees = before.load().total().minus(now.load().total());
            return Optional.of(new Trim(
                    TrimKind.REPETITIONS,
                    at,
                    frees,
                    "Play " + before.name() + " " + repetitions + " times instead of "
                            + before.load().repetitions() + ": frees " + InMinutes.of(frees) + "."));
        }

        private Optional<Trim> withoutReview() {
            return IntStream.range(0, left.size())
                    .boxed()
                    .filter(i -> left.get(i).filter(Portion::isReview).isPresent())
                    .max(Comparator.<Integer>comparingInt(
                                    i -> routine.get(i).dueInDays().getAsInt())
                            .thenComparing(i -> i))
                    .map(i -> leaveOut(
                            i,
                            TrimKind.REVIEW,
                            "Leave out the review of " + routine.get(i).name() + ", "
                                    + due(routine.get(i).dueInDays().getAsInt())));
        }

        private static String due(int days) {
            if (days > 1) return "due in " + days + " days";
            if (days == 1) return "due tomorrow";
            return days == 0 ? "due today" : "overdue by " + -days + (days == -1 ? " day" : " days");
        }

        private Optional<Trim> withoutLast() {
            return IntStream.range(0, left.size())
                    .boxed()
                    .filter(i -> left.get(i).isPresent())
                    .reduce((earlier, later) -> later)
                    .map(i -> leaveOut(
                            i, TrimKind.STEP, "Leave out " + routine.get(i).name()));
        }

        private Trim leaveOut(int at, TrimKind kind, String what) {
            Duration frees = left.get(at).orElseThrow().load().total();
            left.set(at, Optional.empty());
            return new Trim(kind, at, frees, what + ": frees " + InMinutes.of(frees) + ".");
        }
    }
}
