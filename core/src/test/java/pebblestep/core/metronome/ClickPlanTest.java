package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;

class ClickPlanTest {

    @Test
    void a_bar_is_counted_in_and_the_click_goes_on_to_the_end_of_the_last_bar() {
        ClickPlan plan = ClickPlan.of(Passage.of(Steps.PLAIN));
        assertThat(plan.start()).isEqualTo(Fraction.of(-1));
        assertThat(plan.end()).isEqualTo(Fraction.of(2));
        assertThat(plan.clicks()).hasSize(12);
        assertThat(plan.clicks()).filteredOn(Click::countIn).hasSize(4);
        assertThat(plan.clicks())
                .filteredOn(Click::accent)
                .extracting(Click::beat)
                .containsExactly(1, 1, 1);
    }

    @Test
    void a_pickup_stands_in_a_bar_of_its_own_after_the_count_in() {
        ClickPlan plan = ClickPlan.of(Passage.of(Steps.PLAIN.withPlace(Fraction.of(-1, 16))));
        assertThat(plan.start()).isEqualTo(Fraction.of(-2));
        assertThat(plan.clicks())
                .filteredOn(Click::countIn)
                .extracting(Click::at)
                .endsWith(Fraction.of(-5, 4));
    }

    @Test
    void compound_meters_click_their_dotted_beats() {
        Step step = Steps.step("C", "major", Extent.span(6), Travel.UP, Turn.SINGLE, "6/8", "1/8", "0");
        assertThat(ClickPlan.of(Passage.of(step)).clicks())
                .extracting(Click::at)
                .containsExactly(Fraction.of(-3, 4), Fraction.of(-3, 8), Fraction.ZERO, Fraction.of(3, 8));
    }

    @Test
    void a_count_in_has_four_bars_at_most() {
        assertThatThrownBy(() -> new Metronome(5, true)).isInstanceOf(Refusal.class);
    }
}
