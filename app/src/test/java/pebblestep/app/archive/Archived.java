package pebblestep.app.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.OffsetDateTime;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;

/** A studio that has something in every table, and its archive taken apart and put together again. */
final class Archived {
    private Archived() {}

    /** Fills every table that an archive carries; the answer is the student with most of it. */
    static Answer everything(Client client, Client teacher) {
        Answer instrument = teacher.post("/api/instruments", Given.INSTRUMENT);
        Answer ada =
                Given.student(teacher, "Ada Reed", "own-" + instrument.json().get("ownId"));
        Answer ben = Given.student(teacher, "=Ben()", "oboe");
        teacher.put(
                "/api/students/" + ben.id(),
                "{\"name\":\"=Ben()\",\"instrument\":\"oboe\",\"hand\":{\"highest\":\"III\",\"leftHanded\":true}}");
        Answer step = Given.step(teacher);
        long assignment = teacher.post("/api/assignments", Given.assignment(step.id(), ada.id()))
                .id();
        Client practising = client.byLink(ada.string("practicePath"));
        practising.post("/api/practice/takes", Given.take(assignment, "slips", 60));
        practising.post("/api/practice/takes", Given.take(assignment, "clean", 60));
        practising.post(
                "/api/practice/words",
                "{\"clientId\":\"%s\",\"text\":\"Hello\",\"saidAt\":\"%s\"}"
                        .formatted(UUID.randomUUID(), OffsetDateTime.now()));
        teacher.post("/api/assignments/" + assignment + "/place", "{\"at\":[1]}");
        teacher.post("/api/assignments/" + assignment + "/undo", "");
        teacher.post("/api/students/" + ada.id() + "/lesson-notes", "{\"text\":\"A note about Ada\"}");
        teacher.post(
                "/api/students/" + ben.id() + "/required",
                """
                {"tonic":"C","form":"major","octaves":1,"value":"1/8","bpm":80,"date":"2027-03-12"}""");
        teacher.post(
                "/api/students/" + ben.id() + "/quiz/answers",
                """
                {"kind":"spell","tonic":"C","form":"major","answer":"C D E F G A B"}""");
        Answer plan = teacher.post(
                "/api/key-plans",
                """
                {"routineId":%d,"studentIds":[%d],"order":"fourths","start":"C","thereAndBack":false,"named":"written",
                 "forms":"major","pace":"week","startsOn":"2026-03-02","minutesADay":5}"""
                        .formatted(step.json().get("routineId").asLong(), ben.id()));
        teacher.post("/api/key-plans/" + plan.json().at("/0/id").asLong() + "/decisions", "{\"kind\":\"skip\"}");
        teacher.put("/api/settings", "{\"valueNames\":\"british\"}");
        return ada;
    }

    static Map<String, byte[]> entries(byte[] archive) throws IOException {
        Map<String, byte[]> found = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                found.put(entry.getName(), zip.readAllBytes());
            }
        }
        return found;
    }

    static byte[] zip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    static String text(Map<String, byte[]> entries, String name) {
        return new String(entries.get(name), StandardCharsets.UTF_8);
    }

    /** The same archive with other lines in a table, and a manifest that agrees. */
    static byte[] changed(byte[] archive, String table, String from, String to) throws Exception {
        Map<String, byte[]> entries = entries(archive);
        byte[] before = entries.get(table + ".jsonl");
        String lines = text(entries, table + ".jsonl");
        assertThat(lines).contains(from);
        byte[] after = lines.replace(from, to).getBytes(StandardCharsets.UTF_8);
        entries.put(table + ".jsonl", after);
        entries.put(
                "manifest.json",
                text(entries, "manifest.json").replace(sha(before), sha(after)).getBytes(StandardCharsets.UTF_8));
        return zip(entries);
    }

    static String sha(byte[] bytes) throws Exception {
        return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    }

    /** The same archive with another table, and a manifest that agrees. */
    static byte[] with(Map<String, byte[]> archive, String table, String lines) throws Exception {
        Map<String, byte[]> entries = new LinkedHashMap<>(archive);
        byte[] before = entries.get(table + ".jsonl");
        byte[] after = lines.getBytes(StandardCharsets.UTF_8);
        entries.put(table + ".jsonl", after);
        entries.put(
                "manifest.json",
                text(entries, "manifest.json").replace(sha(before), sha(after)).getBytes(StandardCharsets.UTF_8));
        return zip(entries);
    }
}
