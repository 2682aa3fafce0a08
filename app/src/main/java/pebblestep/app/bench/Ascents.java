package pebblestep.app.bench;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Outlook;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.Fields;
import pebblestep.documents.bench.ShapePart;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;
import tools.jackson.databind.JsonNode;

/** Reads steps with their climbs as they are sent, and says their shape. */
public final class Ascents {
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
        return Fields.under(field, () -> Outlook.requireFew(Ascent.of(step, ClimbJson.read(climb))));
    }

    /** The whole climb ahead, for nobody in particular; refuses rungs that cannot be played. */
    public static Outlook outlook(Ascent ascent, Speech speech) {
        return Fields.under("climb", () -> Outlook.of(ascent, ascent.climb().first(), null, speech));
    }

    /** A profile as a column holds it. */
    static String profileText(ShapePart shape) {
        return shape.profile().stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    /** A profile as a column holds it: numbers with spaces between. */
    public static List<Double> profile(String text) {
        return Stream.of(text.split(" ")).map(Double::valueOf).toList();
    }
}
