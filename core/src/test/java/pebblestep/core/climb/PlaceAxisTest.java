package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Steps;

class PlaceAxisTest {

    @Test
    void the_plain_step_is_the_first_rung_and_the_axis_can_be_walked_to_its_end() {
        PlaceAxis axis = PlaceAxis.of(Steps.PLAIN);
        assertThat(axis.rung(0)).isEqualTo(Steps.PLAIN);
        assertThat(axis.rung(1).title()).isEqualTo("Quarters from the & of 1");
        int at = 0;
        int walked = 1;
        while (axis.next(at).isPresent()) {
            at = axis.next(at).orElseThrow();
            walked++;
        }
        assertThat(walked).isEqualTo(axis.size()).isEqualTo(14);
        assertThat(axis.rung(at).rhythm().legs()).hasSize(1);
        assertThatThrownBy(() -> axis.rung(14)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new PlaceAxis(List.of())).isInstanceOf(Refusal.class);
    }
}
