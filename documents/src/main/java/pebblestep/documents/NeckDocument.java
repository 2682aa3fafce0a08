package pebblestep.documents;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.frets.Fretboard;

/**
 * A neck, as it is drawn.
 *
 * @param strings the open strings as they are called, the first one first
 * @param frets how many frets there are; 0 where there are none
 * @param halfSteps how far each half step lies from the nut, as a share of the string
 */
public record NeckDocument(List<String> strings, int frets, List<Double> halfSteps) {
    private static final int DRAWN = 36;

    /** The same on every neck: where a half step lies is a share of the string. */
    private static final List<Double> HALF_STEPS = IntStream.rangeClosed(0, DRAWN)
            .mapToObj(up -> Rounded.fine(Fretboard.share(up)))
            .toList();

    /** The neck of a hand; nothing where it has none. */
    public static @Nullable NeckDocument of(Hand hand) {
        if (hand.strings().isEmpty()) return null;
        return new NeckDocument(hand.strings(), hand.frets(), HALF_STEPS);
    }
}
