package pebblestep.core;

/**
 * Rounds as the platform's library says it does: to the nearest whole number, a half up. The rules run on more than one
 * platform, and not all of them round halves below zero the same way.
 */
public final class Rounding {
    private static final double HALF = 0.5;
    private static final double NOISE = 1e9;

    private Rounding() {}

    /**
     * So many times a number, to the nearest whole one. What lies within a billionth of a half is a half: the last digit of a
     * division may differ between platforms, and must not decide.
     *
     * @param number of less than a billion
     * @param times a power of ten up to a million: 10 for tenths
     */
    public static long times(double number, int times) {
        return whole(whole(number * NOISE) / (NOISE / times));
    }

    /** The nearest whole number, the greater of two as near: 2.5 is 3, -2.5 is -2. For numbers that a {@code long} holds. */
    public static long whole(double number) {
        double below = Math.floor(number);
        return (long) (number - below >= HALF ? below + 1 : below);
    }
}
