package pebblestep.journeys;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** Prints how fast the Bench follows the hand, by {@code ./pebble page}; nothing is asserted, and no test runs it. */
@ExtendWith(Studio.class)
class PageMeasures {
    private static final int NUDGES = 200;
    private static final double DRAG_SECONDS = 5;

    /** From a key press to the frame in which sentence and ribbon are drawn anew. */
    private static final String NUDGED =
            """
            async (many) => {
              const ribbon = document.querySelector('[role=slider]');
              ribbon.focus();
              const times = [];
              for (let i = 0; i < many; i++) {
                const before = ribbon.getAttribute('aria-valuetext');
                const start = performance.now();
                const key = i % 4 < 2 ? 'ArrowRight' : 'ArrowLeft';
                ribbon.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
                await new Promise((done) => {
                  const look = () => {
                    if (document.querySelector('[role=slider]').getAttribute('aria-valuetext') !== before) done();
                    else requestAnimationFrame(look);
                  };
                  look();
                });
                times.push(performance.now() - start);
                await new Promise((done) => setTimeout(done, 40));
              }
              return times;
            }""";

    private static final String FRAMES =
            """
            () => {
              window.frames_ = [];
              let last = performance.now();
              const frame = (now) => {
                window.frames_.push(now - last);
                last = now;
                window.framing = requestAnimationFrame(frame);
              };
              window.framing = requestAnimationFrame(frame);
            }""";

    private static double at(List<Double> sorted, double share) {
        return sorted.get((int) Math.min(sorted.size() - 1, Math.floor(share * sorted.size())));
    }

    private static List<Double> sorted(Object numbers) {
        return ((List<?>) numbers)
                .stream().map(one -> ((Number) one).doubleValue()).sorted().toList();
    }

    private static void nudged(Visit visit, Page page, String what) {
        int requests = visit.requests.size();
        page.evaluate(NUDGED, 20);
        List<Double> times = sorted(page.evaluate(NUDGED, NUDGES));
        System.out.printf(
                "%d nudges%s, key press to drawn: p50 %.1f ms, p95 %.1f ms, slowest %.1f ms; %d requests but for saving%n",
                NUDGES,
                what,
                at(times, 0.5),
                at(times, 0.95),
                times.getLast(),
                visit.requests.stream()
                        .skip(requests)
                        .filter(url -> url.contains("/api/") && !url.contains("/api/routines"))
                        .count());
    }

    @Test
    void how_fast_the_bench_follows_the_hand(Running studio) {
        try (Visit visit = studio.laptop().signIn()) {
            Page page = visit.open("/bench").page;
            page.getByRole(AriaRole.SLIDER).waitFor();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            nudged(visit, page, "");
            BoundingBox ribbon = page.locator("[role=slider]").boundingBox();
            double y = ribbon.y + ribbon.height / 2;
            page.mouse().move(ribbon.x + 30, y);
            page.mouse().down();
            page.evaluate(FRAMES);
            long end = System.nanoTime() + (long) (DRAG_SECONDS * 1e9);
            int moves = 0;
            while (System.nanoTime() < end) {
                page.mouse().move(ribbon.x + 30 + Math.abs(moves % 160 - 80), y);
                moves++;
            }
            page.mouse().up();
            List<Double> frames =
                    sorted(page.evaluate("() => { cancelAnimationFrame(window.framing); return window.frames_; }"));
            double usual = at(frames, 0.5);
            long dropped = frames.stream()
                    .mapToLong(one -> Math.max(0, Math.round(one / usual) - 1))
                    .sum();
            System.out.printf(
                    "drag of %.0f s, %d moves: %d frames of %.1f ms, %d dropped (%.1f percent)%n",
                    DRAG_SECONDS, moves, frames.size(), usual, dropped, 100.0 * dropped / (frames.size() + dropped));
            // The dearest hand that the demo has.
            page.getByLabel("For which student").selectOption(new SelectOption().setLabel("Aled Quay, Cello"));
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("how it is played"))
                    .waitFor();
            nudged(visit, page, " with a cellist's fingers");
            System.out.println("measured in " + Map.of("width", Running.LAPTOP_WIDTH, "height", Running.LAPTOP_HEIGHT));
        }
    }
}
