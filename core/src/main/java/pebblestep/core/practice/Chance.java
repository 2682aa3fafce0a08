package pebblestep.core.practice;

/**
 * A row of chances that is the same for the same seed, on the server and in the page: the generator that the documentation
 * of {@link java.util.Random} lays down, which not every platform keeps to.
 */
final class Chance {
    private static final long MULTIPLIER = 0x5DEECE66DL;
    private static final long MASK = (1L << 48) - 1;

    private long state;
    private double kept = Double.NaN;

    Chance(long seed) {
        this.state = (seed ^ MULTIPLIER) & MASK;
    }

    private int next(int bits) {
        state = (state * MULTIPLIER + 0xBL) & MASK;
        return (int) (state >>> (48 - bits));
    }

    /** From 0 to below 1, all alike. */
    double nextDouble() {
        return (((long) next(26) << 27) + next(27)) * 0x1p-53;
    }

    /** About 0, with a standard deviation of 1. */
    double nextGaussian() {
        if (!Double.isNaN(kept)) {
            double second = kept;
            kept = Double.NaN;
            return second;
        }
        double first;
        double second;
        double square;
        do {
            first = 2 * nextDouble() - 1;
            second = 2 * nextDouble() - 1;
            square = first * first + second * second;
        } while (square >= 1 || square == 0);
        double stretch = Math.sqrt(-2 * Math.log(square) / square);
        kept = second * stretch;
        return first * stretch;
    }
}
