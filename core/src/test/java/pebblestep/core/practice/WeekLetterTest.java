package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.practice.WeekLetter.Change;
import pebblestep.core.practice.WeekLetter.Line;
import pebblestep.core.practice.WeekLetter.Reader;
import pebblestep.core.practice.WeekLetter.Watch;
import pebblestep.core.practice.WeekLetter.Week;

class WeekLetterTest {
    private static final Week WEEK = new Week(
            "Maren Saltby",
            LocalDate.parse("2026-11-30"),
            LocalDate.parse("2026-11-23"),
            List.of(
                    new Line("D major: Two octaves in sixteenths", "from beat 2", "72", 5),
                    new Line("B♭ major: Thirds", "", "60", 4)),
            List.of(
                    new Change("D major, Two octaves in sixteenths", Came.UP, "66", "72"),
                    new Change("B♭ major, Thirds", Came.SAME, "60", "60"),
                    new Change("E♭ major, Low tide", Came.DOWN, "80", "72"),
                    new Change("A major, Low tide", Came.NEW, "60", "60")),
            Optional.of(new Watch("B♭ major", "E natural for E♭, in 3 of 12 takes")),
            Optional.of("She is doing well."),
            "https://studio.test/p/abc",
            "Ottilie");

    @Test
    void a_student_reads_it_so() {
        WeekLetter letter = WeekLetter.of(WEEK, Reader.STUDENT);
        assertThat(letter.subject()).isEqualTo("Your week: 2 steps, 9 minutes a day");
        assertThat(letter.text())
                .startsWith(
                        """
                        Dear Maren,

                        For the week from 30 November, in this order, about 9 minutes a day:
                        1. D major: Two octaves in sixteenths (from beat 2), metronome at 72, 5 minutes
                        2. B♭ major: Thirds, metronome at 60, 4 minutes

                        What has changed since 23 November:
                        - D major, Two octaves in sixteenths: up from 66 to 72.
                        - E♭ major, Low tide: back from 80 to 72, to make it safe.
                        - A major, Low tide: new.

                        One thing to watch: in B♭ major this slipped most: E natural for E♭, in 3 of 12 takes.

                        To hear it, and to log how it went: https://studio.test/p/abc

                        """)
                .endsWith("\n\nOttilie\n")
                .doesNotContain("She is doing well");
    }

    @Test
    void a_parent_reads_it_so() {
        WeekLetter letter = WeekLetter.of(WEEK, Reader.PARENT);
        assertThat(letter.subject()).isEqualTo("Maren’s week: 2 steps, 9 minutes a day");
        assertThat(letter.text())
                .startsWith("Hello,\n\n")
                .contains(
                        "1. D major: Two octaves in sixteenths, metronome at 72, 5 minutes\n",
                        "From the lesson: She is doing well.",
                        "Where Maren hears and logs it: https://studio.test/p/abc");
    }

    @Test
    void a_week_without_anything_new_says_so() {
        Week empty = new Week(
                "Silas",
                WEEK.from(),
                WEEK.since(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                WEEK.link(),
                WEEK.teacher());
        assertThat(WeekLetter.of(empty, Reader.PARENT).subject()).isEqualTo("Silas’ week: nothing new");
        assertThat(WeekLetter.of(empty, Reader.STUDENT).text())
                .contains("For the week from 30 November there is nothing new: play what is already known.")
                .doesNotContain("What has changed", "One thing");
    }
}
