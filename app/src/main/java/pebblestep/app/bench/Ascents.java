package pebblestep.app.bench;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;


import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.app.bench.RoutineViews.ShapePart;
import pebblestep.app.platform.Fields;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Outlook.Ahead;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Speech;
import tools.jackson.databind.JsonNode;

/** Reads steps with their climbs as they are sent, and says their shape. */
public final class Ascents {
    private static final int SECONDS = 60;
    private static final int MOST_SHOWN = 24;

    private Ascents() {}

    /** A step and its climb from the fields {@code document} and {@code climb}; refuses what cannot be played. */
    public static Ascent read(JsonNode document, JsonNode climb) {
        Step step = Fields.under("document", () -> {
            Step read = StepJson.read(document);
            Passage.of(read);
            return read;
        });
        return climbOf(step, climb, "climb");
    }

    /** A step with a climb from that field. */
    public static Ascent climbOf(Step step, JsonNode climb, String field) {
        return Fields.under(field, () -> Ascent.of(step, ClimbJson.read(climb)));
    }

    /** The whole climb ahead, for nobody in particular; refuses rungs that cannot be played. */
    public static Outlook outlook(Ascent ascent, Speech speech) {
        return Fields.under("climb", () -> Outlook.of(ascent, ascent.climb().first(), null, speech));
    }

    /** A rung of a climb from a list of indices in that field; the first without one. */
    public static Position position(Climb climb, @Nullable List<Integer> rungs, String field) {
        if (rungs == null) return climb.first();
        try {
            Position position = new Position(rungs);
            climb.require(position);
            return position;
        } catch (Refusal e) {
            Refusal refused = Refusal.of(field, e.getMessage());
            throw e.fits().map(refused::fits).orElse(refused);
        }
    }

    /** The shape of a step with a climb that can be played. */
    static ShapePart shape(String title, Ascent ascent, Speech speech) {
        return shape(title, ascent, Outlook.of(ascent, ascent.climb().first(), null, speech));
    }

    /** The shape of a step whose climb has been worked out. */
    static ShapePart shape(String title, Ascent ascent, Outlook outlook) {
        List<Ahead> rungs = outlook.rungs();
        int shown = Math.min(rungs.size(), MOST_SHOWN);
        List<Double> profile = IntStream.range(0, shown)
                .map(i -> shown == 1 ? 0 : i * (rungs.size() - 1) / (shown - 1))
                .mapToObj(i -> Math.round(10 * rungs.get(i).notesPerSecond()) / 10.0)
                .toList();
        long millis = rungs.get(0).load().total().toMillis();
        return new ShapePart(
                title, ascent.step().key().toString(), rungs.size(), (int) Math.ceil(millis / 1000.0), profile);
    }

    /** A profile as a column holds it. */
    static String profileText(ShapePart shape) {
        return shape.profile().stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    static List<Double> profile(String text) {
        return Stream.of(text.split(" ")).map(Double::valueOf).toList();
    }

    /** What a shape takes on a day, in minutes, rounded up. */
    static int minutes(List<ShapePart> shape) {
        int seconds = shape.stream().mapToInt(ShapePart::seconds).sum();
        return (seconds + SECONDS - 1) / SECONDS;
    }
}
