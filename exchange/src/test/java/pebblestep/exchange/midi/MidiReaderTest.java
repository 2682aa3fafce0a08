package pebblestep.exchange.midi;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.sound.Programme;
import pebblestep.exchange.FoundMusic;

class MidiReaderTest {
    private static byte[] file(int ticks, int[][] notes, MetaMessage... metas) throws Exception {
        Sequence sequence = new Sequence(Sequence.PPQ, ticks);
        Track track = sequence.createTrack();
        for (MetaMessage meta : metas) track.add(new MidiEvent(meta, 0));
        for (int[] note : notes) {
            track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, note[2], 90), note[0]));
            track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, 0, note[2], 0), note[1]));
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        MidiSystem.write(sequence, 1, bytes);
        return bytes.toByteArray();
    }

    private static List<String> notes(FoundMusic found) {
        return found.melody().notes().stream()
                .map(note -> note.pitch().id() + " " + note.at() + " " + note.value())
                .toList();
    }

    /** A line that went out comes in again with its places and values, without its count-in, spelled as its key has it. */
    @Test
    void what_was_written_is_read_again() {
        Step step = Steps.step("Eb", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/12", "1/4");
        Passage passage = Passage.of(step);
        Programme programme = Programme.of(
                passage,
                1,
                EnumSet.of(pebblestep.core.sound.Track.CLICK, pebblestep.core.sound.Track.LINE),
                ReferencePitch.ISO_16);
        FoundMusic found = MidiReader.read(MidiFile.write("Line", programme, null), 0);
        assertThat(notes(found))
                .isEqualTo(passage.notes().stream()
                        .map(note -> note.concert().id() + " " + note.at() + " " + note.value())
                        .toList());
        assertThat(found.left()).containsExactly("bars before the first note, such as a count-in");
        assertThat(found.parts()).containsExactly("Line");
    }

    @Test
    void what_was_played_by_hand_is_put_on_the_coarsest_grid_that_fits() throws Exception {
        Random random = new Random(7);
        int[][] played = new int[16][];
        for (int i = 0; i < 16; i++) {
            int on = i * 240 + random.nextInt(-20, 21) + (i == 0 ? 20 : 0);
            played[i] = new int[] {on, on + 200, 60 + i % 5};
        }
        FoundMusic found = MidiReader.read(file(480, played), 0);
        assertThat(found.melody().notes())
                .extracting(note -> note.at().toString())
                .startsWith("0", "1/8", "1/4", "3/8");
        assertThat(found.left().getFirst()).startsWith("places off the grid: put on 1/8 notes;");
    }

    @Test
    void of_chords_the_highest_note_is_kept() throws Exception {
        FoundMusic found = MidiReader.read(
                file(480, new int[][] {{0, 480, 60}, {0, 480, 64}, {480, 960, 62}, {480, 1500, 65}, {960, 1440, 67}}),
                0);
        assertThat(notes(found)).containsExactly("E4 0 1/4", "F4 1/4 1/4", "G4 1/2 1/4");
        assertThat(found.left()).containsExactly("2 lower notes of chords");
    }

    @Test
    void meters_and_tempos_that_mean_nothing_are_refused() throws Exception {
        int[][] one = {{0, 480, 60}};
        byte[] noMeter = file(480, one, new MetaMessage(0x58, new byte[] {0, 2, 24, 8}, 4));
        assertThatThrownBy(() -> MidiReader.read(noMeter, 0))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("0/4");
        byte[] noTempo = file(480, one, new MetaMessage(0x51, new byte[] {0, 0, 0}, 3));
        assertThatThrownBy(() -> MidiReader.read(noTempo, 0))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("tempo of 0");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "MThd", "no file", "MThd\0\0\0\6\0\1\0\1\0\0MTrk\177\177\177\177"})
    void what_is_no_midi_file_is_refused(String text) {
        assertThatThrownBy(() -> MidiReader.read(text.getBytes(java.nio.charset.StandardCharsets.ISO_8859_1), 0))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void noise_is_refused_or_read_but_never_breaks() {
        Random random = new Random(3);
        for (int i = 0; i < 2_000; i++) {
            byte[] noise = new byte[random.nextInt(200)];
            random.nextBytes(noise);
            byte[] head = {
                'M', 'T', 'h', 'd', 0, 0, 0, 6, 0, 1, 0, 1, 0, 96, 'M', 'T', 'r', 'k', 0, 0, 0, (byte) noise.length
            };
            byte[] file = new byte[head.length + noise.length];
            System.arraycopy(head, 0, file, 0, head.length);
            System.arraycopy(noise, 0, file, head.length, noise.length);
            try {
                assertThat(MidiReader.read(file, 0).melody().notes()).isNotEmpty();
            } catch (Refusal e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    /** As the Standard MIDI File specification has it, the head says how many tracks follow. */
    @Test
    void what_would_fill_the_memory_is_refused_before_it_is_held() {
        byte[] many = new byte[14 + 8 * 60_000];
        System.arraycopy(new byte[] {'M', 'T', 'h', 'd', 0, 0, 0, 6, 0, 1, (byte) 0xEA, 0x60, 0, 96}, 0, many, 0, 14);
        for (int at = 14; at < many.length; at += 8) {
            System.arraycopy(new byte[] {'M', 'T', 'r', 'k', 0, 0, 0, 0}, 0, many, at, 8);
        }
        assertThatThrownBy(() -> MidiReader.read(many, 0)).hasMessageContaining("60000 tracks");
        assertThatThrownBy(() -> MidiReader.read(java.util.Arrays.copyOf(many, 2_000_000), 0))
                .hasMessageContaining("larger than 1 MB");
    }

    @Test
    void tens_of_thousands_of_changes_of_tempo_are_read_over() throws Exception {
        MetaMessage[] tempos = new MetaMessage[40_000];
        java.util.Arrays.fill(tempos, new MetaMessage(0x51, new byte[] {7, (byte) 0xA1, 0x20}, 3));
        FoundMusic found = MidiReader.read(file(96, new int[][] {{0, 96, 60}, {96, 192, 62}}, tempos), 0);
        assertThat(notes(found)).containsExactly("C4 0 1/4", "D4 1/4 1/4");
    }
}
