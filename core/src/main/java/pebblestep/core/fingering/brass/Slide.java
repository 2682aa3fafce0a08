package pebblestep.core.fingering.brass;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.CostTable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.pitch.Pitch;

/**
 * A slide: each position beyond the first lowers a partial by a semitone. With a trigger the tube is a fourth longer, and its
 * positions are six; with both triggers of a bass trombone it is longer by a minor sixth, and they are five.
 *
 * @param fundamental the first partial in first position, as the player reads it
 * @param triggers how many valves there are beside the slide, none to two
 */
public record Slide(Pitch fundamental, int triggers) implements Hand {
    /** By number of triggers: how many semitones lower the tube is, and how many positions it has. */
    private static final int[] LOWERS = {0, 5, 8};

    private static final int[] POSITIONS = {7, 6, 5};
    private static final int SEVENTH = 7;
    private static final int HIGHEST = 12;
    private static final int FAR = 5;

    /** Costs of the arm at a slide; common practice, no source. */
    private static final CostTable COSTS = new CostTable(
            """
            other;    500; not the usual position
            trigger;  250; a trigger
            pedal;    600; the first partial, the pedal note
            raised;   500; the seventh partial is flat, and the position raised
            far;      150; the arm is far out
            distance; 120; the slide moves by a position
            turn;     250; the slide turns back
            valve;    120; the trigger changes
            """);

    @Override
    public Family family() {
        return Family.SLIDE;
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return EnumSet.of(PlayersHand.Trait.TRIGGERS);
    }

    @Override
    public Hand of(PlayersHand player) {
        return player.triggers().isPresent()
                ? new Slide(fundamental, player.triggers().getAsInt())
                : this;
    }

    private record Fit(int partial, int position, int triggers) {}

    @Override
    public List<Way> ways(Pitch written) {
        List<Fit> fits = new ArrayList<>();
        for (int partial = 1; partial <= HIGHEST; partial++) {
            if (partial == HIGHEST - 1) continue;
            int lowered = fundamental.midi() + Partials.semitones(partial) - written.midi();
            // In first position nothing is left by which a flat partial could be raised.
            int first = partial == SEVENTH ? 1 : 0;
            for (int down = 0; down <= triggers; down++) {
                int position = lowered - LOWERS[down];
                if (position >= first && position < POSITIONS[down]) fits.add(new Fit(partial, position + 1, down));
            }
        }
        fits.sort(Comparator.comparing((Fit fit) -> fit.partial == SEVENTH)
                .thenComparing(fit -> fit.partial == 1)
                .thenComparing(Fit::triggers)
                .thenComparing(Fit::position));
        List<Way> ways = new ArrayList<>();
        for (Fit fit : fits) ways.add(way(fit, ways.isEmpty()));
        return ways;
    }

    private static Way way(Fit fit, boolean plainest) {
        boolean raised = fit.partial == SEVENTH;
        String text = "T".repeat(fit.triggers) + fit.position + (raised ? "+" : "");
        List<Cost> costs = new ArrayList<>();
        if (!plainest) costs.add(COSTS.cost("other"));
        if (fit.triggers > 0)
            costs.add(COSTS.cost("trigger", fit.triggers, fit.triggers == 1 ? "the trigger" : "both triggers"));
        if (fit.partial == 1) costs.add(COSTS.cost("pedal"));
        if (raised) costs.add(COSTS.cost("raised"));
        if (fit.position > FAR) costs.add(COSTS.cost("far"));
        return new Way(
                "p" + fit.partial + "-" + text.replace("+", ""),
                text,
                new Shape.Slid(fit.position, raised, fit.partial, fit.triggers),
                // The player tunes by the slide; only what first position cannot give stays.
                fit.position == 1 ? Partials.off(fit.partial) : 0,
                costs);
    }

    private static int by(Way from, Way to) {
        return ((Shape.Slid) to.shape()).position() - ((Shape.Slid) from.shape()).position();
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        int by = by(from, to);
        Shape.Slid one = (Shape.Slid) from.shape();
        Shape.Slid other = (Shape.Slid) to.shape();
        if (by != 0)
            sink.add(COSTS, "distance", Math.abs(by), () -> "slide " + one.position() + " to " + other.position());
        int went = before == null ? 0 : by(before, from);
        if (by > 0 && went < 0 || by < 0 && went > 0) sink.add(COSTS, "turn");
        if (one.triggers() != other.triggers()) sink.add(COSTS, "valve");
    }

    @Override
    public boolean looksBack() {
        return true;
    }
}
