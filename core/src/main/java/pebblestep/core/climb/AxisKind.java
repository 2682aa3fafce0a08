package pebblestep.core.climb;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import pebblestep.core.Identified;

/** What grows along an axis. */
public enum AxisKind implements Identified {
    TEMPO("tempo", "faster", 8, 8),
    VALUE("note values", "shorter values", 3, 1),
    SPAN("span", "a wider span", 2, 3),
    PLACE("place", "another place", 4, 4),
    ARTICULATION("slurs", "other slurs", 5, 5),
    LINE("line", "another line", 1, 2),
    HANDS("hands", "the other hand, then both", 6, 6),
    WALK("walk", "more keys", 7, 7),
    HAND("position and school", "another way for the hand to go", 9, 9);

    private static final List<AxisKind> AS_CHANGED = sorted(Comparator.comparing(kind -> kind.changed));
    private static final List<AxisKind> AS_SAID = sorted(Comparator.comparing(kind -> kind.said));

    private final String words;
    private final String further;
    private final int changed;
    private final int said;

    /**
     * A kind of axis.
     *
     * @param changed its place in the order in which a step is changed: the line before how far it goes, the figure before
     *     where it starts
     * @param said its place in the order in which a rung is said
     */
    AxisKind(String words, String further, int changed, int said) {
        this.words = words;
        this.further = further;
        this.changed = changed;
        this.said = said;
    }

    private static List<AxisKind> sorted(Comparator<AxisKind> order) {
        return Arrays.stream(values()).sorted(order).toList();
    }

    /** Every kind, in the order in which a step is changed. */
    static List<AxisKind> asChanged() {
        return AS_CHANGED;
    }

    /** Every kind, in the order in which a rung is said. */
    static List<AxisKind> asSaid() {
        return AS_SAID;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What going further along it means: {@code shorter values}, {@code a wider span}. */
    public String further() {
        return further;
    }
}
