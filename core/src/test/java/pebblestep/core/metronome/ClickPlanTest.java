package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Metronome.Clicks;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.samples.Samples.Ints;

class ClickPlanTest {

    @Test
    void a_bar_is_counted_in_and_the_click_goes_on_to_the_end_of_the_last_bar() {
        ClickPlan plan = ClickPlan.of(Passage.of(Steps.PLAIN));
        assertThat(plan.start()).isEqualTo(Fraction.of(-1));
        assertThat(plan.end()).isEqualTo(Fraction.of(2));
        assertThat(plan.clicks()).hasSize(12);
        assertThat(plan.clicks()).filteredOn(Click::countIn).hasSize(4);
        assertThat(plan.clicks())
                .filteredOn(Click::accent)
                .extracting(Click::beat)
                .containsExactly(1, 1, 1);
    }

    @Test
    void a_pickup_stands_in_a_bar_of_its_own_after_the_count_in() {
        ClickPlan plan = ClickPlan.of(Passage.of(Steps.PLAIN.withPlace(Fraction.of(-1, 16))));
        assertThat(plan.start()).isEqualTo(Fraction.of(-2));
        assertThat(plan.clicks())
                .filteredOn(Click::countIn)
                .extracting(Click::at)
                .endsWith(Fraction.of(-5, 4));
    }

    @Test
    void compound_meters_click_their_dotted_beats() {
        Step step = Steps.step("C", "major", Extent.span(6), Travel.UP, Turn.SINGLE, "6/8", "1/8", "0");
        assertThat(ClickPlan.of(Passage.of(step)).clicks())
                .extracting(Click::at)
                .containsExactly(Fraction.of(-3, 4), Fraction.of(-3, 8), Fraction.ZERO, Fraction.of(3, 8));
    }

    private static String clicks(String meter, String value, Clicks which) {
        return clicks(meter, value, 2, new Metronome(1, false, which));
    }

    private static String clicks(String meter, String value, int span, Metronome metronome) {
        Step step = Steps.step("C", "major", Extent.span(span), Travel.UP, Turn.SINGLE, meter, value, "0");
        Step asked = step.withMetronome(metronome);
        return ClickPlan.of(Passage.of(asked)).clicks().stream()
                .filter(click -> !click.countIn())
                .map(click -> click.at() + (click.between() ? "-" : ""))
                .collect(Collectors.joining(" "));
    }

    /** Worked out by hand; the count-in always clicks every beat. */
    @ParameterizedTest
    @CsvSource({
        "4/4,1/4,BEATS,0 1/4 1/2 3/4",
        "4/4,1/4,ONE,0",
        "4/4,1/4,TWO_AND_FOUR,1/4 3/4",
        "2/4,1/4,SUBDIVISIONS,0 1/8- 1/4 3/8-",
        "2/4,1/12,SUBDIVISIONS,0 1/12- 1/6- 1/4 1/3- 5/12-",
        "6/8,3/8,SUBDIVISIONS,0 1/8- 1/4- 3/8 1/2- 5/8-",
        "7/8(2+2+3),1/8,BEATS,0 1/4 1/2",
        "7/8(2+2+3),1/8,SUBDIVISIONS,0 1/8- 1/4 3/8- 1/2 5/8- 3/4-",
        "4/4,1/4,NONE,''"
    })
    void the_clicks_stand_where_they_are_asked_for(String meter, String value, Clicks which, String places) {
        assertThat(clicks(meter, value, which)).isEqualTo(places);
    }

    @Test
    void a_count_in_has_four_bars_at_most() {
        assertThatThrownBy(() -> new Metronome(5, true, Clicks.BEATS)).isInstanceOf(Refusal.class);
    }

    /** Worked out by hand: two, then four bars of quarters; 7/8 clicks its groups. */
    @Test
    void chosen_beats_and_silent_bars_click_where_they_are_asked_for() {
        Metronome chosen = new Metronome(1, false, Clicks.CHOSEN, List.of(1, 3), Optional.empty());
        assertThat(clicks("4/4", "1/4", 5, chosen)).isEqualTo("0 1/2 1 3/2");
        assertThat(clicks(
                        "7/8(2+2+3)", "1/8", 8, new Metronome(0, true, Clicks.CHOSEN, List.of(2, 3), Optional.empty())))
                .isEqualTo("1/4 1/2 9/8 11/8");
        Metronome beats = new Metronome(1, true, Clicks.BEATS);
        assertThat(clicks("2/4", "1/4", 8, beats.silent(1, 1))).isEqualTo("0 1/4 1 5/4");
        assertThat(clicks("2/4", "1/4", 8, beats.silent(2, 1))).isEqualTo("0 1/4 1/2 3/4 3/2 7/4");
        assertThat(clicks("2/4", "1/4", 8, chosenIn("2/4").silent(1, 2))).isEqualTo("1/4 7/4");
        assertThat(clicks("7/8(3+2+2)", "1/8", 8, beats.silent(1, 1))).isEqualTo("0 3/8 5/8");
    }

    private static Metronome chosenIn(String meter) {
        int last = pebblestep.core.rhythm.Meter.parse(meter).beats();
        return new Metronome(2, true, Clicks.CHOSEN, List.of(last), Optional.empty());
    }

