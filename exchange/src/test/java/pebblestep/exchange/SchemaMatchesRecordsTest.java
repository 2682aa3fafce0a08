package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Identified;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.StepDocument;
import tools.jackson.databind.JsonNode;

/**
 * The published schemas say the same fields and the same names as the records that documents are read into, and the pages
 * about them have every field. {@code ./pebble api} writes the names of closed sets into the schemas.
 */
final class SchemaMatchesRecordsTest {
    private static final String STEP = "urn:pebble-step:step:1#";
    private static final boolean WRITE = Boolean.getBoolean("pebble.writeApi");

    @Test
    void a_step_has_the_fields_of_its_schema() {
        same(StepDocument.class, "step-1");
    }

    @Test
    void a_climb_has_the_fields_of_its_schema() {
        same(ClimbDocument.class, "climb-1");
    }

    @ParameterizedTest
    @CsvSource({"step-1, step-document.md", "climb-1, climb.md"})
    void every_field_has_its_words_in_the_docs(String schema, String page) throws IOException {
        String words = Files.readString(Path.of("../docs", page));
        assertThat(fields(schema(schema))
                        .filter(field -> !words.contains('`' + field + '`')
                                && !words.contains('.' + field + '`')
                                && !words.contains("\"" + field + "\":")))
                .as("fields that docs/" + page + " does not say")
                .isEmpty();
    }

    /** Every field of a schema, its parts' included. */
    private static Stream<String> fields(JsonNode schema) {
        return Stream.concat(
                schema.path("properties").properties().stream()
                        .flatMap(field -> Stream.concat(Stream.of(field.getKey()), fields(field.getValue()))),
                schema.has("items") ? fields(schema.get("items")) : Stream.of());
    }

    private static void same(Class<?> record, String name) {
        same(record, schema(name), name);
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
                if (WRITE) write(at, strings(said.path("enum")), ids(type));
                else {
                    assertThat(strings(said.path("enum"))).as(at).isEqualTo(ids(type));
                    assertThat(said.path("description").asString()).as(at).contains(words(ids(type)));
                }
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

    private static List<String> ids(Class<?> set) {
        return Arrays.stream(set.getEnumConstants())
                .map(one -> ((Identified) one).id())
                .toList();
    }

    private static List<String> strings(JsonNode array) {
        return array.valueStream().map(JsonNode::asString).toList();
    }

    /** As the schemas say what fits: {@code up, down or up-down}. */
    private static String words(List<String> ids) {
        return ids.size() < 2
                ? String.join("", ids)
                : String.join(", ", ids.subList(0, ids.size() - 1)) + " or " + ids.getLast();
    }

    /** Puts the names of a set in the place of those that the schema had for it, in its list and in its words. */
    private static void write(String at, List<String> had, List<String> has) {
        // Nothing to put a name in the place of: replacing it would put the names between all letters.
        assertThat(had).as("the enum of %s in its schema", at).isNotEmpty();
        Path file = Path.of("src/main/resources/pebblestep", at.substring(0, at.indexOf('.')) + ".schema.json");
        try {
            String text = Files.readString(file);
            Files.writeString(file, text.replace(list(had), list(has)).replace(words(had) + ".", words(has) + "."));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String list(List<String> ids) {
        return "[\"" + String.join("\", \"", ids) + "\"]";
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
