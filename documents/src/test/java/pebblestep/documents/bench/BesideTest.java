package pebblestep.documents.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Walk;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.WalkFields;

/** What the bench offers beside a line: voices and walks. */
class BesideTest {
    private static StepDocument document(Step step) {
        return StepDocuments.write(step);
    }

    private static WithAsked.WithAnswer with(String instrument) {
        PlayerDocument player = PlayerDocument.of(Player.of(Instruments.of(instrument)));
        return new WithAsked(document(Steps.PLAIN), player).answer();
    }

    @Test
    void hands_are_offered_to_those_who_have_two_and_double_notes_to_those_who_can() {
        assertThat(with("piano").offers())
                .extracting(WithAsked.OfferPart::name)
                .contains("Hands together, an octave apart", "Contrary motion", "Thirds below");
        assertThat(with("violin").offers())
                .extracting(WithAsked.OfferPart::name)
                .contains("Thirds below")
                .doesNotContain("Contrary motion");
        assertThat(with("oboe").offers())
                .extracting(WithAsked.OfferPart::name)
                .contains("A round after a bar, with a partner")
                .doesNotContain("Contrary motion", "Thirds below");
    }

    @ParameterizedTest
    @ValueSource(strings = {"piano", "violin", "oboe", "trumpet", "marimba", "cello"})
    void every_offer_that_is_not_refused_can_be_added(String instrument) {
        for (WithAsked.OfferPart offer : with(instrument).offers()) {
            if (offer.refused() != null) continue;
            StepDocument added = document(Steps.PLAIN).withVoices(List.of(offer.voice()));
            assertThat(Passage.of(StepDocuments.read(added), Player.of(Instruments.of(instrument)))
                            .parts())
                    .as(offer.name())
                    .hasSize(1);
        }
    }

    @Test
    void what_cannot_be_added_says_why() {
        Step low = Steps.withRegister(Steps.PLAIN, "Db2");
        PlayerDocument cello = PlayerDocument.of(Player.of(Instruments.of("cello")));
        assertThat(new WithAsked(document(low), cello).answer().offers())
                .filteredOn(offer -> offer.name().equals("Thirds below"))
                .singleElement()
                .satisfies(offer -> assertThat(offer.refused()).contains("need B♭1 to D♭4"));
    }

    @Test
    void entries_are_counted_in_the_meter() {
        Step inSix = Steps.step("C", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "6/8", "1/8", "0");
        assertThat(new WithAsked(document(inSix), null).answer().entries())
                .extracting(WithAsked.EntryPart::words)
                .startsWith("together", "a bar later", "two bars later")
                .contains("a beat later", "1 note later");
    }

    @Test
    void every_walk_that_is_offered_can_be_taken() {
        WalkOptionsQuery.WalkOptions answer = new WalkOptionsQuery(document(Steps.PLAIN), null).answer();
        assertThat(answer.said()).isNull();
        assertThat(answer.ways()).hasSizeGreaterThan(8);
        for (WalkOptionsQuery.WayPart way : answer.ways()) {
            Step taken = StepDocuments.read(document(Steps.PLAIN).withWalk(way.walk()));
            assertThat(taken.walk()).as(way.name()).isPresent();
        }
        assertThat(answer.orders())
                .extracting(WalkOptionsQuery.OrderPart::order)
                .contains("whole-steps-up", "fourths");
    }

    @Test
    void a_progression_is_read_while_it_is_typed() {
        StepDocument step = document(Steps.PLAIN);
        WalkOptionsQuery.WalkOptions read = new WalkOptionsQuery(step, "ii V9 I:2").answer();
        assertThat(read.refused()).isNull();
        assertThat(read.read()).isNotNull();
        assertThat(read.read().chords()).containsExactly("E♭m7, E♭ dorian", "A♭9, A♭ mixolydian", "D♭maj7, D♭ major");
        WalkOptionsQuery.WalkOptions wrong = new WalkOptionsQuery(step, "ii Vx").answer();
        assertThat(wrong.read()).isNull();
        assertThat(wrong.refused().position()).isEqualTo(5);
    }

