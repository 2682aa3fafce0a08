package pebblestep.core;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;

/** Reads days without a formatter, which would bring the time zones of the world into the page. */
public final class Days {
    private static final int LENGTH = "2026-03-02".length();

    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;

    /** The sentence for a day outside the limits. */
    public static final String LIMITS = "A day lies between " + FIRST_YEAR + " and " + LAST_YEAR + ".";

    private Days() {}

    /** Whether a day lies in the years 1900 to 2200. Days beyond them break later arithmetic, so they are refused where they are read. */
    public static boolean isWithinLimits(LocalDate day) {
        return day.getYear() >= FIRST_YEAR && day.getYear() <= LAST_YEAR;
    }

    /** The day that a text begins with, as in {@code 2026-03-02} and {@code 2026-03-02T17:05:00+01:00}; empty where it does not. */
    public static Optional<LocalDate> in(String text) {
        if (text.length() < LENGTH || text.charAt(4) != '-' || text.charAt(7) != '-') return Optional.empty();
        String year = text.substring(0, 4);
        String month = text.substring(5, 7);
        String day = text.substring(8, LENGTH);
        if (!Parts.isDigits(year, 4) || !Parts.isDigits(month, 2) || !Parts.isDigits(day, 2)) return Optional.empty();
        try {
            return Optional.of(LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** The same of a text that is a day and nothing else. */
    public static Optional<LocalDate> parse(String text) {
        return text.length() == LENGTH ? in(text) : Optional.empty();
    }
}
