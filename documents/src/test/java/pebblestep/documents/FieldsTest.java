package pebblestep.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;

class FieldsTest {
    private static Refusal refused(Runnable read) {
        return catchThrowableOfType(Refusal.class, read::run);
    }

    @Test
    void what_can_be_read_is_given_back() {
        assertThat(Fields.at("bpm", () -> Bpm.parse("97.5"))).isEqualTo(Bpm.parse("97.5"));
        assertThat(Fields.under("step", () -> Bpm.parse("97.5"))).isEqualTo(Bpm.parse("97.5"));
    }

    @Test
    void a_refusal_without_a_field_is_said_of_the_one_that_was_read() {
        Refusal refusal = refused(() -> Fields.at("goal.bpm", () -> Bpm.of(new BigDecimal("1000"))));
        assertThat(refusal.pointer()).isEqualTo("/goal/bpm");
        assertThat(refusal).hasMessage("A tempo lies between 20 and 400 beats a minute, not 1000.");
    }

    @Test
    void a_field_that_is_named_already_stays_and_a_document_puts_its_own_name_before_it() {
        Refusal inner = Refusal.of("rhythm.meter", "There is no such meter.").fits("Try 4/4.");
        assertThat(refused(() -> Fields.at("step", () -> {
                            throw inner;
                        }))
                        .pointer())
                .isEqualTo("/rhythm/meter");
        Refusal under = refused(() -> Fields.under("step", () -> {
            throw inner;
        }));
        assertThat(under.pointer()).isEqualTo("/step/rhythm/meter");
        assertThat(under.fits()).contains("Try 4/4.");
    }
}
