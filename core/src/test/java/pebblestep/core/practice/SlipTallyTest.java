package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

class SlipTallyTest {
    private static final Key DB = Key.of(NoteName.parse("D♭"), Forms.of("major"));

    private static Take take(List<SlipKind> kinds, String... pitches) {
        List<Slipped.Note> notes = new ArrayList<>();
        for (String pitch : pitches) notes.add(new Slipped.Note(notes.size(), Pitch.parse(pitch)));
        return new Take(Bpm.of(60), List.of(), Outcome.SLIPS, ReviewsTest.MONDAY, new Slipped(kinds, notes));
    }

    @Test
    void a_slip_that_the_key_invites_is_said_as_what_was_played_for_what() {
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < 7; i++) takes.add(take(List.of(SlipKind.NOTES), "G♭4", "G♭5"));
        takes.add(take(List.of(SlipKind.RHYTHM), "A♭4"));
        takes.add(take(List.of(SlipKind.TENSION)));
        for (int i = 0; i < 3; i++) takes.add(new Take(Bpm.of(60), Outcome.CLEAN, ReviewsTest.MONDAY));
        assertThat(SlipTally.of(DB, SlipCount.of(takes)).sentences())
                .containsExactly(
                        "G natural for G♭: 7 of 12 takes",
                        "at A♭: 1 of 12 takes",
                        "notes: 7 of 12 takes",
                        "rhythm: 1 of 12 takes",
                        "tension: 1 of 12 takes");
        assertThat(SlipTally.of(DB, SlipCount.NONE).sentences()).isEmpty();
    }
}
