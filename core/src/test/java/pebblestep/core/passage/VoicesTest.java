package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.line.LineNote;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.notation.Glyph;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.Direction;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;

class VoicesTest {
    private static final Player PIANO = Player.of(Instruments.of("piano"));

    private static Step scale(String tonic, String form, int octaves, String value) {
        return Steps.step(tonic, form, Extent.octaves(octaves), Travel.UP_DOWN, Turn.SINGLE, "4/4", value, "0");
    }

    private static Passage with(Step step, Player player, Voice... voices) {
        return Passage.of(step.withVoices(List.of(voices)), player);
    }

    private static List<String> concert(List<PassageNote> notes, int from, int to) {
        return notes.subList(from, to).stream().map(one -> one.concert().id()).toList();
    }

    // ---- check values (common practice, no source)

    @Test
    void a_round_after_one_bar_sounds_in_fifths_in_bar_two() {
        Passage round = with(
                scale("C", "major", 1, "1/4"), null, Voice.at(1, By.COMPANY).withEntry(new Entry.Later(Fraction.ONE)));
        List<PassageNote> second = round.parts().getFirst().notes();
        for (int i = 0; i < 4; i++) {
            PassageNote above = round.notes().get(4 + i);
            PassageNote below = second.get(i);
            assertThat(above.at()).isEqualTo(below.at());
            assertThat(above.concert().midi() - below.concert().midi()).isEqualTo(7);
        }
        assertThat(concert(round.notes(), 4, 8)).containsExactly("G4", "A4", "B4", "C5");
        assertThat(concert(second, 0, 4)).containsExactly("C4", "D4", "E4", "F4");
        assertThat(round.end()).isEqualTo(Fraction.of(19, 4));
    }

    @Test
    void contrary_motion_of_c_major_keeps_the_sum_of_scale_indexes() {
        Passage contrary =
                with(scale("C", "major", 1, "1/4"), PIANO, Voice.at(1, By.LEFT).mirrored());
        assertThat(contrary.first().written()).hasToString("C4");
        List<PassageNote> left = contrary.parts().getFirst().notes();
        for (int i = 0; i < left.size(); i++) {
            assertThat(contrary.notes().get(i).written().diatonic()
                            + left.get(i).written().diatonic())
                    .isEqualTo(2 * contrary.first().written().diatonic());
        }
        assertThat(left.get(7).written()).hasToString("C3");
        assertThat(left.get(1).degree()).hasToString("7");
    }

    @ParameterizedTest
    @CsvSource({"1, C4, C3", "2, C4, C3", "3, C3, C2", "4, C3, C2"})
    void hands_an_octave_apart_lie_around_the_middle_of_the_keyboard(int octaves, String right, String left) {
        Passage together = with(scale("C", "major", octaves, "1/16"), PIANO, Voice.at(-8, By.LEFT));
        assertThat(together.first().written()).hasToString(right);
        assertThat(together.parts().getFirst().notes().getFirst().written()).hasToString(left);
        for (int i = 0; i < together.notes().size(); i++) {
            assertThat(together.notes().get(i).concert().midi()
                            - together.parts()
                                    .getFirst()
                                    .notes()
                                    .get(i)
                                    .concert()
                                    .midi())
                    .isEqualTo(12);
        }
    }

    @Test
    void three_against_two_over_three_octaves_and_two_end_together() {
        Passage passage = with(
                scale("C", "major", 3, "1/12"),
                PIANO,
                Voice.at(-8, By.LEFT).withFigure(Figure.even(Fraction.of(1, 8))).withExtent(Extent.octaves(2)));
        assertThat(passage.notes()).hasSize(43);
        assertThat(passage.parts().getFirst().notes()).hasSize(29);
        assertThat(passage.parts().getFirst().notes().getLast().at())
                .isEqualTo(passage.last().at());
    }

