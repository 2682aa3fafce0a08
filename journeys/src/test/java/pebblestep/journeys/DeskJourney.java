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

/** Before a lesson: who needs what, decided with one press; and a routine for a student in one go. */
@ExtendWith(Studio.class)
class DeskJourney {

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void a_verdict_is_read_and_a_rung_decided_and_the_students_list_follows(Running studio) {
        try (Visit visit = studio.laptop().signIn();
                Visit student = studio.phone()) {
            Page page = visit.page;
            String link = visit.practicePath("Maren Saltby");
            visit.open("/desk");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2))
                            .first())
                    .hasText("Tobiah Lark");
            assertThat(page.getByText("14:45 today")).isVisible();
            Locator week = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Lessons of the week"));
            assertThat(week.getByText("15:30 Maren Saltby")).isVisible();
            Locator filter = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Show"));
            filter.getByText(Pattern.compile("^stuck")).click();
            assertThat(page.getByText(
                            Pattern.compile("Stuck: \\d+ takes on \\d days at 80 bpm, never 3 clean in a row\\.")))
                    .isVisible();
            assertThat(page.getByText("Try slower: 68 to 72 bpm")).isVisible();
            assertThat(page.getByText("review in")).hasCount(0);
            Barriers.look(page, "desk, stuck alone");
            filter.getByText("everything").click();
            button(page, "On to 84 bpm: Up and over, on to 1").click();
            assertThat(button(page, "Back to 80 bpm: Up and over, on to 1")).isVisible();
            button(page, "Hold: Up and over, on to 1").click();
            assertThat(button(page, "Let go on: Up and over, on to 1")).isVisible();
            student.open(link);
            student.page
                    .getByLabel(Pattern.compile("^\\d of \\d: Up and over, on to 1"))
                    .click();
            assertThat(student.page.getByText("84 bpm").first()).isVisible();
            button(page, "Let go on: Up and over, on to 1").click();
            assertThat(button(page, "Hold: Up and over, on to 1")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_routine_is_given_in_one_go_after_a_look_at_what_will_be_seen(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/shelf");
            button(page, "Give Linnet’s scales to students").click();
            page.getByLabel("Aled Quay, Cello").check();
            page.getByLabel("Until it is learned").check();
            button(page, "Sun").click();
            Locator will = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What they will see"));
            assertThat(will.getByText("G major")).isVisible();
            assertThat(will.getByText("week 1:").first()).isVisible();
            Barriers.look(page, "give a routine");
            button(page, "Give it").click();
            assertThat(page.getByText("2 steps given to 1 student.")).isVisible();
            visit.atStudent("Aled Quay");
            assertThat(page.getByText("until it is learned").first()).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
