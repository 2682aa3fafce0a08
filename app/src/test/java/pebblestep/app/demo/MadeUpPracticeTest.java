package pebblestep.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.practice.PracticeViews.TakeRequest;
import pebblestep.core.climb.Ascent;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Outcome;
import pebblestep.core.rhythm.Bpm;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.IdentifiedNames;
import pebblestep.exchange.StepJson;

/** The demo's students practise what they were given, and the same on every start of a day. */
class MadeUpPracticeTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    private static final DemoDocuments DOCUMENTS = new DemoDocuments(IdentifiedNames.JSON);

    private static Ascent ascent(DemoPlan.Given piece) {
        return Ascent.of(
                StepJson.read(DOCUMENTS.document(piece).toString()),
                ClimbJson.read(DOCUMENTS.climb(piece).toString()));
    }

    private static AssignmentView given(DemoPlan.Given piece) {
        LocalDate first = TODAY.minusDays(piece.firstDay());
        return new AssignmentView(
                1,
                1,
                1,
                piece.title(),
                "",
                null,
                "",
                null,
                first,
                first.plusDays(piece.days()),
                List.of(),
                8,
                false,
                null);
    }

    private static Player reader(DemoPlan.Player player) {
        return Player.of(Instruments.of(player.instrument()), Level.of(player.level()));
    }

    private static List<TakeRequest> everything(long seed) {
        MadeUpPractice practised = new MadeUpPractice(seed);
        List<TakeRequest> takes = new ArrayList<>();
        for (DemoPlan.Player player : DemoPlan.PLAYERS) {
            for (DemoPlan.Given piece : player.pieces()) {
                takes.addAll(
                        practised.of(given(piece), ascent(piece), piece, player.daysAWeek(), reader(player), TODAY));
            }
        }
        return takes;
    }

    @Test
    void the_same_seed_gives_the_same_practice_and_another_gives_another() {
        assertThat(everything(5)).isEqualTo(everything(5)).isNotEqualTo(everything(6));
    }

    @Test
    void takes_lie_on_days_of_their_piece_before_today_and_on_rungs_of_its_climb() {
        for (DemoPlan.Player player : DemoPlan.PLAYERS) {
            for (DemoPlan.Given piece : player.pieces()) {
                Ascent ascent = ascent(piece);
                List<Bpm> tempos =
                        ascent.moves().route().stream().map(ascent::bpm).toList();
                AssignmentView given = given(piece);
                List<TakeRequest> takes =
                        new MadeUpPractice(5).of(given, ascent, piece, player.daysAWeek(), reader(player), TODAY);
                assertThat(takes).as(piece.title()).allSatisfy(take -> {
                    LocalDate day = take.takenAt().toLocalDate();
                    assertThat(day).isBetween(given.startsOn(), given.endsOn()).isBefore(TODAY);
                    assertThat(take.takenAt().toLocalTime()).isBetween(LocalTime.of(15, 30), LocalTime.of(20, 0));
                    assertThat(Bpm.of(take.bpm())).isIn(tempos);
                });
            }
        }
    }

    @Test
    void what_slips_is_a_note_that_the_student_reads_and_a_clean_take_slips_nowhere() {
        DemoPlan.Player player = DemoPlan.PLAYERS.get(0);
        for (DemoPlan.Given piece : player.pieces()) {
            Ascent ascent = ascent(piece);
            // The line is the same on every rung unless its range grows.
            List<String> read = ascent.moves().route().stream()
                    .flatMap(at -> Passage.of(ascent.at(at), reader(player)).notes().stream())
                    .map(note -> note.written().toString())
                    .distinct()
                    .toList();
            for (TakeRequest take :
                    new MadeUpPractice(7).of(given(piece), ascent, piece, player.daysAWeek(), reader(player), TODAY)) {
                assertThat(take.slipped() == null).isEqualTo(take.outcome() == Outcome.CLEAN);
                if (take.slipped() == null) continue;
                assertThat(take.slipped().read().kinds()).isNotEmpty();
                assertThat(take.slipped().read().notes())
                        .allSatisfy(
                                note -> assertThat(note.written().toString()).isIn(read));
            }
        }
    }
}
