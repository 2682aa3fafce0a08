package pebblestep.exchange;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.passage.Step;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A routine with its climbs as one file, {@code pebble-routine/1}: its title, and each step with its climb. */
public final class RoutineJson {
    /** What such a file says it is. */
    public static final String FORMAT = "pebble-routine/1";

    /** Steps of a routine at most. */
    public static final int MOST_STEPS = 60;

    /** One octave of C major in quarters, up and down: what a climb climbs that comes without a step. */
    private static final String PLAIN =
            """
            {"format":"pebble-step/1","title":"","key":{"tonic":"C","form":"major","named":"concert"},
             "line":{"pattern":"straight","octaves":1,"travel":"up-down","turn":"single","from":1},
             "rhythm":{"meter":"4/4","figure":["1/4"],"strikes":1,"place":"0"},"landing":{"beat":1},
             "tempo":{"beat":"1/4","bpm":60},"articulation":{"kind":"separate"},
             "metronome":{"countInBars":1,"accent":true,"click":"beats"}}""";

    private static final int LONGEST_TITLE = 200;
    private static final JsonMapper JSON = IdentifiedNames.JSON;

    private RoutineJson() {}

    /** A routine that was read. */
    public record Routine(String title, List<Ascent> steps) {
        public Routine {
            steps = List.copyOf(steps);
        }
    }

    private record StepPart(StepDocument step, ClimbDocument climb) {}

    private record Document(String format, String title, List<StepPart> steps) {}

    /** The file of a routine. */
    public static byte[] write(String title, List<Ascent> steps) {
        Document document = new Document(
                FORMAT,
                title,
                steps.stream()
                        .map(ascent ->
                                new StepPart(StepDocuments.write(ascent.step()), ClimbDocuments.write(ascent.climb())))
                        .toList());
        return JSON.writerWithDefaultPrettyPrinter()
                .writeValueAsString(document)
                .getBytes(StandardCharsets.UTF_8);
    }

    /**
     * Reads such a file, a single step's {@code pebble-step/1}, or a climb alone, which is laid over a plain step. Refuses the first field that is unknown, malformed or out of
     * range, with its place.
     */
    public static Routine read(String text) {
        JsonNode tree = DocumentSchema.tree(text);
        String format = tree.path("format").asString("");
        if (format.equals("pebble-step/1")) {
            Step step = StepJson.read(tree);
            return new Routine(step.title(), List.of(Ascent.alone(step)));
        }
        if (format.isEmpty() && tree.has("axes")) {
            return new Routine("A climb", List.of(Ascent.of(StepJson.read(PLAIN), ClimbJson.read(tree))));
        }
        if (!format.equals(FORMAT)) {
            throw Refusal.of("format", "This is no routine of ours: its format is not " + FORMAT + ".");
        }
        String title = tree.path("title").asString("");
        if (title.length() > LONGEST_TITLE) {
            throw Refusal.of("title", "A title has at most " + LONGEST_TITLE + " characters.");
        }
        JsonNode steps = tree.path("steps");
        if (!steps.isArray() || steps.isEmpty() || steps.size() > MOST_STEPS) {
            throw Refusal.of("steps", "A routine has 1 to " + MOST_STEPS + " steps.");
        }
        List<Ascent> read = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            JsonNode part = steps.get(i);
            read.add(Fields.under("steps", () -> Fields.under(String.valueOf(read.size()), () -> ascent(part))));
        }
        return new Routine(title, read);
    }

    private static Ascent ascent(JsonNode part) {
        Step step = Fields.under("step", () -> StepJson.read(part.path("step")));
        return Fields.under("climb", () -> Ascent.of(step, ClimbJson.read(part.path("climb"))));
    }
}
