package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HexFormat;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;
import pebblestep.app.TurnableClock;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** A phone that practises by itself: over midnight, for a fortnight, and while the teacher decides something else. */
@ExtendWith(Studio.class)
class AloneJourney {
    private static final LocalDate TODAY = LocalDate.now();

    private final ListAppender<ILoggingEvent> written = new ListAppender<>();
    private final Logger room = (Logger) LoggerFactory.getLogger("pebblestep.app.practice.RoomService");

    @BeforeEach
    void listens() {
        written.start();
        room.addAppender(written);
    }

    @AfterEach
    void as_it_was() {
        room.detachAppender(written);
        TurnableClock.turnTo(0);
    }

    /** A studio of its own with one student, who has one step for a long time. */
    private static String studentOf(Visit teacher, String name) {
        Page page = teacher.open("/sign-up").page;
        page.getByLabel("Studio").fill(name + " Room");
        page.getByLabel("Your name").fill(name + " Teacher");
        page.getByLabel("E-mail address").fill(name.toLowerCase() + "@wrenmouth.example");
        page.getByLabel("Password", new Page.GetByLabelOptions().setExact(false))
                .first()
                .fill("long-enough-1");
        page.getByText("Make the studio").click();
        assertThat(page.getByText("Nobody here yet")).isVisible();
        String student = WeekJourney.post(
                page, "/api/students", "{\"name\":\"" + name + " Fell\",\"instrument\":\"oboe\"}", null);
        String id = WeekJourney.found("\"id\":(\\d+)", student);
        String routine = WeekJourney.post(
                page,
                "/api/routines",
                "{\"title\":\"Alone\",\"steps\":[{\"document\":" + WeekJourney.STEP + ",\"climb\":" + WeekJourney.CLIMB
                        + "}]}",
                null);
        String step = WeekJourney.found("\"steps\":\\[\\{\"id\":(\\d+)", routine);
        WeekJourney.post(
                page,
                "/api/assignments",
                "{\"stepId\":%s,\"studentId\":%s,\"startsOn\":\"%s\",\"minutesADay\":8}".formatted(step, id, TODAY),
                null);
        return WeekJourney.found("\"practicePath\":\"([^\"]+)\"", student);
    }

    private static void isDay(Page page, LocalDate day, int hour, int minute) {
        page.clock()
                .setSystemTime(day.atTime(LocalTime.of(hour, minute))
                        .atZone(ZoneId.systemDefault())
                        .toInstant()
                        .toEpochMilli());
        // The page looks again when it is looked at.
        page.evaluate("document.dispatchEvent(new Event('visibilitychange'))");
    }

    private static Locator standing(Page page) {
        return page.locator("section[aria-label='What to play'] [aria-live]");
    }

    private static Visit offline(Visit phone, String link) {
        phone.open(link);
        NothingLostJourney.until(phone.page, "() => navigator.serviceWorker.controller !== null");
        NothingLostJourney.until(phone.page, NothingLostJourney.KEPT);
        phone.context.setOffline(true);
        return phone;
    }

    private static void online(Visit phone) {
        phone.context.setOffline(false);
        phone.page.evaluate("window.dispatchEvent(new Event('online'))");
        assertThat(phone.page.getByText("not sent yet")).isHidden();
    }

    /** What the studio itself says of the only piece. */
    private static String judged(Visit phone, String link) {
        String today = (String) phone.page.evaluate(
                "async (bearer) => (await fetch('/api/practice/today', { headers: { Authorization: bearer } })).text()",
                "Bearer " + link.substring("/p/".length()));
        return WeekJourney.found("\"standing\":\\{[^}]*\"sentence\":\"([^\"]+)\"", today);
    }

    private void noDefects() {
        Assertions.assertThat(written.list.stream().map(ILoggingEvent::getFormattedMessage))
                .noneMatch(line -> line.startsWith("Defect"));
    }

    /** The file as the studio makes it: how many bytes it has, and their SHA-256. */
    private static String fromTheStudio(Page page, String link) {
        return (String) page.evaluate(
                """
                async (bearer) => {
                  const headers = { Authorization: bearer, 'Content-Type': 'application/json' };
                  const body = JSON.stringify({ options: { times: 2, heard: ['click', 'drums', 'line'] } });
                  const answer = await fetch('/api/practice/exports/wav', { method: 'POST', headers, body });
                  const file = await answer.arrayBuffer();
                  const print = new Uint8Array(await crypto.subtle.digest('SHA-256', file));
                  const hex = Array.from(print, (one) => one.toString(16).padStart(2, '0')).join('');
                  return `${file.byteLength} ${hex}`;
                }""",
                "Bearer " + link.substring("/p/".length()));
    }

    private static String print(byte[] file) throws NoSuchAlgorithmException {
        return file.length + " "
                + HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
    }

