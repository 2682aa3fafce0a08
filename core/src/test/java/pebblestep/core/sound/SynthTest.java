package pebblestep.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Swing;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Draw;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.From;

class SynthTest {
    private static final int RATE = 44_100;

    /** Enough for the highest click, at a fifth of the work: what is looked at is when something begins. */
    private static final int COARSE = 8_000;

    private static final int LONG_SECONDS = 150;
    private static final ReferencePitch A440 = ReferencePitch.ISO_16;

    /** Any step that can be played at all. */
    Draw<Step> steps() {
        return random -> {
            for (; ; ) {
                Step step = pebblestep.core.passage.Voiced.any().from(random);
                try {
                    Run.of(Passage.of(step), 2, Set.of(), A440);
                    return step;
                } catch (Refusal e) {
                    // In no octave that has a name, or longer than an hour.
                }
            }
        };
    }

    /** The same, but for what lasts longer than two and a half minutes at sixty beats a minute. */
    Draw<Step> shortSteps() {
        return random -> {
            for (; ; ) {
                Step step = steps().from(random);
                if (programme(at(step, 60), 1).seconds() < LONG_SECONDS) return step;
            }
        };
    }

    private static Step at(Step step, int bpm) {
        return step.withTempo(new Tempo(step.tempo().beat(), Bpm.of(bpm)));
    }

    private static Programme programme(Step step, int times, Track... heard) {
        return Programme.of(Passage.of(step), times, Set.of(heard), A440);
    }

    private static short[] samples(Programme programme, int rate) {
        List<short[]> blocks = new ArrayList<>();
        Synth synth = new Synth(programme, A440, rate);
        synth.play((block, count) -> blocks.add(java.util.Arrays.copyOf(block, count)));
        short[] all = new short[Math.toIntExact(synth.length())];
        int at = 0;
        for (short[] block : blocks) {
            System.arraycopy(block, 0, all, at, block.length);
            at += block.length;
        }
        assertThat(at).as("as many as were promised").isEqualTo(all.length);
        return all;
    }

    /** Where something begins after silence. */
    private static List<Integer> onsets(short[] samples) {
        List<Integer> onsets = new ArrayList<>();
        int silent = 1000;
        for (int i = 0; i < samples.length; i++) {
            if (samples[i] != 0 && silent > 500) onsets.add(i);
            silent = samples[i] == 0 ? silent + 1 : 0;
        }
        return onsets;
    }

    private static double seconds(Sound sound, Programme programme) {
        return programme.runs().getFirst().secondsAt(sound.at());
    }

