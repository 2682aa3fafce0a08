package pebblestep.core.rhythm;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
    @CsvSource({"4/4,4,1/4,1", "3/4,3,1/4,3/4", "2/4,2,1/4,1/2", "6/8,2,3/8,3/4"})
    void a_meter_has_its_beats(String text, int beats, String beat, String bar) {
        Meter meter = Meter.parse(text);
        assertThat(meter.beats()).isEqualTo(beats);
        assertThat(meter.beat()).hasToString(beat);
        assertThat(meter.bar()).hasToString(bar);
        assertThat(meter).hasToString(text);
        assertThat(meter.beat().times(meter.beats())).isEqualTo(meter.bar());
        assertThat(meter.positionOf(beats)).isEqualTo(meter.bar().minus(meter.beat()));
    }

    @ParameterizedTest
    @CsvSource({"0,1", "15/16,1", "1,2", "7/4,2", "-1/16,0", "-1,0", "-17/16,-1"})
    void a_position_stands_in_its_bar(String position, int bar) {
        assertThat(Meter.parse("4/4").barOf(Fraction.parse(position))).isEqualTo(bar);
    }
}
