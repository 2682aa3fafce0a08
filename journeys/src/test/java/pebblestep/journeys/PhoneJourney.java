package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
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

    /** A staff and a half, in pixels. */
    private static final double SMALLEST_PAPER = 120;

    private static final String AWAKE =
            """
            window.awake = 0;
            Object.defineProperty(navigator, 'wakeLock', { value: {
              request: async () => { window.awake += 1; return { release: async () => { window.awake -= 1; } }; } } });""";

    private static final String ROOM = "**/api/practice/room";

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
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("G major")))
                    .isVisible();
            assertThat(page.getByText("play F♯, not F")).isVisible();
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
            page.getByText("Slips", new Page.GetByTextOptions().setExact(true)).click();
            page.getByText("rhythm", new Page.GetByTextOptions().setExact(true)).click();
            BoundingBox third = page.locator(".vf-notehead").nth(2).boundingBox();
            page.mouse().click(third.x + third.width / 2, third.y + third.height / 2);
            assertThat(page.getByText("At B (note 3).")).isVisible();
            page.getByLabel("A word to your teacher").fill("the turn was late");
            Assertions.assertThat(scrolls(page)).isFalse();
            page.getByText("Keep it").click();
            assertThat(page.getByText("1 take not clean")).isVisible();
            page.getByLabel("Next: First five of F").click();
            page.getByLabel("Finish for today").click();
            assertThat(page.getByText("1 take today, 0 clean, under a minute of playing."))
                    .isVisible();
            page.getByLabel("A line to your teacher").fill("My lip is tired.");
            page.getByText("Send", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.getByText("Your line is kept")).isVisible();
            Assertions.assertThat(scrolls(page)).isFalse();
            page.getByText("My keys").click();
            assertThat(page.getByText("Linnet’s keys")).isVisible();
            try (Visit teacher = studio.laptop().signIn()) {
                teacher.atStudent("Linnet Moss");
                assertThat(teacher.page.getByText("“the turn was late”")).isVisible();
                assertThat(teacher.page.getByText("rhythm, at B4")).isVisible();
                assertThat(teacher.page.getByText("“My lip is tired.”")).isVisible();
            }
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_pedal_and_a_run_over_rungs_need_no_hand(Running studio) {
        String link = link(studio, "Jory Penwick");
        try (Visit visit = studio.phone()) {
            // A slow network: what the page works with comes late.
            List<Route> late = new ArrayList<>();
            visit.context.route(ROOM, late::add);
            visit.open(link);
            Page page = visit.page;
            page.getByLabel(java.util.regex.Pattern.compile("^\\d of \\d: Quarters on the &"))
                    .click();
            page.getByText("Sound once").click();
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Play it"))
                    .getByText("2")
                    .click();
            page.getByText("rises each time").click();
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
            assertThat(page.getByText("Sound 2 times, rising")).isVisible();
            page.evaluate("document.activeElement.blur()");
            Locator start = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start"));
            assertThat(start).isDisabled();
            visit.context.unroute(ROOM);
            late.forEach(Route::resume);
            assertThat(start).isEnabled();
            page.keyboard().press("PageDown");
            assertThat(page.getByText("Play · 1 of 2")).isVisible();
            assertThat(page.getByText("Play · 2 of 2")).isVisible();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Clean up to?")))
                    .isVisible();
            Assertions.assertThat(scrolls(page)).isFalse();
            Barriers.look(page, "clean up to");
            page.evaluate("document.activeElement.blur()");
            page.keyboard().press("PageDown");
            assertThat(page.getByText("2 of 5 today")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void each_time_of_a_run_is_a_take_of_its_own(Running studio) {
        String link = link(studio, "Tobiah Lark");
        try (Visit visit = studio.phone()) {
            // A screen that can be kept awake, and that tells whether it is.
            visit.context.addInitScript(AWAKE);
            visit.open(link);
            Page page = visit.page;
            page.getByLabel(java.util.regex.Pattern.compile("^\\d of \\d: G in quarters"))
                    .click();
            Assertions.assertThat(page.evaluate("window.awake")).isEqualTo(0);
            page.getByText("Sound once").click();
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Play it"))
                    .getByText("2")
                    .click();
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start"))
                    .click();
            assertThat(page.getByText("Play · 1 of 2")).isVisible();
            Assertions.assertThat(page.evaluate("window.awake"))
                    .as("the screen stays awake while it runs")
                    .isEqualTo(1);
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("How did the 2 go?")))
                    .isVisible();
            Assertions.assertThat(page.evaluate("window.awake"))
                    .as("and may sleep again after it")
                    .isEqualTo(0);
            page.getByText("Slips", new Page.GetByTextOptions().setExact(true)).click();
            Locator which = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Which times slipped"));
            Locator first = which.getByLabel("Time 1");
            Locator second = which.getByLabel("Time 2");
            assertThat(second).hasAttribute("aria-pressed", "true");
            // One of them has slipped: the last that is chosen stays.
            second.click();
            assertThat(second).hasAttribute("aria-pressed", "true");
            first.click();
            second.click();
            page.getByLabel("A word to your teacher").fill("the first began late");
            Assertions.assertThat(scrolls(page)).isFalse();
            Barriers.look(page, "which time slipped");
            page.getByText("Keep it", new Page.GetByTextOptions().setExact(true))
                    .dblclick();
            assertThat(page.getByText("2 of 2 today")).isVisible();
            page.getByLabel("Finish for today").click();
            assertThat(page.getByText("G major · 2 takes, 1 clean")).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    /** A phone whose browser keeps its bars, a small one, one that lies on its side, and a tablet on a stand. */
    @Test
    void the_notes_and_the_button_are_in_sight_at_every_size(Running studio) {
        String link = link(studio, "Linnet Moss");
        try (Visit visit = studio.phone().open(link)) {
            Page page = visit.page;
            Locator head = page.locator(".vf-notehead").first();
            Locator start = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start"));
            for (int[] size : new int[][] {{390, 664}, {375, 553}, {844, 390}, {820, 1180}, {1024, 700}}) {
                page.setViewportSize(size[0], size[1]);
                head.waitFor();
                assertThat(head).isInViewport();
                assertThat(start).isInViewport();
                Assertions.assertThat(scrolls(page))
                        .as("%d x %d", size[0], size[1])
                        .isFalse();
                BoundingBox staff = page.getByLabel("Engraved notes").boundingBox();
                Assertions.assertThat(staff.height)
                        .as("%d x %d", size[0], size[1])
                        .isGreaterThan(SMALLEST_PAPER);
                if (size[1] == 390) Barriers.look(page, "a phone on its side");
            }
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    /** Another note lights, or the last one is over and nothing is left to tap. */
    private static final String ANOTHER_NOTE =
            """
            () => {
              const lit = document.querySelector('.lit');
              const another = lit !== null && lit !== window.tapped;
              if (another) window.tapped = lit;
              return another || ![...document.querySelectorAll('button')].some((one) => one.textContent.startsWith('Tap'));
            }""";

    @Test
    void taps_along_with_the_click_are_told_by_their_numbers(Running studio) {
        String link = link(studio, "Linnet Moss");
        try (Visit visit = studio.phone().open(link)) {
            Page page = visit.page;
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start")))
                    .isEnabled();
            page.keyboard().press("s");
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Tap it"))
                    .getByText("on")
                    .click();
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
            page.evaluate("document.activeElement.blur()");
            page.keyboard().press(" ");
            com.microsoft.playwright.Locator pad = page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^Tap")));
            pad.waitFor();
            while (pad.isVisible()) {
                page.keyboard().press("t");
                page.waitForFunction(ANOTHER_NOTE);
            }
            assertThat(page.getByText(java.util.regex.Pattern.compile("\\d+ of 9 notes tapped, .*spread \\d+ ms")))
                    .isVisible();
            Barriers.look(page, "taps");
            page.getByLabel("Let a made-up player tap").selectOption("elsewhere");
            assertThat(page.getByText("The taps lie on")).isVisible();
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
                boolean later = url.matches(".*/(draw|run|drone|sounds|lapClock)-.*");
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
