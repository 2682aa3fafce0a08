package pebblestep.core.hands;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.pitch.Pitch;

/**
 * Two mallets in turn. Where they double is a matter of distance: a hand that strikes twice has to travel, and hands that cross
 * get into each other's way.
 *
 * @param leftFirst whether the left hand begins where it is all the same
 */
public record Mallets(boolean leftFirst) implements Hand {
    private static final int CLOSE = 2;

    /** Costs of two mallets; common practice, no source. */
    private static final Weights COSTS = new Weights(
            """
            double;  200; one hand strikes twice
            travel;   40; and travels, by a semitone
            cross;    60; the hands cross, by a semitone
            """);

    @Override
    public Family family() {
        return Family.MALLETS;
    }

    @Override
    public List<Way> ways(Pitch written) {
        Way right = way("R", written.midi());
        Way left = way("L", written.midi());
        return leftFirst ? List.of(left, right) : List.of(right, left);
    }

    private static Way way(String hand, int midi) {
        return new Way(hand, hand, new Shape.Struck(hand.equals("R"), midi), 0, List.of());
    }

    @Override
    public List<Toll> move(@Nullable Way before, Way from, Way to, Onset onset) {
        Shape.Struck one = (Shape.Struck) from.shape();
        Shape.Struck other = (Shape.Struck) to.shape();
        int up = other.midi() - one.midi();
        List<Toll> tolls = new ArrayList<>();
        if (one.right() == other.right()) {
            tolls.add(COSTS.toll("double"));
            if (up != 0) tolls.add(COSTS.toll("travel", Math.abs(up), "travels " + Math.abs(up) + " semitones"));
            return tolls;
        }
        int crossed = (other.right() ? -up : up) - CLOSE;
        if (crossed > 0) tolls.add(COSTS.toll("cross", crossed, "the hands cross"));
        return tolls;
    }
}
