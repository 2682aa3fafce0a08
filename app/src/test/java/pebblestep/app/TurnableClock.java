package pebblestep.app;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;

/** The application's clock in tests: the real one, turned on by days. Tests that turn it turn it back. */
public final class TurnableClock extends Clock {
    /** The one that the application runs by. */
    public static final TurnableClock THE_CLOCK = new TurnableClock(ZoneId.systemDefault());

    private static volatile Duration turned = Duration.ZERO;
    private static volatile Runnable onTurn = () -> {};

    private final ZoneId zone;

    private TurnableClock(ZoneId zone) {
        this.zone = zone;
    }

    /** Turns the clock to so many days from now. */
    public static void turnTo(int days) {
        turned = Duration.ofDays(days);
        onTurn.run();
    }

    /** What happens when a day has turned, and would else happen a little later by itself. */
    public static void onTurn(Runnable what) {
        onTurn = what;
    }

    /** The moment it shows, as a student's own time. */
    public static OffsetDateTime now() {
        return OffsetDateTime.now(THE_CLOCK);
    }

    @Override
    public ZoneId getZone() {
        return zone;
    }

    @Override
    public Clock withZone(ZoneId other) {
        return new TurnableClock(other);
    }

    @Override
    public Instant instant() {
        return Clock.systemUTC().instant().plus(turned);
    }
}
