package pebblestep.core.fingering;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;
import pebblestep.core.pitch.Pitch;

/** How one family of instruments is fingered: the ways to play a note, and what the moves between them cost. */
public interface Hand {
    /** The families of instruments that are fingered. */
    enum Family implements Identified {
        VALVES,
        SLIDE,
        BOWED,
        FRETS,
        KEYS,
        HOLES,
        MALLETS
    }

    /** The family of this hand. */
    Family family();

    /** The ways to play a written pitch, the plainest first; none where it cannot be played. */
    List<Way> ways(Pitch written);

    /** The ways to play a note of a line. A hand that was prepared for the line by {@link #along} may leave some of them out. */
    default List<Way> ways(NoteToPlay onset) {
        return ways(onset.written());
    }

    /**
     * Reports what it costs to get from one way to the next, at five notes a second. A move that moves nothing costs nothing.
     *
     * @param before the way before both; null at the first move, and for a hand that does not {@link #looksBack look back}
     * @param onset the note that is left; it says whether it is slurred to the next
     */
    void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink);

    /** Whether the cost of a move depends on the way before it. */
    default boolean looksBack() {
        return false;
    }

    /** The fingering styles that a teacher can choose from, the usual one first; empty where there is only one. */
    default List<School> schools() {
        return List.of();
    }

    /** The fingering style in use; empty where there is only one. */
    default Optional<School> school() {
        return Optional.empty();
    }

    /** This hand with another fingering style; unchanged for a style that it does not know. */
    default Hand inSchool(String id) {
        return this;
    }

    /** Why the fingering style does not work for a line, in a sentence; empty where it does. */
    default Optional<String> misfit(List<NoteToPlay> line) {
        return Optional.empty();
    }

    /** The names of the positions that can be asked for, the lowest first; empty where there are none. */
    default List<String> positions() {
        return List.of();
    }

    /** This hand, staying in a position where possible; unchanged for a position that it does not know. */
    default Hand inPosition(String name) {
        return this;
    }

    /** The names of the open strings, the first string first; empty where there are no strings. */
    default List<String> strings() {
        return List.of();
    }

    /** The number of frets; 0 where there are none. */
    default int frets() {
        return 0;
    }

    /** This hand with a player's abilities and preferences. */
    default Hand of(PlayersHand player) {
        return this;
    }

    /**
     * This hand for a player whose range ends at a note: positions that the range does not need are left out. Unchanged where that makes
     * no difference.
     */
    default Hand upTo(Pitch highest) {
        return this;
    }

    /** The questions about a player that matter for this hand. */
    default Set<PlayersHand.Trait> traits() {
        return Set.of();
    }

    /** This hand prepared for one line, where it decides something for the whole line first; unchanged otherwise. */
    default Hand along(List<NoteToPlay> line) {
        return this;
    }
}
