package pebblestep.core.passage;

import java.util.List;
import java.util.Optional;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.Voice;

/**
 * A further voice of a passage, note by note.
 *
 * @param index its place among the voices, from 0
 * @param voice how it is derived
 * @param player who reads it, where that is known
 * @param octaves octaves by which a partner's part was moved so that it lies in their range
 * @param writtenKeys the keys on paper as its player reads them, one for each key of a walk
 * @param begins its first note in each key of a walk; 0 alone for one that does not walk
 * @param notes in playing order, never empty; written as its player reads them
 */
public record Part(
        int index,
        Voice voice,
        Optional<Player> player,
        int octaves,
        List<Key> writtenKeys,
        List<Integer> begins,
        List<PassageNote> notes) {
    public Part {
        begins = List.copyOf(begins);
        writtenKeys = List.copyOf(writtenKeys);
        notes = List.copyOf(notes);
    }

    /** Where its last note ends. */
    public Fraction end() {
        PassageNote last = notes.get(notes.size() - 1);
        return last.at().plus(last.value());
    }

    /** Who plays it, in words: {@code the left hand}, {@code a partner on the bassoon}. */
    public String who() {
        return voice.by().words()
                + player.filter(one -> voice.instrument().isPresent())
                        .map(one -> ", " + one.instrument().name())
                        .orElse("");
    }
}
