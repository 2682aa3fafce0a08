package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static pebblestep.core.practice.ReviewsTest.MONDAY;
import static pebblestep.core.practice.ReviewsTest.TWO_RUNGS;
import static pebblestep.core.practice.ReviewsTest.learnedThen;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.minutes.Load;
import pebblestep.core.passage.Steps;
import pebblestep.core.practice.TodayList.Due;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.samples.Samples.Ints;

/** The order is common practice, no source; each day below was worked out by hand. */
class TodayListTest {
    /** Ten seconds, no count-in: five times with rest are a minute, twice 24 seconds. */
    private static final Load MINUTE = new Load(Duration.ZERO, Duration.ofSeconds(10), 5);

    /** Given on Monday, and every day from then on; seen with the takes up to a day. */
    private static Due learned(long id, String takes, int day) {
        String sofar = Stream.of(takes.split(" "))
                .filter(take -> Integer.parseInt(take.replace("c", "")) <= day)
                .collect(Collectors.joining(" "));
        return new Due(
                id,
                "piece " + id,
                Progress.of(learnedThen(sofar)).settled(MONDAY.plusDays(day)),
                Schedule.daily(MONDAY, MONDAY.plusDays(90)),
                MINUTE);
    }

    private static Work learningWork(int given, int cleanInRow) {
        List<Entry> takes = new ArrayList<>();
        for (int i = 0; i < cleanInRow; i++) {
            takes.add(new Take(Bpm.of(60), Outcome.CLEAN, MONDAY.plusDays(given)));
        }
        return new Work(Steps.PLAIN.key(), TWO_RUNGS, takes);
    }

    private static Due learning(long id, int given, int cleanInRow) {
        return new Due(
                id,
                "piece " + id,
                settledLater(learningWork(given, cleanInRow)),
                Schedule.daily(MONDAY.plusDays(given), MONDAY.plusDays(90)),
                MINUTE);
    }

    /** As it stands on any day after the last take. */
    private static Settled settledLater(Work work) {
        return Progress.of(work).settled(MONDAY.plusDays(90));
    }

    /** 1 and 2 are being learned, 3 to 5 are known: 3 was reviewed often, 4 and 5 less. */
    private static List<Due> pieces(int day) {
        return List.of(
                learning(1, 0, 2),
                learning(2, 5, 0),
                learned(3, "1c 3c 7c", day),
                learned(4, "1c 3c", day),
                learned(5, "1c", day));
    }

    private static String list(int day, int minutes) {
        Duration time = minutes == 0 ? null : Duration.ofMinutes(minutes);
        return TodayList.of(pieces(day), time, MONDAY.plusDays(day)).lines().stream()
                .map(line -> "WLRK".charAt(line.kind().ordinal()) + "" + line.piece() + "x" + line.repetitions())
                .collect(Collectors.joining(" "));
    }

    /** Ten days: W warm-up, L learning, R review, K known, each with its piece and how often. */
    @ParameterizedTest
    @CsvSource({
        // 5 was due on day 3; 3 and 4 are due on day 7, and 3 comes first of two alike.
        "5, 0, W3x2 L2x5 L1x5 R5x2",
        "5, 10, W3x2 L2x5 L1x5 R5x2 K4x2",
        // Learned, due and warm-up take 2 min 48 s; 12 seconds are too few for anything known.
        "5, 3, W3x2 L2x5 L1x5 R5x2",
        "6, 0, W3x2 L2x5 L1x5 R5x2",
        // On day 7 pieces 3 and 4 are due, and 5 has been for longer; that 3 is reviewed on the day leaves it where it
        // is.
        "7, 0, L2x5 L1x5 R5x2 R3x2 R4x2",
        "8, 10, W3x2 L2x5 L1x5 R5x2 R4x2",
        "14, 0, W3x2 L2x5 L1x5 R5x2 R4x2",
        // From day 15 on everything known is due, so nothing is left to warm up with.
        "15, 0, L2x5 L1x5 R5x2 R4x2 R3x2",
        // Two minutes for 3 min 12 s: six repetitions of 12 seconds go, down to two of each.
        "7, 2, L2x2 L1x2 R5x2 R3x2 R4x2",
        // One minute for 3 min 12 s: repetitions to two, then the reviews, the least overdue first.
        "15, 1, L2x2 L1x2",
    })
    void a_day_is_the_one_worked_out_by_hand(int day, int minutes, String list) {
        assertThat(list(day, minutes)).isEqualTo(list);
    }

    @Test
    void every_line_has_its_reason() {
        List<String> reasons = TodayList.of(pieces(6), Duration.ofMinutes(10), MONDAY.plusDays(6)).lines().stream()
                .map(TodayList.Row::reason)
                .toList();
        assertThat(reasons)
                .containsExactly(
                        "warm-up: known, 4.7 notes a second",
                        "new: given yesterday",
                        "in work: 2 of 3 clean in a row",
                        "review: 5 days since clean",
                        "known: 3 days since clean, to keep it");
    }

