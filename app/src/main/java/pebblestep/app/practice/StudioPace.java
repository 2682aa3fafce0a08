package pebblestep.app.practice;

import java.time.Clock;
import java.time.LocalDate;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import pebblestep.app.bench.StudioPaces;
import pebblestep.app.platform.Remembered;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.forecast.Pace;

/** Reads the pace of a studio from what is kept of every piece. */
@Component
class StudioPace implements StudioPaces {
    private static final int MOST_KNOWN = 1_000;

    private final StandingRepository standings;
    private final Clock clock;

    /** Asked with every nudge of a climb, moved on by a take. */
    private final Remembered<Since, Pace.Seen> known = Remembered.most(MOST_KNOWN);

    /** The version of all paces: how often one has changed. */
    private final AtomicLong changes = new AtomicLong();

    private record Since(long studioId, LocalDate day) {}

    StudioPace(StandingRepository standings, Clock clock) {
        this.standings = standings;
        this.clock = clock;
    }

    /** Without a transaction while it is known. */
    @Override
    public Pace.Seen seen(long studioId) {
        Since since = since(studioId);
        return known.get(since).orElseGet(() -> {
            long version = changes.get();
            StandingRepository.Climbed all = standings.climbed(studioId, since.day);
            Pace.Seen seen = new Pace.Seen(all.days(), all.rungs(), 0);
            known.read(since, version, seen);
            return seen;
        });
    }

    /** Something was climbed, or taken back: once that is committed the pace is read again. */
    void changed(long studioId) {
        known.write(since(studioId), changes::incrementAndGet, () -> null);
    }

    private Since since(long studioId) {
        return new Since(studioId, LocalDate.now(clock).minusDays(Forecast.WINDOW_DAYS - 1L));
    }
}
