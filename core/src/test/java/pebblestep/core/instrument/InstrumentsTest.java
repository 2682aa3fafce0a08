package pebblestep.core.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;

/** Transpositions, clefs and lowest notes as orchestration handbooks give them (from memory). */
class InstrumentsTest {

    /** What a written C4 sounds as. */
    @ParameterizedTest
    @CsvSource({
        "oboe,C4",
        "english-horn,F3",
        "bassoon,C4",
        "flute,C4",
        "clarinet,Bb3",
        "alto-saxophone,Eb3",
        "trumpet,Bb3",
        "horn,F3",
        "violin,C4",
        "cello,C4"
    })
    void a_written_c_sounds_as_the_instrument_transposes(String id, String sounding) {
        assertThat(Instruments.of(id).concert(Pitch.parse("C4"))).hasToString(sounding);
    }

    /** The lowest written note and the clef it is read in. */
    @ParameterizedTest
    @CsvSource({
        "oboe,Bb3,TREBLE",
        "english-horn,B3,TREBLE",
        "bassoon,Bb1,BASS",
        "flute,C4,TREBLE",
        "clarinet,E3,TREBLE",
        "alto-saxophone,Bb3,TREBLE",
        "trumpet,F#3,TREBLE",
        "violin,G3,TREBLE",
        "cello,C2,BASS"
    })
    void an_instrument_reaches_down_to_its_lowest_note(String id, String lowest, Clef clef) {
        Instrument instrument = Instruments.of(id);
        assertThat(instrument.full().lowest()).hasToString(lowest);
        assertThat(instrument.clef()).isEqualTo(clef);
    }

    static java.util.List<Instrument> all() {
        return Instruments.all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void the_ranges_lie_within_each_other(Instrument instrument) {
        PitchRange full = instrument.full();
        PitchRange comfortable = instrument.comfortable();
        assertThat(full.contains(comfortable.lowest()) && full.contains(comfortable.highest()))
                .isTrue();
        assertThat(comfortable.contains(instrument.firstOctave().lowest())).isTrue();
        assertThat(comfortable.contains(instrument.firstOctave().highest())).isTrue();
        int firstOctave = instrument.firstOctave().highest().midi()
                - instrument.firstOctave().lowest().midi();
        assertThat(firstOctave).as("an octave and a bit").isBetween(12, 19);
    }

    @ParameterizedTest
    @MethodSource("all")
    void written_and_concert_undo_each_other(Instrument instrument) {
        Pitch written = instrument.comfortable().lowest();
        assertThat(instrument.concert(written).plus(instrument.toWritten())).isEqualTo(written);
        assertThat(instrument.family()).isIn("woodwind", "brass", "strings");
        assertThat(instrument).hasToString(instrument.id());
    }

    @Test
    void there_are_ten_each_with_an_id_of_its_own() {
        assertThat(Instruments.all()).hasSize(10).extracting(Instrument::id).doesNotHaveDuplicates();
    }

    @Test
    void an_unknown_instrument_is_refused_with_those_there_are() {
        assertThatThrownBy(() -> Instruments.of("kazoo")).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal.field()).isEqualTo("instrument");
            assertThat(refusal.fits().orElseThrow()).contains("oboe", "bassoon");
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"C4", "C5-C4", "C4-", "-", "C4-H5"})
    void what_is_no_range_is_refused(String text) {
        assertThatThrownBy(() -> PitchRange.parse(text)).isInstanceOf(Refusal.class);
    }

    @Test
    void a_range_holds_both_its_ends_whatever_their_spelling() {
        PitchRange range = PitchRange.parse("Bb3-A6");
        assertThat(range).hasToString("Bb3-A6");
        assertThat(range.contains(Pitch.parse("A#3"))).isTrue();
        assertThat(range.contains(Pitch.parse("A6"))).isTrue();
        assertThat(range.contains(Pitch.parse("A3"))).isFalse();
        assertThat(range.contains(Pitch.parse("Bb6"))).isFalse();
    }

    /** The middle line of each clef: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"TREBLE,B4", "BASS,D3", "ALTO,C4", "TENOR,A3"})
    void a_clef_places_its_middle_line(Clef clef, String pitch) {
        assertThat(clef.middleLine()).isEqualTo(Pitch.parse(pitch));
        assertThat(Interval.between(clef.middleLine(), Pitch.parse(pitch))).isEqualTo(Interval.UNISON);
    }
}
