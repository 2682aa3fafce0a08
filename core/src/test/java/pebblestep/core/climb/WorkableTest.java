package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;

/** A climb that would take seconds to work out is refused where it is asked for. */
class WorkableTest {
    @Test
    void what_is_planned_by_people_is_far_below_the_limit() {
        Ascent large = Climbs.ascent(
                Policy.IN_TURN,
                Climbs.values("1/4", "1/8", "1/12", "1/16"),
                Climbs.octaves(1, 2, 3, 4),
                Climbs.tempo(40, 96, 1));
        assertThat(Outlook.requireFew(large)).isEqualTo(large);
    }

    @Test
    void a_climb_of_many_different_long_lines_is_refused() {
        List<Rung> spans = IntStream.rangeClosed(16, 35)
                .<Rung>mapToObj(notes -> new Rung.OfSpan(Extent.span(notes)))
                .toList();
        List<Rung> values = IntStream.rangeClosed(4, 48)
                .<Rung>mapToObj(n -> Rung.of(
                        AxisKind.VALUE,
                        Climbs.OCTAVE.withRhythm(Climbs.OCTAVE
                                .rhythm()
                                .withFigure(
                                        pebblestep.core.rhythm.Figure.even(pebblestep.core.rhythm.Fraction.of(1, n))))))
                .toList();
        Ascent huge = Climbs.ascent(Policy.IN_TURN, Axis.of(spans), Axis.of(values));
        assertThat(huge.moves().route()).hasSizeLessThan(1000);
        assertThatThrownBy(() -> Outlook.requireFew(huge))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("more than 30000 notes");
    }
}
