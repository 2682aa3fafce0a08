package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** How notes are played: looked at and fixed on the Bench, seen in the practice room. */
@ExtendWith(Studio.class)
class HandJourney {
    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void a_note_is_pressed_its_ways_are_compared_and_one_is_fixed_and_let_go(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/bench")) {
            Page page = visit.page;
            page.getByLabel("For which student").selectOption(new SelectOption().setLabel("Aled Quay, Cello"));
            button(page, "how it is played").click();
            Locator panel = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("How it is played"));
            assertThat(panel).isVisible();
            Barriers.look(page, "how a note is played");
            Locator ways = panel.getByLabel("Ways to play it").getByRole(AriaRole.LISTITEM);
            assertThat(ways.first()).containsText("taken");
            String other = ways.nth(1).locator("strong").innerText();
            ways.nth(1).getByText("fix here").click();
            assertThat(ways.first()).containsText("fixed");
            assertThat(ways.first().locator("strong")).hasText(other);
            ways.first().getByText("let it go").click();
            assertThat(ways.first()).containsText("taken");
            // From note to note, and what moves on the way.
            panel.getByLabel("The next note").click();
            assertThat(panel.getByText(Pattern.compile("^Into "))).isVisible();
            page.keyboard().press("Escape");
            assertThat(panel).isHidden();
            assertThat(page.getByRole(AriaRole.SLIDER)).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_student_sees_the_hand_on_the_note_to_come(Running studio) {
        String link;
        try (Visit teacher = studio.laptop().signIn()) {
            link = teacher.practicePath("Aled Quay");
        }
        try (Visit visit = studio.phone().open(link)) {
            Page page = visit.page;
            button(page, "hand").click();
            Locator hand = page.getByRole(
                    AriaRole.REGION,
                    new Page.GetByRoleOptions().setName("Your hand").setExact(true));
            assertThat(hand.getByText("first", new Locator.GetByTextOptions().setExact(true)))
                    .isVisible();
            assertThat(hand.getByRole(AriaRole.IMG).first()).hasAttribute("aria-label", Pattern.compile("string"));
            Barriers.look(page, "the hand in the practice room");
            button(page, "pulse").click();
            assertThat(hand).isHidden();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
