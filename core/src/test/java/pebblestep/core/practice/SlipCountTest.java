package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

class SlipCountTest {
    private static Take take(List<SlipKind> kinds, List<String> pitches) {
        List<Slipped.Note> notes = new ArrayList<>();
        for (String pitch : pitches) notes.add(new Slipped.Note(notes.size(), Pitch.parse(pitch)));
        return new Take(Bpm.of(60), List.of(), Outcome.SLIPS, ReviewsTest.MONDAY, new Slipped(kinds, notes));
    }

    Draw<List<Take>> takes() {
        return Draw.both(
                        Draw.of(SlipKind.values()).list(0, 3),
                        Draw.of("Gb4", "Gb5", "Ab4", "C5").list(0, 4),
                        SlipCountTest::take)
                .list(0, 20);
    }

    @Test
    void a_note_counts_once_a_take_in_whichever_octave() {
        SlipCount count = SlipCount.of(List.of(
                take(List.of(SlipKind.NOTES), List.of("Gb4", "Gb5")), take(List.of(SlipKind.TONE), List.of("Gb4"))));
        NoteName gb = NoteName.parse("Gb");
        assertThat(count.takes()).isEqualTo(2);
        assertThat(count.notes()).isEqualTo(Map.of(gb, 2));
        assertThat(count.asNotes()).as("in the other the tone slipped").isEqualTo(Map.of(gb, 1));
        assertThat(count.kinds()).isEqualTo(Map.of(SlipKind.NOTES, 1, SlipKind.TONE, 1));
    }

    @Samples(200)
    void counting_two_logs_and_adding_is_counting_both(
            @From("takes") List<Take> first, @From("takes") List<Take> second) {
        List<Take> both = new ArrayList<>(first);
        both.addAll(second);
        assertThat(SlipCount.of(first).plus(SlipCount.of(second))).isEqualTo(SlipCount.of(both));
    }

    @Samples(200)
    void no_count_is_larger_than_the_takes(@From("takes") List<Take> takes) {
        SlipCount count = SlipCount.of(takes);
        assertThat(count.kinds().values()).allMatch(number -> number <= takes.size());
        assertThat(count.notes().values()).allMatch(number -> number <= takes.size());
        count.asNotes().forEach((note, number) -> assertThat(number)
                .isLessThanOrEqualTo(count.notes().get(note)));
    }
}
