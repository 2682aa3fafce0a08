package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import java.util.zip.GZIPOutputStream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The student's part, on a phone. */
@ExtendWith(Studio.class)
class PhoneJourney {
    private static final int MOST_SCRIPT_BYTES = 300_000;

    private static String link(Running studio, String student) {
        try (Visit teacher = studio.laptop().signIn()) {
            return teacher.practicePath(student);
        }
    }

    @Test
    void a_student_practises_and_sees_the_keys(Running studio) {
        String link = link(studio, "Linnet Moss");
        try (Visit visit = studio.phone().open(link)) {
            Page page = visit.page;
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("F major")))
                    .isVisible();
            assertThat(page.getByText("play B♭, not B")).isVisible();
            Assertions.assertThat(scrolls(page)).isFalse();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start"))
                    .click();
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop")))
                    .isVisible();
            page.locator(".lit").first().waitFor();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("How did it go?")))
                    .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                            .setTimeout(30_000));
            Assertions.assertThat(scrolls(page)).isFalse();
            page.getByLabel("A word to your teacher").fill("the turn was late");
            page.getByText("Slips", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.getByText("1 take not clean")).isVisible();
            page.getByText("Finish for today").click();
            assertThat(page.getByText("1 take today.")).isVisible();
            page.getByText("My keys").click();
            assertThat(page.getByText("Linnet’s keys")).isVisible();
            try (Visit teacher = studio.laptop().signIn()) {
                teacher.practicePath("Linnet Moss");
                assertThat(teacher.page.getByText("“the turn was late”")).isVisible();
            }
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_take_made_without_network_is_kept_and_sent_later(Running studio) {
        String link = link(studio, "Aled Quay");
        try (Visit visit = studio.phone().open(link)) {
            Page page = visit.page;
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start")))
                    .isEnabled();
            page.route("**/api/practice/takes", Route::abort);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start"))
                    .click();
            page.waitForTimeout(700);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop"))
                    .click();
            page.getByText("Stopped", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(page.getByText("1 take is kept here and not sent yet.")).isVisible();
            page.unroute("**/api/practice/takes");
            page.reload();
            assertThat(page.getByText("1 take not clean")).isVisible();
            assertThat(page.getByText("not sent yet")).isHidden();
        }
    }

    @Test
    void taps_along_with_the_click_are_told_by_their_numbers(Running studio) {
        String link = link(studio, "Linnet Moss");
        try (Visit visit = studio.phone().open(link)) {
            Page page = visit.page;
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start")))
                    .isEnabled();
            page.getByLabel("tap it").check();
            page.evaluate("document.activeElement.blur()");
            page.keyboard().press(" ");
            com.microsoft.playwright.Locator pad = page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^Tap")));
            pad.waitFor();
            while (pad.isVisible()) {
                page.keyboard().press("t");
                page.waitForTimeout(250);
            }
            assertThat(page.getByText(java.util.regex.Pattern.compile("\\d+ of 9 notes tapped, .*spread \\d+ ms")))
                    .isVisible();
            EveryScreenJourney.look(page, "taps");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void the_first_view_needs_little_script(Running studio) throws IOException {
        String link = link(studio, "Maren Saltby");
        try (Visit visit = studio.phone()) {
            visit.open(link);
            assertThat(visit.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start")))
                    .isVisible();
            int bytes = 0;
            for (String url : Set.copyOf(visit.requests)) {
                // The engraver and the sound come after the first view, and on the first press.
                boolean later = url.contains("/draw-") || url.contains("/player-");
                if (url.endsWith(".js") && !later)
                    bytes += zipped(URI.create(url).toURL().openStream().readAllBytes());
            }
            System.out.println("First view of the practice room: " + bytes / 1000 + " kB of script, compressed");
            Assertions.assertThat(bytes).isBetween(50_000, MOST_SCRIPT_BYTES);
        }
    }

    @Test
    void a_link_that_does_not_work_says_what_to_do(Running studio) {
        try (Visit visit = studio.phone().open("/p/AAAAAAAAAAEAAAAAAAAAAAAAAAAAAAAA")) {
            assertThat(visit.page.getByText("Ask your teacher for the new one."))
                    .isVisible();
        }
    }

    private static boolean scrolls(Page page) {
        return (boolean) page.evaluate("document.documentElement.scrollHeight > window.innerHeight + 1"
                + " || document.documentElement.scrollWidth > window.innerWidth + 1");
    }

    private static int zipped(byte[] body) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
            zip.write(body);
        }
        return bytes.size();
    }
}
