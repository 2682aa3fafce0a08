package pebblestep.core.practice;

import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Words;
import pebblestep.core.climb.Standing;
import pebblestep.core.minutes.DayPlan;
import pebblestep.core.minutes.Load;
import pebblestep.core.minutes.Portion;
import pebblestep.core.minutes.Trim;

/**
 * What a student practises on a day, in order and each with its reason: a warm-up of known material, what is being
 * learned with the newest first, reviews that are due with the most overdue first, and known material where minutes are
 * left (common practice, no source). The same pieces always give the same list, and what is played on the day does not
 * change it.
 *
 * @param lines in order
 * @param trims what was left out or shortened so that it fits
 */
public record TodayList(List<Row> lines, List<Trim> trims) {
    /** How often something known is played: once to find it again, once to be sure. */
    private static final int KNOWN_TIMES = 2;

    /** More than anybody practises. */
    private static final Duration WITHOUT_END = Duration.ofDays(1);

    public TodayList {
        lines = List.copyOf(lines);
        trims = List.copyOf(trims);
    }

    /**
     * Something that may be practised on a day.
     *
     * @param id by which it is known
     * @param name what it is called
     * @param settled how it stood when the day's list was settled
     * @param load what its rung takes on a day
     */
    public record Due(long id, String name, Settled settled, Schedule schedule, Load load) {}

    /** A line of the list: which piece, what for, how often, and why. */
    public record Row(long piece, Purpose kind, int repetitions, String reason) {}

    /**
     * The list of a day.
     *
     * @param minutes what the student has; without them everything that is being learned or due fits
     */
    public static TodayList of(List<Due> pieces, @Nullable Duration minutes, LocalDate today) {
        return new Maker(pieces, Optional.ofNullable(minutes), today).list();
    }

    /** A piece with what is known about it on the day. */
    private record Seen(Due piece, Optional<Reviews> reviews, Standing standing) {
        double speed() {
            return standing.ascent().notesPerSecond(standing.ascent().climb().last());
        }
    }

    /** The making of one list. */
    private record Maker(List<Due> pieces, Optional<Duration> minutes, LocalDate today) {
        TodayList list() {
            List<Seen> seen = pieces.stream()
                    .map(piece -> new Seen(
                            piece,
                            piece.settled().reviews(),
                            piece.settled().standing().on(today)))
                    .sorted(Comparator.comparing(one -> one.piece().id()))
                    .toList();
            List<Seen> learning = seen.stream()
                    .filter(one -> one.reviews().isEmpty())
                    .filter(one -> one.piece().schedule().isOn(today))
                    .sorted(Comparator.<Seen, LocalDate>comparing(
                                    one -> one.piece().schedule().from())
                            .reversed())
                    .toList();
            List<Seen> due = seen.stream()
                    .filter(one ->
                            one.reviews().filter(review -> review.isDue(today)).isPresent())
                    .sorted(Comparator.comparing(
                            one -> one.reviews().orElseThrow().due()))
                    .toList();
            List<Seen> known = seen.stream()
                    .filter(one ->
                            one.reviews().filter(review -> !review.isDue(today)).isPresent())
                    .sorted(Comparator.comparing(
                            one -> one.reviews().orElseThrow().lastClean()))
                    .toList();
            Optional<Seen> warmUp =
                    learning.isEmpty() ? Optional.empty() : known.stream().min(Comparator.comparing(Seen::speed));
            List<Row> wanted = new ArrayList<>();
            List<Portion> portions = new ArrayList<>();
            learning.forEach(one -> add(one, Purpose.LEARNING, wanted, portions));
            due.forEach(one -> add(one, Purpose.REVIEW, wanted, portions));
            DayPlan plan = DayPlan.of(portions, minutes.orElse(WITHOUT_END));
            Deque<Row> lines = new ArrayDeque<>(IntStream.range(0, wanted.size())
                    .boxed()
                    .flatMap(i -> plan.kept().get(i).stream().map(kept -> shortened(wanted.get(i), kept)))
                    .toList());
            // What is learned or due comes first; known material takes the minutes that are left.
            Duration left = plan.fits() ? minutes.orElse(WITHOUT_END).minus(plan.takes()) : Duration.ZERO;
            if (warmUp.isPresent() && known(warmUp.get()).compareTo(left) <= 0) {
                lines.addFirst(line(warmUp.get(), Purpose.WARM_UP));
                left = left.minus(known(warmUp.get()));
            }
            for (Seen one : minutes.isPresent() ? known : List.<Seen>of()) {
                if (known(one).compareTo(left) > 0 || warmUp.filter(one::equals).isPresent()) continue;
                left = left.minus(known(one));
                lines.addLast(line(one, Purpose.KNOWN));
            }
            return new TodayList(List.copyOf(lines), plan.trims());
        }

        private static Duration known(Seen one) {
            return one.piece().load().times(KNOWN_TIMES).total();
        }

        private static Row shortened(Row line, Portion kept) {
            return new Row(line.piece(), line.kind(), kept.load().repetitions(), line.reason());
        }

        private void add(Seen one, Purpose kind, List<Row> lines, List<Portion> portions) {
            Due piece = one.piece();
            lines.add(line(one, kind));
            portions.add(
                    kind == Purpose.LEARNING
                            ? Portion.of(piece.name(), piece.load())
                            : Portion.review(
                                    piece.name(),
                                    piece.load().times(KNOWN_TIMES),
                                    one.reviews().orElseThrow().dueIn(today)));
        }

        private Row line(Seen one, Purpose kind) {
            int repetitions = kind == Purpose.LEARNING ? one.piece().load().repetitions() : KNOWN_TIMES;
            return new Row(one.piece().id(), kind, repetitions, reason(one, kind));
        }

        private String reason(Seen one, Purpose kind) {
            return switch (kind) {
                case WARM_UP -> "warm-up: known, " + Words.decimal(one.speed()) + " notes a second";
                case LEARNING -> learning(one);
                case REVIEW -> "review: " + since(one) + " since clean";
                case KNOWN -> "known: " + since(one) + " since clean, to keep it";
            };
        }

        private String learning(Seen one) {
            if (!one.piece().settled().started()) {
                long days = ChronoUnit.DAYS.between(one.piece().schedule().from(), today);
                return "new: given " + (days == 0 ? "today" : days == 1 ? "yesterday" : days + " days ago");
            }
            return "in work: " + one.standing().cleanInRow() + " of "
                    + one.standing().ascent().climb().rules().cleanToPass() + " clean in a row";
        }

        private String since(Seen one) {
            int days = one.reviews().orElseThrow().daysSinceClean(today);
            return Words.counted(days, "day");
        }
    }

    /** The pieces of the list, in order. */
    public Stream<Long> pieces() {
        return lines.stream().map(Row::piece);
    }
}
