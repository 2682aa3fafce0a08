package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The teacher in a cellar: the Bench without network. */
@ExtendWith(Studio.class)
class CellarJourney {
    /** Everything that the Bench is made of is written down. */
    private static final String KEPT =
            """
            async () => {
              const wanted = await (await fetch('/rooms.json')).json();
              const there = (await (await caches.open('rooms')).keys()).map((one) => new URL(one.url).pathname);
              return navigator.serviceWorker.controller !== null && wanted.every((file) => there.includes(file));
            }""";

    /** What was last seen of the studio is written down. */
    private static final String SEEN =
            """
            () => new Promise((done) => {
              const asked = indexedDB.open('pebble-practice');
              asked.onerror = () => done(false);
              asked.onsuccess = () => {
                const teacher = asked.result.transaction('snapshots').objectStore('snapshots').get('teacher');
                teacher.onsuccess = () => done((teacher.result?.clientState?.queries ?? [])
                  .some((query) => query.queryKey[0] === 'routine'));
                teacher.onerror = () => done(false);
              };
            })""";

    private static String routine(Visit teacher, String title) {
        String made = WeekJourney.post(
                teacher.open("/bench").page,
                "/api/routines",
                "{\"title\":\"" + title + "\",\"steps\":[{\"document\":" + WeekJourney.STEP + ",\"climb\":"
                        + WeekJourney.CLIMB + "}]}",
                null);
        return WeekJourney.found("^\\{\"id\":(\\d+)", made);
    }

    private static Visit inTheCellar(Visit teacher, String id) {
        teacher.open("/bench/" + id);
        teacher.page.getByRole(AriaRole.SLIDER).waitFor();
        NothingLostJourney.until(teacher.page, KEPT);
        NothingLostJourney.until(teacher.page, SEEN);
        teacher.context.setOffline(true);
        return teacher;
    }

    private static void up(Visit teacher) {
        teacher.context.setOffline(false);
        teacher.page.evaluate("window.dispatchEvent(new Event('online'))");
    }

    @Test
    void a_teacher_plans_without_network_and_it_is_saved_when_the_studio_is_there_again(Running studio) {
        try (Visit teacher = studio.keepingLaptop().signIn()) {
            String id = routine(teacher, "Cellar");
            Page page = inTheCellar(teacher, id).page;
            page.reload();
            Locator place = page.getByRole(AriaRole.SLIDER);
            place.waitFor();
            place.focus();
            page.keyboard().press("ArrowRight");
            assertThat(page.getByText("Kept on this device")).isVisible();
            String where = place.getAttribute("aria-valuetext");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Assign"))
                    .first()
                    .click();
            assertThat(page.getByText("This needs the studio, which cannot be reached now."))
                    .isVisible();
            page.keyboard().press("Escape");
            page.reload();
            assertThat(page.getByRole(AriaRole.SLIDER)).hasAttribute("aria-valuetext", where);
            up(teacher);
            assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            try (Visit elsewhere = studio.laptop().signIn()) {
                elsewhere.open("/bench/" + id);
                assertThat(elsewhere.page.getByRole(AriaRole.SLIDER)).hasAttribute("aria-valuetext", where);
            }
        }
    }

    @Test
    void what_is_begun_without_network_outlives_the_page_and_becomes_a_routine(Running studio) {
        try (Visit teacher = studio.keepingLaptop().signIn()) {
            Page page = inTheCellar(teacher, routine(teacher, "Before the cellar")).page;
            teacher.open("/bench");
            Locator place = page.getByRole(AriaRole.SLIDER);
            place.waitFor();
            place.focus();
            page.keyboard().press("ArrowRight");
            assertThat(page.getByText("Kept on this device")).isVisible();
            String where = place.getAttribute("aria-valuetext");
            page.reload();
            assertThat(place).hasAttribute("aria-valuetext", where);
            up(teacher);
            assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            assertThat(page).hasURL(Pattern.compile("/bench/\\d+$"));
            assertThat(place).hasAttribute("aria-valuetext", where);
        }
    }

    @Test
    void what_two_windows_have_changed_is_asked_about_and_not_overwritten(Running studio) {
        try (Visit teacher = studio.keepingLaptop().signIn();
                Visit elsewhere = studio.laptop().signIn()) {
            String id = routine(teacher, "Two cellars");
            Page page = inTheCellar(teacher, id).page;
            page.getByRole(AriaRole.SLIDER).focus();
            page.keyboard().press("ArrowRight");
            assertThat(page.getByText("Kept on this device")).isVisible();
            elsewhere.open("/bench/" + id).page.getByRole(AriaRole.SLIDER).focus();
            elsewhere.page.waitForResponse(
                    answer -> answer.request().method().equals("PUT") && answer.ok(),
                    () -> elsewhere.page.keyboard().press("ArrowLeft"));
            up(teacher);
            assertThat(page.getByText("This routine was changed elsewhere")).isVisible();
        }
    }
}
