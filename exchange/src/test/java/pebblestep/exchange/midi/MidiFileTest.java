package pebblestep.exchange.midi;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.passage.Voiced;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;
import pebblestep.core.sound.Programme;
import pebblestep.core.sound.Run;
import pebblestep.core.sound.Sound;
import pebblestep.core.sound.Track;

/** Standard MIDI Files 1.0, read by the JDK's own reader. */
class MidiFileTest {
    Draw<Step> steps() {
        return random -> {
            for (; ; ) {
                Step step = random.nextBoolean()
                        ? Voiced.any().from(random)
                        : Steps.any().from(random);
                try {
                    MidiFile.write("Any", programme(step, 1, EnumSet.allOf(Track.class)), null);
                    return step;
                } catch (Refusal e) {
                    // In no octave that has a name or a number, or longer than an hour.
                }
            }
        };
    }

    private static Programme programme(Step step, int times, Set<Track> heard) {
        return Programme.of(Passage.of(step), times, heard, ReferencePitch.ISO_16);
    }

    private static Sequence read(byte[] file) throws Exception {
        return MidiSystem.getSequence(new ByteArrayInputStream(file));
    }

    /** The ticks at which notes begin on the track of that name. */
    private static List<Long> begun(Sequence sequence, String name) {
        List<Long> ticks = new ArrayList<>();
        for (javax.sound.midi.Track track : sequence.getTracks()) {
            if (!name(track).equals(name)) continue;
            for (int i = 0; i < track.size(); i++) {
                MidiEvent event = track.get(i);
                if (event.getMessage() instanceof ShortMessage note && note.getCommand() == ShortMessage.NOTE_ON)
                    ticks.add(event.getTick());
            }
        }
        return ticks;
    }

    private static String name(javax.sound.midi.Track track) {
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 3)
                return new String(meta.getData(), java.nio.charset.StandardCharsets.UTF_8);
        }
        return "";
    }

    /** Worked by hand: one bar is counted in, so the first note is 4 quarters in; each sixteenth is a quarter of one. */
    @Test
    void the_onsets_of_a_line_are_where_a_hand_works_them_out() throws Exception {
        Step step = Steps.step("C", "major", Extent.octaves(2), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/16", "0")
                .withTempo(Tempo.quarters(75));
        byte[] file = MidiFile.write(
                "Scale", programme(step, 1, EnumSet.of(Track.CLICK, Track.LINE)), Instruments.of("oboe"));
        Sequence sequence = read(file);
        long quarter = sequence.getResolution();
        List<Long> line = begun(sequence, "Line");
        assertThat(line).hasSize(29);
        for (int i = 0; i < 29; i++) assertThat(line.get(i)).isEqualTo(4 * quarter + i * quarter / 4);
        List<Long> clicks = begun(sequence, "Click");
        assertThat(clicks).hasSize(12);
        for (int i = 0; i < 12; i++) assertThat(clicks.get(i)).isEqualTo(i * quarter);
        assertThat(sequence.getTickLength()).isEqualTo(12 * quarter);
        // 60,000,000 microseconds by 75 are 800,000: the JDK gives the length by the tempo in the file.
        assertThat(sequence.getMicrosecondLength()).isEqualTo(12 * 800_000L);
    }

    @Samples(300)
    void every_position_is_exactly_at_its_tick(@From("steps") Step step) throws Exception {
        Programme programme = programme(step, 1, EnumSet.allOf(Track.class));
        Optional<Integer> exact = MidiFile.exactTicks(programme);
        Sequence sequence = read(MidiFile.write("Any", programme, null));
        Run run = programme.runs().getFirst();
        List<Fraction> positions = run.sounds().stream()
                .filter(sound -> sound.track() == Track.LINE)
                .map(Sound::at)
                .toList();
        List<Long> ticks = begun(sequence, "Line");
        assertThat(ticks).hasSameSizeAs(positions);
        for (int i = 0; i < ticks.size(); i++) {
            Fraction exactly = positions.get(i).times(4L * sequence.getResolution());
            double off = Math.abs(ticks.get(i) - exactly.toDouble());
            assertThat(off).isLessThanOrEqualTo(exact.isPresent() ? 0.0 : 0.5);
        }
    }

    @Test
    void tempos_of_a_ladder_are_a_map() throws Exception {
        Step step = Steps.PLAIN;
        Programme ladder = programme(step.withTempo(Tempo.quarters(60)), 1, EnumSet.of(Track.CLICK))
                .then(programme(step.withTempo(Tempo.quarters(66)), 1, EnumSet.of(Track.CLICK)));
        Sequence sequence = read(MidiFile.write("Ladder", ladder, null));
        List<Integer> tempos = new ArrayList<>();
        javax.sound.midi.Track conductor = sequence.getTracks()[0];
        for (int i = 0; i < conductor.size(); i++) {
            if (conductor.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 0x51) {
                byte[] data = meta.getData();
                tempos.add((data[0] & 255) << 16 | (data[1] & 255) << 8 | data[2] & 255);
            }
        }
        assertThat(tempos).containsExactly(1_000_000, 909_091);
    }
}
