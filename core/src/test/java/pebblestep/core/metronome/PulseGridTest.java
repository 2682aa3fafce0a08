package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.metronome.PulseGrid.Snap;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

class PulseGridTest {

    Draw<Step> steps() {
        return Steps.any();
    }

    @Test
    void sixteenths_are_counted_click_by_click_up_to_the_target() {
        PulseGrid grid = PulseGrid.of(Passage.of(Steps.PLAIN));
        assertThat(grid.from()).isEqualTo(Fraction.ZERO);
        assertThat(grid.to()).isEqualTo(Fraction.of(9, 4));
        assertThat(grid.ticks()).extracting(t -> t.count().toString()).startsWith("1", "1 e", "1 &", "1 a", "2");
        assertThat(grid.ticks()).hasSize(36);
    }

    @Test
    void places_are_those_of_every_division_from_a_bar_before_on() {
        List<PulseGrid.Place> places = PulseGrid.places(Meter.parse("4/4"));
        assertThat(places).as("sixteenths and triplets of two bars").hasSize(47);
        assertThat(places.stream().filter(p -> p.grids().contains(PulseGrid.Grid.SIXTEENTHS)))
                .hasSize(31);
        assertThat(places.stream().filter(p -> p.grids().contains(PulseGrid.Grid.TRIPLETS)))
                .hasSize(23);
        assertThat(places.get(23).count()).hasToString("1");
    }

    @Test
    void a_start_between_two_places_moves_to_the_next_on_that_side_first() {
        Rhythm between = Rhythm.of(Meter.parse("4/4"), Figure.even(Fraction.of(1, 16)), Fraction.of(1, 12));
        assertThat(PulseGrid.nudged(between, 1, Snap.EIGHTHS)).isEqualTo(Fraction.of(1, 8));
        assertThat(PulseGrid.nudged(between, -1, Snap.EIGHTHS)).isEqualTo(Fraction.ZERO);
        assertThat(PulseGrid.nudged(between, 1, Snap.CLICKS)).isEqualTo(Fraction.of(1, 8));
        Rhythm last = between.withPlace(Fraction.of(15, 16));
        assertThat(PulseGrid.nudged(last, 1, Snap.SIXTEENTHS))
                .as("within the bar")
                .isEqualTo(Fraction.of(15, 16));
    }

    @Samples(200)
    void a_nudge_there_and_back_comes_back_in_every_meter(@From("steps") Step step) {
        for (Snap snap : Snap.values()) {
            Fraction on = PulseGrid.nearest(step.rhythm(), step.place().toDouble(), snap);
            Rhythm there = step.rhythm().withPlace(on);
            Fraction next = PulseGrid.nudged(there, 1, snap);
            if (next.equals(on)) continue;
            assertThat(on).isLessThan(next);
            assertThat(PulseGrid.nudged(there.withPlace(next), -1, snap)).isEqualTo(on);
        }
    }

    @Samples(200)
    void the_nearest_place_is_nearer_than_every_other(@From("steps") Step step) {
        double x = step.place().toDouble() * 0.9 + 0.013;
        Fraction near = PulseGrid.nearest(step.rhythm(), x, Snap.SIXTEENTHS);
        double apart = Math.abs(near.toDouble() - x);
        assertThat(PulseGrid.places(step.meter()).stream()
                        .filter(place -> place.grids().contains(PulseGrid.Grid.SIXTEENTHS))
                        .mapToDouble(place -> Math.abs(place.at().toDouble() - x)))
                .allMatch(other -> other >= apart);
    }

    @Test
    void triplets_have_three_clicks_a_beat_and_a_pickup_shows_its_bar() {
        Step step = Steps.step("C", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "3/4", "1/12", "-1/12");
        PulseGrid grid = PulseGrid.of(Passage.of(step));
        assertThat(grid.click()).isEqualTo(Fraction.of(1, 12));
        assertThat(grid.from()).isEqualTo(Fraction.of(-3, 4));
        assertThat(grid.ticks())
                .filteredOn(t -> t.weight() == 0)
                .extracting(PulseGrid.Tick::bar)
                .startsWith(0, 1);
    }

    @Samples(100)
    void the_grid_holds_the_whole_passage_and_its_target(@From("steps") Step step) {
        Passage passage = Passage.of(step);
        Landing landing = Landing.of(step);
        PulseGrid grid = PulseGrid.of(passage);
        assertThat(grid.from()).isLessThanOrEqualTo(passage.first().at());
        assertThat(grid.to())
                .isGreaterThan(passage.last().at())
                .isGreaterThan(landing.at().minus(landing.off()));
    }
}
