package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The bench as an instrument: dragged, nudged, undone, ordered, played while it changes, and compared. */
@ExtendWith(Studio.class)
class BenchJourney {
    private static final int BACK = 60;

    private static Locator label(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator sentence(Page page) {
        return page.locator("[aria-label='Landing'] p").first();
    }

    private static void blur(Page page) {
        page.evaluate("document.activeElement.blur()");
    }

    @Test
    void the_pulse_is_dragged_and_nudged_and_every_step_taken_back(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/bench");
            assertThat(sentence(page)).containsText("Ends on beat 4 of bar 2");
            Locator ribbon = page.getByRole(AriaRole.SLIDER);
            BoundingBox box = ribbon.boundingBox();
            page.mouse().move(box.x + 60, box.y + 40);
            page.mouse().down();
            page.mouse()
                    .move(box.x + 60 + 82, box.y + 40, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
            page.mouse().up();
            assertThat(label(page, "Starts on")).hasValue("1/4");
            assertThat(sentence(page)).containsText("Lands on beat 1 of bar 3.");
            assertThat(ribbon)
                    .hasAttribute("aria-valuetext", java.util.regex.Pattern.compile("Starts on 2\\. Lands on .*"));
            label(page, "Moves by").selectOption("triplets");
            blur(page);
            page.keyboard().press("ArrowLeft");
            assertThat(label(page, "Starts on")).hasValue("1/6");
            page.getByLabel("Why, and other ways").click();
            assertThat(page.getByText("Easily confused:")).isVisible();
            label(page, "Moves by").selectOption("clicks");
            blur(page);
            for (int i = 0; i < BACK; i++) page.keyboard().press(i % 2 == 0 ? "ArrowRight" : "ArrowLeft");
            for (int i = 0; i < BACK; i++) page.keyboard().press("Control+z");
            assertThat(label(page, "Starts on")).hasValue("1/6");
            page.keyboard().press("Control+z");
            assertThat(label(page, "Starts on")).hasValue("1/4");
            page.keyboard().press("Control+y");
            assertThat(label(page, "Starts on")).hasValue("1/6");
            page.getByText("back to back").first().click();
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            assertThat(dialog.locator("p", new Locator.LocatorOptions().setHasText("ms apart")))
                    .isVisible();
            assertThat(dialog.locator("section p")).hasCount(2);
            Barriers.look(page, "side by side");
            page.keyboard().press("Escape");
            assertThat(dialog).isHidden();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_routine_is_built_ordered_with_the_keyboard_saved_and_found_again(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/bench");
            label(page, "Routine").fill("Wednesday, before tea");
            label(page, "Title").fill("Plain");
            button(page, "Copy").click();
            label(page, "Title").fill("With a leg");
            button(page, "Rhythm").click();
            page.getByText("a leg with its own place or values").click();
            label(page, "On which place").selectOption("1/12");
            label(page, "In which values").selectOption("1/4");
            assertThat(page.getByText("1/4").first()).isAttached();
            label(page, "Figure").selectOption("3/16 1/16");
            assertThat(sentence(page)).containsText("bar");
            page.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
            Locator steps = page.getByRole(
                            AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Steps of the routine"))
                    .getByRole(AriaRole.LISTITEM);
            assertThat(steps).hasCount(2);
            assertThat(steps.first()).containsText("Plain");
            button(page, "Move With a leg").focus();
            Dragging.press(page, "Space");
            Dragging.press(page, "ArrowUp");
            page.keyboard().press("Space");
            assertThat(steps.first()).containsText("With a leg");
            page.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
            button(page, "Tour").click();
            assertThat(page.getByText("displacements, in teaching order")).isVisible();
            assertThat(steps).hasCount(15);
            blur(page);
            page.keyboard().press("Control+z");
            assertThat(steps).hasCount(2);
            page.getByText("Saved", new Page.GetByTextOptions().setExact(true)).waitFor();
            visit.open("/bench");
            page.locator("svg text").first().waitFor();
            page.keyboard().press("Control+k");
            label(page, "Type what you look for").fill("wednesday");
            label(page, "Type what you look for").press("Enter");
            assertThat(label(page, "Routine")).hasValue("Wednesday, before tea");
            assertThat(steps.first()).containsText("With a leg");
            page.goBack();
            assertThat(label(page, "Routine")).hasValue("");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void it_plays_on_while_place_and_tempo_change(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/bench");
            assertThat(sentence(page)).isVisible();
            page.keyboard().press(" ");
            assertThat(button(page, "Stop")).isVisible();
            page.waitForFunction("() => document.querySelector('.lit') !== null");
            page.keyboard().press("ArrowRight");
            page.keyboard().press("ArrowUp");
            page.keyboard().press("]");
            assertThat(label(page, "Beats a minute")).hasValue("73");
            assertThat(button(page, "Stop")).isVisible();
            page.waitForFunction("() => document.querySelector('.lit') !== null");
            page.keyboard().press(" ");
            assertThat(button(page, "Play")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
