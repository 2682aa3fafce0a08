package pebblestep.app.bench;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.keyplan.KeyOrder;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.scale.Forms;

/** What there is to choose from. */
@RestController
class CatalogueController {

    /** Something to choose: the name in documents, and in words. */
    record Choice(String id, String name) {}

    /** An instrument to choose, with its family for grouping. */
    record InstrumentChoice(String id, String name, String family) {}

    /** A note value: as a fraction of a whole note, and its name for several. */
    record ValueChoice(String value, String plural) {}

    /** A meter with the value that gets its beat, and how many beats a bar has. */
    record MeterChoice(String id, String beat, int beats) {}

    record Catalogue(
            List<String> tonics,
            List<Choice> forms,
            List<InstrumentChoice> instruments,
            List<ValueChoice> values,
            List<MeterChoice> meters) {}

    private static final Catalogue CATALOGUE = new Catalogue(
            tonics(),
            Forms.all().stream().map(form -> new Choice(form.id(), form.name())).toList(),
            Instruments.all().stream()
                    .map(i -> new InstrumentChoice(i.id(), i.name(), i.family()))
                    .toList(),
            Figure.values().stream()
                    .map(value -> new ValueChoice(value.toString(), ValueName.plural(value)))
                    .toList(),
            Meter.all().stream()
                    .map(meter -> new MeterChoice(meter.toString(), meter.beat().toString(), meter.beats()))
                    .toList());

    @GetMapping("/api/catalogue")
    Catalogue catalogue() {
        return CATALOGUE;
    }

    /** The twelve by fourths, then the other spellings that a signature can hold. */
    private static List<String> tonics() {
        return Stream.concat(
                        KeyOrder.fourths().stream().map(NoteName::toString),
                        Stream.of("F#", "C#", "Cb", "G#", "D#", "A#"))
                .toList();
    }
}
