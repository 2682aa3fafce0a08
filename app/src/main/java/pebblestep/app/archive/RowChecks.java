package pebblestep.app.archive;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import pebblestep.app.bench.Ascents;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Position;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyPlan;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.pitch.ReferencePitch;
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

    /** Texts that mean nothing but themselves. */
    private static final Set<String> FREE = Set.of(
            "teachers.name",
            "students.name",
            "students.class_name",
            "students.parent_note",
            "students.letter_to",
            "studio_instruments.name",
            "routines.title",
            "steps.title",
            "steps.in_key",
            "key_plans.title",
            "assignments.title",
            "takes.note",
            "words_to_teacher.text",
            "lesson_notes.text",
            "lesson_notes.to_parents",
            "quiz_answers.answer");

    /** Columns that are read together once their rows stand, by {@link ReadBack}. */
    private static final Set<String> READ_TOGETHER = Set.of(
            "students.instrument",
            "studio_instruments.family",
            "studio_instruments.sounds",
            "studio_instruments.clefs",
            "studio_instruments.first_octave",
            "studio_instruments.comfortable",
            "studio_instruments.full_range",
            "key_plans.steps",
            "key_plans.key_order",
            "key_plans.keys",
            "key_plans.named",
            "key_plan_events.kind");

    private final Map<String, Consumer<JsonNode>> checks = new HashMap<>();

    RowChecks() {
        text("students.level", Level::of);
        text("students.highest", Pitch::parse);
        checks.put("students.reference_pitch", node -> new ReferencePitch(node.doubleValue()));
        text("students.lowest", Pitch::parse);
        text("students.hand", HandJson::read);
        text("studio_instruments.fingered_like", Instruments::of);
        number("students.minutes_a_day", 1, MOST_MINUTES);
        number("students.lesson_day", 1, 7);
        number("steps.position", 0, MOST_COUNTED);
        text("steps.tonic", NoteName::parse);
        text("steps.profile", Ascents::profile);
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
        text("key_plans.forms", FormSet::valueOf);
        text("key_plans.pace", KeyPlan.Pace::valueOf);
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

    /** Whether it is said how a column of texts or documents is read. */
    boolean knows(String table, String column) {
        String name = table + "." + column;
        return checks.containsKey(name) || FREE.contains(name) || READ_TOGETHER.contains(name);
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
