package pebblestep.core.keyplan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.tempo.LadderScheme;

/** Fingers as every first book for the instrument has them: common practice, no source. */
class FreshInKeysTest {
    private static final Player VIOLIN = Player.of(Instruments.of("violin"));

    private static Ascent in(String tonic) {
        Ascent scale = Ascent.of(
                Steps.step("G", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "6/8", "1/8", "0"),
                Climb.tempo(Bpm.of(60), Bpm.of(80), LadderScheme.fixed(4)));
        return InKey.of(scale, Key.of(NoteName.parse(tonic), Forms.of("major")), Named.WRITTEN, VIOLIN, Speech.USUAL)
                .ascent();
    }

    private static FreshInKeys keys(String... tonics) {
        return FreshInKeys.of(
                List.of(tonics).stream().map(tonic -> List.of(in(tonic))).toList(), VIOLIN);
    }

    @Test
    void the_first_key_has_nothing_before_it() {
        assertThat(keys("D").keys()).containsExactly(List.of());
        assertThat(keys("D").sentence(NoteName.parse("D"))).isEmpty();
    }

    @Test
    void c_major_after_d_brings_the_low_second_finger_on_the_a_string() {
        assertThat(keys("D", "C").sentence(NoteName.parse("C")).orElseThrow())
                .startsWith("New for the hand in C: ")
                .contains("low 2 on the A string for C5");
    }

    @Test
    void what_an_earlier_key_has_asked_is_not_new_again() {
        FreshInKeys fresh = keys("D", "C", "D", "C");
        assertThat(fresh.keys().get(1)).isNotEmpty();
        assertThat(fresh.keys().subList(2, 4)).containsExactly(List.of(), List.of());
    }

    @Test
    void nothing_is_said_of_a_voice() {
        Player voice = Player.of(Instruments.of("soprano-voice"));
        assertThat(FreshInKeys.of(List.of(List.of(in("D")), List.of(in("C"))), voice)
                        .keys())
                .containsExactly(List.of(), List.of());
    }
}
