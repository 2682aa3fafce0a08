package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Position;
import pebblestep.core.practice.Ran.Lap;
import pebblestep.core.practice.Ran.Said;
import pebblestep.core.rhythm.Bpm;

class RanTest {
    private static final Slipped RHYTHM = new Slipped(List.of(SlipKind.RHYTHM), List.of());

    /** Laps by their tempos; one that is listened to stands in brackets. */
    private static Ran ran(int finished, String laps) {
        return new Ran(
                java.util.Arrays.stream(laps.split(" "))
                        .map(lap -> {
                            boolean student = !lap.startsWith("(");
                            int bpm = Integer.parseInt(lap.replaceAll("[()]", ""));
                            return new Lap(Position.of((bpm - 60) / 8), Bpm.of(bpm), List.of(), student);
                        })
                        .toList(),
                finished);
    }

    private static String said(List<Said> takes) {
        return takes.stream()
                .map(take -> take.lap().bpm() + " " + take.outcome().id()
                        + (take.slipped().isNothing()
                                ? ""
                                : " " + take.slipped().inWords())
                        + (take.note().isEmpty() ? "" : " \"" + take.note() + "\""))
                .collect(Collectors.joining(", "));
    }

    @Test
    void every_time_that_was_played_to_its_end_is_a_take() {
        assertThat(said(ran(3, "60 60 60").clean())).isEqualTo("60 clean, 60 clean, 60 clean");
        assertThat(said(ran(2, "60 60 60").clean())).isEqualTo("60 clean, 60 clean");
        assertThat(said(ran(4, "(60) 60 (60) 60").clean()))
                .as("a call is listened to")
                .isEqualTo("60 clean, 60 clean");
    }

    @Test
    void a_run_over_rungs_is_clean_up_to_one_of_them() {
        Ran ran = ran(4, "60 60 68 76");
        assertThat(ran.isRising()).isTrue();
        assertThat(ran.rungs()).extracting(Lap::bpm).containsExactly(Bpm.of(60), Bpm.of(68), Bpm.of(76));
        assertThat(said(ran.cleanUpTo(2))).isEqualTo("60 clean, 60 clean, 68 clean, 76 slips");
        assertThat(said(ran.cleanUpTo(0))).isEqualTo("60 slips");
        assertThat(said(ran.cleanUpTo(3))).isEqualTo("60 clean, 60 clean, 68 clean, 76 clean");
        assertThatThrownBy(() -> ran.cleanUpTo(4)).isInstanceOf(Refusal.class);
    }

    @Test
    void of_several_times_some_slipped_and_a_word_is_said_once() {
        Ran ran = ran(4, "60 60 60 60");
        assertThat(ran.isRising()).isFalse();
        assertThat(said(ran.slips(Set.of(2, 3), RHYTHM, "late")))
                .isEqualTo("60 clean, 60 slips rhythm, 60 slips rhythm \"late\", 60 clean");
        assertThat(said(ran.slips(Set.of(9), RHYTHM, "late"))).isEqualTo("60 clean, 60 clean, 60 clean, 60 clean");
    }

    @Test
    void what_was_broken_off_is_a_take_of_its_own() {
        Ran ran = ran(1, "60 60 60");
        assertThat(ran.isStopped()).isTrue();
        assertThat(said(ran.stopped(Set.of(), RHYTHM, "lip"))).isEqualTo("60 clean, 60 stopped rhythm \"lip\"");
        assertThat(said(ran(0, "68").stopped(Set.of(), Slipped.NOTHING, ""))).isEqualTo("68 stopped");
    }

    @Test
    void time_is_shared_among_takes_and_bounded() {
        assertThat(Ran.secondsEach(100, 3)).isEqualTo(33);
        assertThat(Ran.secondsEach(9e9, 1)).isEqualTo(3600);
        assertThat(Ran.secondsEach(-5, 0)).isZero();
    }

    @Test
    void no_laps_and_more_finished_ones_than_there_are_are_refused() {
        assertThatThrownBy(() -> new Ran(List.of(), 0)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> ran(4, "60 60")).isInstanceOf(Refusal.class);
    }
}
