package pebblestep.app.demo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import pebblestep.app.demo.DemoPlan.Given;
import pebblestep.core.line.Extent;
import pebblestep.core.passage.Material;
import pebblestep.documents.StepDocuments;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The pieces of the demo's plan as documents of steps and climbs. */
record DemoDocuments(JsonMapper json) {
    /** The climb of a piece: its tempos, and the other axes that its plan names, such as {@code value 1/4,1/8}. */
    JsonNode climb(Given piece) {
        List<String> words = List.of(("in-turn " + piece.climb()).strip().split(" "));
        boolean named = words.size() > 1;
        List<String> axes = new ArrayList<>();
        axes.add("""
                {"axis":"tempo","from":%d,"to":%d,"scheme":{"type":"fixed","by":%d}}"""
                .formatted(piece.from(), piece.to(), piece.by()));
        for (int i = 2; i + 1 < words.size(); i += 2) axes.add(axis(words.get(i), words.get(i + 1)));
        return json.readTree(
                "{\"policy\":\"%s\",\"axes\":[%s]}".formatted(words.get(named ? 1 : 0), String.join(",", axes)));
    }

    private static String axis(String field, String rungs) {
        String each =
                switch (field) {
                    case "octaves" -> "{\"octaves\":%s}";
                    case "keys" -> "{\"keys\":%s}";
                    case "hands" -> "{\"hands\":\"%s\"}";
                    default -> "{\"figure\":[\"%s\"]}";
                };
        String axis =
                switch (field) {
                    case "octaves" -> "span";
                    case "keys" -> "walk";
                    case "hands" -> "hands";
                    default -> "value";
                };
        List<String> said = Arrays.stream(rungs.split(",")).map(each::formatted).toList();
        return "{\"axis\":\"%s\",\"rungs\":[%s]}".formatted(axis, String.join(",", said));
    }

    /** The step of a piece. */
    JsonNode document(Given piece) {
        String[] line = (piece.extent() + " straight").split(" ");
        int far = Integer.parseInt(line[0].substring(1));
        Extent extent = line[0].startsWith("o") ? Extent.octaves(far) : Extent.span(far);
        return json.readTree(
                """
                {"format":"pebble-step/1","title":"%s",
                 "key":{"tonic":"%s","form":"%s","named":"concert"},
                 "line":%s,
                 "rhythm":{"meter":"%s","figure":["%s"],"place":"%s"},
                 "tempo":{"beat":"%s","bpm":%d},"metronome":{%s}%s}"""
                        .formatted(
                                piece.title(),
                                piece.tonic(),
                                piece.form(),
                                json.writeValueAsString(StepDocuments.lineOf(
                                        Material.pattern(line[1]).line().withExtent(extent))),
                                piece.meter(),
                                piece.value(),
                                piece.place(),
                                piece.meter().equals("6/8") ? "3/8" : "1/4",
                                piece.from(),
                                piece.sound(),
                                (piece.beside().isEmpty() ? "" : "," + piece.beside())
                                        + (piece.hand().isEmpty() ? "" : ",\"hand\":" + piece.hand())));
    }
}
