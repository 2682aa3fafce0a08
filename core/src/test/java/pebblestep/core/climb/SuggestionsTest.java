package pebblestep.core.climb;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

class SuggestionsTest {
    Draw<Step> steps() {
        return Steps.any();
    }

    /** An octave of C in quarters from 1. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "TEMPO | ",
                "VALUE | quarters, eighths, triplet eighths, sixteenths, triplet sixteenths, thirty-seconds",
                "SPAN | one octave, two octaves, three octaves, four octaves",
                "ARTICULATION | separate, slurred by 2, slurred by 4, slurred by 8, all in one slur",
                "PLACE | from 1, from the & of 1, from the e of 1, from the a of 1, from the trip of 1, from the let of 1"
            })
    void a_step_is_offered_what_is_taught_next(AxisKind kind, String words) {
        List<String> offered = Suggestions.of(kind, Climbs.OCTAVE).stream()
                .map(rung -> rung.inWords(Climbs.OCTAVE.meter(), Speech.USUAL))
                .limit(6)
                .toList();
        assertThat(String.join(", ", offered)).isEqualTo(words == null ? "" : words);
    }

    @Samples(200)
    void whatever_is_offered_makes_an_axis_that_the_step_can_stand_on(@From("steps") Step step) {
        for (AxisKind kind : AxisKind.values()) {
            List<Rung> rungs = Suggestions.of(kind, step);
            // These steps stay in their own key.
            if (kind == AxisKind.TEMPO || kind == AxisKind.WALK) {
                assertThat(rungs).isEmpty();
                continue;
            }
            assertThat(rungs.get(0)).isEqualTo(Rung.of(kind, step));
            assertThat(rungs).doesNotHaveDuplicates();
            Ascent ascent = Ascent.of(step, Climb.of(List.of(Axis.of(rungs)), Policy.IN_TURN));
            assertThat(ascent.moves().route()).hasSameSizeAs(rungs);
            Position own = ascent.climb().first();
            assertThat(Outlook.of(ascent, List.of(own), null, Speech.USUAL)
                            .rungs()
                            .get(0)
                            .notes())
                    .isEqualTo(ascent.noteCount(own));
        }
    }
}
