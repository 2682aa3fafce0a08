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
    /** The same over the notes of a voice that is played alone. */
    Station over(List<Integer> begins, List<PassageNote> notes) {
        int first = begins.get(index);
        int last = (index + 1 < begins.size() ? begins.get(index + 1) : notes.size()) - 1;
        PassageNote end = notes.get(last);
        return new Station(
                index,
                writtenKey,
                concertKey,
                writtenChord,
                concertChord,
                first,
                last,
                this.begins,
                notes.get(first).at(),
                end.at().plus(end.value()),
                joined);
    }
}
