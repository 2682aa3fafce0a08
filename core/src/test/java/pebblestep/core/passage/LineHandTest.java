package pebblestep.core.passage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pebblestep.core.hands.Fingering;
import pebblestep.core.hands.Fingering.Stop;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.Level;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

class LineHandTest {
    private static Fingering fingering(Step step, String instrument) {
        Player player = Player.of(Instruments.of(instrument));
        return Passage.of(step, player).fingering(player).orElseThrow();
    }

    private static Step octave(String tonic) {
        return Steps.step(tonic, "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
    }

    /** Concert B flat is a trumpet's written C (common practice, no source). */
    @Test
    void a_line_is_fingered_as_it_is_read() {
        assertThat(fingering(octave("Bb"), "trumpet").stops())
                .extracting(stop -> stop.way().text())
                .containsExactly("0", "1-3", "1-2", "1", "0", "1-2", "2", "0");
    }

    @Test
    void a_quicker_tempo_is_a_greater_effort() {
        Step step = octave("Bb");
        double slow = fingering(step.withTempo(Tempo.quarters(60)), "trombone").effort();
        assertThat(fingering(step.withTempo(Tempo.quarters(120)), "trombone").effort())
                .isGreaterThan(slow);
    }

    @Test
    void whoever_has_no_hand_here_has_no_fingering() {
        assertThat(Passage.of(Steps.PLAIN).fingering(null)).isEmpty();
        Player voice = Player.of(Instruments.of("soprano-voice"));
        assertThat(Passage.of(octave("D"), voice).fingering(voice)).isEmpty();
    }

    private record Case(Step step, Player player) {}

    /** Steps that fit whoever plays them. */
    Draw<Case> cases() {
        List<Instrument> carried = Instruments.all().stream()
                .filter(one -> pebblestep.core.hands.Handed.of(one).isPresent())
                .toList();
        return random -> {
            for (; ; ) {
                Step step = Voiced.any().from(random);
                Player player = Player.of(Draw.of(carried).from(random), Level.COMFORTABLE);
                try {
                    Passage.of(step, player);
                    return new Case(step, player);
                } catch (pebblestep.core.Refusal e) {
                    // It does not fit them.
                }
            }
        };
    }

    /** Whatever fits a settled player has a fingering, note for note, and the fingering changes nothing of what sounds. */
    @Samples(300)
    void every_passage_of_a_carried_instrument_has_one(@From("cases") Case given) {
        Passage passage = Passage.of(given.step, given.player);
        Fingering fingering = passage.fingering(given.player).orElseThrow();
        assertThat(fingering.stops()).hasSameSizeAs(passage.notes());
        for (int i = 0; i < passage.notes().size(); i++) {
            Stop stop = fingering.stops().get(i);
            assertThat(stop.onset().written()).isEqualTo(passage.notes().get(i).written());
        }
    }
}
