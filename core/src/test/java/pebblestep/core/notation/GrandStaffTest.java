package pebblestep.core.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Voiced;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;
import pebblestep.core.walk.Join;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Progressions;
import pebblestep.core.walk.Signatures;
import pebblestep.core.walk.Walk;

class GrandStaffTest {
    private static final Player PIANO = Player.of(Instruments.of("piano"));

    private static Step scale(String tonic, String value) {
        return Steps.step(tonic, "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", value, "0");
    }

    private static Score score(Step step, Player player) {
        return Score.of(Passage.of(step, player), player);
    }

    @Test
    void two_hands_stand_on_two_staves_under_one_brace() {
        Score score = score(scale("C", "1/8").withVoices(List.of(Voice.at(-8, By.LEFT))), PIANO);
        assertThat(score.braced()).isTrue();
        assertThat(score.clef()).isEqualTo(Clef.TREBLE);
        OtherStaff left = score.staves().getFirst();
        assertThat(left.above()).isFalse();
        assertThat(left.score().clef()).isEqualTo(Clef.BASS);
        assertThat(left.score().measures()).hasSameSizeAs(score.measures());
    }

    @Test
    void the_line_in_the_left_hand_stands_below_the_right() {
        Score score = score(scale("C", "1/8").withVoices(List.of(Voice.at(8, By.RIGHT))), PIANO);
        assertThat(score.clef()).isEqualTo(Clef.BASS);
        assertThat(score.staves().getFirst().above()).isTrue();
        assertThat(score.staves().getFirst().score().clef()).isEqualTo(Clef.TREBLE);
    }

    @Test
    void double_notes_share_a_stem_and_each_has_its_accidental() {
        Step step = scale("A", "1/4").withKey(Key.of(NoteName.parse("A"), Forms.of("harmonic-minor")));
        Score score = score(step.withVoices(List.of(Voice.at(-3, By.SAME_HAND))), null);
        List<Glyph> glyphs = score.measures().stream()
                .flatMap(measure -> measure.glyphs().stream())
                .filter(glyph -> !glyph.isRest())
                .toList();
        assertThat(glyphs).allMatch(glyph -> glyph.more().size() == 1);
        // The second note, B, has G sharp below it, which the signature has not.
        assertThat(glyphs.get(1).more().getFirst().pitch().name()).hasToString("G♯");
        assertThat(glyphs.get(1).more().getFirst().accidental()).contains(new Accidental("#", false));
        assertThat(glyphs.get(1).accidental()).isEmpty();
    }

    @Test
    void a_round_of_equals_shares_a_staff_with_stems_apart_and_others_have_their_own() {
        Voice later = Voice.at(1, By.PARTNER).withEntry(new Entry.Later(Fraction.ONE));
        Player oboe = Player.of(Instruments.of("oboe"));
        Score equal = score(scale("C", "1/4").withVoices(List.of(later.on(Instruments.of("oboe")))), oboe);
        assertThat(equal.staves()).isEmpty();
        Measure second = equal.measures().get(1);
        assertThat(second.second()).isPresent();
        assertThat(equal.stems().in(1))
                .allMatch(stem -> stem.filter(Stem.UP::equals).isPresent());
        assertThat(Stems.of(second.second().get()))
                .allMatch(stem -> stem.filter(Stem.DOWN::equals).isPresent());
        Score other = score(scale("C", "1/4").withVoices(List.of(later.on(Instruments.of("bassoon")))), oboe);
        assertThat(other.staves()).hasSize(1);
        assertThat(other.braced()).isFalse();
        assertThat(other.staves().getFirst().score().measures().getFirst().glyphs())
                .singleElement()
                .satisfies(rest -> assertThat(rest.isRest() && rest.base() == 1).isTrue());
    }

    @Test
    void what_the_application_sounds_is_not_written() {
        Score score = score(scale("C", "1/4").withVoices(List.of(Voice.at(-8, By.COMPANY))), PIANO);
        assertThat(score.staves()).isEmpty();
        assertThat(score.measures()).allMatch(measure -> measure.second().isEmpty());
    }

    private static Step walk(Join join, Signatures signatures) {
        Walk walk = Walk.through(Keys.of(KeyOrder.WHOLE_STEP_UP, 3)).withJoin(join);
        return scale("C", "1/8").withWalk(new Walk(walk.keys(), List.of(), join, Optional.empty(), false, signatures));
    }

