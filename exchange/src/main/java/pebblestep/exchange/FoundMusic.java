package pebblestep.exchange;

import java.util.List;
import pebblestep.core.melody.Melody;

/**
 * What a file of music has, as far as a line can have it.
 *
 * @param parts the parts by name, in order
 * @param voices how many voices the part has that was read
 * @param part which part was read, from 0
 * @param voice which of its voices, from 0
 * @param melody what was read, in concert pitch
 * @param left what could not be kept, each in a sentence with its measures
 */
public record FoundMusic(List<String> parts, int voices, int part, int voice, Melody melody, List<String> left) {
    public FoundMusic {
        parts = List.copyOf(parts);
        left = List.copyOf(left);
    }
}
