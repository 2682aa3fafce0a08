package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.tempo.LadderScheme;

/** Passing, holding, stepping back and the daily limit: common practice, no source. */
class WorkTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final Climb CLIMB = Climb.tempo(Bpm.of(60), Bpm.of(100), LadderScheme.fixed(8));

    /** Takes in short: c clean, s slips, x stopped at the tempo before them; | starts a new day. */
    private static List<Entry> takes(String text) {
        List<Entry> takes = new ArrayList<>();
        LocalDate day = MONDAY;
        long bpm = 60;
        for (String word : text.trim().split(" +")) {
            if (word.isEmpty()) continue;
            if (word.equals("|")) day = day.plusDays(1);
            else if (Character.isDigit(word.charAt(0))) bpm = Long.parseLong(word);
            else
                for (char c : word.toCharArray()) {
                    takes.add(new Take(
                            Bpm.of(bpm), c == 'c' ? Outcome.CLEAN : c == 's' ? Outcome.SLIPS : Outcome.STOPPED, day));
                }
        }
        return takes;
    }

    private static Work work(String tonic, String takes) {
        Key key = Key.of(NoteName.parse(tonic), Forms.of("major"));
        return new Work(key, Ascent.of(Steps.PLAIN, CLIMB), takes(takes));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "'' | 60 | Not started: begins at 60 bpm.",
                "60 cc | 60 | 2 of 3 clean in a row at 60 bpm, then 68.",
                "60 ccc | 68 | 3 clean at 60 bpm: ready for 68.",
                "60 ccsc | 60 | 1 of 3 clean in a row at 60 bpm, then 68.",
                "60 s | 60 | 1 take not clean at 60 bpm: stay here until 3 in a row are clean.",
                "60 ccc 68 sx | 68 | 2 takes in a row not clean at 68 bpm; after 3 it goes back to 60.",
                "60 ccc 68 sxs | 60 | 3 takes not clean: back to 60 bpm.",
                "60 ccc 60 cc 68 c | 68 | 1 of 3 clean in a row at 68 bpm, then 76.",
                "100 ccc ccc ccc ccc | 84 | 3 clean at 84 bpm, and 3 rungs passed today: enough for today, then 92 tomorrow."
            })
    void a_standing_is_said_with_its_numbers(String takes, String bpm, String sentence) {
        Work work = work("C", takes.replace("''", ""));
        assertThat(work.bpmNow(MONDAY)).hasToString(bpm);
        assertThat(Judgement.of(work, MONDAY, Speech.USUAL).sentence()).isEqualTo(sentence);
    }

    @Test
    void a_rung_that_waited_opens_the_next_day() {
        Work work = work("C", "100 ccc ccc ccc ccc");
        assertThat(work.bpmNow(MONDAY)).hasToString("84");
        assertThat(work.bpmNow(MONDAY.plusDays(1))).hasToString("92");
    }

    @Test
    void the_top_is_reached_once_it_is_passed_and_lost_by_a_slip() {
        String climb = "100 ccc ccc ccc | ccc ccc";
        assertThat(Judgement.of(work("C", climb), MONDAY.plusDays(1), Speech.USUAL)
                        .sentence())
                .isEqualTo("3 clean at 92 bpm: ready for 100.");
        assertThat(Judgement.of(work("C", climb + " ccc"), MONDAY.plusDays(1), Speech.USUAL)
                        .sentence())
                .isEqualTo("Target reached: 3 clean in a row at 100 bpm.");
        assertThat(work("C", climb + " ccc s").standing(MONDAY.plusDays(1)).topPassed())
                .isFalse();
    }

    @Test
    void the_key_path_shows_every_key_once_and_the_work_where_it_belongs() {
        Work db = work("C♯", "60 ccc 68 cs");
        KeyPath path = KeyPath.of(
                KeyOrder.fourths(), List.of(Progress.of(db), Progress.of(work("C", ""))), MONDAY, Speech.USUAL);
        assertThat(path.stones()).hasSize(12);
        assertThat(path.stones().stream()
                        .map(stone -> stone.tonic().pitchClass())
                        .distinct())
                .hasSize(12);
        KeyPath.Stone stone = path.stones().get(5);
        assertThat(stone.tonic()).hasToString("D♭");
        assertThat(stone.rings()).isEqualTo(1);
        KeyPath.FormProgress form = stone.forms().get(0);
        assertThat(form.takes()).isEqualTo(5);
        assertThat(form.clean()).isEqualTo(4);
        assertThat(form.bestBpm()).contains(Bpm.of(68));
        assertThat(form.bestNotesPerSecond().orElseThrow())
                .isCloseTo(4.533, org.assertj.core.api.Assertions.within(0.001));
        assertThat(form.lastDay()).contains(MONDAY);
        assertThat(path.stones().get(0).rings()).isZero();
        assertThat(path.stones().get(0).forms().get(0).judgement().sentence()).startsWith("Not started");
    }

    @ParameterizedTest
    @CsvSource({"60,0", "68,1", "76,1", "84,2", "92,2", "100,3", "108,4"})
    void rings_grow_with_the_rungs_passed_and_the_fourth_is_the_target(long upTo, int rings) {
        StringBuilder text = new StringBuilder();
        for (long bpm = 60; bpm < upTo; bpm += 8) text.append(bpm).append(" ccc | ");
        Work work = work("C", text.toString());
        assertThat(KeyPath.of(KeyOrder.fourths(), List.of(Progress.of(work)), MONDAY.plusDays(9), Speech.USUAL)
                        .stones()
                        .get(0)
                        .rings())
                .isEqualTo(rings);
    }
}
