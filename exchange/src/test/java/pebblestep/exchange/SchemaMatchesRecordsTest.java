package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import pebblestep.core.Identified;
import tools.jackson.databind.JsonNode;

/** The published schemas say the same fields and the same names as the records that documents are read into. */
final class SchemaMatchesRecordsTest {
    private static final String STEP = "urn:pebble-step:step:1#";

    @Test
    void a_step_has_the_fields_of_its_schema() {
        same(StepDocument.class, schema("step-1"), "step");
    }

    @Test
    void a_climb_has_the_fields_of_its_schema() {
        same(ClimbDocument.class, schema("climb-1"), "climb");
    }

    private static void same(Class<?> record, JsonNode schema, String path) {
        Set<String> fields = new TreeSet<>();
        for (RecordComponent field : record.getRecordComponents()) {
            fields.add(field.getName());
            JsonNode said = schema.path("properties").path(field.getName());
            String at = path + "." + field.getName();
            Class<?> type = raw(field.getGenericType());
            if (field.getType() != type) said = said.path("items");
            // What a schema takes over from the other one is compared there.
            if (said.path("$ref").asString("").startsWith(STEP)) continue;
            if (type.isRecord()) same(type, said, at);
            if (Identified.class.isAssignableFrom(type)) {
                assertThat(strings(said.path("enum"))).as(at).isEqualTo(ids(type));
            }
        }
        assertThat(new TreeSet<>(schema.path("properties").propertyNames()))
                .as(path)
                .isEqualTo(fields);
    }

    /** The type of a field, or of what is in its list. */
    private static Class<?> raw(Type type) {
        return type instanceof ParameterizedType list ? (Class<?>) list.getActualTypeArguments()[0] : (Class<?>) type;
    }

    private static Set<String> ids(Class<?> set) {
        return new TreeSet<>(Arrays.stream(set.getEnumConstants())
                .map(one -> ((Identified) one).id())
                .toList());
    }

    private static Set<String> strings(JsonNode array) {
        Set<String> all = new TreeSet<>();
        array.forEach(one -> all.add(one.asString()));
        return all;
    }

    private static JsonNode schema(String name) {
        try (InputStream in =
                SchemaMatchesRecordsTest.class.getResourceAsStream("/pebblestep/" + name + ".schema.json")) {
            return IdentifiedNames.JSON.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
