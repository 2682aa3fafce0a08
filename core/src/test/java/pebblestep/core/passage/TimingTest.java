package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Timing.Attack;
import pebblestep.core.passage.landing.FixKind;
import pebblestep.core.passage.landing.Landing;
import pebblestep.core.passage.landing.LandingFix;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Rhythm.HeldNote;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

/** The short sum for plain lines against the long walk, and every fix walked through without the landing's own code. */
class TimingTest {

    Draw<Step> steps() {
        return Steps.any();
    }

    @Samples
    void the_sum_and_the_walk_agree(@From("steps") Step step) {
        Timing walked = Timing.of(step);
        assertThat(Timing.arrival(step).at()).isEqualTo(walked.last().at());
        assertThat(walked.attacks().get(Timing.arrival(step).attack())).isEqualTo(walked.last());
    }

    @Samples
    void the_sum_and_the_walk_agree_with_a_note_held(@From("steps") Step step, HeldNote note) {
        Step held = step.withRhythm(step.rhythm().withHold(new Rhythm.Hold(note, Fraction.of(3, 16))));
        assertThat(Timing.arrival(held).at()).isEqualTo(Timing.of(held).last().at());
    }

    @Samples
    void attacks_follow_on_and_a_rest_or_a_leg_only_adds_room(@From("steps") Step step) {
        List<Attack> attacks = Timing.of(step).attacks();
        assertThat(attacks)
                .hasSize(
                        step.line().noteCount(step.key().form()) * step.rhythm().strikes());
        for (int i = 1; i < attacks.size(); i++) {
            Attack before = attacks.get(i - 1);
            assertThat(attacks.get(i).at()).isGreaterThanOrEqualTo(before.at().plus(before.value()));
            assertThat(attacks.get(i).note() - before.note()).isBetween(0, 1);
        }
    }

    @Samples
    void every_fix_puts_the_last_note_on_its_target_and_changes_what_it_says(@From("steps") Step step) {
        for (LandingFix fix : Landing.of(step).fixes(Speech.USUAL)) {
            Fraction last = Timing.of(fix.step()).last().at();
            Fraction fromTarget = last.minus(step.target().in(step.meter()));
            assertThat(fromTarget.dividedBy(step.meter().bar()).denominator())
                    .as(fix.sentence())
                    .isEqualTo(1);
            switch (fix.kind()) {
                case MOVE -> assertThat(fix.step().line()).isEqualTo(step.line());
                case TURN ->
                    assertThat(fix.step().line().turn())
                            .isNotEqualTo(step.line().turn());
                case FROM ->
                    assertThat(fix.step().line().enter())
                            .isGreaterThan(step.line().enter());
                case NOTE -> assertThat(fix.step().line().passing()).isPresent();
                case HOLD -> assertThat(fix.step().rhythm().hold()).isPresent();
            }
        }
    }

    @Test
    void the_fixes_come_least_change_first() {
        Step past = Steps.step("C", "major", Extent.span(17), Travel.UP_DOWN, Turn.DOUBLE, "4/4", "1/16", "0");
        assertThat(Landing.of(past).fixes(Speech.USUAL))
                .extracting(LandingFix::kind)
                .containsExactly(FixKind.MOVE, FixKind.TURN, FixKind.FROM, FixKind.NOTE, FixKind.MOVE, FixKind.HOLD);
    }

    @Test
    void more_attacks_than_any_exercise_has_are_refused() {
        Step long4 = Steps.step("C", "chromatic", Extent.octaves(4), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/16", "0");
        Rhythm r = long4.rhythm();
        Step struck = long4.withRhythm(new Rhythm(
                r.meter(), r.figure(), 16, r.place(), r.tonicValue(), r.last(), r.hold(), r.legs(), r.swing()));
        assertThat(Timing.of(struck).attacks()).hasSize(97 * 16);
        assertThatThrownBy(() -> new Rhythm(
                        r.meter(), r.figure(), 17, r.place(), r.tonicValue(), r.last(), r.hold(), r.legs(), r.swing()))
                .isInstanceOfSatisfying(
                        Refusal.class, e -> assertThat(e.field()).isEqualTo("rhythm.strikes"));
    }
}
