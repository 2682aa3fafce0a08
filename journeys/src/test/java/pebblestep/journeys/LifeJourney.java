package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static pebblestep.journeys.WeekJourney.CLIMB;
import static pebblestep.journeys.WeekJourney.STEP;
import static pebblestep.journeys.WeekJourney.found;
import static pebblestep.journeys.WeekJourney.post;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The life of a studio: a range shrinks, a password is forgotten, a student leaves, the studio closes and opens again. */
@ExtendWith(Studio.class)
class LifeJourney {
    private static final String ADDRESS = "life@wrenmouth.example";
    private static final String NEW = "four wet stones and a heron";

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A studio of its own with one student, who was given two octaves; the answer is the student's link. */
    private static String studio(Page page) {
        page.getByLabel("Studio").fill("Life Room");
        page.getByLabel("Your name").fill("Life Teacher");
        page.getByLabel("E-mail address").fill(ADDRESS);
        page.getByLabel("Password", new Page.GetByLabelOptions().setExact(false))
                .first()
                .fill("long-enough-1");
        page.getByText("Make the studio").click();
        assertThat(page.getByText("Nobody here yet")).isVisible();
        String ada = post(page, "/api/students", "{\"name\":\"Ada Weir\",\"instrument\":\"oboe\"}", null);
        String routine = post(
                page,
                "/api/routines",
                "{\"title\":\"Weir\",\"steps\":[{\"document\":" + STEP.replace("\"octaves\":1", "\"octaves\":2")
                        + ",\"climb\":" + CLIMB + "}]}",
                null);
        post(
                page,
                "/api/assignments",
                "{\"stepId\":%s,\"studentId\":%s,\"startsOn\":\"%s\",\"minutesADay\":8}"
                        .formatted(
                                found("\"steps\":\\[\\{\"id\":(\\d+)", routine),
                                found("\"id\":(\\d+)", ada),
                                LocalDate.now()),
                null);
        return found("\"practicePath\":\"([^\"]+)\"", ada);
    }

    @Test
    void a_smaller_range_is_told_before_stands_on_the_desk_and_is_settled_with_a_press(Running studio) {
        try (Visit visit = studio.laptop().open("/sign-up");
                Visit student = studio.phone()) {
            Page page = visit.page;
            String link = studio(page);
            visit.open("/students");
            page.getByText("Ada Weir").click();
            assertThat(page.getByText("Over the weir")).isVisible();
            button(page, "Change").click();
            page.getByLabel("Their own range").fill("G4-F5");
            button(page, "Save").click();
            Locator told = page.getByRole(
                    AriaRole.DIALOG, new Page.GetByRoleOptions().setName("One step that was given does not fit then"));
            assertThat(told.getByText("Two octaves from G need G4 to G6")).isVisible();
            Barriers.look(page, "what would not fit");
            told.getByLabel("Give 5 notes instead").uncheck();
            told.getByText("Save all the same").click();
            assertThat(told).isHidden();
            student.open(link);
            assertThat(student.page.getByText("Your teacher sees this")).isVisible();
            assertThat(student.page.getByText("What of it fits: 5 notes.")).isVisible();
            Barriers.look(student.page, "a step that does not fit");
            visit.open("/desk");
            button(page, "Give 5 notes: Over the weir").click();
            assertThat(page.getByText("Over the weir: 5 notes from now on.")).isVisible();
            student.page.reload();
            assertThat(button(student.page, "Start")).isEnabled();
            visit.open("/students");
            post(page, "/api/studio/delete", "{\"name\":\"Life Room\"}", null);
            Assertions.assertThat(student.troubles).isEmpty();
        }
    }

    @Test
    void a_password_is_forgotten_and_replaced_from_the_mailbox(Running studio) {
        try (Visit visit = studio.laptop().open("/forgotten")) {
            Page page = visit.page;
            page.getByLabel("E-mail address").fill("nobody@wrenmouth.example");
            button(page, "Write to me").click();
            assertThat(page.getByText("If nobody@wrenmouth.example has an account here"))
                    .isVisible();
            visit.open("/sign-up");
            page.getByLabel("Studio").fill("Forgetful Room");
            page.getByLabel("Your name").fill("Forgetful Teacher");
            page.getByLabel("E-mail address").fill("forgetful@wrenmouth.example");
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(false))
                    .first()
                    .fill("long-enough-1");
            page.getByText("Make the studio").click();
            assertThat(page.getByText("Nobody here yet")).isVisible();
            button(page, "Forgetful Teacher").click();
            page.getByText("Sign out", new Page.GetByTextOptions().setExact(true))
                    .click();
            page.getByText("Forgotten your password?").click();
            page.getByLabel("E-mail address").fill("forgetful@wrenmouth.example");
            button(page, "Write to me").click();
            // A letter may come after the page that shows it.
            page.route(
                    "**/api/mailbox",
                    route -> route.fulfill(new Route.FulfillOptions()
                            .setContentType("application/json")
                            .setBody("[]")),
                    new Page.RouteOptions().setTimes(1));
            page.getByText("the letter lies in its mailbox").click();
            page.getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions().setHasText("to forgetful@wrenmouth.example"))
                    .filter(new Locator.FilterOptions().setHasText("/new-password"))
                    .getByRole(AriaRole.LINK)
                    .first()
                    .click();
            page.getByLabel("New password").fill(NEW);
            button(page, "Take it, and come in").click();
            assertThat(page.getByText("Nobody here yet")).isVisible();
            button(page, "Forgetful Teacher").click();
            page.getByText("Your account").click();
            assertThat(page.getByText("Sign out everywhere else")).isVisible();
            Barriers.look(page, "one's own account");
            page.getByText("Sign out everywhere else").click();
            assertThat(page.getByText("Every other device is signed out.")).isVisible();
        }
    }

    @Test
    void a_student_leaves_for_good_and_is_taken_back_and_so_is_the_studio(Running studio) {
        try (Visit visit = studio.laptop().open("/sign-up")) {
            Page page = visit.page;
            page.getByLabel("Studio").fill("Leaving Room");
            page.getByLabel("Your name").fill("Leaving Teacher");
            page.getByLabel("E-mail address").fill("leaving@wrenmouth.example");
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(false))
                    .first()
                    .fill("long-enough-1");
            page.getByText("Make the studio").click();
            assertThat(page.getByText("Nobody here yet")).isVisible();
            String bo = post(page, "/api/students", "{\"name\":\"Bo Weir\",\"instrument\":\"oboe\"}", null);
            post(page, "/api/students/" + found("\"id\":(\\d+)", bo) + "/archive", "", null);
            visit.open("/students");
            button(page, "Show those put away").click();
            button(page, "Delete Bo Weir for good").click();
            page.getByLabel("Type the name").fill("Bo");
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            dialog.getByText("Delete for good").click();
            assertThat(dialog.getByText("This is not the name.")).isVisible();
            Barriers.look(page, "delete a student");
            page.getByLabel("Type the name").fill("Bo Weir");
            dialog.getByText("Delete for good").click();
            assertThat(page.getByText("gone for good on")).isVisible();
            button(page, "Take back").click();
            assertThat(button(page, "Delete Bo Weir for good")).isVisible();
            button(page, "Leaving Teacher").click();
            page.getByText("Your account").click();
            page.getByText("Delete Leaving Room").click();
            page.getByLabel("Type its name").fill("Leaving Room");
            button(page, "Delete the studio").click();
            assertThat(page.getByText("Leaving Room is deleted")).isVisible();
            button(page, "Take the studio back").click();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Students")))
                    .isVisible();
        }
    }
}