    @Test
    void the_tonic_is_held_beneath_or_repeated() {
        Step step = scale("D", "dorian", 1, "1/8");
        Part held = with(step, null, Voice.at(-8, By.COMPANY).on(1)).parts().getFirst();
        assertThat(held.notes()).singleElement().satisfies(note -> {
            assertThat(note.concert()).hasToString("D3");
            assertThat(note.value()).isEqualTo(Fraction.of(15, 8));
        });
        Part struck = with(step, null, Voice.at(-8, By.COMPANY).on(5).withFigure(Figure.even(Fraction.of(1, 4))))
                .parts()
                .getFirst();
        assertThat(struck.notes())
                .hasSize(8)
                .allMatch(note -> note.concert().id().equals("A3"));
        assertThat(struck.notes().getLast().value()).isEqualTo(Fraction.of(1, 8));
    }

    @Test
    void a_partner_reads_in_their_own_key_and_where_it_fits_them() {
        Step round = scale("C", "major", 1, "1/4")
                .withVoices(List.of(
                        Voice.at(1, By.PARTNER).on(Instruments.of("bassoon")).withEntry(new Entry.Later(Fraction.ONE)),
                        Voice.at(1, By.PARTNER).on(Instruments.of("clarinet"))));
        Passage passage = Passage.of(round, Player.of(Instruments.of("oboe")));
        Part bassoon = passage.parts().get(0);
        assertThat(bassoon.octaves()).isNegative();
        assertThat(bassoon.notes()).allMatch(note -> note.written().equals(note.concert()));
        Part clarinet = passage.parts().get(1);
        assertThat(clarinet.notes().getFirst().written().name()).hasToString("D");
        for (int i = 0; i < clarinet.notes().size(); i++) {
            PassageNote note = clarinet.notes().get(i);
            assertThat(note.written().midi() - note.concert().midi()).isEqualTo(2);
        }
        assertThat(clarinet.who()).isEqualTo("a partner, Clarinet in B♭");
    }

    /** A second player has the same bars, count-in and clock; what they play is the line of their page. */
    @Test
    void a_passage_turned_to_a_partner_is_theirs_and_keeps_the_bars() {
        Step round = scale("C", "major", 1, "1/4")
                .withVoices(List.of(Voice.at(1, By.PARTNER)
                        .on(Instruments.of("clarinet"))
                        .withEntry(new Entry.Later(Fraction.ONE))));
        Player oboe = Player.of(Instruments.of("oboe"));
        Passage passage = Passage.of(round, oboe);
        Passage turned = passage.turnedTo(0, oboe);
        assertThat(turned.notes()).isEqualTo(passage.parts().getFirst().notes());
        assertThat(turned.writtenKey()).hasToString("D major");
        assertThat(turned.parts().getFirst().notes()).isEqualTo(passage.notes());
        assertThat(turned.firstBar()).isEqualTo(passage.firstBar());
        assertThat(turned.end()).isEqualTo(passage.end());
        assertThat(turned.turnedTo(0, null).notes()).isEqualTo(passage.notes());
        assertThatThrownBy(() -> passage.turnedTo(1, null)).isInstanceOf(Refusal.class);
        // The first bar of their page is a rest: both are counted in at the same moment.
        Score page = Score.ofLine(turned, passage.parts().getFirst().player().orElseThrow());
        assertThat(page.measures()).hasSameSizeAs(Score.of(passage, oboe).measures());
        assertThat(page.measures().getFirst().glyphs()).singleElement().matches(Glyph::isRest);
    }

    @Test
    void a_partner_whom_it_fits_in_no_octave_is_refused_at_their_voice() {
        Voice partner = new Voice(
                1,
                false,
                Entry.TOGETHER,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                By.PARTNER,
                Optional.of(Instruments.of("bassoon")),
                Optional.of(PitchRange.parse("C3-A3")));
        assertThatThrownBy(() -> with(scale("C", "major", 1, "1/4"), null, partner))
                .isInstanceOfSatisfying(
                        Refusal.class, e -> assertThat(e.pointer()).isEqualTo("/voices/0/range"))
                .hasMessageContaining("C3 to A3");
    }

