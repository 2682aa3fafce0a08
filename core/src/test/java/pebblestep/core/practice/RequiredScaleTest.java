package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.tempo.LadderScheme;

class RequiredScaleTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final Key G = Key.of(NoteName.parse("G"), Forms.of("major"));
    private static final RequiredScale EIGHTHS_AT_80 =
            new RequiredScale(G, 1, Fraction.of(1, 8), Bpm.of(80), MONDAY.plusDays(28));

    /** Clean once a day from Monday on, at these tempos, in eighths. */
    private static Progress played(int octaves, long... bpms) {
        Step step = Steps.step("G", "major", Extent.octaves(octaves), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", "0");
        Ascent ascent = Ascent.of(step, Climb.tempo(Bpm.of(60), Bpm.of(100), LadderScheme.fixed(4)));
        List<Entry> entries = new ArrayList<>();
        for (int day = 0; day < bpms.length; day++) {
            entries.add(new Take(Bpm.of(bpms[day]), Outcome.CLEAN, MONDAY.plusDays(day)));
        }
        return Progress.of(new Work(step.key(), ascent, entries));
    }

    private static RequiredScale.State state(int day, Progress... works) {
        return EIGHTHS_AT_80.of(List.of(works), MONDAY.plusDays(day));
    }

    @Test
    void it_is_met_by_one_clean_take_that_is_fast_enough() {
        assertThat(state(3, played(1, 60, 80)).kind()).isEqualTo(RequiredKind.MET);
        assertThat(state(3, played(1, 60, 80)).sentence()).isEqualTo("Met: played clean at 80 bpm or faster.");
        assertThat(state(3, played(1, 60, 76)).kind()).isEqualTo(RequiredKind.BEGUN);
    }

    @Test
    void the_pace_so_far_says_whether_it_will_be() {
        assertThat(state(7, played(1, 60, 61, 62, 63, 64, 65, 66, 67)).kind()).isEqualTo(RequiredKind.ON_COURSE);
        RequiredScale.State behind = state(7, played(1, 60, 60, 60, 60, 60, 60, 60, 61));
        assertThat(behind.kind()).isEqualTo(RequiredKind.BEHIND);
        assertThat(behind.sentence()).contains("80");
    }

    @Test
    void what_is_shorter_or_in_another_key_does_not_count() {
        RequiredScale two = new RequiredScale(G, 2, Fraction.of(1, 8), Bpm.of(80), MONDAY.plusDays(28));
        assertThat(two.of(List.of(played(1, 90)), MONDAY).sentence()).isEqualTo("Nothing is given for it yet.");
        assertThat(two.of(List.of(played(2, 90)), MONDAY).kind()).isEqualTo(RequiredKind.MET);
        Key d = Key.of(NoteName.parse("D"), Forms.of("major"));
        assertThat(new RequiredScale(d, 1, Fraction.of(1, 8), Bpm.of(80), MONDAY)
                        .of(List.of(played(1, 90)), MONDAY)
                        .kind())
                .isEqualTo(RequiredKind.NOT_GIVEN);
    }

    @Test
    void sixteenths_at_half_the_tempo_are_as_fast() {
        RequiredScale sixteenths = new RequiredScale(G, 1, Fraction.of(1, 16), Bpm.of(40), MONDAY.plusDays(28));
        assertThat(sixteenths.notesPerSecond()).isEqualTo(EIGHTHS_AT_80.notesPerSecond());
        assertThat(sixteenths.inWords(Speech.USUAL))
                .isEqualTo("G major, one octave in sixteenths at 40 bpm by 30 March 2026");
    }

    @Test
    void five_octaves_are_refused() {
        assertThatThrownBy(() -> new RequiredScale(G, 5, Fraction.of(1, 8), Bpm.of(80), MONDAY))
                .isInstanceOf(Refusal.class);
    }
}
