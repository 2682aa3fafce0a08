package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The whole round on the real interface: plan a step, assign it, practise it, see it on the key path. */
@ExtendWith(Studio.class)
class RoundJourney {
    private static final String SHORT_OF_ONE = "Ends on beat 4 of bar 2, one quarter short of beat 1.";

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator exactly(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator row(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** A fast ladder, so that a take is over in seconds. */
    private static void fastLadder(Page page) {
        exactly(page, "Climb").click();
        row(page, "Ladder to").fill("380");
        row(page, "Ladder from").fill("340");
        row(page, "Ladder by").fill("20");
        row(page, "Ladder by").blur();
        exactly(page, "Notes").click();
    }

    private static void playClean(Page page) {
        Locator start = page.locator("footer button").first();
        start.click();
        assertThat(exactly(page, "Clean even, every note")).isVisible();
        exactly(page, "Clean even, every note").click();
    }

    @Test
    void with_the_mouse(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            String practicePath = visit.atStudent("Tobiah Lark");
            assertThat(button(page, "D♭ not met")).isVisible();

            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan a step"))
                    .click();
            row(page, "Key").selectOption("Db");
            row(page, "Range").selectOption("o2");
            exactly(page, "sixteenths").click();
            assertThat(page.getByText(SHORT_OF_ONE, new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            button(page, "Why, and other ways").click();
            assertThat(page.getByText("play G♭, not G")).isVisible();
            button(page, "Start on 2, a quarter later").click();
            assertThat(page.getByText("Lands on beat 1 of bar 3.", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            fastLadder(page);

            exactly(page, "Assign").click();
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            assertThat(dialog.getByLabel("Student")).hasValue(java.util.regex.Pattern.compile("\\d+"));
            dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Assign"))
                    .click();
            assertThat(page.getByText("Assigned to Tobiah Lark until")).isVisible();
            assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();

            Page practising = visit.window(practicePath);
            practising
                    .getByLabel(java.util.regex.Pattern.compile("^\\d of \\d: .* in D♭ major"))
                    .click();
            assertThat(practising.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("D♭ major")))
                    .isVisible();
            assertThat(practising.getByText("Not started: begins at 340 bpm.")).isVisible();
            playClean(practising);
            assertThat(practising.getByText("1 of 3 clean in a row at 340 bpm, then 360."))
                    .isVisible();
            // The list says so before the studio has it: what is not sent yet would stay behind with the window.
            practising.waitForResponse(NothingLostJourney.TAKES, () -> playClean(practising));
            assertThat(practising.getByText("2 of 3 clean in a row at 340 bpm, then 360."))
                    .isVisible();
            practising.close();

            visit.atStudent("Tobiah Lark");
            assertThat(button(page, "D♭ 22.7 notes/s")).isVisible();
            button(page, "D♭ 22.7 notes/s").click();
            assertThat(page.getByText("2 of 2 takes clean")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
            Assertions.assertThat(visit.requests)
                    .allMatch(url -> url.startsWith(studio.root) || url.startsWith("blob:") || url.startsWith("data:"));
        }
    }

    @Test
    void with_the_keyboard_alone(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/desk")) {
            Page page = visit.page;
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Jory Penwick")))
                    .isVisible();
            tabTo(page, "Plan a step for Jory Penwick");
            page.keyboard().press("Enter");
            assertThat(row(page, "Key")).isVisible();

            tabTo(page, "Title");
            page.keyboard().type("Keys only");
            tabTo(page, "Key");
            page.keyboard().type("B♭");
            page.keyboard().press("Escape");
            blur(page);
            assertThat(page.getByText("B♭ major · 15 notes")).isVisible();
            page.keyboard().press("]");
            page.keyboard().press("]");
            assertThat(exactly(page, "sixteenths")).hasAttribute("aria-pressed", "true");
            assertThat(page.getByText("Ends on the & of 4 of bar 1", new Page.GetByTextOptions().setExact(false)))
                    .isVisible();
            page.keyboard().press("ArrowRight");
            assertThat(page.getByText("Ends on the a of 4 of bar 1, one sixteenth short of beat 1."))
                    .isVisible();
            page.keyboard().press("l");
            assertThat(page.getByText("Lands on beat 1 of bar 2.")).isVisible();
            page.keyboard().press("d");
            assertThat(page.getByText("one sixteenth past beat 1.")).isVisible();
            page.keyboard().press("d");
            page.keyboard().press("ArrowUp");
            assertThat(row(page, "Beats a minute")).hasValue("73");
            page.keyboard().press("?");
            assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();

            page.keyboard().press("a");
            assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
            tabTo(page, "Assign", "dialog");
            page.keyboard().press("Enter");
            assertThat(page.getByText("Assigned to Jory Penwick until")).isVisible();

            Page practising = visit.window(visit.practicePath("Jory Penwick"));
            assertThat(practising.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .isVisible();
            // The newest comes after the warm-up.
            practising.keyboard().press("n");
            assertThat(practising.getByText("Keys only")).isVisible();
            practising.waitForCondition(
                    () -> practising.locator("footer button").first().isEnabled());
            practising.keyboard().press(" ");
            assertThat(practising
                            .getByText("Stop", new Page.GetByTextOptions().setExact(false))
                            .first())
                    .isVisible();
            Studio.sounding(practising);
            practising.keyboard().press(" ");
            assertThat(practising.getByText("You stopped.")).isVisible();
            practising.keyboard().press("3");
            assertThat(practising.getByText("What stopped you?")).isVisible();
            practising.keyboard().press("Enter");
            assertThat(practising.getByText("1 take not clean at 60 bpm")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    /** Presses Tab until the control of that name has the focus; so every control on the way is reachable too. */
    private static void tabTo(Page page, String name) {
        tabTo(page, name, "");
    }

    private static void tabTo(Page page, String name, String within) {
        String focused = "role => { const e = document.activeElement; const label = e.getAttribute('aria-label')"
                + " || (e.labels && e.labels[0] ? e.labels[0].textContent : '') || e.textContent;"
                + " return role && !e.closest('[role=' + role + ']') ? '' : (label || '').trim(); }";
        for (int i = 0; i < 120; i++) {
            if (name.equals(page.evaluate(focused, within))) return;
            page.keyboard().press("Tab");
        }
        throw new AssertionError("Tab never reaches \"" + name + "\"");
    }

    private static void blur(Page page) {
        page.evaluate("document.activeElement.blur()");
    }
}
