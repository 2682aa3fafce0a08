package pebblestep.core.practice;

import java.util.Optional;
import pebblestep.core.climb.Standing;

/**
 * How things stood with one piece when the list of a day was settled: when the day began, or after the teacher's last
 * decision of the day. What the student plays on the day itself changes nothing about it, so that nothing leaves the list
 * or moves on it because it went well.
 *
 * @param standing where the student stood
 * @param reviews when it comes back; empty while it was not learned
 * @param started whether there was any take
 */
public record Settled(Standing standing, Optional<Reviews> reviews, boolean started) {}
