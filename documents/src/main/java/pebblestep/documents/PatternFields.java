package pebblestep.documents;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
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
import pebblestep.core.line.PatternKind;
import pebblestep.core.line.Pivot;
import pebblestep.core.line.Reach;
import pebblestep.core.line.Sequence;
import pebblestep.core.line.Straight;
import pebblestep.core.pitch.Pitch;

/** The fields of a line document that belong to its pattern. A field of another pattern is refused, never ignored. */
final class PatternFields {
    private PatternFields() {}

    static Pattern read(StepDocument.LinePart line) {
        PatternKind kind = StepDocuments.or(line.pattern(), PatternKind.STRAIGHT);
        for (Own field : Own.values()) {
            if (field.in(line) != null && !field.owners.contains(kind)) throw field.strange(kind);
        }
        return switch (kind) {
            case STRAIGHT -> new Straight();
            case ARPEGGIO -> new Arpeggio(StepDocuments.or(line.chord(), ChordSize.TRIAD));
            case SEQUENCE ->
                new Sequence(needed(line.cell(), "line.cell", "Scale offsets, such as [0, 2] for thirds."));
            case REACH -> new Reach(StepDocuments.or(line.targets(), List.of()));
            case PIVOT -> new Pivot();
            case CHORDS -> new Chords(StepDocuments.or(line.chord(), ChordSize.TRIAD));
            case FREE ->
                new Free(
                        FreeDegrees.parse(needed(line.degrees(), "line.degrees", "Degrees, such as 1 2 3 1.")),
                        StepDocuments.or(line.moved(), false));
        };
    }

    private static <T> T needed(@Nullable T value, String field, String fits) {
        if (value == null)
            throw Refusal.of(field, "This pattern needs this field.").fits(fits);
        return value;
    }

    /** The fields that some patterns have and others do not. */
    private enum Own {
        CELL(StepDocument.LinePart::cell, PatternKind.SEQUENCE),
        TARGETS(StepDocument.LinePart::targets, PatternKind.REACH),
        DEGREES(StepDocument.LinePart::degrees, PatternKind.FREE),
        MOVED(StepDocument.LinePart::moved, PatternKind.FREE),
        CHORD(StepDocument.LinePart::chord, PatternKind.ARPEGGIO, PatternKind.CHORDS);

        private final Function<StepDocument.LinePart, @Nullable Object> value;
        private final Set<PatternKind> owners;

        Own(Function<StepDocument.LinePart, @Nullable Object> value, PatternKind... owners) {
            this.value = value;
            this.owners = new TreeSet<>(List.of(owners));
        }

        @Nullable
        Object in(StepDocument.LinePart line) {
            return value.apply(line);
        }

        Refusal strange(PatternKind kind) {
            String whose =
                    String.join(" or ", owners.stream().map(PatternKind::id).toList());
            return Refusal.of(
                            "line." + name().toLowerCase(Locale.ROOT),
                            "This field belongs to the pattern " + whose + ", not to " + kind.id() + ".")
                    .fits("Leave it out.");
        }
    }

    static StepDocument.LinePart write(Line line, @Nullable Pitch register) {
        Fields own = fields(line.pattern());
        Span span = span(line.extent());
        return new StepDocument.LinePart(
                line.pattern().kind(),
                span.octaves,
                span.notes,
                line.travel(),
                line.turn(),
                line.from(),
                own.cell,
                own.targets,
                own.degrees,
                own.moved,
                own.chord,
                line.enter() == 1 ? null : line.enter(),
                line.passing()
                        .map(passing -> new StepDocument.PassingPart(passing.change(), passing.note()))
                        .orElse(null),
                register == null ? null : register.id());
    }

    /** What a pattern has of its own. */
    private record Fields(
            @Nullable List<Integer> cell,
            @Nullable List<Integer> targets,
            @Nullable String degrees,
            @Nullable Boolean moved,
            @Nullable ChordSize chord) {
        static final Fields NONE = new Fields(null, null, null, null, null);
    }

    private static Fields fields(Pattern pattern) {
        return switch (pattern) {
            case Straight straight -> Fields.NONE;
            case Arpeggio arpeggio -> new Fields(null, null, null, null, arpeggio.chord());
            case Sequence sequence -> new Fields(sequence.cell(), null, null, null, null);
            case Reach reach -> new Fields(null, reach.targets().isEmpty() ? null : reach.targets(), null, null, null);
            case Pivot pivot -> Fields.NONE;
            case Chords chords -> new Fields(null, null, null, null, chords.chord());
            case Free free -> new Fields(null, null, free.degrees().toString(), free.moved(), null);
        };
    }

    /** An extent in its two fields, one of which is null. */
    record Span(@Nullable Integer octaves, @Nullable Integer notes) {}

    static Span span(Extent extent) {
        return switch (extent) {
            case Extent.Octaves octaves -> new Span(octaves.count(), null);
            case Extent.Span span -> new Span(null, span.notes());
        };
    }
}
