package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static pebblestep.core.climb.Climbs.ascent;
import static pebblestep.core.climb.Climbs.octaves;
import static pebblestep.core.climb.Climbs.tempo;
import static pebblestep.core.climb.Climbs.values;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.line.Extent;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.rhythm.Fraction;

/** What a student keeps when a climb is changed: worked out by hand. */
class NearestRungTest {
    private static Axis places(String... places) {
        return Axis.of(Arrays.stream(places)
                .map(place -> new Rung.OfPlace(Fraction.parse(place), Optional.empty()))
                .toList());
    }

    private static Axis slurs(int... by) {
        return Axis.of(Arrays.stream(by)
                .mapToObj(notes -> new Rung.OfArticulation(
                        notes == 0
                                ? Articulation.SEPARATE
                                : new Articulation(
                                        ArticulationKind.SLURRED, notes, 0, Optional.empty(), Optional.empty())))
                .toList());
    }

    private static String kept(Axis before, int stood, Axis after) {
        Ascent old = ascent(Policy.IN_TURN, before);
        return ascent(Policy.IN_TURN, after).nearest(old, Position.of(stood)).toString();
    }

    @ParameterizedTest
    @CsvSource({
        // 68 on a ladder by five is 65; on one that begins higher the first; beyond its end the last.
        "60, 100, 8, 1, 60, 100, 5, 1",
        "60, 100, 8, 1, 80, 100, 5, 0",
        "60, 100, 8, 5, 40, 80, 20, 2",
        // Down a ladder slower is harder: 84 keeps 85 and not 80.
        "100, 60, 8, 2, 100, 60, 5, 3"
    })
    void of_a_tempo(long from, long to, long by, int stood, long newFrom, long newTo, long newBy, String kept) {
        assertThat(kept(tempo(from, to, by), stood, tempo(newFrom, newTo, newBy)))
                .isEqualTo(kept);
    }

    @Test
    void of_note_values_the_shortest_that_are_no_shorter() {
        assertThat(kept(values("1/4", "1/8", "1/16"), 1, values("1/2", "1/4", "1/12")))
                .isEqualTo("1");
        assertThat(kept(values("1/4", "1/8", "1/16"), 2, values("1/2", "1/8", "1/12", "1/16")))
                .isEqualTo("3");
        assertThat(kept(values("1/2", "1/4"), 0, values("1/8", "1/16"))).isEqualTo("0");
    }

    @Test
    void of_a_span_the_widest_that_is_no_wider() {
        assertThat(kept(octaves(1, 2, 3), 1, octaves(1, 3))).isEqualTo("0");
        Axis spans = Axis.of(List.of(
                new Rung.OfSpan(Extent.span(5)), new Rung.OfSpan(Extent.span(8)), new Rung.OfSpan(Extent.span(12))));
        assertThat(kept(octaves(1, 2), 0, spans)).as("an octave is eight notes").isEqualTo("1");
    }

    @Test
    void of_places_and_slurs_the_same_rung_or_the_last_one_before_it_that_is_still_there() {
        assertThat(kept(places("0", "1/8", "1/16", "3/16"), 3, places("3/16", "0")))
                .isEqualTo("0");
        assertThat(kept(places("0", "1/8", "1/16", "3/16"), 3, places("0", "1/8", "1/12")))
                .isEqualTo("1");
        assertThat(kept(slurs(0, 2, 4), 2, slurs(0, 8))).isEqualTo("0");
        assertThat(kept(slurs(2, 4), 1, slurs(6, 8)))
                .as("nothing is left of it")
                .isEqualTo("0");
    }

    @Test
    void an_axis_that_is_new_stands_where_the_step_did() {
        Ascent before = ascent(Policy.IN_TURN, tempo(60, 100, 8));
        Ascent after = ascent(Policy.IN_TURN, tempo(60, 100, 8), values("1/2", "1/4", "1/8"), octaves(2, 3));
        // The step is an octave in quarters; every span of the axis is wider, so the first.
        assertThat(after.nearest(before, Position.of(3))).isEqualTo(Position.of(3, 1, 0));
    }

    @Test
    void axes_that_move_together_keep_the_lower_of_their_rungs() {
        Ascent before = ascent(Policy.IN_TURN, octaves(1, 2), values("1/4", "1/8"));
        Ascent after = ascent(Policy.PAIRED, octaves(1, 2), values("1/4", "1/8"));
        assertThat(after.nearest(before, Position.of(1, 0))).isEqualTo(Position.of(0, 0));
        assertThat(after.nearest(before, Position.of(1, 1))).isEqualTo(Position.of(1, 1));
    }
}
