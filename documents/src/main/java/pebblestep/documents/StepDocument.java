package pebblestep.documents;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.line.ChordSize;
import pebblestep.core.line.Passing;
import pebblestep.core.line.PatternKind;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Articulation.Bow;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.passage.Target.Arriving;
import pebblestep.core.rhythm.Groove;
import pebblestep.core.rhythm.Rhythm.HeldNote;

/**
 * A step document as it stands in JSON, field for field; what a field may hold is said in {@code step-1.schema.json}.
 * Absent fields are null here and nowhere else: {@link StepDocuments} fills in the defaults when it reads, and says
 * every field that is not marked nullable when it writes.
 */
public record StepDocument(
        String format,
        String title,
        KeyPart key,
        LinePart line,
        RhythmPart rhythm,
        LandingPart landing,
        TempoPart tempo,
        ArticulationPart articulation,
        MetronomePart metronome) {

    /** Tonic, form, and whether the key is the sounding or the written one. */
    public record KeyPart(String tonic, String form, Named named) {}

    /** The order of notes. */
    public record LinePart(
            PatternKind pattern,
            @Nullable Integer octaves,
            @Nullable Integer span,
            Travel travel,
            Turn turn,
            Integer from,
            @Nullable List<Integer> cell,
            @Nullable List<Integer> targets,
            @Nullable String degrees,
            @Nullable Boolean moved,
            @Nullable ChordSize chord,
            @Nullable Integer enter,
            @Nullable PassingPart passing,
            @Nullable String register) {}

    /** A passing note more or fewer. */
    public record PassingPart(Passing.Change change, Integer note) {}

    /** Meter, values and place. */
    public record RhythmPart(
            String meter,
            List<String> figure,
            Integer strikes,
            String place,
            @Nullable String tonicValue,
            @Nullable String lastValue,
            @Nullable HoldPart hold,
            @Nullable List<LegPart> legs,
            @Nullable String swing) {}

    /** A note held longer: first or turn, by how much. */
    public record HoldPart(HeldNote note, String by) {}

    /** A stretch with a rhythm of its own: from the turn, from a bar, or from a note. */
    public record LegPart(
            @Nullable Boolean turn,
            @Nullable Integer bar,
            @Nullable Integer note,
            @Nullable List<String> figure,
            @Nullable String place) {}

    /** Where the last note should fall. */
    public record LandingPart(@Nullable Integer beat, @Nullable String at, @Nullable Arriving note) {}

    /** Beat value and beats per minute. */
    public record TempoPart(String beat, BigDecimal bpm) {}

    /** How notes are joined. */
    public record ArticulationPart(
            ArticulationKind kind,
            @Nullable Integer by,
            @Nullable Integer accentEvery,
            @Nullable Bow bow,
            @Nullable String bowShare) {}

    /**
     * Count-in, accent and click; the beats that are chosen, and bars that are silent; drums instead of clicks, a drone, and
     * the beats on which the foot taps.
     */
    public record MetronomePart(
            Integer countInBars,
            Boolean accent,
            Metronome.Clicks click,
            @Nullable List<Integer> beats,
            @Nullable SilentPart silent,
            @Nullable Groove groove,
            Metronome.@Nullable Drone drone,
            @Nullable List<Integer> foot) {}

    /** So many bars that sound, then so many that do not. */
    public record SilentPart(Integer sounding, Integer silent) {}
}
