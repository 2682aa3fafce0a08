package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** The Bench asks the page: without a request, in an older browser, and where the core does not come. */
@ExtendWith(Studio.class)
class CoreJourney {
    private static final int NUDGES = 12;

    private static Locator ribbon(Page page) {
        return page.getByRole(AriaRole.SLIDER);
    }

    @Test
    void nudges_ask_the_studio_nothing(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.open("/bench");
            ribbon(page).waitFor();
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            List<String> asked = new CopyOnWriteArrayList<>();
            page.onRequest(request -> {
                String path = request.url().replace(studio.root, "");
                // What is made is still kept by itself, a moment after the last change.
                if (path.startsWith("/api/") && !path.startsWith("/api/routines")) asked.add(path);
            });
            ribbon(page).focus();
            for (int i = 0; i < NUDGES; i++) {
                String before = ribbon(page).getAttribute("aria-valuetext");
                page.keyboard().press(i % 4 < 2 ? "ArrowRight" : "ArrowLeft");
                assertThat(ribbon(page)).not().hasAttribute("aria-valuetext", before);
            }
            Assertions.assertThat(asked).isEmpty();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void an_older_browser_runs_the_core_as_javascript(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            List<String> loaded = new CopyOnWriteArrayList<>();
            page.onRequest(request -> loaded.add(request.url()));
            page.addInitScript("WebAssembly.validate = () => false;");
            visit.open("/bench");
            page.locator("[aria-label='Engraved notes'] .vf-stavenote").first().waitFor();
            assertThat(page.getByLabel("Landing")).containsText("beat 1");
            ribbon(page).focus();
            page.keyboard().press("ArrowRight");
            assertThat(ribbon(page)).hasAttribute("aria-valuenow", "24");
            Assertions.assertThat(loaded).noneMatch(url -> url.endsWith(".wasm"));
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_core_that_does_not_come_is_said_and_asked_for_again(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.page;
            page.route("**/*.wasm", route -> route.abort());
            visit.open("/bench");
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("What works out the notes did not come.");
            page.unroute("**/*.wasm");
            page.getByText("Try again").click();
            page.locator("[aria-label='Engraved notes'] .vf-stavenote").first().waitFor();
            assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        }
    }
}
