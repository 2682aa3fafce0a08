package pebblestep.app.storage;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.turbo.TurboFilter;
import ch.qos.logback.core.spi.FilterReply;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import org.jspecify.annotations.Nullable;
import org.slf4j.ILoggerFactory;
import org.slf4j.LoggerFactory;
import org.slf4j.Marker;

/** Lets each place in the code say so many warnings and errors a minute, so that one cause does not fill the disk. */
final class LogLimit extends TurboFilter {
    private static final int A_MINUTE = 12;
    private static final long MINUTE_NANOS = 60_000_000_000L;
    private static final int MOST_PLACES = 1_000;

    private final ConcurrentMap<String, Said> said = new ConcurrentHashMap<>();

    /** How often something was said since a moment. */
    private record Said(long since, int times) {}

    /** Begins to limit; once is enough. */
    static void begin() {
        ILoggerFactory factory = LoggerFactory.getILoggerFactory();
        if (!(factory instanceof LoggerContext context)) return;
        boolean limited = context.getTurboFilterList().stream().anyMatch(LogLimit.class::isInstance);
        if (limited) return;
        LogLimit limit = new LogLimit();
        limit.setContext(context);
        limit.start();
        context.addTurboFilter(limit);
    }

    @Override
    public FilterReply decide(
            @Nullable Marker marker,
            Logger logger,
            Level level,
            @Nullable String format,
            Object @Nullable [] params,
            @Nullable Throwable t) {
        if (format == null || !level.isGreaterOrEqual(Level.WARN)) {
            return FilterReply.NEUTRAL;
        }
        if (said.size() > MOST_PLACES) said.clear();
        long now = System.nanoTime();
        Said soFar = said.merge(
                logger.getName() + ' ' + format,
                new Said(now, 1),
                (before, first) ->
                        now - before.since > MINUTE_NANOS ? first : new Said(before.since, before.times + 1));
        return soFar.times > A_MINUTE ? FilterReply.DENY : FilterReply.NEUTRAL;
    }
}
