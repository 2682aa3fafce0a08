package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static pebblestep.core.climb.Climbs.ascent;
import static pebblestep.core.climb.Climbs.octaves;
import static pebblestep.core.climb.Climbs.said;
import static pebblestep.core.climb.Climbs.tempo;
import static pebblestep.core.climb.Climbs.values;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

/** Which rung follows which: worked out by hand; the rules are common practice, no source. */
class AscentTest {
    private static final Ascent IN_TURN = ascent(Policy.IN_TURN, tempo(60, 76, 8), values("1/4", "1/8"));

    Draw<Ascent> ascents() {
        return Climbs.any();
    }

    @Test
    void quarters_at_120_eighths_at_60_and_sixteenths_at_30_are_two_notes_a_second() {
        Fraction quarter = Fraction.of(1, 4);
        double bpm = 120;
        for (Fraction value : List.of(quarter, Fraction.of(1, 8), Fraction.of(1, 16))) {
            double switched = RateSchool.SAME_RATE.switched(bpm, quarter, value);
            Bpm beats = Bpm.of(java.math.BigDecimal.valueOf(switched));
            assertThat(new Tempo(quarter, beats).notesPerSecond(value)).isEqualTo(2.0);
        }
        assertThat(RateSchool.SAME_RATE.switched(120, quarter, Fraction.of(1, 16)))
                .isEqualTo(30);
        assertThat(RateSchool.SAME_BEAT.switched(120, quarter, Fraction.of(1, 16)))
                .isEqualTo(120);
    }

    @Test
    void with_the_same_rate_and_no_restart_the_hands_move_as_before() {
        Climb climb = Climb.of(List.of(tempo(30, 120, 10), values("1/4", "1/8", "1/16")), Policy.IN_TURN)
                .restarting(RateSchool.SAME_RATE, 100);
        Ascent ascent = Ascent.of(Climbs.OCTAVE, climb);
        Position top = Position.of(9, 0);
        Position eighths = ascent.moves().next(top).orElseThrow();
        assertThat(ascent.bpm(eighths)).hasToString("60");
        assertThat(ascent.notesPerSecond(top))
                .isEqualTo(ascent.notesPerSecond(eighths))
                .isEqualTo(2.0);
        Position sixteenths = ascent.moves().next(Position.of(9, 1)).orElseThrow();
        assertThat(ascent.bpm(sixteenths)).hasToString("60");
        assertThat(ascent.moves().up(top).get(0).sentence())
                .isEqualTo("Shorter values: the notes come as fast as before, 2.0 a second; 15 notes as before.");
    }

    @ParameterizedTest
    @CsvSource({
        // 76 of quarters is 38 of eighths; four fifths of it lies under the ladder, so the first rung.
        "SAME_RATE, 80, 60",
        // 76 stays 76; four fifths is 60.8, rounded down to the ladder.
        "SAME_BEAT, 80, 60",
        // 68.4, rounded down.
        "SAME_BEAT, 90, 68",
        "SAME_BEAT, 100, 76"
    })
    void the_tempo_starts_again_rounded_down_to_the_ladder(RateSchool school, int restart, String bpm) {
        Ascent ascent = Ascent.of(Climbs.OCTAVE, IN_TURN.climb().restarting(school, restart));
        assertThat(ascent.bpm(ascent.moves().next(Position.of(2, 0)).orElseThrow()))
                .hasToString(bpm);
    }

    @Test
    void in_turn_the_first_axis_is_climbed_again_for_each_rung_of_the_next() {
        assertThat(said(IN_TURN.moves().route())).isEqualTo("0.0 1.0 2.0 0.1 1.1 2.1");
        Ascent three = ascent(Policy.IN_TURN, values("1/4", "1/8"), octaves(1, 2), tempo(60, 68, 8));
        assertThat(said(three.moves().route())).isEqualTo("0.0.0 1.0.0 0.1.0 1.1.0 0.0.1 1.0.1 0.1.1 1.1.1");
    }

    @Test
    void paired_axes_move_together_and_octaves_that_grow_with_the_division_take_fourteen_beats_each() {
        Ascent paired =
                ascent(Policy.PAIRED, tempo(60, 68, 8), octaves(1, 2, 3, 4), values("1/4", "1/8", "1/12", "1/16"));
        assertThat(said(paired.moves().route())).isEqualTo("0.0.0 1.0.0 0.1.1 1.1.1 0.2.2 1.2.2 0.3.3 1.3.3");
        assertThat(Outlook.of(paired, paired.climb().first(), null, Speech.USUAL)
                        .rungs())
                .allSatisfy(rung -> assertThat(rung.beats()).isEqualTo(Fraction.of(14)));
        assertThat(paired.noteCount(Position.of(0, 3, 3))).isEqualTo(57);
        assertThat(paired.moves().up(Position.of(1, 0, 0)).get(0).axes())
                .containsExactly(AxisKind.SPAN, AxisKind.VALUE);
        assertThatThrownBy(() -> paired.at(Position.of(0, 1, 2))).hasMessageContaining("move together");
        assertThatThrownBy(() -> ascent(Policy.PAIRED, octaves(1, 2), values("1/4")))
                .hasMessageContaining("2 of span, 1 of note values");
    }

