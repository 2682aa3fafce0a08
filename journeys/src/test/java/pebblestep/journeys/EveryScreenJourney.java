package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** What holds in every room of the router: no serious barrier, light and dark; nothing shown unescaped; empty screens help. */
@ExtendWith(Studio.class)
class EveryScreenJourney {
    private static final Path ROUTER = Path.of("../web/src/router.tsx");
    private static final Pattern PLACE = Pattern.compile("\\bpath: '([^']+)'");
    /** What there is room for in a path, and what the demo has for it; of the bench's, any routine. */
    private static final Map<String, String> FILLED =
            Map.of(":routineId?", "2", ":routineId/", "6/", ":studentId", "1", ":assignmentId", "1", "*", "/somewhere");

    /** What can be scrolled sideways, or would have to be; the student's list of today is a strip that follows what is played. */
    private static final String TOO_WIDE =
            """
            () => [...document.querySelectorAll('html, body, body *')]
              .filter((one) => one.scrollWidth > one.clientWidth + 1
                && (one === document.documentElement || ['auto', 'scroll'].includes(getComputedStyle(one).overflowX)))
              .filter((one) => one.getAttribute('aria-label') !== 'Today')
              .map((one) => `${one.tagName}.${one.className} ${one.scrollWidth} > ${one.clientWidth}`)""";

    /** Every path of the router, those of a room's own parts under it. */
    private static List<String> paths() throws IOException {
        List<String> paths = new ArrayList<>();
        String room = "";
        for (MatchResult place :
                PLACE.matcher(Files.readString(ROUTER)).results().toList()) {
            String path = place.group(1);
            if (path.startsWith("/")) room = path;
            paths.add(path.startsWith("/") || path.equals("*") ? path : room + "/" + path);
        }
        return paths;
    }