    @Test
    void a_click_track_is_made_without_network_and_is_the_studios_to_the_byte(Running studio) throws Exception {
        try (Visit teacher = studio.laptop();
                Visit phone = studio.keepingPhone()) {
            String link = studentOf(teacher, "Wick");
            Page page = offline(phone, link).page;
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Sound")))
                    .click();
            page.getByText("Take it away as a file").click();
            assertThat(page.getByText(Pattern.compile("Notes come from the studio")))
                    .isVisible();
            page.getByText("all of today").click();
            page.getByLabel("line").check();
            page.getByLabel("Times in a row").fill("2");
            assertThat(page.getByText(Pattern.compile("^Wick Fell, today's list, .*\\.wav$")))
                    .isVisible();
            Barriers.look(page, "take away without network");
            Download file =
                    page.waitForDownload(() -> page.getByText("Take it", new Page.GetByTextOptions().setExact(true))
                            .click());
            byte[] own = Files.readAllBytes(file.path());
            online(phone);
            Assertions.assertThat(own).startsWith('R', 'I', 'F', 'F');
            Assertions.assertThat(print(own)).isEqualTo(fromTheStudio(page, link));
        }
    }

    @Test
    void midnight_passes_and_the_teacher_decides_while_a_phone_is_without_network(Running studio) {
        try (Visit teacher = studio.laptop();
                Visit phone = studio.keepingPhone()) {
            String link = studentOf(teacher, "Nye");
            Page page = offline(phone, link).page;
            isDay(page, TODAY, 23, 50);
            NothingLostJourney.stopped(page, "before midnight");
            assertThat(standing(page)).containsText("1 take not clean at 60 bpm");
            assertThat(page.getByText(Pattern.compile("^1 of \\d today"))).isVisible();
            isDay(page, TODAY.plusDays(1), 0, 10);
            assertThat(page.getByText(Pattern.compile("^0 of \\d today"))).isVisible();
            assertThat(standing(page)).containsText("1 take not clean at 60 bpm");
            NothingLostJourney.stopped(page, "after midnight");
            assertThat(standing(page)).containsText("2 takes in a row not clean at 60 bpm");
            String today =
                    teacher.context.request().get(studio.root + "/api/desk").text();
            String assignment = WeekJourney.found("\"assignmentId\":(\\d+)", today);
            // The decision was made before both takes, which the phone does not know.
            WeekJourney.post(teacher.page, "/api/assignments/" + assignment + "/place", "{\"at\":[2]}", null);
            TurnableClock.turnTo(2);
            online(phone);
            assertThat(page.getByText("76 bpm").or(page.getByText("76").first()).first())
                    .isVisible();
            assertThat(standing(page)).hasText(judged(phone, link));
            noDefects();
        }
    }

    @Test
    void a_fortnight_without_network_is_as_good_as_with_it(Running studio) {
        try (Visit teacher = studio.laptop();
                Visit phone = studio.keepingPhone()) {
            String link = studentOf(teacher, "Ivo");
            Page page = offline(phone, link).page;
            for (int day : List.of(0, 6, 13)) {
                isDay(page, TODAY.plusDays(day), 17, 5);
                assertThat(page.getByText(Pattern.compile("^0 of \\d today"))).isVisible();
                NothingLostJourney.stopped(page, "day " + day);
                assertThat(page.getByText(Pattern.compile("^1 of \\d today"))).isVisible();
            }
            String alone = standing(page).textContent();
            page.reload();
            assertThat(standing(page)).hasText(alone);
            TurnableClock.turnTo((int) Duration.ofDays(14).toDays());
            online(phone);
            assertThat(standing(page)).hasText(alone);
            Assertions.assertThat(judged(phone, link)).isEqualTo(alone);
            noDefects();
        }
    }

    @Test
    void without_its_core_a_room_says_so_and_still_keeps_takes(Running studio) {
        try (Visit teacher = studio.laptop();
                Visit phone = studio.phone()) {
            String link = studentOf(teacher, "Una");
            phone.page.route("**/*.wasm", route -> route.abort());
            Page page = phone.open(link).page;
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("What works out the notes did not come.");
            page.getByText("Clean", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(standing(page)).containsText("1 of 3 clean in a row at 60 bpm");
            phone.page.unroute("**/*.wasm");
            page.getByText("Try again").click();
            page.locator("[aria-label='Engraved notes'] .vf-stavenote").first().waitFor();
            assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
            assertThat(standing(page)).containsText("1 of 3 clean in a row at 60 bpm");
        }
    }

    @Test
    void an_older_browser_practises_with_the_core_as_javascript(Running studio) {
        try (Visit teacher = studio.laptop();
                Visit phone = studio.phone()) {
            String link = studentOf(teacher, "Edda");
            phone.page.addInitScript("WebAssembly.validate = () => false;");
            Page page = phone.open(link).page;
            page.locator("[aria-label='Engraved notes'] .vf-stavenote").first().waitFor();
            NothingLostJourney.stopped(page, "in an older browser");
            assertThat(standing(page)).containsText("1 take not clean at 60 bpm");
            Assertions.assertThat(phone.requests).noneMatch(url -> url.endsWith(".wasm"));
            noDefects();
        }
    }
}
