package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.FingeringChoices;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.School;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.instrument.PitchRange;

/** A player with a range of their own has the hand that goes with it; which positions reach what is common practice, no source. */
class OwnRangeHandTest {
    private static List<String> positions(Player player) {
        return player.played().orElseThrow().positions();
    }

    @ParameterizedTest
    @CsvSource({
        "violin, FIRST_OCTAVE, I",
        "violin, COMFORTABLE, IV",
        "viola, FIRST_OCTAVE, I",
        "viola, COMFORTABLE, IV",
        "cello, FIRST_OCTAVE, I",
        "cello, COMFORTABLE, IV",
        "double-bass, FIRST_OCTAVE, I"
    })
    void a_level_goes_as_far_up_as_its_notes_need(String instrument, Level level, String highest) {
        assertThat(positions(Player.of(Instruments.of(instrument), level)).getLast())
                .isEqualTo(highest);
    }

    @ParameterizedTest
    @CsvSource({"G3-B5, I", "G3-C6, II", "G3-D6, III", "G3-D4, I"})
    void a_violinist_s_own_range_does_too(String range, String highest) {
        Player player = Player.of(Instruments.of("violin")).within(PitchRange.parse(range));
        assertThat(positions(player).getLast()).isEqualTo(highest);
    }

    @Test
    void what_is_said_of_the_hand_goes_before_it() {
        Player beginner = Player.of(Instruments.of("violin"), Level.FIRST_OCTAVE);
        assertThat(positions(beginner.withHand(FingeringChoices.highest("III"))).getLast())
                .isEqualTo("III");
    }

    @Test
    void the_whole_range_leaves_all_positions() {
        Hand usual = Player.of(Instruments.of("violin")).played().orElseThrow();
        assertThat(usual.positions()).hasSizeGreaterThan(5);
    }

    @Test
    void whoever_begins_on_frets_begins_with_open_strings() {
        assertThat(school(Level.FIRST_OCTAVE)).hasValue("open position");
        assertThat(school(Level.COMFORTABLE)).hasValue("one finger a fret");
    }

    private static Optional<String> school(Level level) {
        return Player.of(Instruments.of("classical-guitar"), level)
                .played()
                .flatMap(Hand::school)
                .map(School::words);
    }
}
