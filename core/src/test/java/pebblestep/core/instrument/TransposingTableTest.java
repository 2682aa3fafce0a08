package pebblestep.core.instrument;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.pitch.Pitch;

/** Every instrument of the table, by what a written C4 sounds as: standard orchestration handbooks, from memory. */
class TransposingTableTest {

    @ParameterizedTest
    @CsvSource({
        "violin,C4",
        "viola,C4",
        "cello,C4",
        "double-bass,C3",
        "classical-guitar,C3",
        "bass-guitar,C3",
        "mandolin,C4",
        "ukulele,C4",
        "harp,C4",
        "oboe,C4",
        "english-horn,F3",
        "oboe-d-amore,A3",
        "bassoon,C4",
        "contrabassoon,C3",
        "piccolo,C5",
        "flute,C4",
        "alto-flute,G3",
        "bass-flute,C3",
        "soprano-recorder,C4",
        "alto-recorder,C4",
        "tenor-recorder,C4",
        "clarinet,B♭3",
        "clarinet-in-a,A3",
        "clarinet-in-e-flat,E♭4",
        "basset-horn,F3",
        "bass-clarinet,B♭2",
        "soprano-saxophone,B♭3",
        "alto-saxophone,E♭3",
        "tenor-saxophone,B♭2",
        "baritone-saxophone,E♭2",
        "trumpet,B♭3",
        "trumpet-in-c,C4",
        "cornet,B♭3",
        "flugelhorn,B♭3",
        "horn,F3",
        "tenor-horn,E♭3",
        "baritone,B♭2",
        "trombone,C4",
        "bass-trombone,C4",
        "euphonium,C4",
        "tuba,C4",
        "piano,C4",
        "harpsichord,C4",
        "organ,C4",
        "accordion,C4",
        "celesta,C5",
        "xylophone,C5",
        "marimba,C4",
        "vibraphone,C4",
        "glockenspiel,C6",
        "tubular-bells,C4",
        "treble-voice,C4",
        "soprano-voice,C4",
        "mezzo-soprano-voice,C4",
        "alto-voice,C4",
        "tenor-voice,C4",
        "baritone-voice,C4",
        "bass-voice,C4"
    })
    void a_written_c_sounds(String id, String sounding) {
        Instrument instrument = Instruments.of(id);
        assertThat(instrument.concert(Pitch.parse("C4"))).hasToString(sounding);
        assertThat(Pitch.parse(sounding).plus(instrument.toWritten())).hasToString("C4");
    }

    @Test
    void the_table_above_names_every_instrument() {
        assertThat(Instruments.all()).hasSize(58);
    }

    /** The open strings and lowest holes that give the bottom of a range: handbooks, from memory. */
    @ParameterizedTest
    @CsvSource({
        "violin,G3", "viola,C3", "cello,C2", "double-bass,E2", "classical-guitar,E3", "mandolin,G3", "ukulele,C4",
        "oboe,B♭3", "english-horn,B3", "bassoon,B♭1", "flute,C4", "piccolo,D4", "clarinet,E3", "alto-saxophone,B♭3",
        "baritone-saxophone,A3", "trumpet,F♯3", "horn,F♯2", "trombone,E2", "piano,A0", "marimba,C2", "vibraphone,F3",
        "soprano-recorder,C5", "alto-recorder,F4"
    })
    void a_range_begins_at_its_lowest_note(String id, String lowest) {
        assertThat(Instruments.of(id).full().lowest()).hasToString(lowest);
    }

    @Test
    void a_range_grows_and_shrinks_by_semitones_at_either_end() {
        PitchRange range = PitchRange.parse("D4-G5");
        assertThat(range.withTopMoved(1)).hasToString("D4 to A♭5");
        assertThat(range.withTopMoved(2)).hasToString("D4 to A5");
        assertThat(range.withTopMoved(-1)).hasToString("D4 to F♯5");
        assertThat(range.withBottomMoved(-1)).hasToString("C♯4 to G5");
        assertThat(range.withBottomMoved(1)).hasToString("E♭4 to G5");
        assertThat(range.contains(range.withTopMoved(-1))).isTrue();
        assertThat(range.contains(range.withTopMoved(1))).isFalse();
    }
}
