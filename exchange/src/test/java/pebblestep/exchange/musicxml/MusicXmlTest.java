package pebblestep.exchange.musicxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Voiced;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.exchange.musicxml.Sheet.Beside;

class MusicXmlTest {
    private static final Draw<String> INSTRUMENTS =
            Draw.of("", "piano", "oboe", "clarinet", "english-horn", "cello", "double-bass", "violin", "piccolo");

    /** Any step that can be written down, for somebody who can play it. */
    Draw<Sheet> sheets() {
        return random -> {
            for (; ; ) {
                Step step = random.nextInt(2) == 0
                        ? Voiced.any().from(random)
                        : Steps.any().from(random);
                Optional<Sheet> sheet = sheet(step, INSTRUMENTS.from(random));
                if (sheet.isPresent()) return sheet.get();
            }
        };
    }

    Draw<Set<Beside>> beside() {
        return random -> {
            Set<Beside> beside = EnumSet.noneOf(Beside.class);
            for (Beside one : Beside.values()) if (random.nextBoolean()) beside.add(one);
            return beside;
        };
    }

    private static Optional<Sheet> sheet(Step step, String instrument) {
        Optional<Player> player =
                Optional.of(instrument).filter(id -> !id.isEmpty()).map(id -> Player.of(Instruments.of(id)));
        try {
            Sheet sheet = Sheet.of(step, player, Speech.USUAL);
            boolean low = sheet.passage().notes().stream()
                    .anyMatch(note -> note.written().octave() < 0);
            return Optional.of(sheet)
                    .filter(one -> !low
                            && sheet.passage().parts().stream()
                                    .flatMap(part -> part.notes().stream())
                                    .allMatch(note -> note.written().octave() >= 0));
        } catch (Refusal e) {
            // Not playable by that instrument, or not to be written in notes.
            return Optional.empty();
        }
    }

    @Samples(300)
    void every_file_is_allowed_by_the_schema(@From("sheets") Sheet sheet, @From("beside") Set<Beside> beside) {
        byte[] file = MusicXml.write("Scales", List.of(sheet), beside);
        assertThatCode(() -> Schema40.validate(file)).doesNotThrowAnyException();
    }

    @Test
    void a_plain_scale_is_written() {
        byte[] file = MusicXml.write("x", List.of(sheet(Steps.PLAIN, "oboe").orElseThrow()), Set.of());
        assertThat(new String(file, java.nio.charset.StandardCharsets.UTF_8)).contains("<part-name>Oboe</part-name>");
        assertThat(Passage.of(Steps.PLAIN).notes()).isNotEmpty();
        System.out.println(new String(file, java.nio.charset.StandardCharsets.UTF_8));
    }
}
