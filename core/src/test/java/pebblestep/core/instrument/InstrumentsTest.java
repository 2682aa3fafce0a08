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
        "clarinet,B♭3",
        "alto-saxophone,E♭3",
        "trumpet,B♭3",
        "horn,F3",
        "violin,C4",
        "cello,C4",
        "double-bass,C3",
        "classical-guitar,C3",
        "piccolo,C5",
        "clarinet-in-a,A3",
        "clarinet-in-e-flat,E♭4",
        "bass-clarinet,B♭2",
        "soprano-saxophone,B♭3",
        "tenor-saxophone,B♭2",
        "baritone-saxophone,E♭2",
        "alto-flute,G3",
        "contrabassoon,C3",
        "glockenspiel,C6",
        "xylophone,C5"
    })
    void a_written_c_sounds_as_the_instrument_transposes(String id, String sounding) {
        assertThat(Instruments.of(id).concert(Pitch.parse("C4"))).hasToString(sounding);
    }

    /** The lowest written note and the clef it is read in. */
    @ParameterizedTest
    @CsvSource({
        "oboe,B♭3,TREBLE",
        "english-horn,B3,TREBLE",
        "bassoon,B♭1,BASS",
        "flute,C4,TREBLE",
        "clarinet,E3,TREBLE",
        "alto-saxophone,B♭3,TREBLE",
        "trumpet,F♯3,TREBLE",
        "violin,G3,TREBLE",
        "cello,C2,BASS",
        "viola,C3,ALTO",
        "trombone,E2,BASS",
        "tenor-voice,B2,TREBLE_OCTAVE_DOWN",
        "piano,A0,TREBLE",
        "soprano-recorder,C5,TREBLE_OCTAVE_UP"
    })
    void an_instrument_reaches_down_to_its_lowest_note(String id, String lowest, Clef clef) {
        Instrument instrument = Instruments.of(id);
        assertThat(instrument.full().lowest()).hasToString(lowest);
        assertThat(instrument.clef()).isEqualTo(clef);
    }

    /** Instruments that read more than one clef: common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "bassoon,bass tenor",
        "cello,bass tenor treble",
        "trombone,bass tenor alto",
        "tenor-voice,treble-8vb bass",
        "viola,alto treble"
    })
    void an_instrument_reads_its_clefs_the_usual_one_first(String id, String clefs) {
        assertThat(Instruments.of(id).clefs().stream().map(Clef::id)).containsExactly(clefs.split(" "));
    }

    @Test
    void a_range_that_does_not_lie_within_the_next_is_refused() {
        Instrument oboe = Instruments.of("oboe");
        assertThatThrownBy(() -> new Instrument(
                        "own-1",
                        "Reed",
                        "woodwind",
                        oboe.toConcert(),
                        oboe.clefs(),
                        PitchRange.parse("A3-B4"),
                        oboe.comfortable(),
                        oboe.full(),
                        ""))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("firstOctave"));
    }

    @Test
    void a_pitch_needs_ledger_lines_beyond_the_staff_only() {
        assertThat(Clef.TREBLE.ledgerLines(Pitch.parse("G5"))).isZero();
        assertThat(Clef.TREBLE.ledgerLines(Pitch.parse("A5"))).isEqualTo(1);
        assertThat(Clef.TREBLE.ledgerLines(Pitch.parse("C4"))).isEqualTo(1);
        assertThat(Clef.TREBLE.ledgerLines(Pitch.parse("G6"))).isEqualTo(4);
        assertThat(Clef.BASS.ledgerLines(Pitch.parse("C4"))).isEqualTo(1);
        assertThat(Clef.TREBLE_OCTAVE_DOWN.ledgerLines(Pitch.parse("C4"))).isZero();
    }

    @Test
    void a_level_has_its_range() {
        Instrument bassoon = Instruments.of("bassoon");
        assertThat(bassoon.range(Level.of("first-octave"))).hasToString("F2 to C4");
        assertThat(bassoon.range(Level.FULL)).isEqualTo(bassoon.full());
        assertThatThrownBy(() -> Level.of("expert")).isInstanceOf(Refusal.class);
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
        assertThat(instrument.family())
                .isIn("strings", "plucked strings", "woodwind", "brass", "keyboards", "mallets", "voices");
        assertThat(instrument).hasToString(instrument.id());
    }

    @Test
    void there_are_more_than_forty_each_with_an_id_of_its_own() {
        assertThat(Instruments.all()).hasSize(58).extracting(Instrument::id).doesNotHaveDuplicates();
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
        assertThat(range).hasToString("B♭3 to A6");
        assertThat(range.contains(Pitch.parse("A♯3"))).isTrue();
        assertThat(range.contains(Pitch.parse("A6"))).isTrue();
        assertThat(range.contains(Pitch.parse("A3"))).isFalse();
        assertThat(range.contains(Pitch.parse("B♭6"))).isFalse();
    }

    /** The middle line of each clef: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"TREBLE,B4", "BASS,D3", "ALTO,C4", "TENOR,A3"})
    void a_clef_places_its_middle_line(Clef clef, String pitch) {
        assertThat(clef.middleLine()).isEqualTo(Pitch.parse(pitch));
        assertThat(Interval.between(clef.middleLine(), Pitch.parse(pitch))).isEqualTo(Interval.UNISON);
    }
}
