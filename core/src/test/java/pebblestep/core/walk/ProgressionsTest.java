package pebblestep.core.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;

class ProgressionsTest {
    private static final NoteName C = NoteName.parse("C");

    private static List<Walk.Stop> stops(String typed, String tonic) {
        NoteName name = NoteName.parse(tonic);
        return Walk.over(Progressions.parse(typed, name), Keys.HOME).stops(Key.of(name, Forms.of("major")));
    }

    private static String said(String typed, String tonic) {
        return stops(typed, tonic).stream()
                .map(stop -> stop.key().id() + " "
                        + stop.chord().map(ChordSymbol::id).orElse("-")
                        + stop.bars().map(bars -> " " + bars).orElse(""))
                .collect(Collectors.joining(", "));
    }

    /** Modes and chords of the degrees as handbooks of harmony name them (common practice, no source). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "ii V I; C; D dorian Dm7, G mixolydian G7, C major Cmaj7",
                "2 dorian - 5 mixolydian - 1 major; C; D dorian Dm7, G mixolydian G7, C major Cmaj7",
                "Dm7 | G7 | Cmaj7; C; D dorian Dm7, G mixolydian G7, C major Cmaj7",
                "ii V I:2; Eb; F dorian Fm7, Bb mixolydian Bb7, Eb major Ebmaj7 2",
                "I vi ii V; G; G major Gmaj7, E natural-minor Em7, A dorian Am7, D mixolydian D7",
                "I7:4 IV7:2 V9; F; F mixolydian F7 4, Bb mixolydian Bb7 2, C mixolydian C9",
                "bVII; C; Bb major Bbmaj7",
                "viiø7 iii; C; B locrian Bm7b5, E phrygian Em7",
                "I harmonic minor, IV melodic-minor; A; A harmonic-minor AmMaj7, D melodic-minor DmMaj7",
                "F#m7b5 B7 Em; G; F# locrian F#m7b5, B mixolydian B7, E natural-minor Em"
            })
    void typed_progressions_become_keys_with_chords(String typed, String tonic, String expected) {
        assertThat(said(typed, tonic)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"ii V X; 6", "dorian; 1", "ii7x V; 3", "V:0; 2", "ii blah V; 4", "; 1", "ii/5; 3", "Dm7/G; 4"})
    void what_cannot_be_read_is_refused_with_its_place(String typed, int character) {
        String text = typed == null ? "" : typed;
        assertThatThrownBy(() -> Progressions.parse(text, C)).isInstanceOfSatisfying(Refusal.class, e -> {
            assertThat(e.position()).as(e.getMessage()).hasValue(character);
            assertThat(e.field()).isEqualTo("walk.progression");
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "ii V I:2",
                "iiø7 V7 octatonic-half-whole i natural-minor:2",
                "Dm7 G7 Cmaj7",
                "I7:4 IV7 I7 V7",
                "F#m7b5 B7b9 Em",
                "2 dorian 5 1 lydian",
                "bIII bVImaj7 iim9 V13"
            })
    void what_is_written_is_read_again_in_any_key(String typed) {
        List<Change> read = Progressions.parse(typed, C);
        assertThat(Progressions.parse(Progressions.text(read), NoteName.parse("Ab")))
                .isEqualTo(read);
    }

    @Test
    void every_known_progression_is_read_and_moved_through_all_keys() {
        for (Progressions.Known known : Progressions.known()) {
            List<Change> changes = Progressions.parse(known.text(), C);
            Walk walk = Walk.over(changes, Keys.of(KeyOrder.FOURTHS, 12));
            assertThat(walk.stops(Key.of(C, Forms.of("major")))).hasSize(12 * changes.size());
        }
    }

    /** ii, V and I of a key have its seven notes in all twelve keys. */
    @Test
    void two_five_one_shares_the_notes_of_its_key() {
        Walk walk = Walk.over(Progressions.parse("ii V I", C), Keys.of(KeyOrder.FOURTHS, 12));
        List<Walk.Stop> stops = walk.stops(Key.of(C, Forms.of("major")));
        for (int i = 0; i < stops.size(); i += 3) {
            Set<Integer> home = sounds(stops.get(i + 2).key());
            assertThat(sounds(stops.get(i).key())).isEqualTo(home);
            assertThat(sounds(stops.get(i + 1).key())).isEqualTo(home).hasSize(7);
        }
    }

    private static Set<Integer> sounds(Key key) {
        return key.notes(Direction.UP).stream().map(NoteName::pitchClass).collect(Collectors.toSet());
    }
}
