package pebblestep.core.fingering.bowed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Lines;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Shape.Height;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.bowed.BowedHand.OpenStrings;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.pitch.Pitch;

/** Fingers: common practice, no source. */
class BowedHandTest {
    private static BowedHand violin(int highest, OpenStrings openStrings) {
        return new BowedHand(((BowedHand) Lines.hand("violin")).open(), highest, openStrings, 0);
    }

    /** {@code A2h}: string, finger, high or low; the second finger always says which. */
    private static String spoken(Way way) {
        Shape.Bowed shape = (Shape.Bowed) way.shape();
        String height = shape.height() == Height.PLAIN ? "" : shape.height() == Height.LOW ? "l" : "h";
        return shape.stringName() + shape.finger() + height;
    }

    private static String spoken(Fingering fingering) {
        return fingering.stops().stream().map(stop -> spoken(stop.way())).collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "A4 B4 C#5 D5 E5 F#5 G#5 A5, A0 A1 A2h A3 E0 E1 E2h E3",
        "G3 A3 B3 C4 D4 E4 F#4 G4 A4 B4 C5 D5 E5 F#5 G5, G0 G1 G2h G3 D0 D1 D2h D3 A0 A1 A2l A3 E0 E1 E2l",
        "E4 F#4 G4 A4 B4 C5 D5 E5, D1 D2h D3 A0 A1 A2l A3 E0",
        "E4 F#4 G4 A4 B4 C5 D#5 E5, D1 D2h D3 A0 A1 A2l A3h E0"
    })
    void a_scale_in_first_position(String notes, String spoken) {
        for (double seconds : new double[] {1, 0.4, 0.1}) {
            Fingering fingering = Lines.fingering(violin(1, OpenStrings.PREFER), seconds, notes);
            assertThat(spoken(fingering)).isEqualTo(spoken);
        }
        assertThat(spoken(Lines.fingering(violin(14, OpenStrings.PREFER), 0.4, notes)))
                .isEqualTo(spoken);
    }

    @Test
    void a_low_fourth_finger_is_the_alternative_of_a_high_third() {
        assertThat(violin(1, OpenStrings.PREFER).ways(Pitch.parse("D#5")))
                .extracting(BowedHandTest::spoken)
                .containsExactly("A3h", "A4l");
    }

    @Test
    void who_avoids_open_strings_takes_the_fourth_finger() {
        Fingering fingering = Lines.fingering(violin(1, OpenStrings.AVOID), 0.4, "A4 B4 C#5 D5 E5 D5 C#5 B4");
        assertThat(spoken(fingering)).isEqualTo("D4 A1 A2h A3 A4 A3 A2h A1");
    }

    @Test
    void beyond_the_hand_it_shifts_and_says_so() {
        Fingering fingering = Lines.fingering(violin(5, OpenStrings.PREFER), 0.4, "E5 F#5 G#5 A5 B5 C#6 D6 E6");
        List<Fingering.Hard> hardest = fingering.hardest(1);
        assertThat(hardest.getFirst().why()).anyMatch(why -> why.startsWith("shift from I to"));
    }

    /** Somebody who stays in first position has a note beyond it all the same, and it says so. */
    @Test
    void beyond_the_highest_position_a_note_says_so() {
        assertThat(violin(1, OpenStrings.PREFER).ways(Pitch.parse("E6")))
                .isNotEmpty()
                .allSatisfy(way -> assertThat(way.costs()).extracting(Cost::why).contains("beyond position I"));
    }

    /** In third position notes with open strings of their own are stopped, so that the hand learns where they lie. */
    @Test
    void in_third_position_strings_are_stopped() {
        Hand third = violin(14, OpenStrings.PREFER).inPosition("III");
        assertThat(Lines.texts(third, "G4 A4 B4 C5 D5 E5 F#5 G5"))
                .containsExactly("1", "2", "3", "4", "1", "2", "3", "4");
    }

    @Test
    void in_third_position_the_hand_stays_there() {
        Hand third = violin(14, OpenStrings.PREFER).inPosition("III");
        Fingering fingering = Lines.fingering(third, 0.3, "D5 E5 F5 G5 A5 B5 C6 D6");
        assertThat(fingering.stops())
                .extracting(stop -> ((Shape.Bowed) stop.way().shape()).position())
                .containsOnly("III");
        assertThat(fingering.stops())
                .extracting(stop -> stop.way().text())
                .containsExactly("1", "2", "3", "4", "1", "2", "3", "4");
    }

    @Test
    void open_strings_can_be_avoided_coming_down_alone() {
        Hand hand = violin(1, OpenStrings.AVOID_DOWN);
        assertThat(spoken(Lines.fingering(hand, 0.4, "F#4 G4 A4 B4 A4 G4 F#4"))).isEqualTo("D2h D3 A0 A1 D4 D3 D2h");
    }

    /** Common practice, no source: a shift hides in a half step. */
    @Test
    void a_half_step_covers_a_shift() {
        Hand violin = Lines.hand("violin");
        assertThat(shift(violin, "B5", "C6")).contains("a half step covers it");
        assertThat(shift(violin, "B5", "C#6")).isNotEmpty().doesNotContain("a half step covers it");
    }

    /** What it costs to get from first to third position between two notes of the E string. */
    private static List<String> shift(Hand hand, String from, String to) {
        Way one = on(hand, from, "I");
        Way other = on(hand, to, "III");
        CostSink.Listed sink =
                new CostSink.Listed(NoteToPlay.of(Pitch.parse(from), 0.2).pace());
        hand.move(null, one, other, NoteToPlay.of(Pitch.parse(from), 0.2), sink);
        return sink.costs().stream().map(Cost::why).toList();
    }

    private static Way on(Hand hand, String pitch, String position) {
        return hand.ways(Pitch.parse(pitch)).stream()
                .filter(way -> way.shape() instanceof Shape.Bowed one
                        && one.finger() > 0
                        && one.string() == 1
                        && one.position().equals(position))
                .findFirst()
                .orElseThrow();
    }
}