    @Test
    void another_meter_keeps_bars_and_beats_between_voices() {
        Step step = Steps.PLAIN.withVoices(List.of(
                Voice.at(1, By.COMPANY).withEntry(new Entry.Later(Fraction.ONE)),
                Voice.at(1, By.COMPANY).withEntry(new Entry.Later(Fraction.of(1, 2))),
                Voice.at(1, By.COMPANY).withEntry(new Entry.Later(Fraction.of(1, 16)))));
        StepEdit edit =
                new StepEdit(null, "6/8", null, null, null, null, null, null, null, null, null, null, null, null, null);
        Step edited =
                StepDocuments.read(new EditAsked(document(step), edit).answer().step());
        assertThat(edited.voices())
                .extracting(voice -> voice.entry())
                .containsExactly(
                        new Entry.Later(Fraction.of(3, 4)),
                        new Entry.Later(Fraction.of(3, 4)),
                        new Entry.Later(Fraction.of(1, 16)));
    }

    @Test
    void a_walk_is_said() {
        Step step = Steps.PLAIN.withWalk(Walk.through(Keys.of(KeyOrder.WHOLE_STEP_UP, 6)));
        assertThat(new WalkOptionsQuery(document(step), null).answer().said())
                .isEqualTo("up by whole steps through six keys, at the next bar");
    }

    private static List<WalkOptionsQuery.EndingPart> endings(Walk walk) {
        return new WalkOptionsQuery(document(Steps.PLAIN.withWalk(walk)), null)
                .answer()
                .endings();
    }

    @Test
    void a_whole_cycle_comes_home_without_saying_so_and_so_many_keys_do_not() {
        assertThat(endings(Walk.through(Keys.cycle(KeyOrder.FOURTHS))))
                .containsExactly(
                        new WalkOptionsQuery.EndingPart("home to the first key", null, null, true),
                        new WalkOptionsQuery.EndingPart("it ends there", null, false, false),
                        new WalkOptionsQuery.EndingPart("back the same way", true, null, false));
        assertThat(endings(Walk.through(Keys.of(KeyOrder.FOURTHS, 3))))
                .extracting(WalkOptionsQuery.EndingPart::home, WalkOptionsQuery.EndingPart::chosen)
                .containsExactly(tuple(true, false), tuple(null, true), tuple(null, false));
    }

    @Test
    void each_ending_is_the_one_that_is_chosen_once_the_walk_has_it() {
        for (Walk walk :
                List.of(Walk.through(Keys.cycle(KeyOrder.FIFTHS)), Walk.through(Keys.of(KeyOrder.FIFTHS, 4)))) {
            StepDocument.WalkPart part = WalkFields.write(walk);
            for (WalkOptionsQuery.EndingPart ending : endings(walk)) {
                StepDocument.WalkPart ended = new StepDocument.WalkPart(
                        part.order(),
                        part.own(),
                        part.keys(),
                        ending.thereAndBack(),
                        ending.home(),
                        part.progression(),
                        part.join(),
                        part.bars(),
                        part.once(),
                        part.signatures());
                StepDocument step = document(Steps.PLAIN).withWalk(ended);
                assertThat(new WalkOptionsQuery(step, null).answer().endings())
                        .filteredOn(WalkOptionsQuery.EndingPart::chosen)
                        .extracting(WalkOptionsQuery.EndingPart::words)
                        .containsExactly(ending.words());
            }
        }
    }

    @Test
    void a_partner_reads_an_instrument_that_only_the_studio_has() {
        PlayerDocument.InstrumentPart horn = new PlayerDocument.InstrumentPart(
                "own-3", "Tide horn", "brass", "F3", List.of(Clef.TREBLE), "C4-G4", "F3-C6", "F3-D6", null);
        Voice partner = Voice.at(1, By.PARTNER).on(horn.read());
        StepDocument step = document(Steps.PLAIN.withVoices(List.of(partner)));
        assertThat(step.voices().getFirst().ownInstrument()).isEqualTo(horn);
        Passage passage = Passage.of(StepDocuments.read(step));
        PassageNote note = passage.parts().getFirst().notes().getFirst();
        assertThat(note.written().midi() - note.concert().midi())
                .as("a written C4 sounds as F3")
                .isEqualTo(7);
        StepDocument.VoicePart both =
                new StepDocument.VoicePart(1, null, null, null, null, null, null, null, By.PARTNER, "oboe", horn, null);
        assertThatThrownBy(() -> StepDocuments.read(step.withVoices(List.of(both))))
                .isInstanceOfSatisfying(
                        Refusal.class, e -> assertThat(e.pointer()).isEqualTo("/voices/0/instrument"));
    }
}