    @Test
    void the_same_pieces_in_another_order_give_the_same_list() {
        List<Due> shuffled = new ArrayList<>(pieces(7));
        Collections.reverse(shuffled);
        assertThat(TodayList.of(shuffled, Duration.ofMinutes(3), MONDAY.plusDays(7)))
                .isEqualTo(TodayList.of(pieces(7), Duration.ofMinutes(3), MONDAY.plusDays(7)));
    }

    @Test
    void what_is_learned_rests_on_other_weekdays_and_reviews_do_not() {
        Schedule mondays = new Schedule(MONDAY, Optional.empty(), Set.of(DayOfWeek.MONDAY));
        Due monday = new Due(1, "a", settledLater(learningWork(0, 1)), mondays, MINUTE);
        Due review = new Due(2, "b", settledLater(learnedThen("")), mondays, MINUTE);
        assertThat(TodayList.of(List.of(monday, review), null, MONDAY.plusDays(1))
                        .pieces())
                .containsExactly(2L);
        assertThat(TodayList.of(List.of(monday, review), null, MONDAY.plusDays(7))
                        .pieces())
                .containsExactly(1L, 2L);
    }

    /** Whatever is played on a day, and however it goes, the list of the day is as it was in its morning. */
    @Samples(200)
    void what_is_played_on_a_day_does_not_change_its_list(
            @From("logs") String log, @From("todays") String today, @Ints(min = 0, max = 5) int nights) {
        Progress morning = Progress.of(ProgressTest.work(log));
        LocalDate day = morning.standing().day().isBefore(MONDAY)
                ? MONDAY
                : morning.standing().day().plusDays(1L + nights);
        Progress evening = morning;
        for (char how : today.toCharArray()) {
            Standing now = evening.standing().on(day);
            Bpm asked = now.ascent().bpm(now.at());
            evening = evening.then(new Take(asked, how == 'c' ? Outcome.CLEAN : Outcome.SLIPS, day));
        }
        assertThat(list(evening, day)).isEqualTo(list(morning, day));
        assertThat(list(evening, day).lines()).hasSize(1);
    }

    /** The list of a day with this alone. */
    private static TodayList list(Progress progress, LocalDate day) {
        Schedule daily = Schedule.daily(MONDAY, MONDAY.plusDays(400));
        return TodayList.of(
                List.of(new Due(1, "a", progress.settled(day), daily, MINUTE)), Duration.ofMinutes(10), day);
    }

    Draw<String> logs() {
        return Draw.text("cccccccm|||ph", 50);
    }

    Draw<String> todays() {
        return Draw.text("cccm", 12);
    }

    @Test
    void what_the_teacher_decides_on_a_day_changes_its_list() {
        LocalDate day = MONDAY.plusDays(1);
        Progress learned = Progress.of(learnedThen("1c"));
        assertThat(list(learned, day).lines().get(0).kind()).isEqualTo(Purpose.REVIEW);
        Progress reopened = learned.then(new Decision(new ClimbEvent.Placed(Position.of(0), day)));
        assertThat(list(reopened, day).lines().get(0).kind()).isEqualTo(Purpose.LEARNING);
    }

    Draw<List<Due>> anyPieces() {
        Draw<String> logs = Draw.of("", "1c", "1c 3c", "1c 3s", "1s 2s", "1c 3c 7c 15c");
        return logs.list(0, 8).map(texts -> {
            List<Due> pieces = new ArrayList<>();
            for (int i = 0; i < texts.size(); i++) {
                pieces.add(
                        i % 2 == 0
                                ? learning(i, i, i % 3)
                                : new Due(
                                        i,
                                        "piece " + i,
                                        settledLater(learnedThen(texts.get(i))),
                                        Schedule.daily(MONDAY, MONDAY.plusDays(90)),
                                        MINUTE));
            }
            return pieces;
        });
    }

    @Samples(150)
    void a_list_keeps_to_its_minutes_its_order_and_each_piece_once(
            @From("anyPieces") List<Due> pieces,
            @Ints(min = 1, max = 12) int minutes,
            @Ints(min = 15, max = 40) int day) {
        TodayList list = TodayList.of(pieces, Duration.ofMinutes(minutes), MONDAY.plusDays(day));
        Duration takes = list.lines().stream()
                .map(line -> MINUTE.times(line.repetitions()).total())
                .reduce(Duration.ZERO, Duration::plus);
        assertThat(takes).isLessThanOrEqualTo(Duration.ofMinutes(minutes));
        assertThat(list.pieces()).doesNotHaveDuplicates();
        assertThat(list.lines().stream().map(TodayList.Row::kind)).isSorted();
        assertThat(list.lines()).allSatisfy(line -> assertThat(line.reason()).isNotBlank());
    }
}
