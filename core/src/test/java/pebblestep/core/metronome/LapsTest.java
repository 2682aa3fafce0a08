package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.metronome.Laps.Voice;

class LapsTest {

    /** A rung and who plays: v the voice, s the student, b both. */
    private static String said(Laps laps) {
        return laps.laps().stream()
                .map(lap -> lap.rung() + (lap.voice() ? lap.student() ? "b" : "v" : "s"))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "WITHOUT, 0, 0s 0s 0s 0s 0s 0s 0s 0s 0s 0s",
        "WITH, 0, 0b 0b 0b 0b 0b 0b 0b 0b 0b 0b",
        "WITHOUT, 1, 0s 1s 2s 3s 4s 5s 6s 7s 8s 9s",
        "WITHOUT, 3, 0s 0s 0s 1s 1s 1s 2s 2s 2s 3s",
        "EVERY_SECOND, 2, 0v 0s 0v 0s 1v 1s 1v 1s 2v 2s 2v 2s 3v 3s 3v 3s 4v 4s 4v 4s",
    })
    void laps_follow_each_other_as_they_are_asked_for(Voice voice, int every, String laps) {
        assertThat(said(Laps.of(voice, every, Laps.MOST_TIMES))).isEqualTo(laps);
    }

    @Test
    void a_rise_after_more_than_four_repetitions_is_refused() {
        assertThatThrownBy(() -> Laps.of(Voice.WITH, 5, 10)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Laps.of(Voice.WITH, -1, 10)).isInstanceOf(Refusal.class);
    }

    @Test
    void so_many_times_are_the_students_own_and_no_more_than_ten() {
        assertThat(said(Laps.of(Voice.EVERY_SECOND, 0, 2))).isEqualTo("0v 0s 0v 0s");
        assertThat(said(Laps.once())).isEqualTo("0s");
        assertThatThrownBy(() -> Laps.of(Voice.WITH, 0, 11)).hasMessageContaining("1 to 10 times");
        assertThatThrownBy(() -> Laps.of(Voice.WITH, 0, 0)).isInstanceOf(Refusal.class);
    }
}
