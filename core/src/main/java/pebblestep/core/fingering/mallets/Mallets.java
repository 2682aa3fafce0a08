package pebblestep.core.fingering.mallets;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.CostTable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.pitch.Pitch;

/**
 * Two mallets in turn. Where they double is a matter of distance: a hand that strikes twice has to travel, and hands that cross
 * get into each other's way.
 *
 * @param leftFirst whether the left hand begins where it is all the same
 */
public record Mallets(boolean leftFirst) implements Hand {
    /** Which hand begins. */
    public enum Start implements School {
        RIGHT("right hand first"),
        LEFT("left hand first");

        private final String words;

        Start(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    private static final int CLOSE = 2;

    /** Costs of two mallets; common practice, no source. */
    private static final CostTable COSTS = new CostTable(
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
    public List<School> schools() {
        return List.of(Start.values());
    }

    @Override
    public Optional<School> school() {
        return Optional.of(leftFirst ? Start.LEFT : Start.RIGHT);
    }

    @Override
    public Hand inSchool(String id) {
        return School.isAmong(Start.values(), id) ? new Mallets(id.equals(Start.LEFT.id())) : this;
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return EnumSet.of(PlayersHand.Trait.SCHOOL);
    }

    @Override
    public Hand of(PlayersHand player) {
        return player.school().map(this::inSchool).orElse(this);
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
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        Shape.Struck one = (Shape.Struck) from.shape();
        Shape.Struck other = (Shape.Struck) to.shape();
        int up = other.midi() - one.midi();
        if (one.right() == other.right()) {
            sink.add(COSTS, "double");
            if (up != 0) sink.add(COSTS, "travel", Math.abs(up), () -> "travels " + Math.abs(up) + " semitones");
            return;
        }
        int crossed = (other.right() ? -up : up) - CLOSE;
        if (crossed > 0) sink.add(COSTS, "cross", crossed, () -> "the hands cross");
    }
}
