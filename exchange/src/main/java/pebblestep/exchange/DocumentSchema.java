package pebblestep.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import com.networknt.schema.path.NodePath;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import pebblestep.core.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** The JSON Schema (2020-12) of a kind of document, and its findings said in plain words. */
final class DocumentSchema {
    private static final int SHOWN = 60;

    /** Every schema by its {@code $id}, as others refer to it. */
    private static final Map<String, String> BY_ID =
            Map.of("urn:pebble-step:step:1", text("step-1"), "urn:pebble-step:climb:1", text("climb-1"));

    /** Steps. */
    static final DocumentSchema STEP = of("step-1");

    /** Climbs, whose rungs are parts of steps. */
    static final DocumentSchema CLIMB = of("climb-1");

    /** Larger than every number of a document. */
    private static final double LARGEST = 1e9;

    private final Schema schema;
    private final JsonNode document;

    private DocumentSchema(Schema schema, JsonNode document) {
        this.schema = schema;
        this.document = document;
    }

    private static DocumentSchema of(String name) {
        Schema schema = SchemaRegistry.withDefaultDialect(
                        SpecificationVersion.DRAFT_2020_12, builder -> builder.schemas(BY_ID))
                .getSchema(text(name), InputFormat.JSON);
        return new DocumentSchema(schema, parsed(text(name)));
    }

    private static String text(String name) {
        try (InputStream in = DocumentSchema.class.getResourceAsStream("/pebblestep/" + name + ".schema.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static JsonNode parsed(String text) {
        return IdentifiedNames.JSON.readTree(text);
    }

    /** A document from text; refuses text that is no JSON. */
    static JsonNode tree(String text) {
        try {
            return parsed(text);
        } catch (JacksonException e) {
            throw Refusal.of("This is not JSON: " + e.getOriginalMessage());
        }
    }

    /** Refuses a document that does not hold, by its first wrong field. */
    void check(JsonNode json) {
        requireWithinLimits(json, List.of());
        List<Error> errors = schema.validate(json);
        if (!errors.isEmpty()) throw refusal(errors.get(0));
    }

    /** A schema compares numbers as the platform holds them, and lets every character pass: what is beyond is refused before. */
    private static void requireWithinLimits(JsonNode node, List<String> path) {
        if (node.isNumber() && !(Math.abs(node.asDouble(Double.NaN)) <= LARGEST))
            throw Refusal.of(path, ValueLimits.NUMBER);
        if (node.isString() && !ValueLimits.isStorable(node.asString())) throw Refusal.of(path, ValueLimits.TEXT);
        if (node.isObject()) node.forEachEntry((name, value) -> requireWithinLimits(value, under(path, name)));
        for (int i = 0; node.isArray() && i < node.size(); i++) requireWithinLimits(node.get(i), under(path, "" + i));
    }

    private static List<String> under(List<String> path, String name) {
        return Stream.concat(path.stream(), Stream.of(name)).toList();
    }

    private Refusal refusal(Error error) {
        List<String> path = new ArrayList<>();
        NodePath location = error.getInstanceLocation();
        for (int i = 0; i < location.getNameCount(); i++) path.add(location.getName(i));
        String said = description(path);
        return switch (error.getKeyword()) {
            case "additionalProperties" -> {
                path.add(error.getProperty());
                yield Refusal.of(path, "There is no field \"" + shortened(error.getProperty()) + "\" here.");
            }
            case "required" -> {
                path.add(error.getProperty());
                yield Refusal.of(path, "The field \"" + error.getProperty() + "\" is missing.")
                        .fits(description(path));
            }
            case "oneOf" -> {
                path.add("octaves");
                yield Refusal.of(path, "A line has either octaves or a span: give exactly one of the two.");
            }
            default ->
                Refusal.of(path, shortened(String.valueOf(error.getInstanceNode())) + " does not fit here.")
                        .fits(said);
        };
    }

    /** The description that the schema gives the field at a path; it may lie in a schema that is referred to. */
    private String description(List<String> path) {
        JsonNode at = document;
        for (String name : path) {
            JsonNode there = followed(at);
            at = there.has("items")
                    ? there.get("items")
                    : there.path("properties").path(name);
        }
        return followed(at).path("description").asString("");
    }

    /** A node with its {@code $ref} into another schema followed; within the same one, descriptions stand beside it. */
    private static JsonNode followed(JsonNode node) {
        String[] reference = node.path("$ref").asString("").split("#", 2);
        if (reference.length < 2 || !BY_ID.containsKey(reference[0])) return node;
        return parsed(BY_ID.get(reference[0])).at(reference[1]);
    }

    private static String shortened(String text) {
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }
}
