package pebblestep.core.hands;

import java.util.List;
import pebblestep.core.Identified;
import pebblestep.core.pitch.Pitch;

/** What a hand can do on an instrument: the ways of a note, and the moves between them. */
public interface Hand {
    /** Which kind of hand. */
    enum Family implements Identified {
        VALVES,
        SLIDE,
        BOWED,
        FRETS,
        KEYS,
        HOLES,
        MALLETS
    }

    /** Which kind of hand it is. */
    Family family();

    /** The ways to play a written pitch, the plainest first; none where it cannot be played. */
    List<Way> ways(Pitch written);

    /**
     * What it costs to get from one way to the next, at five notes a second; nothing where nothing moves.
     *
     * @param slurred whether the notes are joined
     * @param memory what {@link #memory} has said of the moves before
     */
    List<Toll> move(Way from, Way to, boolean slurred, int memory);

    /** The hand as it goes about one line, where it settles something for all of it beforehand. */
    default Hand along(List<Onset> line) {
        return this;
    }

    /** How many things there are that a hand remembers of its moves; it begins with the first. */
    default int memories() {
        return 1;
    }

    /** What is remembered after a move, from 0. */
    default int memory(Way from, Way to, int before) {
        return 0;
    }
}
