package pebblestep.documents;

import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Rung;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;

/** A rung of an axis other than tempo, in the fields of a step document. */
final class RungFields {
    private RungFields() {}

    /** Refuses fields that belong to another axis, and a rung without its own. */
    static Rung read(AxisKind kind, ClimbDocument.RungPart part) {
        Set<String> given = given(part);
        Set<String> own = fields(kind);
        for (String field : given) {
            if (!own.contains(field)) {
                throw Refusal.of(field, "A rung of " + kind.words() + " has no field \"" + field + "\".")
                        .fits("Give " + String.join(" or ", own) + ".");
            }
        }
        Refusal missing =
                Refusal.of("A rung of " + kind.words() + " is empty.").fits("Give " + String.join(" or ", own) + ".");
        if (given.isEmpty() || kind == AxisKind.PLACE && part.place() == null) throw missing;
        return switch (kind) {
            case TEMPO -> throw Refusal.of("A tempo is no rung of its own.");
            case VALUE -> new Rung.OfValue(Figure.ofCycle(said(part.figure())));
            case SPAN -> new Rung.OfSpan(StepDocuments.extent(part.octaves(), part.span()));
            case PLACE ->
                new Rung.OfPlace(
                        fraction("place", said(part.place())),
                        Optional.ofNullable(part.back()).map(back -> fraction("back", back)));
            case ARTICULATION -> new Rung.OfArticulation(ArticulationFields.read(part.articulation()));
            case LINE -> new Rung.OfLine(StepDocuments.line(said(part.line())));
            case HANDS -> new Rung.OfHands(said(part.hands()));
            case WALK -> walk(part);
            case HAND -> hand(said(part.hand()));
        };
    }

    /** A field that the check above has found. */
    private static <T> T said(@Nullable T field) {
        return Objects.requireNonNull(field);
    }

    private static Set<String> fields(AxisKind kind) {
        return switch (kind) {
            case TEMPO -> Set.of();
            case VALUE -> Set.of("figure");
            case SPAN -> new TreeSet<>(Set.of("octaves", "span"));
            case PLACE -> new TreeSet<>(Set.of("place", "back"));
            case ARTICULATION -> Set.of("articulation");
            case LINE -> Set.of("line");
            case HANDS -> Set.of("hands");
            case WALK -> new TreeSet<>(Set.of("keys", "wholeWalk"));
            case HAND -> Set.of("hand");
        };
    }

    /** The fields that are there. Taken apart by a pattern, so that the compiler names this place when one is added. */
    private static Set<String> given(ClimbDocument.RungPart part) {
        return switch (part) {
            case ClimbDocument.RungPart(
                    var figure,
                    var octaves,
                    var span,
                    var place,
                    var back,
                    var articulation,
                    var line,
                    var hands,
                    var keys,
                    var wholeWalk,
                    var hand) -> {
                Set<String> given = new TreeSet<>();
                if (figure != null) given.add("figure");
                if (octaves != null) given.add("octaves");
                if (span != null) given.add("span");
                if (place != null) given.add("place");
                if (back != null) given.add("back");
                if (articulation != null) given.add("articulation");
                if (line != null) given.add("line");
                if (hands != null) given.add("hands");
                if (keys != null) given.add("keys");
                if (wholeWalk != null) given.add("wholeWalk");
                if (hand != null) given.add("hand");
                yield given;
            }
        };
    }

    private static Fraction fraction(String field, String text) {
        return Fields.at(field, () -> Fraction.parse(text));
    }

    /** A number of keys, or the whole walk; refuses both, and numbers that no order has. */
    private static Rung walk(ClimbDocument.RungPart part) {
        boolean whole = Boolean.TRUE.equals(part.wholeWalk());
        if (whole == (part.keys() != null)) {
            throw Refusal.of("keys", "Give either a number of keys or the whole walk: exactly one of the two.");
        }
        return new Rung.OfWalk(Optional.ofNullable(part.keys()));
    }

    /** How the hand goes; refuses fingerings that are fixed, which are the step's. */
    private static Rung hand(StepDocument.HandPart part) {
        FingeringChoice wish = HandFields.read(part);
        if (!wish.pins().isEmpty()) {
            throw Refusal.of("hand", "A rung has a school and a position, no fingering of one note.")
                    .fits("Fix fingerings in the step.");
        }
        return new Rung.OfHand(wish.school(), wish.position());
    }

    static ClimbDocument.RungPart write(Rung rung) {
        return switch (rung) {
            case Rung.OfTempo tempo -> throw new IllegalArgumentException("A tempo is no rung of its own: " + rung);
            case Rung.OfValue value ->
                ClimbDocument.RungPart.NONE.withFigure(value.figure().cycle());
            case Rung.OfSpan span -> {
                PatternFields.Span said = PatternFields.span(span.extent());
                yield ClimbDocument.RungPart.NONE.withExtent(said.octaves(), said.notes());
            }
            case Rung.OfPlace place ->
                ClimbDocument.RungPart.NONE.withPlace(
                        place.place().toString(),
                        place.back().map(Fraction::toString).orElse(null));
            case Rung.OfArticulation joined ->
                ClimbDocument.RungPart.NONE.withArticulation(ArticulationFields.write(joined.articulation()));
            case Rung.OfLine line -> ClimbDocument.RungPart.NONE.withLine(StepDocuments.lineOf(line.line()));
            case Rung.OfHands hands -> ClimbDocument.RungPart.NONE.withHands(hands.hands());
            case Rung.OfHand hand ->
                ClimbDocument.RungPart.NONE.withHand(new StepDocument.HandPart(
                        hand.school().orElse(null), hand.position().orElse(null), null));
            case Rung.OfWalk walk ->
                ClimbDocument.RungPart.NONE.withKeys(walk.keys().orElse(null));
        };
    }
}
