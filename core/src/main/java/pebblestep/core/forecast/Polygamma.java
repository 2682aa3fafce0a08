package pebblestep.core.forecast;

/**
 * Mean and variance of the logarithm of a gamma variable of shape x: digamma and trigamma, by recurrence and the
 * asymptotic series (Abramowitz and Stegun 1964, 6.3.5, 6.3.18, 6.4.6 and 6.4.12).
 */
final class Polygamma {
    private static final double LARGE = 8;

    private Polygamma() {}

    /** The mean of ln X; x above 0. */
    static double digamma(double x) {
        double sum = 0;
        double at = x;
        for (; at < LARGE; at++) sum -= 1 / at;
        double square = 1 / (at * at);
        return sum + Math.log(at) - 1 / (2 * at) - square * (1.0 / 12 - square * (1.0 / 120 - square / 252));
    }

    /** The variance of ln X; x above 0. */
    static double trigamma(double x) {
        double sum = 0;
        double at = x;
        for (; at < LARGE; at++) sum += 1 / (at * at);
        double square = 1 / (at * at);
        return sum + 1 / at + square / 2 + square / at * (1.0 / 6 - square * (1.0 / 30 - square / 42));
    }
}
