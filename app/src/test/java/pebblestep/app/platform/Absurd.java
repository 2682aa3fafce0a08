package pebblestep.app.platform;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import pebblestep.app.Given;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes bodies out of the schemas of the API document: most of the fields as they should be, and then one or two values in them
 * that nobody would send in good faith.
 */
final class Absurd {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int DEEPEST = 9;

    /** Texts that fit somewhere. */
    private static final List<String> WORDS = List.of(
            "Db",
            "C",
            "major",
            "harmonic-minor",
            "oboe",
            "clarinet",
            "1/16",
            "1/8",
            "4/4",
            "6/8",
            "0",
            "1/4",
            "first-octave",
            "D4-G5",
            "B3-A6",
            "F3",
            "C D E F G A B",
            "C F Bb",
            "Wrenna Holt",
            "spell",
            "name,instrument\nPia,oboe\n",
            "key,tempo,date\nBb,96,2027-03-12\n",
            "1 2 b3 1",
            "week",
            "fourths",
            "2:1");

    /** Values that nobody means, as they are spelled. */
    private static final List<String> NOBODYS = List.of(
            "null",
            "[]",
            "{}",
            "[null]",
            "[[]]",
            "\"\"",
            "\" \"",
            "true",
            "0",
            "-1",
            "1.5",
            "1e308",
            "1e-308",
            "-0.0",
            "1e900000000",
            "1e-10000000",
            "1e-900000000",
            "9223372036854775807",
            "-9223372036854775808",
            "2147483648",
            "9".repeat(900),
            "\"" + "x".repeat(5_000) + "\"",
            "\"\\u0000\"",
            "\"\\ud800\"",
            "\"+999999999-12-31\"",
            "\"-999999999-01-01\"",
            "\"2026-02-30\"",
            "\"0000-01-01\"",
            "\"1/0\"",
            "\"1/9223372036854775807\"",
            "\"9223372036854775807/2\"",
            "\"-9223372036854775808\"",
            "[\"1/3\",\"1/5\",\"1/7\",\"1/11\",\"1/13\",\"1/17\",\"1/19\","
                    + "\"1/23\",\"1/29\",\"1/31\",\"1/37\",\"1/41\",\"1/43\",\"1/47\",\"1/53\",\"1/59\",\"1/61\"]",
            "\"+999999999-12-31T23:59:59Z\"",
            "\"2026-11-29T10:00:00+18:00\"",
            "\"99:99\"",
            "\"💧\"",
            "\"=1+1\"",
            "\"'\\\"<script>\"",
            "[" + "1,".repeat(400) + "1]",
            "[".repeat(60) + "]".repeat(60));

    private final JsonNode schemas;
    private final Random random;

    Absurd(JsonNode schemas, Random random) {
        this.schemas = schemas;
        this.random = random;
    }

    /** A body of a schema, spelled out. */
    String body(JsonNode schema, long id) {
        JsonNode sound = made(schema, "", id, 0);
        List<String> swaps = new ArrayList<>();
        int wrong = random.nextInt(4) == 0 ? 0 : 1 + random.nextInt(2);
        for (int i = 0; i < wrong; i++) {
            String mark = "@" + i + "@";
            sound = swapped(sound, mark);
            swaps.add(mark);
        }
        String text = sound.toString();
        for (String mark : swaps) text = text.replace("\"" + mark + "\"", any(NOBODYS));
        return text;
    }

    private <T> T any(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    private JsonNode made(JsonNode schema, String field, long id, int depth) {
        String ref = schema.path("$ref").asString("");
        String name = ref.substring(ref.lastIndexOf('/') + 1);
        switch (name) {
            case "StepDocument" -> {
                return JSON.readTree(Given.STEP);
            }
            case "ClimbDocument" -> {
                return JSON.readTree(Given.CLIMB);
            }
            default -> {}
        }
        JsonNode here = ref.isEmpty() ? schema : schemas.path(name);
        if (here.has("enum"))
            return here.get("enum").get(random.nextInt(here.get("enum").size()));
        String type = here.path("type").isArray()
                ? here.path("type").get(0).asString()
                : here.path("type").asString("object");
        return switch (type) {
            case "object" -> object(here, id, depth);
            case "array" -> array(here, field, id, depth);
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "integer" ->
                NODES.numberNode(
                        field.toLowerCase().endsWith("id") || field.endsWith("Ids")
                                ? id
                                : (long) any(List.of(1, 2, 3, 5, 8, 60)));
            case "number" -> NODES.numberNode((double) any(List.of(1.0, 4.0, 8.0, 60.0, 72.5, 96.0)));
            default -> text(here.path("format").asString(""));
        };
    }

    private ObjectNode object(JsonNode schema, long id, int depth) {
        ObjectNode object = NODES.objectNode();
        List<String> needed = new ArrayList<>();
        schema.path("required").forEach(one -> needed.add(one.asString()));
        schema.path("properties").forEachEntry((field, of) -> {
            boolean needs = needed.contains(field);
            if (needs ? random.nextInt(20) > 0 : depth < DEEPEST && random.nextInt(3) == 0) {
                object.set(field, made(of, field, id, depth + 1));
            }
        });
        return object;
    }

    private ArrayNode array(JsonNode schema, String field, long id, int depth) {
        ArrayNode array = NODES.arrayNode();
        int size = depth < DEEPEST ? random.nextInt(3) : 0;
        for (int i = 0; i < size; i++) array.add(made(schema.path("items"), field, id, depth + 1));
        return array;
    }

    private JsonNode text(String format) {
        return NODES.stringNode(
                switch (format) {
                    case "date" -> any(List.of("2026-11-29", "2026-12-20", "2027-03-01"));
                    case "date-time" -> "2026-11-29T10:00:00+01:00";
                    case "uuid" -> new java.util.UUID(random.nextLong(), random.nextLong()).toString();
                    case "time" -> "09:30:00";
                    default -> any(WORDS);
                });
    }

    /** The same with one value, anywhere in it, in whose place a mark stands. */
    private JsonNode swapped(JsonNode node, String mark) {
        if (node.isEmpty() || random.nextInt(6) == 0) return NODES.stringNode(mark);
        if (node instanceof ObjectNode object) {
            List<String> names = new ArrayList<>(object.propertyNames());
            Collections.shuffle(names, random);
            String name = names.getFirst();
            object.set(name, swapped(object.get(name), mark));
            return object;
        }
        ArrayNode array = (ArrayNode) node;
        int at = random.nextInt(array.size());
        array.set(at, swapped(array.get(at), mark));
        return array;
    }

    /** A value for a place in an address. */
    String inAddress(String usual) {
        return random.nextInt(3) > 0
                ? usual
                : any(List.of(
                        "0",
                        "-1",
                        "9223372036854775807",
                        "9223372036854775808",
                        "x",
                        "1.5",
                        "%00",
                        "%20",
                        "1e9",
                        "2147483647",
                        "-2147483648",
                        "100000",
                        "",
                        "2026-11",
                        "%2B999999999-12",
                        "-999999999-01",
                        "9999-12-31",
                        "2026-02-30",
                        "0000-00",
                        "%F0%9F%92%A7",
                        "%ED%A0%80",
                        "x".repeat(3_000),
                        "score,clicks,pulse,near,slips",
                        "Db",
                        "major",
                        "..%2f"));
    }
}
