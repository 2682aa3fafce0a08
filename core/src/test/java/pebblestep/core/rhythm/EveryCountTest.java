package pebblestep.core.rhythm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;

/** The words of whole bars, click by click, in the numbers school: common practice, no source. */
class EveryCountTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4/4 | 1/16 | 1, 1 e, 1 &, 1 a, 2, 2 e, 2 &, 2 a, 3, 3 e, 3 &, 3 a, 4, 4 e, 4 &, 4 a",
                "3/4 | 1/16 | 1, 1 e, 1 &, 1 a, 2, 2 e, 2 &, 2 a, 3, 3 e, 3 &, 3 a",
                "2/4 | 1/16 | 1, 1 e, 1 &, 1 a, 2, 2 e, 2 &, 2 a",
                "4/4 | 1/12 | 1, 1 trip, 1 let, 2, 2 trip, 2 let, 3, 3 trip, 3 let, 4, 4 trip, 4 let",
                "3/4 | 1/12 | 1, 1 trip, 1 let, 2, 2 trip, 2 let, 3, 3 trip, 3 let",
                "4/4 | 1/8 | 1, 1 &, 2, 2 &, 3, 3 &, 4, 4 &",
                "4/4 | 1/4 | 1, 2, 3, 4",
                "4/4 | 1/2 | 1, 3",
                "4/4 | 1 | 1",
                "6/8 | 1/8 | 1, 1 la, 1 li, 2, 2 la, 2 li",
                "6/8 | 3/8 | 1, 2",
                "6/8 | 1/24 | 1, 1 +1/24, 1 +1/12, 1 la, 1 +1/6, 1 +5/24, 1 li, 1 +7/24, 1 +1/3, 2, 2 +1/24, 2 +1/12, 2 la, 2 +1/6, 2 +5/24, 2 li, 2 +7/24, 2 +1/3",
                "5/4 | 1/8 | 1, 1 &, 2, 2 &, 3, 3 &, 4, 4 &, 5, 5 &",
                "12/8 | 1/8 | 1, 1 la, 1 li, 2, 2 la, 2 li, 3, 3 la, 3 li, 4, 4 la, 4 li",
                "7/8(2+2+3) | 1/8 | 1, 1 &, 2, 2 &, 3, 3 la, 3 li",
                "7/8(3+2+2) | 1/8 | 1, 1 la, 1 li, 2, 2 &, 3, 3 &",
                "6/8 | 1/16 | 1, 1 +1/16, 1 la, 1 +3/16, 1 li, 1 +5/16, 2, 2 +1/16, 2 la, 2 +3/16, 2 li, 2 +5/16"
            })
    void a_bar_is_counted(String meter, String click, String words) {
        Meter parsed = Meter.parse(meter);
        List<String> said = new ArrayList<>();
        for (Fraction at = Fraction.ZERO; at.isLessThan(parsed.bar()); at = at.plus(Fraction.parse(click))) {
            said.add(Count.of(at, parsed).toString());
            // The bars before and after are counted alike.
            assertThat(Count.of(at.plus(parsed.bar().times(3)), parsed)).isEqualTo(Count.of(at, parsed));
            assertThat(Count.of(at.minus(parsed.bar()), parsed)).isEqualTo(Count.of(at, parsed));
        }
        assertThat(String.join(", ", said)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "4/4,4,1/4,1",
        "3/4,3,1/4,3/4",
        "2/4,2,1/4,1/2",
        "5/4,5,1/4,5/4",
        "6/8,2,3/8,3/4",
        "9/8,3,3/8,9/8",
        "12/8,4,3/8,3/2"
    })
    void a_meter_has_its_beats(String text, int beats, String beat, String bar) {
        Meter meter = Meter.parse(text);
        assertThat(meter.beats()).isEqualTo(beats);
        assertThat(meter.lengthOf(1)).hasToString(beat);
        assertThat(meter.bar()).hasToString(bar);
        assertThat(meter).hasToString(text);
        assertThat(meter.lengthOf(1).times(meter.beats())).isEqualTo(meter.bar());
        assertThat(meter.positionOf(beats)).isEqualTo(meter.bar().minus(meter.lengthOf(1)));
    }

    /** Time names: ta fa te fe and ta te ti (from memory). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4/4 | 1/16 | ta fa te fe ta fa te fe ta fa te fe ta fa te fe",
                "2/4 | 1/12 | ta te ti ta te ti",
                "6/8 | 1/8 | ta te ti ta te ti"
            })
    void a_bar_is_said_in_time_names(String meter, String click, String words) {
        Meter parsed = Meter.parse(meter);
        List<String> said = new ArrayList<>();
        for (Fraction at = Fraction.ZERO; at.isLessThan(parsed.bar()); at = at.plus(Fraction.parse(click))) {
            said.add(Count.said(at, parsed, CountSchool.TIME_NAMES));
        }
        assertThat(String.join(" ", said)).isEqualTo(words);
        assertThat(Count.said(Fraction.of(3, 8), Meter.parse("4/4"), CountSchool.NUMBERS))
                .isEqualTo("&");
        assertThat(Count.said(Fraction.ZERO, parsed, CountSchool.NUMBERS)).isEqualTo("1");
        assertThat(Count.said(Fraction.of(1, 20), parsed, CountSchool.NUMBERS)).isEmpty();
    }

    @Test
    void beats_of_seven_eight_are_as_long_as_their_groups() {
        Meter meter = Meter.parse("7/8(2+2+3)");
        assertThat(meter.beats()).isEqualTo(3);
        assertThat(meter.lengthOf(1)).hasToString("1/4");
        assertThat(meter.lengthOf(3)).hasToString("3/8");
        assertThat(meter.positionOf(3)).hasToString("1/2");
        assertThat(meter.pulse()).hasToString("1/8");
        assertThat(meter.beatOf(Fraction.of(3, 4))).isEqualTo(3);
        assertThat(meter.nextBeat(Fraction.of(3, 4))).isEqualTo(meter.bar());
        assertThat(meter.beatStart(Fraction.of(-1, 8))).hasToString("-3/8");
        assertThat(Meter.parse("6/8(3+3)")).isEqualTo(Meter.parse("6/8"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"7/8", "7/8(2+2)", "7/8(4+3)", "7/4(2+2+3)", "5/8", "0/4", "4/3", "8/8()", "x"})
    void what_is_no_meter_is_refused(String text) {
        assertThatThrownBy(() -> Meter.parse(text)).isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.field())
                .isEqualTo("rhythm.meter"));
    }

    @ParameterizedTest
    @CsvSource({"0,1", "15/16,1", "1,2", "7/4,2", "-1/16,0", "-1,0", "-17/16,-1"})
    void a_position_stands_in_its_bar(String position, int bar) {
        assertThat(Meter.parse("4/4").barOf(Fraction.parse(position))).isEqualTo(bar);
    }
}
