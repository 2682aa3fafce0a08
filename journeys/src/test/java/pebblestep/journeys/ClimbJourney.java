package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** From a recipe on the shelf to a climb, a student on one of its rungs, a goal with a date, and a pick on the desk. */
@ExtendWith(Studio.class)
class ClimbJourney {

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator button(Page page, Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void a_recipe_is_taken_to_the_bench_changed_and_given_to_a_student_on_a_rung(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/shelf");
            field(page, "Tonic of An octave for each division").selectOption("D");
            // Pressed twice it is still taken once.
            button(page, "Take An octave for each division to the bench").dblclick();
            assertThat(page.getByText("D major · 15 notes")).isVisible();
            page.keyboard().press("g");
            assertThat(page.getByText("14 beats each")).isVisible();
            Assertions.assertThat(page.evaluate("fetch('/api/routines').then(r => r.json())"
                            + ".then(all => all.items.filter(r => r.title === 'An octave for each division').length)"))
                    .isEqualTo(1);
            Locator axes = page.getByLabel("Climb", new Page.GetByLabelOptions().setExact(true));
            assertThat(axes.getByText("12 rungs")).isVisible();
            Barriers.look(page, "climb");

            // Another axis, moved to the front with the keyboard, and taken back twice.
            button(page, "Let it grow by").click();
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Place"))
                    .click();
            assertThat(page.getByText("Axes that move together have as many rungs"))
                    .isVisible();
            field(page, "How axes move").selectOption("in-turn");
            assertThat(page.getByText("Axes that move together have as many rungs"))
                    .isHidden();
            Locator grip = button(page, "Move Place");
            grip.focus();
            Dragging.press(page, "Space");
            for (int i = 0; i < 3; i++) Dragging.press(page, "ArrowUp");
            page.keyboard().press("Space");
            assertThat(axes.getByRole(AriaRole.HEADING).first()).hasText("Place");
            for (int i = 0; i < 3; i++) button(page, "Undo").click();
            assertThat(page.getByText("14 beats each")).isVisible();

            // What if: fewer minutes take longer, and smaller steps more rungs; nothing is changed by asking.
            Locator what = page.getByText(Pattern.compile("done between .* most likely"));
            assertThat(what).containsText("12 rungs");
            field(page, "Minutes a day").fill("3");
            assertThat(what).containsText("with 3 min a day");
            field(page, "Steps of bpm").fill("4");
            assertThat(what).containsText(Pattern.compile("1[3-9] rungs|2\\d rungs"));
            assertThat(axes.getByText("12 rungs")).isVisible();

            button(page, Pattern.compile("^two octaves, eighths:.*start here")).click();
            assertThat(page.getByText("8 rungs")).isVisible();
            button(page, "Assign").click();
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            dialog.getByLabel("Student")
                    .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Aled Quay, Cello"));
            dialog.getByLabel("To be met by (if you wish)")
                    .fill(LocalDate.now().plusDays(20).toString());
            assertThat(dialog.getByText("starts with eighths, two octaves, 60 bpm"))
                    .isVisible();
            dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Assign"))
                    .click();
            assertThat(page.getByText("Assigned to Aled Quay until")).isVisible();

            String link = visit.atStudent("Aled Quay");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("An octave for each division"))
                    .click();
            assertThat(page.getByText("Too few days to judge 84 bpm")).isVisible();
            Page practising = visit.window(link);
            practising
                    .getByLabel(Pattern.compile("^\\d of \\d: An octave for each division"))
                    .click();
            assertThat(practising.getByText("two octaves up and down, eighths").first())
                    .isVisible();
            assertThat(practising.getByText("Not started: begins with eighths, two octaves, 60 bpm."))
                    .isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_goal_is_drawn_and_a_pick_on_the_desk_decides_in_one_press(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/desk")) {
            Page page = visit.page;
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("D in eighths").setExact(true))
                    .click();
            Locator verdict = page.getByText(Pattern.compile("^(On course|Behind by|104 bpm).*December|January"))
                    .first();
            assertThat(page.getByLabel("Forecast").getByRole(AriaRole.IMG).first())
                    .isVisible();
            assertThat(verdict).isVisible();
            Barriers.look(page, "forecast");
            field(page, "Tempo, bpm").fill("320");
            assertThat(page.getByText(Pattern.compile("320 bpm on .* is out of reach at this pace")))
                    .isVisible();
            field(page, "Tempo, bpm").fill("60");
            assertThat(page.getByText(Pattern.compile("60 bpm is reached: clean at")))
                    .isVisible();

            visit.open("/desk");
            Locator tobiah = page.getByLabel("Tobiah Lark", new Page.GetByLabelOptions().setExact(true));
            assertThat(tobiah.getByText("Pick what comes next: shorter values, or a wider span?"))
                    .isVisible();
            tobiah.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("triplet eighths, one octave"))
                    .click();
            assertThat(page.getByText("Next: triplet eighths, one octave")).isVisible();
            assertThat(tobiah.getByText("0 of 3 clean in a row with triplet eighths, one octave"))
                    .isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
