package pebblestep.exchange;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.line.Arpeggio;
import pebblestep.core.line.ChordSize;
import pebblestep.core.line.Chords;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Free;
import pebblestep.core.line.FreeDegrees;
import pebblestep.core.line.Line;
import pebblestep.core.line.Pattern;
import pebblestep.core.line.Pivot;
import pebblestep.core.line.Reach;
import pebblestep.core.line.Sequence;
import pebblestep.core.line.Straight;
import pebblestep.core.pitch.Pitch;

/** The fields of a line document that belong to its pattern. A field of another pattern is refused, never ignored. */
final class PatternFields {
    private PatternFields() {}

    static Pattern read(StepDocument.LinePart line) {
        String id = StepDocuments.or(line.pattern(), "straight");
        only(line.cell(), "line.cell", id, "sequence");
        only(line.targets(), "line.targets", id, "reach");
        only(line.degrees(), "line.degrees", id, "free");
        only(line.moved(), "line.moved", id, "free");
        only(line.chord(), "line.chord", id, "arpeggio", "chords");
        return switch (id) {
            case "arpeggio" -> new Arpeggio(chord(line));
            case "sequence" ->
                new Sequence(needed(line.cell(), "line.cell", "Scale offsets, such as [0, 2] for thirds."));
            case "reach" -> new Reach(StepDocuments.or(line.targets(), List.of()));
            case "pivot" -> new Pivot();
            case "chords" -> new Chords(chord(line));
            case "free" ->
                new Free(
                        FreeDegrees.parse(needed(line.degrees(), "line.degrees", "Degrees, such as 1 2 3 1.")),
                        StepDocuments.or(line.moved(), false));
            default -> new Straight();
        };
    }

    private static ChordSize chord(StepDocument.LinePart line) {
        return StepDocuments.byId(ChordSize.values(), ChordSize::id, StepDocuments.or(line.chord(), "triad"));
    }

    private static <T> T needed(@Nullable T value, String field, String fits) {
        if (value == null)
            throw Refusal.of(field, "This pattern needs this field.").fits(fits);
        return value;
    }

    private static void only(@Nullable Object value, String field, String pattern, String... owners) {
        if (value != null && !List.of(owners).contains(pattern)) {
            throw Refusal.of(
                            field,
                            "This field belongs to the pattern " + String.join(" or ", owners) + ", not to " + pattern
                                    + ".")
                    .fits("Leave it out.");
        }
    }

    static StepDocument.LinePart write(Line line, Optional<Pitch> register) {
        boolean octaves = line.extent() instanceof Extent.Octaves;
        Pattern pattern = line.pattern();
        Optional<Free> free =
                Optional.of(pattern).filter(Free.class::isInstance).map(Free.class::cast);
        return new StepDocument.LinePart(
                pattern.id(),
                octaves ? ((Extent.Octaves) line.extent()).count() : null,
                octaves ? null : ((Extent.Span) line.extent()).notes(),
                line.travel().id(),
                line.turn().id(),
                line.from(),
                pattern instanceof Sequence sequence ? sequence.cell() : null,
                pattern instanceof Reach reach && !reach.targets().isEmpty() ? reach.targets() : null,
                free.map(f -> f.degrees().toString()).orElse(null),
                free.map(Free::moved).orElse(null),
                chordOf(pattern),
                line.enter() == 1 ? null : line.enter(),
                line.passing()
                        .map(passing ->
                                new StepDocument.PassingPart(passing.change().id(), passing.note()))
                        .orElse(null),
                register.map(Pitch::toString).orElse(null));
    }

    private static @Nullable String chordOf(Pattern pattern) {
        if (pattern instanceof Arpeggio arpeggio) return arpeggio.chord().id();
        return pattern instanceof Chords chords ? chords.chord().id() : null;
    }
}
