package pebblestep.documents;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Axis;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.RateSchool;
import pebblestep.core.climb.Rules;
import pebblestep.core.climb.Rung;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.tempo.LadderScheme;
import pebblestep.core.tempo.SchemeKind;

/**
 * Reads climbs from their documents and writes them back. A field that does not belong to the axis it stands on is
 * refused, never ignored.
 */
public final class ClimbDocuments {
    private ClimbDocuments() {}

    /** The climb that a document says; refuses the first field that is malformed, out of range or of another axis. */
    public static Climb read(ClimbDocument document) {
        List<Axis> axes = new ArrayList<>();
        for (int i = 0; i < document.axes().size(); i++) {
            try {
                axes.add(axis(document.axes().get(i)));
            } catch (Refusal e) {
                throw e.under(Integer.toString(i)).under("axes");
            }
        }
        ClimbDocument.RulesPart rules = document.rules();
        return new Climb(
                axes,
                StepDocuments.or(document.policy(), Policy.IN_TURN),
                StepDocuments.or(document.rate(), RateSchool.SAME_RATE),
                StepDocuments.or(document.restart(), Climb.USUAL_RESTART),
                rules == null
                        ? Rules.USUAL
                        : new Rules(
                                StepDocuments.or(rules.clean(), Rules.USUAL.cleanToPass()),
                                StepDocuments.or(rules.misses(), Rules.USUAL.missesToStepBack()),
                                StepDocuments.or(rules.rungsADay(), Rules.USUAL.rungsADay())),
                StepDocuments.or(document.repetitions(), Climb.USUAL_REPETITIONS));
    }

    private static Axis axis(ClimbDocument.AxisPart part) {
        AxisKind kind = part.axis();
        if (kind == AxisKind.TEMPO) return tempo(part);
        if (part.from() != null || part.to() != null || part.scheme() != null) {
            String field = part.from() != null ? "from" : part.to() != null ? "to" : "scheme";
            throw Refusal.of(field, "Only the axis of tempo has \"" + field + "\".")
                    .fits("Give rungs.");
        }
        if (part.rungs() == null) throw Refusal.of("rungs", "The rungs of this axis are missing.");
        List<Rung> rungs = new ArrayList<>();
        for (int i = 0; i < part.rungs().size(); i++) {
            try {
                rungs.add(RungFields.read(kind, part.rungs().get(i)));
            } catch (Refusal e) {
                throw e.under(Integer.toString(i)).under("rungs");
            }
        }
        return Axis.of(rungs);
    }

    private static Axis tempo(ClimbDocument.AxisPart part) {
        if (part.rungs() != null) {
            throw Refusal.of("rungs", "The rungs of tempo follow from its scheme.")
                    .fits("Give from, to and scheme.");
        }
        Bpm from = Fields.at("from", () -> bpm(part.from(), "first tempo"));
        Bpm to = Fields.at("to", () -> bpm(part.to(), "target tempo"));
        if (part.scheme() == null) throw Refusal.of("scheme", "Say how the tempos follow on each other.");
        return Axis.tempo(from, to, scheme(part.scheme()));
    }

    private static Bpm bpm(@Nullable BigDecimal number, String what) {
        if (number == null) throw Refusal.of("Give the " + what + ".");
        return Bpm.of(number);
    }

    private static LadderScheme scheme(ClimbDocument.SchemePart part) {
        BigDecimal by = part.by();
        Integer forward = part.forward();
        if (forward != null && part.type() != SchemeKind.BACK_STEP) {
            throw Refusal.of("scheme.forward", "Only a back-step ladder counts its steps forward.")
                    .fits("Leave this field out.");
        }
        if (by != null) return forward == null ? LadderScheme.by(part.type(), by) : LadderScheme.backStep(by, forward);
        if (part.type() == SchemeKind.DIAL) return LadderScheme.dial();
        throw Refusal.of("scheme.by", "Give the step between rungs.");
    }

    /** Writes a climb as a document with every field it carries said. */
    public static ClimbDocument write(Climb climb) {
        Rules rules = climb.rules();
        return new ClimbDocument(
                climb.policy(),
                climb.rate(),
                climb.restart(),
                climb.axes().stream().map(ClimbDocuments::part).toList(),
                new ClimbDocument.RulesPart(rules.cleanToPass(), rules.missesToStepBack(), rules.rungsADay()),
                climb.repetitions());
    }

    private static ClimbDocument.AxisPart part(Axis axis) {
        if (axis.kind() != AxisKind.TEMPO) return part(axis.kind(), axis.rungs());
        LadderScheme scheme = axis.scheme().orElseThrow();
        return new ClimbDocument.AxisPart(
                axis.kind(),
                axis.ladder().rung(0).value(),
                axis.ladder().target().value(),
                new ClimbDocument.SchemePart(
                        scheme.kind(),
                        scheme.by().orElse(null),
                        scheme.forward().isPresent() ? scheme.forward().getAsInt() : null),
                null);
    }

    /** Rungs of any kind but tempo as an axis. */
    public static ClimbDocument.AxisPart part(AxisKind kind, List<Rung> rungs) {
        return new ClimbDocument.AxisPart(
                kind, null, null, null, rungs.stream().map(RungFields::write).toList());
    }

    /** The rungs of every axis but tempo at a position, as parts: what a take on it says it played. */
    public static List<PlayedPart> played(Ascent ascent, Position at) {
        return ascent.climb().rungs(at).stream()
                .filter(rung -> rung.kind() != AxisKind.TEMPO)
                .map(rung -> new PlayedPart(rung.kind(), RungFields.write(rung)))
                .toList();
    }

    /** A rung that was played, and its axis. */
    public record PlayedPart(AxisKind axis, ClimbDocument.RungPart rung) {}

    /** Reads rungs that were played; refuses what no rung can be, and one axis twice. */
    public static List<Rung> played(List<PlayedPart> parts) {
        if (parts.isEmpty()) return List.of();
        // Read as axes of one rung each.
        return Climb.of(parts.stream().map(ClimbDocuments::played).toList(), Policy.IN_TURN).axes().stream()
                .map(axis -> axis.rung(0))
                .toList();
    }

    private static Axis played(PlayedPart part) {
        if (part.axis() == null || part.rung() == null)
            throw Refusal.of("A rung that was played has an axis and a rung.");
        return axis(new ClimbDocument.AxisPart(part.axis(), null, null, null, Collections.singletonList(part.rung())));
    }

    /** Rungs that were played, as parts. */
    public static List<PlayedPart> parts(List<Rung> rungs) {
        return rungs.stream()
                .map(rung -> new PlayedPart(rung.kind(), RungFields.write(rung)))
                .toList();
    }
}
