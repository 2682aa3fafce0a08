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

/** Finding material by typing, typed degrees, a range that grows, an instrument of the studio's own, a mixed class. */
@ExtendWith(Studio.class)
class MaterialJourney {

    private static Locator label(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void a_pattern_is_found_by_typing_heard_and_taken(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/bench");
            page.locator("svg text").first().waitFor();
            page.keyboard().press("f");
            Locator finder = label(page, "Type what you look for");
            finder.fill("harmonic");
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            assertThat(dialog.getByText("C harmonic minor")).isVisible();
            assertThat(dialog.getByText("an augmented second apart")).isVisible();
            finder.fill("broken third");
            assertThat(dialog.getByText("24 notes")).isVisible();
            Barriers.look(page, "material browser");
            finder.press("Enter");
            assertThat(dialog).isHidden();
            assertThat(label(page, "Pattern")).hasValue("thirds");
            assertThat(page.getByText("24 notes")).isVisible();
            label(page, "Pattern").selectOption("free");
            label(page, "Degrees").fill("1 2 x");
            assertThat(page.getByText("At character 5").first()).isVisible();
            label(page, "Degrees").fill("1 2 b3 1'");
            assertThat(page.getByText("At character").first()).isHidden();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_class_reads_one_step_and_a_range_grows_note_by_note(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/students/instruments");
            label(page, "Find an instrument").fill("oboe d");
            button(page, "Make your own from Oboe d'amore").click();
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            dialog.getByLabel("Name").fill("Sedge oboe");
            dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add"))
                    .click();
            assertThat(dialog).isHidden();
            label(page, "Find an instrument").fill("");
            assertThat(page.getByText("Sedge oboe")).isVisible();
            visit.open("/students");
            page.getByText("Linnet Moss").click();
            Locator range = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Range"));
            assertThat(range).containsText("D4");
            assertThat(range).containsText("Of their level");
            button(page, "One note more, highest").click();
            assertThat(range).containsText("A♭5");
            assertThat(range).containsText("Their own.");
            visit.open("/bench");
            page.getByText("everybody").click();
            assertThat(dialog).containsText("the player's range is D4 to A♭5");
            assertThat(dialog).containsText("Maren Saltby");
            assertThat(dialog).containsText("G major");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
