package pebblestep.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Climbs;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Standing;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.scale.Key;
import pebblestep.core.tempo.LadderScheme;

/** What is foreseen is what the rules then say. */
class ForesightTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final Key KEY = Steps.PLAIN.key();
    private static final Ascent LADDER =
            Ascent.of(Steps.PLAIN, Climb.tempo(Bpm.of(60), Bpm.of(100), LadderScheme.fixed(8)));

    private static final Ascent TWO_AXES =
            Climbs.ascent(Policy.IN_TURN, Climbs.tempo(60, 90, 10), Climbs.values("1/4", "1/8"));

    private static Work work(Ascent ascent, List<Entry> entries) {
        return new Work(KEY, ascent, entries);
    }

    Draw<String> days() {
        return Draw.text("ccccum|", 24);
    }

    @Samples(120)
    void following_it_leads_to_the_same_as_replaying_the_log(@From("days") String days) {
        follow(LADDER, days);
        follow(TWO_AXES, days);
    }

    private static void follow(Ascent ascent, String days) {
        Foresight foresight = Foresight.of(Progress.of(work(ascent, List.of())), MONDAY, Speech.USUAL);
        List<Entry> entries = new ArrayList<>();
        LocalDate day = MONDAY;
        int at = 0;
        for (char what : days.toCharArray()) {
            Foresight.State state = foresight.states().get(at);
            Standing standing = state.standing();
            OptionalInt next =
                    switch (what) {
                        case 'c' -> state.clean();
                        case 'u' -> state.under();
                        case 'm' -> state.missed();
                        default -> state.morning();
                    };
            if (next.isEmpty()) continue;
            if (what == '|') day = day.plusDays(1);
            else {
                Bpm asked = standing.ascent().bpm(standing.at());
                Bpm bpm = what == 'u' ? Bpm.of(asked.value().subtract(java.math.BigDecimal.ONE)) : asked;
                entries.add(new Take(bpm, what == 'm' ? Outcome.SLIPS : Outcome.CLEAN, day));
            }
            at = next.getAsInt();
            Work now = work(ascent, entries);
            Foresight.State reached = foresight.states().get(at);
            assertThat(reached.standing().at()).isEqualTo(now.standing(day).at());
            assertThat(reached.standing().cleanInRow())
                    .isEqualTo(now.standing(day).cleanInRow());
            assertThat(reached.judgement()).isEqualTo(Judgement.of(now, day, Speech.USUAL));
        }
    }

    @Test
    void it_begins_where_the_student_stands_and_goes_on_for_days() {
        Foresight foresight = Foresight.of(Progress.of(work(LADDER, List.of())), MONDAY, Speech.USUAL);
        assertThat(foresight.states().get(0).judgement().sentence()).isEqualTo("Not started: begins at 60 bpm.");
        assertThat(foresight.states()).hasSizeBetween(50, Foresight.MOST_STATES);
        assertThat(foresight.positions()).as("the whole ladder").hasSize(6);
        Foresight.State once =
                foresight.states().get(foresight.states().get(0).clean().orElseThrow());
        assertThat(once.judgement().sentence()).isEqualTo("1 of 3 clean in a row at 60 bpm, then 68.");
        assertThat(once.under()).as("no easier rung than the first").isEmpty();
    }
}
