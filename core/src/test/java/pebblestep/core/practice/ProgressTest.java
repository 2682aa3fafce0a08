package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.tempo.LadderScheme;

/** What is kept up line by line is what the whole log says. */
class ProgressTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final Ascent LADDER =
            Ascent.of(Steps.PLAIN, Climb.tempo(Bpm.of(60), Bpm.of(100), LadderScheme.fixed(8)));
    private static final Ascent OTHER =
            Ascent.of(Steps.PLAIN, Climb.tempo(Bpm.of(56), Bpm.of(108), LadderScheme.fixed(4)));

    /** c clean at the rung, e clean at an easier tempo, m missed, p put back to the start, x another climb, h held, | a night. */
    Draw<String> logs() {
        return Draw.text("ccccceemm||pxh", 60);
    }

    /** The entries that such a text stands for; a clean take is one at the rung that the log so far asks for. */
    static Work work(String log) {
        List<Entry> entries = new ArrayList<>();
        LocalDate day = MONDAY;
        for (char what : log.toCharArray()) {
            Standing now = new Work(Steps.PLAIN.key(), LADDER, entries).standing(day);
            Bpm asked = now.ascent().bpm(now.at());
            switch (what) {
                case 'c' -> entries.add(new Take(asked, Outcome.CLEAN, day));
                case 'e' -> entries.add(new Take(Bpm.of(40), Outcome.CLEAN, day));
                case 'm' -> entries.add(new Take(asked, Outcome.SLIPS, day));
                case 'p' -> entries.add(new Decision(new ClimbEvent.Placed(Position.of(0), day)));
                case 'x' -> entries.add(new Decision(new ClimbEvent.Changed(OTHER, day)));
                case 'h' -> entries.add(new Decision(new ClimbEvent.Held(true, day)));
                default -> day = day.plusDays(1);
            }
        }
        return new Work(Steps.PLAIN.key(), LADDER, entries);
    }

    @Samples(300)
    void it_says_what_a_reading_of_the_whole_log_says(@From("logs") String log) {
        Work work = work(log);
        Progress progress = Progress.of(work);
        List<ClimbEvent> events = work.entries().stream().map(Entry::event).toList();
        LocalDate last =
                events.isEmpty() ? MONDAY : events.get(events.size() - 1).day();
        for (LocalDate day = last; day.isBefore(last.plusDays(3)); day = day.plusDays(1)) {
            LocalDate today = day;
            assertThat(progress.standing().on(today)).isEqualTo(Standing.after(events, LADDER, today));
            List<ClimbEvent> before =
                    events.stream().filter(event -> event.day().isBefore(today)).toList();
            assertThat(progress.dawn(today)).isEqualTo(Standing.after(before, LADDER, today));
        }
        List<Take> takes = work.takes();
        assertThat(progress.takes()).isEqualTo(takes.size());
        assertThat(progress.clean())
                .isEqualTo((int) takes.stream().filter(Take::isClean).count());
        assertThat(progress.last()).isEqualTo(takes.stream().map(Take::day).reduce((a, b) -> b));
        assertThat(progress.best().map(Progress.Best::notesPerSecond))
                .isEqualTo(work.bestClean().map(work::notesPerSecond));
        assertThat(progress.slips()).isEqualTo(SlipCount.of(takes));
        LocalDate oldest = progress.last().orElse(MONDAY).minusDays(Forecast.WINDOW_DAYS);
        assertThat(progress.dayBests())
                .isEqualTo(work.dayBests().stream()
                        .filter(best -> !best.day().isBefore(oldest))
                        .toList());
    }

    @Test
    void days_longer_ago_than_a_forecast_looks_back_are_let_go() {
        Work work = work("c" + "|".repeat(28) + "c|c");
        assertThat(Progress.of(work).recent())
                .containsExactly(
                        new DayTally(MONDAY.plusDays(28), 1, 1, rate(60), 0),
                        new DayTally(MONDAY.plusDays(29), 1, 1, rate(60), 1));
    }

    private static double rate(long bpm) {
        Work work = new Work(Steps.PLAIN.key(), LADDER, List.of());
        return work.notesPerSecond(new Take(Bpm.of(bpm), Outcome.CLEAN, MONDAY));
    }

    @Test
    void several_axes_count_the_speed_that_was_played() {
        Ascent ascent = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 80, 10), Climbs.values("1/4", "1/8"));
        Take eighths = new Take(Bpm.of(60), List.of(ascent.climb().axes().get(1).rung(1)), Outcome.CLEAN, MONDAY);
        Progress progress = Progress.start(Steps.PLAIN.key(), ascent).then(eighths);
        assertThat(progress.best().orElseThrow().notesPerSecond()).isEqualTo(2.0);
    }

    /** A phone in another time zone: its own day may lie before the last one. */
    @Test
    void a_day_that_lies_before_the_last_is_put_where_it_belongs() {
        Progress progress = Progress.start(Steps.PLAIN.key(), LADDER)
                .then(new Take(Bpm.of(60), Outcome.CLEAN, MONDAY.plusDays(1)))
                .then(new Take(Bpm.of(60), Outcome.SLIPS, MONDAY))
                .then(new Take(Bpm.of(60), Outcome.CLEAN, MONDAY.plusDays(1)));
        assertThat(progress.recent())
                .containsExactly(new DayTally(MONDAY, 1, 0, 0, 0), new DayTally(MONDAY.plusDays(1), 2, 2, rate(60), 0));
        assertThat(progress.last()).contains(MONDAY.plusDays(1));
        assertThat(progress.on(MONDAY).takes()).isEqualTo(1);
        assertThat(progress.on(MONDAY.plusDays(7)).takes()).isZero();
    }

    @Test
    void a_stay_ends_with_the_rung_and_with_a_decision() {
        assertThat(Progress.of(work("cc|c")).stay()).as("passed").isEqualTo(Rungstay.NONE);
        assertThat(Progress.of(work("cm|mc")).stay()).isEqualTo(new Rungstay(4, List.of(MONDAY, MONDAY.plusDays(1))));
        assertThat(Progress.of(work("cm|mcp")).stay()).isEqualTo(Rungstay.NONE);
        assertThat(Progress.of(work("cm|mch")).stay()).isEqualTo(Rungstay.NONE);
    }
}
