package pebblestep.core.metronome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Walk;

class DroneTonesTest {

    private static DroneTones drone(String tonic, double a4) {
        Key key = Key.of(NoteName.parse(tonic), Forms.of("major"));
        return DroneTones.of(Passage.of(Steps.PLAIN.withKey(key)), new ReferencePitch(a4));
    }

    /** Equal temperament from A4 = 440 Hz (ISO 16:1975), as every table of note frequencies has it; the fifth is 3:2. */
    @ParameterizedTest
    @CsvSource({"C, 130.813", "A, 220", "Db, 138.591", "B, 246.942", "Cb, 246.942", "F#, 184.997"})
    void the_tonic_lies_in_the_octave_below_middle_c_and_the_fifth_is_pure(String tonic, double hertz) {
        DroneTones drone = drone(tonic, 440);
        assertThat(drone.tonic()).isCloseTo(hertz, within(0.001));
        assertThat(drone.fifth()).isEqualTo(drone.tonic() * 1.5);
    }

    /** Equal temperament from A4 = 440 Hz (ISO 16:1975): C3, D3 and E3. */
    @Test
    void on_a_walk_it_goes_along_with_the_keys() {
        Passage walk = Passage.of(Steps.PLAIN
                .withKey(Key.of(NoteName.parse("C"), Forms.of("major")))
                .withWalk(Walk.through(Keys.of(KeyOrder.WHOLE_STEP_UP, 3))));
        List<DroneTones.From> along = DroneTones.along(walk, new ReferencePitch(440));
        assertThat(along).hasSize(3);
        double[] hertz = {130.813, 146.832, 164.814};
        for (int i = 0; i < 3; i++) {
            assertThat(along.get(i).tones().tonic()).isCloseTo(hertz[i], within(0.001));
            assertThat(along.get(i).at()).isEqualTo(walk.stations().get(i).begins());
        }
        assertThat(DroneTones.along(Passage.of(Steps.PLAIN), new ReferencePitch(440)))
                .isEmpty();
    }

    @Test
    void it_follows_the_reference_pitch() {
        assertThat(drone("A", 415).tonic()).isEqualTo(207.5);
        assertThat(new ReferencePitch(442).hertz(Pitch.parse("A5"))).isEqualTo(884);
        assertThatThrownBy(() -> new ReferencePitch(392)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new ReferencePitch(Double.NaN)).isInstanceOf(Refusal.class);
    }
}
