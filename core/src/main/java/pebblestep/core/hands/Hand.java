package pebblestep.core.hands;

import java.util.List;
import java.util.Optional;
import java.util.Set;
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

    /** The ways to play a note of the line that the hand goes {@link #along}: those that are left of all ways of its pitch. */
    default List<Way> ways(Onset onset) {
        return ways(onset.written());
    }

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

    /** The schools between which a teacher can choose, the usual one first; none where there is one way to go about. */
    default List<School> schools() {
        return List.of();
    }

    /** The school that it follows; empty where there is one way to go about. */
    default Optional<School> school() {
        return Optional.empty();
    }

    /** This hand as a school has it; itself for a school that it does not know. */
    default Hand inSchool(String id) {
        return this;
    }

    /** Why a line cannot be played as its school goes about, in a sentence; empty where it can. */
    default Optional<String> misfit(List<Onset> line) {
        return Optional.empty();
    }

    /** Where it can be asked to stay, as positions are called, the lowest first; none where hands have no positions. */
    default List<String> positions() {
        return List.of();
    }

    /** This hand, staying in a position as far as it can; itself for a position that it does not know. */
    default Hand inPosition(String name) {
        return this;
    }

    /** The open strings as they are called, the first string first; none where there are no strings. */
    default List<String> strings() {
        return List.of();
    }

    /** How many frets there are; 0 where there are none. */
    default int frets() {
        return 0;
    }

    /** This hand as a player has it: what they can and what they want. */
    default Hand of(PlayersHand player) {
        return this;
    }

    /**
     * This hand as somebody has it who plays no higher than a note: it learns no position that their notes do not need. Itself where
     * that makes no difference.
     */
    default Hand upTo(Pitch highest) {
        return this;
    }

    /** What is to be asked of a player of it. */
    default Set<PlayersHand.Trait> traits() {
        return Set.of();
    }

    /** The hand as it goes about one line, where it settles something for all of it beforehand. */
    default Hand along(List<Onset> line) {
        return this;
    }
}
