package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.tempo.LadderScheme;

class MonthReportTest {
    private static final YearMonth MARCH = YearMonth.of(2026, 3);
    private static final LocalDate FIRST = LocalDate.of(2026, 3, 1);
    private static final Ascent TWO_RUNGS =
            Ascent.of(Steps.PLAIN, Climb.tempo(Bpm.of(60), Bpm.of(70), LadderScheme.fixed(10)));

    private static Work work(String tonic, String takes) {
        Key key = Key.of(NoteName.parse(tonic), Forms.of("major"));
        List<Entry> entries = new ArrayList<>();
        for (String take : takes.split(" ")) {
            String[] part = take.split("@");
            boolean clean = part[0].endsWith("c");
            long bpm = Long.parseLong(part[0].substring(0, part[0].length() - 1));
            entries.add(new Take(
                    Bpm.of(bpm), clean ? Outcome.CLEAN : Outcome.SLIPS, FIRST.plusDays(Long.parseLong(part[1]) - 1)));
        }
        return new Work(key, TWO_RUNGS, entries);
    }

    private static MonthReport report(Map<LocalDate, Long> seconds, Work... works) {
        return MonthReport.of("Maren", MARCH, LocalDate.of(2026, 4, 5), seconds, List.of(works));
    }

    @Test
    void how_much_was_practised_is_one_sentence() {
        Map<LocalDate, Long> seconds = Map.of(FIRST, 1800L, FIRST.plusDays(3), 2400L, FIRST.plusDays(4), 0L);
        assertThat(report(seconds).practised())
                .isEqualTo("Maren practised on 2 of 31 days, 1 hour 10 minutes in all: about 35 minutes each time.");
        assertThat(report(Map.of()).practised()).isEqualTo("Maren did not log any practice in March 2026.");
        assertThat(MonthReport.of("Maren", MARCH, LocalDate.of(2026, 3, 10), Map.of(FIRST, 60L), List.of())
                        .practised())
                .as("a month that is not over")
                .startsWith("Maren practised on 1 of 10 days, 1 minute in all");
    }

    @Test
    void what_was_learned_grows_or_is_kept_is_told_without_terms_of_the_trade() {
        Work learned = work("Bb", "60c@2 60c@2 60c@2 70c@3 70c@3 70c@3");
        Work growing = work("F#", "56c@-3 60c@4 60s@5 64c@9");
        Work kept = work("C", "60c@-9 60c@-9 60c@-9 70c@-8 70c@-8 70c@-8 70c@6 70s@7");
        Work untouched = work("D", "60c@-9");
        MonthReport report = report(Map.of(FIRST, 60L), learned, growing, kept, untouched);
        assertThat(report.learned()).containsExactly("B flat major");
        assertThat(report.growing()).containsExactly("F sharp major: from 56 to 64 beats a minute without a slip");
        assertThat(report.kept()).containsExactly("C major: 1 of 2 times without a slip");
    }

    @Test
    void what_did_not_get_faster_is_told_by_its_clean_times() {
        assertThat(report(Map.of(), work("G", "60c@4 60s@5")).growing())
                .containsExactly("G major: without a slip 1 of 2 times");
        assertThat(report(Map.of(), work("G", "60s@5")).growing())
                .containsExactly("G major: begun, not yet without slips");
    }
}
