package pebblestep.core.melody;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Free;
import pebblestep.core.line.FreeDegrees;
import pebblestep.core.line.Line;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Target;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Key;

/** The step that plays a melody: its notes as degrees of a key, its values as they are, landing where it ends. */
public final class MelodyStep {
    private static final int USUAL_BPM = 72;
    private static final int SEVEN = 7;
    private static final int TONIC_OCTAVE = 4;

    private MelodyStep() {}

    /**
     * The step of a melody in a key of seven notes, the same up and down, named in concert pitch. Refuses notes that are more than two semitones away
     * from what the key has on their letter, and values outside 1/64 to four whole notes, each by its bar.
     */
    public static Step of(Melody melody, Key key) {
        if (key.form().size() != SEVEN || !key.form().sameBothWays()) {
            throw Refusal.of("key.form", "A melody is read in a key of seven notes that are the same up and down.")
                    .fits("For instance major or natural minor.");
        }
        Pitch bottom = tonicBelow(melody.lowest(), key);
        List<String> degrees = new ArrayList<>();
        int widest = 2;
        for (Melody.Note note : melody.notes()) {
            int steps = note.pitch().diatonic() - bottom.diatonic();
            widest = Math.max(widest, steps + 1);
            degrees.add(degree(note, steps, key, melody.meter()));
        }
        Line line = new Line(
                new Free(FreeDegrees.parse(String.join(" ", degrees)), false),
                Extent.span(widest),
                Travel.UP,
                Turn.SINGLE,
                1);
        Fraction place = melody.notes().get(0).at();
        return new Step(
                melody.title(),
                key,
                Step.Named.CONCERT,
                line,
                Optional.of(melody.lowest()),
                Rhythm.of(melody.meter(), Figure.ofCycle(cycle(melody)), place),
                target(melody),
                melody.tempo().orElseGet(() -> Tempo.quarters(USUAL_BPM)),
                Articulation.SEPARATE,
                Metronome.USUAL);
    }

    private static Pitch tonicBelow(Pitch lowest, Key key) {
        Pitch tonic = key.pitchAt(0, Direction.UP, TONIC_OCTAVE);
        int octaves = Math.floorDiv(lowest.diatonic() - tonic.diatonic(), SEVEN);
        return Pitch.of(tonic.name(), tonic.octave() + octaves);
    }

    private static String degree(Melody.Note note, int steps, Key key, Meter meter) {
        int inForm =
                key.pitchAt(steps % SEVEN, Direction.UP, TONIC_OCTAVE).name().alteration();
        int altered = note.pitch().name().alteration() - inForm;
        if (Math.abs(altered) > 2) {
            throw Refusal.of("Bar " + meter.barOf(note.at()) + ": " + note.pitch() + " lies too far from what " + key
                            + " has on that letter.")
                    .fits("Choose another key.");
        }
        return (altered < 0 ? "b".repeat(-altered) : "#".repeat(altered)) + (steps + 1);
    }

    /** The values in order; what is silent until the next note is a rest behind it. */
    private static List<String> cycle(Melody melody) {
        List<String> cycle = new ArrayList<>();
        List<Melody.Note> notes = melody.notes();
        for (int i = 0; i < notes.size(); i++) {
            Melody.Note note = notes.get(i);
            cycle.add(note.value().toString());
            if (i + 1 == notes.size()) continue;
            Fraction silent = notes.get(i + 1).at().minus(note.end());
            if (silent.signum() > 0) cycle.add("r" + silent);
        }
        return cycle;
    }

    /** It lands where it ends. */
    private static Target target(Melody melody) {
        Fraction at = melody.notes().get(melody.notes().size() - 1).at();
        Fraction in = at.mod(melody.meter().bar());
        for (int beat = 1; beat <= melody.meter().beats(); beat++) {
            if (melody.meter().positionOf(beat).equals(in)) return Target.onBeat(beat);
        }
        return new Target(Target.Arriving.LAST, Optional.empty(), Optional.of(in));
    }
}
