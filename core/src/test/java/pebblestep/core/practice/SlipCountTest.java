package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Bpm;

class SlipCountTest {
    private static Take take(List<SlipKind> kinds, List<String> pitches) {
        List<Slipped.Note> notes = new ArrayList<>();
        for (String pitch : pitches) notes.add(new Slipped.Note(notes.size(), Pitch.parse(pitch)));
        return new Take(Bpm.of(60), List.of(), Outcome.SLIPS, ReviewsTest.MONDAY, new Slipped(kinds, notes));
    }

    @Provide
    Arbitrary<List<Take>> takes() {
        return Combinators.combine(
                        Arbitraries.of(SlipKind.values()).list().ofMaxSize(3),
                        Arbitraries.of("Gb4", "Gb5", "Ab4", "C5").list().ofMaxSize(4))
                .as(SlipCountTest::take)
                .list()
                .ofMaxSize(20);
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

    @Property(tries = 200)
    void counting_two_logs_and_adding_is_counting_both(
            @ForAll("takes") List<Take> first, @ForAll("takes") List<Take> second) {
        List<Take> both = new ArrayList<>(first);
        both.addAll(second);
        assertThat(SlipCount.of(first).plus(SlipCount.of(second))).isEqualTo(SlipCount.of(both));
    }

    @Property(tries = 200)
    void no_count_is_larger_than_the_takes(@ForAll("takes") List<Take> takes) {
        SlipCount count = SlipCount.of(takes);
        assertThat(count.kinds().values()).allMatch(number -> number <= takes.size());
        assertThat(count.notes().values()).allMatch(number -> number <= takes.size());
        count.asNotes().forEach((note, number) -> assertThat(number)
                .isLessThanOrEqualTo(count.notes().get(note)));
    }
}
