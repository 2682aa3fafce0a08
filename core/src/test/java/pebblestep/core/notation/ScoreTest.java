package pebblestep.core.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Swing;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

/** How bars are written: common engraving practice, no source. */
class ScoreTest {

    Draw<Step> steps() {
        return Steps.any();
    }

    private static Score score(Step step) {
        return Score.of(Passage.of(step), null);
    }

    /** A bar in short: note values, r for rests, . for dots, ~ for ties, and brackets around tuplets. */
    private static String shown(Measure measure) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < measure.glyphs().size(); i++) {
            int index = i;
            Glyph glyph = measure.glyphs().get(i);
            if (i > 0) text.append(' ');
            measure.tuplets().stream().filter(t -> t.from() == index).forEach(t -> text.append('[')
                    .append(t.actual())
                    .append(':')
                    .append(t.normal())
                    .append(' '));
            text.append(glyph.isRest() ? "r" : "")
                    .append(glyph.base())
                    .append(".".repeat(glyph.dots()))
                    .append(glyph.tied() ? "~" : "");
            measure.tuplets().stream().filter(t -> t.to() == index).forEach(t -> text.append(']'));
        }
        return text.toString();
    }

    private static List<String> bars(String meter, String value, String place, int span) {
        Step step = Steps.step("C", "major", Extent.span(span), Travel.UP, Turn.SINGLE, meter, value, place);
        return score(step).measures().stream().map(ScoreTest::shown).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4/4 | 1/4 | 0 | 4 | 4 4 4 4",
                "4/4 | 1/4 | 1/8 | 3 | r8 8~ 8 8~ 8 8~ 8 r8",
                "4/4 | 1/2 | 1/4 | 2 | r4 4~ 4 4~ / 4 r4 r2",
                "3/4 | 1/2 | 1/4 | 2 | r4 2 / 2 r4",
                "2/4 | 1 | 0 | 2 | 2~ / 2 / 2~ / 2",
                "6/8 | 1/4 | 1/8 | 2 | r8 4 4 r8",
                "6/8 | 1/8 | 0 | 6 | 8 8 8 8 8 8",
                "4/4 | 1/8 | 1/16 | 2 | r16 8 16~ 16 r16 r8 r2",
                "4/4 | 1/12 | 1/12 | 2 | [3:2 r8 8 8] r4 r2",
                "4/4 | 1/4 | 1/12 | 2 | [3:2 r8 4~] [3:2 8 4~] [3:2 8 r4] r4",
                "4/4 | 1/16 | -1/16 | 2 | 16 / 16 r16 r8 r4 r2",
                "2/4 | 1/20 | 0 | 5 | [5:4 16 16 16 16 16] r4",
                "2/4 | 1/24 | 0 | 6 | [6:4 16 16 16 16 16 16] r4",
                "2/4 | 1/32 | 0 | 4 | 32 32 32 32 r8 r4",
                "7/8(2+2+3) | 1/8 | 0 | 7 | 8 8 8 8 8 8 8",
                "7/8(2+2+3) | 1/4 | 0 | 2 | 4 4 r4.",
                "7/8(3+2+2) | 3/16 | 0 | 2 | 8. 8. r4 r4",
                "12/8 | 3/8 | 0 | 4 | 4. 4. 4. 4.",
                "9/8 | 1/8 | 0 | 3 | 8 8 8 r4. r4.",
                "5/4 | 1/4 | 0 | 5 | 4 4 4 4 4"
            })
    void values_are_split_so_that_the_beats_stay_visible(
            String meter, String value, String place, int span, String written) {
        assertThat(String.join(" / ", bars(meter, value, place, span))).isEqualTo(written);
    }

    /** Cycles with rests and dots, bar by bar. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3/16 1/16 | 4 | 8. 16 8. 16 r2",
                "1/16 3/16 | 4 | 16 8. 16 8. r2",
                "1/2 r1/2 | 2 | 2 r2 / 2 r2",
                "1/4 1/4 r1/2 | 4 | 4 4 r2 / 4 4 r2",
                "3/8 1/8 | 4 | 4. 8 4. 8",
                "1/8 1/16 1/16 | 6 | 8 16 16 8 16 16 r2"
            })
    void cycles_are_written_with_their_dots_and_rests(String cycle, int notes, String written) {
        Step even = Steps.step("C", "major", Extent.span(notes), Travel.UP, Turn.SINGLE, "4/4", "1/4", "0");
        List<String> bars = score(Steps.figure(even, cycle)).measures().stream()
                .map(ScoreTest::shown)
                .toList();
        assertThat(String.join(" / ", bars)).isEqualTo(written);
    }

    @Test
    void beams_follow_the_groups_of_an_irregular_meter() {
        Step seven = Steps.step("C", "major", Extent.span(7), Travel.UP, Turn.SINGLE, "7/8(2+3+2)", "1/8", "0");
        assertThat(score(seven).measures().get(0).beams())
                .containsExactly(new Beam(0, 1), new Beam(2, 4), new Beam(5, 6));
        Step twelve = Steps.step("C", "major", Extent.span(12), Travel.UP, Turn.SINGLE, "12/8", "1/8", "0");
        assertThat(score(twelve).measures().get(0).beams())
                .containsExactly(new Beam(0, 2), new Beam(3, 5), new Beam(6, 8), new Beam(9, 11));
    }

    @Test
    void swing_is_said_over_the_first_note_and_changes_nothing_written() {
        Step straight = Steps.step("C", "major", Extent.span(5), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        Rhythm r = straight.rhythm();
        Step swung = straight.withRhythm(new Rhythm(
                r.meter(),
                r.figure(),
                1,
                r.place(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Swing.parse("2:1")));
        assertThat(score(swung).instruction()).contains("swing 2:1");
        assertThat(score(swung).measures()).isEqualTo(score(straight).measures());
        assertThat(score(straight).instruction()).isEmpty();
    }

    @Samples
    void the_lengths_of_a_bar_add_up_to_it_exactly(@From("steps") Step step) {
        Score score;
        try {
            score = score(step);
        } catch (Refusal e) {
            assertThat(e.field()).isEqualTo("rhythm.place");
            return;
        }
        for (Measure measure : score.measures()) {
            Fraction sum = measure.glyphs().stream().map(Glyph::length).reduce(Fraction.ZERO, Fraction::plus);
            Fraction whole =
                    measure.number() < 1 ? step.place().negated() : step.meter().bar();
            assertThat(sum).isEqualTo(whole);
            assertThat(measure.glyphs())
                    .allSatisfy(glyph -> assertThat(written(measure, glyph)).isEqualTo(glyph.length()));
        }
    }

    /** The length that a reader takes from the sign: base, dots, and the tuplet it stands in. */
    private static Fraction written(Measure measure, Glyph glyph) {
        Fraction length = Fraction.of(1, glyph.base());
        if (glyph.dots() == 1) length = length.times(Fraction.of(3, 2));
        int index = measure.glyphs().indexOf(glyph);
        for (Tuplet tuplet : measure.tuplets()) {
            if (tuplet.from() <= index && index <= tuplet.to()) {
                length = length.times(Fraction.of(tuplet.normal(), tuplet.actual()));
            }
        }
        return length;
    }

    @Samples
    void every_note_is_written_once_and_tied_to_its_length(@From("steps") Step step) {
        Passage passage = Passage.of(step);
        Score score;
        try {
            score = Score.of(passage, null);
        } catch (Refusal e) {
            return;
        }
        List<Glyph> glyphs = score.measures().stream()
                .flatMap(m -> m.glyphs().stream())
                .filter(g -> !g.isRest())
                .toList();
        passage.notes().forEach(note -> {
            List<Glyph> own = glyphs.stream()
                    .filter(g -> g.note().orElseThrow() == note.index())
                    .toList();
            assertThat(own.stream().map(Glyph::length).reduce(Fraction.ZERO, Fraction::plus))
                    .isEqualTo(note.value());
            assertThat(own.stream().filter(Glyph::tied)).hasSize(own.size() - 1);
            assertThat(own.get(own.size() - 1).tied()).isFalse();
        });
    }

    @Test
    void sixteenths_are_beamed_by_the_beat_and_eighths_by_the_half_bar() {
        Step sixteenths = Steps.step("C", "major", Extent.span(16), Travel.UP, Turn.SINGLE, "4/4", "1/16", "0");
        assertThat(score(sixteenths).measures().get(0).beams())
                .containsExactly(new Beam(0, 3), new Beam(4, 7), new Beam(8, 11), new Beam(12, 15));
        Step eighths = Steps.step("C", "major", Extent.span(8), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        assertThat(score(eighths).measures().get(0).beams()).containsExactly(new Beam(0, 3), new Beam(4, 7));
        Step compound = Steps.step("C", "major", Extent.span(6), Travel.UP, Turn.SINGLE, "6/8", "1/8", "0");
        assertThat(score(compound).measures().get(0).beams()).containsExactly(new Beam(0, 2), new Beam(3, 5));
    }

    private static String accidentals(Step step) {
        return score(step).measures().stream()
                .flatMap(measure -> measure.glyphs().stream())
                .filter(glyph -> glyph.accidental().isPresent())
                .map(glyph -> {
                    Accidental sign = glyph.accidental().orElseThrow();
                    String shown = sign.courtesy() ? "(" + sign.sign() + ")" : sign.sign();
                    return shown + glyph.pitch().orElseThrow();
                })
                .collect(Collectors.joining(" "));
    }

    @Test
    void accidentals_are_written_where_signature_and_bar_have_not_said_them() {
        assertThat(accidentals(Steps.PLAIN)).isEmpty();
        assertThat(accidentals(Steps.step(
                        "A", "harmonic-minor", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", "0")))
                .isEqualTo("#G♯5 #G♯5");
        assertThat(accidentals(Steps.step(
                        "A", "melodic-minor", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "2/4", "1/16", "0")))
                .as("reminded in the bar after")
                .isEqualTo("#F♯5 #G♯5 (n)G5 (n)F5");
        assertThat(accidentals(Steps.step(
                        "A", "melodic-minor", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/16", "0")))
                .isEqualTo("#F♯5 #G♯5 nG5 nF5");
    }

    @Test
    void a_signature_that_cannot_be_written_gives_way_to_accidentals() {
        Step step = Steps.step("G♯", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        assertThat(score(step).signature().fifths()).isZero();
        assertThat(accidentals(step)).isEqualTo("#G♯4 #A♯4 #B♯4 #C♯5 #D♯5 #E♯5 ##F♯♯5 #G♯5");
    }

    @Test
    void the_clef_is_the_instruments_or_suits_the_pitches() {
        assertThat(Score.of(
                                Passage.of(Steps.PLAIN, Player.of(Instruments.of("bassoon"))),
                                Player.of(Instruments.of("bassoon")))
                        .clef())
                .isEqualTo(Clef.BASS);
        assertThat(score(Steps.PLAIN).clef()).isEqualTo(Clef.TREBLE);
        assertThat(score(Steps.withRegister(Steps.PLAIN, "D♭2")).clef()).isEqualTo(Clef.BASS);
    }

    @Test
    void a_place_that_no_common_tuplet_writes_is_refused() {
        Step step = Steps.PLAIN.withPlace(Fraction.of(1, 52));
        assertThatThrownBy(() -> score(step)).isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.field())
                .isEqualTo("rhythm.place"));
    }
}
