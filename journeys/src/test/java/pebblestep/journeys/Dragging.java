package pebblestep.journeys;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;

/** Dragging with the keyboard: each press is answered by what is said to a screen reader. */
final class Dragging {
    private static final String SAID =
            "[...document.querySelectorAll('[id^=DndLiveRegion]')].map((e) => e.textContent).join()";

    private static final int TRIES = 10;
    private static final double PATIENCE_MILLIS = 3_000;

    private Dragging() {}

    /**
     * Presses a key and waits until the list has said what it did. A list that has just been picked up from listens and measures only
     * after it has drawn: a key that it did not hear is pressed again.
     */
    static void press(Page page, String key) {
        page.evaluate(Studio.DRAWN);
        Object before = page.evaluate(SAID);
        for (int i = 1; ; i++) {
            page.keyboard().press(key);
            page.evaluate(Studio.DRAWN);
            try {
                page.waitForFunction(
                        "before => " + SAID + " !== before",
                        before,
                        new Page.WaitForFunctionOptions().setTimeout(PATIENCE_MILLIS));
                return;
            } catch (TimeoutError e) {
                if (i == TRIES) throw e;
            }
        }
    }
}
