package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.samples.Samples.Ints;
import pebblestep.core.scale.Key;

class PassageTest {

    Draw<Step> steps() {
        return Steps.any();
    }

    /** The example of the published step document. */
    @Test
    void two_octaves_in_sixteenths_on_the_english_horn() {
        Passage passage = Passage.of(Steps.PLAIN, Player.of(Instruments.of("english-horn")));
        PassageNote first = passage.first();
        assertThat(first.written()).hasToString("A♭4");
        assertThat(first.concert()).hasToString("D♭4");
        assertThat(first.concert().midi()).isEqualTo(61);
        assertThat(first.degree()).hasToString("1");
        assertThat(passage.notes()).hasSize(29);
        assertThat(passage.bars()).isEqualTo(2);
        assertThat(passage.durationMillis()).isCloseTo(6041.667, within(0.0005));
        assertThat(passage.notesPerSecond()).isCloseTo(4.8, within(1e-9));
        assertThat(passage.slips())
                .extracting(s -> s.play() + " not " + s.not())
                .containsExactly("D♭ not D", "G not G♭");
    }

    @Samples
    void onsets_strictly_increase_and_values_follow_on(@From("steps") Step step) {
        Passage passage = Passage.of(step);
        for (int i = 1; i < passage.notes().size(); i++) {
            PassageNote before = passage.notes().get(i - 1);
            assertThat(passage.notes().get(i).at())
                    .isGreaterThan(before.at())
                    .isGreaterThanOrEqualTo(before.at().plus(before.value()));
        }
        assertThat(passage.first().at()).isEqualTo(step.place());
    }

    @Samples
    void total_time_is_independent_of_spelling(@From("steps") Step step) {
        Step respelled = step.withKey(Key.of(NoteName.parse("A"), step.key().form()));
        assertThat(Passage.of(respelled).durationMillis())
                .isEqualTo(Passage.of(step).durationMillis());
    }

    @Samples
    void every_pitch_belongs_to_its_form_and_every_note_sounds_a_fixed_interval_away(@From("steps") Step step) {
        Instrument horn = Instruments.of("horn");
        Passage passage;
        try {
            passage = Passage.of(step, Player.of(horn));
        } catch (Refusal e) {
            assertThat(e.field()).matches("line\\..*|rhythm\\.legs");
            return;
        }
        assertThat(passage.notes()).allSatisfy(note -> {
            assertThat(passage.writtenKey().notes(note.direction()))
                    .contains(note.written().name());
            assertThat(note.concert().midi() - note.written().midi())
                    .isEqualTo(horn.toConcert().semitones());
            assertThat(horn.full().contains(note.written())).isTrue();
        });
    }

    /** Transpositions as orchestration handbooks give them (from memory). */
    @ParameterizedTest
    @CsvSource({
        "oboe,B♭,B♭",
        "english-horn,B♭,F",
        "clarinet,B♭,C",
        "alto-saxophone,B♭,G",
        "trumpet,B♭,C",
        "horn,B♭,F",
        "cello,B♭,B♭",
        "clarinet,B,D♭",
        "alto-saxophone,C♭,A♭"
    })
    void a_concert_key_is_written_for_the_instrument(String instrument, String concert, String written) {
        Step step = Steps.step(concert, "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/4", "0");
        assertThat(Passage.of(step, Player.of(Instruments.of(instrument)))
                        .writtenKey()
                        .tonic())
                .hasToString(written);
    }

