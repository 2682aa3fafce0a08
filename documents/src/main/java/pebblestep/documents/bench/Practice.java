package pebblestep.documents.bench;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * How much is practised, and by when it should be done. Minutes and days outside their bounds are refused where it is
 * reckoned with.
 *
 * @param minutesADay for this step, 1 to 180; 8 without
 * @param daysAWeek 1 to 7; 5 without
 */
public record Practice(@Nullable Integer minutesADay, @Nullable Integer daysAWeek, @Nullable LocalDate by) {}
