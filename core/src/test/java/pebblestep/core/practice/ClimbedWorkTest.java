package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Rung;
import pebblestep.core.forecast.DayBest;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** Work on climbs of more than one axis, and what the teacher decides between the takes. */
class ClimbedWorkTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final Key C = Key.of(NoteName.parse("C"), Forms.of("major"));
    private static final Ascent IN_TURN =
            Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 68, 8), Climbs.values("1/4", "1/8"));
    private static final Ascent PICKS = Climbs.ascent(
            Policy.TEACHER_PICKS, Climbs.tempo(60, 68, 8), Climbs.values("1/4", "1/8"), Climbs.octaves(1, 2));

    /** Takes at whatever rung the student stands on: c clean, s slips; | a new day; a position puts the student there. */
    private static Work work(Ascent ascent, String text) {
        List<Entry> entries = new ArrayList<>();
        LocalDate day = MONDAY;
        for (String word : text.strip().split(" +")) {
            if (word.isEmpty()) continue;
            if (word.equals("|")) {
                day = day.plusDays(1);
            } else if (Character.isDigit(word.charAt(0))) {
                entries.add(new Decision(new ClimbEvent.Placed(Position.parse(word), day)));
            } else {
                for (char c : word.toCharArray()) entries.add(take(ascent, entries, c, day));
            }
        }
        return new Work(C, ascent, entries);
    }

    private static Take take(Ascent ascent, List<Entry> entries, char c, LocalDate day) {
        Position at = new Work(C, ascent, entries).standing(day).at();
        List<Rung> others = ascent.climb().rungs(at).stream()
                .filter(rung -> !(rung instanceof Rung.OfTempo))
                .toList();
        return new Take(ascent.bpm(at), others, c == 'c' ? Outcome.CLEAN : Outcome.SLIPS, day);
    }

    private static Judgement judged(Ascent ascent, String takes) {
        return Judgement.of(
                work(ascent, takes),
                MONDAY.plusDays(takes.chars().filter(c -> c == '|').count()),
                Speech.USUAL);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            value = {
                "'' ~ NEW ~ Not started: begins with quarters, 60 bpm.",
                "cc ~ HOLD ~ 2 of 3 clean in a row with quarters, 60 bpm, then 68.",
                "ccc ~ READY ~ 3 clean with quarters, 60 bpm: ready for 68.",
                "ccc cc ~ HOLD ~ 2 of 3 clean in a row with quarters, 68 bpm, then eighths, 60 bpm.",
                "ccc ccc ~ READY ~ 3 clean with quarters, 68 bpm: ready for eighths, 60 bpm.",
                "ccc ccc s ~ MISSES ~ 1 take not clean with eighths, 60 bpm; after 3 it goes back to quarters, 68 bpm.",
                "ccc ccc sss ~ BACK ~ 3 takes not clean: back to quarters, 68 bpm.",
                "ccc ccc ccc c ~ HOLD ~ 1 of 3 clean in a row with eighths, 68 bpm, then the target is reached.",
                "ccc ccc ccc | ccc ~ REACHED ~ Target reached: 3 clean in a row with eighths, 68 bpm.",
                "s ~ MISSES ~ 1 take not clean with quarters, 60 bpm: stay here until 3 in a row are clean."
            })
    void a_standing_on_two_axes_is_said_with_both(String takes, JudgementKind kind, String sentence) {
        Judgement judgement = judged(IN_TURN, takes.replace("'", ""));
        assertThat(judgement.sentence()).isEqualTo(sentence);
        assertThat(judgement.kind()).isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "ccc cc; HOLD; 2 of 3 clean in a row with quarters, one octave, 68 bpm, then you pick what comes next.",
                "ccc ccc; PICK; 3 clean with quarters, one octave, 68 bpm. Pick what comes next: shorter values, or a wider span?",
                // What is open stays open through slips, until three in a row lose it.
                "ccc ccc ss; PICK; 3 clean with quarters, one octave, 68 bpm. Pick what comes next: shorter values, or a wider span?",
                "ccc ccc sss; BACK; 3 takes not clean: back to quarters, one octave, 60 bpm.",
                "ccc ccc 0.0.1; HOLD; 0 of 3 clean in a row with quarters, two octaves, 60 bpm, then 68.",
                "ccc ccc 0.0.1 ccc | ccc; READY; 3 clean with quarters, two octaves, 68 bpm: ready for eighths, two octaves, 60 bpm."
            })
    void what_the_teacher_picks_is_asked_for_and_followed(String takes, JudgementKind kind, String sentence) {
        Judgement judgement = judged(PICKS, takes);
        assertThat(judgement.sentence()).isEqualTo(sentence);
        assertThat(judgement.kind()).isEqualTo(kind);
    }

    @Test
    void the_names_of_values_are_those_of_the_studio() {
        assertThat(Judgement.of(work(IN_TURN, "c"), MONDAY, new Speech(CountSchool.NUMBERS, ValueNames.BRITISH))
                        .sentence())
                .isEqualTo("1 of 3 clean in a row with crotchets, 60 bpm, then 68.");
    }

    @Test
    void the_best_of_a_day_is_in_notes_a_second_whatever_the_values() {
        Work work = work(IN_TURN, "ccc cs | c cc c s | s");
        // Quarters at 68 on Monday; on Tuesday they pass, and eighths at 60 are two notes a second.
        assertThat(work.dayBests()).hasSize(2);
        assertThat(work.dayBests().get(0).notesPerSecond()).isCloseTo(68 / 60.0, within(1e-9));
        assertThat(work.dayBests().get(1)).isEqualTo(new DayBest(MONDAY.plusDays(1), 2.0));
        assertThat(work.bestClean().orElseThrow().bpm()).isEqualTo(Bpm.of(60));
        assertThat(work.takes()).hasSize(11);
    }

    @Test
    void a_share_of_clean_takes_is_told_from_twelve_on() {
        assertThat(work(IN_TURN, "cccccscccsc").cleanShare(MONDAY)).isEmpty();
        assertThat(work(IN_TURN, "cccccscccscc").cleanShare(MONDAY).orElseThrow())
                .isCloseTo(10 / 12.0, within(1e-9));
        assertThat(work(IN_TURN, "cccccscccscc").cleanShare(MONDAY.plusDays(1))).isEmpty();
        assertThat(work(IN_TURN, "ssssssssssss").cleanShare(MONDAY))
                .as("none clean is no share to reckon with")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"'', 0", "ccc, 1", "ccc ccc, 2", "ccc ccc ccc, 3", "ccc ccc ccc | ccc, 4"})
    void rings_count_the_whole_climb(String takes, int rings) {
        assertThat(KeyPath.rings(work(IN_TURN, takes).standing(MONDAY.plusDays(1))))
                .isEqualTo(rings);
    }

    @Test
    void a_changed_climb_is_said_as_it_is_now() {
        Ascent wider = Climbs.ascent(Policy.IN_TURN, Climbs.tempo(50, 90, 10), Climbs.octaves(1, 2));
        List<Entry> entries = new ArrayList<>(work(IN_TURN, "ccc c").entries());
        entries.add(new Decision(new ClimbEvent.Changed(wider, MONDAY)));
        Work work = new Work(C, IN_TURN, entries);
        assertThat(Judgement.of(work, MONDAY, Speech.USUAL).sentence())
                .isEqualTo("0 of 3 clean in a row with one octave, 60 bpm, then 70.");
        assertThat(work.bpmNow(MONDAY)).isEqualTo(Bpm.of(60));
    }
}
