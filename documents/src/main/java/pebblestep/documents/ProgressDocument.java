package pebblestep.documents;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.DayTally;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Reviews;
import pebblestep.core.practice.Rungstay;
import pebblestep.core.practice.Settled;
import pebblestep.core.practice.SlipCount;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.Key;

/**
 * A student's progress with one step: what is needed of its log, and no more. The climb and the key are not in it: they are
 * kept elsewhere, and given again when it is read. Only a morning on another climb has that in it.
 */
public record ProgressDocument(
        Stand standing,
        Stand morning,
        @Nullable ClimbDocument morningClimb,
        Basis settled,
        @Nullable Back reviews,
        int stayTakes,
        List<LocalDate> stayOn,
        int takes,
        int clean,
        @Nullable LocalDate last,
        @Nullable BigDecimal bestBpm,
        @Nullable Double bestRate,
        List<Day> recent,
        Map<String, Integer> kinds,
        Map<String, Integer> notes,
        Map<String, Integer> asNotes,
        @Nullable List<InKey> stations) {
    /** What slipped in one key of a walk, from 0; takes are those in which something was touched there. */
    public record InKey(
            int station,
            int takes,
            Map<String, Integer> kinds,
            Map<String, Integer> notes,
            Map<String, Integer> asNotes) {
        static @Nullable List<InKey> of(SlipCount count) {
            if (count.stations().isEmpty()) return null;
            return count.stations().entrySet().stream()
                    .map(one -> new InKey(
                            one.getKey(),
                            one.getValue().takes(),
                            named(one.getValue().kinds(), SlipKind::id),
                            named(one.getValue().notes(), NoteName::id),
                            named(one.getValue().asNotes(), NoteName::id)))
                    .toList();
        }
    }

    /** A standing without its climb; it has no day where nothing has happened yet. */
    public record Stand(
            String at,
            int clean,
            int misses,
            int passedToday,
            Standing.Change move,
            @Nullable String from,
            boolean top,
            boolean held,
            @Nullable LocalDate day) {
        static Stand of(Standing standing) {
            return new Stand(
                    standing.at().toString(),
                    standing.cleanInRow(),
                    standing.missesInRow(),
                    standing.passedToday(),
                    standing.lastMove(),
                    standing.from().map(Position::toString).orElse(null),
                    standing.topPassed(),
                    standing.held(),
                    standing.day().equals(LocalDate.MIN) ? null : standing.day());
        }

        Standing read(Ascent ascent) {
            return new Standing(
                    ascent,
                    Position.parse(at),
                    clean,
                    misses,
                    passedToday,
                    move,
                    Optional.ofNullable(from).map(Position::parse),
                    top,
                    held,
                    day == null ? LocalDate.MIN : day);
        }
    }

    /** When something learned comes back. */
    public record Back(
            LocalDate learned, int box, int failed, LocalDate due, @Nullable LocalDate last, LocalDate lastClean) {
        static Back of(Reviews reviews) {
            return new Back(
                    reviews.learned(),
                    reviews.box(),
                    reviews.failed(),
                    reviews.due(),
                    reviews.last().orElse(null),
                    reviews.lastClean());
        }

        Reviews read() {
            return new Reviews(learned, box, failed, due, Optional.ofNullable(last), lastClean);
        }
    }

    /** What the day's list goes by; its climb is the one that is climbed now. */
    public record Basis(Stand standing, @Nullable Back reviews, boolean started) {
        static Basis of(Settled settled) {
            return new Basis(
                    Stand.of(settled.standing()),
                    settled.reviews().map(Back::of).orElse(null),
                    settled.started());
        }

        Settled read(Ascent now) {
            return new Settled(standing.read(now), Optional.ofNullable(reviews).map(Back::read), started);
        }
    }

    /** A day of practice. */
    public record Day(LocalDate day, int takes, int clean, double best, int rungs) {}

    /** The document of a progress. */
    public static ProgressDocument of(Progress progress) {
        return new ProgressDocument(
                Stand.of(progress.standing()),
                Stand.of(progress.morning()),
                progress.morning().ascent().equals(progress.standing().ascent())
                        ? null
                        : ClimbDocuments.write(progress.morning().ascent().climb()),
                Basis.of(progress.settled()),
                progress.reviews().map(Back::of).orElse(null),
                progress.stay().takes(),
                progress.stay().on(),
                progress.takes(),
                progress.clean(),
                progress.last().orElse(null),
                progress.best().map(best -> best.bpm().value()).orElse(null),
                progress.best().map(Progress.Best::notesPerSecond).orElse(null),
                progress.recent().stream()
                        .map(day -> new Day(day.day(), day.takes(), day.clean(), day.best(), day.rungs()))
                        .toList(),
                named(progress.slips().kinds(), SlipKind::id),
                named(progress.slips().notes(), NoteName::id),
                named(progress.slips().asNotes(), NoteName::id),
                InKey.of(progress.slips()));
    }

    /**
     * The progress it says.
     *
     * @param now the climb as it is after the last line of the log
     */
    public Progress read(Key key, Ascent now) {
        Ascent dawn = morningClimb == null ? now : Ascent.of(now.step(), ClimbDocuments.read(morningClimb));
        return new Progress(
                key,
                standing.read(now),
                morning.read(dawn),
                settled.read(now),
                Optional.ofNullable(reviews).map(Back::read),
                new Rungstay(stayTakes, stayOn),
                takes,
                clean,
                Optional.ofNullable(last),
                bestBpm == null || bestRate == null
                        ? Optional.empty()
                        : Optional.of(new Progress.Best(Bpm.of(bestBpm), bestRate)),
                recent.stream()
                        .map(one -> new DayTally(one.day, one.takes, one.clean, one.best, one.rungs))
                        .toList(),
                count(
                        takes,
                        kinds,
                        notes,
                        asNotes,
                        Optional.ofNullable(stations).orElse(List.of()).stream()
                                .collect(Collectors.toMap(
                                        InKey::station,
                                        one -> count(one.takes, one.kinds, one.notes, one.asNotes, Map.of())))));
    }

    private static SlipCount count(
            int takes,
            Map<String, Integer> kinds,
            Map<String, Integer> notes,
            Map<String, Integer> asNotes,
            Map<Integer, SlipCount> stations) {
        return new SlipCount(
                takes,
                keyed(kinds, kind -> Identified.of(SlipKind.class, kind)),
                keyed(notes, NoteName::parse),
                keyed(asNotes, NoteName::parse),
                stations);
    }

    private static <K> Map<String, Integer> named(Map<K, Integer> counts, Function<K, String> name) {
        return counts.entrySet().stream()
                .collect(Collectors.toMap(count -> name.apply(count.getKey()), Map.Entry::getValue));
    }

    private static <K> Map<K, Integer> keyed(Map<String, Integer> counts, Function<String, K> key) {
        return counts.entrySet().stream()
                .collect(Collectors.toMap(count -> key.apply(count.getKey()), Map.Entry::getValue));
    }
}
