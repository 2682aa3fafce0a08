package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every operation of the API document is asked with bodies that are nearly right: whatever comes, the answer says what is wrong,
 * and is none of a server that broke. {@code -Dpebble.fuzz=50000} asks more.
 */
@ExtendWith(RunningApp.class)
class FuzzedApiTest {
    private static final List<String> FORMATS = List.of("musicxml", "mxl", "midi", "routine");

    private static final int REQUESTS = Integer.getInteger("pebble.fuzz", 2_500);
    private static final long SEED = Long.getLong("pebble.seed", 29);
    private static final int A_WORLD = 250;
    private static final int MOST_BYTES = 1_000_000;

    /** They end who asks, or cost a password's hash: other tests ask them. */
    private static final List<String> LEFT =
            List.of("/api/session", "/api/accounts", "/api/students/{id}/link", "/api/students/{id}/archive");

    private record Operation(String method, String path, JsonNode body, List<String> query) {}

    /** Who asks, and what there is. */
    private record World(Client teacher, Client student, long id) {
        static World fresh(Client client) {
            Client teacher = client.another().signUp();
            Answer student = Given.student(teacher, "Wrenna Holt", "clarinet");
            Answer step = Given.step(teacher);
            teacher.post("/api/assignments", Given.assignment(step.id(), student.id()));
            return new World(teacher, client.byLink(student.string("practicePath")), student.id());
        }
    }

    private static List<Operation> operations(JsonNode document) {
        List<Operation> all = new ArrayList<>();
        document.get("paths")
                .forEachEntry((path, methods) -> methods.forEachEntry((method, operation) -> {
                    if (LEFT.contains(path)) return;
                    List<String> query = new ArrayList<>();
                    operation.path("parameters").forEach(one -> {
                        if (one.path("in").asString().equals("query"))
                            query.add(one.path("name").asString());
                    });
                    JsonNode body = operation.at("/requestBody/content/application~1json/schema");
                    all.add(new Operation(method.toUpperCase(), path, body, query));
                }));
        return all;
    }

    @Test
    void whatever_is_sent_the_answer_says_what_is_wrong(Client client) throws IOException {
        JsonNode document =
                JsonMapper.builder().build().readTree(Files.readString(Path.of("..", "web", "openapi.json")));
        Random random = new Random(SEED);
        Absurd absurd = new Absurd(document.at("/components/schemas"), random);
        List<Operation> operations = operations(document);
        List<String> broken = new ArrayList<>();
        Map<Integer, Integer> statuses = new TreeMap<>();
        long slowest = 0;
        String slow = "";
        World world = World.fresh(client);
        for (int i = 0; i < REQUESTS; i++) {
            if (i % A_WORLD == A_WORLD - 1) world = World.fresh(client);
            Operation operation = operations.get(i % operations.size());
            String format = FORMATS.get(random.nextInt(FORMATS.size()));
            String path = operation
                    .path
                    .replace("{id}", absurd.inAddress(Long.toString(world.id)))
                    // An hour of sound is no answer to wait for; how large it is, is.
                    .replace("{format}", operation.path.endsWith("/look") ? "wav" : absurd.inAddress(format));
            StringBuilder query = new StringBuilder();
            for (String name : operation.query) {
                if (random.nextBoolean()) {
                    query.append(query.isEmpty() ? '?' : '&')
                            .append(name)
                            .append('=')
                            .append(absurd.inAddress("1"));
                }
            }
            String body = operation.body.isMissingNode() ? null : absurd.body(operation.body, world.id);
            Client who = operation.path.startsWith("/api/practice") ? world.student : world.teacher;
            String call = operation.method + " " + path + query + (body == null ? "" : " " + body);
            long from = System.nanoTime();
            Answer answer = who.send(
                    operation.method,
                    path + query,
                    body == null && !operation.method.equals("GET") ? "" : body,
                    operation.path.equals("/api/imports") ? "application/octet-stream" : "application/json");
            long took = System.nanoTime() - from;
            if (took > slowest) {
                slowest = took;
                slow = call;
            }
            statuses.merge(answer.status(), 1, Integer::sum);
            if (answer.status() >= 500) broken.add(answer.status() + " " + shortened(call));
            boolean file = operation.path.contains("/exports/");
            if (!file && answer.text().length() > MOST_BYTES) broken.add("too long " + shortened(call));
        }
        System.out.printf(
                "%d requests answered with %s, the slowest in %d ms: %s%n",
                REQUESTS, statuses, slowest / 1_000_000, shortened(slow));
        assertThat(broken).isEmpty();
        assertThat(statuses)
                .as("a part of what is sent is sound, and a part is not")
                .containsKeys(200, 201, 422, 404);
    }

    private static String shortened(String text) {
        return text.length() < 900 ? text : text.substring(0, 900) + "…";
    }
}
