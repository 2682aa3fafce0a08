package pebblestep.journeys;

import com.microsoft.playwright.Page;

/** Dragging with the keyboard: each press is answered by what is said to a screen reader. */
final class Dragging {
    private static final String SAID =
            "[...document.querySelectorAll('[id^=DndLiveRegion]')].map((e) => e.textContent).join()";

    private Dragging() {}

    /** Presses a key and waits until the list has said what it did. */
    static void press(Page page, String key) {
        Object before = page.evaluate(SAID);
        page.keyboard().press(key);
        page.waitForFunction("before => " + SAID + " !== before", before);
    }
}