    @Test
    void the_teacher_picks_when_the_tempo_is_done_and_each_pick_says_what_it_changes() {
        Ascent picks = ascent(Policy.TEACHER_PICKS, tempo(60, 76, 8), values("1/4", "1/8"), octaves(1, 2));
        assertThat(picks.moves().up(Position.of(1, 0, 0))).hasSize(1);
        assertThat(picks.moves().next(Position.of(2, 0, 0))).isEmpty();
        List<Move> moves = picks.moves().up(Position.of(2, 0, 0));
        assertThat(moves.stream().map(move -> move.to().toString())).containsExactly("0.1.0", "0.0.1");
        assertThat(moves.get(0).rateChange()).isCloseTo(2.0 / (76 / 60.0) - 1, within(1e-9));
        assertThat(moves.get(1).moreNotes()).isEqualTo(14);
        assertThat(moves.get(0).sentence())
                .isEqualTo("Shorter values: 58 percent faster, 1.3 to 2.0 notes a second; 15 notes as before.");
        assertThat(moves.get(1).sentence())
                .isEqualTo("A wider span: 21 percent slower, 1.3 to 1.0 notes a second; 14 more notes, 29.");
    }

    @Test
    void back_is_slower_first_and_then_the_rung_before_no_faster_than_now() {
        assertThat(IN_TURN.moves().back(Position.of(2, 1))).contains(Position.of(1, 1));
        // Eighths at 60 are two a second; quarters would be at 120, so the top of the ladder.
        assertThat(IN_TURN.moves().back(Position.of(0, 1))).contains(Position.of(2, 0));
        assertThat(IN_TURN.moves().back(Position.of(0, 0))).isEmpty();
    }

