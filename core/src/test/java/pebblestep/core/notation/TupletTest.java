package pebblestep.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;

/** Tuplets cover whole beats, also when the line starts or ends inside one: common engraving practice, no source. */
class TupletTest {

    private static List<Measure> measures(String meter, String value, String place, int notes) {
        Step step = Steps.step("C", "major", Extent.span(notes), Travel.UP, Turn.SINGLE, meter, value, place);
        return Score.of(Passage.of(step), null).measures();
    }

    private static Fraction lengthOf(Measure measure, Tuplet tuplet) {
        return measure.glyphs().subList(tuplet.from(), tuplet.to() + 1).stream()
                .map(Glyph::length)
                .reduce(Fraction.ZERO, Fraction::plus);
    }

    @ParameterizedTest
    @CsvSource({
        "4/4,1/12,0,12",
        "4/4,1/12,1/12,9",
        "4/4,1/12,1/6,9",
        "4/4,1/4,1/12,4",
        "4/4,1/4,1/6,4",
        "4/4,1/2,1/12,3",
        "3/4,1/12,1/12,7",
        "2/4,1/12,-1/12,7",
        "4/4,1/8,1/12,6",
        "4/4,1/16,1/12,8",
        "4/4,1,1/6,2"
    })
    void every_tuplet_fills_a_beat(String meter, String value, String place, int notes) {
        List<Measure> measures = measures(meter, value, place, notes);
        assertThat(measures.stream().mapToInt(m -> m.tuplets().size()).sum()).isPositive();
        for (Measure measure : measures) {
            boolean pickup = measure.number() < 1;
            assertThat(measure.tuplets()).allSatisfy(tuplet -> {
                if (!pickup) assertThat(lengthOf(measure, tuplet)).isEqualTo(Fraction.of(1, 4));
                assertThat(tuplet.normal()).isLessThan(tuplet.actual());
                assertThat(Integer.bitCount(tuplet.normal())).isEqualTo(1);
            });
        }
    }

    @Test
    void triplets_from_the_third_click_open_with_rests_inside_the_bracket() {
        Measure bar = measures("4/4", "1/12", "1/6", 4).get(0);
        assertThat(bar.tuplets().get(0)).isEqualTo(new Tuplet(0, 1, 3, 2));
        assertThat(bar.glyphs().get(0).isRest()).isTrue();
        assertThat(bar.glyphs().get(0).base()).isEqualTo(4);
        assertThat(bar.glyphs().get(1).base()).isEqualTo(8);
        assertThat(bar.beams()).containsExactly(new Beam(2, 4));
    }

    @Test
    void plain_values_on_the_beat_need_no_bracket_beside_those_that_do() {
        Measure bar = measures("4/4", "1/4", "0", 4).get(0);
        assertThat(bar.tuplets()).isEmpty();
        List<Measure> displaced = measures("4/4", "1/2", "1/12", 1 + 1);
        assertThat(displaced.get(0).tuplets()).hasSize(2);
    }

    @Test
    void thirds_are_natural_in_compound_time() {
        assertThat(measures("6/8", "1/8", "0", 6).get(0).tuplets()).isEmpty();
        assertThat(measures("6/8", "1/8", "1/16", 5).get(0).tuplets()).isEmpty();
        assertThat(measures("6/8", "1/12", "0", 6).get(0).tuplets()).isNotEmpty();
    }
}
