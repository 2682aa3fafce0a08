package pebblestep.core.keyplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.keyplan.KeyPlan.Event;
import pebblestep.core.keyplan.KeyPlan.GoOn;
import pebblestep.core.keyplan.KeyPlan.Learned;
import pebblestep.core.keyplan.KeyPlan.Pace;
import pebblestep.core.keyplan.KeyPlan.Repeat;
import pebblestep.core.keyplan.KeyPlan.Skip;
import pebblestep.core.keyplan.KeyPlan.Stay;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Ints;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;

/** Orders and paces of keys: common practice, no source. */
class KeyPlanTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final NoteName C = NoteName.parse("C");

    private static String said(List<NoteName> keys) {
        return keys.stream().map(NoteName::toString).collect(Collectors.joining(" "));
    }

    /** Written out by hand. */
    @ParameterizedTest
    @CsvSource({
        "FOURTHS, C, C F B♭ E♭ A♭ D♭ G♭ B E A D G",
        "FIFTHS, C, C G D A E B G♭ D♭ A♭ E♭ B♭ F",
        "SEMITONE_UP, C, C D♭ D E♭ E F G♭ G A♭ A B♭ B",
        "SEMITONE_DOWN, C, C B B♭ A A♭ G G♭ F E E♭ D D♭",
        "WHOLE_STEP_UP, C, C D E G♭ A♭ B♭ D♭ E♭ F G A B",
        "WHOLE_STEP_DOWN, C, C B♭ A♭ G♭ E D D♭ B A G F E♭",
        "MINOR_THIRDS, C, C E♭ G♭ A D♭ E G B♭ D F A♭ B",
        "MAJOR_THIRDS, C, C E A♭ D♭ F A D G♭ B♭ E♭ G B",
        "FEW_TO_MANY, C, C F G B♭ D E♭ A A♭ E D♭ B G♭",
        "FOURTHS, E♭, E♭ A♭ D♭ G♭ B E A D G C F B♭",
        "FIFTHS, F♯, F♯ D♭ A♭ E♭ B♭ F C G D A E B",
        "FEW_TO_MANY, D, D E♭ A A♭ E D♭ B G♭ C F G B♭",
    })
    void a_round_is_the_one_written_by_hand(KeyOrder order, String start, String keys) {
        assertThat(said(order.from(NoteName.parse(start)))).isEqualTo(keys);
    }

    @Samples
    void twelve_keys_are_met_once_a_round_whatever_the_order_and_the_start(
            KeyOrder order, @Ints(min = 0, max = 11) int start) {
        List<NoteName> round = order.from(KeyOrder.fourths().get(start));
        assertThat(round).hasSize(12);
        assertThat(round.stream().map(NoteName::pitchClass).distinct()).hasSize(12);
        assertThat(round.get(0)).isEqualTo(KeyOrder.fourths().get(start));
    }

    @Test
    void a_round_may_come_back_the_way_it_went() {
        List<NoteName> own = List.of(C, NoteName.parse("F"), NoteName.parse("B♭"));
        KeyPlan plan = new KeyPlan(own, true, Pace.WEEK, MONDAY);
        assertThat(said(plan.next(0, 9))).isEqualTo("C F B♭ B♭ F C C F B♭");
        assertThat(said(KeyPlan.of(own, Pace.WEEK, MONDAY).next(2, 3))).isEqualTo("B♭ C F");
    }

    private static KeyPlan.Station on(Pace pace, int day, Event... events) {
        return KeyPlan.of(KeyOrder.fourths(), pace, MONDAY).on(MONDAY.plusDays(day), List.of(events));
    }

    @ParameterizedTest
    @CsvSource({
        "WEEK, 0, C",
        "WEEK, 6, C",
        "WEEK, 7, F",
        "WEEK, 83, G",
        "WEEK, 84, C",
        "DAY, 0, C",
        "DAY, 1, F",
        "DAY, 13, F",
        "LEARNED, 300, C",
    })
    void the_pace_brings_the_next_key(Pace pace, int day, String tonic) {
        assertThat(on(pace, day).tonic()).hasToString(tonic);
    }

    @Test
    void a_learned_key_brings_the_next_one_where_the_pace_says_so() {
        Event[] learned = {new Learned(MONDAY.plusDays(3)), new Learned(MONDAY.plusDays(10))};
        assertThat(on(Pace.LEARNED, 2, learned).tonic()).hasToString("C");
        assertThat(on(Pace.LEARNED, 3, learned).tonic()).hasToString("F");
        assertThat(on(Pace.LEARNED, 30, learned).tonic()).hasToString("B♭");
        assertThat(on(Pace.WEEK, 6, learned).tonic())
                .as("a week goes by the week")
                .hasToString("C");
    }

    @Test
    void the_teacher_skips_repeats_and_holds() {
        assertThat(on(Pace.WEEK, 2, new Skip(MONDAY.plusDays(2))).tonic()).hasToString("F");
        assertThat(on(Pace.WEEK, 8, new Skip(MONDAY.plusDays(2))).tonic()).hasToString("F");
        assertThat(on(Pace.WEEK, 9, new Skip(MONDAY.plusDays(2))).tonic()).hasToString("B♭");
        KeyPlan.Station repeated = on(Pace.WEEK, 11, new Repeat(MONDAY.plusDays(5)));
        assertThat(repeated.tonic()).hasToString("C");
        assertThat(repeated.since()).isEqualTo(MONDAY.plusDays(5));
        assertThat(on(Pace.WEEK, 12, new Repeat(MONDAY.plusDays(5))).tonic()).hasToString("F");
        Event[] held = {new Stay(MONDAY.plusDays(8)), new GoOn(MONDAY.plusDays(40))};
        assertThat(on(Pace.WEEK, 39, held).held()).isTrue();
        assertThat(on(Pace.WEEK, 46, held).tonic()).hasToString("F");
        assertThat(on(Pace.WEEK, 47, held).tonic()).hasToString("B♭");
        assertThat(on(Pace.LEARNED, 20, new Stay(MONDAY), new Learned(MONDAY.plusDays(1)))
                        .tonic())
                .as("a plan that stands still")
                .hasToString("C");
    }

    @Test
    void what_has_not_happened_yet_moves_nothing() {
        assertThat(on(Pace.WEEK, 1, new Skip(MONDAY.plusDays(2))).tonic()).hasToString("C");
        assertThat(KeyPlan.of(KeyOrder.fourths(), Pace.DAY, MONDAY)
                        .on(MONDAY.minusDays(3), List.of())
                        .tonic())
                .hasToString("C");
    }

    @Test
    void a_list_of_ones_own_names_each_key_once() {
        assertThatThrownBy(() -> KeyOrder.own(List.of(C, C))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> KeyOrder.own(List.of())).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource({
        "MAJOR, E♭, E♭ major",
        "MAJOR_AND_RELATIVE, E♭, E♭ major + C natural minor",
        "MAJOR_AND_MINORS, G, G major + E natural minor + E harmonic minor + E melodic minor",
        "WITH_ARPEGGIOS, F, F major + D natural minor + F major triad + D minor triad",
        "AS_GIVEN, F, F dorian",
        "AS_GIVEN, D♭, C♯ dorian",
    })
    void a_key_brings_its_family(FormSet set, String tonic, String keys) {
        assertThat(set.of(NoteName.parse(tonic), Forms.of("dorian")).stream()
                        .map(Key::toString)
                        .collect(Collectors.joining(" + ")))
                .isEqualTo(keys);
    }

    @Samples
    void every_key_of_every_order_brings_a_family(KeyOrder order, FormSet set) {
        for (NoteName tonic : order.from(C))
            assertThat(set.of(tonic, Forms.of("dorian"))).isNotEmpty();
    }

    private static String windows(Pace pace, int first, int last, Event... events) {
        return KeyPlan.of(KeyOrder.fourths(), pace, MONDAY)
                .windows(MONDAY.plusDays(first), MONDAY.plusDays(last), List.of(events))
                .stream()
                .map(window -> window.tonic() + " "
                        + MONDAY.until(window.from()).getDays() + "-"
                        + window.to().map(to -> "" + MONDAY.until(to).getDays()).orElse(""))
                .collect(Collectors.joining(", "));
    }

    @Test
    void the_keys_of_the_coming_days_are_known_as_far_as_the_plan_waits_for_nothing() {
        assertThat(windows(Pace.WEEK, 0, 6)).isEqualTo("C 0-6");
        assertThat(windows(Pace.WEEK, 3, 9)).isEqualTo("C 0-6, F 7-13");
        assertThat(windows(Pace.DAY, 1, 3)).isEqualTo("F 1-1, B♭ 2-2, E♭ 3-3");
        assertThat(windows(Pace.LEARNED, 3, 9)).isEqualTo("C 0-");
        assertThat(windows(Pace.WEEK, 3, 9, new Stay(MONDAY.plusDays(2)))).isEqualTo("C 0-");
        assertThat(windows(Pace.WEEK, 2, 9, new Skip(MONDAY.plusDays(2)))).isEqualTo("F 2-8, B♭ 9-15");
        assertThat(windows(Pace.WEEK, -9, -2)).as("not begun").isEmpty();
    }

    private static String sentence(Pace pace, int day, Event... events) {
        KeyPlan plan = KeyPlan.of(KeyOrder.fourths(), pace, MONDAY);
        LocalDate today = MONDAY.plusDays(day);
        return plan.sentence(plan.on(today, List.of(events)), today, key -> key);
    }

    @Test
    void it_says_where_it_stands() {
        assertThat(sentence(Pace.WEEK, 8)).isEqualTo("In F since 9 March, key 2 of 12; B♭ from 16 March.");
        assertThat(sentence(Pace.WEEK, 84)).startsWith("In C since 25 May, key 1 of 12, round 2; F from");
        assertThat(sentence(Pace.LEARNED, 8)).isEqualTo("In C since 2 March, key 1 of 12; F when this one is learned.");
        assertThat(sentence(Pace.WEEK, 8, new Stay(MONDAY.plusDays(8))))
                .endsWith("; held here until you let it go on.");
        assertThat(sentence(Pace.DAY, -2)).isEqualTo("Begins in C on 2 March.");
    }

    @Test
    void a_list_of_ones_own_is_completed_by_fourths() {
        assertThat(said(KeyOrder.completed(List.of(NoteName.parse("D"), NoteName.parse("A♯")))))
                .isEqualTo("D A♯ C F E♭ A♭ D♭ G♭ B E A G");
    }
}
