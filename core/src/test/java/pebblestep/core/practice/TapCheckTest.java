package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Doubles;
import pebblestep.core.samples.Samples.Ints;

/** The check against players whose faults are known. */
class TapCheckTest {

    private static Passage passage(String value, String place, int octaves, long bpm) {
        Step step = Steps.step("C", "major", Extent.octaves(octaves), Travel.UP_DOWN, Turn.SINGLE, "4/4", value, place);
        return Passage.of(step.withTempo(Tempo.quarters(bpm)));
    }

    /** Sixteen strikes of each of 29 notes: 464 notes, so that chance hardly moves a mean. */
    private static Passage longPassage() {
        Rhythm rhythm = Steps.PLAIN.rhythm();
        Rhythm struck = new Rhythm(
                rhythm.meter(),
                rhythm.figure(),
                16,
                rhythm.place(),
                rhythm.tonicValue(),
                rhythm.last(),
                rhythm.hold(),
                rhythm.legs(),
                rhythm.swing());
        return Passage.of(Steps.PLAIN.withRhythm(struck).withTempo(Tempo.quarters(75)));
    }

    @ParameterizedTest
    @CsvSource({"0, 5", "12, 8", "-18, 12", "35, 20", "-45, 15", "60, 12"})
    void bias_is_found_within_two_milliseconds_and_spread_within_a_tenth(double bias, double jitter) {
        TapCheck check =
                TapCheck.of(longPassage(), SimulatedPlayer.of(bias, jitter, 3).taps(longPassage()));
        assertThat(check.meanMillis()).isCloseTo(bias, within(2.0));
        assertThat(check.spreadMillis()).isCloseTo(jitter, within(jitter / 10));
        assertThat(check.tapped()).isGreaterThan(0.995);
        assertThat(check.bpm()).isEqualTo(75.0);
    }

    @ParameterizedTest
    @CsvSource({
        // The second sixteenth tapped as the second triplet, and the other way round; the & and the a as well.
        "1/16, 1/48, the trip of 1",
        "1/12, -1/48, the e of 1",
        "1/6, 1/48, the a of 1",
        "3/16, -1/48, the let of 1",
        "1/8, -1/24, the trip of 1",
        "1/8, 1/16, the a of 1"
    })
    void taps_on_another_place_are_named_in_at_least_99_of_100(String place, String off, String named) {
        Passage passage = passage("1/4", place, 2, 75);
        long found = IntStream.range(0, 100)
                .mapToObj(seed -> SimulatedPlayer.of(0, 12, seed).displaced(Fraction.parse(off)))
                .filter(player -> TapCheck.of(passage, player.taps(passage))
                        .elsewhere()
                        .filter(other ->
                                other.place().inWords(CountSchool.NUMBERS).equals(named))
                        .isPresent())
                .count();
        assertThat(found).isGreaterThanOrEqualTo(99);
    }

