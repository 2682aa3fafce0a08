package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import pebblestep.core.climb.Spans.Change;
import pebblestep.core.line.Extent;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.samples.Samples.Ints;

/** Whatever the climb, a wider range is wider, a shorter one shorter, and the way back leads back. */
class SpansPropertyTest {
    Draw<Ascent> climbs() {
        return Climbs.any();
    }

    private static Position some(Ascent ascent, int step) {
        List<Position> walk = ascent.moves().route();
        return walk.get(step % walk.size());
    }

    private static int reach(Spans spans) {
        return reach(spans.ascent(), spans.at());
    }

    private static int reach(Ascent ascent, Position at) {
        Extent extent = ascent.at(at).line().extent();
        return extent.steps(ascent.step().key().form().size());
    }

    @Samples(200)
    void wider_goes_further_and_shorter_less_far(@From("climbs") Ascent ascent, @Ints(min = 0, max = 60) int step) {
        Position at = some(ascent, step);
        Spans.of(Change.WIDER, ascent, at)
                .ifPresent(spans -> assertThat(reach(spans)).isGreaterThan(reach(ascent, at)));
        Spans.of(Change.SHORTER, ascent, at)
                .ifPresent(spans -> assertThat(reach(spans)).isLessThan(reach(ascent, at)));
    }

    @Samples(200)
    void the_way_back_leads_to_the_range_before(@From("climbs") Ascent ascent, @Ints(min = 0, max = 60) int step) {
        Position at = some(ascent, step);
        Optional<Spans> there = Spans.of(Change.SHORTER, ascent, at);
        if (there.isEmpty()) return;
        Spans back =
                Spans.of(Change.WIDER, there.get().ascent(), there.get().at()).orElseThrow();
        assertThat(reach(back)).isEqualTo(reach(ascent, at));
        assertThat(back.ascent().step()).isEqualTo(ascent.step());
    }

    @Samples(200)
    void what_else_was_climbed_stays_where_it_was(@From("climbs") Ascent ascent, @Ints(min = 0, max = 60) int step) {
        if (ascent.climb().policy() == Policy.PAIRED) return;
        Position at = some(ascent, step);
        for (Optional<Spans> moved :
                List.of(Spans.of(Change.WIDER, ascent, at), Spans.of(Change.SHORTER, ascent, at))) {
            if (moved.isEmpty()) continue;
            for (int axis = 0; axis < ascent.climb().axes().size(); axis++) {
                if (ascent.climb().axes().get(axis).kind() == AxisKind.SPAN) continue;
                assertThat(moved.get().at().rung(axis)).isEqualTo(at.rung(axis));
            }
        }
    }
}
