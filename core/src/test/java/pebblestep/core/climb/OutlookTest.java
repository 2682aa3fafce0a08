package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static pebblestep.core.climb.Climbs.ascent;
import static pebblestep.core.climb.Climbs.octaves;
import static pebblestep.core.climb.Climbs.tempo;
import static pebblestep.core.climb.Climbs.values;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Outlook.Ahead;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.passage.Player;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Doubles;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.samples.Samples.Ints;

/** What a climb takes, known in advance: worked out by hand. */
class OutlookTest {
    Draw<Ascent> ascents() {
        return Climbs.any();
    }

    private static Outlook of(Ascent ascent) {
        return Outlook.of(ascent, ascent.climb().first(), null, Speech.USUAL);
    }

    @Test
    void every_rung_is_known_with_its_speed_its_notes_and_its_time() {
        Ascent ascent = ascent(Policy.IN_TURN, tempo(60, 120, 60), values("1/4", "1/8"), octaves(1, 2));
        List<Ahead> rungs = of(ascent).rungs();
        assertThat(rungs.stream().map(rung -> rung.at().toString()))
                .containsExactly("0.0.0", "1.0.0", "0.1.0", "1.1.0", "0.0.1", "1.0.1", "0.1.1", "1.1.1");
        // An octave in quarters: 15 notes, 4 bars, 16 s at 60 five times and 4 s counted; a fifth of 84 s as rest.
        assertThat(rungs.get(0).load().total()).isEqualTo(Duration.ofMillis(100_800));
        assertThat(rungs.get(0).notes()).isEqualTo(15);
        assertThat(rungs.get(0).notesPerSecond()).isEqualTo(1.0);
        // In eighths at 120: 14 eighths and a last note are two bars, 4 s; five times and 2 s counted are 22, and 4.4.
        assertThat(rungs.get(3).load().total()).isEqualTo(Duration.ofMillis(26_400));
        assertThat(rungs.get(3).notesPerSecond()).isEqualTo(4.0);
        // Two octaves in quarters at 60: 29 notes, 8 bars, 32 s five times and 4 counted: 164, and 32.8.
        assertThat(rungs.get(4).load().total()).isEqualTo(Duration.ofMillis(196_800));
        assertThat(rungs.get(4).notes()).isEqualTo(29);
    }

    @Test
    void an_outlook_can_begin_on_any_rung() {
        Ascent ascent = ascent(Policy.IN_TURN, tempo(60, 100, 8), values("1/4", "1/8"));
        Outlook whole = of(ascent);
        Outlook rest = Outlook.of(ascent, Position.of(4, 0), null, Speech.USUAL);
        assertThat(whole.rungs()).endsWith(rest.rungs().toArray(new Ahead[0]));
        assertThat(rest.least()).isLessThan(whole.least());
    }

    @Test
    void rungs_that_do_not_fit_the_student_are_named() {
        Player beginner = Player.of(Instruments.of("oboe"), Level.FIRST_OCTAVE);
        Ascent ascent = ascent(Policy.IN_TURN, tempo(60, 68, 8), octaves(1, 2));
        assertThatThrownBy(() -> Outlook.of(ascent, ascent.climb().first(), beginner, Speech.USUAL))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal.field()).isEqualTo("axes");
                    assertThat(refusal).hasMessageContaining("\" cannot be played: ");
                });
    }

    @Samples(100)
    void the_least_is_the_sum_of_its_rungs_and_fewer_days_than_rungs(@From("ascents") Ascent ascent) {
        Outlook outlook = of(ascent);
        assertThat(outlook.rungs()).hasSameSizeAs(ascent.moves().route());
        Duration sum = outlook.rungs().stream()
                .map(rung -> rung.least(ascent.climb().rules()))
                .reduce(Duration.ZERO, Duration::plus);
        assertThat(outlook.least()).isEqualTo(sum);
        assertThat(outlook.leastDays()).isBetween(1, outlook.rungs().size());
        for (Ahead rung : outlook.rungs()) {
            assertThat(rung.notesPerSecond()).isCloseTo(ascent.notesPerSecond(rung.at()), within(1e-9));
            assertThat(rung.load().total()).isPositive();
        }
    }

    @Samples(100)
    void a_student_who_plays_cleaner_never_needs_more_days(
            @From("ascents") Ascent ascent,
            @Ints(min = 1, max = 40) int minutes,
            @Doubles(min = 0.3, max = 0.95) double share) {
        Outlook outlook = of(ascent);
        Duration aDay = Duration.ofMinutes(minutes);
        assertThat(outlook.likelyDays(aDay, share + 0.05)).isLessThanOrEqualTo(outlook.likelyDays(aDay, share));
        assertThat(outlook.likelyDays(Duration.ofHours(24), 1)).isEqualTo(outlook.leastDays());
    }

    /** Simulated, the waiting time for a run is what the formula says it is on average. */
    @Test
    void the_takes_to_pass_are_those_of_a_simulated_student() {
        java.util.Random random = new java.util.Random(11);
        for (double share : new double[] {0.5, 0.7, 0.9}) {
            long takes = 0;
            int rounds = 40_000;
            for (int i = 0; i < rounds; i++) {
                for (int inRow = 0; inRow < 3; takes++) inRow = random.nextDouble() < share ? inRow + 1 : 0;
            }
            double expected = Outlook.takesToPass(3, share);
            assertThat((double) takes / rounds).isCloseTo(expected, within(expected * 0.03));
        }
    }

    @Samples(60)
    void the_likely_rung_of_a_day_goes_up_to_the_last_on_the_likely_last_day(
            @From("ascents") Ascent ascent, @Ints(min = 1, max = 30) int minutes) {
        Outlook outlook = of(ascent);
        Duration aDay = Duration.ofMinutes(minutes);
        int last = outlook.likelyDays(aDay, 0.8);
        int before = 0;
        for (int day = 0; day <= Math.min(last, 40); day++) {
            int rung = outlook.rungs().indexOf(outlook.likelyAfter(day, aDay, 0.8));
            assertThat(rung).isBetween(before, before + Rules.USUAL.rungsADay());
            before = rung;
        }
        assertThat(outlook.likelyAfter(0, aDay, 0.8)).isEqualTo(outlook.rungs().get(0));
        assertThat(outlook.likelyAfter(last, aDay, 0.8))
                .isEqualTo(outlook.rungs().get(outlook.rungs().size() - 1));
    }
}
