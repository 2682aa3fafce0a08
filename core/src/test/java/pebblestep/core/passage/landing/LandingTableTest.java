package pebblestep.core.passage.landing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Speech;

/** Landings counted out by hand, click by click. */
class LandingTableTest {

    private static Step step(String octaves, Travel travel, Turn turn, String meter, String value, String place) {
        return Steps.step("C", "major", Extent.octaves(Integer.parseInt(octaves)), travel, turn, meter, value, place);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 | UP | SINGLE | 4/4 | 1/4 | 0 | Ends on beat 4 of bar 2, one quarter short of beat 1.",
                "1 | UP | SINGLE | 4/4 | 1/8 | 0 | Ends on the & of 4 of bar 1, one eighth short of beat 1.",
                "1 | UP | SINGLE | 4/4 | 1/8 | 1/8 | Lands on beat 1 of bar 2.",
                "1 | UP | SINGLE | 4/4 | 1/16 | 0 | Ends on the a of 2 of bar 1, seven sixteenths past beat 1.",
                "1 | UP_DOWN | SINGLE | 4/4 | 1/8 | 0 | Ends on beat 4 of bar 2, one quarter short of beat 1.",
                "1 | UP_DOWN | DOUBLE | 4/4 | 1/8 | 0 | Ends on the & of 4 of bar 2, one eighth short of beat 1.",
                "1 | UP_DOWN | SINGLE | 3/4 | 1/4 | 0 | Ends on beat 3 of bar 5, one quarter short of beat 1.",
                "1 | UP_DOWN | SINGLE | 3/4 | 1/8 | 0 | Ends on beat 2 of bar 3, one quarter past beat 1.",
                "1 | UP_DOWN | SINGLE | 2/4 | 1/8 | 0 | Ends on beat 2 of bar 4, one quarter past beat 1.",
                "1 | UP_DOWN | SINGLE | 5/4 | 1/4 | 0 | Ends on beat 5 of bar 3, one quarter short of beat 1.",
                "1 | UP_DOWN | SINGLE | 6/8 | 1/8 | 0 | Ends on the li of 1 of bar 3, one quarter past beat 1.",
                "1 | UP_DOWN | SINGLE | 9/8 | 1/8 | 0 | Ends on the li of 2 of bar 2, one half note short of beat 1.",
                "1 | UP_DOWN | SINGLE | 12/8 | 1/8 | 0 | Ends on the li of 1 of bar 2, one quarter past beat 1.",
                "1 | UP_DOWN | SINGLE | 7/8(2+2+3) | 1/8 | 0 | Lands on beat 1 of bar 3.",
                "2 | UP_DOWN | SINGLE | 4/4 | 1/12 | 0 | Ends on the trip of 2 of bar 3, four triplet eighths past beat 1.",
                "2 | UP_DOWN | SINGLE | 4/4 | 1/8 | 0 | Ends on beat 3 of bar 4, one half note past beat 1.",
                "3 | UP_DOWN | SINGLE | 4/4 | 1/12 | 0 | Ends on beat 3 of bar 4, one half note past beat 1.",
                "4 | UP_DOWN | SINGLE | 4/4 | 1/16 | 0 | Ends on beat 3 of bar 4, one half note past beat 1.",
                "1 | DOWN | SINGLE | 4/4 | 1/4 | -1/4 | Ends on beat 3 of bar 2, one half note past beat 1.",
                "1 | UP | SINGLE | 4/4 | 1/2 | 1/2 | Lands on beat 1 of bar 5."
            })
    void a_line_is_counted_out(
            String octaves, Travel travel, Turn turn, String meter, String value, String place, String sentence) {
        assertThat(Landing.of(step(octaves, travel, turn, meter, value, place))
                        .words(Speech.USUAL)
                        .sentence())
                .isEqualTo(sentence);
    }

    /** What the student is told to do first. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 | UP | SINGLE | 4/4 | 1/4 | 0 | Start on 2, a quarter later.",
                "1 | UP_DOWN | SINGLE | 3/4 | 1/8 | 0 | Start on 3, a quarter early.",
                "2 | UP_DOWN | SINGLE | 4/4 | 1/12 | 0 | Start on the let of 3, four triplet eighths early.",
                "1 | UP_DOWN | SINGLE | 6/8 | 1/8 | 0 | Start on the la of 2, a quarter early."
            })
    void the_first_fix_is_the_smallest(
            String octaves, Travel travel, Turn turn, String meter, String value, String place, String fix) {
        assertThat(Landing.of(step(octaves, travel, turn, meter, value, place))
                        .fixes(Speech.USUAL)
                        .get(0)
                        .sentence())
                .isEqualTo(fix);
    }
}
