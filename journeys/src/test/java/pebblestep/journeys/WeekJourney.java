package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.TurnableClock;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** A class is given a routine, a week passes, verdicts change, the teacher decides, and the student's list follows. */
@ExtendWith(Studio.class)
class WeekJourney {
    private static final int WEEK = 7;

    static final String STEP =
            """
            {"format":"pebble-step/1","title":"Over the weir","key":{"tonic":"G","form":"major","named":"written"},
             "line":{"pattern":"straight","octaves":1},"rhythm":{"meter":"4/4","figure":["1/8"],"place":"0"},
             "tempo":{"beat":"1/4","bpm":60}}""";

    static final String CLIMB =
            "{\"axes\":[{\"axis\":\"tempo\",\"from\":60,\"to\":84,\"scheme\":{\"type\":\"fixed\",\"by\":8}}]}";

    @AfterEach
    void the_clock_is_turned_back() {
        TurnableClock.turnTo(0);
    }

    /** Asks the API as the page itself would. */
    static String post(Page page, String path, String body, String bearer) {
        return (String) page.evaluate(
                """
                async ([path, body, bearer]) => {
                  const token = document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN='))?.slice(11);
                  const headers = { 'Content-Type': 'application/json' };
                  if (bearer) headers.Authorization = `Bearer ${bearer}`;
                  else headers['X-XSRF-TOKEN'] = token;
                  const answer = await fetch(path, { method: 'POST', headers, body });
                  if (!answer.ok) throw new Error(await answer.text());
                  return answer.text();
                }""",
                new Object[] {path, body, bearer});
    }

    static String found(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        Assertions.assertThat(matcher.find()).as(text).isTrue();
        return matcher.group(1);
    }

    @Test
    void a_week_passes_and_what_is_decided_on_the_desk_is_on_the_students_list(Running studio) {
        try (Visit visit = studio.laptop().open("/sign-up");
                Visit student = studio.phone()) {
            Page page = visit.page;
            page.getByLabel("Studio").fill("Weir Room");
            page.getByLabel("Your name").fill("Week Teacher");
            page.getByLabel("E-mail address").fill("week@wrenmouth.example");
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(false))
                    .first()
                    .fill("long-enough-1");
            page.getByText("Make the studio").click();
            assertThat(page.getByText("Nobody here yet")).isVisible();
            String ada = post(
                    page,
                    "/api/students",
                    "{\"name\":\"Ada Weir\",\"instrument\":\"oboe\",\"className\":\"Weir reeds\"}",
                    null);
            post(
                    page,
                    "/api/students",
                    "{\"name\":\"Bea Lock\",\"instrument\":\"english-horn\",\"className\":\"Weir reeds\"}",
                    null);
            post(page, "/api/students", "{\"name\":\"Cal Sluice\",\"instrument\":\"oboe\"}", null);
            post(
                    page,
                    "/api/routines",
                    "{\"title\":\"Over the weir\",\"steps\":[{\"document\":" + STEP + ",\"climb\":" + CLIMB + "}]}",
                    null);
            visit.open("/shelf");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Give Over the weir to students"))
                    .click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Weir reeds · 2"))
                    .click();
            assertThat(page.getByLabel("Cal Sluice, oboe")).not().isChecked();
            page.getByLabel("For weeks").fill("4");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Bea Lock")))
                    .isVisible();
            assertThat(page.getByLabel("To *", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue(LocalDate.now().plusDays(4 * 7 - 1).toString());
            page.getByLabel("Until it is learned").check();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Give it"))
                    .click();
            assertThat(page.getByText("2 steps given to 2 students.")).isVisible();

            String link = found("\"practicePath\":\"([^\"]+)\"", ada);
            student.open(link);
            assertThat(student.page.getByText("60 bpm").first()).isVisible();
            String today = (String) student.page.evaluate(
                    "async (bearer) => (await fetch('/api/practice/today', { headers: { Authorization: bearer } })).text()",
                    "Bearer " + link.substring("/p/".length()));
            String assignment = found("\"assignmentId\":(\\d+)", today);
            for (int i = 0; i < 3; i++) {
                post(
                        student.page,
                        "/api/practice/takes",
                        "{\"clientId\":\"%s\",\"assignmentId\":%s,\"bpm\":60,\"outcome\":\"clean\",\"takenAt\":\"%s\"}"
                                .formatted(UUID.randomUUID(), assignment, OffsetDateTime.now()),
                        link.substring("/p/".length()));
            }
            visit.open("/desk");
            assertThat(page.getByText("3 clean at 60 bpm: ready for 68.")).isVisible();

            TurnableClock.turnTo(WEEK);
            page.reload();
            assertThat(page.getByText(Pattern.compile("^Quiet: no take on 6 days of practice; the last take was on")))
                    .isVisible();
            assertThat(page.getByText(Pattern.compile("^Quiet: no take on 7 days of practice; not begun since")))
                    .isVisible();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("On to 76 bpm: Over the weir"))
                    .click();
            assertThat(page.getByRole(
                            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Back to 68 bpm: Over the weir")))
                    .isVisible();
            student.page.clock().setSystemTime(System.currentTimeMillis() + WEEK * 24L * 3_600_000);
            student.page.reload();
            assertThat(student.page.getByText("76 bpm").first()).isVisible();
            Assertions.assertThat(visit.troubles).isEqualTo(List.of());
        }
    }
}
