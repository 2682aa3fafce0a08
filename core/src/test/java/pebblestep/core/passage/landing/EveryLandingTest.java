package pebblestep.core.passage.landing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;

/**
 * The landing against a brute-force walk: for every meter, every value, 5 to 64 notes and every place on a grid of 48ths,
 * counted in whole 48ths without a fraction.
 */
class EveryLandingTest {
    private static final int GRID = 48;
    private static final int MOST_NOTES = 64;

    static Stream<String> meters() {
        return Meter.all().stream().map(Meter::toString);
    }

    @ParameterizedTest
    @MethodSource("meters")
    void the_distance_is_the_one_a_walk_finds(String meter) {
        int bar = grid(Meter.parse(meter).bar());
        for (String value : List.of("1/2", "1/4", "1/8", "1/12", "1/16")) {
            int step = grid(Fraction.parse(value));
            for (int notes = 5; notes <= MOST_NOTES; notes++) {
                Step plain = step(notes, meter, value);
                for (int place = 1 - bar; place < bar; place++) {
                    int expected = walked(place, step, notes, bar);
                    Fraction off = Landing.of(plain.withPlace(Fraction.of(place, GRID)))
                            .off();
                    assertThat(off)
                            .as("%s, %d notes of %s from %d/48", meter, notes, value, place)
                            .isEqualTo(Fraction.of(expected, GRID));
                }
            }
        }
    }

    /** So many notes: a span goes to 50; beyond that the line comes back, turning once or twice. */
    private static Step step(int notes, String meter, String value) {
        if (notes <= 50) return Steps.step("C", "major", Extent.span(notes), Travel.UP, Turn.SINGLE, meter, value, "0");
        Turn turn = notes % 2 == 0 ? Turn.DOUBLE : Turn.SINGLE;
        return Steps.step("C", "major", Extent.span((notes + 1) / 2), Travel.UP_DOWN, turn, meter, value, "0");
    }

    /** Walks to the last note, then from downbeat to downbeat; exactly between two of them counts as past. */
    private static int walked(int place, int step, int notes, int bar) {
        int last = place;
        for (int i = 1; i < notes; i++) last += step;
        int downbeat = -bar;
        while (downbeat + bar <= last) downbeat += bar;
        int past = last - downbeat;
        return past * 2 <= bar ? past : past - bar;
    }

    private static int grid(Fraction length) {
        return Math.toIntExact(length.times(GRID).floor());
    }
}
