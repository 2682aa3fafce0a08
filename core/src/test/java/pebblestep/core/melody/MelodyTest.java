package pebblestep.core.melody;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

class MelodyTest {
    private static Melody quarters(String pitches) {
        return quarters(pitches, Optional.empty());
    }

    private static Melody quarters(String pitches, Optional<Integer> fifths) {
        List<Melody.Note> notes = new ArrayList<>();
        for (String pitch : pitches.split(" ")) {
            notes.add(new Melody.Note(Pitch.parse(pitch), Fraction.of(notes.size(), 4), Fraction.of(1, 4)));
        }
        return new Melody("", Meter.parse("4/4"), Optional.empty(), Optional.empty(), fifths, notes);
    }

    private static Key major(String tonic) {
        return Key.of(NoteName.parse(tonic), Forms.of("major"));
    }

    @ParameterizedTest
    @CsvSource({
        "C4 D4 E4 F4 G4 A4 B4 C5, C major",
        "A4 B4 C5 D5 E5 F5 G#5 A5, A natural minor",
        "Eb4 G4 Bb4 Ab4 F4 D4 Eb4, E♭ major",
        "F#4 A4 C#5 E#5 F#5, F♯ natural minor"
    })
    void the_key_is_found_by_counting(String pitches, String key) {
        assertThat(KeyFinder.of(quarters(pitches)).getFirst().key()).hasToString(key);
    }

    @Test
    void where_counting_does_not_decide_the_ending_and_the_signature_do() {
        assertThat(KeyFinder.of(quarters("C4 D4 E4 G4 A4 G4")).getFirst().key()).isEqualTo(major("G"));
        assertThat(KeyFinder.of(quarters("C4 D4 E4 G4 A4 E4", Optional.of(-1)))
                        .getFirst()
                        .key())
                .isEqualTo(major("F"));
        List<KeyFinder.Found> close = KeyFinder.close(KeyFinder.of(quarters("C4 D4 E4 G4 A4 G4")));
        assertThat(close).isNotEmpty().allMatch(one -> one.notes() == 6);
        assertThat(close.getFirst().inWords()).endsWith("all 6 notes");
    }

    /** A melody that is played and then read again is the same, whatever the line was. */
    Draw<Step> steps() {
        return random -> {
            for (; ; ) {
                Step step = Steps.any().from(random);
                boolean fits = step.key().form().size() == 7
                        && step.key().form().sameBothWays()
                        && step.figure().click().denominator() < 1000;
                if (!fits) continue;
                try {
                    Passage passage = Passage.of(step);
                    if (passage.notes().size() <= Melody.MOST_NOTES
                            && step.meter().barOf(passage.last().at()) <= Melody.MOST_BARS
                            && passage.firstBar() >= 0) return step;
                } catch (Refusal e) {
                    // In no octave that has a name.
                }
            }
        };
    }

    @Samples(300)
    void what_is_read_again_has_the_same_pitches_places_and_values(@From("steps") Step step) {
        Passage played = Passage.of(step);
        List<Melody.Note> notes = played.notes().stream()
                .map(note -> new Melody.Note(note.concert(), note.at(), note.value()))
                .toList();
        Melody melody =
                new Melody("", step.meter(), Optional.of(step.tempo()), Optional.empty(), Optional.empty(), notes);
        Passage again = Passage.of(MelodyStep.of(melody, step.key()));
        assertThat(again.notes())
                .extracting(PassageNote::concert)
                .isEqualTo(played.notes().stream().map(PassageNote::concert).toList());
        assertThat(again.notes())
                .extracting(PassageNote::at)
                .isEqualTo(played.notes().stream().map(PassageNote::at).toList());
        assertThat(again.notes())
                .extracting(PassageNote::value)
                .isEqualTo(played.notes().stream().map(PassageNote::value).toList());
        assertThat(again.notes())
                .extracting(PassageNote::degree)
                .isEqualTo(played.notes().stream().map(PassageNote::degree).toList());
        assertThat(Landing.of(again.step()).lands())
                .as("it lands where it ends")
                .isTrue();
    }

    @Test
    void it_is_moved_through_keys_like_any_line() {
        Step step = MelodyStep.of(quarters("C4 E4 D4 F#4 G4"), major("C"));
        Passage moved = Passage.of(step.withKey(major("Eb")).inAnyOctave());
        assertThat(moved.notes())
                .extracting(note -> note.concert().name().id())
                .containsExactly("Eb", "G", "F", "A", "Bb");
    }

    @Test
    void what_is_too_long_or_empty_is_refused() {
        List<Melody.Note> far = List.of(new Melody.Note(Pitch.parse("C4"), Fraction.of(64), Fraction.of(1, 4)));
        assertThatThrownBy(() ->
                        new Melody("", Meter.parse("4/4"), Optional.empty(), Optional.empty(), Optional.empty(), far))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("65 bars");
        assertThatThrownBy(() -> new Melody(
                        "", Meter.parse("4/4"), Optional.empty(), Optional.empty(), Optional.empty(), List.of()))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> MelodyStep.of(quarters("C4 D4"), Key.of(NoteName.parse("C"), Forms.of("chromatic"))))
                .isInstanceOf(Refusal.class);
    }
}
