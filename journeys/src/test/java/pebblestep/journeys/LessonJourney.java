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

/** A lesson from the desk to the parents' page; keys in their order; lists that come in; and the quiz. */
@ExtendWith(Studio.class)
class LessonJourney {

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void a_lesson_is_read_in_one_look_and_written_down_and_the_parents_read_their_part(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/desk");
            link(page, "Lesson with Maren Saltby").click();
            assertThat(page.getByText(Pattern.compile("^Practised on \\d of 8 days, \\d+ minutes in all")))
                    .isVisible();
            assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What moved"))
                            .getByText("Minor, raised seventh"))
                    .isVisible();
            assertThat(page.getByText("The D flat speaks late since the new reed."))
                    .isVisible();
            assertThat(page.getByText("D♭ begun, slowly.")).isVisible();
            page.getByLabel("Lesson note").last().fill("Thumb first over the break.");
            page.reload();
            assertThat(page.getByLabel("Lesson note").last()).hasValue("Thumb first over the break.");
            page.getByLabel("A word to the parents").fill("The new reed is a good one.");
            button(page, "Write it down").click();
            assertThat(page.getByText("Thumb first over the break.").last()).isVisible();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take away"))
                    .click();
            page = page.waitForPopup(() -> visit.page
                    .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open Month for the parents"))
                    .click());
            assertThat(page.getByText("The new reed is a good one.")).isVisible();
            assertThat(page.getByText("Thumb first over the break.")).isHidden();
            // On the first of a month nothing of it is practised yet; the month before always was.
            button(page, "The month before").click();
            assertThat(page.getByText(Pattern.compile("^Maren practised on \\d+ of \\d+ days")))
                    .isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_routine_goes_through_the_keys_and_the_students_list_follows(Running studio) {
        try (Visit visit = studio.laptop().signIn();
                Visit student = studio.phone()) {
            Page page = visit.page;
            visit.open("/shelf");
            button(page, "Give Five notes, there and back through the keys").click();
            page.getByLabel("Aled Quay, Cello").check();
            Locator round = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The round"));
            assertThat(round.getByRole(AriaRole.LISTITEM)).hasCount(12);
            assertThat(round.getByText("C major")).isVisible();
            Barriers.look(page, "through the keys");
            button(page, "Give the plan").click();
            String room = visit.atStudent("Aled Quay");
            assertThat(page.getByText(Pattern.compile("^In C since \\d+ \\w+, key 1 of 12; F from")))
                    .isVisible();
            student.open(room);
            assertThat(student.page.getByLabel(Pattern.compile("C major: Five notes, there and back")))
                    .isVisible();
            button(page, "Next key").click();
            assertThat(page.getByText(Pattern.compile("^In F since"))).isVisible();
            student.page.reload();
            assertThat(student.page.getByLabel(Pattern.compile("F major: Five notes, there and back")))
                    .isVisible();
            button(page, "Undo").click();
            assertThat(page.getByText(Pattern.compile("^In C since"))).isVisible();
            button(page, "Hold").click();
            assertThat(page.getByText("held here until you let it go on")).isVisible();
            Barriers.look(page, "student with a key plan");
            Assertions.assertThat(visit.troubles).isEmpty();
            Assertions.assertThat(student.troubles).isEmpty();
        }
    }

    @Test
    void a_stone_is_chosen_for_its_history_and_the_studio_is_seen_by_keys(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/students/keys");
            assertThat(page.getByText("Students by keys").first()).isVisible();
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Maren Saltby, A♭: \\d of 4 rings")))
                    .click();
            Locator history =
                    page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("History of A♭ major"));
            assertThat(history.getByText(Pattern.compile("^Clean speed, notes a second; the line is the goal")))
                    .isVisible();
            assertThat(history.getByRole(
                            AriaRole.IMG,
                            new Locator.GetByRoleOptions().setName(Pattern.compile("^Clean speed in A♭ major"))))
                    .isVisible();
            Barriers.look(page, "a key and its history");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void lists_come_in_and_what_cannot_be_read_is_told(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/students");
            button(page, "Read a list").click();
            page.getByLabel("The list").fill("name,instrument\nPia Marsh,oboe\nNed Quill,theremin\n");
            assertThat(page.getByText("There is no instrument \"theremin\" here."))
                    .isVisible();
            Barriers.look(page, "a list of students");
            button(page, "Add 1 student").click();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Pia Marsh")))
                    .click();
            button(page, "Add goals").click();
            button(page, "Read a whole list instead").click();
            page.getByLabel("The list").fill("key,tempo,date\nBb,96,2031-03-12\nH,80,2031-03-12\n");
            button(page, "Read the list").click();
            assertThat(page.getByText("Line 3:")).isVisible();
            button(page, "Close").last().click();
            assertThat(page.getByText("B♭ major, one octave in eighths at 96 bpm by 12 March 2031"))
                    .isVisible();
            button(page, "Put away").click();
            assertThat(page.getByText("Pia Marsh is put away.")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void the_quiz_marks_and_the_student_gets_it_as_practice(Running studio) {
        try (Visit visit = studio.laptop().signIn();
                Visit student = studio.phone()) {
            Page page = visit.page;
            String room = visit.atStudent("Tobiah Lark");
            link(page, "Quiz").click();
            assertThat(page.getByText("1 of 5")).isVisible();
            page.getByLabel("Answer").fill("h");
            button(page, "That is it").click();
            assertThat(page.getByText("\"h\" is no note.")).isVisible();
            page.getByLabel("Answer").fill("C");
            button(page, "That is it").click();
            assertThat(page.getByText(Pattern.compile("^(Not quite|Right): "))).isVisible();
            student.open(room);
            link(student.page, "Quiz").click();
            assertThat(student.page.getByText("about the keys you play")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
            Assertions.assertThat(student.troubles).isEmpty();
        }
    }
}
