package pebblestep.core.fingering.frets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.fingering.Lines;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.frets.Fretboard.FretSchool;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Pitch;

/** Shapes: common practice, no source. */
class FretboardTest {
    private static Fretboard neck(String instrument, FretSchool school) {
        Fretboard usual = (Fretboard) Lines.hand(instrument);
        return new Fretboard(usual.open(), usual.scaleMm(), 22, usual.reachMm(), school, 0);
    }

    /** {@code 6:3(2)}: string, fret, finger. */
    private static String shape(Way way) {
        Shape.Fretted shape = (Shape.Fretted) way.shape();
        return shape.string() + ":" + shape.fret() + "(" + shape.finger() + ")";
    }

    private static String shapes(Fingering fingering) {
        return fingering.stops().stream().map(stop -> shape(stop.way())).collect(Collectors.joining(" "));
    }

    /** A guitar reads an octave above what it sounds. */
    @ParameterizedTest
    @CsvSource({
        "classical-guitar, G3 A3 B3 C4 D4 E4 F#4 G4, 6:3(2) 6:5(4) 5:2(1) 5:3(2) 5:5(4) 4:2(1) 4:4(3) 4:5(4)",
        "classical-guitar, C4 D4 E4 F4 G4 A4 B4 C5 D5 E5 F5 G5 A5 B5 C6,"
                + " 6:8(2) 6:10(4) 5:7(1) 5:8(2) 5:10(4) 4:7(1) 4:9(3) 4:10(4) 3:7(1) 3:9(3) 3:10(4) 2:8(2) 2:10(4) 1:7(1) 1:8(2)",
        "bass-guitar, C3 D3 E3 F3 G3 A3 B3 C4, 3:3(2) 3:5(4) 2:2(1) 2:3(2) 2:5(4) 1:2(1) 1:4(3) 1:5(4)"
    })
    void one_finger_a_fret(String instrument, String notes, String shapes) {
        for (double seconds : new double[] {1, 0.4, 0.1}) {
            Fingering fingering = Lines.fingering(neck(instrument, FretSchool.FINGER_A_FRET), seconds, notes);
            assertThat(shapes(fingering)).as("at %s s a note", seconds).isEqualTo(shapes);
        }
    }

    @Test
    void dorian_over_seventeen_notes_stretches_rather_than_shifts() {
        Fingering fingering = Lines.fingering(
                neck("classical-guitar", FretSchool.FINGER_A_FRET),
                0.2,
                "D4 E4 F4 G4 A4 B4 C5 D5 E5 F5 G5 A5 B5 C6 D6 E6 F6");
        String frets = fingering.stops().stream()
                .map(stop -> (Shape.Fretted) stop.way().shape())
                .map(shape -> shape.string() + ":" + shape.fret())
                .collect(Collectors.joining(" "));
        assertThat(frets)
                .isEqualTo("6:10 6:12 6:13 5:10 5:12 4:9 4:10 4:12 3:9 3:10 3:12 2:10 2:12 2:13 1:10 1:12 1:13");
    }

    @Test
    void three_notes_a_string() {
        Fingering fingering = Lines.fingering(
                neck("classical-guitar", FretSchool.THREE_A_STRING),
                0.2,
                "C4 D4 E4 F4 G4 A4 B4 C5 D5 E5 F5 G5 A5 B5 C6");
        assertThat(shapes(fingering))
                .isEqualTo(
                        "6:8(1) 6:10(2) 6:12(4) 5:8(1) 5:10(2) 5:12(4) 4:9(1) 4:10(2) 4:12(4) 3:9(1) 3:10(2) 3:12(4) 2:10(1) 2:12(3) 2:13(4)");
    }

    /** Frets 3, 5 and 7 of a guitar lie 113 mm apart: 650 mm times 2^(-3/12) less 2^(-7/12), worked by hand. Everybody reaches them. */
    @Test
    void three_notes_a_string_begin_on_the_third_fret() {
        Fingering fingering =
                Lines.fingering(neck("classical-guitar", FretSchool.THREE_A_STRING), 0.2, "G3 A3 B3 C4 D4 E4");
        assertThat(shapes(fingering)).isEqualTo("6:3(1) 6:5(2) 6:7(4) 5:3(1) 5:5(2) 5:7(4)");
    }

