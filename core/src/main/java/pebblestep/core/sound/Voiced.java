package pebblestep.core.sound;

import pebblestep.core.Rounding;

/** Something that sounds while samples are made. */
interface Voiced {
    /** Adds its next samples to those there are, from an index on; how many it added: fewer than there is room for once it is over. */
    int addTo(double[] block, int from, int room);

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
    }

    /** A tone out of one turn of its wave, begun at its crest so that its first sample is heard. */
    final class Tone implements Voiced {
        private static final double RELEASE = 0.03;

        private final double[] wave;
        private final double turn;
        private final double level;
        private final double sustain;
        private final long rise;
        private final long fallFrom;
        private final long length;
        private double phase;
        private long at;

        Tone(Shape shape, double[] wave, double hertz, double seconds, int rate) {
            this.wave = wave;
            this.turn = hertz * wave.length / rate;
            this.level = shape.level();
            this.sustain = shape.sustain();
            this.length = Math.max(1, Rounding.whole(seconds * rate));
            this.rise = Math.max(1, Rounding.whole(Math.min(shape.attack(), seconds / 4) * rate));
            this.fallFrom = length - Math.max(1, Rounding.whole(Math.min(RELEASE, seconds / 4) * rate));
        }

        @Override
        public int addTo(double[] block, int from, int room) {
            int count = (int) Math.min(room, length - at);
            for (int i = 0; i < count; i++) {
                int index = (int) phase;
                double here = wave[index];
                double next = wave[index + 1 == wave.length ? 0 : index + 1];
                block[from + i] += envelope() * (here + (next - here) * (phase - index));
                phase += turn;
                if (phase >= wave.length) phase -= wave.length;
                at++;
            }
            return count;
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
