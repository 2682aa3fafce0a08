package pebblestep.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.scale.Forms;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.IdentifiedNames;
import pebblestep.exchange.StepJson;

/** The demo's plan holds together; that the studio starts and fills is seen by the journeys, which run on it. */
class DemoStudioTest {
    private static final DemoDocuments DOCUMENTS = new DemoDocuments(IdentifiedNames.JSON);

    @Test
    void six_students_with_known_instruments_and_forms() {
        assertThat(DemoPlan.PLAYERS).hasSize(6);
        assertThat(DemoPlan.PLAYERS).allSatisfy(player -> {
            assertThat(Instruments.of(player.instrument())).isNotNull();
            assertThat(player.pieces()).isNotEmpty().allSatisfy(piece -> {
                assertThat(Forms.of(piece.form())).isNotNull();
                // Refused where it does not lie on their instrument, on its first rung or on any other.
                Step step = StepJson.read(DOCUMENTS.document(piece).toString());
                Ascent ascent = Ascent.of(step, ClimbJson.read(DOCUMENTS.climb(piece)));
                Player own = Player.of(Instruments.of(player.instrument()));
                assertThat(ascent.moves().route()).hasSizeGreaterThan(1).allSatisfy(rung -> assertThat(
                                Passage.of(ascent.at(rung), own).notes())
                        .hasSizeGreaterThan(1));
                assertThat(piece.to()).isGreaterThan(piece.from());
                assertThat(piece.firstDay()).isBetween(0, 42);
            });
        });
        assertThat(DemoPlan.EMAIL).endsWith(".example");
    }
}
