package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.voice.By;

class SlippedTest {
    private static final Slipped.Note GB = new Slipped.Note(4, Pitch.parse("G♭4"));

    @Test
    void what_slipped_is_said_in_words() {
        assertThat(Slipped.NOTHING.inWords()).isEmpty();
        assertThat(new Slipped(List.of(SlipKind.TONE, SlipKind.NOTES, SlipKind.TONE), List.of()).inWords())
                .isEqualTo("notes, tone");
        assertThat(new Slipped(List.of(), List.of(GB, new Slipped.Note(8, GB.written()))).inWords())
                .isEqualTo("at G♭4");
        assertThat(new Slipped(
                                List.of(SlipKind.RHYTHM),
                                List.of(
                                        GB,
                                        new Slipped.Note(5, Pitch.parse("A♭4")),
                                        new Slipped.Note(6, Pitch.parse("B♭4"))))
                        .inWords())
                .isEqualTo("rhythm, at G♭4, A♭4 and B♭4");
    }

    @Test
    void nobody_points_at_more_than_sixteen_notes() {
        assertThatThrownBy(() -> new Slipped(List.of(), Collections.nCopies(17, GB)))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void a_note_may_be_of_the_other_hand_and_in_a_key_of_a_walk() {
        Slipped.Note left = new Slipped.Note(4, Pitch.parse("G3"), Optional.of(By.LEFT), Optional.empty());
        Slipped.Note later = new Slipped.Note(40, Pitch.parse("F#4"), Optional.empty(), Optional.of(2));
        assertThat(new Slipped(List.of(SlipKind.NOTES), List.of(left, later)).inWords())
                .isEqualTo("notes, at G3 in the left hand and F♯4 in key 3");
        assertThatThrownBy(() -> new Slipped.Note(1, Pitch.parse("G3"), Optional.empty(), Optional.of(96)))
                .isInstanceOf(Refusal.class);
    }
}