    @Test
    void a_written_key_stays_and_sounds_elsewhere() {
        Step concert = Steps.step("C", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/4", "0");
        Step written = Steps.written(concert);
        Passage passage = Passage.of(written, Player.of(Instruments.of("clarinet")));
        assertThat(passage.first().written()).hasToString("C4");
        assertThat(passage.first().concert()).hasToString("B♭3");
    }

    /** The lowest tonic from which the whole line fits; without an instrument the lowest note stands in octave 4. */
    @ParameterizedTest
    @CsvSource({"bassoon,A♭,2,A♭2", "bassoon,B♭,2,B♭1", "cello,D,3,D2", "oboe,C,2,C4", "violin,G,3,G3", "flute,B,1,B4"})
    void the_register_is_the_lowest_that_fits(String instrument, String tonic, int octaves, String lowest) {
        Step step = Steps.step(tonic, "major", Extent.octaves(octaves), Travel.DOWN, Turn.SINGLE, "4/4", "1/8", "0");
        assertThat(Passage.of(step, Player.of(Instruments.of(instrument)))
                        .last()
                        .written())
                .hasToString(lowest);
    }

    @Test
    void without_an_instrument_the_lowest_note_stands_in_octave_4() {
        Step down = Steps.step("B", "major", Extent.octaves(1), Travel.DOWN, Turn.SINGLE, "4/4", "1/8", "0");
        assertThat(Passage.of(down).last().written()).hasToString("B4");
    }

    @Test
    void a_register_is_kept_or_refused_with_the_note_to_use() {
        assertThat(Passage.of(Steps.withRegister(Steps.PLAIN, "D♭3")).first().written())
                .hasToString("D♭3");
        assertThatThrownBy(() -> Passage.of(Steps.withRegister(Steps.PLAIN, "D3")))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal.field()).isEqualTo("line.register");
                    assertThat(refusal.fits()).contains("Use D♭3.");
                });
    }

    @Test
    void a_line_that_does_not_fit_is_refused_with_what_would() {
        Step three = Steps.step("D♭", "major", Extent.octaves(3), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        assertThatThrownBy(() -> Passage.of(three, Player.of(Instruments.of("oboe"))))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal.field()).isEqualTo("line.octaves");
                    assertThat(refusal)
                            .hasMessage("Three octaves from D♭ need D♭4 to D♭7 as written; the Oboe has B♭3 to A6.");
                    assertThat(refusal.fits()).contains("Two octaves fit.");
                });
    }

    @Test
    void a_students_own_range_is_named_as_theirs() {
        Player student = Player.of(Instruments.of("oboe")).within(PitchRange.parse("D4-G5"));
        Step two = Steps.step("A♭", "major", Extent.octaves(2), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        assertThatThrownBy(() -> Passage.of(two, student)).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal)
                    .hasMessage("Two octaves from A♭ need A♭4 to A♭6 as written; the player's range is D4 to G5.");
            assertThat(refusal.fits()).isEmpty();
        });
        Player wider = student.within(PitchRange.parse("D4-A♭5"));
        assertThatThrownBy(() -> Passage.of(two, wider))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.fits()).contains("One octave fits."));
        Step one = Steps.step("A♭", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        assertThat(Passage.of(one, wider).last().written()).hasToString("A♭5");
    }

    @Samples
    void transposing_changes_no_position(@From("steps") Step step, @Ints(min = 1, max = 11) int semitones) {
        Key other = step.key().transposed(Interval.of(semitones * 7 / 12, semitones));
        Passage moved = Passage.of(step.withKey(other));
        Passage here = Passage.of(step);
        assertThat(moved.notes().stream().map(PassageNote::at).toList())
                .isEqualTo(here.notes().stream().map(PassageNote::at).toList());
        assertThat(moved.notes().stream().map(PassageNote::value).toList())
                .isEqualTo(here.notes().stream().map(PassageNote::value).toList());
        if (step.key().form().isChromatic()) return;
        assertThat(moved.notes().stream().map(PassageNote::degree).toList())
                .isEqualTo(here.notes().stream().map(PassageNote::degree).toList());
    }

    /** A class in concert Bb, as orchestration handbooks have it (from memory). */
    @ParameterizedTest
    @CsvSource({
        "oboe,B♭",
        "clarinet,C",
        "clarinet-in-a,D♭",
        "clarinet-in-e-flat,G",
        "bass-clarinet,C",
        "alto-saxophone,G",
        "tenor-saxophone,C",
        "baritone-saxophone,G",
        "horn,F",
        "english-horn,F",
        "trumpet,C",
        "oboe-d-amore,D♭",
        "alto-flute,E♭",
        "double-bass,B♭",
        "piccolo,B♭"
    })
    void a_mixed_class_shares_a_concert_key(String instrument, String written) {
        Step step = Steps.step("B♭", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/4", "0");
        Passage passage = Passage.of(step, Player.of(Instruments.of(instrument)));
        assertThat(passage.writtenKey().tonic()).hasToString(written);
        assertThat(passage.concertKey().tonic()).hasToString("B♭");
    }

    @Test
    void awkward_spots_are_those_of_the_key_and_of_the_instrument() {
        Step minor = Steps.step("A", "harmonic-minor", Extent.octaves(2), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        assertThat(Passage.of(minor).awkward(null))
                .extracting(spot -> spot.lower() + " " + spot.upper() + ": " + spot.why())
                .containsExactly("F5 G♯5: an augmented second apart");
        Player clarinet = Player.of(Instruments.of("clarinet"));
        Step bb = Steps.step("B♭", "major", Extent.octaves(2), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        assertThat(Passage.of(bb, clarinet).awkward(clarinet))
                .extracting(AwkwardSpot::why)
                .anyMatch(why -> why.contains("across the break"));
    }

    @Test
    void a_place_a_bar_away_is_refused() {
        assertThatThrownBy(() -> Steps.PLAIN.withPlace(Fraction.ONE))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("rhythm.place"));
        assertThat(Steps.PLAIN.withPlace(Fraction.of(-15, 16)).place()).isEqualTo(Fraction.of(-15, 16));
    }

    @Test
    void the_melodic_minor_turns_on_its_way_up() {
        Step step = Steps.step("A", "melodic-minor", Extent.span(7), Travel.UP_DOWN, Turn.DOUBLE, "4/4", "1/8", "0");
        assertThat(Passage.of(step).notes().stream().map(n -> n.written().name().toString() + n.degree()))
                .containsExactly(
                        "A1", "B2", "C♭3", "D4", "E5", "F♯6", "G♯7", "G♯7", "F♭6", "E5", "D4", "C♭3", "B2", "A1");
    }

    @Test
    void a_passage_can_be_asked_at_another_tempo() {
        Passage faster = Passage.of(Steps.PLAIN.withTempo(Tempo.quarters(144)));
        assertThat(faster.notesPerSecond()).isCloseTo(9.6, within(1e-9));
        assertThat(faster.durationMillis()).isCloseTo(Passage.of(Steps.PLAIN).durationMillis() / 2, within(1e-9));
    }

    /** A teacher's register goes along to another key: the line begins within a tritone of where it was. */
    @ParameterizedTest
    @CsvSource({"C, C5, D, D5", "C, C5, B, B4", "C, C5, F, F5", "D, D4, C, C4", "Ab, Ab3, F, F3", "G, G5, Db, Db5"})
    void a_register_goes_along_to_another_key(String tonic, String register, String other, String there) {
        Step plain = Steps.step(tonic, "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        Step asked = new Step(
                "",
                plain.key(),
                Step.Named.WRITTEN,
                plain.line(),
                java.util.Optional.of(pebblestep.core.pitch.Pitch.parse(register)),
                plain.rhythm(),
                plain.target(),
                plain.tempo(),
                plain.articulation(),
                plain.metronome());
        Step moved =
                asked.inWrittenKey(Key.of(NoteName.parse(other), plain.key().form()));
        assertThat(Passage.of(moved).notes().getFirst().written().id()).isEqualTo(there);
    }
}
