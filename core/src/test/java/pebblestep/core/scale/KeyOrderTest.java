package pebblestep.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.pitch.NoteName;

class KeyOrderTest {

    @Test
    void by_fourths_meets_every_key_once_each_a_fourth_above_the_last() {
        List<NoteName> order = KeyOrder.fourths();
        assertThat(order).hasSize(12);
        assertThat(order.stream().map(NoteName::pitchClass)).doesNotHaveDuplicates();
        for (int i = 0; i < order.size(); i++) {
            int up = order.get((i + 1) % 12).pitchClass() - order.get(i).pitchClass();
            assertThat(Math.floorMod(up, 12)).isEqualTo(5);
        }
    }

    @Test
    void every_key_of_the_order_has_a_signature_that_can_be_written() {
        assertThat(KeyOrder.fourths()).allSatisfy(tonic -> {
            int accidentals = Key.of(tonic, Forms.of("major")).signature().accidentals();
            assertThat(accidentals).isLessThanOrEqualTo(6);
        });
    }
}