    /**
     * Worked by hand: two octaves up and down in sixteenths from beat 1 are 29 notes in two bars of 4/4; at 75 a beat is 0.8 s, a
     * bar 3.2 s, a sixteenth 0.2 s. One bar is counted in.
     */
    @Test
    void the_clicks_of_a_line_are_where_a_hand_works_them_out() {
        Step step = Steps.step("C", "major", Extent.octaves(2), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/16", "0")
                .withTempo(Tempo.quarters(75));
        Programme programme = programme(step, 1, Track.CLICK);
        List<Integer> onsets = onsets(samples(programme, RATE));
        assertThat(onsets).hasSize(12);
        for (int click = 0; click < 12; click++) {
            assertThat((double) onsets.get(click)).isCloseTo(click * 0.8 * RATE, within(1.0));
        }
        Programme line = programme(step, 2, Track.LINE);
        List<Sound> notes = line.runs().getFirst().sounds();
        assertThat(notes).hasSize(58);
        assertThat(seconds(notes.get(0), line)).isCloseTo(3.2, within(1e-9));
        assertThat(seconds(notes.get(28), line)).as("beat 4 of bar 2").isCloseTo(3.2 + 28 * 0.2, within(1e-9));
        assertThat(seconds(notes.get(29), line)).as("again a bar line later").isCloseTo(3.2 + 6.4, within(1e-9));
        assertThat(line.seconds()).isCloseTo(3.2 + 2 * 6.4, within(1e-9));
    }

    private static Rhythm swung(Rhythm rhythm) {
        return new Rhythm(
                rhythm.meter(),
                rhythm.figure(),
                rhythm.strikes(),
                rhythm.place(),
                rhythm.tonicValue(),
                rhythm.last(),
                rhythm.hold(),
                rhythm.legs(),
                Swing.parse("2:1"));
    }

    /** Swing 2:1 in eighths at 60: the second of each pair comes two thirds of a second after the beat. */
    @Test
    void swing_is_played() {
        Step step = Steps.step("C", "major", Extent.octaves(1), Travel.UP, Turn.SINGLE, "4/4", "1/8", "0");
        Step swung = step.withTempo(Tempo.quarters(60)).withRhythm(swung(step.rhythm()));
        Programme programme = programme(swung, 1, Track.LINE);
        List<Sound> notes = programme.runs().getFirst().sounds();
        assertThat(notes.get(1).at()).isEqualTo(Fraction.of(1).plus(Fraction.of(1, 6)));
        assertThat(seconds(notes.get(1), programme)).isCloseTo(4 + 2 / 3.0, within(1e-9));
    }

    @Samples(60)
    void every_click_begins_within_a_sample_of_its_time(@From("shortSteps") Step step) {
        Programme programme = programme(at(step, 60), 1, Track.CLICK);
        List<Integer> onsets = onsets(samples(programme, COARSE));
        List<Sound> clicks = programme.runs().getFirst().sounds();
        assertThat(onsets).hasSameSizeAs(clicks);
        for (int i = 0; i < clicks.size(); i++) {
            double due = seconds(clicks.get(i), programme) * COARSE;
            if (Math.abs(onsets.get(i) - due) > 1)
                fail("click %d of %s begins at %d, not %f", i, step, onsets.get(i), due);
        }
    }

    /** Nothing adds up over an hour: the last of 3,500 clicks is as exact as the first. */
    @Test
    void a_click_after_an_hour_begins_within_a_sample_of_its_time() {
        Step step = Steps.step("C", "major", Extent.octaves(4), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/4", "0")
                .withTempo(new Tempo(Fraction.of(1, 4), Bpm.of(new java.math.BigDecimal("63.7"))));
        Programme programme = programme(step, 60, Track.CLICK);
        assertThat(programme.seconds()).isBetween(3_390.0, 3_600.0);
        int rate = 4_000;
        List<Integer> onsets = onsets(samples(programme, rate));
        List<Sound> clicks = programme.runs().getFirst().sounds();
        assertThat(onsets).hasSameSizeAs(clicks);
        assertThat((double) onsets.getLast()).isCloseTo(seconds(clicks.getLast(), programme) * rate, within(1.0));
    }

    @Samples(200)
    void nothing_sounds_beyond_the_run_and_everything_is_in_order(@From("steps") Step step) {
        Run run = Run.of(Passage.of(step), 2, EnumSet.allOf(Track.class), A440);
        Fraction before = Fraction.ZERO;
        for (Sound sound : run.sounds()) {
            assertThat(sound.at()).isGreaterThanOrEqualTo(before);
            // Pairs that swing over a bar line may bring the last sound to the next one.
            if (step.rhythm().swing().isStraight())
                assertThat(sound.at()).as("%s of %s", sound, step).isLessThan(run.length());
            else assertThat(sound.at()).isLessThanOrEqualTo(run.length().plus(Fraction.of(1, 8)));
            before = sound.at();
        }
    }

    /** The JDK's own reader opens the file and finds what was promised. */
    @Test
    void the_file_is_read_by_another() throws Exception {
        Programme programme = programme(Steps.PLAIN, 1, Track.CLICK, Track.LINE, Track.DRONE);
        Synth synth = new Synth(programme, A440, 48_000);
        WaveFile file = new WaveFile(48_000, synth.length());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.writeBytes(file.head());
        synth.play((samples, count) -> bytes.writeBytes(WaveFile.body(samples, count)));
        assertThat((long) bytes.size()).isEqualTo(file.bytes());
        AudioInputStream read = AudioSystem.getAudioInputStream(new ByteArrayInputStream(bytes.toByteArray()));
        assertThat(read.getFormat().getSampleRate()).isEqualTo(48_000f);
        assertThat(read.getFormat().getChannels()).isEqualTo(1);
        assertThat(read.getFormat().getSampleSizeInBits()).isEqualTo(16);
        assertThat(read.getFormat().getEncoding()).isEqualTo(AudioFormat.Encoding.PCM_SIGNED);
        assertThat(read.getFrameLength()).isEqualTo(synth.length());
    }

    /** Whoever makes a file a stretch at a time has the same file, to the sample. */
    @Samples(40)
    void a_stretch_is_what_it_is_in_the_whole(@From("shortSteps") Step step) {
        Step quick = at(step, 120);
        Programme programme = programme(quick, 1, Track.values()).then(programme(quick, 1, Track.values()));
        short[] whole = samples(programme, COARSE);
        int[] cuts = {0, 1, whole.length / 3, whole.length / 2 + 7, whole.length - COARSE / 4, whole.length};
        for (int i = 1; i < cuts.length; i++) {
            int from = cuts[i - 1];
            short[] stretch = new short[cuts[i] - from];
            int[] made = {0};
            new Synth(programme, A440, COARSE).play(from, cuts[i], (block, count) -> {
                System.arraycopy(block, 0, stretch, made[0], count);
                made[0] += count;
            });
            assertThat(made[0]).isEqualTo(stretch.length);
            int differs = java.util.Arrays.mismatch(stretch, java.util.Arrays.copyOfRange(whole, from, cuts[i]));
            if (differs >= 0) fail("sample %d of %s", from + differs, step);
        }
    }

    @Test
    void more_than_an_hour_is_refused() {
        assertThatThrownBy(() -> programme(Steps.PLAIN.withTempo(Tempo.quarters(20)), 100, Track.CLICK)
                        .then(programme(Steps.PLAIN.withTempo(Tempo.quarters(20)), 100, Track.CLICK)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("at most 60");
        assertThatThrownBy(() -> programme(Steps.PLAIN, 0, Track.CLICK)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Programme(List.of())).isInstanceOf(Refusal.class);
    }
}
