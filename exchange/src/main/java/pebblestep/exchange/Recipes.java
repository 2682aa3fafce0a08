package pebblestep.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The ready recipes: data in one place, a document each. To add one, add its document and its name here. A step that
 * names {@code keys} stands once in each of them.
 */
public final class Recipes {
    private static final List<String> NAMES = List.of(
            "long-to-short",
            "strikes-and-rests",
            "five-first",
            "reach-further",
            "octaves-grow",
            "arrive-on-one",
            "off-the-beat",
            "longer-slurs",
            "uneven-pairs",
            "minor-day",
            "bow-week",
            "swung-round",
            "whole-step-walk",
            "hands-apart-together",
            "contrary-motion",
            "studio-round",
            "thirds-together",
            "keys-without-stopping",
            "mode-at-home",
            "changes-by-fourths",
            "dress-rehearsal");

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final List<Recipe> ALL = NAMES.stream().map(Recipes::load).toList();

    private Recipes() {}

    /** Every recipe, in the order a teacher meets them. */
    public static List<Recipe> all() {
        return ALL;
    }

    /** The recipe of that name; refuses names that are not in the list. */
    public static Recipe of(String id) {
        return ALL.stream()
                .filter(recipe -> recipe.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.of("id", "There is no recipe \"" + id + "\" here."));
    }

    private static Recipe load(String name) {
        try (InputStream in = Recipes.class.getResourceAsStream("/pebblestep/recipes/" + name + ".json")) {
            JsonNode json = JSON.readTree(in);
            List<Ascent> steps = new ArrayList<>();
            for (JsonNode step : json.get("steps")) addAll(steps, step);
            return new Recipe(
                    name, json.get("title").asString(), json.get("words").asString(), steps);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void addAll(List<Ascent> steps, JsonNode json) {
        JsonNode step = json.get("step");
        Climb climb = ClimbJson.read(json.get("climb"));
        if (!json.has("keys")) {
            steps.add(Ascent.of(StepJson.read(step), climb));
            return;
        }
        for (JsonNode tonic : json.get("keys")) {
            ObjectNode inKey = (ObjectNode) step.deepCopy();
            ((ObjectNode) inKey.get("key")).put("tonic", tonic.asString());
            steps.add(Ascent.of(StepJson.read(inKey), climb));
        }
    }
}