    @Test
    void open_strings_and_low_frets_where_the_school_wants_them() {
        Fingering fingering = Lines.fingering(
                neck("classical-guitar", FretSchool.OPEN_POSITION), 0.3, "E3 F3 G3 A3 B3 C4 D4 E4 F4 G4");
        assertThat(Lines.texts(fingering)).containsExactly("0", "1", "3", "0", "2", "3", "0", "2", "3", "0");
    }

    @Test
    void along_one_string_stays_on_it() {
        Fingering fingering =
                Lines.fingering(neck("classical-guitar", FretSchool.ONE_STRING), 0.3, "E5 F5 G5 A5 B5 C6");
        assertThat(fingering.stops())
                .allMatch(stop -> ((Shape.Fretted) stop.way().shape()).string() == 1);
        assertThat(Lines.texts(fingering)).containsExactly("0", "1", "3", "5", "7", "8");
    }

    /** A closed shape is the same shape further up: every finger stays. */
    @Test
    void a_closed_shape_keeps_its_fingers_along_the_neck() {
        Fretboard neck = neck("classical-guitar", FretSchool.FINGER_A_FRET);
        List<NoteToPlay> line = Lines.line(0.2, "G3 A3 B3 C4 D4 E4 F#4 G4");
        String first = fingers(Fingering.of(neck, line, Map.of()));
        for (int up = 1; up <= 9; up++) {
            int by = up;
            List<NoteToPlay> moved = line.stream()
                    .map(onset ->
                            NoteToPlay.of(Pitch.commonlyNamed(onset.written().midi() + by), onset.seconds()))
                    .toList();
            assertThat(fingers(Fingering.of(neck, moved, Map.of())))
                    .as("%s higher", Interval.of(0, up))
                    .isEqualTo(first);
        }
    }

    /** What a shape looks like wherever it lies: strings and fingers, without the frets. */
    private static String strings(Fingering fingering) {
        return fingering.stops().stream()
                .map(stop -> Fretboard.shape(stop.way()))
                .map(shape -> shape.string() + "-" + shape.finger())
                .collect(Collectors.joining(" "));
    }

    private static List<NoteToPlay> moved(List<NoteToPlay> line, int up, int part) {
        return line.stream()
                .map(onset ->
                        new NoteToPlay(Pitch.commonlyNamed(onset.written().midi() + up), onset.seconds(), false, part))
                .toList();
    }

    /** With one finger a fret a low key goes to open strings or stretches less; this school keeps strings and fingers. */
    @ParameterizedTest
    @CsvSource({
        "G3 A3 B3 C4 D4 E4 F#4 G4 F#4 E4 D4 C4 B3 A3 G3",
        "G3 A3 B3 C4 D4 E4 F#4 G4 A4 B4 C5 D5 E5 F#5 G5",
        "G3 A3 Bb3 C4 D4 Eb4 F#4 G4 A4 Bb4 C5 D5 Eb5 F#5 G5",
        "G3 Bb3 D4 G4 Bb4 D5 G5"
    })
    void the_same_fingers_in_every_key(String notes) {
        Fretboard neck = neck("classical-guitar", FretSchool.SAME_SHAPE);
        List<NoteToPlay> line = Lines.line(0.2, notes);
        String first = strings(Fingering.of(neck, line, Map.of()));
        for (int up = 0; up <= 11; up++) {
            List<NoteToPlay> there = moved(line, up, 0);
            assertThat(neck.misfit(there)).as("%d frets higher", up).isEmpty();
            Fingering fingering = Fingering.of(neck, there, Map.of());
            assertThat(strings(fingering)).as("%d frets higher", up).isEqualTo(first);
            assertThat(fingering.stops())
                    .allSatisfy(stop -> assertThat(Fretboard.shape(stop.way()).fret())
                            .as("a finger on each note")
                            .isPositive());
        }
    }

