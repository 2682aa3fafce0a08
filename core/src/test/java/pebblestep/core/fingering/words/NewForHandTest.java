package pebblestep.core.fingering.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.Lines;
import pebblestep.core.fingering.bowed.FingerPattern;
import pebblestep.core.fingering.search.Fingering;

/** What a key asks of a hand: common practice, no source. */
class NewForHandTest {
    private static Fingering line(String instrument, String notes) {
        return Lines.fingering(Lines.hand(instrument), 0.3, notes);
    }

    /** A violin that comes from A major to G: the second finger comes down on the upper strings. */
    @Test
    void a_second_finger_that_comes_down_is_new() {
        Fingering before = line("violin", "A4 B4 C#5 D5 E5 F#5 G#5 A5");
        Fingering now = line("violin", "G4 A4 B4 C5 D5 E5 F#5 G5");
        assertThat(NewForHand.of(now, before))
                .extracting(NewForHand::words)
                .contains("low 2 on the A string for C5", "low 2 on the E string for G5");
        assertThat(NewForHand.of(now, now)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "trumpet, C4 D4 E4 F4 G4 A4 B4 C5, C4 D4 Eb4 F4 G4 Ab4 Bb4 C5, valves 2 and 3 for E♭4 and A♭4",
        "trombone, Bb2 C3 D3 Eb3 F3 G3, Bb2 C3 D3 Eb3 F3 F#3, position 5 for F♯3",
        "piano, C4 D4 E4 F4 G4 A4 B4 C5, G4 A4 B4 C5 D5 E5 F#5 G5, the right thumb on G for G4"
    })
    void what_was_not_played_before_is_new(String instrument, String before, String now, String words) {
        assertThat(NewForHand.of(line(instrument, now), line(instrument, before)))
                .extracting(NewForHand::words)
                .contains(words);
    }

    @Test
    void a_pattern_says_which_fingers_touch() {
        assertThat(FingerPattern.of(line("violin", "A4 B4 C#5 D5 E5 F#5 G#5 A5")))
                .extracting(FingerPattern::inWords)
                .containsExactly("A string: 2 and 3 close", "E string: 2 and 3 close");
        assertThat(FingerPattern.of(line("violin", "A4 B4 C5 D5 E5 F5 G5 A5")))
                .extracting(FingerPattern::inWords)
                .containsExactly("A string: 1 and 2 close", "E string: all apart");
        assertThat(FingerPattern.of(line("trumpet", "C4 D4 E4"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "trumpet | D4 | valves 1 and 3",
                "trumpet | C4 | no valve",
                "horn | C5 | no valve, with the thumb",
                "trombone | C3 | position 6",
                "violin | C#5 | A string, high 2",
                "violin | A4 | A string, open",
                "cello | E2 | C string, 3",
                "classical-guitar | C4 | string 5, fret 3, finger 3",
                "piano | C4 | right hand, thumb",
                "oboe | C#5 | closed 2 3 4 5 6; half closed 1; key C# (right little finger)",
                "clarinet | G4 | all open",
                "marimba | C4 | right hand"
            })
    void a_hand_is_said_in_words(String instrument, String note, String words) {
        assertThat(Lines.hand(instrument).ways(pebblestep.core.pitch.Pitch.parse(note)))
                .extracting(way -> ShapeWords.of(way.shape()))
                .contains(words);
    }
}
