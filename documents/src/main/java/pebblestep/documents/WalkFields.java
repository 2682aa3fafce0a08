package pebblestep.documents;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.harmony.ChordQualities;
import pebblestep.core.harmony.ChordQuality;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Degree;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.walk.Change;
import pebblestep.core.walk.Join;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Signatures;
import pebblestep.core.walk.Walk;
import pebblestep.documents.StepDocument.ChangePart;
import pebblestep.documents.StepDocument.WalkPart;

/** The walk of a step document. */
public final class WalkFields {
    /** Orders whose names in a walk are not those of a key plan: a walk takes many steps, a plan one at a time. */
    private static final Map<String, KeyOrder> PLURALS = Map.of(
            "semitones-up", KeyOrder.SEMITONE_UP,
            "semitones-down", KeyOrder.SEMITONE_DOWN,
            "whole-steps-up", KeyOrder.WHOLE_STEP_UP,
            "whole-steps-down", KeyOrder.WHOLE_STEP_DOWN);

    private WalkFields() {}

    /** The walk that a part says; refuses its first wrong field. */
    static Optional<Walk> read(@Nullable WalkPart part) {
        if (part == null) return Optional.empty();
        Optional<KeyOrder> order = Optional.ofNullable(part.order()).map(WalkFields::order);
        List<String> own = StepDocuments.or(part.own(), List.of());
        List<Change> progression = StepDocuments.or(part.progression(), List.<ChangePart>of()).stream()
                .map(WalkFields::change)
                .toList();
        boolean back = StepDocuments.or(part.thereAndBack(), false);
        boolean usuallyHome = comesHome(order.isPresent(), part.keys() != null, back, !progression.isEmpty());
        Keys keys = new Keys(
                order,
                own.stream()
                        .map(name -> Fields.at("walk.own", () -> NoteName.parse(name)))
                        .toList(),
                Optional.ofNullable(part.keys()),
                back,
                StepDocuments.or(part.home(), usuallyHome));
        return Optional.of(new Walk(
                keys,
                progression,
                StepDocuments.or(part.join(), Join.NEXT_BAR),
                Optional.ofNullable(part.bars()),
                StepDocuments.or(part.once(), false),
                StepDocuments.or(part.signatures(), Signatures.CHANGE)));
    }

    /** Whether a walk that does not say so ends in its first key: one through the whole cycle of an order does. */
    private static boolean comesHome(boolean ordered, boolean counted, boolean back, boolean progresses) {
        return ordered && !counted && !back && !progresses;
    }

    /** Whether that walk ends in its first key where its document does not say so. */
    public static boolean comesHome(Walk walk) {
        Keys keys = walk.keys();
        return comesHome(
                keys.order().isPresent(),
                keys.count().isPresent(),
                keys.thereAndBack(),
                !walk.progression().isEmpty());
    }

    private static KeyOrder order(String name) {
        KeyOrder plural = PLURALS.get(name);
        return plural != null ? plural : Fields.at("walk.order", () -> Identified.of(KeyOrder.class, name));
    }

    /** How an order is named in a walk. */
    public static String name(KeyOrder order) {
        return PLURALS.entrySet().stream()
                .filter(entry -> entry.getValue() == order)
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(order.id());
    }

    private static Change change(ChangePart part) {
        return new Change(
                Fields.at("walk.progression", () -> Degree.parse(part.degree())),
                Fields.at("walk.progression", () -> Forms.of(part.form())),
                Optional.ofNullable(part.chord()).map(WalkFields::chord),
                Optional.ofNullable(part.bars()));
    }

    private static ChordQuality chord(String symbol) {
        return ChordQualities.tryOf(symbol)
                .orElseThrow(
                        () -> Refusal.of("walk.progression", "\"" + symbol + "\" is no chord that is carried here."));
    }

    /** A walk as a part. */
    public static WalkPart write(Walk walk) {
        Keys keys = walk.keys();
        return new WalkPart(
                keys.order().map(WalkFields::name).orElse(null),
                keys.own().isEmpty()
                        ? null
                        : keys.own().stream().map(NoteName::id).toList(),
                keys.count().orElse(null),
                keys.thereAndBack() ? true : null,
                keys.home() == comesHome(walk) ? null : keys.home(),
                changes(walk.progression()),
                walk.join(),
                walk.bars().orElse(null),
                walk.once() ? true : null,
                walk.signatures());
    }

    /** A progression as it stands in a document; null for none. */
    public static @Nullable List<ChangePart> changes(List<Change> progression) {
        return progression.isEmpty()
                ? null
                : progression.stream()
                        .map(change -> new ChangePart(
                                change.degree().id(),
                                change.form().id(),
                                change.chord().map(ChordQuality::symbol).orElse(null),
                                change.bars().orElse(null)))
                        .toList();
    }
}
