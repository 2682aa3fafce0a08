package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Position;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Steps;
import pebblestep.core.practice.Cautions.Caution;
import pebblestep.core.practice.Cautions.Moment;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.tempo.LadderScheme;

class CautionsTest {
    private static final Ascent SEVEN_RUNGS =
            Ascent.of(Steps.PLAIN, Climb.tempo(Bpm.of(60), Bpm.of(120), LadderScheme.fixed(10)));

    private static Player player(String instrument) {
        return Player.of(Instruments.of(instrument));
    }

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

    private static String due(long seconds, boolean headphones, Map<Moment, LocalDate> shown, Moment... away) {
        List<Caution> all = Stream.of(Moment.values())
                .map(moment -> new Caution(moment, moment.id()))
                .toList();
        return Cautions.due(all, new Cautions.Sitting(TODAY, seconds, headphones, shown, Set.of(away)))
                .map(Caution::text)
                .orElse("none");
    }

    @Test
    void each_is_shown_once_a_day_at_its_moment_and_the_first_once_for_all() {
        LocalDate before = TODAY.minusDays(1);
        Map<Moment, LocalDate> known =
                Map.of(Moment.FIRST_USE, before, Moment.HIGH_RUNG, TODAY, Moment.HIGH_NOTES, TODAY);
        assertThat(due(0, false, Map.of())).isEqualTo("first-use");
        assertThat(due(0, false, Map.of(Moment.FIRST_USE, before))).isEqualTo("high-rung");
        assertThat(due(1499, false, known)).isEqualTo("none");
        assertThat(due(1500, false, known)).as("25 minutes").isEqualTo("long-session");
        assertThat(due(1500, true, known, Moment.LONG_SESSION)).isEqualTo("headphones");
        assertThat(due(0, true, known)).isEqualTo("headphones");
    }

    @ParameterizedTest
    @ValueSource(strings = {"oboe", "trumpet", "violin"})
    void everybody_is_told_to_stop_at_pain_first(String instrument) {
        List<Caution> cautions = Cautions.of(player(instrument));
        assertThat(cautions.get(0).moment()).isEqualTo(Moment.FIRST_USE);
        assertThat(cautions.get(0).text()).startsWith("Stop at pain, tingling or numbness.");
        assertThat(cautions).allSatisfy(caution -> assertThat(caution.text()).hasSizeLessThan(130));
    }

    /** NIOSH publication 98-126 (1998): 85 dBA as an 8-hour average, with a 3 dB exchange rate. */
    @Test
    void the_hearing_limit_is_the_published_one() {
        assertThat(Cautions.of(player("violin")))
                .filteredOn(caution -> caution.moment() == Moment.HEADPHONES)
                .singleElement()
                .satisfies(caution ->
                        assertThat(caution.text()).contains("85 dBA for 8 hours", "each 3 dB more halves the time"));
    }

    @Test
    void a_bow_arm_is_loosened_by_those_who_have_a_bow() {
        assertThat(Cautions.of(player("violin")))
                .anyMatch(caution -> caution.text().contains("bow arm"));
        assertThat(Cautions.of(player("oboe")))
                .noneMatch(caution -> caution.text().contains("bow arm"));
    }

    private static List<Moment> at(int rung, String instrument, String register) {
        Position at = Position.of(rung);
        Player player = player(instrument).within(PitchRange.parse("Bb3-E6"));
        Passage passage = Passage.of(Steps.withRegister(SEVEN_RUNGS.at(at), register), player);
        return Cautions.of(SEVEN_RUNGS, at, passage, player).stream()
                .map(Caution::moment)
                .toList();
    }

    /** Seven rungs, counted from 0. */
    @ParameterizedTest
    @CsvSource({"3, violin, false", "4, violin, true", "6, violin, true"})
    void the_last_third_of_a_climb_is_high(int rung, String instrument, boolean high) {
        assertThat(at(rung, instrument, "Db4").contains(Moment.HIGH_RUNG)).isEqualTo(high);
    }

    @Test
    void those_who_blow_are_told_to_rest_from_high_notes() {
        assertThat(at(0, "oboe", "Db4")).contains(Moment.HIGH_NOTES);
        assertThat(at(0, "violin", "Db4")).doesNotContain(Moment.HIGH_NOTES);
    }
}
