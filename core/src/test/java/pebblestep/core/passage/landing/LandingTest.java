package pebblestep.core.passage.landing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Target;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

class LandingTest {

    Draw<Step> steps() {
        return Steps.any();
    }

    /** Landing cases: common practice, no source; each worked out by hand. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "major | octaves | 2 | SINGLE | 1/16 | -1/4 | Ends on beat 4 of bar 2, one quarter short of beat 1. | Start on 2, a quarter later.",
                "major | octaves | 2 | DOUBLE | 1/16 | -3/16 | Ends on the e of 4 of bar 2, three sixteenths short of beat 1. | Start on the a of 1, three sixteenths later.",
                "major | span | 17 | DOUBLE | 1/16 | 1/16 | Ends on the e of 1 of bar 3, one sixteenth past beat 1. | Start on the a of 4, a sixteenth early.",
                "minor-pentatonic | span | 12 | DOUBLE | 1/8 | -1/8 | Ends on the & of 4 of bar 3, one eighth short of beat 1. | Start on the & of 1, an eighth later.",
                "minor-pentatonic | span | 12 | SINGLE | 1/8 | -1/4 | Ends on beat 4 of bar 3, one quarter short of beat 1. | Start on 2, a quarter later."
            })
    void a_line_ends_where_the_arithmetic_says(
            String form, String kind, int size, Turn turn, String value, String off, String sentence, String firstFix) {
        Extent extent = kind.equals("octaves") ? Extent.octaves(size) : Extent.span(size);
        Landing landing = Landing.of(Steps.step("Db", form, extent, Travel.UP_DOWN, turn, "4/4", value, "0"));
        assertThat(landing.off()).hasToString(off);
        assertThat(landing.words(Speech.USUAL).sentence()).isEqualTo(sentence);
        assertThat(landing.fixes(Speech.USUAL).get(0).sentence()).isEqualTo(firstFix);
        assertThat(landing.fixes(Speech.USUAL).get(0).label() + ".").isEqualTo(firstFix);
        assertThat(landing.lands()).isFalse();
    }

    /** Common practice, no source: 16 notes are exactly four bars of quarters. */
    @Test
    void one_octave_in_quarters_turning_twice_fills_four_bars() {
        Step step = Steps.step("C", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.DOUBLE, "4/4", "1/4", "0");
        Passage passage = Passage.of(step);
        assertThat(passage.notes()).hasSize(16);
        assertThat(passage.last().at().plus(passage.last().value())).isEqualTo(Fraction.of(4));
    }

    @Test
    void the_example_of_the_published_document() {
        Landing landing = Landing.of(Steps.PLAIN);
        assertThat(landing.at()).hasToString("7/4");
        assertThat(landing.bar()).isEqualTo(2);
        assertThat(landing.count()).hasToString("4");
        assertThat(landing.clicks()).hasToString("-4");
        LandingFix first = landing.fixes(Speech.USUAL).get(0);
        assertThat(first.kind()).isEqualTo(FixKind.MOVE);
        assertThat(first.by()).contains(Fraction.of(1, 4));
        assertThat(first.startsOn()).hasToString("Optional[2]");
        assertThat(first.step().place()).hasToString("1/4");
        assertThat(landing.fixes(Speech.USUAL))
                .extracting(LandingFix::sentence)
                .containsExactly(
                        "Start on 2, a quarter later.",
                        "Hold the turning note a quarter longer.",
                        "Strike the top note twice and start on the a of 1, three sixteenths later.",
                        "Start on 2, three quarters early.",
                        "Come in on note 13 of the line, degree 6, in place of the first.");
        assertThat(landing.words(Speech.USUAL).why())
                .isEqualTo(
                        "28 sixteenths come before the last note: 1 bar and 12 clicks; one quarter too few for beat 1.");
    }

    @Test
    void striking_the_turning_note_alone_can_land() {
        Step step = Steps.step("C", "major", Extent.octaves(1), Travel.DOWN_UP, Turn.DOUBLE, "3/4", "1/4", "0");
        Landing landing = Landing.of(step);
        assertThat(landing.words(Speech.USUAL).sentence()).isEqualTo("Lands on beat 1 of bar 6.");
        Landing other = Landing.of(step.withTurn(Turn.SINGLE));
        assertThat(other.fixes(Speech.USUAL))
                .extracting(LandingFix::sentence)
                .startsWith("Start on 2, a quarter later.", "Strike the bottom note twice.");
    }

    @Samples
    void applying_any_fix_lands_exactly(@From("steps") Step step) {
        Landing landing = Landing.of(step);
        boolean waits =
                step.rhythm().legs().stream().anyMatch(leg -> leg.place().isPresent());
        // A leg that waits for its place in the beat can be out of reach of every small change.
        if (!waits) assertThat(landing.fixes(Speech.USUAL).isEmpty()).isEqualTo(landing.lands());
        assertThat(landing.fixes(Speech.USUAL)).allSatisfy(fix -> {
            assertThat(Landing.of(fix.step()).off()).isEqualTo(Fraction.ZERO);
            assertThat(fix.step().title()).isEqualTo(step.title());
            fix.by().ifPresent(by -> assertThat(step.place().plus(by))
                    .isEqualTo(fix.step().place()));
        });
    }

