package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.notation.Mark;
import pebblestep.core.notation.Ottava;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.documents.ScoreDocument;
import pebblestep.documents.ScoreDocument.GlyphPart;
import pebblestep.documents.ScoreDocument.SlurPart;

/** What whoever draws a score is told, and that it leaves nothing to decide. */
class ScoreDocumentTest {

    private static ScoreDocument score(String instrument, String line, String articulation) {
        Step step = StepJson.read(
                """
                {"format":"pebble-step/1","key":{"tonic":"C","form":"melodic-minor"},"line":{%s},
                 "rhythm":{"figure":["1/16"]},"tempo":{"bpm":60},"articulation":{%s}}"""
                        .formatted(line, articulation));
        Player player = Player.of(Instruments.of(instrument));
        return ScoreDocument.of(Score.of(Passage.of(step, player), player));
    }

    @Test
    void a_note_under_an_ottava_is_drawn_an_octave_from_where_it_sounds() {
        ScoreDocument flute = score("flute", "\"octaves\":3,\"travel\":\"up\"", "");
        Ottava ottava = flute.ottavas().get(0);
        assertThat(ottava.octaves()).isEqualTo(1);
        GlyphPart top = flute.measures().get(1).glyphs().get(21 - 16);
        assertThat(top.note()).isEqualTo(21);
        assertThat(top.pitch()).isEqualTo("C7");
        assertThat(top.drawn()).isEqualTo("C6");
        GlyphPart first = flute.measures().get(0).glyphs().get(0);
        assertThat(first.drawn()).isEqualTo(first.pitch()).isEqualTo("C4");
    }

    @Test
    void clefs_signs_and_reminders_are_said_for_each_bar_and_note() {
        ScoreDocument bassoon = score("bassoon", "\"octaves\":2", "");
        assertThat(bassoon.fifths()).isEqualTo(-3);
        assertThat(bassoon.measures()).allSatisfy(bar -> assertThat(bar.clef()).isIn(Clef.BASS, Clef.TENOR));
        assertThat(bassoon.measures().get(0).glyphs().stream()
                        .filter(glyph -> glyph.accidental() != null)
                        .map(glyph -> glyph.accidental().sign() + glyph.pitch()))
                .containsExactly("nA2", "nB2", "nA3", "nB3", "bBb3");
        assertThat(bassoon.measures().get(1).glyphs().stream()
                        .filter(glyph -> glyph.accidental() != null)
                        .map(glyph -> glyph.accidental().courtesy()))
                .isNotEmpty()
                .allMatch(courtesy -> courtesy);
    }

    @Test
    void slurs_marks_and_words_are_given_not_drawn() {
        ScoreDocument cello = score(
                "cello",
                "\"octaves\":1,\"travel\":\"up\"",
                "\"kind\":\"slurred\",\"by\":4,\"bow\":\"down\",\"accentEvery\":4,\"bowShare\":\"1\"");
        assertThat(cello.slurs()).containsExactly(new SlurPart(0, 3, false), new SlurPart(4, 7, false));
        assertThat(cello.measures().get(0).glyphs().get(0).marks()).containsExactly(Mark.ACCENT, Mark.DOWN_BOW);
        assertThat(cello.measures().get(0).glyphs().get(4).marks()).containsExactly(Mark.ACCENT, Mark.UP_BOW);
        assertThat(cello.instruction()).isEqualTo("whole bow each");
    }
}
