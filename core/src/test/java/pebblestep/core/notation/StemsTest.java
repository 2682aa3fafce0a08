package pebblestep.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

/** Stems, brackets and the side of slurs: common engraving practice, from memory of handbooks. */
class StemsTest {
    Draw<Step> steps() {
        return Steps.any();
    }

    private static Score score(String tonic, String value, String register) {
        Step step = Steps.step(tonic, "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", value, "0");
        return Score.of(Passage.of(Steps.withRegister(step, register)), null);
    }

    private static String stems(Score score, int bar) {
        return score.stems().in(bar).stream()
                .map(stem -> stem.map(Stem::id).map(id -> id.substring(0, 1)).orElse("-"))
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            C | 1/4 | C4 | 0 | uuuu
            C | 1/4 | C4 | 1 | uudd
            G | 1/4 | G4 | 0 | uudd
            C | 1   | C4 | 0 | -
            C | 1/8 | C4 | 0 | uuuuuuuu
            C | 1/8 | C5 | 0 | dddddddd
            """)
    void a_note_on_the_middle_line_or_above_has_its_stem_down(
            String tonic, String value, String register, int bar, String stems) {
        assertThat(stems(score(tonic, value, register), bar)).isEqualTo(stems);
    }

    @Test
    void under_one_beam_the_note_furthest_from_the_middle_decides() {
        // G4 A4 | B4 C5 in pairs of eighths would turn in the middle of a group of four; the furthest is G4, two steps
        // below.
        Score score = score("G", "1/8", "G4");
        assertThat(stems(score, 0))
                .as("G A B C under one beam, D E F# G under the next")
                .isEqualTo("uuuudddd");
    }

    @Test
    void a_slur_lies_on_the_side_of_the_heads_and_above_where_stems_do_not_agree() {
        Step low = Steps.withRegister(
                Steps.step("C", "major", Extent.span(4), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0"), "C4");
        assertThat(slurAbove(low)).as("stems up").isFalse();
        Step mixed = Steps.withRegister(
                Steps.step("C", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/4", "0"), "C4");
        assertThat(slurAbove(mixed)).as("stems up and down").isTrue();
    }

    private static boolean slurAbove(Step step) {
        Articulation all = new Articulation(
                ArticulationKind.ALL_SLURRED, 0, 0, java.util.Optional.empty(), java.util.Optional.empty());
        Step slurred = step.withArticulation(all);
        Score score = Score.of(Passage.of(slurred), null);
        return score.stems().isAbove(score.slurs().getFirst());
    }

    @Samples(300)
    void one_beam_has_one_direction_and_whole_notes_and_rests_none(@From("steps") Step step) {
        Score score;
        try {
            score = Score.of(Passage.of(step), null);
        } catch (pebblestep.core.Refusal e) {
            return;
        }
        for (int bar = 0; bar < score.measures().size(); bar++) {
            Measure measure = score.measures().get(bar);
            List<java.util.Optional<Stem>> stems = score.stems().in(bar);
            assertThat(stems).hasSameSizeAs(measure.glyphs());
            for (int i = 0; i < stems.size(); i++) {
                Glyph glyph = measure.glyphs().get(i);
                assertThat(stems.get(i).isEmpty()).isEqualTo(glyph.isRest() || glyph.base() == 1);
            }
            for (Beam beam : measure.beams()) {
                assertThat(stems.subList(beam.from(), beam.to() + 1).stream().distinct())
                        .hasSize(1);
            }
            for (Tuplet tuplet : measure.tuplets()) {
                boolean held = measure.beams().contains(new Beam(tuplet.from(), tuplet.to()));
                assertThat(measure.isBracketed(tuplet)).isEqualTo(!held);
            }
        }
    }
}
