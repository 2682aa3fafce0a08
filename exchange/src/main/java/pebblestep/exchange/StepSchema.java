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
import pebblestep.core.Refusal;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The JSON Schema (2020-12) of step documents, and its findings said in plain words. */
final class StepSchema {
    private static final String RESOURCE = "/pebblestep/step-1.schema.json";
    private static final int SHOWN = 60;

    private final Schema schema;
    private final JsonNode document;

    private StepSchema(Schema schema, JsonNode document) {
        this.schema = schema;
        this.document = document;
    }

    static StepSchema load() {
        try (InputStream in = StepSchema.class.getResourceAsStream(RESOURCE)) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(text, InputFormat.JSON);
            return new StepSchema(schema, JsonMapper.builder().build().readTree(text));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Refuses a document that does not hold, by its first wrong field. */
    void check(JsonNode json) {
        List<Error> errors = schema.validate(json);
        if (!errors.isEmpty()) throw refusal(errors.get(0));
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

    /** The description that the schema gives the field at a path. */
    private String description(List<String> path) {
        JsonNode at = document;
        for (String name : path) {
            at = at.has("items") ? at.get("items") : at.path("properties").path(name);
        }
        return at.path("description").asString("");
    }

    private static String shortened(String text) {
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }
}
