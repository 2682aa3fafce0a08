package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Spans.Change;
import pebblestep.core.line.Extent;

class SpansTest {

    @Test
    void along_an_axis_of_spans_it_goes_one_rung() {
        Ascent ascent = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 80, 10), Climbs.octaves(1, 2));
        Spans wider = Spans.of(Change.WIDER, ascent, Position.of(1, 0)).orElseThrow();
        assertThat(wider.ascent()).isEqualTo(ascent);
        assertThat(wider.at()).isEqualTo(Position.of(1, 1));
        assertThat(Spans.of(Change.SHORTER, ascent, wider.at()).orElseThrow().at())
                .isEqualTo(Position.of(1, 0));
        assertThat(Spans.of(Change.WIDER, ascent, wider.at())).isEmpty();
        assertThat(Spans.of(Change.SHORTER, ascent, Position.of(1, 0))).isEmpty();
    }

    @Test
    void without_one_the_climb_gets_the_range_it_has_and_the_one_beside_it() {
        Ascent octave = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 80, 10));
        Spans wider = Spans.of(Change.WIDER, octave, Position.of(2)).orElseThrow();
        assertThat(wider.at()).isEqualTo(Position.of(2, 1));
        assertThat(extents(wider)).containsExactly(Extent.octaves(1), Extent.octaves(2));
        Spans shorter = Spans.of(Change.SHORTER, octave, Position.of(2)).orElseThrow();
        assertThat(extents(shorter)).containsExactly(Extent.span(5), Extent.octaves(1));
        assertThat(shorter.at()).as("the way back stays open").isEqualTo(Position.of(2, 0));
        assertThat(shorter.ascent().at(shorter.at()).line().extent()).isEqualTo(Extent.span(5));
        assertThat(Spans.of(Change.WIDER, shorter.ascent(), shorter.at())
                        .orElseThrow()
                        .at())
                .isEqualTo(Position.of(2, 1));
    }

    private static List<Extent> extents(Spans spans) {
        Climb climb = spans.ascent().climb();
        return climb.axes().get(climb.axis(AxisKind.SPAN).orElseThrow()).rungs().stream()
                .map(rung -> ((Rung.OfSpan) rung).extent())
                .toList();
    }

    @Test
    void axes_that_move_together_are_left_as_they_are() {
        Ascent paired = Climbs.ascent(Policy.PAIRED, Climbs.tempo(60, 80, 10), Climbs.values("1/4", "1/8", "1/12"));
        assertThat(Spans.of(Change.WIDER, paired, Position.of(0, 0))).isEmpty();
    }
}
