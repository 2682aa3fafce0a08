package pebblestep.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import pebblestep.browser.Rooms.Scene;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.documents.practice.Today;
import pebblestep.documents.practice.TodayAsked;
import pebblestep.documents.practice.TodayItem;
import tools.jackson.databind.JsonNode;

/**
 * The practice room in the page against the studio as the judge: what the page makes of the compacted log and of takes that
 * never left it is what the studio makes of the whole log, read from the beginning.
 */
class RoomAnswersTest {
    Draw<Scene> scenes() {
        return Rooms.any();
    }

    @Samples(600)
    void a_page_that_goes_on_alone_comes_to_what_the_studio_would_say(@From("scenes") Scene scene) {
        for (LocalDate day : scene.days()) {
            JsonNode page = Questions.SERVER.readTree(Page.ask(
                    "today", Questions.SERVER.writeValueAsString(new TodayAsked(scene.given(), scene.taken(), day))));
            Today studio = scene.room().list(day, scene.all());
            assertThat(withoutSeconds(page)).isEqualTo(withoutSeconds(Questions.SERVER.valueToTree(studio)));
        }
    }

    /** For how long was practised is kept apart from the log. */
    private static String withoutSeconds(JsonNode list) {
        return Questions.plain(list).replaceAll("(seconds:\\d+|time:\"[^\"]*\"),", "");
    }

    @Samples(300)
    void however_the_takes_are_sent_in_parts_the_end_is_the_same(@From("scenes") Scene scene) {
        LocalDate day = scene.days().getFirst();
        List<TodayItem> items =
                new TodayAsked(scene.given(), scene.taken(), day).answer().items();
        for (TodayItem item : items) {
            long own = scene.taken().stream()
                    .filter(take -> take.assignmentId() == item.assignmentId()
                            && take.takenAt().startsWith(day.toString()))
                    .count();
            assertThat(item.day().takes()).isGreaterThanOrEqualTo((int) own);
            assertThat(item.day().seconds()).isEqualTo(40 * own);
        }
    }
}
