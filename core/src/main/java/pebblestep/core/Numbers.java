package pebblestep.core;

import java.math.BigDecimal;

/** Typed numbers. */
public final class Numbers {
    private static final int MOST_DIGITS = 40;
    private static final int LARGEST_EXPONENT = 30;

    private Numbers() {}

    /**
     * Whether somebody means a number: at most 40 digits, and a point at most 30 places beside them. One that is not is refused
     * where it is read: {@code 1e900000000} is short to write, and written out takes all memory.
     */
    public static boolean isMeant(BigDecimal number) {
        return number.precision() <= MOST_DIGITS && Math.abs((long) number.scale()) <= LARGEST_EXPONENT;
    }
}