    @Test
    void each_voice_says_where_it_lands() {
        Step step = scale("C", "major", 1, "1/4")
                .withVoices(List.of(Voice.at(1, By.COMPANY).withEntry(new Entry.Later(Fraction.of(1, 4)))));
        Passage passage = Passage.of(step);
        Landing line = Landing.of(step);
        Landing round = Landing.of(passage.parts().getFirst(), step);
        assertThat(line.off()).isEqualTo(Fraction.of(1, 2));
        assertThat(round.off()).isEqualTo(Fraction.of(-1, 4));
        assertThat(round.at()).isEqualTo(Fraction.of(15, 4));
    }

    @Test
    void a_step_is_said_with_who_plays_with_it() {
        Step step = scale("C", "major", 1, "1/4");
        assertThat(StepWords.withoutKey(
                        step.withVoices(List.of(Voice.at(1, By.LEFT).mirrored())), Speech.USUAL))
                .endsWith(", quarters from 1, hands together in contrary motion");
        Voice round = Voice.at(1, By.PARTNER).withEntry(new Entry.Later(Fraction.ONE));
        assertThat(StepWords.withoutKey(step.withVoices(List.of(round)), Speech.USUAL))
                .endsWith(", quarters from 1, with a partner the same notes a bar later");
    }

    // ---- what can be played

    @ParameterizedTest
    @CsvSource({
        "violin, B3, G♯3 and B3 both lie on the G string., From B4 it fits.",
        "oboe, C5, It plays one note at a time., ",
        "cello, C2, 'One octave from C with the other voice needs A1 to C3 as written; the Cello has C2 to C6.', From C3 it fits."
    })
    void double_notes_must_be_playable(String instrument, String from, String reason, String fits) {
        Player player = Player.of(Instruments.of(instrument));
        Step low = Steps.withRegister(scale(from.substring(0, 1), "major", 1, "1/4"), from);
        assertThatThrownBy(() -> with(low, player, Voice.at(-3, By.SAME_HAND)))
                .isInstanceOfSatisfying(Refusal.class, e -> {
                    assertThat(e).hasMessage(reason);
                    assertThat(e.pointer()).isEqualTo("/voices");
                    assertThat(e.fits()).isEqualTo(Optional.ofNullable(fits));
                });
    }

    @Test
    void one_hand_reaches_a_tenth_and_no_more() {
        Step step = scale("C", "major", 1, "1/4");
        assertThat(with(step, PIANO, Voice.at(-10, By.SAME_HAND)).parts()).hasSize(1);
        assertThatThrownBy(() -> with(step, PIANO, Voice.at(-11, By.SAME_HAND)))
                .isInstanceOfSatisfying(Refusal.class, e -> {
                    assertThat(e).hasMessageEndingWith("are too far apart for one hand.");
                    assertThat(e.fits()).contains("A sixth below fits.");
                });
    }

    /** Common practice, no source: thirds on the violin begin where the lower note is on one string and the upper on the next. */
    @Test
    void violin_thirds_lie_where_two_strings_can_play_them() {
        Player violin = Player.of(Instruments.of("violin"));
        Passage thirds = with(scale("C", "major", 1, "1/4"), violin, Voice.at(-3, By.SAME_HAND));
        assertThat(thirds.first().written()).hasToString("C5");
        Passage sixths = with(scale("C", "major", 1, "1/4"), violin, Voice.at(-6, By.SAME_HAND));
        assertThat(sixths.first().written()).hasToString("C5");
    }

    @Test
    void hands_are_for_instruments_that_have_two() {
        assertThatThrownBy(() ->
                        with(scale("C", "major", 1, "1/4"), Player.of(Instruments.of("oboe")), Voice.at(-8, By.LEFT)))
                .isInstanceOf(Refusal.class)
                .hasMessage("The Oboe has no line for each hand.");
    }

    @Test
    void the_left_hand_of_a_beginner_goes_an_octave_lower() {
        Player beginner = Player.of(Instruments.of("piano"), Level.FIRST_OCTAVE);
        Passage passage = with(scale("C", "major", 1, "1/4"), beginner, Voice.at(-8, By.LEFT));
        assertThat(passage.parts().getFirst().notes().getFirst().written()).hasToString("C3");
    }

