package pebblestep.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.scale.SixAccidentals;
import pebblestep.documents.PlayerDocument.InstrumentPart;

class PlayerDocumentTest {
    private static final InstrumentPart OWN = new InstrumentPart(
            "own-1", "Alto dulcian", "woodwind", "F3", List.of(Clef.TREBLE), "C4-C5", "C4-F5", "C4-A5", null);

    static Stream<Instrument> instruments() {
        return Instruments.all().stream();
    }

    @ParameterizedTest
    @MethodSource("instruments")
    void a_player_of_any_instrument_is_the_same_after_writing_and_reading(Instrument instrument) {
        for (Level level : Level.values()) {
            for (SixAccidentals six : SixAccidentals.values()) {
                Player player = Player.of(instrument, level)
                        .reading(six)
                        .tunedTo(new ReferencePitch(442.5))
                        .within(instrument.firstOctave());
                assertThat(PlayerDocument.of(player).read()).isEqualTo(player);
            }
        }
    }

    @Test
    void an_instrument_of_a_studio_comes_with_all_that_is_known_of_it() {
        PlayerDocument document =
                new PlayerDocument(OWN, "C4-F5", false, SixAccidentals.values()[0], new BigDecimal("415"), null);
        Player read = document.read();
        assertThat(InstrumentPart.of(read.instrument())).isEqualTo(OWN);
        assertThat(read.reference().a4()).isEqualTo(415);
    }

    @ParameterizedTest
    @CsvSource({"sounds", "firstOctave", "comfortable", "full"})
    void what_cannot_be_read_is_refused_by_its_field(String field) {
        InstrumentPart part = new InstrumentPart(
                OWN.id(),
                OWN.name(),
                OWN.family(),
                field.equals("sounds") ? "H" : OWN.sounds(),
                OWN.clefs(),
                field.equals("firstOctave") ? "low" : OWN.firstOctave(),
                field.equals("comfortable") ? "low" : OWN.comfortable(),
                field.equals("full") ? "low" : OWN.full(),
                null);
        assertThat(catchThrowableOfType(Refusal.class, part::read).field()).isEqualTo(field);
    }
}
