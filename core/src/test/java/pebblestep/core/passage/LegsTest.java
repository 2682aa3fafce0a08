package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Passing;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Leg;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.Swing;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.rhythm.ValueNames;

/** Attacks worked out by hand: strikes, rests, held notes, legs, swing, and the places of the displacement tour. */
class LegsTest {
    private static final Speech BRITISH = new Speech(CountSchool.NUMBERS, ValueNames.BRITISH);
    private static final Step FIVE =
            Steps.step("C", "major", Extent.span(3), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/4", "0");

    private static String attacks(Step step) {
        return Timing.of(step).attacks().stream()
                .map(attack -> attack.at() + ":" + attack.value())
                .collect(Collectors.joining(" "));
    }

    private static Step timed(Step step, int strikes, String tonic, String last) {
        Rhythm r = step.rhythm();
        return step.withRhythm(new Rhythm(
                r.meter(),
                r.figure(),
                strikes,
                r.place(),
                Optional.ofNullable(tonic).map(Fraction::parse),
                Optional.ofNullable(last)
                        .map(text -> text.equals("fill") ? new Rhythm.Fill() : new Rhythm.Value(Fraction.parse(text))),
                Optional.empty(),
                List.of(),
                Swing.STRAIGHT));
    }

    private static Step legs(Step step, Leg... legs) {
        return step.withRhythm(step.rhythm().withLegs(List.of(legs)));
    }

    private static Leg leg(Leg.Start start, String figure, String place) {
        return new Leg(
                start,
                Optional.ofNullable(figure).map(text -> Figure.ofCycle(List.of(text.split(" ")))),
                Optional.ofNullable(place).map(Fraction::parse));
    }

    @Test
    void the_cycle_runs_over_attacks_and_rests_take_time() {
        assertThat(attacks(Steps.figure(FIVE, "1/4 1/8 r1/8"))).isEqualTo("0:1/4 1/4:1/8 1/2:1/4 3/4:1/8 1:1/4");
        Step struck = timed(Steps.figure(FIVE, "1/8"), 2, null, null);
        assertThat(attacks(struck)).startsWith("0:1/8 1/8:1/8 1/4:1/8").endsWith("9/8:1/8");
        assertThat(Passage.of(struck).notes()).hasSize(10);
        assertThat(Passage.of(struck).notes().get(1).lineNote()).isZero();
        assertThat(Timing.of(struck).last().at())
                .as("the last note is reached with its first strike")
                .hasToString("1");
    }

    @Test
    void tonics_are_held_and_the_last_note_fills_its_bar() {
        assertThat(attacks(timed(FIVE, 1, "1/2", null))).isEqualTo("0:1/2 1/2:1/4 3/4:1/4 1:1/4 5/4:1/2");
        assertThat(attacks(timed(FIVE, 1, null, "fill"))).endsWith("3/4:1/4 1:1");
        assertThat(attacks(timed(FIVE, 1, "1/2", "3/8"))).endsWith("5/4:3/8");
    }

    @Test
    void a_leg_goes_on_in_another_figure_from_the_turn_a_bar_or_a_note() {
        assertThat(attacks(legs(FIVE, leg(new Leg.AtTurn(), "1/8", null))))
                .isEqualTo("0:1/4 1/4:1/4 1/2:1/4 3/4:1/8 7/8:1/8");
        assertThat(attacks(legs(FIVE, leg(new Leg.AtNote(2), "1/16 3/16", null))))
                .isEqualTo("0:1/4 1/4:1/16 5/16:3/16 1/2:1/16 9/16:3/16");
        Step long9 = Steps.step("C", "major", Extent.span(5), Travel.UP_DOWN, Turn.SINGLE, "2/4", "1/4", "0");
        assertThat(attacks(legs(long9, leg(new Leg.AtBar(2), "1/8", null))))
                .startsWith("0:1/4 1/4:1/4 1/2:1/8 5/8:1/8");
    }

    @Test
    void a_leg_on_a_place_waits_for_the_next_beat_and_the_note_before_gives_way() {
        Step second = FIVE.withPlace(Fraction.of(1, 16));
        // Quarters on the e going up; the last of them gives way at beat 4, and the way back starts on its second
        // triplet.
        assertThat(attacks(legs(second, leg(new Leg.AtTurn(), null, "1/12"))))
                .isEqualTo("1/16:1/4 5/16:1/4 9/16:3/16 5/6:1/4 13/12:1/4");
    }

    @Test
    void legs_that_never_come_or_change_nothing_are_refused() {
        assertThatThrownBy(() -> Timing.of(legs(FIVE, leg(new Leg.AtBar(9), "1/8", null))))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("rhythm.legs"));
        Step up = Steps.step("C", "major", Extent.span(3), Travel.UP, Turn.SINGLE, "4/4", "1/4", "0");
        assertThatThrownBy(() -> Timing.of(legs(up, leg(new Leg.AtTurn(), "1/8", null))))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> leg(new Leg.AtTurn(), null, null)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> leg(new Leg.AtTurn(), null, "1/2")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Leg.AtNote(1)).isInstanceOf(Refusal.class);
    }

    @Test
    void a_line_can_be_come_into_later_and_pass_through_one_note_more_or_fewer() {
        Step entered = FIVE.withLine(FIVE.line().withEnter(3));
        assertThat(Passage.of(entered).notes())
                .extracting(n -> n.written().toString())
                .containsExactly("E4", "D4", "C4");
        Step added = FIVE.withLine(FIVE.line().withPassing(new Passing(Passing.Change.ADD, 4)));
        assertThat(Passage.of(added).notes())
                .extracting(n -> n.written().toString())
                .containsExactly("C4", "D4", "E4", "D4", "D♭4", "C4");
        assertThat(added.line().turnAt(added.key().form())).hasValue(2);
        Step left = FIVE.withLine(FIVE.line().withPassing(new Passing(Passing.Change.LEAVE_OUT, 2)));
        assertThat(Passage.of(left).notes())
                .extracting(n -> n.written().toString())
                .containsExactly("C4", "E4", "D4", "C4");
        assertThat(left.line().turnAt(left.key().form())).hasValue(1);
        assertThatThrownBy(() -> FIVE.withLine(FIVE.line().withEnter(6))
                        .line()
                        .notes(FIVE.key().form()))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void swing_changes_when_notes_sound_and_nothing_that_is_written() {
        Step straight = Steps.figure(FIVE, "1/8").withTempo(Tempo.quarters(60));
        Rhythm r = straight.rhythm();
        Step swung = straight.withRhythm(new Rhythm(
                r.meter(),
                r.figure(),
                1,
                r.place(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Swing.parse("2:1")));
        Passage passage = Passage.of(swung);
        assertThat(passage.notes()).isEqualTo(Passage.of(straight).notes());
        assertThat(passage.millisAt(Fraction.of(1, 8))).isCloseTo(666.667, within(0.001));
        assertThat(passage.millisAt(Fraction.of(1, 4))).isCloseTo(1000, within(1e-9));
    }

    /** Displacements at quarter = 75: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"1/16,200", "3/16,600", "1/12,266.667", "1/6,533.333"})
    void a_displaced_start_is_that_many_milliseconds_late(String place, double millis) {
        assertThat(Tempo.quarters(75).millis(Fraction.parse(place))).isCloseTo(millis, within(0.001));
    }

    @Test
    void places_close_together_are_named_with_their_distance() {
        Step e = FIVE.withPlace(Fraction.of(1, 16)).withTempo(Tempo.quarters(75));
        List<ConfusablePlaces.Near> near = ConfusablePlaces.of(e, Speech.USUAL);
        assertThat(near.get(0).place()).hasToString("1/12");
        assertThat(near.get(0).apart()).hasToString("1/48");
        assertThat(near.get(0).millis()).isCloseTo(66.667, within(0.001));
        assertThat(near.get(0).division()).isEqualTo("triplets");
        assertThat(near.get(0).sentence())
                .isEqualTo(
                        "The e of 1 and the trip of 1 are 66.7 ms apart at 75: play a bar on one and a bar on the other,"
                                + " back to back.");
        assertThat(near.get(0).step().place()).hasToString("1/12");
        assertThat(ConfusablePlaces.of(FIVE, Speech.USUAL)).isEmpty();
    }

    @Test
    void the_tour_goes_from_long_values_to_short_and_ends_with_two_places() {
        List<Step> tour = DisplacementTour.named(FIVE, Speech.USUAL);
        assertThat(tour)
                .extracting(Step::title)
                .containsExactly(
                        "Quarters from the & of 1",
                        "Quarters from the e of 1",
                        "Quarters from the a of 1",
                        "Quarters from the trip of 1",
                        "Quarters from the let of 1",
                        "Quarters from the e of 1, back from the trip of 1",
                        "Quarters from the trip of 1, back from the e of 1",
                        "Eighths from the e of 1",
                        "Eighths from the a of 1",
                        "Eighths from the trip of 1",
                        "Eighths from the let of 1",
                        "Eighths from the e of 1, back from the trip of 1",
                        "Eighths from the trip of 1, back from the e of 1");
        assertThat(tour).allSatisfy(step -> assertThat(Passage.of(step).notes()).hasSize(5));
        assertThat(DisplacementTour.named(FIVE, BRITISH))
                .extracting(Step::title)
                .startsWith("Crotchets from the & of 1")
                .contains("Quavers from the e of 1, back from the trip of 1");
        assertThat(DisplacementTour.named(FIVE, new Speech(CountSchool.TIME_NAMES, ValueNames.BRITISH)))
                .extracting(Step::title)
                .contains("Quavers from the fa of 1, back from the te of 1");
    }
}
