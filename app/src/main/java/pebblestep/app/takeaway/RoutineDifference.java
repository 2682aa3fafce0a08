package pebblestep.app.takeaway;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.Words;
import pebblestep.core.climb.Ascent;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** How two routines differ, step by step, in words. */
final class RoutineDifference {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** The parts of a step as they are called. */
    private static final Map<String, String> PARTS = new LinkedHashMap<>();

    static {
        PARTS.put("title", "its title");
        PARTS.put("key", "the key");
        PARTS.put("line", "the line");
        PARTS.put("rhythm", "the rhythm");
        PARTS.put("landing", "the landing");
        PARTS.put("tempo", "the tempo");
        PARTS.put("articulation", "the articulation");
        PARTS.put("metronome", "the metronome");
        PARTS.put("voices", "the voices");
        PARTS.put("walk", "the walk through keys");
        PARTS.put("company", "what plays along");
        PARTS.put("hands", "the hands");
    }

    private RoutineDifference() {}

    /** One sentence for each step that is other, more or missing; one sentence where there is no difference. */
    static List<String> between(List<Ascent> here, List<Ascent> brought) {
        List<String> found = new ArrayList<>();
        for (int i = 0; i < Math.max(here.size(), brought.size()); i++) {
            String step = "Step " + (i + 1);
            if (i >= here.size()) found.add(step + " is not in the routine that is here.");
            else if (i >= brought.size()) found.add(step + " of the routine that is here is not in the file.");
            else {
                List<String> parts = parts(here.get(i), brought.get(i));
                if (!parts.isEmpty()) found.add(step + " differs in " + Words.list(parts) + ".");
            }
        }
        return found.isEmpty() ? List.of("The routine of that title that is here is the same.") : found;
    }

    private static List<String> parts(Ascent here, Ascent brought) {
        JsonNode one = JSON.readTree(StepJson.writeText(here.step()));
        JsonNode other = JSON.readTree(StepJson.writeText(brought.step()));
        List<String> parts = new ArrayList<>();
        PARTS.forEach((field, words) -> {
            if (!one.path(field).equals(other.path(field))) parts.add(words);
        });
        if (parts.isEmpty() && !one.equals(other)) parts.add("details");
        boolean sameClimb = JSON.readTree(ClimbJson.writeText(here.climb()))
                .equals(JSON.readTree(ClimbJson.writeText(brought.climb())));
        if (!sameClimb) parts.add("the climb");
        return parts;
    }
}
