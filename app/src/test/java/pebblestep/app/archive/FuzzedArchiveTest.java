package pebblestep.app.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
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
import tools.jackson.databind.node.ObjectNode;

/**
 * Archives in which one value is another, or missing: each is refused in words, or can be worked with afterwards. Every column of
 * every table has its turn; {@code -Dpebble.fuzz=50000} asks for more values of each.
 */
@ExtendWith(RunningApp.class)
class FuzzedArchiveTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final long SEED = Long.getLong("pebble.seed", 31);

    /** Values a column may be given, beside being left out, of which each gets a few. */
    private static final int EACH = 1 + Integer.getInteger("pebble.fuzz", 0) / 2_000;

    private static final List<String> VALUES = List.of(
            "null",
            "\"\"",
            "\" \"",
            "\"x\"",
            "0",
            "-1",
            "1",
            "2147483647",
            "9223372036854775807",
            "1e300",
            "1e-30",
            "true",
            "[]",
            "{}",
            "[null]",
            "\"9999-12-31\"",
            "\"+999999999-12-31\"",
            "\"2199-12-31\"",
            "\"9999-12-31T23:59:59Z\"",
            "\"0001-01-01T00:00:00Z\"",
            "\"23:59\"",
            "\"C4\"",
            "\"C\"",
            "\"own-1\"",
            "\"oboe\"",
            "\"UNDO\"",
            "\"\\u0000\"",
            "\"" + "9 ".repeat(60).strip() + "\"");

    /** What somebody opens who looks around, with the id of a student or routine for {@code *}. */
    private static final List<String> OPENED = List.of(
            "/api/students",
            "/api/students?archived=true",
            "/api/students/timetable",
            "/api/routines",
            "/api/routines?archived=true",
            "/api/instruments",
            "/api/settings",
            "/api/teachers",
            "/api/desk",
            "/api/keys",
            "/api/calendar");

    private static final List<String> OF_EACH_STUDENT = List.of(
            "",
            "/quiz",
            "/required",
            "/paper",
            "/letter",
            "/lesson-notes",
            "/words",
            "/takes",
            "/takes.csv",
            "/report",
            "/lesson",
            "/key-plans",
            "/key-path",
            "/data",
            "/calendar",
            "/assignments");

    private static final List<String> IN_THE_ROOM = List.of("today", "room", "quiz", "key-path");

    @Test
    void each_is_refused_or_worked_with(Client client) throws Exception {
        Client teacher = client.another().signUp();
        Archived.everything(client, teacher);
        Map<String, byte[]> sound = Archived.entries(teacher.download("/api/exports/archive", "{}"));
        Random random = new Random(SEED);
        List<String> broken = new ArrayList<>();
        Map<Integer, Integer> statuses = new TreeMap<>();
        // What is refused leaves nothing behind, so the next can come into the same studio.
        Client into = client.another().signUp();
        for (CarriedTable table : CarriedTable.ALL) {
            List<String> lines =
                    Arrays.asList(Archived.text(sound, table.name() + ".jsonl").split("\n"));
            List<String> columns = new ArrayList<>();
            lines.forEach(line -> JSON.readTree(line).propertyNames().forEach(name -> {
                if (!columns.contains(name)) columns.add(name);
            }));
            for (String column : columns) {
                List<String> changes = new ArrayList<>(List.of(""));
                // Days and moments of another age break whoever reckons with them later.
                if (lines.stream().anyMatch(line -> isDay(JSON.readTree(line).path(column)))) {
                    changes.add("\"9999-12-31\"");
                    changes.add("\"9999-12-31T23:59:59Z\"");
                }
                for (int i = 0; i < EACH; i++) changes.add(VALUES.get(random.nextInt(VALUES.size())));
                for (String change : changes) {
                    String called = table.name() + "." + column + " = " + (change.isEmpty() ? "nothing" : change);
                    byte[] archive = Archived.with(sound, table.name(), changed(lines, column, change, random));
                    int status = worked(into, archive, called, broken);
                    if (status == 200) into = client.another().signUp();
                    statuses.merge(status, 1, Integer::sum);
                }
            }
        }
        System.out.println("Changed archives were answered with " + statuses);
        assertThat(broken).isEmpty();
        assertThat(statuses).as("some are refused, some are none the worse").containsKeys(200, 422);
    }

    private static boolean isDay(JsonNode value) {
        return value.isString() && value.asString().matches("\\d{4}-\\d{2}-\\d{2}.*");
    }

    private static String changed(List<String> lines, String column, String change, Random random) {
        List<String> after = new ArrayList<>(lines);
        int at = random.nextInt(after.size());
        ObjectNode row = (ObjectNode) JSON.readTree(after.get(at));
        if (change.isEmpty()) row.remove(column);
        else row.set(column, JSON.readTree(change));
        after.set(at, row.toString());
        return String.join("\n", after) + "\n";
    }

    /** Takes it over, and opens everything where that went well. */
    private static int worked(Client teacher, byte[] archive, String called, List<String> broken) {
        Answer found = teacher.upload("/api/archives", archive);
        Answer taken = found.status() == 200 ? teacher.post("/api/archives/" + found.string("id") + "/take") : found;
        if (taken.status() >= 500) broken.add(called + ": " + taken.text());
        if (taken.status() != 200) return taken.status();
        for (String path : OPENED) look(teacher, path, called, broken);
        for (JsonNode routine : teacher.get("/api/routines").json().path("items")) {
            look(teacher, "/api/routines/" + routine.path("id").asLong(), called, broken);
        }
        for (JsonNode student : teacher.get("/api/students").json().path("items")) {
            for (String path : OF_EACH_STUDENT) {
                look(teacher, "/api/students/" + student.path("id").asLong() + path, called, broken);
            }
            Client practising = teacher.byLink(student.path("practicePath").asString());
            for (String path : IN_THE_ROOM) look(practising, "/api/practice/" + path, called, broken);
            for (JsonNode item : practising.get("/api/practice/today").json().path("items")) {
                Answer logged = practising.post("/api/practice/takes", Given.cleanTake(item));
                if (logged.status() >= 500) broken.add(called + ": a take, " + logged.text());
            }
        }
        return taken.status();
    }

    private static void look(Client who, String path, String called, List<String> broken) {
        Answer answer = who.get(path);
        if (answer.status() >= 500) broken.add(called + ": " + path + ", " + answer.text());
    }
}
