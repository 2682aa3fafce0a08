package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.rhythm.Fraction;
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
        assertThat(grid.places()).as("sixteenths and triplets of two bars").hasSize(47);
        assertThat(grid.places().stream().filter(p -> p.grids().contains(PulseGrid.Grid.SIXTEENTHS)))
                .hasSize(31);
        assertThat(grid.places().stream().filter(p -> p.grids().contains(PulseGrid.Grid.TRIPLETS)))
                .hasSize(23);
        assertThat(grid.places().get(23).count()).hasToString("1");
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
