package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.harmony.ChordChart;
import pebblestep.core.harmony.Company;
import pebblestep.core.harmony.Company.Style;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.metronome.CompanyPlan.Tone;
import pebblestep.core.passage.AgainstChords;
import pebblestep.core.passage.Harmony;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Voiced;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Progressions;
import pebblestep.core.walk.Walk;

class CompanyPlanTest {
    private static final Speech SPEECH = new Speech(CountSchool.NUMBERS, ValueNames.AMERICAN);

    private static Step scale(String tonic, String form, String meter) {
        return Steps.step(tonic, form, Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, meter, "1/8", "0");
    }

    private static Step changes() {
        return scale("C", "major", "4/4")
                .withWalk(Walk.over(Progressions.parse("ii V I", NoteName.parse("C")), Keys.HOME))
                .withCompany(Company.NONE.withChords(Style.PAD).withBass());
    }

    private static List<String> names(List<Tone> tones) {
        return tones.stream()
                .map(tone -> Pitch.commonlyNamed(tone.midi()) + "@" + tone.at())
                .toList();
    }

    @Test
    void held_chords_last_as_long_as_their_keys() {
        CompanyPlan plan = CompanyPlan.of(Passage.of(changes()));
        assertThat(plan.chords()).hasSize(12);
        assertThat(plan.chords().stream().map(Tone::at).distinct().map(Fraction::toString))
                .containsExactly("0", "2", "4");
        assertThat(plan.chords()).allMatch(tone -> tone.value().equals(Fraction.of(2)));
    }

    /** Common practice, no source: the root on 1, the fifth in the middle of the bar. */
    @Test
    void the_bass_plays_roots_and_fifths() {
        assertThat(names(CompanyPlan.of(Passage.of(changes())).bass()))
                .containsExactly(
                        "D2@0", "A1@1/2", "D2@1", "A1@3/2", "G1@2", "D2@5/2", "G1@3", "D2@7/2", "C2@4", "G1@9/2",
                        "C2@5", "G1@11/2");
    }

    @ParameterizedTest
    @CsvSource({"4/4, 4, 1/8", "6/8, 4, 1/8", "3/4, 6, 1/8"})
    void broken_chords_take_two_or_three_notes_to_a_beat(String meter, int ignored, String value) {
        Step step = scale("D", "dorian", meter).withCompany(Company.NONE.withChords(Style.BROKEN));
        CompanyPlan plan = CompanyPlan.of(Passage.of(step));
        assertThat(plan.chords()).allMatch(tone -> tone.value().toString().equals(value));
        for (int i = 1; i < plan.chords().size(); i++) {
            assertThat(plan.chords()
                            .get(i - 1)
                            .at()
                            .plus(plan.chords().get(i - 1).value()))
                    .isEqualTo(plan.chords().get(i).at());
        }
        assertThat(plan.chords().getFirst().at()).isEqualTo(Fraction.ZERO);
    }

    @Test
    void comped_chords_answer_on_two_and_four() {
        CompanyPlan plan = CompanyPlan.of(Passage.of(changes()), Style.COMPED);
        assertThat(plan.chords().stream().map(Tone::at).distinct().limit(4).map(Fraction::toString))
                .containsExactly("1/4", "3/4", "5/4", "7/4");
    }

    @Test
    void typed_chords_come_round_and_sound_where_the_player_reads_them() {
        Step step = scale("C", "major", "4/4")
                .withCompany(Company.NONE.withBass().withChart(ChordChart.parse("C Am | F/A")));
        Player clarinet = Player.of(Instruments.of("clarinet"));
        Harmony harmony = Harmony.of(Passage.of(step, clarinet));
        assertThat(harmony.chords()).extracting(one -> one.concert().id()).containsExactly("C", "Am", "F/A");
        assertThat(harmony.chords()).extracting(one -> one.written().id()).containsExactly("D", "Bm", "G/B");
        assertThat(names(CompanyPlan.of(Passage.of(step, clarinet)).bass())).containsExactly("C2@0", "A1@1/2", "A1@1");
    }

    @Test
    void a_form_without_a_chord_is_not_accompanied() {
        Step step = scale("C", "chromatic", "4/4").withCompany(Company.NONE.withBass());
        assertThat(CompanyPlan.of(Passage.of(step)).bass()).isEmpty();
    }

    @Test
    void the_line_is_said_against_its_chords() {
        Passage passage = Passage.of(changes());
        assertThat(AgainstChords.of(passage).sentence(passage, SPEECH))
                .contains("On strong beats all 12 notes belong to the chord.");
        Passage outside =
                Passage.of(changes().withCompany(Company.NONE.withChart(ChordChart.parse("Dm | Em | G | C"))));
        assertThat(AgainstChords.of(outside).sentence(outside, SPEECH))
                .contains("On strong beats 6 of 12 notes belong to the chord; C on 1 of bar 2 does not (over Em).");
        Passage alone = Passage.of(scale("C", "major", "4/4"));
        assertThat(AgainstChords.of(alone).sentence(alone, SPEECH)).isEmpty();
    }

    Draw<Step> anything() {
        return Voiced.any();
    }

    /** Nothing sounds outside the bars of the line, no chord note lies outside its chord, and the bass never stops. */
    @Samples(300)
    void company_keeps_to_its_chords_and_bars(@From("anything") Step step) {
        Optional<Passage> made = Voiced.tryPassage(step);
        assumeThat(made).isPresent();
        Harmony harmony = Harmony.of(made.get());
        Fraction end = ClickPlan.of(made.get()).end();
        for (Style style : Style.values()) {
            CompanyPlan plan = CompanyPlan.of(made.get(), style);
            for (Tone tone : plan.chords()) {
                Harmony.Over over = harmony.at(tone.at()).orElseThrow(() -> new AssertionError(tone + " " + harmony));
                assertThat(over.concert().has(tone.midi() % 12)).isTrue();
                assertThat(tone.at().plus(tone.value())).isLessThanOrEqualTo(end);
            }
            assertThat(plan.bass().isEmpty()).isEqualTo(harmony.chords().isEmpty());
        }
    }
}
