package pebblestep.core;

import java.math.BigDecimal;

/** Typed numbers. */
public final class Numbers {
    private static final int MOST_DIGITS = 40;
    private static final int LARGEST_EXPONENT = 30;

    private Numbers() {}

    /**
     * Whether a number has at most 40 digits, with the decimal point at most 30 places away. Any other is refused
     * where it is read: {@code 1e900000000} is short to write, and written out takes all memory.
     */
    public static boolean isWithinLimits(BigDecimal number) {
        return number.precision() <= MOST_DIGITS && Math.abs((long) number.scale()) <= LARGEST_EXPONENT;
    }
}