    // ---- laws

    Draw<Step> steps() {
        return Voiced.withVoices();
    }

    Draw<Step> plain() {
        return Steps.any();
    }

    @Samples(500)
    void every_voice_keeps_the_meter_and_the_line_stays_what_it_was(@From("steps") Step step) {
        Optional<Passage> made = Voiced.tryPassage(step);
        assumeThat(made).isPresent();
        Passage passage = made.get();
        Passage alone = Passage.of(step.alone().in(lowestOfLine(passage)));
        assertThat(passage.notes()).isEqualTo(alone.notes());
        for (Part part : passage.parts()) {
            for (int i = 1; i < part.notes().size(); i++) {
                PassageNote before = part.notes().get(i - 1);
                assertThat(before.at().plus(before.value()))
                        .isLessThanOrEqualTo(part.notes().get(i).at());
            }
            if (part.voice().hasOwnTime()) continue;
            Fraction later = part.notes().getFirst().at().minus(passage.first().at());
            assertThat(IntStream.range(0, part.notes().size()))
                    .allMatch(i -> part.notes()
                                    .get(i)
                                    .at()
                                    .minus(later)
                                    .equals(passage.notes().get(i).at())
                            && part.notes()
                                    .get(i)
                                    .value()
                                    .equals(passage.notes().get(i).value()));
        }
    }

    private static Pitch lowestOfLine(Passage passage) {
        return passage.notes().stream()
                .map(PassageNote::written)
                .min(Pitch::compareTo)
                .orElseThrow();
    }

    @Samples(300)
    void contrary_motion_is_its_own_mirror(@From("plain") Step step) {
        List<LineNote> line = step.line().notes(step.key().form());
        List<LineNote> once = VoiceNotes.of(Voice.at(1, By.COMPANY).mirrored(), step, line);
        assertThat(VoiceNotes.of(Voice.at(1, By.COMPANY).mirrored(), step, once))
                .isEqualTo(line);
    }

    @Samples(300)
    void every_note_of_a_parallel_voice_belongs_to_the_form(@From("plain") Step step) {
        for (int interval : new int[] {-3, 6, 10}) {
            Optional<Passage> passage = Voiced.tryPassage(step.withVoices(List.of(Voice.at(interval, By.COMPANY))));
            assumeThat(passage).isPresent();
            for (PassageNote note : passage.get().parts().getFirst().notes()) {
                List<Integer> form = passage.get().concertKey().notes(note.direction()).stream()
                        .map(NoteName::pitchClass)
                        .toList();
                assertThat(form).contains(note.concert().name().pitchClass());
            }
        }
    }

    @Samples(300)
    void octaves_are_exact(@From("plain") Step step) {
        Optional<Passage> passage =
                Voiced.tryPassage(step.withVoices(List.of(Voice.at(-8, By.COMPANY), Voice.at(15, By.COMPANY))));
        assumeThat(passage).isPresent();
        for (PassageNote note : passage.get().notes()) {
            int i = note.index();
            assertThat(note.concert().midi()
                            - passage.get()
                                    .parts()
                                    .get(0)
                                    .notes()
                                    .get(i)
                                    .concert()
                                    .midi())
                    .isEqualTo(12);
            assertThat(passage.get().parts().get(1).notes().get(i).concert().midi()
                            - note.concert().midi())
                    .isEqualTo(24);
        }
    }

    @Test
    void directions_of_a_mirrored_melodic_minor_turn_round() {
        Passage passage = with(
                scale("A", "melodic-minor", 1, "1/4"),
                PIANO,
                Voice.at(1, By.LEFT).mirrored());
        List<PassageNote> left = passage.parts().getFirst().notes();
        assertThat(left.get(1).direction()).isEqualTo(Direction.DOWN);
        assertThat(left.get(1).written().name()).hasToString("G");
        assertThat(left.get(13).written().name()).hasToString("G♯");
    }
}
