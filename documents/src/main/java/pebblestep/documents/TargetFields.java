package pebblestep.documents;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Target;
import pebblestep.core.passage.Target.Arriving;
import pebblestep.core.rhythm.Fraction;

/** The landing part of a step document. */
final class TargetFields {
    private TargetFields() {}

    static Target read(StepDocument.@Nullable LandingPart part) {
        if (part == null) return Target.USUAL;
        if (part.beat() != null && part.at() != null) {
            throw Refusal.of("landing.at", "A landing has either a beat or a place: give one of the two.");
        }
        Optional<Fraction> at =
                Optional.ofNullable(part.at()).map(text -> Fields.at("landing.at", () -> Fraction.parse(text)));
        return new Target(
                StepDocuments.or(part.note(), Arriving.LAST),
                at.isPresent() ? Optional.empty() : Optional.of(StepDocuments.or(part.beat(), 1)),
                at);
    }

    static StepDocument.LandingPart write(Target target) {
        return new StepDocument.LandingPart(
                target.beat().orElse(null),
                target.at().map(Fraction::toString).orElse(null),
                target.note() == Arriving.LAST ? null : target.note());
    }
}
