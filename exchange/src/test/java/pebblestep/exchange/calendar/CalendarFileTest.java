package pebblestep.exchange.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;

class CalendarFileTest {
    private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
    private static final Instant STAMP = Instant.parse("2026-03-20T00:00:00Z");

    /** Every Thursday at half past four, over the change of the clocks on 29 March 2026; not on 2 April. */
    private static final WeeklyLesson LESSON = new WeeklyLesson(
            "lesson-a@pebble-step",
            "Maren Saltby, oboe",
            LocalDate.parse("2026-03-19"),
            Optional.of(LocalTime.of(16, 30)),
            Duration.ofMinutes(45),
            new TreeSet<>(List.of(LocalDate.parse("2026-04-02"), LocalDate.parse("2026-04-03"))),
            3);

    private static String written(List<WeeklyLesson> lessons, List<PracticeDay> days) {
        return new String(
                CalendarFile.write("Reeds at Wrenmouth", LISBON, STAMP, lessons, days), StandardCharsets.UTF_8);
    }

    /** RFC 5545, 3.1: lines are at most 75 octets and end with CRLF; a longer one goes on behind a space. */
    private static List<String> unfolded(String text) {
        assertThat(text.replace("\r\n", "")).doesNotContain("\n", "\r");
        for (String line : text.split("\r\n")) {
            assertThat(line.getBytes(StandardCharsets.UTF_8).length).isLessThanOrEqualTo(75);
        }
        return Arrays.asList(text.replaceAll("\r\n[ \t]", "").split("\r\n"));
    }

    private static PracticeDay day(String summary, String description, PracticeDay.State state) {
        return new PracticeDay(
                "practice-a-2026-03-21@pebble-step", LocalDate.parse("2026-03-21"), summary, description, state);
    }

    @Test
    void a_lesson_is_a_weekly_series_in_its_zone() {
        List<String> lines = unfolded(written(List.of(LESSON), List.of()));
        assertThat(lines)
                .startsWith("BEGIN:VCALENDAR")
                .contains(
                        "VERSION:2.0",
                        "TZID:Europe/Lisbon",
                        "UID:lesson-a@pebble-step",
                        "DTSTART;TZID=Europe/Lisbon:20260319T163000",
                        "DTEND;TZID=Europe/Lisbon:20260319T171500",
                        "RRULE:FREQ=WEEKLY",
                        "SEQUENCE:3",
                        "DTSTAMP:20260320T000000Z")
                .endsWith("END:VCALENDAR");
    }

    @Test
    void a_lesson_that_does_not_take_place_is_a_cancelled_one_of_its_series() {
        List<String> lines = unfolded(written(List.of(LESSON), List.of()));
        // 3 April is a Friday: no lesson was there to be cancelled.
        assertThat(lines.stream().filter(line -> line.startsWith("RECURRENCE-ID")))
                .containsExactly("RECURRENCE-ID;TZID=Europe/Lisbon:20260402T163000");
        assertThat(lines).contains("STATUS:CANCELLED");
        assertThat(lines.stream().filter(line -> line.startsWith("UID:")).distinct())
                .hasSize(1);
    }

    @Test
    void lessons_keep_their_hour_when_the_clocks_change() throws Exception {
        Calendar read = new CalendarBuilder()
                .build(new ByteArrayInputStream(
                        CalendarFile.write("Reeds", LISBON, STAMP, List.of(LESSON), List.of())));
        VEvent series = (VEvent) read.getComponents(Component.VEVENT).getFirst();
        List<ZonedDateTime> starts = series
                .<ZonedDateTime>calculateRecurrenceSet(new Period<>(
                        ZonedDateTime.of(2026, 3, 19, 0, 0, 0, 0, LISBON),
                        ZonedDateTime.of(2026, 4, 17, 0, 0, 0, 0, LISBON)))
                .stream()
                .map(Period::getStart)
                .toList();
        assertThat(starts).hasSize(5).allSatisfy(start -> assertThat(start.toLocalTime())
                .isEqualTo(LocalTime.of(16, 30)));
        // Winter time is that of Greenwich, summer time an hour ahead.
        assertThat(starts.getFirst().toInstant()).isEqualTo(Instant.parse("2026-03-19T16:30:00Z"));
        assertThat(starts.get(2).toInstant()).isEqualTo(Instant.parse("2026-04-02T15:30:00Z"));
    }

    /** The library holds what it reads against RFC 5545 and, where a method makes it a message, against RFC 5546. */
    @Test
    void what_is_written_is_valid_to_the_last_component() throws Exception {
        PracticeDay stands = day("Practise", "One", PracticeDay.State.STANDS);
        PracticeDay cancelled = day("Practise", "One", PracticeDay.State.CANCELLED);
        for (PracticeDay one : List.of(stands, cancelled)) {
            Calendar read = new CalendarBuilder()
                    .build(new ByteArrayInputStream(
                            CalendarFile.write("Reeds", LISBON, STAMP, List.of(LESSON), List.of(one))));
            assertThat(read.validate(true).getEntries()).isEmpty();
            assertThat(read.getComponents(Component.VEVENT)).hasSize(3);
        }
        assertThat(written(List.of(LESSON), List.of())).doesNotContain("METHOD:");
    }

