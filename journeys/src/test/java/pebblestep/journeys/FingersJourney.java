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

/** Fingers beside the Bench's own panel: in a climb, for a whole class, in the quiz, and what a studio takes for usual. */
@ExtendWith(Studio.class)
class FingersJourney {
    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void isFor(Page page, String student) {
        page.getByLabel("For which student").selectOption(new SelectOption().setLabel(student));
    }

    @Test
    void a_climb_goes_position_by_position(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/bench")) {
            Page page = visit.page;
            isFor(page, "Aled Quay, Cello");
            page.getByText("Climb", new Page.GetByTextOptions().setExact(true)).click();
            button(page, "Let it grow by").click();
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Position and school"))
                    .click();
            Locator axis =
                    page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Position and school"));
            assertThat(axis).containsText("as the hand goes");
            axis.getByLabel("Position of this rung").selectOption("III");
            assertThat(axis).containsText("position III");
            Barriers.look(page, "a climb by positions");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void everybody_has_their_own_fingers(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/bench")) {
            Page page = visit.page;
            button(page, "everybody").click();
            Locator all = page.getByRole(AriaRole.DIALOG);
            Locator aled = all.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Aled Quay"));
            assertThat(aled.getByLabel("Fingering of the first notes")).isVisible();
            assertThat(all.getByText(Pattern.compile("^Hardest: ")).first()).isVisible();
            Barriers.look(page, "everybody's fingers");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void the_quiz_asks_for_fingers_by_pictures(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.atStudent("Jory Penwick");
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Quiz").setExact(true))
                    .click();
            page.getByLabel("Answer").fill("C");
            button(page, "That is it").click();
            button(page, "Next").click();
            assertThat(page.getByText(Pattern.compile("^How is .* played in "))).isVisible();
            Locator hands = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Answer"));
            assertThat(hands.getByRole(AriaRole.BUTTON)).hasCount(4);
            Barriers.look(page, "a quiz of fingers");
            hands.getByRole(AriaRole.BUTTON).first().click();
            assertThat(page.getByText(Pattern.compile("^(Not quite|Right): "))).isVisible();
            // Pressed twice, it is marked once.
            assertThat(hands.getByRole(AriaRole.BUTTON).first()).hasAttribute("aria-pressed", "true");
            button(page, "Next").click();
            assertThat(page.getByText("3 of 5")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_studio_takes_another_way_for_the_usual_one_and_takes_it_back(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/bench")) {
            Page page = visit.page;
            isFor(page, "Aled Quay, Cello");
            button(page, "how it is played").click();
            Locator ways = page.getByLabel("Ways to play it").getByRole(AriaRole.LISTITEM);
            assertThat(ways.first()).containsText("taken");
            ways.nth(1).getByText("our usual way").click();
            assertThat(page.getByText("is played in your studio now.")).isVisible();
            Locator ours = ways.filter(new Locator.FilterOptions().setHasText("our usual: take back"));
            assertThat(ours).hasCount(1);
            ours.getByText("our usual: take back").click();
            assertThat(page.getByText("is played as it was again.")).isVisible();
            assertThat(ours).hasCount(0);
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