    @Test
    void a_rung_is_the_step_with_everything_that_is_climbed() {
        Ascent ascent = ascent(Policy.IN_TURN, tempo(60, 76, 8), octaves(1, 2), values("1/4", "1/8"));
        Step there = ascent.at(Position.of(1, 1, 1));
        assertThat(there.tempo().bpm()).hasToString("68");
        assertThat(there.noteCount()).isEqualTo(29);
        assertThat(ascent.words(Speech.USUAL).at(Position.of(1, 1, 1))).isEqualTo("eighths, two octaves, 68 bpm");
        assertThat(ascent.words(new Speech(CountSchool.NUMBERS, ValueNames.BRITISH))
                        .stage(Position.of(1, 1, 1)))
                .isEqualTo("quavers, two octaves");
        assertThatThrownBy(() -> ascent.at(Position.of(3, 0, 0)))
                .hasMessage("This climb has no rung 3.0.0.")
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.fits()).contains("From 0.0.0 to 2.1.1."));
        assertThatThrownBy(() -> Position.parse("1,2")).isInstanceOf(Refusal.class);
        assertThat(Position.parse("1.0.12")).isEqualTo(Position.of(1, 0, 12));
    }

    @Test
    void the_places_of_a_step_are_its_displacement_tour_in_its_own_values() {
        Axis places = Axis.places(Climbs.OCTAVE);
        assertThat(places.rungs().stream()
                        .map(rung -> rung.inWords(Climbs.OCTAVE.meter(), Speech.USUAL))
                        .limit(6))
                .containsExactly(
                        "from 1",
                        "from the & of 1",
                        "from the e of 1",
                        "from the a of 1",
                        "from the trip of 1",
                        "from the let of 1");
        assertThat(places.rungs().get(6).inWords(Climbs.OCTAVE.meter(), Speech.USUAL))
                .isEqualTo("from the e of 1, back from the trip of 1");
    }

    @Test
    void climbs_that_make_no_sense_are_refused_with_what_to_do() {
        assertThatThrownBy(() -> values("1/4", "1/4")).hasMessageContaining("Rung 2");
        assertThatThrownBy(() -> ascent(Policy.IN_TURN, values("1/4", "1/8"), values("1/4", "1/8")))
                .hasMessageContaining("once");
        assertThatThrownBy(() -> ascent(Policy.IN_TURN)).hasMessageContaining("at least one axis");
        assertThatThrownBy(() -> IN_TURN.climb().restarting(RateSchool.SAME_BEAT, 10))
                .hasMessageContaining("20 to 100 percent");
        Climb endless = Climb.of(
                        List.of(tempo(40, 200, 2), values("1/2", "1/4", "1/8", "1/16"), octaves(1, 2, 3, 4)),
                        Policy.IN_TURN)
                .restarting(RateSchool.SAME_BEAT, 20);
        assertThatThrownBy(Ascent.of(Climbs.OCTAVE, endless).moves()::route)
                .hasMessageContaining("more than 1000 rungs");
    }

    @Samples(200)
    void a_climb_walked_by_any_legal_moves_reaches_its_end(@From("ascents") Ascent ascent, long seed) {
        java.util.Random random = new java.util.Random(seed);
        Position at = ascent.climb().first();
        int moves = 0;
        for (List<Move> legal = ascent.moves().up(at);
                !legal.isEmpty();
                legal = ascent.moves().up(at)) {
            at = legal.get(random.nextInt(legal.size())).to();
            assertThat(++moves).isLessThanOrEqualTo(1000);
        }
        assertThat(ascent.isLast(at)).isTrue();
        assertThat(ascent.moves().route())
                .startsWith(ascent.climb().first())
                .endsWith(ascent.climb().last());
        assertThat(ascent.moves().route()).doesNotHaveDuplicates();
    }

    @Samples(200)
    void where_the_tempo_is_climbed_first_a_step_back_never_makes_the_notes_come_faster(
            @From("ascents") Ascent ascent, long seed) {
        List<Position> walk = ascent.moves().route();
        Position at = walk.get(Math.floorMod(seed, walk.size()));
        boolean down = ascent.climb().axes().get(tempoOf(ascent)).ladder().isDescending();
        ascent.moves().back(at).ifPresent(back -> {
            assertThat(back).isNotEqualTo(at);
            boolean slowest = back.rung(tempoOf(ascent)) == 0;
            boolean first = ascent.climb().levels().get(0).contains(tempoOf(ascent));
            if (first && !down && !slowest)
                assertThat(ascent.notesPerSecond(back)).isLessThanOrEqualTo(ascent.notesPerSecond(at) + 1e-9);
        });
    }

    private static int tempoOf(Ascent ascent) {
        return ascent.climb().axis(AxisKind.TEMPO).orElseThrow();
    }

    @Samples(200)
    void another_climb_keeps_the_nearest_rung_that_is_not_harder(
            @From("ascents") Ascent before, @From("ascents") Ascent after, long seed) {
        List<Position> walk = before.moves().route();
        Position at = walk.get(Math.floorMod(seed, walk.size()));
        Position kept = after.nearest(before, at);
        after.climb().require(kept);
        assertThat(after.nearest(after, kept)).isEqualTo(kept);
        Axis tempo = after.climb().axes().get(tempoOf(after));
        int rung = kept.rung(tempoOf(after));
        if (rung > 0 && !tempo.ladder().isDescending())
            assertThat(after.bpm(kept)).isLessThanOrEqualTo(before.bpm(at));
    }

    @Test
    void what_was_played_reaches_a_rung_when_no_outer_axis_lies_below() {
        Ascent ascent = ascent(Policy.IN_TURN, tempo(60, 76, 8), values("1/4", "1/8"));
        Position eighths = Position.of(0, 1);
        Rung quarter = ascent.climb().axes().get(1).rung(0);
        Rung eighth = ascent.climb().axes().get(1).rung(1);
        java.time.LocalDate day = java.time.LocalDate.of(2026, 3, 2);
        assertThat(new Attempt(Bpm.of(76), List.of(quarter), true, day).reaches(ascent.climb(), eighths))
                .as("quarters, however fast, are no eighths")
                .isFalse();
        assertThat(new Attempt(Bpm.of(60), List.of(eighth), true, day).reaches(ascent.climb(), eighths))
                .isTrue();
        assertThat(new Attempt(Bpm.of(60), List.of(eighth), true, day).reaches(ascent.climb(), Position.of(2, 0)))
                .as("eighths at 60 lie beyond quarters at 76")
                .isTrue();
        assertThat(new Attempt(Bpm.of(56), true, day).reaches(ascent.climb(), Position.of(0, 0)))
                .isFalse();
    }

    @Test
    void a_rung_that_the_step_cannot_stand_on_is_refused_by_its_place() {
        Axis lines = Axis.of(List.of(
                Rung.of(AxisKind.LINE, Climbs.OCTAVE),
                Rung.of(
                        AxisKind.LINE,
                        Steps.PLAIN.withLine(pebblestep.core.line.Line.straight(
                                pebblestep.core.line.Extent.octaves(1),
                                pebblestep.core.line.Travel.UP,
                                pebblestep.core.line.Turn.SINGLE,
                                7)))));
        Step pentatonic = Steps.step(
                "A",
                "minor-pentatonic",
                pebblestep.core.line.Extent.octaves(1),
                pebblestep.core.line.Travel.UP_DOWN,
                pebblestep.core.line.Turn.SINGLE,
                "4/4",
                "1/4",
                "0");
        assertThatThrownBy(() -> Ascent.of(pentatonic, Climb.of(List.of(lines), Policy.IN_TURN)))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("axes.0.rungs.1"));
    }
}
