package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** Letters, calendars, tables, sheets and archives: what a studio knows leaves it, and comes in again. */
@ExtendWith(Studio.class)
class LeavingTheStudioJourney {
    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void openMaren(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Maren Saltby")))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Maren Saltby")))
                .isVisible();
    }

    private static byte[] saved(Page page, String name) throws IOException {
        Download download =
                page.waitForDownload(() -> button(page, "Save " + name).click());
        return Files.readAllBytes(download.path());
    }

    @Test
    void the_letter_about_a_week_is_looked_over_and_lies_in_the_mailbox(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/students")) {
            Page page = visit.page;
            openMaren(page);
            button(page, "Take away").click();
            button(page, "Write").click();
            assertThat(page.getByLabel("Text")).hasValue(Pattern.compile("^Dear Maren,"));
            button(page, "to a parent").click();
            assertThat(page.getByLabel("Subject")).hasValue(Pattern.compile("^Maren’s week"));
            page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("parent@estuary.example");
            page.getByLabel("Subject").fill("How Maren’s week will be");
            Barriers.look(page, "letter");
            button(page, "Put into the mailbox").click();
            assertThat(page.getByText("Put into the mailbox, for parent@estuary.example."))
                    .isVisible();
            visit.open("/letters");
            page.getByText("How Maren’s week will be").click();
            assertThat(page.getByText(Pattern.compile("in this order, about"))).isVisible();
            Barriers.look(page, "letters");
            page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Server"))
                    .fill("localhost");
            page.getByLabel("Letters come from").fill("ottilie@wrenmouth.example");
            button(page, "Try it and keep it").click();
            assertThat(page.getByText(Pattern.compile("localhost is inside this server's own network")))
                    .isVisible();
            Assertions.assertThat(visit.troubles).allMatch(trouble -> trouble.contains("422"));
        }
    }

    @Test
    void a_calendar_is_followed_and_a_lesson_is_off(Running studio) throws Exception {
        try (Visit visit = studio.laptop().signIn().open("/students")) {
            Page page = visit.page;
            openMaren(page);
            button(page, "Take away").click();
            String address =
                    page.getByLabel("Address to follow in a calendar program").inputValue();
            String followed = HttpClient.newHttpClient()
                    .send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString())
                    .body();
            Assertions.assertThat(followed).startsWith("BEGIN:VCALENDAR").contains("Lesson: Maren Saltby");
            page.getByRole(AriaRole.DIALOG)
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Renew"))
                    .click();
            assertThat(page.getByLabel("Address to follow in a calendar program"))
                    .not()
                    .hasValue(address);
            Assertions.assertThat(HttpClient.newHttpClient()
                            .send(
                                    HttpRequest.newBuilder(URI.create(address)).build(),
                                    HttpResponse.BodyHandlers.discarding())
                            .statusCode())
                    .isEqualTo(404);
            page.getByLabel("No lesson on")
                    .fill(java.time.LocalDate.now().plusDays(30).toString());
            button(page, "Add the day").click();
            Locator off = page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^There is a lesson on")));
            off.click();
            assertThat(off).hasCount(0);
            Assertions.assertThat(new String(saved(page, "Standings by key"), StandardCharsets.UTF_8))
                    .startsWith("student,key,form,")
                    .contains("Maren Saltby");
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void a_sheet_that_comes_back_is_typed_in(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/students")) {
            Page page = visit.page;
            openMaren(page);
            button(page, "Type in a sheet").click();
            Locator boxes = page.getByRole(AriaRole.CHECKBOX);
            boxes.nth(0).check();
            boxes.nth(1).check();
            Barriers.look(page, "type in");
            button(page, "Keep 2 takes").click();
            assertThat(page.getByText(Pattern.compile("^2 takes are in the log, marked as from paper")))
                    .isVisible();
            button(page, "Type in a sheet").click();
            boxes.nth(0).check();
            button(page, "Keep 1 take").click();
            assertThat(page.getByText(Pattern.compile("1 had been typed in before")))
                    .isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void papers_are_printed_to_their_last_page(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/students")) {
            Page page = visit.page;
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Jory Penwick")))
                    .first()
                    .click();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Jory Penwick")))
                    .isVisible();
            String student = page.url().replaceAll(".*/", "");
            visit.open("/students/" + student + "/booklet");
            assertThat(page.getByText("Two octaves in triplets").first()).isVisible();
            assertThat(page.locator("article svg")).hasCount(24);
            Barriers.look(page, "booklet");
            Assertions.assertThat(pages(page.pdf())).isGreaterThan(2);
            visit.open("/shelf");
            button(page, "Take Two octaves in triplets away").click();
            visit.open(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Class sheet"))
                    .getAttribute("href"));
            assertThat(page.getByText("Tobiah Lark")).isVisible();
            assertThat(page.locator("article svg").first()).isVisible();
            button(page, "sol-fa").click();
            assertThat(page.locator("article svg text", new Page.LocatorOptions().setHasText("do"))
                            .first())
                    .isVisible();
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    private static long pages(byte[] pdf) {
        return Pattern.compile("/Type\\s*/Page[^s]")
                .matcher(new String(pdf, StandardCharsets.ISO_8859_1))
                .results()
                .count();
    }

    @Test
    void one_students_archive_is_saved_and_comes_in_again(Running studio) throws IOException {
        try (Visit visit = studio.laptop().signIn().open("/students")) {
            Page page = visit.page;
            openMaren(page);
            button(page, "Take away").click();
            byte[] archive = saved(page, "Archive");
            visit.open("/shelf");
            page.getByLabel("A file to bring in")
                    .setInputFiles(new FilePayload("maren.zip", "application/zip", archive));
            assertThat(page.getByText("1 student", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            assertThat(page.getByText(Pattern.compile("Maren Saltby is here already")))
                    .isVisible();
            Barriers.look(page, "bring in an archive");
            button(page, "Take it over").click();
            assertThat(page.getByText("“Maren Saltby” has arrived.")).isVisible();
            Locator twice = page.getByRole(
                    AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Maren Saltby")));
            assertThat(twice).hasCount(2);
            button(page, "Undo").click();
            assertThat(twice).hasCount(1);
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
