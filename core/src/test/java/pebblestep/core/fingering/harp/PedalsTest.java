package pebblestep.core.fingering.harp;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** The pedals of keys as harp methods print them (common practice, no source). */
class PedalsTest {
    private static List<NoteName> line(String notes) {
        return Arrays.stream(notes.split(" ")).map(NoteName::parse).toList();
    }

    private static List<NoteName> scale(String tonic, String form) {
        return Key.of(NoteName.parse(tonic), Forms.of(form)).notes(Direction.UP);
    }

    @ParameterizedTest
    @CsvSource({
        "C, major, D♮ C♮ B♮ | E♮ F♮ G♮ A♮",
        "D, major, D♮ C♯ B♮ | E♮ F♯ G♮ A♮",
        "Eb, major, D♮ C♮ B♭ | E♭ F♮ G♮ A♭",
        "Cb, major, D♭ C♭ B♭ | E♭ F♭ G♭ A♭",
        "C, harmonic-minor, D♮ C♮ B♮ | E♭ F♮ G♮ A♭",
        "E, harmonic-minor, D♯ C♮ B♮ | E♮ F♯ G♮ A♮"
    })
    void each_key_has_its_pedals_and_none_moves(String tonic, String form, String pedals) {
        List<NoteName> notes = scale(tonic, form);
        Pedals set = Pedals.of(notes, notes);
        assertThat(set.inWords()).isEqualTo(pedals);
        assertThat(set.onTheWay()).isEqualTo("No pedal moves on the way.");
        assertThat(set.beyond()).isEmpty();
    }

    @Test
    void melodic_minor_moves_two_pedals_of_two_feet_on_the_way_down() {
        Pedals set = Pedals.of(line("C D Eb F G A B C Bb Ab G F Eb D C"), scale("C", "natural-minor"));
        assertThat(set.inWords()).isEqualTo("D♮ C♮ B♮ | E♭ F♮ G♮ A♮");
        assertThat(set.changes())
                .containsExactly(
                        new Pedals.Change(8, NoteName.parse("Bb")), new Pedals.Change(9, NoteName.parse("Ab")));
        assertThat(set.onTheWay()).isEqualTo("Two pedal changes on the way, by both feet: B♭ and A♭.");
    }

    @Test
    void letters_that_are_not_played_stand_as_the_key_has_them() {
        assertThat(Pedals.of(line("E G# B"), scale("E", "major")).inWords()).isEqualTo("D♯ C♯ B♮ | E♮ F♯ G♯ A♮");
    }

    @Test
    void a_double_sharp_has_no_notch() {
        Pedals set = Pedals.of(scale("G#", "harmonic-minor"), scale("G#", "natural-minor"));
        assertThat(set.beyond()).containsExactly(NoteName.parse("F##"));
        assertThat(set.inWords()).isEqualTo("D♯ C♯ B♮ | E♮ F♯ G♯ A♯");
    }

    @Test
    void a_harp_has_pedals_and_nothing_else() {
        assertThat(Instruments.all().stream().filter(Pedals::areOf))
                .extracting(one -> one.id())
                .containsExactly("harp");
    }
}
