package pebblestep.core.passage;

import java.util.List;
import java.util.Optional;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Key;

/**
 * A stretch of a passage in one key of its walk.
 *
 * @param index from 0
 * @param writtenKey the key on paper
 * @param concertKey the key that sounds
 * @param writtenChord its chord on paper; empty for forms that have none
 * @param concertChord its chord as it sounds
 * @param from its first note among those of the line, from 0
 * @param to its last note
 * @param begins where its bars begin, and with them its chord and signature; where it follows on a beat or at once, its line
 * @param at where its first note stands
 * @param end where its last note ends
 * @param joined whether the note before its first is also its own first: struck once for both keys
 */
public record Station(
        int index,
        Key writtenKey,
        Key concertKey,
        Optional<ChordSymbol> writtenChord,
        Optional<ChordSymbol> concertChord,
        int from,
        int to,
        Fraction begins,
        Fraction at,
        Fraction end,
        boolean joined) {
    /** The same for a further voice: over its notes, in the key and under the chord that its player reads. */
    Station of(Part part) {
        List<PassageNote> notes = part.notes();
        int first = part.begins().get(index);
        int last = (index + 1 < part.begins().size() ? part.begins().get(index + 1) : notes.size()) - 1;
        PassageNote end = notes.get(last);
        Key key = part.writtenKeys().get(index);
        return new Station(
                index,
                key,
                concertKey,
                concertChord.map(chord -> ChordSymbol.of(key.tonic(), chord.quality())),
                concertChord,
                first,
                last,
                begins,
                notes.get(first).at(),
                end.at().plus(end.value()),
                joined);
    }
}
