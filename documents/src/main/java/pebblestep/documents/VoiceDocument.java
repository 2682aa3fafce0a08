package pebblestep.documents;

import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.PartWords;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.voice.By;
import pebblestep.documents.PassageDocument.NotePart;
import pebblestep.documents.PassageDocument.Reader;

/**
 * A further voice of a passage as JSON.
 *
 * @param by who plays it
 * @param said what it is, in words: {@code a third below}
 * @param who who plays it, in words
 * @param instrument the name of a partner's instrument
 * @param octaves octaves by which a partner's part was moved into their range
 * @param notes in playing order, written as its player reads them
 * @param landing where it lands
 */
public record VoiceDocument(
        By by,
        String said,
        String who,
        @Nullable String instrument,
        int octaves,
        List<NotePart> notes,
        LandedPart landing) {

    static List<VoiceDocument> of(Passage passage, Reader reader) {
        return passage.parts().stream().map(part -> of(part, passage, reader)).toList();
    }

    private static VoiceDocument of(Part part, Passage passage, Reader reader) {
        return new VoiceDocument(
                part.voice().by(),
                PartWords.of(part, passage, reader.speech()),
                part.who(),
                part.voice().instrument().isEmpty()
                        ? null
                        : part.player()
                                .map(player -> player.instrument().name())
                                .orElse(null),
                part.octaves(),
                part.notes().stream()
                        .map(note -> PassageDocument.part(note, passage, reader))
                        .toList(),
                LandedPart.of(
                        Landing.of(part, passage.step()),
                        reader.speech(),
                        part.voice().by().words()));
    }
}
