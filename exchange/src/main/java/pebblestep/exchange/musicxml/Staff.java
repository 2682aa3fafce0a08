package pebblestep.exchange.musicxml;

import java.util.List;
import java.util.Optional;
import pebblestep.core.fingering.Way;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.PassageNote;

/**
 * One staff of a part: what is written on it, and the words under its notes.
 *
 * @param score its bars
 * @param mode the mode of its signature by the standard's name
 * @param words for each line of words, the word of each note of the line; none for further voices
 * @param hand the way in which each note of the line is played; none where that is not wanted or not known
 */
record Staff(Score score, Optional<String> mode, List<List<String>> words, List<Way> hand) {
    /** What a part of a score has on its staves, from the top. */
    record Slot(String name, Optional<pebblestep.core.instrument.Instrument> instrument, List<Staff> staves) {}

    static List<String> degrees(List<PassageNote> notes) {
        return notes.stream().map(note -> note.degree().toString()).toList();
    }
}
