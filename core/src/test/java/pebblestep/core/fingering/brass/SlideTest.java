package pebblestep.core.fingering.brass;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Lines;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.pitch.Pitch;

/** Positions: common practice, no source. */
class SlideTest {
    @ParameterizedTest
    @CsvSource({
        "Bb2 C3 D3 Eb3 F3 G3 A3 Bb3, 1 6 4 3 1 4 2 1",
        "Eb3 F3 G3 Ab3 Bb3 C4 D4 Eb4, 3 1 4 3 1 3 1 3",
        "Bb2 D3 F3, 1 4 1",
        "E2, 7"
    })
    void a_scale_is_as_players_have_it(String notes, String positions) {
        assertThat(Lines.texts(Lines.hand("trombone"), notes)).containsExactly(positions.split(" "));
    }

    /** The same notes: where there is time the arm goes home, and where there is none it goes on outwards. */
    @Test
    void at_speed_an_alternate_position_saves_a_turn() {
        Hand trombone = Lines.hand("trombone");
        assertThat(Lines.texts(Lines.fingering(trombone, 1, "Bb3 C4 D4 C4 Bb3")))
                .containsExactly("1", "3", "1", "3", "1");
        assertThat(Lines.texts(Lines.fingering(trombone, 0.1, "Bb3 C4 D4 C4 Bb3")))
                .containsExactly("1", "3", "4", "3", "1");
    }

    @Test
    void the_flat_seventh_partial_is_raised_and_has_no_first_position() {
        Hand trombone = Lines.hand("trombone");
        assertThat(trombone.ways(Pitch.parse("G4"))).extracting(Way::text).contains("2+");
        assertThat(trombone.ways(Pitch.parse("Ab4"))).extracting(Way::text).doesNotContain("1+");
    }

    @Test
    void a_trigger_gives_what_is_too_far_out() {
        assertThat(Lines.hand("trombone").ways(Pitch.parse("C2"))).isEmpty();
        assertThat(Lines.hand("bass-trombone").ways(Pitch.parse("C2")))
                .extracting(Way::text)
                .containsExactly("T6", "TT3");
        assertThat(Lines.hand("bass-trombone").ways(Pitch.parse("B1")))
                .extracting(Way::text)
                .containsExactly("TT4");
        assertThat(Lines.hand("bass-trombone").ways(Pitch.parse("C3")))
                .extracting(Way::text)
                .contains("6", "T1");
    }

    @Test
    void what_is_hardest_is_said_with_its_reasons() {
        Fingering fingering = Lines.fingering(Lines.hand("trombone"), 0.2, "Bb2 C3 Bb2");
        assertThat(fingering.hardest(1).getFirst().why()).containsExactly("slide 6 to 1", "the slide turns back");
    }
}