    /** RFC 5545, 3.8.5.3, the weekly example (from memory): from 2 September 1997, over the change of the clocks on 26 October. */
    @Test
    void the_standards_weekly_example_comes_on_its_days() throws Exception {
        ZoneId newYork = ZoneId.of("America/New_York");
        WeeklyLesson weekly = new WeeklyLesson(
                "weekly@pebble-step",
                "Weekly",
                LocalDate.parse("1997-09-02"),
                Optional.of(LocalTime.of(9, 0)),
                Duration.ofHours(1),
                new TreeSet<>(),
                0);
        Calendar read = new CalendarBuilder()
                .build(new ByteArrayInputStream(
                        CalendarFile.write("Example", newYork, STAMP, List.of(weekly), List.of())));
        VEvent series = (VEvent) read.getComponents(Component.VEVENT).getFirst();
        List<String> starts = series
                .<ZonedDateTime>calculateRecurrenceSet(new Period<>(
                        ZonedDateTime.of(1997, 9, 1, 0, 0, 0, 0, newYork),
                        ZonedDateTime.of(1997, 11, 5, 0, 0, 0, 0, newYork)))
                .stream()
                .map(period -> period.getStart().toInstant().toString())
                .toList();
        assertThat(starts)
                .containsExactly(
                        "1997-09-02T13:00:00Z",
                        "1997-09-09T13:00:00Z",
                        "1997-09-16T13:00:00Z",
                        "1997-09-23T13:00:00Z",
                        "1997-09-30T13:00:00Z",
                        "1997-10-07T13:00:00Z",
                        "1997-10-14T13:00:00Z",
                        "1997-10-21T13:00:00Z",
                        "1997-10-28T14:00:00Z",
                        "1997-11-04T14:00:00Z");
    }

    /** RFC 5545, 3.3.11, the example of a text of several lines (from memory). */
    @Test
    void the_standards_example_of_a_text_is_written_so() {
        assertThat(unfolded(written(
                        List.of(),
                        List.of(day(
                                "Review",
                                "Project XYZ Final Review\nConference Room - 3B\nCome Prepared.",
                                PracticeDay.State.STANDS)))))
                .contains("DESCRIPTION:Project XYZ Final Review\\nConference Room - 3B\\nCome Prepared.");
    }

    @Test
    void a_day_of_practice_is_a_whole_day_that_fills_nobodys_time() {
        List<String> lines =
                unfolded(written(List.of(), List.of(day("Practise 20 min", "One", PracticeDay.State.STANDS))));
        assertThat(lines)
                .contains(
                        "DTSTART;VALUE=DATE:20260321",
                        "DTEND;VALUE=DATE:20260322",
                        "TRANSP:TRANSPARENT",
                        "STATUS:CONFIRMED",
                        "SEQUENCE:0")
                .doesNotContain("BEGIN:VTIMEZONE");
        assertThat(unfolded(written(List.of(), List.of(day("Practise", "One", PracticeDay.State.CANCELLED)))))
                .contains("STATUS:CANCELLED", "SEQUENCE:1");
    }

    /** RFC 5545, 3.3.11: commas, semicolons, backslashes and line ends in texts are written with a backslash. */
    @Test
    void texts_cannot_become_lines_of_their_own() {
        List<String> lines = unfolded(written(
                List.of(),
                List.of(day(
                        "A, B; C\\D\nEND:VCALENDAR", "B♭ major, sixteenths; ".repeat(20), PracticeDay.State.STANDS))));
        assertThat(lines).contains("SUMMARY:A\\, B\\; C\\\\D\\nEND:VCALENDAR");
        assertThat(lines.stream().filter("END:VCALENDAR"::equals)).hasSize(1);
        assertThat(lines.stream().filter(line -> line.startsWith("DESCRIPTION:B♭ major\\, sixteenths\\; B♭")))
                .hasSize(1);
    }

    @Test
    void nothing_yet_is_a_calendar_all_the_same() {
        assertThat(unfolded(written(List.of(), List.of()))).contains("X-WR-CALNAME:Reeds at Wrenmouth");
    }

    @Test
    void the_same_lessons_make_the_same_file() {
        assertThat(written(List.of(LESSON), List.of())).isEqualTo(written(List.of(LESSON), List.of()));
    }

    @Test
    void a_zone_is_one_that_calendars_know() {
        assertThat(CalendarFile.zone("Europe/Lisbon")).isEqualTo(LISBON);
        assertThatThrownBy(() -> CalendarFile.zone("Sea/Bottom")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> CalendarFile.zone("../../etc/passwd")).isInstanceOf(Refusal.class);
    }
}
