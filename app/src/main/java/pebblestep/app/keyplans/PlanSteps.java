package pebblestep.app.keyplans;

import java.util.List;
import pebblestep.core.climb.Ascent;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;
import tools.jackson.databind.json.JsonMapper;

/** The steps of a plan, as a column keeps them. */
final class PlanSteps {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private PlanSteps() {}

    /** A step of the studio, as it was when the plan was given. */
    record Template(long stepId, Ascent ascent) {}

    private record Row(long stepId, String document, String climb) {}

    static String text(List<Template> templates) {
        return JSON.writeValueAsString(templates.stream()
                .map(one -> new Row(
                        one.stepId, StepJson.writeText(one.ascent.step()), ClimbJson.writeText(one.ascent.climb())))
                .toList());
    }

    static List<Template> read(String text) {
        return List.of(JSON.readValue(text, Row[].class)).stream()
                .map(row -> new Template(row.stepId, Ascent.of(StepJson.read(row.document), ClimbJson.read(row.climb))))
                .toList();
    }
}
