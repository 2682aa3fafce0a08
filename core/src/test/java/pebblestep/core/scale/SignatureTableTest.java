package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;

/** The table of key signatures that theory handbooks print (from memory): major, its relative minor, the accidentals. */
class SignatureTableTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C♭ | A♭ | -7 | B♭ E♭ A♭ D♭ G♭ C♭ F♭",
                "G♭ | E♭ | -6 | B♭ E♭ A♭ D♭ G♭ C♭",
                "D♭ | B♭ | -5 | B♭ E♭ A♭ D♭ G♭",
                "A♭ | F  | -4 | B♭ E♭ A♭ D♭",
                "E♭ | C  | -3 | B♭ E♭ A♭",
                "B♭ | G  | -2 | B♭ E♭",
                "F  | D  | -1 | B♭",
                "C  | A  |  0 | ''",
                "G  | E  |  1 | F♯",
                "D  | B  |  2 | F♯ C♯",
                "A  | F♯ |  3 | F♯ C♯ G♯",
                "E  | C♯ |  4 | F♯ C♯ G♯ D♯",
                "B  | G♯ |  5 | F♯ C♯ G♯ D♯ A♯",
                "F♯ | D♯ |  6 | F♯ C♯ G♯ D♯ A♯ E♯",
                "C♯ | A♯ |  7 | F♯ C♯ G♯ D♯ A♯ E♯ B♯"
            })
    void a_major_key_and_its_relative_minor_share_a_signature(String major, String minor, int fifths, String notes) {
        KeySignature signature = KeyTest.key(major, "major").signature();
        assertThat(signature.fifths()).isEqualTo(fifths);
        assertThat(String.join(
                        " ", signature.notes().stream().map(NoteName::toString).toList()))
                .isEqualTo(notes);
        for (String form : new String[] {"natural-minor", "harmonic-minor", "melodic-minor", "minor-pentatonic"}) {
            assertThat(KeyTest.key(minor, form).signature()).as(form).isEqualTo(signature);
        }
    }

    @Test
    void a_signature_alters_the_letters_it_names_and_no_others() {
        KeySignature flats = new KeySignature(-3);
        assertThat(flats.alterationOf(Letter.B)).isEqualTo(-1);
        assertThat(flats.alterationOf(Letter.A)).isEqualTo(-1);
        assertThat(flats.alterationOf(Letter.D)).isZero();
        KeySignature sharps = new KeySignature(2);
        assertThat(sharps.alterationOf(Letter.C)).isEqualTo(1);
        assertThat(sharps.alterationOf(Letter.G)).isZero();
        assertThat(new KeySignature(8).alterationOf(Letter.F)).isZero();
    }

    @Test
    void the_newest_and_the_next_accidental_are_those_of_the_neighbours() {
        assertThat(new KeySignature(-2).newest()).contains(NoteName.parse("E♭"));
        assertThat(new KeySignature(-2).next()).containsExactly(NoteName.parse("A♭"));
        assertThat(new KeySignature(0).newest()).isEmpty();
        assertThat(new KeySignature(0).next()).containsExactly(NoteName.parse("F♯"), NoteName.parse("B♭"));
        assertThat(new KeySignature(7).next()).isEmpty();
        assertThat(new KeySignature(9).isWritten()).isFalse();
        assertThat(new KeySignature(9).accidentals()).isEqualTo(9);
    }
}
