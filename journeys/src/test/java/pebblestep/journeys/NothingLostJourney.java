package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.atomic.AtomicInteger;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** No take is lost and none is stored twice, whatever happens on the way. */
@ExtendWith(Studio.class)
class NothingLostJourney {
    static final String TAKES = "**/api/practice/takes";

    private static String link(Running studio, String student) {
        try (Visit teacher = studio.laptop().signIn()) {
            return teacher.practicePath(student);
        }
    }

    /** Plays a moment, stops, and says what stopped it. */
    static void stopped(Page page, String word) {
        Locator start = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^(Start|Again)")));
        assertThat(start).isEnabled();
        start.click();
        Studio.sounding(page);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stop"))
                .click();
        page.getByText("Stopped", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("A word to your teacher").fill(word);
        page.getByText("Keep it").click();
        // Shown only when it is kept. What is not accepted may be tried again, which is another button.
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^Again"))))
                .isVisible();
    }

    /** Goes to a piece of today's list by its title. */
    private static void go(Page page, String title) {
        page.getByLabel(java.util.regex.Pattern.compile("^\\d of \\d: " + title))
                .click();
    }

    private static Locator unsent(Page page, int takes) {
        String are = takes == 1 ? "1 take is" : takes + " takes are";
        return page.getByText(are + " kept here and not sent yet.");
    }

    /** How often a word stands in the student's log, as the teacher sees it. */
    private static void assertLoggedOnce(Running studio, String student, String... words) {
        try (Visit teacher = studio.laptop().signIn()) {
            teacher.atStudent(student);
            for (String word : words)
                assertThat(teacher.page.getByText("“" + word + "”")).hasCount(1);
        }
    }

    @Test
    void the_room_opens_and_plays_without_network_and_the_standing_moves_as_the_rules_say(Running studio) {
        String link = link(studio, "Aled Quay");
        try (Visit visit = studio.keepingPhone().open(link)) {
            Page page = visit.page;
            until(page, "() => navigator.serviceWorker.controller !== null");
            until(page, KEPT);
            visit.context.setOffline(true);
            page.reload();
            String piece = "Five-note A, up and over";
            go(page, piece);
            stopped(page, "first without network");
            assertThat(unsent(page, 1)).isVisible();
            assertThat(page.getByText("1 take not clean at 90 bpm")).isVisible();
            stopped(page, "second without network");
            assertThat(page.getByText("2 takes in a row not clean at 90 bpm")).isVisible();
            assertThat(unsent(page, 2)).isVisible();
            page.getByText("My keys").click();
            assertThat(page.getByText("Aled’s keys")).isVisible();
            page.close();
            Page later = visit.window(link);
            assertThat(unsent(later, 2)).isVisible();
            go(later, piece);
            assertThat(later.getByText("2 takes in a row not clean at 90 bpm")).isVisible();
            visit.context.setOffline(false);
            later.evaluate("window.dispatchEvent(new Event('online'))");
            assertThat(later.getByText("not sent yet")).isHidden();
            assertThat(later.getByText("2 takes in a row not clean at 90 bpm")).isVisible();
            assertLoggedOnce(studio, "Aled Quay", "first without network", "second without network");
        }
    }

    /** The room and the student's keys are written down in the browser. */
    static final String KEPT =
            """
            () => new Promise((done) => {
              const asked = indexedDB.open('pebble-practice');
              asked.onerror = () => done(false);
              asked.onsuccess = () => {
                const all = asked.result.transaction('snapshots').objectStore('snapshots').getAll();
                all.onsuccess = () => done(all.result.some((one) => {
                  const keys = (one.clientState?.queries ?? []).map((query) => query.queryKey[0]);
                  return keys.includes('room') && keys.includes('ownKeyPath');
                }));
                all.onerror = () => done(false);
              };
            })""";

    /** Nothing waits in the browser any more. */
    private static final String SENT =
            """
            () => new Promise((done) => {
              const asked = indexedDB.open('pebble-practice');
              asked.onerror = () => done(false);
              asked.onsuccess = () => {
                const waiting = asked.result.transaction('outbox').objectStore('outbox').count();
                waiting.onsuccess = () => done(waiting.result === 0);
                waiting.onerror = () => done(false);
              };
            })""";

    /** Waits, for a minute at most, for something that no screen shows; a promise in the page is waited for each time. */
    static void until(Page page, String holds) {
        page.waitForCondition(
                () -> Boolean.TRUE.equals(page.evaluate(holds)),
                new Page.WaitForConditionOptions().setTimeout(2 * Running.PATIENCE_MS));
    }

    @Test
    void an_answer_that_is_lost_on_the_way_back_stores_nothing_twice(Running studio) {
        String link = link(studio, "Jory Penwick");
        try (Visit visit = studio.phone().open(link)) {
            Page page = visit.page;
            AtomicInteger lost = new AtomicInteger();
            visit.context.route(TAKES, route -> {
                if (lost.getAndIncrement() > 0) route.resume();
                else {
                    // It arrives and is stored; that it was is never heard.
                    route.fetch();
                    route.abort();
                }
            });
            stopped(page, "answer lost");
            assertThat(page.getByText("not sent yet")).isHidden();
            Assertions.assertThat(lost.get()).isGreaterThan(1);
            visit.context.unroute(TAKES);
            page.reload();
            assertLoggedOnce(studio, "Jory Penwick", "answer lost");
        }
    }

    @Test
    void two_devices_at_once_and_a_clock_that_jumps_back_keep_every_take_in_order(Running studio) {
        String link = link(studio, "Tobiah Lark");
        try (Visit phone = studio.phone().open(link);
                Visit tablet = studio.phone()) {
            tablet.context.addInitScript(
                    "window.shift = 0; const now = Date.now.bind(Date); Date.now = () => now() + window.shift;");
            tablet.open(link);
            // The newest of the list may be another journey's.
            String piece = "B minor, up and home";
            go(tablet.page, piece);
            go(phone.page, piece);
            stopped(tablet.page, "before the jump");
            stopped(phone.page, "on the phone");
            tablet.page.evaluate("window.shift = -3 * 3600 * 1000");
            stopped(tablet.page, "after the jump");
            assertThat(tablet.page.getByText("not sent yet")).isHidden();
            assertThat(phone.page.getByText("not sent yet")).isHidden();
            phone.page.reload();
            go(phone.page, piece);
            assertThat(phone.page.getByText("3 of 5 today")).isVisible();
            assertLoggedOnce(studio, "Tobiah Lark", "before the jump", "on the phone", "after the jump");
            try (Visit teacher = studio.laptop().signIn()) {
                teacher.atStudent("Tobiah Lark");
                Locator log = teacher.page.getByLabel("Takes", new Page.GetByLabelOptions().setExact(true));
                assertThat(log)
                        .containsText(java.util.regex.Pattern.compile(
                                "after the jump.*before the jump", java.util.regex.Pattern.DOTALL));
            }
        }
    }

    @Test
    void what_was_not_sent_by_a_link_that_was_renewed_goes_with_the_new_one(Running studio) {
        String old = link(studio, "Jory Penwick");
        try (Visit visit = studio.phone().open(old);
                Visit teacher = studio.laptop().signIn()) {
            Page page = visit.page;
            visit.context.route(TAKES, Route::abort);
            stopped(page, "by the old link");
            assertThat(unsent(page, 1)).isVisible();
            teacher.atStudent("Jory Penwick");
            press(teacher.page, "Renew");
            press(teacher.page, "Renew the link");
            assertThat(teacher.page.getByRole(AriaRole.DIALOG)).isHidden();
            visit.context.unroute(TAKES);
            page.reload();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("This room is closed")))
                    .isVisible();
            assertThat(page.getByText(
                            "1 take is kept here. It goes to the studio when the new link is opened on this device."))
                    .isVisible();
            Page fresh = visit.window(teacher.practicePath("Jory Penwick"));
            assertThat(fresh.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start")))
                    .isVisible();
            until(fresh, SENT);
            assertThat(fresh.getByText("not sent yet")).isHidden();
            assertLoggedOnce(studio, "Jory Penwick", "by the old link");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_take_that_the_studio_does_not_accept_stays_here_until_it_is(Running studio) {
        String link = link(studio, "Jory Penwick");
        try (Visit visit = studio.phone().open(link)) {
            Page page = visit.page;
            visit.context.route(
                    TAKES,
                    route -> route.fulfill(new Route.FulfillOptions()
                            .setStatus(400)
                            .setContentType("application/problem+json")
                            .setBody("{\"detail\": \"The studio did not understand it.\"}")));
            stopped(page, "not accepted");
            Locator refused =
                    page.getByText("1 take was not accepted and is kept here: The studio did not understand it.");
            assertThat(refused).isVisible();
            page.reload();
            assertThat(refused).isVisible();
            press(page, "Leave out");
            assertThat(refused).isHidden();
            press(page, "Undo");
            assertThat(refused).isVisible();
            Barriers.look(page, "a take that was not accepted");
            visit.context.unroute(TAKES);
            press(page, "Try again");
            assertThat(refused).isHidden();
            assertLoggedOnce(studio, "Jory Penwick", "not accepted");
        }
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    /** Some browsers lock storage away in private windows. */
    @Test
    void without_storage_the_link_still_works_and_says_what_to_do(Running studio) {
        String link = link(studio, "Jory Penwick");
        Assertions.assertThat(link).matches("/p/[A-Za-z0-9_-]{32}").doesNotContainIgnoringCase("jory");
        try (Visit visit = studio.phone()) {
            visit.context.addInitScript(
                    "Object.defineProperty(window, 'indexedDB', { get() { throw new Error('locked'); } });");
            visit.open(link);
            Page page = visit.page;
            visit.context.route(TAKES, Route::abort);
            stopped(page, "in private");
            assertThat(page.getByText("leave this page open until it is")).isVisible();
            visit.context.unroute(TAKES);
            page.evaluate("window.dispatchEvent(new Event('online'))");
            assertThat(page.getByText("not sent yet")).isHidden();
            assertLoggedOnce(studio, "Jory Penwick", "in private");
        }
    }
}
