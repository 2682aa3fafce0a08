package pebblestep.documents.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.bench.ReadingsAsked.ReaderPart;
import pebblestep.documents.bench.ReadingsAsked.ReadingView;

class ReadingsAskedTest {
    private static ReaderPart reader(long id, String instrument) {
        return new ReaderPart(id, PlayerDocument.of(Player.of(Instruments.of(instrument))));
    }

    private static List<ReadingView> readings(ReaderPart... readers) {
        return new ReadingsAsked(StepDocuments.write(Steps.PLAIN), List.of(readers), null)
                .answer()
                .readings();
    }

    @Test
    void those_who_read_the_same_notes_on_the_same_instrument_read_together() {
        List<ReadingView> readings =
                readings(reader(7, "oboe"), reader(3, "english-horn"), reader(9, "oboe"), reader(4, "english-horn"));
        assertThat(readings).extracting(ReadingView::readsWith).containsExactly(7L, 3L, 7L, 3L);
    }

    /** The same instrument in another octave is another staff. */
    @Test
    void whoever_has_it_an_octave_higher_reads_alone() {
        Step octave = Steps.step("C", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        Player high = Player.of(Instruments.of("oboe")).within(PitchRange.parse("Bb4-D6"));
        List<ReadingView> readings = new ReadingsAsked(
                        StepDocuments.write(octave),
                        List.of(reader(1, "oboe"), new ReaderPart(2, PlayerDocument.of(high)), reader(3, "oboe")),
                        null)
                .answer()
                .readings();
        assertThat(readings).extracting(ReadingView::lowest).containsExactly("C4", "C5", "C4");
        assertThat(readings).extracting(ReadingView::readsWith).containsExactly(1L, 2L, 1L);
    }

    /** Common practice, no source: F sharp on a violin's D string is a high 2; a guitar in open position takes the open strings. */
    @Test
    void each_player_has_the_fingers_of_their_instrument() {
        Step g = Steps.step("G", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        Player guitar = Player.of(Instruments.of("classical-guitar"));
        Player other = guitar.withHand(inOpenPosition());
        List<ReaderPart> readers = List.of(
                reader(1, "violin"),
                new ReaderPart(2, PlayerDocument.of(guitar)),
                new ReaderPart(3, PlayerDocument.of(other)),
                reader(4, "soprano-voice"));
        List<ReadingView> readings = new ReadingsAsked(StepDocuments.write(g), readers, true)
                .answer()
                .readings();
        assertThat(readings.get(0).fingering())
                .extracting(ReadingsAsked.FingeredNote::text)
                .hasSize(8)
                .contains("2");
        assertThat(readings.get(1).readsWith()).isEqualTo(2);
        assertThat(readings.get(2).readsWith())
                .as("the same notes, other fingers")
                .isEqualTo(3);
        assertThat(readings.get(3).fingering()).isNull();
        assertThat(readings(readers.get(1), readers.get(2)))
                .as("without fingers they share a sheet")
                .extracting(ReadingView::readsWith)
                .containsExactly(2L, 2L);
        assertThat(readings(readers.get(0)).getFirst().fingering()).isNull();
    }

    private static PlayersHand inOpenPosition() {
        return new PlayersHand(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                false,
                OptionalInt.empty(),
                List.of(),
                0,
                PlayersHand.Size.USUAL,
                Optional.of("open-position"),
                false);
    }
}
