package pebblestep.core.fingering.wind;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Lines;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.Pitch;

/** Fingerings: common practice, no source; the charts are from memory. */
class HolesTest {
    private static String kinds(String instrument, String notes) {
        return Lines.fingering(Lines.hand(instrument), 0.2, notes).stops().stream()
                .map(stop -> stop.way().text().isEmpty() ? "-" : stop.way().text())
                .collect(Collectors.joining(" "));
    }

    private static String ways(String instrument, String notes) {
        return Lines.fingering(Lines.hand(instrument), 0.2, notes).stops().stream()
                .map(stop -> stop.way().id())
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "clarinet, F4 F#4 F4, - chromatic -",
        "clarinet, E4 F#4 G4, - - -",
        "alto-saxophone, F4 F#4 F4, - side -",
        "alto-saxophone, E4 F#4 G4, - - -",
        "alto-saxophone, B4 Bb4 B4, - - -",
        "oboe, D4 F4 D4, - left -",
        "oboe, D5 F5 D5, - left -",
        "oboe, D4 F#4 D4, - - -",
        "oboe, E4 F4 G4, - - -",
        "english-horn, C4 Eb4 C4, - left -",
        "bassoon, F2 F#2 F2, - thumb -"
    })
    void a_line_takes_the_way_that_teachers_teach(String instrument, String notes, String kinds) {
        assertThat(kinds(instrument, notes)).isEqualTo(kinds);
    }

    /** A chromatic line takes the chromatic fingerings however slowly it goes; a straight one does not. */
    @ParameterizedTest
    @CsvSource({
        "alto-saxophone, E4 F4 F#4 G4, - - side -",
        "alto-saxophone, G4 F#4 F4 E4, - side - -",
        "alto-saxophone, D4 E4 F#4 G4, - - - -",
        "alto-saxophone, A4 B4 C5 D5, - - - -",
        "clarinet, E4 F4 F#4 G4, - - chromatic -",
        "clarinet, G4 F#4 F4 E4, - chromatic - -",
        "clarinet, D4 E4 F#4 G4, - - - -"
    })
    void a_chromatic_line_takes_the_chromatic_ways(String instrument, String notes, String kinds) {
        for (double seconds : new double[] {1, 0.45, 0.1}) {
            String taken = Lines.fingering(Lines.hand(instrument), seconds, notes).stops().stream()
                    .map(stop -> stop.way().text().isEmpty() ? "-" : stop.way().text())
                    .collect(Collectors.joining(" "));
            assertThat(taken).as("at %s s a note", seconds).isEqualTo(kinds);
        }
    }

    /** Over the break B and C sharp are taken by the two little fingers in turn, without a slide. */
    @Test
    void little_fingers_alternate() {
        Fingering fingering = Lines.fingering(Lines.hand("clarinet"), 0.2, "B4 C#5 B4 C#5");
        assertThat(fingering.stops())
                .allSatisfy(
                        stop -> assertThat(stop.move()).extracting(Cost::why).noneMatch(why -> why.contains("slides")));
        assertThat(ways("clarinet", "B4 C#5")).containsAnyOf("LE R-T-1-2-3-4-5-6-rF#", "rE R-T-1-2-3-4-5-6-LF#");
    }

    @Test
    void the_thumb_of_b_flat_is_kept_through_a_flat_key_and_not_where_there_is_a_b() {
        assertThat(ways("flute", "F4 G4 A4 Bb4 A4 G4 F4").split(" ")).allMatch(way -> way.startsWith("TB-"));
        assertThat(ways("flute", "G4 A4 B4 A4 G4").split(" ")).allMatch(way -> way.startsWith("T-"));
    }

    /** Bb beside B takes the side key and not the one that the same finger has to leave. */
    @Test
    void b_flat_of_a_saxophone_is_plain_or_bis_in_f_major() {
        assertThat(kinds("alto-saxophone", "F4 G4 A4 Bb4 C5").split(" ")[3]).isIn("-", "bis");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "flute",
                "piccolo",
                "alto-saxophone",
                "baritone-saxophone",
                "clarinet",
                "clarinet-in-e-flat",
                "bass-clarinet",
                "basset-horn",
                "oboe",
                "english-horn",
                "oboe-d-amore",
                "bassoon",
                "contrabassoon",
                "soprano-recorder",
                "alto-recorder",
                "tenor-recorder"
            })
    void every_note_of_the_usual_range_has_a_usual_way_and_no_two_notes_share_one(String id) {
        Instrument instrument = Instruments.of(id);
        Map<String, List<Integer>> byWay = new java.util.LinkedHashMap<>();
        for (int midi = instrument.comfortable().lowest().midi();
                midi <= instrument.comfortable().highest().midi();
                midi++) {
            List<Way> ways = Lines.hand(id).ways(Pitch.commonlyNamed(midi));
            assertThat(ways).as("%s", Pitch.commonlyNamed(midi)).isNotEmpty();
            assertThat(ways).extracting(Way::id).doesNotHaveDuplicates().doesNotContain("?");
            assertThat(ways.getFirst().text()).as("the usual one first").isEmpty();
            byWay.computeIfAbsent(ways.getFirst().id(), any -> new ArrayList<>())
                    .add(midi);
        }
        byWay.forEach(
                (way, notes) -> assertThat(notes.stream().map(midi -> midi % 12).distinct())
                        .as("%s: the same but an octave apart", way)
                        .hasSize(1));
    }

    /** What the chart does not have has no way of its own, and the rest of the line is played as it would be. */
    @Test
    void a_note_beyond_the_chart_leaves_the_rest_its_fingers() {
        Hand oboe = InstrumentHands.of(Instruments.of("oboe"), PlayersHand.USUAL, FingeringChoice.NONE)
                .orElseThrow();
        Fingering fingering = Lines.fingering(oboe, 0.2, "F6 A6 F6");
        assertThat(fingering.stops()).extracting(stop -> stop.way().text()).containsExactly("", "?", "");
    }

    /** A half hole is one finger that rolls, no slide to another key. */
    @Test
    void a_half_hole_is_no_slide() {
        assertThat(Lines.fingering(Lines.hand("oboe"), 0.2, "B4 C#5")
                        .stops()
                        .getFirst()
                        .move())
                .extracting(Cost::why)
                .contains("the half hole")
                .noneMatch(why -> why.contains("slides"));
    }

    /** Charts are from memory; where that is not sure, the note says so. */
    @Test
    void what_is_not_sure_says_so() {
        Shape.Closed high = (Shape.Closed)
                Lines.hand("bassoon").ways(Pitch.parse("F4")).getFirst().shape();
        assertThat(high.purpose()).contains("not sure");
        Shape.Closed low = (Shape.Closed)
                Lines.hand("bassoon").ways(Pitch.parse("F2")).getFirst().shape();
        assertThat(low.purpose()).isEmpty();
    }

    /** Which B flat of a saxophone is the usual one is a matter of school: side, or the small key between the first fingers. */
    @Test
    void the_b_flat_of_a_saxophone_goes_by_the_school() {
        Hand side = Lines.hand("alto-saxophone");
        Hand bis = side.inSchool("bis-b-flat");
        assertThat(side.schools()).extracting(School::words).containsExactly("side B♭", "bis B♭");
        assertThat(side.school().orElseThrow().id()).isEqualTo("side-b-flat");
        assertThat(side.ways(Pitch.parse("Bb4")).getFirst().id()).isEqualTo("1-2-SBb");
        assertThat(bis.ways(Pitch.parse("Bb4")).getFirst().id()).isEqualTo("1-bis");
        assertThat(bis.ways(Pitch.parse("Bb5")).getFirst().id()).isEqualTo("O-1-bis");
        assertThat(bis.ways(Pitch.parse("Bb4"))).hasSameSizeAs(side.ways(Pitch.parse("Bb4")));
        assertThat(bis.ways(Pitch.parse("A4"))).isEqualTo(side.ways(Pitch.parse("A4")));
        assertThat(Lines.hand("oboe").schools())
                .as("no chart has a school but where it says so")
                .isEmpty();
    }
}
