package pebblestep.app.moving;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Position;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.practice.Outcome;
import pebblestep.core.quiz.QuestionKind;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Forms;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.HandJson;
import pebblestep.exchange.SlippedJson;
import pebblestep.exchange.StepJson;
import tools.jackson.databind.JsonNode;

/**
 * Reads the values of rows that come from outside as those who use them later will, before anything of them is kept. What
 * only makes sense together, such as a step and its climb, is read once the rows stand.
 */
@Component
class RowChecks {
    private static final int MOST_MINUTES = 600;
    private static final int DAY_OF_SECONDS = 86_400;
    private static final int EVERY_DAY = 127;
    private static final int MOST_COUNTED = 100_000;

    private final Map<String, Consumer<JsonNode>> checks = new HashMap<>();

    RowChecks() {
        text("students.level", Level::of);
        text("students.lowest", NoteName::parse);
        text("students.hand", HandJson::read);
        text("studio_instruments.fingered_like", Instruments::of);
        number("students.minutes_a_day", 1, MOST_MINUTES);
        number("students.lesson_day", 1, 7);
        number("steps.position", 0, MOST_COUNTED);
        number("steps.rungs", 0, Integer.MAX_VALUE);
        number("steps.seconds", 0, Integer.MAX_VALUE);
        for (String table : new String[] {"steps.", "assignments.", "assignment_changes."}) {
            checks.put(table + "document", StepJson::read);
            checks.put(table + "climb", ClimbJson::read);
        }
        for (String table : new String[] {"key_plans.", "assignments."}) {
            number(table + "weekdays", 0, EVERY_DAY);
            number(table + "daily_minutes", 0, MOST_MINUTES);
        }
        text("assignments.start_at", Position::parse);
        checks.put("assignments.goal_bpm", node -> Bpm.of(node.decimalValue()));
        number("assignments.plan_place", 0, MOST_COUNTED);
        number("assignments.failed", 0, MOST_COUNTED);
        text("assignment_changes.placed_at", Position::parse);
        text("takes.outcome", RowChecks::outcome);
        checks.put("takes.bpm", node -> Bpm.of(node.decimalValue()));
        checks.put("takes.played", node -> ClimbJson.playedFrom(node.toString()));
        checks.put("takes.slipped", node -> SlippedJson.parse(node.toString()));
        number("takes.seconds", 0, DAY_OF_SECONDS);
        text("required_scales.tonic", NoteName::parse);
        text("required_scales.form", Forms::of);
        text("required_scales.note_value", Fraction::parse);
        checks.put("required_scales.bpm", node -> Bpm.of(node.decimalValue()));
        number("required_scales.octaves", 1, 4);
        text("quiz_answers.kind", QuestionKind::valueOf);
        text("quiz_answers.tonic", NoteName::parse);
        text("quiz_answers.form", Forms::of);
        text("quiz_answers.pitch", Pitch::parse);
    }

    private static void outcome(String name) {
        Outcome.valueOf(name);
    }

    private void text(String column, Consumer<String> reading) {
        checks.put(column, node -> reading.accept(node.asString()));
    }

    private void number(String column, long least, long most) {
        checks.put(column, node -> {
            long number = node.asLong();
            if (number < least || number > most) throw Refusal.of("this is not between " + least + " and " + most);
        });
    }

    /** Checks of one archive: what was read once is not read again. */
    Reading reading() {
        return new Reading(checks);
    }

    /** Remembers documents that stand in many rows. */
    static final class Reading {
        private static final int MOST_KNOWN = 4_000;
        private final Map<String, Consumer<JsonNode>> checks;
        private final Set<String> known = new HashSet<>();

        private Reading(Map<String, Consumer<JsonNode>> checks) {
            this.checks = checks;
        }

        /** Refuses a value that its column cannot mean, in words. */
        void require(String table, String column, JsonNode value) {
            Consumer<JsonNode> check = checks.get(table + "." + column);
            if (check == null) return;
            String text = value.isContainer() ? column + " " + value : "";
            if (known.contains(text)) return;
            check.accept(value);
            if (!text.isEmpty() && known.size() < MOST_KNOWN) known.add(text);
        }
    }
}
