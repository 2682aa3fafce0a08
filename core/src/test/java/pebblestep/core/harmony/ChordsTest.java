package pebblestep.core.harmony;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

class ChordsTest {

    /** The notes of every kind on fourteen roots: the npm package {@code tonal} 6.5.0, by {@code fixtures/chord-tones.mjs}. */
    static Stream<List<String>> tones() throws IOException {
        try (var in = ChordsTest.class.getResourceAsStream("/fixtures/chord-tones.tsv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().map(line -> List.of(line.split("\t"))).toList().stream();
        }
    }

    @Test
    void the_fixture_covers_every_kind() throws IOException {
        assertThat(tones().map(List::getFirst).distinct())
                .containsExactlyInAnyOrderElementsOf(
                        ChordQualities.all().stream().map(ChordQuality::symbol).toList());
    }

    @ParameterizedTest
    @MethodSource("tones")
    void every_chord_has_the_notes_that_the_reference_gives_it(List<String> row) {
        ChordSymbol chord = ChordSymbol.parse(row.get(1) + row.get(0));
        assertThat(chord.notes().stream().map(NoteName::id))
                .isEqualTo(List.of(row.get(2).split(" ")));
    }

    Draw<ChordSymbol> chords() {
        return random -> new ChordSymbol(
                NoteName.parse(Draw.of("C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B")
                        .from(random)),
                Draw.of(ChordQualities.all()).from(random),
                random.nextInt(3) > 0 ? Optional.empty() : Optional.of(NoteName.parse("G")));
    }

    @Samples(300)
    void what_is_written_is_read_again(@From("chords") ChordSymbol chord) {
        assertThat(ChordSymbol.parse(chord.id())).isEqualTo(chord);
        assertThat(ChordSymbol.parse(chord.toString())).isEqualTo(chord);
        assertThat(ChordChart.parse(chord + " | " + chord.id() + " | %").bars())
                .hasSize(3)
                .allMatch(List.of(chord)::equals);
    }

    @ParameterizedTest
    @CsvSource({"C-7, Cm7", "F#ø, F#m7b5", "B♭△, Bbmaj7", "Ebsus, Ebsus4", "G+, Gaug", "Am/G, Am/G", "D°7, Ddim7"})
    void other_ways_of_writing_are_understood(String typed, String meant) {
        assertThat(ChordSymbol.parse(typed).id()).isEqualTo(meant);
    }

    @ParameterizedTest
    @CsvSource({"H7, 1", "Cmaj8, 2", "C/, 3", "C/Eb9, 3", "c, 1"})
    void what_cannot_be_read_is_refused_with_its_place(String typed, int character) {
        assertThatThrownBy(() -> ChordSymbol.parse(typed))
                .isInstanceOfSatisfying(
                        Refusal.class, e -> assertThat(e.position()).hasValue(character));
    }

    @ParameterizedTest
    @CsvSource({"Dm7 | H7, 7", "'| |', 2", "%, 1", "C | C %, 7", "'', 1", "C D E F G, 9"})
    void a_chart_says_where_it_stops_being_readable(String typed, int character) {
        assertThatThrownBy(() -> ChordChart.parse(typed))
                .isInstanceOfSatisfying(
                        Refusal.class, e -> assertThat(e.position()).hasValue(character));
    }

    @ParameterizedTest
    @CsvSource({
        "C, major, C, Cmaj7", "D, dorian, Dm, Dm7", "G, mixolydian, G, G7", "A, natural-minor, Am, Am7",
        "B, locrian, Bdim, Bm7b5", "A, harmonic-minor, Am, AmMaj7", "F, lydian, F, Fmaj7",
                "C, octatonic-whole-half, Cdim, Cdim7",
        "E, minor-blues, Em, Em7", "G, dominant-seventh, G7, G7"
    })
    void a_form_has_the_chord_on_its_tonic(String tonic, String form, String triad, String seventh) {
        Key key = Key.of(NoteName.parse(tonic), Forms.of(form));
        assertThat(ChordSymbol.of(key, false)).map(ChordSymbol::id).contains(triad);
        assertThat(ChordSymbol.of(key, true)).map(ChordSymbol::id).contains(seventh);
    }

    @Test
    void every_form_but_the_chromatic_one_has_a_chord_that_lies_in_it() {
        for (Form form : Forms.all()) {
            var chord = ChordSymbol.of(Key.of(NoteName.parse("C"), form), true);
            assertThat(chord.isPresent()).as(form.id()).isEqualTo(!form.isChromatic());
            chord.ifPresent(one -> assertThat(one.notes())
                    .as(form.id())
                    .allMatch(note -> Key.of(NoteName.parse("C"), form).notes(Direction.UP).stream()
                            .anyMatch(own -> own.pitchClass() == note.pitchClass())));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"Dm7 G7 Cmaj7", "C Am F G", "C F Bb Eb Ab Db", "C13 F9 Bb13", "C Gb C"})
    void each_chord_moves_to_the_next_by_the_least_of_all_ways(String typed) {
        List<ChordSymbol> chords =
                Stream.of(typed.split(" ")).map(ChordSymbol::parse).toList();
        List<List<Integer>> voiced = Voicings.of(chords);
        int moved = 0;
        for (int i = 1; i < voiced.size(); i++) moved += Voicings.movement(voiced.get(i - 1), voiced.get(i));
        assertThat(moved).isEqualTo(leastByTrying(chords, 0, List.of()));
        for (int i = 0; i < voiced.size(); i++) {
            ChordSymbol chord = chords.get(i);
            assertThat(voiced.get(i)).hasSize(4).isSorted().allMatch(midi -> chord.has(midi % 12));
            assertThat(voiced.get(i)).allMatch(midi -> midi >= 52 && midi <= 76);
        }
    }

    /** Every way through every close position, one after the other: slower, and told in another way. */
    private static int leastByTrying(List<ChordSymbol> chords, int from, List<Integer> before) {
        if (from == chords.size()) return 0;
        int least = Integer.MAX_VALUE;
        for (int lowest = 52; lowest < 64; lowest++) {
            List<Integer> notes = closeFrom(lowest, chords.get(from));
            if (notes.isEmpty()) continue;
            int here = before.isEmpty() ? 0 : Voicings.movement(before, notes);
            least = Math.min(least, here + leastByTrying(chords, from + 1, notes));
        }
        return least;
    }

    private static List<Integer> closeFrom(int lowest, ChordSymbol chord) {
        List<Integer> classes =
                new ArrayList<>(chord.notes().stream().map(NoteName::pitchClass).toList());
        if (classes.size() > 4) classes.remove(2);
        if (classes.size() > 4) classes.remove(0);
        if (!classes.contains(lowest % 12)) return List.of();
        return Stream.iterate(lowest, midi -> midi + 1)
                .filter(midi -> classes.contains(midi % 12))
                .limit(4)
                .toList();
    }

    /** Common practice, no source: from ii to V the third and seventh stay or fall a step; nothing leaps. */
    @Test
    void two_five_one_is_voiced_without_leaps() {
        List<List<Integer>> voiced = Voicings.of(
                Stream.of("Dm7", "G7", "Cmaj7").map(ChordSymbol::parse).toList());
        for (int i = 1; i < 3; i++) {
            for (int note = 0; note < 4; note++) {
                assertThat(Math.abs(voiced.get(i).get(note) - voiced.get(i - 1).get(note)))
                        .isLessThanOrEqualTo(2);
            }
        }
    }
}
