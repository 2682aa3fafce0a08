package pebblestep.benchmarks;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Drives the bench in Chromium and prints how long a nudge takes from the key press to the redrawn landing sentence and
 * ribbon, how long engraving takes, and how exact the clicks are in an offline render.
 */
public final class Screen {
    private static final int NUDGES = 200;
    private static final int MINUTES = 10;

    /**
     * Waits in the page for the ribbon, and the sentence where it says another place otherwise, to change after a key, up to
     * the frame that shows them; fails where nothing changes.
     */
    private static final String NUDGE =
            """
            async ([key, said]) => {
              const sentence = document.querySelector('[aria-label="Landing"] p');
              const ribbon = document.querySelector('[role="slider"]');
              const before = [sentence.textContent, ribbon.getAttribute('aria-valuetext')];
              const began = performance.now();
              document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
              for (;;) {
                await new Promise(next => requestAnimationFrame(next));
                const now = document.querySelector('[aria-label="Landing"] p').textContent;
                const value = document.querySelector('[role="slider"]').getAttribute('aria-valuetext');
                if ((now !== before[0] || !said) && value !== before[1]) return performance.now() - began;
                if (performance.now() - began > 20000) throw new Error('A nudge changed nothing.');
              }
            }""";

    private Screen() {}

    public static void main(String[] args) {
        String root = "http://localhost:" + args[0];
        Path chromium = Stream.of("chromium", "chromium-headless-shell")
                .flatMap(name -> Stream.of(System.getenv("PATH").split(":")).map(folder -> Path.of(folder, name)))
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow();
        try (Playwright playwright = Playwright.create(
                        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(chromium)
                                .setArgs(List.of("--no-sandbox", "--disable-background-networking")))) {
            Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
            page.navigate(root + "/sign-in");
            page.getByLabel("E-mail address").fill(args[1]);
            page.locator("input[type=password]").fill(args[2]);
            page.keyboard().press("Enter");
            page.waitForURL("**/desk");
            nudges(page, root);
            engraving(page);
            walk(page, root);
            sound(page, root);
        }
    }

    private static void nudges(Page page, String root) {
        open(page, root);
        nudge(page, "From key press to redrawn sentence and ribbon", true);
    }

    /** Twelve keys by fourths and home: what a nudge of all of them takes, and drawing them. */
    private static void walk(Page page, String root) {
        open(page, root);
        page.getByLabel("Range", new Page.GetByLabelOptions().setExact(true)).selectOption("o1");
        page.getByLabel("eighths", new Page.GetByLabelOptions().setExact(true))
                .first()
                .click();
        page.getByLabel("Walk through keys").click();
        page.getByText("by fourths and home", new Page.GetByTextOptions().setExact(true))
                .click();
        page.keyboard().press("Escape");
        page.waitForTimeout(1500);
        // How many of its keys land may be the same at the next place: the ribbon tells.
        nudge(page, "The same for a walk of twelve keys", false);
        engraved(page, "Engraving a walk of twelve keys", 300);
    }

    private static void open(Page page, String root) {
        page.navigate(root + "/bench/1");
        page.locator("[aria-label='Engraved notes'] .vf-stavenote").first().waitFor();
        page.waitForTimeout(1500);
    }

    private static void nudge(Page page, String what, boolean said) {
        double[] millis = new double[NUDGES];
        for (int i = 0; i < NUDGES; i++) {
            millis[i] = ((Number) page.evaluate(NUDGE, List.of(i / 10 % 2 == 0 ? "ArrowRight" : "ArrowLeft", said)))
                    .doubleValue();
        }
        print(what + ", " + NUDGES + " nudges", millis);
    }

    /** Four octaves in sixteenths, drawn again and again as its place moves. */
    private static void engraving(Page page) {
        page.getByLabel("Range", new Page.GetByLabelOptions().setExact(true)).selectOption("o4");
        page.getByLabel("sixteenths", new Page.GetByLabelOptions().setExact(true))
                .first()
                .click();
        page.waitForTimeout(1500);
        engraved(page, "Engraving four octaves in sixteenths", 60);
    }

    /** @param pause milliseconds between two nudges: a longer drawing is given up for the next */
    private static void engraved(Page page, String what, int pause) {
        page.evaluate("performance.clearMeasures('engrave')");
        for (int i = 0; i < NUDGES / 4; i++) {
            page.evaluate(NUDGE, List.of(i / 10 % 2 == 0 ? "ArrowRight" : "ArrowLeft", false));
            page.waitForTimeout(pause);
        }
        List<?> found = (List<?>) page.evaluate("performance.getEntriesByName('engrave').map(entry => entry.duration)");
        print(
                what + ", " + found.size() + " times",
                found.stream().mapToDouble(one -> ((Number) one).doubleValue()).toArray());
    }

    private static void sound(Page page, String root) {
        page.navigate(root + "/sound-check?minutes=" + MINUTES);
        page.getByText("Measure", new Page.GetByTextOptions().setExact(true)).click();
        com.microsoft.playwright.Locator found = page.locator("[data-done=true]");
        found.waitFor(new com.microsoft.playwright.Locator.WaitForOptions().setTimeout(600_000));
        System.out.println("Offline render\n" + found.innerText());
    }

    private static void print(String what, double[] millis) {
        java.util.Arrays.sort(millis);
        System.out.printf(
                "%s: p50 %.1f ms, p95 %.1f ms, worst %.1f ms%n",
                what,
                millis[millis.length / 2],
                millis[(int) Math.ceil(millis.length * 0.95) - 1],
                millis[millis.length - 1]);
    }
}
