package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** What holds on every screen: no serious barrier, light and dark; nothing shown unescaped; empty screens help. */
@ExtendWith(Studio.class)
class EveryScreenJourney {
    /** Whether nothing is on its way from one look to another; what goes round for ever is not waited for. */
    private static final String SETTLED =
            """
            () => document.getAnimations().every((one) =>
              one.playState !== 'running' || one.effect?.getComputedTiming().iterations === Infinity)""";

    private static final Set<String> SERIOUS = Set.of("serious", "critical");

    /** Looks for serious and critical findings of axe-core, in both colour schemes. */
    static void look(Page page, String screen) {
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
            // The page changes its colours a moment after the system has; a picture in between is of neither.
            page.waitForFunction(
                    "scheme => document.documentElement.dataset.mantineColorScheme === scheme",
                    scheme.name().toLowerCase(Locale.ROOT));
            page.waitForFunction(SETTLED);
            List<String> found = new AxeBuilder(page)
                    .analyze().getViolations().stream()
                            .filter(rule -> SERIOUS.contains(rule.getImpact()))
                            .map(rule -> rule.getId() + ": "
                                    + rule.getNodes().stream()
                                            .map(node -> node.getHtml() + " "
                                                    + node.getAny().stream()
                                                            .map(c -> c.getMessage())
                                                            .toList())
                                            .limit(4)
                                            .toList())
                            .toList();
            Assertions.assertThat(found).as("%s, %s", screen, scheme).isEmpty();
        }
    }

    @Test
    void no_screen_has_a_serious_barrier(Running studio) {
        try (Visit visit = studio.laptop()) {
            Page page = visit.page;
            visit.open("/sign-in");
            assertThat(page.getByText("This is the demo studio")).isVisible();
            look(page, "sign in");
            visit.open("/sign-up");
            assertThat(page.getByText("Make your studio")).isVisible();
            look(page, "sign up");
            visit.open("/somewhere");
            assertThat(page.getByText("There is no room here")).isVisible();
            look(page, "nowhere");
            visit.signInByHand();
            look(page, "desk");
            visit.open("/bench");
            page.locator("svg text").first().waitFor();
            look(page, "bench");
            page.keyboard().press("a");
            page.getByRole(AriaRole.DIALOG).getByLabel("Student").waitFor();
            look(page, "assign");
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
            page.evaluate("document.activeElement.blur()");
            page.keyboard().press("?");
            page.getByRole(AriaRole.DIALOG).waitFor();
            look(page, "shortcut sheet");
            page.keyboard().press("Escape");
            visit.open("/students");
            assertThat(page.getByText("Add a student")).isVisible();
            look(page, "students");
            String link = visit.practicePath("Maren Saltby");
            visit.open("/desk");
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Maren Saltby").setExact(true))
                    .click();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Log")))
                    .isVisible();
            look(page, "student");
            visit.open(link);
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start")))
                    .isEnabled();
            look(page, "practice room");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start"))
                    .click();
            Studio.sounding(page);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop"))
                    .click();
            assertThat(page.getByText("You stopped.")).isVisible();
            look(page, "how did it go");
            page.keyboard().press("3");
            assertThat(page.getByText("What stopped you?")).isVisible();
            look(page, "what stopped you");
            page.getByText("Keep it").click();
            assertThat(page.getByText("1 of 2 today")).isVisible();
            page.evaluate("document.activeElement.blur()");
            page.keyboard().press("s");
            page.getByRole(AriaRole.DIALOG).waitFor();
            look(page, "how it sounds");
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
            page.evaluate("document.activeElement.blur()");
            for (int i = 0; i < 5; i++) page.keyboard().press("n");
            assertThat(page.getByText("Back to the first")).isVisible();
            look(page, "done for today");
            visit.open(link + "/keys");
            assertThat(page.getByText("Maren’s keys")).isVisible();
            look(page, "own key path");
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
            look(page, "empty desk");
            page.getByText("Add your first student").click();
            page.getByText("Add a student").click();
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
            look(mine, "conflict");
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

    private static com.microsoft.playwright.Locator title(Page page) {
        return page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true));
    }

    private static com.microsoft.playwright.Locator saved(Page page) {
        return page.getByText("Saved", new Page.GetByTextOptions().setExact(true));
    }
}
