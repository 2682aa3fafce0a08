package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Pin;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Timing;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Voice;
import pebblestep.core.voice.WhichHands;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Walk;

class HandsAndWalkTest {
    private static final Player PIANO = Player.of(Instruments.of("piano"));
    private static final Speech SPEECH = new Speech(CountSchool.NUMBERS, ValueNames.AMERICAN);

    private static Step scale() {
        return Steps.step("C", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", "0");
    }

    private static Ascent ascent(Step step, Axis... axes) {
        return Ascent.of(step, Climb.of(List.of(axes), Policy.IN_TURN));
    }

    private static Ascent hands(Step step) {
        return ascent(step, Axis.of(Suggestions.of(AxisKind.HANDS, step)));
    }

    @Test
    void hands_are_climbed_right_left_and_together() {
        Ascent ascent = hands(scale().withVoices(List.of(Voice.at(1, By.LEFT).mirrored())));
        List<String> said =
                ascent.moves().route().stream().map(ascent.words(SPEECH)::at).toList();
        assertThat(said).containsExactly("right hand alone", "left hand alone", "hands together");
        Passage right = Passage.of(ascent.at(new Position(List.of(0))), PIANO);
        Passage left = Passage.of(ascent.at(new Position(List.of(1))), PIANO);
        Passage both = Passage.of(ascent.at(new Position(List.of(2))), PIANO);
        assertThat(right.notes()).isEqualTo(both.notes());
        assertThat(right.parts()).isEmpty();
        assertThat(left.notes()).isEqualTo(both.parts().getFirst().notes());
        assertThat(left.parts()).isEmpty();
        assertThat(Score.of(left, PIANO).clef().id()).isEqualTo("bass");
        assertThat(Score.of(left, PIANO).staves()).isEmpty();
        assertThat(Score.of(both, PIANO).braced()).isTrue();
    }

    @Test
    void the_left_hand_alone_lands_where_its_own_time_leads() {
        Step step = scale().withVoices(List.of(Voice.at(-8, By.LEFT).withFigure(Figure.even(Fraction.of(1, 4)))))
                .withHands(WhichHands.LEFT);
        Passage passage = Passage.of(step, PIANO);
        assertThat(passage.notes()).extracting(PassageNote::value).containsOnly(Fraction.of(1, 4));
        assertThat(Landing.of(step).at()).isEqualTo(passage.last().at());
        assertThat(Landing.of(step).note()).isEqualTo(14);
        assertThat(step.noteCount()).isEqualTo(15);
        assertThat(Timing.of(step).last().at()).isEqualTo(passage.last().at());
    }

    @Test
    void a_hand_alone_needs_two() {
        assertThatThrownBy(() -> scale().withHands(WhichHands.LEFT)).isInstanceOf(Refusal.class);
        Step step = scale().withVoices(List.of(Voice.at(-8, By.LEFT))).withHands(WhichHands.LEFT);
        assertThat(step.withVoices(List.of()).hands()).isEqualTo(WhichHands.TOGETHER);
    }

    @Test
    void a_walk_is_climbed_key_by_key() {
        Step step = scale().withWalk(Walk.through(Keys.cycle(KeyOrder.WHOLE_STEP_UP)));
        Ascent ascent = ascent(step, Axis.of(Suggestions.of(AxisKind.WALK, step)));
        List<Position> route = ascent.moves().route();
        assertThat(route.stream().map(ascent.words(SPEECH)::at))
                .containsExactly("two keys", "three keys", "four keys", "six keys", "all keys");
        assertThat(route.stream().map(at -> Passage.of(ascent.at(at)).stations().size()))
                .containsExactly(2, 3, 4, 6, 7);
        assertThat(route.stream().map(ascent::noteCount)).containsExactly(30, 45, 60, 90, 105);
    }

    @Test
    void more_keys_than_fit_are_found_ahead() {
        Step step = scale().withWalk(Walk.through(Keys.cycle(KeyOrder.WHOLE_STEP_UP)));
        Ascent ascent = ascent(step, Axis.of(Suggestions.of(AxisKind.WALK, step)));
        Player narrow = Player.of(Instruments.of("oboe")).within(PitchRange.parse("C4-F5"));
        Optional<Misfit> misfit = Misfit.ahead(ascent, ascent.climb().first(), narrow);
        assertThat(misfit).isPresent();
        assertThat(ascent.words(SPEECH).at(misfit.get().at())).isEqualTo("four keys");
        assertThat(misfit.get().why()).hasMessageContaining("F♯ major");
    }

    @Test
    void the_hand_is_climbed_position_by_position_by_a_bow() {
        Hand violin = InstrumentHands.of(Instruments.of("violin")).orElseThrow();
        Step step = scale();
        List<Rung> rungs = Suggestions.ofHand(step, violin);
        assertThat(said(rungs.subList(0, 4)))
                .containsExactly("as the hand goes", "position I", "position II", "position III");
        Ascent ascent = ascent(step, Axis.of(rungs));
        Player player = Player.of(Instruments.of("violin"));
        Passage inThird = Passage.of(ascent.at(new Position(List.of(3))), player);
        Passage freely = Passage.of(ascent.at(new Position(List.of(0))), player);
        assertThat(inThird.notes()).isEqualTo(freely.notes());
        assertThat(fingers(inThird, player)).isNotEqualTo(fingers(freely, player));
    }

    @Test
    void the_hand_is_climbed_school_by_school_on_frets_and_pins_stay() {
        Hand guitar = InstrumentHands.of(Instruments.of("classical-guitar")).orElseThrow();
        Pin pin = Pin.at(0, Pitch.parse("C5"), "5-3-3");
        Step step = scale().withHand(new FingeringChoice(Optional.empty(), Optional.empty(), List.of(pin)));
        List<Rung> rungs = Suggestions.ofHand(step, guitar);
        assertThat(said(rungs))
                .containsExactly(
                        "as the hand goes",
                        "three notes a string",
                        "open position",
                        "along one string",
                        "same fingers in every key");
        assertThat(rungs.get(1).on(step).hand())
                .isEqualTo(new FingeringChoice(Optional.of("three-a-string"), Optional.empty(), List.of(pin)));
    }

    /** Common practice, no source: a trumpet has neither positions nor schools, so there is nothing to climb. */
    @Test
    void a_hand_without_positions_and_schools_does_not_grow() {
        Hand trumpet = InstrumentHands.of(Instruments.of("trumpet")).orElseThrow();
        assertThat(Suggestions.ofHand(scale(), trumpet)).hasSize(1);
        assertThat(Suggestions.of(AxisKind.HAND, scale())).hasSize(1);
    }

    /** A class is one climb and many instruments: what a hand does not know changes nothing. */
    @Test
    void a_rung_for_a_violin_leaves_a_trumpet_as_it_is() {
        Step inThird = new Rung.OfHand(Optional.of("no-such-school"), Optional.of("III")).on(scale());
        Player trumpet = Player.of(Instruments.of("trumpet"));
        assertThat(fingers(Passage.of(inThird, trumpet), trumpet))
                .isEqualTo(fingers(Passage.of(scale(), trumpet), trumpet));
    }

    private static List<String> said(List<Rung> rungs) {
        return rungs.stream()
                .map(rung -> rung.inWords(Meter.parse("6/8"), SPEECH))
                .toList();
    }

    private static List<String> fingers(Passage passage, Player player) {
        return passage.hand(player).orElseThrow().fingering().stops().stream()
                .map(stop -> stop.way().id())
                .toList();
    }
}
