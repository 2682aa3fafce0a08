package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;

/** The turns of silent bars lap by lap, held against the clicks of the same line played several times. */
class LineBarsTest {
    private static Passage silent(int sounding, int silent) {
        Step step = Steps.PLAIN.withPlace(Fraction.of(1, 4));
        return Passage.of(step.withMetronome(new Metronome(1, true, Metronome.Clicks.BEATS).silent(sounding, silent)));
    }

    private static String said(List<List<Boolean>> rounds) {
        return rounds.stream()
                .map(lap -> lap.stream().map(sounds -> sounds ? "x" : ".").collect(Collectors.joining()))
                .collect(Collectors.joining(" "));
    }

    @Test
    void a_line_of_three_bars_comes_round_when_its_turns_do() {
        assertThat(LineBars.count(silent(1, 1))).isEqualTo(3);
        assertThat(said(LineBars.rounds(silent(1, 1)))).isEqualTo("x.x .x.");
        assertThat(said(LineBars.rounds(silent(2, 1)))).isEqualTo("xx.");
        assertThat(said(LineBars.rounds(silent(2, 2)))).isEqualTo("xx. .xx ..x x..");
        assertThat(said(LineBars.rounds(Passage.of(Steps.PLAIN)))).as("always").isEqualTo("xx");
    }

    @Test
    void what_sounds_in_each_lap_is_what_clicks_when_it_is_played_that_often() {
        for (int sounding = 1; sounding <= 5; sounding++) {
            for (int silent = 1; silent <= 5; silent++) {
                Passage passage = silent(sounding, silent);
                List<List<Boolean>> rounds = LineBars.rounds(passage);
                int bars = LineBars.count(passage);
                ClickPlan whole = ClickPlan.of(passage, 12);
                for (int bar = 0; bar < 12 * bars; bar++) {
                    Fraction downbeat = passage.step().meter().downbeat(passage.firstBar() + bar);
                    boolean clicks = whole.clicks().stream()
                            .anyMatch(click -> !click.countIn() && click.at().equals(downbeat));
                    assertThat(rounds.get(bar / bars % rounds.size()).get(bar % bars))
                            .as("bar " + bar)
                            .isEqualTo(clicks);
                }
            }
        }
    }
}
