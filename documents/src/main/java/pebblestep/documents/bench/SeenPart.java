package pebblestep.documents.bench;

import pebblestep.core.forecast.Pace;

/** What was seen of everybody's climbing: days of practice, rungs passed on them, and the sum of the squares of each day's. */
public record SeenPart(double days, double rungs, double squares) {
    /** The document of what was seen. */
    public static SeenPart of(Pace.Seen seen) {
        return new SeenPart(seen.days(), seen.rungs(), seen.squares());
    }

    /** What it says. */
    public Pace.Seen read() {
        return new Pace.Seen(days, rungs, squares);
    }
}
