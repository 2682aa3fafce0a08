package pebblestep.core.scale;

import java.util.List;
import pebblestep.core.Refusal;

/**
 * A kind of scale: its degrees going up and coming down, lowest first in both, and how far its signature lies from that
 * of the major key on the same tonic.
 *
 * @param id the name in step documents, in kebab case
 * @param name the name in words, for a sentence
 * @param ascending degrees played going up
 * @param descending degrees played coming down, lowest first, as many as going up
 * @param signatureFifths fifths from the signature of the major key on the same tonic: 0 for major, -3 for minor
 */
public record Form(String id, String name, List<Degree> ascending, List<Degree> descending, int signatureFifths) {
    /** Refuses forms without notes, and forms whose two directions differ in size. */
    public Form {
        ascending = List.copyOf(ascending);
        descending = List.copyOf(descending);
        if (ascending.isEmpty() || ascending.size() != descending.size()) {
            throw Refusal.of("A form has the same number of notes going up and coming down, and at least one.");
        }
    }

    /** Number of notes in an octave. */
    public int size() {
        return ascending.size();
    }

    /** The degrees in that direction, lowest first. */
    public List<Degree> degrees(Direction direction) {
        return direction == Direction.UP ? ascending : descending;
    }

    /** Whether the notes coming down are those going up. */
    public boolean sameBothWays() {
        return ascending.equals(descending);
    }

    /** The id. */
    @Override
    public String toString() {
        return id;
    }
}