    /** Against a brute-force search: no smaller move on a grid of 480ths lands, and every place that lands is named. */
    @Samples(100)
    void the_first_move_is_the_smallest_there_is(@From("steps") Step step) {
        Landing landing = Landing.of(step);
        boolean waits =
                step.rhythm().legs().stream().anyMatch(leg -> leg.place().isPresent());
        if (landing.lands() || waits) return;
        Optional<Fraction> smallest = java.util.stream.IntStream.range(-960, 960)
                .mapToObj(n -> Fraction.of(n, 480))
                .filter(by ->
                        step.place().plus(by).abs().isLessThan(step.meter().bar()))
                .filter(by -> landsAt(step, step.place().plus(by)))
                .min(Comparator.comparing(Fraction::abs));
        List<LandingFix> moves = landing.fixes(Speech.USUAL).stream()
                .filter(f -> f.kind() == FixKind.MOVE)
                .toList();
        assertThat(moves.stream().map(f -> f.by().orElseThrow().abs()).findFirst())
                .isEqualTo(smallest.map(Fraction::abs));
    }

    /** The definition itself, by walking the attacks one by one. */
    private static boolean landsAt(Step step, Fraction place) {
        List<pebblestep.core.passage.PassageNote> notes =
                Passage.of(step.withPlace(place)).notes();
        int last = notes.get(notes.size() - 1).lineNote();
        Fraction bars = notes.stream()
                .filter(note -> note.lineNote() == last)
                .findFirst()
                .orElseThrow()
                .at()
                .minus(step.target().in(step.meter()))
                .dividedBy(step.meter().bar());
        return bars.denominator() == 1;
    }

    /** Each kind of change in a case worked out by hand. */
    @Test
    void a_line_one_click_past_or_short_can_be_mended_by_a_note() {
        // 17 notes up and back, turned twice: 34 sixteenths, one past beat 1.
        Step past = Steps.step("C", "major", Extent.span(17), Travel.UP_DOWN, Turn.DOUBLE, "4/4", "1/16", "0");
        assertThat(sentences(past))
                .containsExactly(
                        "Start on the a of 4, a sixteenth early.",
                        "Strike the top note once.",
                        "Come in on note 2 of the line, degree 2, in place of the first.",
                        "Leave out degree 2 just before the last note.",
                        "Start on the a of 4, 15 sixteenths later.",
                        "Hold the turning note 15 sixteenths longer.");
        // Three octaves up in sixteenths: 22 notes; the last one sixteenth past the & of 2, the target on the a of 2.
        Step up = Steps.step("C", "major", Extent.span(16), Travel.UP, Turn.SINGLE, "4/4", "1/16", "0");
        assertThat(Landing.of(up).words(Speech.USUAL).sentence())
                .isEqualTo("Ends on the a of 4 of bar 1, one sixteenth short of beat 1.");
        assertThat(sentences(up))
                .startsWith(
                        "Start on the e of 1, a sixteenth later.",
                        "Pass through the half step between degree 1 and degree 2 near the end.",
                        "Hold the first note a sixteenth longer.");
    }

    private static List<String> sentences(Step step) {
        return Landing.of(step).fixes(Speech.USUAL).stream()
                .map(LandingFix::sentence)
                .toList();
    }

    @Test
    void another_note_than_the_last_can_be_the_one_that_arrives() {
        Step top = Steps.PLAIN.withTarget(Target.USUAL.of(Target.Arriving.TOP_TONIC));
        assertThat(Landing.of(top).words(Speech.USUAL).sentence())
                .isEqualTo("The top tonic comes on the & of 4 of bar 1, one eighth short of beat 1.");
        assertThat(Landing.of(top).fixes(Speech.USUAL).get(0).sentence())
                .isEqualTo("Start on the & of 1, an eighth later.");
        Step and = Steps.PLAIN.withTarget(
                new Target(Target.Arriving.LAST, Optional.empty(), Optional.of(Fraction.of(7, 8))));
        assertThat(Landing.of(and).words(Speech.USUAL).sentence())
                .isEqualTo("Ends on beat 4 of bar 2, one eighth short of the & of 4.");
        assertThatThrownBy(() -> Steps.PLAIN.withTarget(
                        new Target(Target.Arriving.LAST, Optional.empty(), Optional.of(Fraction.ONE))))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void a_held_tonic_and_uneven_values_count_in_full() {
        Step dotted = Steps.figure(
                Steps.step("C", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0"), "3/16 1/16");
        // Eight notes in four pairs: the last is the short one of the fourth.
        assertThat(Landing.of(dotted).words(Speech.USUAL).sentence())
                .isEqualTo("Ends on the a of 4 of bar 1, one sixteenth short of beat 1.");
        Step rests = Steps.figure(dotted, "1/2 r1/2");
        assertThat(Landing.of(rests).words(Speech.USUAL).sentence()).isEqualTo("Lands on beat 1 of bar 8.");
    }

    @Test
    void a_target_on_another_beat_moves_the_landing() {
        Step onFour = Steps.PLAIN.withTarget(Target.onBeat(4));
        assertThat(Landing.of(onFour).words(Speech.USUAL).sentence()).isEqualTo("Lands on beat 4 of bar 2.");
        assertThatThrownBy(() -> Steps.PLAIN.withTarget(Target.onBeat(5)))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("landing.beat"));
    }
}
