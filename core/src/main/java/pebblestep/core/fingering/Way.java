package pebblestep.core.fingering;

import java.util.List;

/**
 * One way to play a note.
 *
 * @param id a name that stays: {@code p3-13}
 * @param text what stands at the note: {@code 1-3}
 * @param shape its picture as data
 * @param cents how far the physics of it lies from equal temperament; 0 where the player makes the pitch
 * @param costs what it costs by itself, however quickly it is played
 */
public record Way(String id, String text, Shape shape, double cents, List<Cost> costs) {
    public Way {
        costs = List.copyOf(costs);
    }

    /** What it costs by itself, in thousandths. */
    public int cost() {
        int cost = 0;
        for (Cost one : costs) cost += one.thousandths();
        return cost;
    }

    /** The same at other costs. */
    public Way costing(List<Cost> other) {
        return new Way(id, text, shape, cents, other);
    }
}