    @Test
    void signatures_change_at_bar_lines_and_cancel_what_was_there() {
        Score score = score(walk(Join.NEXT_BAR, Signatures.CHANGE), null);
        assertThat(score.measures().stream().map(measure -> measure.change()
                        .map(change ->
                                change.from().fifths() + ">" + change.to().fifths())
                        .orElse("-")))
                .containsExactly("-", "-", "0>2", "-", "2>4", "-");
        assertThat(score.measures().get(2).glyphs())
                .allMatch(glyph -> glyph.accidental().isEmpty());
        assertThat(score.measures().get(2).chords()).containsExactly(new ChordOver(0, ChordSymbol.parse("D")));
    }

    @Test
    void at_once_the_signature_waits_for_its_bar_line_and_accidentals_stand_until_then() {
        Score score = score(walk(Join.AT_ONCE, Signatures.CHANGE), null);
        assertThat(score.measures().get(1).change()).isEmpty();
        assertThat(score.measures().get(2).change()).isPresent();
        Score stays = score(walk(Join.NEXT_BAR, Signatures.STAY), null);
        assertThat(stays.measures()).allMatch(measure -> measure.change().isEmpty());
        assertThat(stays.measures().get(2).glyphs().stream()
                        .flatMap(glyph -> glyph.accidental().stream())
                        .map(Accidental::sign))
                .containsExactly("#", "#");
    }

    @Test
    void a_transposing_partner_has_signatures_of_their_own() {
        Step step = walk(Join.NEXT_BAR, Signatures.CHANGE)
                .withVoices(List.of(Voice.at(1, By.PARTNER).on(Instruments.of("clarinet"))));
        Score score = score(step, Player.of(Instruments.of("oboe")));
        Score clarinet = score.staves().getFirst().score();
        assertThat(score.signature().fifths()).isZero();
        assertThat(clarinet.signature().fifths()).isEqualTo(2);
        assertThat(clarinet.measures().get(2).change())
                .map(change -> change.to().fifths())
                .contains(4);
    }

    @Test
    void chords_stand_where_they_begin() {
        Step step = scale("C", "1/8").withWalk(Walk.over(Progressions.parse("ii V I", NoteName.parse("C")), Keys.HOME));
        Score score = score(step, PIANO);
        assertThat(score.measures().stream().map(measure -> measure.chords().stream()
                        .map(over -> over.chord().id())
                        .toList()))
                .containsExactly(List.of("Dm7"), List.of(), List.of("G7"), List.of(), List.of("Cmaj7"), List.of());
    }

    Draw<Step> anything() {
        return Voiced.any();
    }

    /** Every voice of every bar fills it exactly, and every note is written once, with ties for the rest of it. */
    @Samples(400)
    void every_voice_of_every_bar_adds_up(@From("anything") Step step) {
        Optional<Passage> passage = Voiced.tryPassage(step);
        assumeThat(passage).isPresent();
        Score score;
        try {
            score = Score.of(passage.get(), null);
        } catch (Refusal e) {
            assertThat(e.field()).isEqualTo("rhythm.place");
            return;
        }
        List<Score> staves = new ArrayList<>(List.of(score));
        score.staves().forEach(staff -> staves.add(staff.score()));
        for (Score staff : staves) {
            assertThat(staff.measures()).hasSameSizeAs(score.measures());
            for (Measure measure : staff.measures()) {
                Fraction bar = measure.number() < 1
                        ? passage.get().first().at().negated()
                        : step.meter().bar();
                assertThat(length(measure.glyphs())).isEqualTo(bar);
                measure.second()
                        .ifPresent(layer -> assertThat(length(layer.glyphs())).isEqualTo(bar));
            }
        }
        long attacks = score.measures().stream()
                .flatMap(measure -> measure.glyphs().stream())
                .flatMap(glyph -> glyph.note().stream())
                .distinct()
                .count();
        assertThat(attacks).isEqualTo(passage.get().notes().size());
    }

    private static Fraction length(List<Glyph> glyphs) {
        return glyphs.stream().map(Glyph::length).reduce(Fraction.ZERO, Fraction::plus);
    }
}
