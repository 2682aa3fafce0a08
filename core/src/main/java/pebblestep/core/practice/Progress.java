package pebblestep.core.practice;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Rung;
import pebblestep.core.climb.Standing;
import pebblestep.core.forecast.DayBest;
import pebblestep.core.forecast.Estimate;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.forecast.Goal;
import pebblestep.core.forecast.Habit;
import pebblestep.core.forecast.Pace;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.Key;

/**
 * How far a student has come with one assigned step: everything that is asked about it later, kept up line by line, so that
 * the log need not be read again. Folding the whole log gives the same as adding its lines one by one.
 *
 * @param key the key, in written pitch
 * @param standing where the student stands after the last line, as seen on its day
 * @param morning where they stood before the first line of that day
 * @param settled how it stood when the list of that day was settled
 * @param reviews when it comes back; empty while it is not learned
 * @param stay how long they have been on the rung
 * @param takes how many takes there are
 * @param clean how many of them were clean
 * @param last the day of the last take
 * @param best the fastest clean take
 * @param recent the days of practice of the last four weeks up to the last of them, oldest first
 * @param slips what slipped
 */
public record Progress(
        Key key,
        Standing standing,
        Standing morning,
        Settled settled,
        Optional<Reviews> reviews,
        Rungstay stay,
        int takes,
        int clean,
        Optional<LocalDate> last,
        Optional<Best> best,
        List<DayTally> recent,
        SlipCount slips) {
    /** The fastest clean take. */
    public record Best(Bpm bpm, double notesPerSecond) {}

    public Progress {
        recent = List.copyOf(recent);
    }

    /** Before anything has happened. */
    public static Progress start(Key key, Ascent given) {
        Standing start = Standing.start(given);
        return new Progress(
                key,
                start,
                start,
                new Settled(start, Optional.empty(), false),
                Optional.empty(),
                Rungstay.NONE,
                0,
                0,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                SlipCount.NONE);
    }

    /** The progress that a whole log comes to. */
    public static Progress of(Work work) {
        Progress progress = start(work.key(), work.given());
        for (Entry entry : work.entries()) progress = progress.then(entry);
        return progress;
    }

    /** The progress after one more line of the log. */
    public Progress then(Entry entry) {
        Standing after = standing.then(entry.event());
        Standing dawn = after.day().isAfter(standing.day()) ? standing : morning;
        Optional<Reviews> back = Reviews.then(reviews.orElse(null), standing, entry, after);
        Rungstay here = stay.then(standing, entry, after);
        if (!(entry instanceof Take take)) {
            Settled anew = new Settled(after, back, started());
            return new Progress(key, after, dawn, anew, back, here, takes, clean, last, best, recent, slips);
        }
        double rate = notesPerSecond(standing.ascent().step(), take);
        return new Progress(
                key,
                after,
                dawn,
                after.day().isAfter(standing.day()) ? settledNow() : settled,
                back,
                here,
                takes + 1,
                clean + (take.isClean() ? 1 : 0),
                Optional.of(last.filter(day -> day.isAfter(take.day())).orElse(take.day())),
                faster(take, rate),
                withDay(take, rate, standing.rungsTo(after)),
                slips.plus(take));
    }

    private Optional<Best> faster(Take take, double rate) {
        boolean isBest =
                take.isClean() && best.filter(so -> so.notesPerSecond() >= rate).isEmpty();
        return isBest ? Optional.of(new Best(take.bpm(), rate)) : best;
    }

    private List<DayTally> withDay(Take take, double rate, int moved) {
        List<DayTally> days = new ArrayList<>();
        DayTally today = DayTally.none(take.day());
        LocalDate newest = take.day();
        for (DayTally day : recent) {
            if (day.day().equals(take.day())) today = day;
            else days.add(day);
            if (day.day().isAfter(newest)) newest = day.day();
        }
        days.add(today.plus(take, rate, moved));
        days.sort(Comparator.comparing(DayTally::day));
        LocalDate oldest = newest.minusDays(Forecast.WINDOW_DAYS);
        days.removeIf(day -> day.day().isBefore(oldest));
        return days;
    }

    /** Notes a second of a take of a step. */
    static double notesPerSecond(Step step, Take take) {
        Step played = step;
        for (Rung rung : take.others()) played = rung.on(played);
        return played.tempo().at(take.bpm()).notesPerSecond(played.rhythm().quickest());
    }

    /** Whether there is any take. */
    public boolean started() {
        return takes > 0;
    }

    /** Where the student stood when a day began. */
    public Standing dawn(LocalDate day) {
        return day.isAfter(standing.day()) ? standing.on(day) : morning.on(day);
    }

    /** What the list of a day goes by: how it stood in its morning, or after the teacher's last decision of the day. */
    public Settled settled(LocalDate day) {
        Settled now = day.isAfter(standing.day()) ? settledNow() : settled;
        return new Settled(now.standing().on(day), now.reviews(), now.started());
    }

    private Settled settledNow() {
        return new Settled(standing, reviews, started());
    }

    /** The best clean speed of each recent day that has one, oldest first. */
    public List<DayBest> dayBests() {
        return recent.stream()
                .filter(day -> day.clean() > 0)
                .map(day -> new DayBest(day.day(), day.best()))
                .toList();
    }

    /** What was climbed on the days of practice of the last four weeks, as seen on a day. */
    public Pace.Seen climbed(LocalDate today) {
        return Pace.Seen.of(since(today).map(DayTally::rungs).toList());
    }

    /** On which share of the days of the last four weeks it was practised, in front of so many planned a week. */
    public Habit habit(LocalDate today, int plannedAWeek) {
        LocalDate first = recent.isEmpty() ? today : recent.getFirst().day();
        long possible = ChronoUnit.DAYS.between(first, today) + 1;
        int of = recent.isEmpty() ? 0 : (int) Math.clamp(possible, 0, Forecast.WINDOW_DAYS);
        return Habit.seen((int) since(today).count(), of, plannedAWeek);
    }

    private Stream<DayTally> since(LocalDate today) {
        LocalDate oldest = today.minusDays(Forecast.WINDOW_DAYS - 1L);
        return recent.stream()
                .filter(day -> !day.day().isBefore(oldest) && !day.day().isAfter(today));
    }

    /**
     * When so many rungs from here on will have been climbed.
     *
     * @param studio what was seen of everybody in the studio
     */
    public Estimate estimate(int rungs, Pace.Seen studio, Schedule schedule, LocalDate today) {
        return Estimate.of(rungs, Pace.of(climbed(today), studio), habit(today, schedule.practiceDaysAWeek()), today);
    }

    /** Whether a goal will be met: by the rungs that lead to it, and by the slope alone where the climb ends below it. */
    public Forecast forecast(Goal goal, Pace.Seen studio, Schedule schedule, LocalDate today) {
        Standing now = standing.on(today);
        OptionalInt rungs = Estimate.rungsTo(goal, now.ascent(), now.at());
        Estimate estimate =
                rungs.isEmpty() ? null : estimate(now.topPassed() ? 0 : rungs.getAsInt(), studio, schedule, today);
        return Forecast.of(dayBests(), goal, estimate, today);
    }

    /** What was practised on a day; nothing where it is not among the recent ones. */
    public DayTally on(LocalDate day) {
        return recent.stream()
                .filter(tally -> tally.day().equals(day))
                .findFirst()
                .orElse(DayTally.none(day));
    }
}
