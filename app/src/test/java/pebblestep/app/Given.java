package pebblestep.app;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import pebblestep.app.Client.Answer;
import pebblestep.app.configuration.PebbleProperties;
import tools.jackson.databind.JsonNode;

/** What tests start from: a step, a student, an assignment, a take. */
public final class Given {
    /** Two octaves of Db major in sixteenths from beat 1: a quarter short of beat 1. */
    public static final String STEP =
            """
            {"format":"pebble-step/1","title":"Up and over","key":{"tonic":"Db","form":"major","named":"concert"},
             "line":{"pattern":"straight","octaves":2,"travel":"up-down","turn":"single","from":1},
             "rhythm":{"meter":"4/4","figure":["1/16"],"strikes":1,"place":"0"},"landing":{"beat":1},
             "tempo":{"beat":"1/4","bpm":72},"articulation":{"kind":"separate"},
             "metronome":{"countInBars":1,"accent":true,"click":"beats"}}""";

    /** The climb of fixed tempos from 60 to 100 by 8. */
    public static final String CLIMB =
            """
            {"axes":[{"axis":"tempo","from":60,"to":100,"scheme":{"type":"fixed","by":8}}]}""";

    /** An instrument that a studio adds. */
    public static final String INSTRUMENT =
            """
            {"name":"Marsh reed","family":"woodwind","sounds":"F3","clefs":["treble"],
             "firstOctave":"D4-G5","comfortable":"B3-D6","full":"B3-A6"}""";

    private Given() {}

    /** The application's settings as they are without any, but for where the data lies and how many may sign up. */
    public static PebbleProperties properties(Path data, boolean demo, int signUpsPerHour) {
        return new PebbleProperties(
                data,
                demo,
                signUpsPerHour,
                List.of(),
                PebbleProperties.SignUps.OPEN,
                "",
                false,
                "",
                "",
                false,
                false,
                64,
                4);
    }

    public static Answer student(Client teacher, String name, String instrument) {
        return teacher.post(
                "/api/students", """
                {"name":"%s","instrument":"%s"}""".formatted(name, instrument));
    }

    public static Answer step(Client teacher) {
        return step(teacher, STEP);
    }

    public static Answer step(Client teacher, String document) {
        return step(teacher, document, CLIMB);
    }

    /** A step as the only one of a routine; the answer is the step, or why there is none. */
    public static Answer step(Client teacher, String document, String climb) {
        Answer routine = teacher.post(
                "/api/routines",
                """
                {"title":"","steps":[{"document":%s,"climb":%s}]}""".formatted(document, climb));
        return routine.status() == 201 ? routine.part("/steps/0") : routine;
    }

    public static String assignment(long stepId, long studentId) {
        LocalDate today = LocalDate.now();
        return """
                {"stepId":%d,"studentId":%d,"startsOn":"%s","endsOn":"%s","minutesADay":8}"""
                .formatted(stepId, studentId, today.minusDays(7), today.plusDays(7));
    }

    /** A student with the step assigned; the answer is the assignment. */
    public static Answer assigned(Client teacher, Answer student) {
        return teacher.post("/api/assignments", assignment(step(teacher).id(), student.id()));
    }

    public static String take(long assignmentId, String outcome, int bpm) {
        return take(
                UUID.randomUUID(),
                assignmentId,
                outcome,
                bpm,
                OffsetDateTime.now().toString());
    }

    /** A clean take of a piece of today's list, on the rung where it stands. */
    public static String cleanTake(JsonNode item) {
        return """
                {"clientId":"%s","assignmentId":%d,"bpm":%s,"played":%s,"outcome":"clean","takenAt":"%s"}"""
                .formatted(
                        UUID.randomUUID(),
                        item.get("assignmentId").asLong(),
                        item.at("/toPlay/here/bpm"),
                        item.at("/toPlay/here/played"),
                        OffsetDateTime.now());
    }

    public static String take(UUID clientId, long assignmentId, String outcome, int bpm, String takenAt) {
        return """
                {"clientId":"%s","assignmentId":%d,"bpm":%d,"outcome":"%s","note":"","takenAt":"%s"}"""
                .formatted(clientId, assignmentId, bpm, outcome, takenAt);
    }
}
