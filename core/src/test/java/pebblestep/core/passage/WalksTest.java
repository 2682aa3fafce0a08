package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import pebblestep.core.Refusal;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.landing.FixKind;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.passage.landing.LandingFix;
import pebblestep.core.passage.landing.WalkLanding;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Voice;
import pebblestep.core.walk.Join;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Progressions;
import pebblestep.core.walk.Signatures;
import pebblestep.core.walk.Walk;

class WalksTest {
    private static final Speech SPEECH = new Speech(CountSchool.NUMBERS, ValueNames.AMERICAN);

    private static Step octave(String value, Walk walk) {
        return Steps.step("C", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", value, "0")
                .withWalk(walk);
    }

    private static Walk whole(Join join) {
        return Walk.through(Keys.of(KeyOrder.WHOLE_STEP_UP, 6)).withJoin(join);
    }

    private static Walk with(Walk walk, Integer bars, boolean once) {
        return new Walk(
                walk.keys(), walk.progression(), walk.join(), Optional.ofNullable(bars), once, Signatures.CHANGE);
    }

    @ParameterizedTest
    @CsvSource({"NEXT_BAR, 0 2 4 6 8 10", "NEXT_BEAT, 0 2 4 6 8 10", "AT_ONCE, 0 15/8 15/4 45/8 15/2 75/8"})
    void stations_join_at_the_bar_the_beat_or_at_once(Join join, String starts) {
        Passage passage = Passage.of(octave("1/8", whole(join)));
        assertThat(passage.stations().stream().map(one -> one.at().toString()).collect(Collectors.joining(" ")))
                .isEqualTo(starts);
        assertThat(passage.notes()).hasSize(6 * 15);
        assertThat(passage.stations().get(3).from()).isEqualTo(45);
        assertThat(passage.stations().get(3).to()).isEqualTo(59);
    }

    @Test
    void a_last_note_may_be_held_until_the_next_key_and_through_its_bars() {
        Walk held = with(whole(Join.HOLD), 3, false);
        Passage passage = Passage.of(octave("1/8", held));
        assertThat(passage.stations()).extracting(Station::at).endsWith(Fraction.of(15));
        assertThat(passage.notes().get(14).value()).isEqualTo(Fraction.of(5, 4));
        assertThat(passage.last().value()).isEqualTo(Fraction.of(5, 4));
    }

    @Test
    void too_few_bars_are_refused_with_how_many_it_takes() {
        assertThatThrownBy(() -> Passage.of(octave("1/8", with(whole(Join.NEXT_BAR), 1, false))))
                .isInstanceOfSatisfying(Refusal.class, e -> {
                    assertThat(e).hasMessage("The line takes 2 bars in C major, and 1 bar is given to it.");
                    assertThat(e.fits()).contains("Give it 2 bars, or shorten the line.");
                    assertThat(e.pointer()).isEqualTo("/walk/bars");
                });
    }

    /** Four notes up by fourths: the last of one key is the first of the next. */
    @ParameterizedTest
    @CsvSource({"AT_ONCE, 0 3/8 3/4 9/8", "NEXT_BAR, 0 9/8 17/8 25/8"})
    void a_note_that_two_keys_share_is_struck_once(Join join, String starts) {
        Step step = Steps.step("C", "major", Extent.span(4), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0")
                .withWalk(with(Walk.through(Keys.of(KeyOrder.FOURTHS, 4)).withJoin(join), null, true));
        Passage passage = Passage.of(step);
        assertThat(passage.notes()).hasSize(4 + 3 + 3 + 3);
        assertThat(passage.stations()).extracting(Station::joined).containsExactly(false, true, true, true);
        List<String> names =
                passage.notes().stream().map(note -> note.concert().name().id()).toList();
        assertThat(names).containsExactly("C", "D", "E", "F", "G", "A", "Bb", "C", "D", "Eb", "F", "G", "Ab");
        if (join == Join.NEXT_BAR) {
            assertThat(passage.notes().get(3).at()).isEqualTo(Fraction.of(3, 8));
            assertThat(passage.notes().get(3).value()).isEqualTo(Fraction.of(3, 4));
        }
        assertThat(passage.stations().stream()
                        .map(one -> passage.notes().get(one.from()).at().toString())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(join == Join.AT_ONCE ? "0 1/2 7/8 5/4" : starts);
    }

    @Test
    void every_station_lies_nearest_to_the_hand_within_the_range() {
        Passage violin = Passage.of(
                octave("1/8", Walk.through(Keys.cycle(KeyOrder.WHOLE_STEP_UP))), Player.of(Instruments.of("violin")));
        assertThat(violin.stations().stream()
                        .map(one -> violin.notes().get(one.from()).written().toString())
                        .collect(Collectors.joining(" ")))
                .isEqualTo("C4 D4 E4 F♯4 A♭4 B♭4 C5");
        Player low = Player.of(Instruments.of("oboe")).within(PitchRange.parse("Bb3-Ab5"));
        Passage oboe = Passage.of(octave("1/8", Walk.through(Keys.cycle(KeyOrder.WHOLE_STEP_UP))), low);
        assertThat(oboe.stations().stream()
                        .map(one -> oboe.notes().get(one.from()).written().toString())
                        .collect(Collectors.joining(" ")))
                .isEqualTo("C4 D4 E4 F♯4 A♭4 B♭3 C4");
    }

    @Test
    void signatures_and_chords_follow_the_player() {
        Step step = octave("1/8", Walk.over(Progressions.parse("ii V I", NoteName.parse("C")), Keys.HOME));
        Passage passage = Passage.of(step, Player.of(Instruments.of("clarinet")));
        assertThat(passage.stations())
                .extracting(one -> one.writtenKey().id())
                .containsExactly("E dorian", "A mixolydian", "D major");
        assertThat(passage.stations())
                .extracting(one -> one.concertChord().map(ChordSymbol::id).orElse(""))
                .containsExactly("Dm7", "G7", "Cmaj7");
        assertThat(passage.stations())
                .extracting(one -> one.writtenChord().map(ChordSymbol::id).orElse(""))
                .containsExactly("Em7", "A7", "Dmaj7");
    }

    // ---- landing

    @Test
    void each_key_lands_and_the_whole_says_how_many() {
        Step held = octave("1/8", whole(Join.NEXT_BAR));
        assertThat(WalkLanding.of(held).sentence(SPEECH))
                .isEqualTo("All 6 keys end alike: C major ends on beat 4 of bar 2, one quarter short of beat 1.");
        Step lands = held.withPlace(Fraction.of(1, 4));
        assertThat(WalkLanding.of(lands).lands()).isTrue();
        assertThat(WalkLanding.of(lands).sentence(SPEECH)).isEqualTo("All 6 keys land on beat 1.");
        assertThat(Landing.of(lands).lands()).isTrue();
    }

    @Test
    void at_once_every_key_ends_elsewhere_and_one_fix_joins_them_at_the_bar() {
        Step step = octave("1/8", whole(Join.AT_ONCE));
        assertThat(WalkLanding.of(step).stations())
                .extracting(one -> one.landing().off().toString())
                .containsExactly("-1/4", "-3/8", "1/2", "3/8", "1/4", "1/8");
        List<LandingFix> fixes = Landing.of(step).fixes(SPEECH);
        assertThat(fixes).anySatisfy(fix -> {
            assertThat(fix.kind()).isEqualTo(FixKind.JOIN);
            assertThat(fix.sentence()).isEqualTo("Begin every key at the next bar and start on 2, a quarter later.");
        });
        assertThat(fixes).allMatch(fix -> WalkLanding.of(fix.step()).lands());
    }

    /** Every landing in the sum of one line is the landing of the walk, found by walking through all notes. */
    @Samples(400)
    void every_station_lands_where_its_last_note_is(@From("walks") Step step) {
        Optional<Passage> made = Voiced.tryPassage(step);
        assumeThat(made).isPresent();
        Passage passage = made.get();
        WalkLanding landing = WalkLanding.of(step);
        assertThat(landing.stations()).hasSameSizeAs(passage.stations());
        for (Station station : passage.stations()) {
            Landing own = landing.stations().get(station.index()).landing();
            PassageNote last = passage.notes().get(own.note());
            assertThat(last.at()).isEqualTo(own.at());
            assertThat(own.note()).isBetween(station.from() - (station.joined() ? 1 : 0), station.to());
            assertThat(own.off()).isEqualTo(residue(own.at(), step));
        }
    }

    private static Fraction residue(Fraction at, Step step) {
        Fraction bar = step.meter().bar();
        Fraction past = at.minus(step.target().in(step.meter())).mod(bar);
        return past.times(2).compareTo(bar) <= 0 ? past : past.minus(bar);
    }

    @Samples(120)
    void every_fix_lands_every_station(@From("walks") Step step) {
        assumeThat(Voiced.tryPassage(step)).isPresent();
        for (LandingFix fix : Landing.of(step).fixes(SPEECH)) {
            Optional<Passage> changed = Voiced.tryPassage(fix.step());
            assumeThat(changed).isPresent();
            for (WalkLanding.OfStation station : WalkLanding.of(fix.step()).stations()) {
                PassageNote arriving =
                        changed.get().notes().get(station.landing().note());
                assertThat(residue(arriving.at(), fix.step()))
                        .as(fix.sentence())
                        .isEqualTo(Fraction.ZERO);
            }
        }
    }

    // ---- laws

    Draw<Step> walks() {
        return Voiced.onWalk();
    }

    Draw<Step> anything() {
        return Voiced.any();
    }

    @Samples(400)
    void stations_lie_end_to_end_and_are_the_single_key_passage_moved(@From("walks") Step step) {
        Optional<Passage> made = Voiced.tryPassage(step);
        assumeThat(made).isPresent();
        Passage passage = made.get();
        List<Walk.Stop> stops = step.walk().orElseThrow().stops(step.key());
        int next = 0;
        for (Station station : passage.stations()) {
            assertThat(station.from()).isEqualTo(next);
            next = station.to() + 1;
            if (station.index() > 0) {
                assertThat(passage.notes().get(station.from() - 1).at())
                        .isLessThan(passage.notes().get(station.from()).at());
            }
            isTheSingleKeyPassageMoved(passage, station, step, stops.get(station.index()));
        }
        assertThat(next).isEqualTo(passage.notes().size());
    }

    private static void isTheSingleKeyPassageMoved(Passage passage, Station station, Step step, Walk.Stop stop) {
        PassageNote begins = passage.notes()
                .get(station.from() - (station.joined() ? step.rhythm().strikes() : 0));
        Fraction place = begins.at().mod(step.meter().bar());
        Step alone = step.alone().withKey(stop.key()).withPlace(step.place());
        if (!step.walk().orElseThrow().join().countsBars()) alone = alone.withPlace(place);
        Passage single = Passage.of(alone);
        int dropped = station.joined() ? step.rhythm().strikes() : 0;
        PassageNote first = passage.notes().get(station.from());
        int apart =
                first.written().midi() - single.notes().get(dropped).written().midi();
        Fraction later = first.at().minus(single.notes().get(dropped).at());
        assertThat(apart % 12).isZero();
        assertThat(later.mod(step.meter().bar())).isEqualTo(Fraction.ZERO);
        for (int i = station.from(); i <= station.to(); i++) {
            PassageNote note = passage.notes().get(i);
            PassageNote same = single.notes().get(i - station.from() + dropped);
            assertThat(note.written().name()).isEqualTo(same.written().name());
            assertThat(note.written().midi() - same.written().midi()).isEqualTo(apart);
            assertThat(note.at().minus(same.at())).isEqualTo(later);
            assertThat(note.degree()).isEqualTo(same.degree());
        }
    }

    @Samples(300)
    void no_two_notes_of_a_walk_overlap(@From("anything") Step step) {
        Optional<Passage> made = Voiced.tryPassage(step);
        assumeThat(made).isPresent();
        List<PassageNote> notes = made.get().notes();
        for (int i = 1; i < notes.size(); i++) {
            assertThat(notes.get(i - 1).at().plus(notes.get(i - 1).value()))
                    .isLessThanOrEqualTo(notes.get(i).at());
        }
    }

    /** Every station's notes are spelled as the npm package {@code tonal} 6.5.0 spells its key. */
    @ParameterizedTest
    @EnumSource(KeyOrder.class)
    void every_station_is_spelled_as_the_reference_spells_its_key(KeyOrder order) throws IOException {
        Map<String, String> reference = reference();
        for (String form : List.of("major", "dorian", "mixolydian", "harmonic-minor")) {
            Step step = Steps.step("D", form, Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0")
                    .withWalk(Walk.through(Keys.cycle(order)));
            Passage passage = Passage.of(step);
            for (Station station : passage.stations()) {
                String played = passage.notes().subList(station.from(), station.to()).stream()
                        .map(note -> note.concert().name().id())
                        .collect(Collectors.joining(" "));
                assertThat(played)
                        .isEqualTo(reference.get(
                                form + " " + station.concertKey().tonic().id()));
            }
        }
    }

    private static Map<String, String> reference() throws IOException {
        try (var in = WalksTest.class.getResourceAsStream("/fixtures/scale-spellings.tsv")) {
            Map<String, String> spelled = new HashMap<>();
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(line -> line.split("\t"))
                    .forEach(row -> spelled.put(row[0] + " " + row[1], row[2]));
            return spelled;
        }
    }

    // ---- too much

    @Test
    void what_is_too_much_is_refused_before_it_is_worked_out() {
        Step large = Steps.step("C", "major", Extent.octaves(4), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/16", "0")
                .withRhythm(Steps.PLAIN.rhythm())
                .withWalk(Walk.over(
                        Progressions.parse("I IV V I VI II V I", NoteName.parse("C")), Keys.of(KeyOrder.FOURTHS, 12)));
        assertThatThrownBy(() -> Passage.of(large))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("5472 attacks; at most 4000");
        Step many = octave("1/8", whole(Join.NEXT_BAR)).withVoices(List.of(Voice.at(-8, By.COMPANY)));
        assertThat(Passage.of(many).parts().getFirst().notes()).hasSize(90);
    }
}
