package pebblestep.documents;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Line;
import pebblestep.core.line.Passing;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Step;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.WhichHands;

/**
 * Reads steps from their documents and writes them back. A field that does not belong to what the document asks for is
 * refused, never ignored.
 */
public final class StepDocuments {
    /** What every document of this kind says of itself. */
    public static final String FORMAT = "pebble-step/1";

    private StepDocuments() {}

    /** The step that a document says; refuses the first field that is malformed, out of range or not carried. */
    public static Step read(StepDocument document) {
        StepDocument.KeyPart key = document.key();
        StepDocument.LinePart line = document.line();
        StepDocument.RhythmPart rhythm = document.rhythm();
        return new Step(
                document.title() == null ? "" : document.title().strip(),
                Key.of(Fields.at("key.tonic", () -> NoteName.parse(key.tonic())), Forms.of(or(key.form(), "major"))),
                or(key.named(), Step.Named.CONCERT),
                line(line),
                Optional.ofNullable(line.register()).map(text -> Fields.at("line.register", () -> Pitch.parse(text))),
                RhythmFields.read(rhythm),
                TargetFields.read(document.landing()),
                new Tempo(
                        Fields.at(
                                "tempo.beat",
                                () -> Fraction.parse(or(document.tempo().beat(), "1/4"))),
                        Fields.at("tempo.bpm", () -> Bpm.of(document.tempo().bpm()))),
                ArticulationFields.read(document.articulation()),
                metronome(document.metronome()),
                VoiceFields.read(document.voices()),
                WalkFields.read(document.walk()),
                CompanyFields.read(document.company()),
                or(document.hands(), WhichHands.TOGETHER),
                HandFields.read(document.hand()));
    }

    /** The line of a part that the schema has held. */
    static Line line(StepDocument.LinePart line) {
        return new Line(
                PatternFields.read(line),
                extent(line.octaves(), line.span()),
                or(line.travel(), Travel.UP_DOWN),
                or(line.turn(), Turn.SINGLE),
                or(line.from(), 1),
                or(line.enter(), 1),
                Optional.ofNullable(line.passing()).map(part -> new Passing(part.change(), part.note())));
    }

    /** Octaves or a span of notes; refuses both and neither. */
    static Extent extent(@Nullable Integer octaves, @Nullable Integer span) {
        if (octaves != null && span == null) return Extent.octaves(octaves);
        if (span != null && octaves == null) return Extent.span(span);
        throw Refusal.of("octaves", "Give either octaves or a span: exactly one of the two.");
    }

    private static Metronome metronome(StepDocument.@Nullable MetronomePart part) {
        if (part == null) return Metronome.USUAL;
        return new Metronome(
                or(part.countInBars(), Metronome.USUAL.countInBars()),
                or(part.accent(), Metronome.USUAL.accent()),
                or(part.click(), Metronome.Clicks.BEATS),
                or(part.beats(), List.of()),
                Optional.ofNullable(part.silent())
                        .map(turns -> new Metronome.Silence(turns.sounding(), turns.silent())),
                Optional.ofNullable(part.groove()),
                Optional.ofNullable(part.drone()),
                or(part.foot(), List.of()));
    }

    private static StepDocument.MetronomePart write(Metronome metronome) {
        return new StepDocument.MetronomePart(
                metronome.countInBars(),
                metronome.accent(),
                metronome.clicks(),
                metronome.beats().isEmpty() ? null : metronome.beats(),
                metronome
                        .silence()
                        .map(turns -> new StepDocument.SilentPart(turns.sounding(), turns.silent()))
                        .orElse(null),
                metronome.groove().orElse(null),
                metronome.drone().orElse(null),
                metronome.foot().isEmpty() ? null : metronome.foot());
    }

    static <T> T or(@Nullable T value, T otherwise) {
        return value == null ? otherwise : value;
    }

    /** Writes a step as a document with every field it carries said. */
    public static StepDocument write(Step step) {
        return new StepDocument(
                FORMAT,
                step.title(),
                new StepDocument.KeyPart(
                        step.key().tonic().id(), step.key().form().id(), step.named()),
                PatternFields.write(step.line(), step.register().orElse(null)),
                RhythmFields.write(step.rhythm()),
                TargetFields.write(step.target()),
                new StepDocument.TempoPart(
                        step.tempo().beat().toString(), plain(step.tempo().bpm())),
                ArticulationFields.write(step.articulation()),
                write(step.metronome()),
                VoiceFields.write(step.voices()),
                step.walk().map(WalkFields::write).orElse(null),
                CompanyFields.write(step.company()),
                step.hands() == WhichHands.TOGETHER ? null : step.hands(),
                HandFields.write(step.hand()));
    }

    /** The line part of a document, for a line at no particular pitch. */
    public static StepDocument.LinePart lineOf(Line line) {
        return PatternFields.write(line, null);
    }

    private static BigDecimal plain(Bpm bpm) {
        return bpm.value();
    }
}
