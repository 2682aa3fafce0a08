package pebblestep.core.sound;

import pebblestep.core.Rounding;

/** Something that sounds while samples are made. */
interface Voiced {
    /** Adds its next samples to those there are, from an index on; how many it added: fewer than there is room for once it is over. */
    int addTo(double[] block, int from, int room);

    /** Goes on by so many samples that nobody hears; whether it still sounds. */
    boolean skip(long samples);

    /** Samples that are known beforehand. */
    final class Struck implements Voiced {
        private final double[] samples;
        private int next;

        Struck(double[] samples) {
            this.samples = samples;
        }

        @Override
        public int addTo(double[] block, int from, int room) {
            int count = Math.min(room, samples.length - next);
            for (int i = 0; i < count; i++) block[from + i] += samples[next + i];
            next += count;
            return count;
        }

        @Override
        public boolean skip(long samples) {
            next = (int) Math.min(this.samples.length, next + samples);
            return next < this.samples.length;
        }
    }

    /**
     * A tone out of one turn of its wave, begun at its crest so that its first sample is heard. Where it is in its wave is worked
     * out of how far it has come, so that it sounds the same wherever one begins to listen.
     */
    final class Tone implements Voiced {
        private static final double RELEASE = 0.03;

        private final double[] wave;
        private final double turns;
        private final double level;
        private final double sustain;
        private final int rise;
        private final int fallFrom;
        private final int length;
        private int at;

        Tone(Shape shape, double[] wave, double hertz, double seconds, int rate) {
            this.wave = wave;
            this.turns = hertz / rate;
            this.level = shape.level();
            this.sustain = shape.sustain();
            this.length = samples(seconds, rate);
            this.rise = samples(Math.min(shape.attack(), seconds / 4), rate);
            this.fallFrom = length - samples(Math.min(RELEASE, seconds / 4), rate);
        }

        private static int samples(double seconds, int rate) {
            return (int) Math.max(1, Rounding.whole(seconds * rate));
        }

        @Override
        public int addTo(double[] block, int from, int room) {
            int count = Math.min(room, length - at);
            for (int i = 0; i < count; i++) {
                double turned = at * turns;
                double phase = (turned - Math.floor(turned)) * wave.length;
                int index = (int) phase;
                double here = wave[index];
                double next = wave[index + 1 == wave.length ? 0 : index + 1];
                block[from + i] += envelope() * (here + (next - here) * (phase - index));
                at++;
            }
            return count;
        }

        @Override
        public boolean skip(long samples) {
            at = (int) Math.min(length, at + samples);
            return at < length;
        }

        private double envelope() {
            if (at < rise) return level * (at + 1) / rise;
            if (at < fallFrom) {
                double share = (double) (at - rise) / Math.max(1, fallFrom - rise);
                return level * (1 + (sustain - 1) * share);
            }
            return level * sustain * (length - at) / (length - fallFrom + 1);
        }
    }
}
