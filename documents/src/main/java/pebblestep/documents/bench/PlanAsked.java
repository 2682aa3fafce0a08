package pebblestep.documents.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.instrument.Level;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.FreshInKeys;
import pebblestep.core.keyplan.InKey;
import pebblestep.core.keyplan.KeyMaterial;
import pebblestep.core.keyplan.KeyPlan;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.KeyOrder;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;

/**
 * A routine through the keys, to be looked at before it is given.
 *
 * @param steps of the routine
 * @param readers who would get it
 * @param order of the keys; a list of one's own without
 * @param start the key it begins in; not for a list of one's own
 * @param keys the list of one's own, such as C F Bb
 * @param named whether the keys are concert or written ones
 * @param forms what each key brings
 * @param startsOn the first day
 */
public record PlanAsked(
        List<PlanStep> steps,
        List<PlanReader> readers,
        @Nullable KeyOrder order,
        @Nullable String start,
        @Nullable String keys,
        boolean thereAndBack,
        Named named,
        FormSet forms,
        KeyPlan.Pace pace,
        LocalDate startsOn,
        SpeechDocument speech) {

    /** A step of the routine and its climb. */
    public record PlanStep(StepDocument document, ClimbDocument climb) {}

    /** Somebody who would get it. */
    public record PlanReader(long studentId, String name, Level level, PlayerDocument player) {}

    /** What a plan will be for each of them. */
    public record PlanAnswer(List<KeyPlanPreview> previews) {}

    /** What a plan will be for one student. */
    public record KeyPlanPreview(long studentId, String name, List<PlannedKey> round) {}

    /**
     * One key of a round, as the student reads it.
     *
     * @param from its first day; absent where that is not known
     * @param brings what is played in it
     * @param leftOut what does not fit the student, and why
     * @param fresh what is new for the hand since the keys before, in clauses
     */
    public record PlannedKey(
            String tonic, @Nullable LocalDate from, List<String> brings, List<String> leftOut, List<String> fresh) {}

    /** Works it out; refuses what cannot be, by its field. */
    public PlanAnswer answer() {
        List<NoteName> round = keys(order, start, keys);
        List<Ascent> ascents = steps.stream()
                .map(step -> Asked.ascent(step.document(), step.climb()))
                .toList();
        KeyMaterial material = new KeyMaterial(ascents, forms, named).requireFew(round.getFirst());
        KeyPlan plan = new KeyPlan(round, thereAndBack, pace, startsOn);
        Speech talk = speech.read();
        List<KeyPlanPreview> previews = new ArrayList<>();
        for (PlanReader reader : readers) {
            require(reader.name(), reader.level(), pace);
            previews.add(new KeyPlanPreview(
                    reader.studentId(),
                    reader.name(),
                    round(plan, material, reader.player().read(), talk)));
        }
        return new PlanAnswer(previews);
    }

    /** The keys of a round; refuses an order without a start that can be read, and a list that cannot be one. */
    public static List<NoteName> keys(@Nullable KeyOrder order, @Nullable String start, @Nullable String keys) {
        if (order != null) return order.from(Fields.at("start", () -> NoteName.parse(start == null ? "C" : start)));
        String text = keys == null ? "" : keys.replace(',', ' ').strip();
        if (text.isEmpty())
            throw Refusal.of("keys", "Write the keys of your list.").fits("Such as C F Bb Eb.");
        return Fields.at(
                "keys",
                () -> KeyOrder.own(
                        Parts.words(text).stream().map(NoteName::parse).toList()));
    }

    /** Refuses a key a day for somebody who plays a first octave. */
    public static void require(String name, Level level, KeyPlan.Pace pace) {
        if (level == Level.FIRST_OCTAVE && pace == KeyPlan.Pace.DAY) {
            throw Refusal.of("pace", "A key a day is too fast for " + name + ", who plays a first octave.")
                    .fits("Choose a key a week, or the next key when one is learned.");
        }
    }

    private static List<PlannedKey> round(KeyPlan plan, KeyMaterial material, Player player, Speech speech) {
        List<PlannedKey> keys = new ArrayList<>();
        List<List<KeyMaterial.InPlan>> round = plan.round().stream()
                .map(tonic -> material.pieces(tonic, player, speech))
                .toList();
        FreshInKeys fresh =
                FreshInKeys.of(round.stream().map(PlanAsked::ascents).toList(), player);
        LocalDate from = plan.from();
        for (int place = 0; place < plan.round().size(); place++) {
            NoteName tonic = plan.at(place);
            List<String> brings = new ArrayList<>();
            List<String> leftOut = new ArrayList<>();
            for (KeyMaterial.InPlan piece : round.get(place)) {
                String key = Passage.writtenKey(piece.key(), material.named(), player)
                        .toString();
                piece.fitted()
                        .ifPresentOrElse(
                                fitted -> brings.add(key + octaves(fitted)),
                                () -> leftOut.add(key + ": " + piece.refusal()));
            }
            keys.add(new PlannedKey(
                    material.asRead(tonic, player).id(),
                    from,
                    brings,
                    leftOut,
                    fresh.keys().get(place)));
            from = from == null
                    ? null
                    : plan.nextOn(new KeyPlan.Station(place, 0, tonic, from, false))
                            .orElse(null);
        }
        return keys;
    }

    private static List<Ascent> ascents(List<KeyMaterial.InPlan> pieces) {
        return pieces.stream()
                .flatMap(piece -> piece.fitted().stream())
                .map(InKey::ascent)
                .toList();
    }

    private static String octaves(InKey fitted) {
        return fitted.fewerOctaves()
                .map(count -> count == 1 ? ", one octave" : ", " + count + " octaves")
                .orElse("");
    }
}