    @ParameterizedTest
    @CsvSource({"0", "1/16", "1/12", "1/8", "1/6", "3/16"})
    void taps_on_their_own_place_are_left_there_in_at_least_99_of_100(String place) {
        Passage passage = passage("1/4", place, 2, 75);
        long named = IntStream.range(0, 100)
                .mapToObj(seed -> SimulatedPlayer.of(seed % 30 - 15, 12, seed))
                .filter(player ->
                        TapCheck.of(passage, player.taps(passage)).elsewhere().isPresent())
                .count();
        assertThat(named).isLessThanOrEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"0.02, 73.5", "-0.02, 76.53", "0.005, 74.63"})
    void taps_that_get_slower_or_faster_are_told_by_their_tempo(double drift, double bpm) {
        Passage passage = longPassage();
        TapCheck check = TapCheck.of(
                passage, SimulatedPlayer.of(0, 10, 5).drifting(drift).taps(passage));
        assertThat(check.bpm()).isCloseTo(bpm, within(0.1));
        assertThat(check.tapped()).isGreaterThan(0.98);
        assertThat(check.spreadMillis()).isCloseTo(10, within(1.0));
        assertThat(check.sentence(CountSchool.NUMBERS)).contains(" They go at ").contains(" bpm, not 75.");
    }

    @Test
    void notes_left_out_and_taps_too_many_are_counted_and_do_not_move_the_mean() {
        Passage passage = longPassage();
        SimulatedPlayer player = SimulatedPlayer.of(14, 9, 8).careless(0.1, 0.05);
        TapCheck check = TapCheck.of(passage, player.taps(passage));
        assertThat(check.tapped()).isBetween(0.85, 0.95);
        assertThat(check.extra()).isBetween(10, 40);
        assertThat(check.meanMillis()).isCloseTo(14, within(2.0));
        assertThat(check.spreadMillis()).isCloseTo(9, within(1.5));
    }

    @Test
    void a_tapper_who_leaves_out_a_third_is_still_held_to_the_right_notes_in_at_least_999_of_1000() {
        Passage passage = passage("1/8", "0", 2, 75);
        long right = IntStream.range(0, 1000)
                .mapToObj(seed -> SimulatedPlayer.of(-4, 8, seed).careless(0.3, 0.3))
                .filter(player ->
                        Math.abs(TapCheck.of(passage, player.taps(passage)).meanMillis() + 4) < 20)
                .count();
        assertThat(right).isGreaterThanOrEqualTo(999);
    }

    @Test
    void the_worst_note_is_the_one_furthest_from_the_others() {
        Passage passage = passage("1/8", "0", 1, 60);
        List<Double> taps = new ArrayList<>(passage.notes().stream()
                .map(note -> passage.millisAt(note.at()) + 10)
                .toList());
        taps.set(6, taps.get(6) - 60);
        TapCheck check = TapCheck.of(passage, taps);
        assertThat(check.worst().note()).isEqualTo(6);
        assertThat(check.worst().offset()).isCloseTo(-50, within(1e-6));
        assertThat(check.sentence(CountSchool.NUMBERS))
                .isEqualTo("15 of 15 notes tapped, 6 ms late on average, spread 15 ms. Furthest: note 7, 50 ms early.");
    }

    @Test
    void another_place_is_said_with_both_names_and_the_distance() {
        Passage passage = passage("1/4", "1/16", 1, 75);
        SimulatedPlayer player = SimulatedPlayer.of(0, 0, 1).displaced(Fraction.of(1, 48));
        assertThat(TapCheck.of(passage, player.taps(passage)).sentence(CountSchool.NUMBERS))
                .startsWith("15 of 15 notes tapped, 67 ms late on average, spread 0 ms. Furthest: note ")
                .endsWith(" The taps lie on the trip of 1, 66.7 ms after the e of 1.");
    }

    @Test
    void taps_that_do_not_belong_to_the_line_are_refused_with_what_to_do() {
        Passage passage = passage("1/4", "0", 1, 60);
        assertThatThrownBy(() -> TapCheck.of(passage, List.of(0.0, 1000.0, 2000.0)))
                .hasMessage("Too few taps belong to the notes: 3 of 15.");
        assertThatThrownBy(() -> TapCheck.of(
                        passage,
                        IntStream.range(0, 1001).mapToObj(i -> (double) i).toList()))
                .hasMessageContaining("At most 1000 taps");
    }

    @Samples(200)
    void every_note_and_every_tap_is_used_once_and_in_order(
            @Ints(min = 0, max = 10_000) int seed,
            @Doubles(min = -80, max = 80) double bias,
            @Doubles(min = 0, max = 40) double jitter,
            @Doubles(min = 0, max = 0.3) double careless) {
        Passage passage = passage("1/8", "0", 2, 75);
        List<Double> taps = SimulatedPlayer.of(bias, jitter, seed)
                .careless(careless, careless)
                .taps(passage);
        TapCheck check = TapCheck.of(passage, taps);
        assertThat(check.taps()).isSortedAccordingTo(java.util.Comparator.comparing(TapCheck.Tap::note));
        assertThat(check.taps().stream().map(TapCheck.Tap::note)).doesNotHaveDuplicates();
        assertThat(check.taps().size() + check.extra()).isEqualTo(taps.size());
        assertThat(check.taps().size()).isLessThanOrEqualTo(check.notes());
    }
}
