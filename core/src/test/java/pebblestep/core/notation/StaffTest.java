package pebblestep.core.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.Articulation.Bow;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Slur;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;

/** Clefs, ottavas, slurs and marks: common engraving practice, no source. */
class StaffTest {

    private static Score score(String instrument, String tonic, int octaves) {
        Step step =
                Steps.step(tonic, "major", Extent.octaves(octaves), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/16", "0");
        Player player = Player.of(Instruments.of(instrument));
        return Score.of(Passage.of(step, player), player);
    }

    private static List<String> clefs(Score score) {
        return score.measures().stream().map(measure -> measure.clef().id()).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bassoon | Bb | 2 | bass bass",
                "bassoon | Bb | 3 | bass tenor bass",
                "cello | C | 4 | bass treble treble bass",
                "viola | C | 3 | alto treble alto",
                "violin | G | 3 | treble treble treble",
                "tenor-voice | C | 1 | treble-8vb",
                "soprano-recorder | C | 2 | treble-8va treble-8va"
            })
    void the_clef_changes_at_a_barline_where_it_spares_ledger_lines(
            String instrument, String tonic, int octaves, String clefs) {
        assertThat(String.join(" ", clefs(score(instrument, tonic, octaves)))).isEqualTo(clefs);
    }

    @Test
    void notes_past_four_ledger_lines_stand_under_an_ottava() {
        Score flute = score("flute", "C", 3);
        assertThat(flute.ottavas()).containsExactly(new Ottava(14, 28, 1));
        Step high = Steps.withRegister(
                Steps.step("C", "major", Extent.octaves(2), Travel.UP, Turn.SINGLE, "4/4", "1/4", "0"), "C6");
        assertThat(Score.of(Passage.of(high), null).ottavas()).containsExactly(new Ottava(0, 14, 2));
        assertThat(score("oboe", "Bb", 2).ottavas()).isEmpty();
        assertThat(score("bass-guitar", "E", 1).ottavas()).isEmpty();
    }

    @Test
    void no_drawn_note_stands_past_four_ledger_lines_on_any_instrument_in_its_comfortable_range() {
        Instruments.all().forEach(instrument -> {
            Player player = Player.of(instrument, pebblestep.core.instrument.Level.COMFORTABLE);
            Step step = Steps.step("C", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
            Passage passage;
            try {
                passage = Passage.of(step, player);
            } catch (Refusal e) {
                return;
            }
            Score score = Score.of(passage, player);
            score.measures().forEach(measure -> measure.glyphs().stream()
                    .filter(glyph -> !glyph.isRest())
                    .forEach(glyph -> {
                        int note = glyph.note().orElseThrow();
                        int octaves = score.ottavas().stream()
                                .filter(ottava -> ottava.fromNote() <= note && note <= ottava.toNote())
                                .mapToInt(Ottava::octaves)
                                .findFirst()
                                .orElse(0);
                        int steps = measure.clef().stepsAbove(glyph.pitch().orElseThrow()) - 7 * octaves;
                        assertThat((Math.abs(steps) - 4) / 2)
                                .as("%s", instrument)
                                .isLessThanOrEqualTo(4);
                    }));
        });
    }

    private static Score articulated(Articulation articulation, String place) {
        Step plain = Steps.step("C", "major", Extent.span(5), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", place);
        Step step = plain.withArticulation(articulation);
        return Score.of(Passage.of(step), null);
    }

    private static List<List<Mark>> marks(Score score) {
        return score.measures().stream()
                .flatMap(measure -> measure.glyphs().stream())
                .filter(glyph -> !glyph.isRest())
                .map(Glyph::marks)
                .toList();
    }

    private static Articulation of(ArticulationKind kind, int by) {
        return new Articulation(kind, by, 0, Optional.empty(), Optional.empty());
    }

    @Test
    void slurs_hold_their_number_of_notes() {
        assertThat(articulated(of(ArticulationKind.SLURRED, 4), "0").slurs())
                .as("nine notes by four: the last stands alone")
                .containsExactly(new Slur(0, 3), new Slur(4, 7));
        assertThat(articulated(of(ArticulationKind.ALL_SLURRED, 0), "0").slurs())
                .containsExactly(new Slur(0, 8));
        assertThat(articulated(of(ArticulationKind.SEPARATE, 0), "0").slurs()).isEmpty();
        assertThat(articulated(of(ArticulationKind.OFF_BEAT_SLURS, 0), "0").slurs())
                .containsExactly(new Slur(1, 2), new Slur(3, 4), new Slur(5, 6), new Slur(7, 8));
        assertThat(articulated(of(ArticulationKind.OFF_BEAT_SLURS, 0), "1/8").slurs())
                .containsExactly(new Slur(0, 1), new Slur(2, 3), new Slur(4, 5), new Slur(6, 7));
    }

    @Test
    void dots_accents_and_bows_stand_at_their_notes() {
        assertThat(marks(articulated(of(ArticulationKind.STACCATO, 0), "0")))
                .hasSize(9)
                .allSatisfy(at -> assertThat(at).containsExactly(Mark.STACCATO));
        Articulation accents = new Articulation(ArticulationKind.SEPARATE, 0, 3, Optional.empty(), Optional.empty());
        List<List<Mark>> accented = marks(articulated(accents, "0"));
        for (int i = 0; i < 9; i++)
            assertThat(accented.get(i).contains(Mark.ACCENT)).isEqualTo(i % 3 == 0);
        Articulation bows =
                new Articulation(ArticulationKind.SLURRED, 4, 0, Optional.of(Bow.DOWN), Optional.of(Fraction.of(1, 2)));
        Score bowed = articulated(bows, "0");
        assertThat(marks(bowed).get(0)).containsExactly(Mark.DOWN_BOW);
        assertThat(marks(bowed).get(1)).isEmpty();
        assertThat(marks(bowed).get(4)).containsExactly(Mark.UP_BOW);
        assertThat(marks(bowed).get(8)).containsExactly(Mark.DOWN_BOW);
        assertThat(bowed.instruction()).contains("1/2 of the bow each");
    }

    @Test
    void an_articulation_that_does_not_add_up_is_refused() {
        assertThatThrownBy(() -> of(ArticulationKind.SLURRED, 1)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> of(ArticulationKind.STACCATO, 4)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Articulation(ArticulationKind.SEPARATE, 0, 1, Optional.empty(), Optional.empty()))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Articulation(
                        ArticulationKind.SEPARATE, 0, 0, Optional.empty(), Optional.of(Fraction.of(3, 2))))
                .isInstanceOf(Refusal.class);
    }
}
