package pebblestep.core.hands;

import java.util.List;
import org.jspecify.annotations.Nullable;
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
     * Tells what it costs to get from one way to the next, at five notes a second; nothing where nothing moves.
     *
     * @param before the way before both, for a hand that {@link #looksBack looks back}; absent at the first move
     * @param onset the note that is left: whether it is joined to the next
     */
    void move(@Nullable Way before, Way from, Way to, Onset onset, Tally tally);

    /** Whether a move costs more or less for what was played before it. */
    default boolean looksBack() {
        return false;
    }

    /** The hand as it goes about one line, where it settles something for all of it beforehand. */
    default Hand along(List<Onset> line) {
        return this;
    }
}
