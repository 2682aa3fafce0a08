package pebblestep.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Outlook;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.minutes.DayPlan;
import pebblestep.core.minutes.Portion;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Speech;

class RecipesTest {
    static List<Recipe> all() {
        return Recipes.all();
    }

    private static Outlook outlook(Ascent ascent) {
        return Outlook.of(ascent, ascent.climb().first(), null, Speech.USUAL);
    }

    private static List<Portion> firstRungs(String id) {
        return Recipes.of(id).steps().stream()
                .map(ascent -> Portion.of(
                        ascent.step().title(), outlook(ascent).rungs().get(0).load()))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("all")
    void every_recipe_can_be_climbed_to_its_end_and_says_what_it_is_for(Recipe recipe) {
        assertThat(recipe.steps()).isNotEmpty();
        assertThat(recipe.words()).endsWith(".");
        for (Ascent ascent : recipe.steps()) {
            Outlook outlook = outlook(ascent);
            assertThat(outlook.rungs().get(outlook.rungs().size() - 1).at())
                    .isEqualTo(ascent.climb().last());
            assertThat(ascent.step().title()).isNotBlank();
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void a_recipe_can_be_played_from_every_key_of_the_circle(Recipe recipe) {
        for (String tonic : List.of("C", "F", "Bb", "Eb", "Ab", "Db", "G", "D", "A", "E")) {
            // Two of the keys of a walk by whole steps have no simple spelling from everywhere; those are refused in
            // words.
            try {
                Recipe moved = recipe.from(NoteName.parse(tonic));
                assertThat(moved.tonic().id()).isEqualTo(tonic);
                moved.steps().forEach(ascent -> Passage.of(ascent.step()));
            } catch (Refusal e) {
                assertThat(e.getMessage()).contains("triple alteration");
            }
        }
    }

    /** Worked out by hand: bars, beats, count-in, repetitions, and a fifth of it as rest; each rounded up to milliseconds. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // Two octaves of sixteenths, 2 bars: 8572 ms five times and 4286 counted at 56; 47146 and 9430 of rest.
                "longer-slurs | 56576",
                // 14 bars and the last note's: 15 bars are 60 s at 60; five times and 4 s counted are 304, and 60.8 of
                // rest;
                // three such steps.
                "strikes-and-rests | 1094400",
                // Four bars of 4 at 88, 10910 ms twice and 2728 counted: 24548 and 4910; the same slurred; the
                // arpeggio's
                // 13 triplets take 2 bars: 13638 and 2728.
                "dress-rehearsal | 75282"
            })
    void the_minutes_of_three_recipes_are_those_worked_out_by_hand(String id, long millis) {
        assertThat(DayPlan.total(firstRungs(id))).isEqualTo(Duration.ofMillis(millis));
    }

    @Test
    void the_octaves_grow_with_the_division_in_fourteen_beats_each() {
        Ascent ascent = Recipes.of("octaves-grow").steps().get(0);
        assertThat(outlook(ascent).rungs())
                .extracting(rung -> rung.beats().toString())
                .containsOnly("14");
        assertThat(ascent.moves().route()).hasSize(12);
    }

    @Test
    void arriving_on_one_arrives_on_one() {
        assertThat(Recipes.of("arrive-on-one").steps())
                .allSatisfy(ascent -> assertThat(Landing.of(ascent.step()).lands())
                        .as(ascent.step().title())
                        .isTrue());
    }

    @Test
    void the_twelve_keys_are_met_once_and_a_double_reed_can_play_most_recipes() {
        assertThat(Recipes.of("swung-round").steps().stream()
                        .map(ascent -> ascent.step().key().tonic().pitchClass())
                        .distinct())
                .hasSize(12);
        Player oboe = Player.of(Instruments.of("oboe"));
        long fits = Recipes.all().stream()
                .filter(recipe -> recipe.steps().stream().allMatch(ascent -> fits(ascent, oboe)))
                .count();
        assertThat(fits).isGreaterThanOrEqualTo(12);
    }

    private static boolean fits(Ascent ascent, Player player) {
        try {
            Outlook.of(ascent, ascent.climb().first(), player, Speech.USUAL);
            return true;
        } catch (Refusal e) {
            return false;
        }
    }

    @Test
    void a_recipe_that_is_not_there_is_refused() {
        assertThatThrownBy(() -> Recipes.of("soup")).hasMessageContaining("no recipe \"soup\"");
    }
}
