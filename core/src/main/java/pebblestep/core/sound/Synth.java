package pebblestep.core.sound;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import pebblestep.core.Rounding;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.Groove;

/**
 * Makes the samples of a programme, block by block: clicks of struck wood, drums, and plain tones, as in the practice room. What
 * sounds begins at the sample nearest to its time.
 */
public final class Synth {
    /** Samples of a block. */
    public static final int BLOCK = 4096;

    private static final int WAVE = 4096;
    private static final double LOUDNESS = 0.8;
    private static final double CLICK_SECONDS = 0.045;
    private static final double DRUM_SECONDS = 0.16;

    /** So long it rings after the last bar. */
    private static final double TAIL_SECONDS = 0.5;

    private final Programme programme;
    private final ReferencePitch reference;
    private final int rate;
    private final Map<String, double[]> struck = new java.util.HashMap<>();
    private final Map<Track, double[]> waves = new EnumMap<>(Track.class);
    private final double[] pure = wave(new double[] {1});
    private final List<Voiced> sounding = new ArrayList<>();

    /** Where samples go. */
    public interface Sink {
        /** Takes the first {@code count} of these samples; they are made anew for the next call. */
        void take(short[] samples, int count);
    }

    /** @param rate samples a second, such as 44,100 */
    public Synth(Programme programme, ReferencePitch reference, int rate) {
        this.programme = programme;
        this.reference = reference;
        this.rate = rate;
    }

    /** How many samples there are in all. */
    public long length() {
        return Rounding.whole((programme.seconds() + TAIL_SECONDS) * rate);
    }

    /** Makes all samples, in order. */
    public void play(Sink sink) {
        play(0, length(), sink);
    }

    /**
     * Makes the samples from one on and before another: the same as they are in the whole, without the work of making what is
     * before them. Once for each synthesiser.
     */
    public void play(long from, long to, Sink sink) {
        double begins = 0;
        long at = 0;
        for (Run run : programme.runs()) {
            Iterator<Sound> coming = run.sounds().iterator();
            Sound next = coming.hasNext() ? coming.next() : null;
            long end = Math.min(to, Rounding.whole((begins + run.seconds()) * rate));
            while (at < end) {
                long due = next == null ? end : Rounding.whole((begins + run.secondsAt(next.at())) * rate);
                if (due <= at && next != null) {
                    begin(run, next);
                    next = coming.hasNext() ? coming.next() : null;
                    continue;
                }
                at = go(at, Math.min(end, due), from, sink);
            }
            if (at >= to) return;
            // Swung over a bar line, the last may begin with the next bar.
            while (next != null) {
                begin(run, next);
                next = coming.hasNext() ? coming.next() : null;
            }
            begins += run.seconds();
        }
        long all = Math.min(to, length());
        while (at < all) at = go(at, all, from, sink);
    }

    /** Goes on, at most to a sample, by a block or over what nobody hears; where it is then. */
    private long go(long at, long to, long from, Sink sink) {
        if (at < from) {
            long unheard = Math.min(to, from) - at;
            sounding.removeIf(one -> !one.skip(unheard));
            return at + unheard;
        }
        int count = (int) Math.min(BLOCK, to - at);
        emit(count, sink);
        return at + count;
    }

    private final double[] block = new double[BLOCK];
    private final short[] samples = new short[BLOCK];

    private void emit(int count, Sink sink) {
        java.util.Arrays.fill(block, 0, count, 0);
        sounding.removeIf(one -> one.addTo(block, 0, count) < count);
        for (int i = 0; i < count; i++) {
            double loud = Math.max(-1, Math.min(1, block[i] * LOUDNESS));
            samples[i] = (short) Rounding.whole(loud * Short.MAX_VALUE);
        }
        sink.take(samples, count);
    }

    private void begin(Run run, Sound sound) {
        switch (sound) {
            case Sound.Clicked click -> sounding.add(new Voiced.Struck(click(click)));
            case Sound.Drummed hit -> sounding.add(new Voiced.Struck(drum(hit)));
            case Sound.Toned tone -> {
                Shape shape = Shape.of(tone.track());
                double hertz = reference.a4() * Math.pow(2, (tone.midi() - 69) / 12.0);
                sounding.add(tone(shape, tone.track(), hertz, run.secondsAt(tone.value())));
            }
            case Sound.Droned drone -> {
                double seconds = run.secondsAt(drone.value());
                sounding.add(tone(Shape.DRONE, Track.DRONE, drone.tones().tonic(), seconds));
                if (drone.fifth())
                    sounding.add(tone(Shape.DRONE, Track.DRONE, drone.tones().fifth(), seconds));
            }
        }
    }

    /** A tone whose harmonics could not all be heard at this rate is a pure one. */
    private Voiced tone(Shape shape, Track track, double hertz, double seconds) {
        boolean tooHigh = hertz * shape.harmonics().length >= rate / 2.0;
        double[] wave = tooHigh ? pure : waves.computeIfAbsent(track, of -> wave(shape.harmonics()));
        return new Voiced.Tone(shape, wave, hertz, seconds, rate);
    }

    private static double[] wave(double[] harmonics) {
        double[] wave = new double[WAVE];
        for (int i = 0; i < WAVE; i++) {
            for (int h = 0; h < harmonics.length; h++) {
                wave[i] += harmonics[h] * Math.cos(2 * Math.PI * (h + 1) * i / WAVE);
            }
        }
        return wave;
    }

    /** Struck wood: a wave that begins at its crest and dies away. */
    private double[] click(Sound.Clicked click) {
        double hertz = click.accent() ? 1760 : click.between() ? 880 : 1175;
        double level = click.accent() ? 0.9 : click.between() ? 0.28 : 0.6;
        return struck.computeIfAbsent("click " + hertz, of -> {
            double[] samples = new double[(int) Rounding.whole(rate * CLICK_SECONDS)];
            for (int i = 0; i < samples.length; i++) {
                double t = (double) i / rate;
                samples[i] = level * Math.cos(2 * Math.PI * hertz * t) * Math.exp(-t * 110);
            }
            return samples;
        });
    }

    private double[] drum(Sound.Drummed hit) {
        double level = hit.strong() ? 0.95 : 0.62;
        return struck.computeIfAbsent(hit.drum() + " " + level, of -> {
            double[] samples = new double[(int) Rounding.whole(rate * DRUM_SECONDS)];
            for (int i = 0; i < samples.length; i++) samples[i] = level * drum(hit.drum(), (double) i / rate, i);
            return samples;
        });
    }

    /** A skin that falls in pitch, a shaken grain, a struck rim: each begins at once and dies away. */
    private static double drum(Groove.Drum drum, double t, int i) {
        return switch (drum) {
            case LOW ->
                0.95 * Math.cos(2 * Math.PI * (52 * t + 70 / 22.0 * (1 - Math.exp(-22 * t)))) * Math.exp(-t * 17);
            case SOFT -> 0.22 * (hiss(i) - hiss(i - 1)) * Math.exp(-t * 85);
            case HIGH -> (0.34 * hiss(i) + 0.4 * Math.cos(2 * Math.PI * 230 * t)) * Math.exp(-t * 34);
        };
    }

    /** Noise that is always the same. */
    private static double hiss(int i) {
        double x = Math.sin(i * 12.9898 + 78.233) * 43758.5453;
        return 2 * (x - Math.floor(x)) - 1;
    }
}
