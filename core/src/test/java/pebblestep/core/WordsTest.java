package pebblestep.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Doubles;
import pebblestep.core.samples.Samples.Ints;

class WordsTest {
    @Test
    void plurals_and_numbers() {
        assertThat(Words.counted(0, "day")).isEqualTo("0 days");
        assertThat(Words.counted(1, "day")).isEqualTo("1 day");
        assertThat(Words.spelled(2, "octave")).isEqualTo("two octaves");
        assertThat(Words.spelled(13, "note")).isEqualTo("13 notes");
        assertThat(Words.number(-1)).isEqualTo("-1");
        assertThat(Words.measured(0.7, "rung")).isEqualTo("0.7 rungs");
        assertThat(Words.measured(0.98, "rung")).isEqualTo("1 rung");
        assertThat(Words.measured(3, "day")).isEqualTo("3 days");
    }

    @Test
    void lists_and_sentences() {
        assertThat(Words.list(List.of())).isEmpty();
        assertThat(Words.list(List.of("a"))).isEqualTo("a");
        assertThat(Words.list(List.of("a", "b", "c"))).isEqualTo("a, b and c");
        assertThat(Words.either(List.of("a", "b"))).isEqualTo("a or b");
        assertThat(Words.capital("the & of 4")).isEqualTo("The & of 4");
        assertThat(Words.capital("")).isEmpty();
        assertThat(Words.small("Start")).isEqualTo("start");
    }

    @ParameterizedTest
    @CsvSource({"4.84, 4.8, 4.8", "4.85, 4.9, 4.9", "5, 5.0, 5", "-0.04, 0.0, 0", "-2.35, -2.4, -2.4", "0.95, 1.0, 1"})
    void decimals_are_rounded_half_up(double number, String decimal, String plain) {
        assertThat(Words.decimal(number)).isEqualTo(decimal);
        assertThat(Words.plain(number)).isEqualTo(plain);
    }

    /** Held against the JDK's formatter, which the rules do without. */
    @Samples(500)
    void days_are_those_of_the_jdk(@Ints(min = -40_000, max = 100_000) int day) {
        LocalDate date = LocalDate.ofEpochDay(day);
        assertThat(Words.dayAndYear(date))
                .isEqualTo(DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH)
                        .format(date));
        assertThat(Words.month(YearMonth.from(date)))
                .isEqualTo(
                        DateTimeFormatter.ofPattern("MMMM uuuu", Locale.ENGLISH).format(date));
    }

    /** Held against the JDK's formatter, beside ties, which it rounds by the binary number. */
    @Samples(500)
    void a_decimal_is_within_half_a_tenth(@Doubles(min = -5000, max = 5000) double number) {
        assertThat(Double.parseDouble(Words.decimal(number)))
                .isCloseTo(number, org.assertj.core.data.Offset.offset(0.0501));
    }
}
