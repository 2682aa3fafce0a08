package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Metronome.Clicks;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Groove;
import pebblestep.core.rhythm.Groove.Drum;
import pebblestep.core.rhythm.Meter;

/** Drums of our own, worked out by hand. */
class GroovePlanTest {
    private static final Metronome ONE_BAR = new Metronome(1, true, Clicks.BEATS);

    private static Passage passage(String meter, String value, int span, Metronome metronome) {
        return Passage.of(Steps.step("C", "major", Extent.span(span), Travel.UP, Turn.SINGLE, meter, value, "0")
                .withMetronome(metronome));
    }

    private static String hits(Passage passage, Drum drum) {
        return hits(GroovePlan.of(passage), drum);
    }

    private static String hits(GroovePlan plan, Drum drum) {
        return plan.hits().stream()
                .filter(hit -> hit.drum() == drum)
                .map(hit -> hit.at() + (hit.strong() ? "!" : ""))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "WALK, 4/4, 1/4, 4, LOW, 0! 1/2",
        "WALK, 4/4, 1/4, 4, HIGH, 1/4! 3/4!",
        "WALK, 4/4, 1/4, 4, SOFT, 0 1/8 1/4 3/8 1/2 5/8 3/4 7/8",
        "WALK, 6/8, 3/8, 2, LOW, 0!",
        "WALK, 6/8, 3/8, 2, HIGH, 3/8!",
        "WALK, 6/8, 3/8, 2, SOFT, 0 1/4 3/8 5/8",
        "FERRY, 2/4, 1/4, 2, SOFT, 0 1/16 1/8 3/16 1/4 5/16 3/8 7/16",
        "FERRY, 3/4, 1/4, 3, LOW, 0! 5/8",
        "FERRY, 12/8, 3/8, 4, HIGH, 3/8 9/8",
        "TIDE, 4/4, 1/4, 4, HIGH, 1/2!",
        "TIDE, 9/8, 3/8, 3, SOFT, 0 3/8 3/4",
        "OARS, 2/4, 1/4, 2, HIGH, 7/16",
        "OARS, 6/8, 3/8, 2, SOFT, 1/4",
        "OARS, 7/8(2+2+3), 1/8, 7, LOW, 0! 1/4 1/2",
        "WALK, 7/8(2+2+3), 1/8, 7, SOFT, 0 1/8 1/4 3/8 1/2 3/4",
    })
    void drums_are_struck_where_the_pattern_says(
            Groove groove, String meter, String value, int span, Drum drum, String places) {
        assertThat(hits(passage(meter, value, span, ONE_BAR.with(groove)), drum))
                .isEqualTo(places);
    }

    @ParameterizedTest
    @EnumSource(Groove.class)
    void every_groove_has_a_pattern_for_every_beat_of_every_meter(Groove groove) {
        for (Meter meter : Meter.all()) {
            Passage passage = passage(meter.toString(), "1/8", 12, ONE_BAR.with(groove));
            List<GroovePlan.Hit> hits = GroovePlan.of(passage).hits();
            assertThat(hits).as(meter.toString()).anyMatch(hit -> hit.at().isZero() && hit.strong());
            assertThat(hits).isSortedAccordingTo((a, b) -> a.at().compareTo(b.at()));
            assertThat(hits).allMatch(hit -> hit.at().signum() >= 0);
            Map<Object, Long> same = hits.stream().collect(Collectors.groupingBy(hit -> hit, Collectors.counting()));
            assertThat(same.values()).containsOnly(1L);
        }
    }

    @Test
    void clicks_count_in_and_drums_take_over_with_the_line() {
        Passage passage = passage("4/4", "1/4", 8, ONE_BAR.with(Groove.WALK));
        assertThat(ClickPlan.of(passage).clicks()).hasSize(4).allMatch(Click::countIn);
        assertThat(ClickPlan.of(passage).end()).isEqualTo(Fraction.of(2));
        assertThat(GroovePlan.of(passage("4/4", "1/4", 8, ONE_BAR)).hits()).isEmpty();
    }

    @Test
    void silent_bars_have_no_drum() {
        Passage passage = passage("2/4", "1/4", 8, ONE_BAR.with(Groove.WALK).silent(1, 1));
        assertThat(hits(passage, Drum.LOW)).isEqualTo("0! 1!");
        Passage oneBar = passage("2/4", "1/4", 2, ONE_BAR.with(Groove.WALK).silent(1, 2));
        assertThat(hits(GroovePlan.of(oneBar, 4), Drum.LOW))
                .as("a line of one bar, four times: its second and third time are silent")
                .isEqualTo("0! 3/2!");
        assertThat(hits(GroovePlan.ofEveryBar(passage), Drum.LOW)).isEqualTo("0! 1/2! 1! 3/2!");
    }

    @Test
    void the_foot_taps_on_two_and_four_unless_other_beats_are_asked_for() {
        assertThat(foot(ONE_BAR, "4/4", 8)).isEqualTo("-3/4 -1/4 1/4 3/4 5/4 7/4");
        assertThat(foot(ONE_BAR.withFoot(List.of(1)), "3/4", 3)).isEqualTo("-3/4 0");
        assertThat(foot(ONE_BAR, "3/4", 3)).isEqualTo("-1/2 1/4");
        assertThat(foot(ONE_BAR, "7/8(3+2+2)", 3)).isEqualTo("-1/2 3/8");
        assertThatThrownBy(() -> passage("3/4", "1/4", 3, ONE_BAR.withFoot(List.of(2, 4))))
                .hasMessage("A bar of 3/4 has 3 beats, not 4.");
        assertThatThrownBy(() -> ONE_BAR.withFoot(List.of(4, 2))).hasMessageContaining("rising");
    }

    private static String foot(Metronome metronome, String meter, int span) {
        return FootCue.of(passage(meter, meter.endsWith("4") ? "1/4" : "1/8", span, metronome)).taps().stream()
                .map(Fraction::toString)
                .collect(Collectors.joining(" "));
    }

    @Test
    void a_step_without_a_groove_keeps_the_metronome_it_had() {
        Step plain = Steps.PLAIN;
        assertThat(plain.metronome().groove()).isEmpty();
        assertThat(plain.metronome().drone()).isEmpty();
        assertThat(plain.metronome().with(Metronome.Drone.TONIC).drone()).contains(Metronome.Drone.TONIC);
    }
}
