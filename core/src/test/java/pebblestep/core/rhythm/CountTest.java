package pebblestep.core.rhythm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;

/** Counting words of the numbers school: common practice, no source. */
class CountTest {

    @ParameterizedTest
    @CsvSource({
        "4/4,0,1",
        "4/4,1/16,1 e",
        "4/4,1/8,1 &",
        "4/4,3/16,1 a",
        "4/4,3/4,4",
        "4/4,15/16,4 a",
        "4/4,1,1",
        "4/4,1/12,1 trip",
        "4/4,1/6,1 let",
        "4/4,-1/16,4 a",
        "4/4,-1/4,4",
        "4/4,2/5,2 +3/20",
        "3/4,5/8,3 &",
        "6/8,0,1",
        "6/8,1/8,1 la",
        "6/8,1/4,1 li",
        "6/8,3/8,2",
        "6/8,5/8,2 li",
        "6/8,1/16,1 +1/16",
        "2/4,1/2,1"
    })
    void a_position_has_its_word(String meter, String position, String count) {
        assertThat(Count.of(Fraction.parse(position), Meter.parse(meter))).hasToString(count);
    }

    @Test
    void a_count_is_said_in_words() {
        Meter meter = Meter.parse("4/4");
        assertThat(Count.of(Fraction.of(1, 4), meter).inWords(CountSchool.NUMBERS))
                .isEqualTo("2");
        assertThat(Count.of(Fraction.of(7, 8), meter).inWords(CountSchool.NUMBERS))
                .isEqualTo("the & of 4");
        assertThat(Count.of(Fraction.of(1, 20), meter).inWords(CountSchool.NUMBERS))
                .isEqualTo("1/20 of a whole note after 1");
        assertThat(Count.of(Fraction.of(7, 8), meter).inWords(CountSchool.TIME_NAMES))
                .isEqualTo("the te of 4");
        assertThat(Count.of(Fraction.of(1, 4), Meter.parse("6/8")).inShort(CountSchool.TIME_NAMES))
                .isEqualTo("1 ti");
    }

    /** Displacements at quarter = 75: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"1/16,200.0", "3/16,600.0", "1/12,266.667", "1/6,533.333", "1/48,66.667"})
    void a_displacement_has_its_milliseconds(String place, double millis) {
        assertThat(Tempo.quarters(75).millis(Fraction.parse(place)))
                .isCloseTo(millis, org.assertj.core.api.Assertions.within(0.0005));
    }

    @Test
    void notes_a_second_compare_values_and_tempos() {
        assertThat(Tempo.quarters(120).notesPerSecond(Fraction.of(1, 4)))
                .isEqualTo(Tempo.quarters(30).notesPerSecond(Fraction.of(1, 16)))
                .isEqualTo(2.0);
    }

    @Test
    void tempos_are_bounded_and_equal_by_value() {
        assertThat(Bpm.of(new java.math.BigDecimal("72.0")))
                .isEqualTo(Bpm.of(72))
                .hasToString("72");
        assertThat(Bpm.of(new java.math.BigDecimal("97.5"))).hasToString("97.5");
        assertThat(Bpm.of(100)).hasToString("100");
        assertThatThrownBy(() -> Bpm.of(19)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Bpm.of(401)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Bpm.of(new java.math.BigDecimal("72.0001"))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Tempo(Fraction.of(1, 64), Bpm.of(60))).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource({
        "-1/4,1/16,one quarter,a quarter",
        "3/16,1/16,three sixteenths,three sixteenths",
        "1/8,1/8,one eighth,an eighth",
        "3/4,1/16,three quarters,three quarters",
        "1/6,1/12,two triplet eighths,two triplet eighths",
        "1/2,1/4,one half note,a half note",
        "1/20,1/16,one quintuplet sixteenth,a quintuplet sixteenth",
        "3/20,1/16,three quintuplet sixteenths,three quintuplet sixteenths",
        "1/11,1/16,1/11 of a whole note,1/11 of a whole note"
    })
    void a_length_is_said_in_values(String length, String click, String counted, String withArticle) {
        Fraction exact = Fraction.parse(length);
        assertThat(ValueName.length(exact, Fraction.parse(click), ValueNames.AMERICAN))
                .isEqualTo(counted);
        assertThat(ValueName.lengthWithArticle(exact, Fraction.parse(click), ValueNames.AMERICAN))
                .isEqualTo(withArticle);
    }
}
