package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Walk;

/** What of a climb does not fit a player whose range has become smaller, and the nearest that does. */
class MisfitTest {
    private static final Axis TEMPO = Climbs.tempo(60, 80, 10);

    private static Player reaching(String range) {
        return Player.of(Instruments.of("oboe")).within(PitchRange.parse(range));
    }

    private static Ascent over(int octaves, Axis... axes) {
        Ascent ascent = Climbs.ascent(Policy.IN_TURN, axes);
        return Ascent.of(
                ascent.step().withLine(ascent.step().line().withExtent(Extent.octaves(octaves))), ascent.climb());
    }

    private static Optional<Misfit> ahead(Ascent ascent, String range) {
        return Misfit.ahead(ascent, ascent.climb().first(), reaching(range));
    }

    private static Misfit.Nearest nearest(Ascent ascent, String range) {
        return ahead(ascent, range).orElseThrow().nearest(reaching(range)).orElseThrow();
    }

    @Test
    void what_fits_is_left_alone() {
        assertThat(ahead(over(2, TEMPO), "Bb3-C6")).isEmpty();
        assertThat(ahead(over(1, TEMPO, Climbs.octaves(1, 2)), "Bb3-C6")).isEmpty();
    }

    @Test
    void fewer_octaves_are_the_nearest_and_then_fewer_notes() {
        Ascent two = over(2, TEMPO);
        Misfit misfit = ahead(two, "C4-B5").orElseThrow();
        assertThat(misfit.isNow()).isTrue();
        assertThat(misfit.sentence(Speech.USUAL))
                .isEqualTo("Two octaves from C need C4 to C6 as written; the player's range is C4 to B5.");
        assertThat(nearest(two, "C4-B5").words()).isEqualTo("one octave");
        assertThat(nearest(two, "C4-B4").words()).isEqualTo("5 notes");
        assertThat(nearest(two, "C4-E4").words()).isEqualTo("3 notes");
        assertThat(ahead(two, "D4-B4").orElseThrow().nearest(reaching("D4-B4"))).isEmpty();
    }

    @Test
    void of_a_walk_the_first_keys_that_fit_are_the_nearest() {
        Ascent walk = over(1, TEMPO);
        walk = Ascent.of(walk.step().withWalk(Walk.through(Keys.cycle(KeyOrder.WHOLE_STEP_UP))), walk.climb());
        Misfit.Nearest nearest = nearest(walk, "C4-F#5");
        assertThat(nearest.words()).isEqualTo("4 keys from C major");
        assertThat(ahead(nearest.ascent(), "C4-F#5")).isEmpty();
        assertThat(nearest(walk, "C4-C5").words()).as("not even two keys fit").isEqualTo("C major");
    }

    @Test
    void a_climb_through_more_and_more_keys_ends_at_the_last_that_fits() {
        Step walked = over(1, TEMPO).step().withWalk(Walk.through(Keys.cycle(KeyOrder.WHOLE_STEP_UP)));
        Axis keys = Axis.of(List.of(
                new Rung.OfWalk(Optional.of(2)), new Rung.OfWalk(Optional.of(5)), new Rung.OfWalk(Optional.empty())));
        Ascent growing = Ascent.of(walked, Climb.of(List.of(keys), Policy.IN_TURN));
        Misfit.Nearest nearest = nearest(growing, "C4-F#5");
        assertThat(nearest.ascent().climb().axes().getFirst().rungs())
                .containsExactly(new Rung.OfWalk(Optional.of(2)), new Rung.OfWalk(Optional.of(4)));
    }

    @Test
    void a_span_that_lies_ahead_is_taken_off_the_climb() {
        Ascent growing = over(1, TEMPO, Climbs.octaves(1, 2));
        Misfit misfit = ahead(growing, "C4-B5").orElseThrow();
        assertThat(misfit.isNow()).isFalse();
        assertThat(misfit.sentence(Speech.USUAL)).startsWith("From \"two octaves, 60 bpm\" on it does not fit: Two");
        Misfit.Nearest nearest = nearest(growing, "C4-B5");
        assertThat(nearest.words()).isEqualTo("one octave");
        assertThat(nearest.ascent().climb().axes().get(1).rungs()).containsExactly(new Rung.OfSpan(Extent.octaves(1)));
        assertThat(nearest.ascent().climb().axes().get(0)).isEqualTo(TEMPO);
    }

    @Test
    void axes_that_move_together_lose_the_same_rungs() {
        Ascent paired = Ascent.of(
                over(1, TEMPO).step(),
                Climb.of(List.of(TEMPO, Climbs.octaves(1, 2), Climbs.values("1/4", "1/8")), Policy.PAIRED));
        Climb climb = nearest(paired, "C4-B5").ascent().climb();
        assertThat(climb.axes()).extracting(Axis::size).containsExactly(3, 1, 1);
    }

    @Test
    void an_octave_that_was_asked_for_is_given_up_before_a_note_is() {
        Ascent high = over(1, TEMPO);
        Step step = high.step();
        Step inFive = new Step(
                step.title(),
                step.key(),
                step.named(),
                step.line(),
                Optional.of(Pitch.parse("C5")),
                step.rhythm(),
                step.target(),
                step.tempo(),
                step.articulation(),
                step.metronome());
        Ascent asked = Ascent.of(inFive, high.climb());
        assertThat(nearest(asked, "C4-B5").words()).isEqualTo("the same in another octave");
        assertThat(nearest(asked, "C4-B5").ascent()).isEqualTo(high);
    }

    @Test
    void whatever_is_offered_fits_on_every_rung() {
        List<Ascent> climbs = List.of(
                over(3, TEMPO), over(1, TEMPO, Climbs.octaves(1, 2, 3)), over(2, Climbs.octaves(2, 1, 3), TEMPO));
        for (Ascent climb : climbs) {
            for (String top : List.of("E4", "A4", "C5", "B5", "D6", "B6")) {
                Player player = reaching("C4-" + top);
                Ascent fits = Misfit.ahead(climb, climb.climb().first(), player)
                        .map(misfit -> misfit.nearest(player).orElseThrow().ascent())
                        .orElse(climb);
                assertThat(fits.moves().route()).allSatisfy(at -> {
                    Passage passage = Passage.of(fits.at(at), player);
                    assertThat(passage.highest().midi())
                            .isLessThanOrEqualTo(Pitch.parse(top).midi());
                });
            }
        }
    }
}
