package pebblestep.core.fingering;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;

/**
 * What a player's hand can, and how they like it; what is not said is as usual for the instrument.
 *
 * @param highest the highest position that they take, as positions are called: {@code I}
 * @param horn which tubes a horn has
 * @param change the written pitch from which a double horn is on its B♭ side
 * @param valves how many valves there are, 3 or 4
 * @param compensating whether what valves lack together is made up by the instrument
 * @param triggers how many triggers a trombone has, 0 to 2
 * @param strings a tuning of their own: open strings as they are read, the first string first
 * @param capo the fret at which a capo lies; 0 for none
 * @param size how large the hand is
 * @param school how they go about, by the id of a {@link School}
 * @param leftHanded whether their instrument is strung the other way round
 * @param usual what their studio takes for the usual ways on their instrument
 */
public record PlayersHand(
        Optional<String> highest,
        Optional<Horn> horn,
        Optional<Pitch> change,
        OptionalInt valves,
        boolean compensating,
        OptionalInt triggers,
        List<Pitch> strings,
        int capo,
        Size size,
        Optional<String> school,
        boolean leftHanded,
        List<UsualWay> usual) {
    /** A hand of which nothing is said. */
    public static final PlayersHand USUAL = new PlayersHand(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            OptionalInt.empty(),
            false,
            OptionalInt.empty(),
            List.of(),
            0,
            Size.USUAL,
            Optional.empty(),
            false);

    /** Usual ways that a studio can have of its own on one instrument. */
    public static final int MOST_USUAL = 60;

    private static final int MOST_STRINGS = 8;
    private static final int FEWEST_STRINGS = 3;
    private static final int MOST_CAPO = 9;
    private static final int LONGEST_NAME = 40;

    /** What can be said of a player's hand. */
    public enum Trait implements Identified {
        HIGHEST,
        HORN,
        CHANGE,
        VALVES,
        COMPENSATING,
        TRIGGERS,
        STRINGS,
        CAPO,
        SIZE,
        SCHOOL,
        LEFT_HANDED
    }

    /** Which tubes a horn has. */
    public enum Horn implements Identified {
        DOUBLE,
        F,
        B_FLAT
    }

    /** How large a hand is. */
    public enum Size implements Identified {
        USUAL,
        SMALL
    }

    /** A hand whose studio has no usual ways of its own. */
    public PlayersHand(
            Optional<String> highest,
            Optional<Horn> horn,
            Optional<Pitch> change,
            OptionalInt valves,
            boolean compensating,
            OptionalInt triggers,
            List<Pitch> strings,
            int capo,
            Size size,
            Optional<String> school,
            boolean leftHanded) {
        this(highest, horn, change, valves, compensating, triggers, strings, capo, size, school, leftHanded, List.of());
    }

    /** The same hand in a studio that takes these ways for the usual ones. */
    public PlayersHand withUsual(List<UsualWay> ways) {
        return new PlayersHand(
                highest, horn, change, valves, compensating, triggers, strings, capo, size, school, leftHanded, ways);
    }

    /** Refuses other than 3 or 4 valves, over two triggers, 3 to 8 strings and a capo beyond the ninth fret. */
    public PlayersHand {
        strings = List.copyOf(strings);
        usual = List.copyOf(usual);
        if (usual.size() > MOST_USUAL) {
            throw Refusal.of("usual", "A studio changes at most " + MOST_USUAL + " fingerings of an instrument.");
        }
        if (valves.isPresent() && valves.getAsInt() != 3 && valves.getAsInt() != 4) {
            throw Refusal.of("valves", "There are 3 or 4 valves.");
        }
        if (triggers.orElse(0) < 0 || triggers.orElse(0) > 2) {
            throw Refusal.of("triggers", "A trombone has no trigger, one or two.");
        }
        if (!strings.isEmpty() && (strings.size() < FEWEST_STRINGS || strings.size() > MOST_STRINGS)) {
            throw Refusal.of("strings", "A neck has " + FEWEST_STRINGS + " to " + MOST_STRINGS + " strings.")
                    .fits("Give them from the first on: E5 B4 G4 D4 A3 D3.");
        }
        if (highest.orElse("").length() > LONGEST_NAME || school.orElse("").length() > LONGEST_NAME) {
            throw Refusal.of(
                    "highest", "Positions and schools have short names, of at most " + LONGEST_NAME + " letters.");
        }
        if (capo < 0 || capo > MOST_CAPO) {
            throw Refusal.of("capo", "A capo lies at fret 1 to " + MOST_CAPO + ", or there is none.");
        }
    }
}
