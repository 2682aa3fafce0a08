package pebblestep.journeys;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/** The application's clock in journeys: the real one, turned on by days. A journey that turns it turns it back. */
final class TurnableClock extends Clock {
    static final TurnableClock THE_CLOCK = new TurnableClock(ZoneId.systemDefault());

    private static volatile Duration turned = Duration.ZERO;

    private final ZoneId zone;

    private TurnableClock(ZoneId zone) {
        this.zone = zone;
    }

    /** Turns the clock to so many days from now. */
    static void turnTo(int days) {
        turned = Duration.ofDays(days);
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
