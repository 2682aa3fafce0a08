package pebblestep.core.minutes;

import java.time.Duration;

/** Says lengths of time in words, rounded up: what is said is never less than it takes. */
public final class InMinutes {
    private static final int SECONDS = 60;

    private InMinutes() {}

    /** To the second: {@code 45 s}, {@code 3 min}, {@code 3 min 20 s}, {@code 2 h 5 min}. */
    public static String of(Duration time) {
        long seconds = up(time.toMillis(), 1000);
        if (seconds >= SECONDS * SECONDS) return ofHours(time);
        long minutes = seconds / SECONDS;
        long left = seconds % SECONDS;
        if (minutes == 0) return left + " s";
        return left == 0 ? minutes + " min" : minutes + " min " + left + " s";
    }

    /** To the minute: {@code 1 min}, {@code 2 h}, {@code 2 h 5 min}. */
    public static String ofHours(Duration time) {
        long minutes = whole(time);
        long hours = minutes / SECONDS;
        long left = minutes % SECONDS;
        if (hours == 0) return minutes + " min";
        return left == 0 ? hours + " h" : hours + " h " + left + " min";
    }

    /** To the nearest minute: {@code under a minute}, {@code 1 min}, {@code 2 h 5 min}. */
    public static String about(Duration time) {
        Duration nearest = Duration.ofMinutes(time.plusSeconds(SECONDS / 2).toMinutes());
        return nearest.isZero() ? "under a minute" : ofHours(nearest);
    }

    /** Whole minutes, rounded up. */
    public static long whole(Duration time) {
        return up(time.toMillis(), SECONDS * 1000L);
    }

    /** A quotient of whole numbers, rounded up. */
    static long up(long dividend, long divisor) {
        return -Math.floorDiv(-dividend, divisor);
    }
}
