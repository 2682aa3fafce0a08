package pebblestep.documents.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import pebblestep.core.Identified;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.keyplan.KeyOrder;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Material;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Target;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Figures;
import pebblestep.core.rhythm.Groove;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.scale.Degree;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/** Everything there is to choose from, and to how many students it can be given at once. */
public record Catalogue(
        List<String> tonics,
        List<FormChoice> forms,
        List<PatternChoice> patterns,
        List<Choice<AxisKind>> axes,
        List<Choice<ArticulationKind>> articulations,
        List<Choice<Level>> levels,
        List<String> families,
        List<Clef> clefs,
        List<ValueChoice> values,
        List<FigureChoice> figures,
        List<MeterChoice> meters,
        List<Choice<Metronome.Clicks>> clicks,
        List<Choice<Groove>> grooves,
        List<Choice<Metronome.Drone>> drones,
        List<Choice<Target.Arriving>> arriving,
        int studentsAtOnce) {
    /** To so many students something can be given at once. */
    public static final int STUDENTS_AT_ONCE = 60;

    /** Something to choose: the name in documents, and in words. */
    public record Choice<E extends Enum<E> & Identified>(E id, String name) {
        private static <E extends Enum<E> & Identified> List<Choice<E>> of(Class<E> set, Function<E, String> name) {
            return Stream.of(set.getEnumConstants())
                    .map(one -> new Choice<>(one, name.apply(one)))
                    .toList();
        }
    }

    /**
     * A form to choose, with its family for grouping, one line about it, and its degrees.
     *
     * @param size notes in an octave
     * @param starts degrees on which an arpeggio of it can start; empty where it has no chord
     */
    public record FormChoice(
            String id,
            String name,
            String family,
            String description,
            String degrees,
            int size,
            List<Integer> starts) {}

    /** A note value: as a fraction of a whole note, and its name for several in both vocabularies. */
    public record ValueChoice(String value, String plural, String british) {}

    /** A figure that goes by a name. */
    public record FigureChoice(String id, String name, List<String> figure) {}

    /** A meter with the value that gets its beat, and how many beats a bar has. */
    public record MeterChoice(String id, String beat, int beats) {}

    /** A way through the notes of a form: its name, other words it is found by, one line, and the fields that make it. */
    public record PatternChoice(String id, String name, String also, String description, StepDocument.LinePart line) {}

    /** All of it. */
    public static final Catalogue WHOLE = new Catalogue(
            everyTonic(),
            Forms.all().stream().map(Catalogue::form).toList(),
            Material.patterns().stream()
                    .map(one -> new PatternChoice(
                            one.id(), one.name(), one.also(), one.description(), StepDocuments.lineOf(one.line())))
                    .toList(),
            Choice.of(AxisKind.class, AxisKind::words),
            Choice.of(ArticulationKind.class, ArticulationKind::words),
            Choice.of(Level.class, Level::words),
            Instruments.all().stream().map(Instrument::family).distinct().toList(),
            List.of(Clef.values()),
            Figure.values().stream()
                    .map(value -> new ValueChoice(
                            value.toString(),
                            ValueName.plural(value, ValueNames.AMERICAN),
                            ValueName.plural(value, ValueNames.BRITISH)))
                    .toList(),
            Figures.all().stream()
                    .map(named -> new FigureChoice(
                            named.id(), named.name(), named.figure().cycle()))
                    .toList(),
            Meter.all().stream()
                    .map(meter ->
                            new MeterChoice(meter.toString(), meter.pulse().toString(), meter.beats()))
                    .toList(),
            Choice.of(Metronome.Clicks.class, Metronome.Clicks::words),
            Choice.of(Groove.class, groove -> groove.id() + ", " + groove.words()),
            Choice.of(Metronome.Drone.class, Metronome.Drone::words),
            Choice.of(Target.Arriving.class, note -> note.words().isEmpty() ? "the last note" : note.words()),
            STUDENTS_AT_ONCE);

    private static FormChoice form(Form form) {
        String up = words(form.ascending());
        return new FormChoice(
                form.id(),
                form.name(),
                form.family(),
                form.description(),
                form.sameBothWays() ? up : up + " / " + words(form.descending()),
                form.size(),
                form.chord().stream().map(place -> place + 1).toList());
    }

    private static String words(List<Degree> degrees) {
        return String.join(" ", degrees.stream().map(Degree::toString).toList());
    }

    /** The twelve by fourths, then the other spellings that a signature can hold. */
    private static List<String> everyTonic() {
        List<String> tonics = new ArrayList<>(
                KeyOrder.fourths().stream().map(NoteName::toString).toList());
        tonics.addAll(List.of("F#", "C#", "Cb", "G#", "D#", "A#"));
        return tonics;
    }
}
