package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.practice.Slipped;
import pebblestep.documents.SlippedDocument;

class SlippedDocumentTest {

    @Test
    void what_slipped_survives_a_column() {
        Slipped slipped =
                new Slipped(List.of(SlipKind.RHYTHM, SlipKind.TONE), List.of(new Slipped.Note(4, Pitch.parse("Gb4"))));
        String text = SlippedJson.text(slipped);
        assertThat(text)
                .isEqualTo("""
                {"kinds":["rhythm","tone"],"notes":[{"index":4,"pitch":"Gb4"}]}""");
        assertThat(SlippedJson.parse(text)).isEqualTo(slipped);
        assertThat(SlippedJson.parse("{}")).isEqualTo(Slipped.NOTHING);
    }

    @Test
    void what_cannot_be_is_refused_with_what_fits() {
        assertThatThrownBy(() -> SlippedJson.parse("{\"kinds\":[\"mood\"]}")).hasMessageContaining("mood");
        assertThatThrownBy(() ->
                        new SlippedDocument(null, List.of(new SlippedDocument.SlippedNote(0, "H4", null, null))).read())
                .hasMessageContaining("A to G");
        assertThatThrownBy(
                        () -> new SlippedDocument(null, List.of(new SlippedDocument.SlippedNote(-1, "C4", null, null)))
                                .read())
                .hasMessageContaining("counted from 0");
    }
}
