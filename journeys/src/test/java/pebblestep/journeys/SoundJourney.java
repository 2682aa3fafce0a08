package pebblestep.journeys;

import com.microsoft.playwright.Locator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The clicks of the real audio graph, rendered without a loudspeaker; the documented bench command does ten minutes. */
@ExtendWith(Studio.class)
class SoundJourney {
    private static final double RENDERING_MS = 180_000;

    private static final Pattern FOUND =
            Pattern.compile("(\\d+) clicks.*furthest ([\\d.]+) ms.*drift (-?[\\d.]+) ms, (\\d+) missing");

    @Test
    void every_click_of_the_bench_and_the_practice_room_comes_at_its_computed_time(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            visit.open("/sound-check?minutes=1");
            visit.page
                    .getByText("Measure", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
                    .click();
            Locator lines = visit.page.locator("[data-done=true] li");
            // Minutes of sound are rendered: work for the processor, which may take long where others use it too.
            lines.first().waitFor(new Locator.WaitForOptions().setTimeout(RENDERING_MS));
            Assertions.assertThat(lines.allInnerTexts()).hasSize(5).allSatisfy(line -> {
                Matcher found = FOUND.matcher(line);
                Assertions.assertThat(found.find()).as(line).isTrue();
                Assertions.assertThat(Integer.parseInt(found.group(1))).as(line).isGreaterThan(100);
                Assertions.assertThat(Double.parseDouble(found.group(2)))
                        .as(line)
                        .isLessThan(1.0);
                Assertions.assertThat(Math.abs(Double.parseDouble(found.group(3))))
                        .as(line)
                        .isLessThan(0.05);
                Assertions.assertThat(found.group(4)).as(line).isEqualTo("0");
            });
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
