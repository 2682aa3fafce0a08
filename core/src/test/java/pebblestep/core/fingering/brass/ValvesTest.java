package pebblestep.core.fingering.brass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Lines;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.pitch.Pitch;

/** Fingerings: common practice, no source. Cents: worked by hand from the length of the tubes, in equal temperament. */
class ValvesTest {
    private static String plain(Hand hand, int midi) {
        return hand.ways(Pitch.commonlyNamed(midi)).getFirst().text();
    }

    /** The whole range of the trumpet, written F#3 to C6, note by note. */
    @Test
    void the_trumpets_chart_is_as_players_have_it() {
        List<String> chart = List.of(
                "1-2-3", "1-3", "2-3", "1-2", "1", "2", // F#3 to B3
                "0", "1-2-3", "1-3", "2-3", "1-2", "1", "2", "0", "2-3", "1-2", "1", "2", // C4 to B4
                "0", "1-2", "1", "2", "0", "1", "2", "0", "2-3", "1-2", "1", "2", "0"); // C5 to C6
        Hand trumpet = Lines.hand("trumpet");
        for (int i = 0; i < chart.size(); i++) {
            int midi = Pitch.parse("F#3").midi() + i;
            assertThat(plain(trumpet, midi)).as("%s", Pitch.commonlyNamed(midi)).isEqualTo(chart.get(i));
        }
    }

    /** Others with three valves read the same; a euphonium in bass clef reads the trumpet's a ninth lower. */
    @Test
    void the_charts_of_others_follow_by_transposition() {
        Hand trumpet = Lines.hand("trumpet");
        for (String alike : List.of("trumpet-in-c", "cornet", "flugelhorn", "tenor-horn", "baritone")) {
            for (int midi = 54; midi <= 84; midi++)
                assertThat(plain(Lines.hand(alike), midi)).isEqualTo(plain(trumpet, midi));
        }
        Valves threeValves =
                new Valves(List.of(new Valves.Tube(Pitch.parse("Bb1"), java.util.Set.of())), 3, false, List.of());
        for (int midi = 54; midi <= 84; midi++)
            assertThat(plain(threeValves, midi - 14)).isEqualTo(plain(trumpet, midi));
    }

    @ParameterizedTest
    @CsvSource({
        "horn, G3 A3 Bb3 C4 D4 Eb4 F#4 G4, 0 1-2 1 0 1 2 2 0",
        "horn, G4 G#4 A4 Bb4 B4 C5, 0 T2-3 T1-2 T1 T2 T0",
        "euphonium, Bb2 C3 D3 Eb3 F3 G3 A3 Bb3, 0 4 1-2 1 0 1-2 2 0",
        "tuba, Bb1 C2 D2 Eb2 F2 G2 A2 Bb2, 0 4 1-2 1 0 1-2 2 0"
    })
    void a_scale_is_as_players_have_it(String instrument, String notes, String texts) {
        assertThat(Lines.texts(Lines.hand(instrument), notes)).containsExactly(texts.split(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "A4, p4-12, 10.6",
        "G#4, p4-23, 15.5",
        "D4, p3-13, 32.3",
        "C#4, p3-123, 55.5",
        "E5, p5-0, -13.7",
        "G4, p3-0, 2.0",
        "D6, p9-0, 3.9"
    })
    void what_is_out_of_tune_is_said_in_cents(String note, String way, double cents) {
        Way found = Lines.hand("trumpet").ways(Pitch.parse(note)).stream()
                .filter(one -> one.id().equals(way))
                .findFirst()
                .orElseThrow();
        assertThat(found.cents()).isCloseTo(cents, within(0.06));
    }

    @Test
    void compensating_valves_are_in_tune_and_others_say_what_helps() {
        Valves trumpet = (Valves) Lines.hand("trumpet");
        Valves compensating = new Valves(trumpet.tubes(), 3, true, List.of());
        Way low = compensating.ways(Pitch.parse("D4")).getFirst();
        assertThat(low.cents()).isCloseTo(1.96, within(0.01));
        assertThat(compensating.helps(low)).isEmpty();
        assertThat(trumpet.helps(trumpet.ways(Pitch.parse("D4")).getFirst())).isEqualTo("third slide out");
        assertThat(trumpet.helps(trumpet.ways(Pitch.parse("C4")).getFirst())).isEmpty();
    }

    @Test
    void partials_that_are_out_of_tune_are_never_the_plain_way() {
        Way seventh = Lines.hand("trumpet").ways(Pitch.parse("Bb5")).stream()
                .filter(way -> way.id().equals("p7-0"))
                .findFirst()
                .orElseThrow();
        assertThat(seventh.cents()).isCloseTo(-31.2, within(0.06));
        assertThat(plain(Lines.hand("trumpet"), Pitch.parse("Bb5").midi())).isEqualTo("1");
    }

    @Test
    void a_move_says_what_changes() {
        Fingering fingering = Lines.fingering(Lines.hand("trumpet"), 0.2, "D4 Eb4 E4 C4 G4");
        assertThat(fingering.stops().get(0).move())
                .extracting(Cost::why)
                .containsExactly("two valves change", "fingers go down while others come up");
        assertThat(fingering.stops().get(3).move())
                .extracting(Cost::why)
                .containsExactly("the lips alone change the note");
    }
}
