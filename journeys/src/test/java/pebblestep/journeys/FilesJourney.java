package pebblestep.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.journeys.Studio.Running;
import pebblestep.journeys.Studio.Visit;

/** What is planned is taken away as a file, and what others wrote is brought in. */
@ExtendWith(Studio.class)
class FilesJourney {
    private static final String TUNE =
            """
            <score-partwise version="4.0"><work><work-title>Slack water</work-title></work>
            <part-list><score-part id="P1"><part-name>Oboe</part-name></score-part></part-list>
            <part id="P1"><measure number="1"><attributes><divisions>1</divisions><key><fifths>1</fifths></key>
            <time><beats>3</beats><beat-type>4</beat-type></time></attributes>
            <note><grace/><pitch><step>C</step><octave>5</octave></pitch></note>
            <note><pitch><step>G</step><octave>4</octave></pitch><duration>1</duration></note>
            <note><pitch><step>B</step><octave>4</octave></pitch><duration>1</duration></note>
            <note><pitch><step>A</step><octave>4</octave></pitch><duration>1</duration></note></measure>
            <measure number="2"><note><pitch><step>G</step><octave>4</octave></pitch><duration>3</duration></note></measure>
            </part></score-partwise>""";

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator format(Page page, String name) {
        return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private static byte[] taken(Page page) throws IOException {
        Download download = page.waitForDownload(() -> button(page, "Take it").click());
        return Files.readAllBytes(download.path());
    }

    @Test
    void a_step_is_taken_away_as_notes_and_as_sound(Running studio) throws IOException {
        try (Visit visit = studio.laptop().signIn().open("/bench/1")) {
            Page page = visit.page;
            button(page, "take away").click();
            assertThat(page.getByText(Pattern.compile("\\.musicxml$"))).isVisible();
            Barriers.look(page, "take away");
            String notes = new String(taken(page), StandardCharsets.UTF_8);
            Assertions.assertThat(notes).contains("<score-partwise", "<part-name>Concert pitch</part-name>");
            assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
            button(page, "take away").click();
            format(page, "WAV").click();
            page.getByLabel("every rung of the ladder, each counted in").check();
            assertThat(page.getByText(Pattern.compile("\\.wav$"))).isVisible();
            Assertions.assertThat(taken(page)).startsWith('R', 'I', 'F', 'F').hasSizeGreaterThan(1_000_000);
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }

    @Test
    void what_cannot_be_made_says_why_and_what_would_fit(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/bench/1")) {
            Page page = visit.page;
            button(page, "take away").click();
            format(page, "WAV").click();
            page.getByLabel("every rung of the ladder, each counted in").check();
            page.getByLabel("Times in a row").fill("100");
            assertThat(page.getByText(Pattern.compile("a sound file has at most 60.*fewer times")))
                    .isVisible();
            assertThat(button(page, "Take it")).isDisabled();
        }
    }

    @Test
    void a_tune_is_looked_at_taken_over_and_put_away_again(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/shelf")) {
            Page page = visit.page;
            Locator picker = page.getByLabel("A file to bring in");
            picker.setInputFiles(new FilePayload("notes.txt", "text/plain", "hello".getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByText(Pattern.compile("This is no MusicXML score")))
                    .isVisible();
            button(page, "Cancel").click();
            picker.setInputFiles(new FilePayload("tune.musicxml", "text/xml", TUNE.getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByText("grace notes: measure 1")).isVisible();
            assertThat(page.getByText("Slack water · G major · 4 notes, 2 bars"))
                    .isVisible();
            assertThat(page.getByRole(AriaRole.DIALOG).locator("svg .vf-notehead"))
                    .hasCount(4);
            Barriers.look(page, "bring in");
            button(page, "Take it over").click();
            page.waitForURL("**/bench/**");
            assertThat(page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("Slack water");
            assertThat(page.getByText("Lands on beat 1 of bar 2.")).isVisible();
            button(page, "Undo").last().click();
            visit.open("/shelf");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Shelf")))
                    .isVisible();
            assertThat(page.getByText("Slack water")).hasCount(0);
        }
    }

    @Test
    void the_week_is_on_paper_with_notes_boxes_and_the_link(Running studio) {
        try (Visit visit = studio.laptop().signIn().open("/students/1")) {
            String link = visit.page
                    .getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Practice link"))
                    .inputValue();
            Page page = visit.open(URI.create(link).getPath() + "/sheet").page;
            Locator steps = page.locator("article section");
            assertThat(steps.first().locator("svg .vf-notehead").first()).isVisible();
            assertThat(page.getByRole(
                            AriaRole.IMG, new Page.GetByRoleOptions().setName("The practice link, for a phone")))
                    .isVisible();
            assertThat(steps.first().locator("thead th")).hasCount(8);
            int rows = steps.first().locator("tbody tr").count();
            assertThat(steps.first().locator("tbody td")).hasCount(7 * rows);
            assertThat(steps.first().getByText(Pattern.compile("beat \\d of bar \\d")))
                    .isVisible();
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            assertThat(button(page, "Print")).isHidden();
            Assertions.assertThat(page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true)))
                    .startsWith('%', 'P', 'D', 'F');
            Assertions.assertThat(visit.troubles).isEmpty();
        }
    }
}
