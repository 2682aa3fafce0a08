package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.FingeringChoices;
import pebblestep.core.fingering.Pin;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.fingering.search.Fingering.Stop;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

class LineHandTest {
    private static Fingering fingering(Step step, String instrument) {
        Player player = Player.of(Instruments.of(instrument));
        return Passage.of(step, player).fingering(player).orElseThrow();
    }

    private static Step octave(String tonic) {
        return Steps.step(tonic, "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
    }

    /** Concert B flat is a trumpet's written C (common practice, no source). */
    @Test
    void a_line_is_fingered_as_it_is_read() {
        assertThat(fingering(octave("Bb"), "trumpet").stops())
                .extracting(stop -> stop.way().text())
                .containsExactly("0", "1-3", "1-2", "1", "0", "1-2", "2", "0");
    }

    @Test
    void a_quicker_tempo_is_a_greater_effort() {
        Step step = octave("Bb");
        double slow = fingering(step.withTempo(Tempo.quarters(60)), "trombone").effort();
        assertThat(fingering(step.withTempo(Tempo.quarters(120)), "trombone").effort())
                .isGreaterThan(slow);
    }

    @Test
    void whoever_has_no_hand_here_has_no_fingering() {
        assertThat(Passage.of(Steps.PLAIN).fingering(null)).isEmpty();
        Player voice = Player.of(Instruments.of("soprano-voice"));
        assertThat(Passage.of(octave("D"), voice).fingering(voice)).isEmpty();
    }

    private record Case(Step step, Player player) {}

    /** Steps that fit whoever plays them. */
    Draw<Case> cases() {
        List<Instrument> carried = Instruments.all().stream()
                .filter(one -> pebblestep.core.fingering.instruments.InstrumentHands.of(one)
                        .isPresent())
                .toList();
        return random -> {
            for (; ; ) {
                Step step = Voiced.any().from(random);
                Player player = Player.of(Draw.of(carried).from(random), Level.COMFORTABLE)
                        .withHand(FingeringChoices.hand().from(random));
                try {
                    Passage.of(step, player);
                    return new Case(step, player);
                } catch (Refusal e) {
                    // It does not fit them.
                }
            }
        };
    }

    /** Whatever fits a settled player has a fingering, note for note, and the fingering changes nothing of what sounds. */
    @Samples(300)
    void every_passage_of_a_carried_instrument_has_one(@From("cases") Case given) {
        Passage passage = Passage.of(given.step, given.player);
        Fingering fingering = passage.fingering(given.player).orElseThrow();
        assertThat(fingering.stops()).hasSameSizeAs(passage.notes());
        for (int i = 0; i < passage.notes().size(); i++) {
            Stop stop = fingering.stops().get(i);
            assertThat(stop.onset().written()).isEqualTo(passage.notes().get(i).written());
        }
    }

    private static LineHand hand(Step step, Player player) {
        return Passage.of(step, player).hand(player).orElseThrow();
    }

    private static final Player TRUMPET = Player.of(Instruments.of("trumpet"));

    /** Written C to C in eighths; E stands third, and A fifth but one. */
    private static final Step OCTAVE = octave("Bb");

    @Test
    void a_pinned_note_stays_and_the_rest_is_worked_out_around_it() {
        LineHand free = hand(OCTAVE, TRUMPET);
        String spare = free.choices(2).getLast().way().id();
        Step step = OCTAVE.withHand(asking(Pin.at(2, Pitch.parse("E4"), spare)));
        assertThat(hand(step, TRUMPET).fingering().stops().get(2).way().id()).isEqualTo(spare);
        assertThat(hand(step, TRUMPET).fingering().stops().get(2).pinned()).isTrue();
        assertThat(hand(step, TRUMPET).resting()).isEmpty();
        assertThat(hand(step, TRUMPET).fingering().cost())
                .isGreaterThanOrEqualTo(free.fingering().cost());
    }

    /** A pin belongs to a note; where the line has another one there by now, or the instrument no such way, it rests and says why. */
    @Test
    void a_pin_that_fits_no_more_rests_and_says_so() {
        Step elsewhere = OCTAVE.withHand(asking(Pin.at(2, Pitch.parse("F4"), "p4-1")));
        assertThat(hand(elsewhere, TRUMPET).resting())
                .extracting(LineHand.Resting::sentence)
                .containsExactly("The fingering fixed for F4 rests: the line does not have that note there now.");
        Step other = OCTAVE.withHand(asking(Pin.at(2, Pitch.parse("E4"), "s1f0-0")));
        assertThat(hand(other, TRUMPET).resting())
                .extracting(LineHand.Resting::sentence)
                .containsExactly("The fingering fixed for E4 is none of this instrument.");
        assertThat(hand(other, TRUMPET).fingering())
                .isEqualTo(hand(OCTAVE, TRUMPET).fingering());
    }

    @Test
    void always_so_in_a_key_holds_in_that_key_alone() {
        Step two = Steps.step("Bb", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/8", "0");
        Key read = Key.of(NoteName.parse("C"), Forms.of("major"));
        String spare = hand(two, TRUMPET).choices(2).getLast().way().id();
        Step always = two.withHand(asking(Pin.always(Pitch.parse("E4"), read, spare)));
        assertThat(hand(always, TRUMPET).fingering().stops())
                .filteredOn(stop -> stop.onset().written().equals(Pitch.parse("E4")))
                .hasSize(2)
                .allMatch(Stop::pinned);
        // In written A major the same E is free again.
        assertThat(hand(always.withKey(Key.of(NoteName.parse("G"), Forms.of("major"))), TRUMPET)
                        .fingering()
                        .stops())
                .noneMatch(Stop::pinned);
    }

    @Test
    void one_pin_takes_the_place_of_another_of_its_note() {
        LineHand hand = hand(OCTAVE.withHand(asking(Pin.at(2, Pitch.parse("E4"), "p5-12"))), TRUMPET);
        FingeringChoice fixed = hand.fixed(Pin.at(2, Pitch.parse("E4"), "p6-123"));
        assertThat(fixed.pins()).extracting(Pin::way).containsExactly("p6-123");
        assertThat(hand.loosened(2).pins()).isEmpty();
        assertThat(hand.loosened(3).pins()).hasSize(1);
    }

    /** What is chosen comes first and costs nothing more; every other way is at least as dear, and none looks like another. */
    @Samples(60)
    void the_ways_of_a_note_are_told_by_what_the_line_costs(@From("cases") Case given) {
        LineHand hand = hand(given.step.withHand(FingeringChoice.NONE), given.player);
        List<LineHand.Choice> choices = hand.choices(0);
        assertThat(choices.getFirst().chosen()).isTrue();
        assertThat(choices)
                .extracting(LineHand.Choice::more)
                .allMatch(more -> more >= 0)
                .isSorted();
        assertThat(choices).extracting(choice -> choice.way().shape().look()).doesNotHaveDuplicates();
    }

    @Test
    void schools_stand_side_by_side() {
        Player guitar = Player.of(Instruments.of("classical-guitar"));
        Step step = octave("C");
        LineHand usual = hand(step, guitar);
        assertThat(usual.schools()).hasSize(5);
        assertThat(usual.schools())
                .filteredOn(LineHand.InSchool::asked)
                .singleElement()
                .satisfies(school -> assertThat(school.school().words()).isEqualTo("one finger a fret"));
        Step threes = step.withHand(new FingeringChoice(Optional.of("three-a-string"), Optional.empty(), List.of()));
        assertThat(hand(threes, guitar).fingering()).isNotEqualTo(usual.fingering());
        assertThat(hand(threes, guitar).misfit()).isEmpty();
        // At the first fret two whole steps are wider than a hand: what is asked rests, and it is said.
        assertThat(hand(threes.withKey(Key.of(NoteName.parse("F"), Forms.of("major"))), guitar)
                        .misfit())
                .hasValueSatisfying(why -> assertThat(why).contains("115 mm"));
        // The same step on a trumpet takes no notice of it.
        assertThat(hand(threes, TRUMPET).fingering())
                .isEqualTo(hand(step, TRUMPET).fingering());
    }

    @Test
    void a_note_that_the_line_does_not_have_is_refused() {
        assertThatThrownBy(() -> hand(OCTAVE, TRUMPET).choices(99))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("notes 0 to 7");
    }

    private static FingeringChoice asking(Pin pin) {
        return new FingeringChoice(Optional.empty(), Optional.empty(), List.of(pin));
    }

    /** What a player has decides: the third valve's notes on four valves, a trigger, a position, a capo. */
    @Test
    void a_players_hand_decides() {
        Player euphonium = Player.of(Instruments.of("euphonium"));
        Step step = octave("Bb");
        assertThat(texts(step, euphonium)).contains("4");
        assertThat(texts(step, euphonium.withHand(FingeringChoices.valves(3)))).doesNotContain("4");
        Player violin = Player.of(Instruments.of("violin"));
        Step high = Steps.step("D", "major", Extent.octaves(2), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        Fingering first =
                hand(high, violin.withHand(FingeringChoices.highest("I"))).fingering();
        assertThat(first.stops().getLast().way().costs()).extracting(Cost::why).contains("beyond position I");
    }

    private static List<String> texts(Step step, Player player) {
        return hand(step, player).fingering().stops().stream()
                .map(stop -> stop.way().text())
                .toList();
    }
}
