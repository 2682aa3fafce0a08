package pebblestep.documents.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import pebblestep.core.climb.Climb;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyPlan.Pace;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.tempo.LadderScheme;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocuments;

class PlanAskedTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    private static PlanAsked asked(@Nullable KeyOrder order, @Nullable String keys, FormSet forms, Pace pace) {
        return new PlanAsked(
                List.of(new PlanAsked.PlanStep(
                        StepDocuments.write(Steps.PLAIN),
                        ClimbDocuments.write(Climb.tempo(Bpm.of(60), Bpm.of(80), LadderScheme.fixed(4))))),
                List.of(new PlanAsked.PlanReader(
                        7,
                        "Jory Fell",
                        Level.FIRST_OCTAVE,
                        PlayerDocument.of(Player.of(Instruments.of("english-horn"), Level.FULL)))),
                order,
                null,
                keys,
                false,
                Named.CONCERT,
                forms,
                pace,
                MONDAY,
                SpeechDocument.of(Speech.USUAL));
    }

    @Test
    void each_key_says_when_it_comes_and_what_it_brings_as_it_is_read() {
        List<PlanAsked.PlannedKey> round = asked(KeyOrder.FOURTHS, null, FormSet.WITH_ARPEGGIOS, Pace.WEEK)
                .answer()
                .previews()
                .getFirst()
                .round();
        assertThat(round).hasSize(12);
        assertThat(round.getFirst().tonic())
                .as("concert C as an english horn reads it")
                .isEqualTo("G");
        assertThat(round.getFirst().brings())
                .containsExactly("G major", "E natural minor", "G major triad", "E minor triad");
        assertThat(round.get(1).from()).isEqualTo(MONDAY.plusDays(7));
    }

    @Test
    void a_list_of_ones_own_is_read_with_spaces_or_commas() {
        assertThat(asked(null, " C, F  Bb", FormSet.AS_GIVEN, Pace.LEARNED)
                        .answer()
                        .previews()
                        .getFirst()
                        .round())
                .extracting(PlanAsked.PlannedKey::tonic)
                .containsExactly("G", "C", "F");
        assertThatThrownBy(() -> asked(null, " , ", FormSet.AS_GIVEN, Pace.WEEK).answer())
                .hasMessage("Write the keys of your list.");
    }

    @Test
    void a_key_a_day_is_refused_to_somebody_who_plays_a_first_octave() {
        assertThatThrownBy(() -> asked(KeyOrder.FOURTHS, null, FormSet.AS_GIVEN, Pace.DAY)
                        .answer())
                .hasMessageStartingWith("A key a day is too fast for Jory Fell");
    }
}
