package pebblestep.app.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.students.StudentViews;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.keyplan.KeyOrder;
import pebblestep.core.passage.Articulation;
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
import pebblestep.exchange.StepDocument;
import pebblestep.exchange.StepDocuments;

/** What there is to choose from. */
@RestController
class CatalogueController {

    /** Something to choose: the name in documents, and in words. */
    record Choice(String id, String name) {}

    /**
     * A form to choose, with its family for grouping, one line about it, and its degrees.
     *
     * @param size notes in an octave
     * @param starts degrees on which an arpeggio of it can start; empty where it has no chord
     */
    record FormChoice(
            String id,
            String name,
            String family,
            String description,
            String degrees,
            int size,
            List<Integer> starts) {}

    /** A note value: as a fraction of a whole note, and its name for several in both vocabularies. */
    record ValueChoice(String value, String plural, String british) {}

    /** A figure that goes by a name. */
    record FigureChoice(String id, String name, List<String> figure) {}

    /** A meter with the value that gets its beat, and how many beats a bar has. */
    record MeterChoice(String id, String beat, int beats) {}

    /** A way through the notes of a form: its name, other words it is found by, one line, and the fields that make it. */
    record PatternChoice(String id, String name, String also, String description, StepDocument.LinePart line) {}

    /** Everything there is to choose from, and to how many students it can be given at once. */
    record Catalogue(
            List<String> tonics,
            List<FormChoice> forms,
            List<PatternChoice> patterns,
            List<Choice> articulations,
            List<Choice> levels,
            List<String> families,
            List<String> clefs,
            List<ValueChoice> values,
            List<FigureChoice> figures,
            List<MeterChoice> meters,
            List<Choice> clicks,
            List<Choice> grooves,
            List<Choice> drones,
            List<Choice> arriving,
            int studentsAtOnce) {}

    private static final Catalogue CATALOGUE = new Catalogue(
            tonics(),
            Forms.all().stream().map(CatalogueController::form).toList(),
            Material.patterns().stream()
                    .map(one -> new PatternChoice(
                            one.id(), one.name(), one.also(), one.description(), StepDocuments.lineOf(one.line())))
                    .toList(),
            Stream.of(Articulation.Kind.values())
                    .map(kind -> new Choice(kind.id(), kind.words()))
                    .toList(),
            Stream.of(Level.values())
                    .map(level -> new Choice(level.id(), level.words()))
                    .toList(),
            Instruments.all().stream().map(Instrument::family).distinct().toList(),
            Stream.of(Clef.values()).map(Clef::id).toList(),
            Figure.values().stream()
                    .map(value -> new ValueChoice(
                            value.toString(), ValueName.plural(value), ValueName.plural(value, ValueNames.BRITISH)))
                    .toList(),
            Figures.all().stream()
                    .map(named -> new FigureChoice(
                            named.id(), named.name(), named.figure().cycle()))
                    .toList(),
            Meter.all().stream()
                    .map(meter ->
                            new MeterChoice(meter.toString(), meter.pulse().toString(), meter.beats()))
                    .toList(),
            Stream.of(Metronome.Clicks.values())
                    .map(clicks -> new Choice(clicks.id(), clicks.words()))
                    .toList(),
            Stream.of(Groove.values())
                    .map(groove -> new Choice(groove.id(), groove.id() + ", " + groove.words()))
                    .toList(),
            Stream.of(Metronome.Drone.values())
                    .map(drone -> new Choice(drone.id(), drone.words()))
                    .toList(),
            Stream.of(Target.Arriving.values())
                    .map(note -> new Choice(note.id(), note.words().isEmpty() ? "the last note" : note.words()))
                    .toList(),
            StudentViews.MOST_AT_ONCE);

    @GetMapping("/api/catalogue")
    Catalogue catalogue() {
        return CATALOGUE;
    }

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
    private static List<String> tonics() {
        List<String> tonics = new ArrayList<>(
                KeyOrder.fourths().stream().map(NoteName::toString).toList());
        tonics.addAll(List.of("F#", "C#", "Cb", "G#", "D#", "A#"));
        return tonics;
    }
}
