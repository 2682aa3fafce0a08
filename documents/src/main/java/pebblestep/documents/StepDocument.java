package pebblestep.documents;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.harmony.Company;
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
import pebblestep.core.voice.By;
import pebblestep.core.voice.WhichHands;
import pebblestep.core.walk.Join;
import pebblestep.core.walk.Signatures;

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
        MetronomePart metronome,
        @Nullable List<VoicePart> voices,
        @Nullable WalkPart walk,
        @Nullable CompanyPart company,
        @Nullable WhichHands hands,
        @Nullable HandPart hand) {

    /** The same with another key. */
    public StepDocument withKey(KeyPart other) {
        return new StepDocument(
                format,
                title,
                other,
                line,
                rhythm,
                landing,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** The same with another line. */
    public StepDocument withLine(LinePart other) {
        return new StepDocument(
                format,
                title,
                key,
                other,
                rhythm,
                landing,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** The same with another rhythm. */
    public StepDocument withRhythm(RhythmPart other) {
        return new StepDocument(
                format,
                title,
                key,
                line,
                other,
                landing,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** The same with another landing. */
    public StepDocument withLanding(LandingPart other) {
        return new StepDocument(
                format,
                title,
                key,
                line,
                rhythm,
                other,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** The same with another tempo. */
    public StepDocument withTempo(TempoPart other) {
        return new StepDocument(
                format,
                title,
                key,
                line,
                rhythm,
                landing,
                other,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** The same with another articulation. */
    public StepDocument withArticulation(ArticulationPart other) {
        return new StepDocument(
                format, title, key, line, rhythm, landing, tempo, other, metronome, voices, walk, company, hands, hand);
    }

    /** The same with another metronome. */
    public StepDocument withMetronome(MetronomePart other) {
        return new StepDocument(
                format,
                title,
                key,
                line,
                rhythm,
                landing,
                tempo,
                articulation,
                other,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** The same with other voices. */
    public StepDocument withVoices(@Nullable List<VoicePart> others) {
        return new StepDocument(
                format,
                title,
                key,
                line,
                rhythm,
                landing,
                tempo,
                articulation,
                metronome,
                others,
                walk,
                company,
                hands,
                hand);
    }

    /** The same asking that of the hand. */
    public StepDocument withHand(@Nullable HandPart other) {
        return new StepDocument(
                format,
                title,
                key,
                line,
                rhythm,
                landing,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                other);
    }

    /** The same on another walk. */
    public StepDocument withWalk(@Nullable WalkPart other) {
        return new StepDocument(
                format,
                title,
                key,
                line,
                rhythm,
                landing,
                tempo,
                articulation,
                metronome,
                voices,
                other,
                company,
                hands,
                hand);
    }

    /** The same in other company. */
    public StepDocument withCompany(@Nullable CompanyPart other) {
        return new StepDocument(
                format,
                title,
                key,
                line,
                rhythm,
                landing,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                other,
                hands,
                hand);
    }

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
            @Nullable String register) {
        /** The same with another from. */
        public LinePart withFrom(Integer other) {
            return new LinePart(
                    pattern, octaves, span, travel, turn, other, cell, targets, degrees, moved, chord, enter, passing,
                    register);
        }
    }

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
            @Nullable String swing) {
        /** The same with another meter. */
        public RhythmPart withMeter(String other) {
            return new RhythmPart(other, figure, strikes, place, tonicValue, lastValue, hold, legs, swing);
        }

        /** The same with another figure. */
        public RhythmPart withFigure(List<String> other) {
            return new RhythmPart(meter, other, strikes, place, tonicValue, lastValue, hold, legs, swing);
        }

        /** The same with another place. */
        public RhythmPart withPlace(String other) {
            return new RhythmPart(meter, figure, strikes, other, tonicValue, lastValue, hold, legs, swing);
        }

        /** The same with another legs. */
        public RhythmPart withLegs(@Nullable List<LegPart> other) {
            return new RhythmPart(meter, figure, strikes, place, tonicValue, lastValue, hold, other, swing);
        }
    }

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
            @Nullable List<Integer> foot) {
        /** The same with another click. */
        public MetronomePart withClick(Metronome.Clicks other) {
            return new MetronomePart(countInBars, accent, other, beats, silent, groove, drone, foot);
        }

        /** The same with another beats. */
        public MetronomePart withBeats(@Nullable List<Integer> other) {
            return new MetronomePart(countInBars, accent, click, other, silent, groove, drone, foot);
        }

        /** The same with another foot. */
        public MetronomePart withFoot(@Nullable List<Integer> other) {
            return new MetronomePart(countInBars, accent, click, beats, silent, groove, drone, other);
        }
    }

    /** So many bars that sound, then so many that do not. */
    public record SilentPart(Integer sounding, Integer silent) {}

    /**
     * What is asked of the hand: a school, a position, and fingerings that are fixed.
     *
     * @param school as the hand names it; rests where it is none of the instrument's
     * @param position as positions are called
     */
    public record HandPart(@Nullable String school, @Nullable String position, @Nullable List<PinPart> pins) {}

    /**
     * A fingering that is fixed.
     *
     * @param note the index of the note; without it every note at the pitch
     * @param pitch written
     * @param key the written key in which it holds
     * @param way the id of the way
     */
    public record PinPart(@Nullable Integer note, @Nullable String pitch, @Nullable KeyPart key, String way) {}

    /** A further voice: how it is derived from the line, and who plays it. */
    public record VoicePart(
            Integer interval,
            @Nullable Boolean mirror,
            @Nullable String delay,
            @Nullable Integer delayNotes,
            @Nullable List<String> figure,
            @Nullable Integer octaves,
            @Nullable Integer span,
            @Nullable Integer degree,
            By by,
            @Nullable String instrument,
            PlayerDocument.@Nullable InstrumentPart ownInstrument,
            @Nullable String range) {
        /** The same coming in so much later. */
        public VoicePart withDelay(String other) {
            return new VoicePart(
                    interval,
                    mirror,
                    other,
                    delayNotes,
                    figure,
                    octaves,
                    span,
                    degree,
                    by,
                    instrument,
                    ownInstrument,
                    range);
        }
    }

    /** A way through keys without stopping. */
    public record WalkPart(
            @Nullable String order,
            @Nullable List<String> own,
            @Nullable Integer keys,
            @Nullable Boolean thereAndBack,
            @Nullable Boolean home,
            @Nullable List<ChangePart> progression,
            Join join,
            @Nullable Integer bars,
            @Nullable Boolean once,
            Signatures signatures) {}

    /** One chord of a progression. */
    public record ChangePart(String degree, String form, @Nullable String chord, @Nullable Integer bars) {}

    /** The harmony that may sound beside the line. */
    public record CompanyPart(Company.@Nullable Style chords, @Nullable Boolean bass, @Nullable String symbols) {}
}
