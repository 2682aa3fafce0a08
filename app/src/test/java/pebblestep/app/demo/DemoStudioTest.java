package pebblestep.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.scale.Forms;

/** The demo's plan holds together; that the studio starts and fills is seen by the journeys, which run on it. */
class DemoStudioTest {

    @Test
    void five_students_with_known_instruments_and_forms() {
        assertThat(DemoPlan.PLAYERS).hasSize(5);
        assertThat(DemoPlan.PLAYERS).allSatisfy(player -> {
            assertThat(Instruments.of(player.instrument())).isNotNull();
            assertThat(player.pieces()).isNotEmpty().allSatisfy(piece -> {
                assertThat(Forms.of(piece.form())).isNotNull();
                assertThat(piece.to()).isGreaterThan(piece.from());
                assertThat(piece.firstDay()).isBetween(0, 42);
            });
        });
        assertThat(DemoPlan.EMAIL).endsWith(".example");
    }
}
