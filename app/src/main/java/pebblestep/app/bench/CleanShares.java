package pebblestep.app.bench;

import java.util.Optional;

/** Knows how much of what a student plays is clean. */
public interface CleanShares {
    /** The share of a student's takes of the last four weeks that were clean; empty where there are too few to tell. */
    Optional<Double> cleanShare(long studioId, long studentId);
}