    /** On the way through the keys each has the shape to itself, though they share pitches. */
    @Test
    void a_walk_moves_the_shape_from_key_to_key() {
        Fretboard neck = neck("classical-guitar", FretSchool.SAME_SHAPE);
        List<NoteToPlay> scale = Lines.line(0.2, "G3 A3 B3 C4 D4 E4 F#4 G4");
        List<NoteToPlay> walk = new ArrayList<>();
        for (int key = 0; key < 6; key++) walk.addAll(moved(scale, key, key));
        String first = strings(Fingering.of(neck, scale, Map.of()));
        assertThat(strings(Fingering.of(neck, walk, Map.of())))
                .isEqualTo(String.join(" ", Collections.nCopies(6, first)));
    }

    @Test
    void three_notes_a_string_in_each_key_of_a_walk() {
        Fretboard neck = neck("classical-guitar", FretSchool.THREE_A_STRING);
        List<NoteToPlay> scale = Lines.line(0.2, "C4 D4 E4 F4 G4 A4 B4 C5 D5");
        List<NoteToPlay> walk = new ArrayList<>(scale);
        walk.addAll(moved(scale, 2, 1));
        String alone = strings(Fingering.of(neck, scale, Map.of()));
        assertThat(strings(Fingering.of(neck, walk, Map.of()))).isEqualTo(alone + " " + alone);
    }

    @Test
    void a_shape_that_does_not_lie_on_the_neck_is_said_and_played_otherwise() {
        Fretboard neck = neck("classical-guitar", FretSchool.SAME_SHAPE);
        List<NoteToPlay> low = Lines.line(0.2, "E3 F#3 G#3 A3 B3 C#4 D#4 E4");
        assertThat(neck.misfit(low))
                .hasValueSatisfying(words ->
                        assertThat(words).contains("below the first fret").contains("an octave higher"));
        assertThat(Fingering.of(neck, low, Map.of()).stops()).hasSize(8);
        assertThat(neck.misfit(moved(low, 21, 0)))
                .hasValueSatisfying(words -> assertThat(words).contains("of 22"));
    }

    @Test
    void a_shape_on_strings_that_nobody_has_is_no_more_than_said() {
        Fretboard usual = neck("classical-guitar", FretSchool.SAME_SHAPE);
        List<Pitch> high = List.of(Pitch.parse("C10"), Pitch.parse("G9"), Pitch.parse("D9"));
        Fretboard neck = new Fretboard(high, usual.scaleMm(), 22, usual.reachMm(), FretSchool.SAME_SHAPE, 0);
        assertThat(neck.misfit(Lines.line(0.2, "C-1 D-1 E-1"))).isPresent();
        assertThat(neck.misfit(Lines.line(0.2, "E9 F9 G9 A9 B9 C10"))).isEmpty();
    }

    private static String fingers(Fingering fingering) {
        return fingering.stops().stream()
                .map(stop -> (Shape.Fretted) stop.way().shape())
                .map(shape -> Integer.toString(shape.finger()))
                .collect(Collectors.joining(" "));
    }

    /** The twelfth fret halves the string; the first is 650 mm less 650 / 2^(1/12). Worked by hand. */
    @Test
    void frets_stand_where_the_temperament_has_them() {
        Fretboard neck = neck("classical-guitar", FretSchool.FINGER_A_FRET);
        assertThat(neck.millimetres(0)).isZero();
        assertThat(neck.millimetres(1)).isCloseTo(36.48, within(0.01));
        assertThat(neck.millimetres(12)).isCloseTo(325, within(1e-9));
    }

    @Test
    void a_hand_stretches_no_further_than_it_reaches() {
        Fretboard neck = neck("classical-guitar", FretSchool.FINGER_A_FRET);
        assertThat(neck.ways(Pitch.parse("F3"))).extracting(Way::id).doesNotContain("s6f1-1x");
        assertThat(neck.ways(Pitch.parse("C#4"))).extracting(Way::id).contains("s6f9-1x");
    }
}
