package pebblestep.exchange;

import java.util.List;
import pebblestep.core.fingering.Marking;
import pebblestep.core.melody.Melody;
import pebblestep.core.pitch.Pitch;

/**
 * What a file of music has, as far as a line can have it.
 *
 * @param parts the parts by name, in order
 * @param voices how many voices the part has that was read
 * @param part which part was read, from 0
 * @param voice which of its voices, from 0
 * @param melody what was read, in concert pitch
 * @param left what could not be kept, each in a sentence with its measures
 * @param marked the fingerings that stand at its notes
 */
public record FoundMusic(
        List<String> parts, int voices, int part, int voice, Melody melody, List<String> left, List<Marked> marked) {
    public FoundMusic {
        parts = List.copyOf(parts);
        left = List.copyOf(left);
        marked = List.copyOf(marked);
    }

    /** A fingering at a note of the melody, by its index and its pitch as it is written there. */
    public record Marked(int note, Pitch written, Marking marking) {}
}
