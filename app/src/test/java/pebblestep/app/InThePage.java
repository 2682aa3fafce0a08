package pebblestep.app;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.ProblemDocument;
import pebblestep.documents.bench.ForecastAsked;
import pebblestep.documents.bench.ForecastAsked.WhatIf;
import pebblestep.documents.bench.ForecastGround;
import pebblestep.documents.practice.PieceDocument;
import pebblestep.documents.practice.RoomDocument;
import pebblestep.documents.practice.RungAsked;
import pebblestep.documents.practice.TakenPart;
import pebblestep.documents.practice.Today;
import pebblestep.documents.practice.TodayAsked;
import pebblestep.exchange.IdentifiedNames;
import tools.jackson.databind.JsonNode;

/** A student's page: what it works out of what the studio has given it, by the classes that are compiled for it. */
public record InThePage(RoomDocument room) {
    /** The page of somebody who has just opened the link. */
    public static InThePage of(Client practising) {
        return new InThePage(read(practising.get("/api/practice/room").json(), RoomDocument.class));
    }

    /** How a step of a student will go on, in the teacher's page: with what is asked about in the place of what is planned. */
    public static JsonNode forecast(Client teacher, long assignment, String what) {
        ForecastGround ground =
                read(teacher.get("/api/assignments/" + assignment + "/forecast").json(), ForecastGround.class);
        WhatIf asked = IdentifiedNames.JSON.readValue(what, WhatIf.class);
        try {
            return json(new ForecastAsked(ground, asked, LocalDate.now()).answer());
        } catch (Refusal e) {
            return json(ProblemDocument.of(e));
        }
    }

    private static <T> T read(JsonNode document, Class<T> as) {
        return IdentifiedNames.JSON.treeToValue(document, as);
    }

    /** A document as JSON. */
    public static JsonNode json(Object document) {
        return IdentifiedNames.JSON.readTree(IdentifiedNames.JSON.writeValueAsString(document));
    }

    /** The list of a day after takes that the studio does not have. */
    public Today list(LocalDate day, TakenPart... taken) {
        return new TodayAsked(room, List.of(taken), day).answer();
    }

    /** A piece of work, by its assignment. */
    public PieceDocument piece(long assignment) {
        return room.pieces().stream()
                .filter(piece -> piece.assignmentId() == assignment)
                .findFirst()
                .orElseThrow();
    }

    /** What is on the stand. */
    public PassageDocument passage(long assignment, String at, @Nullable BigDecimal bpm) {
        return new RungAsked(piece(assignment), room.player(), room.speech(), at, bpm, null).answer();
    }

    /** What is on the stand where the student is to begin. */
    public JsonNode passage(long assignment) {
        return json(passage(assignment, piece(assignment).progress().standing().at(), null));
    }
}
