package pebblestep.documents;

import pebblestep.core.Rounding;

/** Numbers at the edge, where exact fractions become milliseconds. */
public final class Rounded {
    private static final int DECIMALS = 1000;
    private static final double FINE_DECIMALS = 1e9;

    private Rounded() {}

    /**
     * The nearest number with nine decimals, for what is added up many times: over an hour of bars it comes to a nanosecond.
     * The last digit of a division may differ between platforms, and is cut off.
     */
    public static double fine(double value) {
        return Rounding.whole(value * FINE_DECIMALS) / FINE_DECIMALS;
    }

    /** The nearest number with three decimals. */
    public static double of(double value) {
        return Rounding.times(value, DECIMALS) / (double) DECIMALS;
    }
}