    @Test
    void the_count_in_is_never_silent_and_silent_bars_begin_after_it() {
        Metronome wish = new Metronome(2, true, Clicks.BEATS).silent(1, 1);
        Step step = Steps.step("C", "major", Extent.span(8), Travel.UP, Turn.SINGLE, "2/4", "1/4", "0");
        Step asked = step.withMetronome(wish);
        ClickPlan plan = ClickPlan.of(Passage.of(asked));
        assertThat(plan.clicks()).filteredOn(Click::countIn).hasSize(4);
        assertThat(plan.clicks()).filteredOn(click -> !click.countIn()).hasSize(4);
        assertThat(plan.end()).as("silent bars still take their time").isEqualTo(Fraction.of(2));
    }

    /** Worked out by hand: silent bars take their turns on, however short the line is. */
    @ParameterizedTest
    @CsvSource({
        // A line of one bar, and one bar that sounds after each that is silent.
        "2/4,1/4,2,1,1,4,0 1/4 1 5/4",
        // Two bars that sound, two that are silent, a line of two bars: every second repetition is silent.
        "2/4,1/4,4,2,2,4,0 1/4 1/2 3/4 2 9/4 5/2 11/4",
        // A line of three bars meets turns of two: sounding, silent, sounding; silent, sounding, silent.
        "2/4,1/4,6,1,1,2,0 1/4 1 5/4 2 9/4",
        "7/8(2+2+3),1/8,7,1,2,4,0 1/4 1/2 21/8 23/8 25/8",
        "3/4,1/4,3,2,1,5,0 1/4 1/2 3/4 1 5/4 9/4 5/2 11/4 3 13/4 7/2",
    })
    void silent_bars_count_on_through_the_repetitions(
            String meter, String value, int span, int sounding, int silent, int times, String places) {
        Metronome turns = new Metronome(1, true, Clicks.BEATS).silent(sounding, silent);
        Passage passage =
                Passage.of(Steps.step("C", "major", Extent.span(span), Travel.UP, Turn.SINGLE, meter, value, "0")
                        .withMetronome(turns));
        ClickPlan plan = ClickPlan.of(passage, times);
        assertThat(played(plan)).isEqualTo(places);
        assertThat(plan.clicks()).filteredOn(Click::countIn).isNotEmpty();
        assertThatThrownBy(() -> ClickPlan.of(passage, 0)).isInstanceOf(Refusal.class);
    }

    /** That the browser's clock comes to the same is held by a file that both are tested with: {@code SoundedTest}. */
    @Samples(200)
    void bars_take_turns_and_every_one_that_sounds_has_the_same_clicks(
            @Ints(min = 2, max = 24) int span,
            @Ints(min = 1, max = 16) int sounding,
            @Ints(min = 1, max = 16) int silent,
            @Ints(min = 1, max = 10) int times,
            @From("meters") String meter) {
        Metronome turns = new Metronome(2, true, Clicks.SUBDIVISIONS).silent(sounding, silent);
        Step step = Steps.step("C", "major", Extent.span(span), Travel.UP, Turn.SINGLE, meter, "1/8", "0");
        Fraction bar = step.meter().bar();
        Map<Long, List<Fraction>> heard = ClickPlan.of(Passage.of(step.withMetronome(turns)), times).clicks().stream()
                .filter(click -> !click.countIn())
                .collect(Collectors.groupingBy(
                        click -> click.at().dividedBy(bar).floor(),
                        Collectors.mapping(
                                click -> click.at()
                                        .minus(bar.times(
                                                click.at().dividedBy(bar).floor())),
                                Collectors.toList())));
        assertThat(heard.keySet()).allSatisfy(at -> assertThat(at % (sounding + silent))
                .as("bar %s of %s sounding and %s silent", at, sounding, silent)
                .isLessThan(sounding));
        assertThat(heard.values().stream().distinct()).hasSize(1);
        long last = ClickPlan.of(Passage.of(step), times).clicks().stream()
                .mapToLong(click -> click.at().dividedBy(bar).floor())
                .max()
                .orElseThrow();
        assertThat(heard).hasSize((int) LongStream.rangeClosed(0, last)
                .filter(at -> at % (sounding + silent) < sounding)
                .count());
    }

    Draw<String> meters() {
        return Draw.of("2/4", "3/4", "4/4", "6/8", "7/8(2+2+3)", "12/8");
    }

    private static String played(ClickPlan plan) {
        return plan.clicks().stream()
                .filter(click -> !click.countIn())
                .map(click -> click.at().toString())
                .collect(Collectors.joining(" "));
    }

    @Test
    void beats_that_cannot_be_are_refused() {
        assertThatThrownBy(() -> new Metronome(1, true, Clicks.CHOSEN)).hasMessageContaining("which beats");
        assertThatThrownBy(() -> new Metronome(1, true, Clicks.ONE, List.of(1), Optional.empty()))
                .hasMessageContaining("where they are chosen");
        assertThatThrownBy(() -> new Metronome(1, true, Clicks.CHOSEN, List.of(2, 2), Optional.empty()))
                .hasMessageContaining("rising");
        assertThatThrownBy(() -> new Metronome(1, true, Clicks.BEATS).silent(0, 1))
                .hasMessageContaining("1 to 16");
        Metronome five = new Metronome(1, true, Clicks.CHOSEN, List.of(5), Optional.empty());
        assertThatThrownBy(() -> clicks("4/4", "1/4", 5, five)).hasMessage("A bar of 4/4 has 4 beats, not 5.");
    }
}
