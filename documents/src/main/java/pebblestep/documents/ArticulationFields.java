package pebblestep.documents;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.rhythm.Fraction;

/** The articulation part of a step document. */
final class ArticulationFields {
    private ArticulationFields() {}

    static Articulation read(StepDocument.@Nullable ArticulationPart part) {
        if (part == null) return Articulation.SEPARATE;
        return new Articulation(
                StepDocuments.or(part.kind(), ArticulationKind.SEPARATE),
                StepDocuments.or(part.by(), 0),
                StepDocuments.or(part.accentEvery(), 0),
                Optional.ofNullable(part.bow()),
                Optional.ofNullable(part.bowShare()).map(Fraction::parse));
    }

    static StepDocument.ArticulationPart write(Articulation articulation) {
        return new StepDocument.ArticulationPart(
                articulation.kind(),
                articulation.by() == 0 ? null : articulation.by(),
                articulation.accentEvery() == 0 ? null : articulation.accentEvery(),
                articulation.bow().orElse(null),
                articulation.bowShare().map(Fraction::toString).orElse(null));
    }
}
