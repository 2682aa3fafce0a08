package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pebblestep.core.metronome.ClickPlan;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.documents.ClicksDocument;
import pebblestep.documents.PassageDocument;
import pebblestep.documents.Rounded;

/**
 * What the browser is given of a few passages, and when each click must be heard if they are played several times: the
 * file that {@code clocks.test.ts} plays them from. Here the file is held to what the core says; there the browser's clock
 * is held to the file.
 */
class SoundedTest {
    private static final Path KEPT = Path.of("../web/src/sound/sounded.json");

    /** A passage as the browser is given it, and every click of so many times through, in milliseconds from the first note. */
    private record Sounded(String name, int times, PassageDocument passage, List<Double> clicksMs) {}

    private static Sounded sounded(String name, int times, String meter, String place, String metronome) {
        Passage passage = Passage.of(StepJson.read(
                """
                {"format":"pebble-step/1","title":"%s","key":{"tonic":"C","form":"major","named":"concert"},
                 "line":{"pattern":"straight","octaves":1,"travel":"up-down","turn":"single","from":1},
                 "rhythm":{"meter":"%s","figure":["1/8"],"strikes":1,"place":"%s"},"landing":{"beat":1},
                 "tempo":{"beat":"1/4","bpm":90},"articulation":{"kind":"separate"},"metronome":%s}"""
                        .formatted(name, meter, place, metronome)));
        PassageDocument given = PassageDocument.of(
                passage,
                Landing.of(passage.step()),
                PassageDocument.Reader.NOBODY,
                new PassageDocument.Beside(
                        null, ClicksDocument.of(passage, ReferencePitch.ISO_16), null, null, null, null));
        List<Double> heard = ClickPlan.of(passage, times).clicks().stream()
                .map(click -> Rounded.of(passage.millisAt(click.at())))
                .toList();
        return new Sounded(name, times, given, heard);
    }

    private static String all() {
        List<Sounded> all = Stream.of(
                        sounded("beats", 2, "4/4", "0", "{\"countInBars\":1,\"accent\":true,\"click\":\"beats\"}"),
                        sounded(
                                "from the & of 3, two bars counted in, two bars that sound and one silent",
                                4,
                                "4/4",
                                "5/8",
                                "{\"countInBars\":2,\"accent\":true,\"click\":\"beats\",\"silent\":{\"sounding\":2,\"silent\":1}}"),
                        sounded(
                                "a pickup in 6/8, divided",
                                3,
                                "6/8",
                                "-1/8",
                                "{\"countInBars\":1,\"accent\":true,\"click\":\"subdivisions\",\"silent\":{\"sounding\":1,\"silent\":1}}"),
                        sounded(
                                "two and four",
                                3,
                                "4/4",
                                "1/4",
                                "{\"countInBars\":1,\"accent\":false,\"click\":\"two-and-four\"}"))
                .toList();
        return IdentifiedNames.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(all) + "\n";
    }

    @Test
    void the_browsers_clock_is_tested_with_what_the_core_says() throws IOException {
        if (Boolean.getBoolean("pebble.writeApi")) Files.writeString(KEPT, all());
        assertThat(IdentifiedNames.JSON.readTree(Files.readString(KEPT)))
                .as("web/src/sound/sounded.json is stale: run ./pebble api and commit it")
                .isEqualTo(IdentifiedNames.JSON.readTree(all()));
    }
}
