package pebblestep.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;

/** Every pattern, note by note, worked out by hand. */
class PatternsTest {
    private static final Pattern THIRDS = new Sequence(List.of(0, 2));
    private static final Pattern TRIADS = new Arpeggio(ChordSize.TRIAD);

    /** The notes as numbers counted from the bottom of the range, altered ones with their sign. */
    private static String shown(Pattern pattern, String form, Extent extent, Travel travel, Turn turn, int from) {
        return new Line(pattern, extent, travel, turn, from)
                .notes(Forms.of(form)).stream()
                        .map(note -> (note.alteration() > 0 ? "#" : note.alteration() < 0 ? "b" : "")
                                + (note.index() - from + 2))
                        .collect(Collectors.joining(" "));
    }

    private static String octave(Pattern pattern) {
        return shown(pattern, "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, 1);
    }

    private static int count(Pattern pattern, String form, int octaves, Travel travel) {
        return new Line(pattern, Extent.octaves(octaves), travel, Turn.SINGLE, 1).noteCount(Forms.of(form));
    }

    @Test
    void thirds_stay_in_their_range_and_come_back_mirrored() {
        assertThat(octave(THIRDS)).isEqualTo("1 3 2 4 3 5 4 6 5 7 6 8 8 6 7 5 6 4 5 3 4 2 3 1");
    }

    @Test
    void a_cell_may_reach_below_its_note() {
        assertThat(shown(new Sequence(List.of(0, -1, 1)), "major", Extent.span(4), Travel.UP_DOWN, Turn.DOUBLE, 1))
                .isEqualTo("2 1 3 3 2 4 4 3 4 2 2 3 1");
    }

    @Test
    void an_arpeggio_takes_the_chord_notes_in_any_inversion() {
        assertThat(octave(TRIADS)).isEqualTo("1 3 5 8 5 3 1");
        assertThat(shown(TRIADS, "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, 3))
                .isEqualTo("1 3 6 8");
        assertThat(shown(
                        new Arpeggio(ChordSize.SEVENTH),
                        "harmonic-minor",
                        Extent.octaves(1),
                        Travel.DOWN_UP,
                        Turn.DOUBLE,
                        1))
                .isEqualTo("8 7 5 3 1 1 3 5 7 8");
        assertThat(shown(TRIADS, "diminished-seventh", Extent.octaves(1), Travel.UP, Turn.SINGLE, 1))
                .as("a chord is played whole")
                .isEqualTo("1 2 3 4 5");
    }

    @Test
    void a_reach_goes_out_and_back_to_each_target() {
        Pattern reach = new Reach(List.of(3, 5, 8));
        assertThat(octave(reach)).isEqualTo("1 1 3 1 1 5 1 1 8 1");
        assertThat(shown(reach, "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, 1))
                .isEqualTo("1 1 3 1 5 1 8");
        assertThat(shown(reach, "major", Extent.octaves(1), Travel.DOWN, Turn.SINGLE, 1))
                .isEqualTo("1 3 1 5 1 8 1");
        assertThat(shown(new Reach(List.of()), "major", Extent.octaves(2), Travel.UP, Turn.SINGLE, 1))
                .as("without targets: the triad in the range")
                .isEqualTo("1 1 3 1 5 1 8 1 10 1 12 1 15");
    }

    @Test
    void a_pivot_falls_by_semitones_to_the_tonic() {
        assertThat(octave(new Pivot())).isEqualTo("5 #4 5 4 5 3 5 b3 5 2 5 b2 5 1");
        assertThat(shown(new Pivot(), "major", Extent.span(3), Travel.UP, Turn.SINGLE, 1))
                .isEqualTo("1 3 b2 3 2 3 #2 3");
    }

    @Test
    void chords_stand_on_each_note_of_the_range() {
        assertThat(shown(new Chords(ChordSize.TRIAD), "major", Extent.span(2), Travel.UP_DOWN, Turn.SINGLE, 1))
                .isEqualTo("1 3 5 2 4 6 6 4 2 5 3 1");
        assertThat(shown(new Chords(ChordSize.SEVENTH), "major", Extent.span(2), Travel.UP, Turn.SINGLE, 1))
                .isEqualTo("1 3 5 7 2 4 6 8");
    }

    @Test
    void typed_degrees_are_played_as_they_stand_or_moved_through_the_range() {
        FreeDegrees typed = FreeDegrees.parse("1 2 3 1");
        assertThat(octave(new Free(typed, false))).isEqualTo("1 2 3 1");
        assertThat(shown(new Free(typed, true), "major", Extent.span(4), Travel.UP_DOWN, Turn.SINGLE, 1))
                .isEqualTo("1 2 3 1 2 3 4 2 2 3 4 2 1 2 3 1");
        assertThat(octave(new Free(FreeDegrees.parse("5, 1 #4 b3' 8"), false))).isEqualTo("-2 1 #4 b10 8");
    }

    /** Counted by hand: thirds 6 pairs, fours 5 cells, chords 8 roots; each there and back. */
    @ParameterizedTest
    @CsvSource({"major,1,24", "major,2,52", "minor-pentatonic,1,16", "chromatic,1,44", "dominant-eight-note,1,28"})
    void thirds_have_their_count(String form, int octaves, int count) {
        assertThat(count(THIRDS, form, octaves, Travel.UP_DOWN)).isEqualTo(count);
    }

    @Test
    void the_other_patterns_have_their_counts() {
        assertThat(count(new Sequence(List.of(0, 1, 2, 3)), "major", 1, Travel.UP_DOWN))
                .isEqualTo(40);
        assertThat(count(TRIADS, "major", 1, Travel.UP_DOWN)).isEqualTo(7);
        assertThat(count(TRIADS, "major", 4, Travel.UP_DOWN)).isEqualTo(25);
        assertThat(count(new Arpeggio(ChordSize.SEVENTH), "major", 2, Travel.UP_DOWN))
                .isEqualTo(17);
        assertThat(count(new Reach(List.of(3, 5, 8, 10, 12, 15)), "major", 2, Travel.UP_DOWN))
                .isEqualTo(19);
        assertThat(count(new Pivot(), "major", 1, Travel.UP_DOWN)).isEqualTo(14);
        assertThat(count(new Pivot(), "harmonic-minor", 2, Travel.UP_DOWN)).isEqualTo(38);
        assertThat(count(new Chords(ChordSize.TRIAD), "major", 1, Travel.UP_DOWN))
                .isEqualTo(48);
        assertThat(count(new Chords(ChordSize.SEVENTH), "major", 1, Travel.UP)).isEqualTo(32);
    }

    Draw<Line> lines() {
        Draw<Pattern> patterns = Draw.of(
                new Straight(),
                TRIADS,
                THIRDS,
                new Sequence(List.of(0, 1, 2)),
                new Reach(List.of()),
                new Chords(ChordSize.TRIAD));
        return random -> new Line(
                patterns.from(random),
                Extent.octaves(Draw.ints(1, 4).from(random)),
                Draw.of(Travel.class).from(random),
                Draw.of(Turn.class).from(random),
                Draw.of(1, 3, 5).from(random));
    }

    @Samples
    void a_line_reversed_twice_is_itself(@From("lines") Line line) {
        List<LineNote> notes = line.notes(Forms.of("major"));
        assertThat(LineNote.backwards(LineNote.backwards(notes))).isEqualTo(notes);
        assertThat(LineNote.backwards(notes).get(0).index())
                .isEqualTo(notes.get(notes.size() - 1).index());
    }

    @Samples
    void a_line_stays_in_its_range_and_in_its_form(@From("lines") Line line) {
        Form form = Forms.of("melodic-minor");
        int beyond = line.pattern() instanceof Chords ? 4 : 0;
        assertThat(line.notes(form)).hasSize(line.noteCount(form)).allSatisfy(note -> {
            assertThat(note.index()).isBetween(line.lowest(), line.highest(form) + beyond);
            assertThat(note.alteration()).isZero();
        });
    }

    @Samples
    void striking_the_turn_twice_adds_one_note_where_there_is_one(@From("lines") Line line) {
        if (line.pattern() instanceof Reach) return;
        Form form = Forms.of("major");
        int once = line.withTurn(Turn.SINGLE).noteCount(form);
        int twice = line.withTurn(Turn.DOUBLE).noteCount(form);
        assertThat(twice - once).isEqualTo(line.turns() ? 1 : 0);
    }

    @Test
    void what_cannot_be_made_is_refused_with_what_would_fit() {
        refused(() -> octave(new Sequence(List.of(0, 8))), "line.cell");
        refused(() -> new Sequence(List.of()), "line.cell");
        refused(() -> new Reach(List.of(1)), "line.targets");
        refused(() -> count(TRIADS, "chromatic", 1, Travel.UP), "line.pattern");
        refused(() -> count(new Arpeggio(ChordSize.SEVENTH), "major-pentatonic", 1, Travel.UP), "line.chord");
        refused(() -> shown(TRIADS, "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, 2), "line.from");
        refused(() -> count(new Pivot(), "locrian", 1, Travel.UP), "line.pattern");
        refused(() -> count(new Chords(ChordSize.TRIAD), "major-triad", 1, Travel.UP), "line.pattern");
        String ten = Stream.generate(() -> "1 2 3 4 5 6 7 8 9 1").limit(40).collect(Collectors.joining(" "));
        Pattern long400 = new Free(FreeDegrees.parse(ten), true);
        refused(() -> shown(long400, "major", Extent.octaves(4), Travel.UP_DOWN, Turn.SINGLE, 1), "line");
    }

    private static void refused(org.assertj.core.api.ThrowableAssert.ThrowingCallable call, String field) {
        assertThatThrownBy(call).isInstanceOfSatisfying(Refusal.class, refusal -> assertThat(refusal.field())
                .isEqualTo(field));
    }
}
