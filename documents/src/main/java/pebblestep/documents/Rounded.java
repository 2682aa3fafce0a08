package pebblestep.documents;

import pebblestep.core.Rounding;

/** Numbers at the edge, where exact fractions become milliseconds: three decimals. */
public final class Rounded {
    private static final double DECIMALS = 1000.0;

    private Rounded() {}

    /** The nearest number with three decimals. */
    public static double of(double value) {
        return Rounding.whole(value * DECIMALS) / DECIMALS;
    }
}
