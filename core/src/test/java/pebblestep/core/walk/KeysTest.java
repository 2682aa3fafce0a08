package pebblestep.core.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;

class KeysTest {
    private static Key key(String tonic, String form) {
        return Key.of(NoteName.parse(tonic), Forms.of(form));
    }

    private static String tonics(Keys keys, String from, String form) {
        return String.join(
                " ",
                keys.from(key(from, form)).stream().map(one -> one.tonic().id()).toList());
    }

    /** Common practice, no source: how many keys an interval meets before it is home; spelled with the fewest accidentals. */
    @ParameterizedTest
    @CsvSource({
        "whole-step-up, C, C D E F# Ab Bb C",
        "minor-thirds, C, C Eb Gb A C",
        "major-thirds, C, C E Ab C",
        "fourths, C, C F Bb Eb Ab Db Gb B E A D G C",
        "fifths, C, C G D A E B F# Db Ab Eb Bb F C",
        "semitone-up, C, C Db D Eb E F Gb G Ab A Bb B C"
    })
    void a_whole_cycle_comes_home(String order, String from, String expected) {
        assertThat(tonics(Keys.cycle(Identified.of(KeyOrder.class, order)), from, "major"))
                .isEqualTo(expected);
    }

    @Test
    void so_many_keys_there_and_back_and_home() {
        KeyOrder whole = KeyOrder.WHOLE_STEP_UP;
        assertThat(tonics(Keys.of(whole, 6), "C", "major")).isEqualTo("C D E F# Ab Bb");
        assertThat(tonics(new Keys(Optional.of(whole), List.of(), Optional.of(3), true, false), "C", "major"))
                .isEqualTo("C D E D C");
        assertThat(tonics(new Keys(Optional.of(whole), List.of(), Optional.of(3), false, true), "C", "major"))
                .isEqualTo("C D E C");
        assertThat(tonics(Keys.of(KeyOrder.FOURTHS, 4), "A", "natural-minor")).isEqualTo("A D G C");
    }

    @Test
    void own_keys_follow_the_steps_own() {
        List<NoteName> own = List.of(NoteName.parse("Eb"), NoteName.parse("A"));
        assertThat(tonics(new Keys(Optional.empty(), own, Optional.empty(), true, false), "C", "major"))
                .isEqualTo("C Eb A Eb C");
    }

    @Test
    void what_contradicts_itself_is_refused() {
        List<NoteName> own = List.of(NoteName.parse("Eb"));
        assertThatThrownBy(() -> new Keys(Optional.of(KeyOrder.FOURTHS), own, Optional.empty(), false, false))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Keys.of(KeyOrder.FOURTHS, 13)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Keys(Optional.empty(), own, Optional.empty(), true, true))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Keys(Optional.empty(), own, Optional.of(2), false, false))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void a_walk_has_at_most_96_stations() {
        Walk blues =
                Walk.over(Progressions.parse("I I I I I I I I I", NoteName.parse("C")), Keys.cycle(KeyOrder.FOURTHS));
        assertThatThrownBy(() -> blues.stops(key("C", "major")))
                .isInstanceOf(Refusal.class)
                .hasMessage("This walk has 117 stations; at most 96 are played.");
    }
}