    /** A room that is added is looked at without being named here. */
    @Test
    void no_room_has_a_serious_barrier(Running studio) throws IOException {
        List<String> paths = paths();
        Assertions.assertThat(paths).contains("/desk", "/p/:token/keys", "/students/:studentId/report", "*");
        try (Visit visit = studio.laptop()) {
            visit.open("/sign-in").quiet();
            Barriers.look(visit.page, "/sign-in");
            look(visit, "/sign-up");
            String link = visit.signInByHand().practicePath("Maren Saltby");
            for (String path : paths) {
                if (path.startsWith("/sign-")) continue;
                String filled = path.replace("/p/:token", link);
                for (Map.Entry<String, String> one : FILLED.entrySet())
                    filled = filled.replace(one.getKey(), one.getValue());
                Assertions.assertThat(filled).as("a path that can be opened").doesNotContain(":");
                look(visit, filled);
            }
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    /** Held to a phone and to an upright tablet, no room is wider than the screen. */
    @Test
    void nothing_scrolls_sideways(Running studio) throws IOException {
        try (Visit visit = studio.laptop()) {
            String link = visit.signInByHand().practicePath("Maren Saltby");
            for (int[] size : new int[][] {{Running.PHONE_WIDTH, Running.PHONE_HEIGHT}, {820, 1180}}) {
                visit.page.setViewportSize(size[0], size[1]);
                for (String path : paths()) {
                    String filled = path.replace("/p/:token", link);
                    for (Map.Entry<String, String> one : FILLED.entrySet())
                        filled = filled.replace(one.getKey(), one.getValue());
                    visit.go(filled);
                    Assertions.assertThat((List<?>) visit.page.evaluate(TOO_WIDE))
                            .as("%s at %d", filled, size[0])
                            .isEmpty();
                }
            }
        }
    }

    private static void look(Visit visit, String path) {
        visit.go(path);
        Barriers.look(visit.page, path);
    }

    /** The libraries that the page is made of, with their licences, as its build lists them. */
    @Test
    void the_page_comes_with_its_licences(Running studio) {
        try (Visit visit = studio.laptop()) {
            Assertions.assertThat(visit.context
                            .request()
                            .get(visit.root + "/licences/page.md")
                            .text())
                    .contains("## react - ", "## @fontsource/young-serif - ");
        }
    }

    @Test
    void what_opens_in_a_room_has_no_serious_barrier_either(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/bench")) {
            Page page = visit.page;
            page.locator("svg text").first().waitFor();
            page.keyboard().press("a");
            page.getByRole(AriaRole.DIALOG).getByLabel("Student").waitFor();
            Barriers.look(page, "assign");
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
            page.evaluate("document.activeElement.blur()");
            page.keyboard().press("?");
            page.getByRole(AriaRole.DIALOG).waitFor();
            Barriers.look(page, "shortcut sheet");
            visit.open(visit.practicePath("Maren Saltby"));
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start")))
                    .isEnabled();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start"))
                    .click();
            Studio.sounding(page);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop"))
                    .click();
            assertThat(page.getByText("You stopped.")).isVisible();
            Barriers.look(page, "how did it go");
            page.keyboard().press("3");
            assertThat(page.getByText("What stopped you?")).isVisible();
            Barriers.look(page, "what stopped you");
            page.getByText("Keep it").click();
            assertThat(page.getByText("1 of 2 today")).isVisible();
            page.evaluate("document.activeElement.blur()");
            page.keyboard().press("s");
            page.getByRole(AriaRole.DIALOG).waitFor();
            Barriers.look(page, "how it sounds");
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
            page.evaluate("document.activeElement.blur()");
            for (int i = 0; i < 5; i++) page.keyboard().press("n");
            assertThat(page.getByText("Back to the first")).isVisible();
            Barriers.look(page, "done for today");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_new_studio_starts_empty_helps_and_shows_names_as_they_are(Running studio) {
        try (Visit visit = studio.laptop().open("/sign-up")) {
            Page page = visit.page;
            page.getByLabel("Studio").fill("<b>Bold</b> Studio");
            page.getByLabel("Your name").fill("New Teacher");
            page.getByLabel("E-mail address").fill("new@wrenmouth.example");
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(false))
                    .first()
                    .fill("short");
            page.getByText("Make the studio").click();
            assertThat(page.getByText("A password has 10 to 72 characters.")).isVisible();
            assertThat(page.getByLabel("Your name")).hasValue("New Teacher");
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(false))
                    .first()
                    .fill("long-enough-1");
            page.getByText("Make the studio").click();
            assertThat(page.getByText("Nobody here yet")).isVisible();
            Barriers.look(page, "empty desk");
            page.getByText("Add your first student").click();
            button(page, "Add a student").click();
            String html = "<img src=x onerror=\"document.title='broken'\">";
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(false))
                    .last()
                    .fill(html);
            page.getByRole(AriaRole.DIALOG)
                    .getByText("Add", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true))
                    .click();
            assertThat(page.getByText(html)).isVisible();
            visit.open("/desk");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(html)))
                    .isVisible();
            Assertions.assertThat(page.title()).isEqualTo("Pebble Step");
            page.getByText("New Teacher").click();
            page.getByText("Sign out").click();
            assertThat(page.getByText("Come in")).isVisible();
            page.goBack();
            assertThat(page.getByText("Come in")).isVisible();
        }
    }

    @Test
    void two_windows_on_one_routine_do_not_overwrite_each_other(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page mine = visit.page;
            visit.open("/bench/2");
            assertThat(title(mine)).not().hasValue("");
            Page other = visit.window("/bench/2");
            assertThat(title(other)).not().hasValue("");
            title(other).fill("Other");
            assertThat(saved(other)).isVisible();
            title(mine).fill("Mine");
            assertThat(mine.getByText("This routine was changed elsewhere")).isVisible();
            mine.bringToFront();
            Barriers.look(mine, "conflict");
            assertThat(title(mine)).hasValue("Mine");
            mine.getByText("Save mine as a new routine").click();
            assertThat(saved(mine)).isVisible();
            other.reload();
            assertThat(title(other)).hasValue("Other");
            title(mine).fill("Mine again");
            assertThat(saved(mine)).isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    private static com.microsoft.playwright.Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static com.microsoft.playwright.Locator title(Page page) {
        return page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true));
    }

    private static com.microsoft.playwright.Locator saved(Page page) {
        return page.getByText("Saved", new Page.GetByTextOptions().setExact(true));
    }
}
