package pebblestep.journeys;

import com.microsoft.playwright.Locator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.core.metronome.ClickPlan;
import pebblestep.core.passage.Passage;
import pebblestep.exchange.StepJson;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The clicks of the real audio graph, rendered without a loudspeaker; the documented bench command does ten minutes. */
@ExtendWith(Studio.class)
class SoundJourney {
    private static final double RENDERING_MS = 180_000;

    private static final int MANY_TIMES = 40;
    private static final double RENDERED_MS = 15_000;

    /** The render begins so long before its first click, and does not look at the last moments of a piece. */
    private static final double FIRST_CLICK_MS = 100;

    private static final double EDGE_MS = 50;

    private static final Pattern FOUND = Pattern.compile(
            "(\\d+) clicks.*furthest ([\\d.]+) ms.*drift (-?[\\d.]+) ms, (\\d+) missing,\\s*(\\d+) too many");

    /** Chords, bass and two voices: how far the first sample of each note is from its time. */
    private static final Pattern TONES =
            Pattern.compile("(\\d+) onsets, the furthest\\s*([\\d.]+) samples from its time, (\\d+) missing");

    /** Of two bars of quarters at 180, again and again, by the rules: three bars sound, two are silent. */
    private static long clicksExpected() {
        Passage passage = Passage.of(
                StepJson.read(
                        """
                {"format": "pebble-step/1", "title": "", "key": {"tonic": "C", "form": "major", "named": "concert"},
                 "line": {"pattern": "straight", "octaves": 1, "travel": "up-down", "turn": "single", "from": 1},
                 "rhythm": {"meter": "4/4", "figure": ["1/8"], "strikes": 1, "place": "0"}, "landing": {"beat": 1},
                 "tempo": {"beat": "1/4", "bpm": 180}, "articulation": {"kind": "separate"},
                 "metronome": {"countInBars": 1, "accent": true, "click": "beats",
                   "silent": {"sounding": 3, "silent": 2}}}"""));
        ClickPlan plan = ClickPlan.of(passage, MANY_TIMES);
        double start = passage.millisAt(plan.start()) - FIRST_CLICK_MS;
        return plan.clicks().stream()
                .mapToDouble(click -> passage.millisAt(click.at()) - start)
                .filter(at -> at < RENDERED_MS - EDGE_MS)
                .count();
    }

    @Test
    void every_click_of_the_bench_and_the_practice_room_comes_at_its_computed_time(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            visit.open("/sound-check?seconds=15");
            visit.page
                    .getByText("Measure", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
                    .click();
            Locator lines = visit.page.locator("[data-done=true] li");
            // Sound is rendered: work for the processor, which may take long where others use it too. The bench renders
            // minutes.
            lines.first().waitFor(new Locator.WaitForOptions().setTimeout(RENDERING_MS));
            List<String> all = lines.allInnerTexts();
            Assertions.assertThat(all).hasSize(10);
            Assertions.assertThat(all.subList(0, 6)).allSatisfy(line -> {
                Matcher found = FOUND.matcher(line);
                Assertions.assertThat(found.find()).as(line).isTrue();
                Assertions.assertThat(Integer.parseInt(found.group(1))).as(line).isGreaterThan(8);
                Assertions.assertThat(Double.parseDouble(found.group(2)))
                        .as(line)
                        .isLessThan(1.0);
                Assertions.assertThat(Math.abs(Double.parseDouble(found.group(3))))
                        .as(line)
                        .isLessThan(0.05);
                Assertions.assertThat(found.group(4)).as(line).isEqualTo("0");
                Assertions.assertThat(found.group(5)).as(line).isEqualTo("0");
            });
            Assertions.assertThat(all.subList(6, 10)).allSatisfy(line -> {
                Matcher found = TONES.matcher(line);
                Assertions.assertThat(found.find()).as(line).isTrue();
                Assertions.assertThat(Integer.parseInt(found.group(1))).as(line).isGreaterThan(8);
                Assertions.assertThat(Double.parseDouble(found.group(2)))
                        .as(line)
                        .isLessThanOrEqualTo(1.0);
                Assertions.assertThat(found.group(3)).as(line).isEqualTo("0");
            });
            Assertions.assertThat(all.get(5))
                    .contains("three bars that sound and two silent: " + clicksExpected() + " clicks");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
