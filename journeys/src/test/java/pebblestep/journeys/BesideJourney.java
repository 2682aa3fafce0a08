package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** A line with another hand, through keys without stopping, and over a harmony. */
@ExtendWith(Studio.class)
class BesideJourney {
    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator button(Page page, Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void one_press_adds_the_other_hand_and_it_grows_hand_by_hand(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/bench")) {
            Page page = visit.page;
            button(page, "Add a voice").click();
            Barriers.look(page, "voices to add");
            button(page, "Contrary motion").click();
            assertThat(button(page, Pattern.compile("^Voice 1: contrary motion, the left hand")))
                    .isVisible();
            assertThat(page.getByText("The left hand ends on beat 4 of bar 2, one quarter short of beat 1."))
                    .isVisible();
            // Two staves, each with its clef: the notes of both are drawn.
            assertThat(page.getByLabel("Engraved notes").locator("svg .vf-clef"))
                    .hasCount(2);
            page.keyboard().press("l");
            assertThat(page.getByText("The left hand lands on beat 1 of bar 3."))
                    .isVisible();
            button(page, "Climb").click();
            button(page, "Let it grow by").click();
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("hands"))
                    .click();
            assertThat(page.getByText("right hand alone").first()).isVisible();
            assertThat(page.getByText("left hand alone").first()).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_walk_is_typed_lands_in_every_key_and_sounds_over_its_chords(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/bench")) {
            Page page = visit.page;
            button(page, "Walk through keys").click();
            button(page, "ii V I").click();
            assertThat(page.getByText("3 keys, 0 land")).isVisible();
            Locator typed = page.getByLabel("Progression in each key");
            typed.fill("ii Vx");
            assertThat(page.getByText(Pattern.compile("At character 5: \"x\" is no chord")))
                    .isVisible();
            typed.fill("ii V9 I vi");
            assertThat(page.getByText("Dm7, D dorian · G9, G mixolydian")).isVisible();
            typed.press("Enter");
            assertThat(page.getByText("4 keys, 0 land")).isVisible();
            page.keyboard().press("Escape");
            page.getByLabel("Keys of the walk")
                    .getByRole(AriaRole.BUTTON)
                    .nth(1)
                    .hover();
            assertThat(page.getByText(Pattern.compile("Key 2, G mixolydian: Ends on beat 4 of bar 4")))
                    .isVisible();
            page.getByLabel("Landing")
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("Start on 2")))
                    .first()
                    .click();
            assertThat(page.getByText("All 4 keys land on beat 1.")).isVisible();
            button(page, Pattern.compile("^Harmony")).click();
            page.getByLabel("Chords", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("comped");
            page.getByLabel("A bass of roots and fifths").check();
            assertThat(page.getByText(Pattern.compile("On strong beats"))).isVisible();
            Barriers.look(page, "harmony");
            page.keyboard().press("Escape");
            button(page, "What sounds").click();
            assertThat(page.getByLabel("What sounds").getByText("Bass")).isVisible();
            page.keyboard().press("Escape");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
