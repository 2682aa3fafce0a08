package pebblestep.app.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import pebblestep.app.bench.RoutineViews.ShapePart;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.exchange.ClimbDocuments;
import pebblestep.exchange.StepDocuments;
import tools.jackson.databind.JsonNode;

/** Reads steps with their climbs as they are sent, and says their shape. */
public final class Ascents {
    private static final int SECONDS = 60;

    private Ascents() {}

    /** A step and its climb from the fields {@code document} and {@code climb}; refuses what cannot be played. */
    public static Ascent read(JsonNode document, JsonNode climb) {
        Step step = under("document", () -> {
            Step read = StepDocuments.read(document);
            Passage.of(read);
            return read;
        });
        return climbOf(step, climb);
    }

    /** A step with a climb from the field {@code climb}. */
    public static Ascent climbOf(Step step, JsonNode climb) {
        return under("climb", () -> Ascent.of(step, ClimbDocuments.read(climb)));
    }

    /** The whole climb ahead, for nobody in particular; refuses rungs that cannot be played. */
    public static Outlook outlook(Ascent ascent) {
        return under("climb", () -> Outlook.of(ascent, ascent.climb().first(), Optional.empty()));
    }

    /** A rung of a climb from a list of indices; the first without one. */
    public static Position position(Climb climb, List<Integer> rungs) {
        if (rungs == null) return climb.first();
        Position position = new Position(rungs);
        climb.require(position);
        return position;
    }

    /** What the first rung takes on a day, in seconds, rounded up. */
    static int seconds(Outlook outlook) {
        return (int) Math.ceil(outlook.rungs().get(0).load().total().toMillis() / 1000.0);
    }

    /** The shape of a step. */
    static ShapePart shape(String title, Ascent ascent) {
        List<Position> first = List.of(ascent.climb().first());
        return new ShapePart(
                title,
                ascent.step().key().toString(),
                ascent.walk().size(),
                seconds(Outlook.of(ascent, first, Optional.empty())));
    }

    /** What a shape takes on a day, in minutes, rounded up. */
    static int minutes(List<ShapePart> shape) {
        int seconds = shape.stream().mapToInt(ShapePart::seconds).sum();
        return (seconds + SECONDS - 1) / SECONDS;
    }

    private static <T> T under(String field, Supplier<T> read) {
        try {
            return read.get();
        } catch (Refusal e) {
            throw e.under(field);
        }
    }
}
