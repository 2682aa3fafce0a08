package pebblestep.app.bench;

import pebblestep.core.forecast.Pace;

/** Tells how fast the students of a studio climb: what is believed of those of whom little is seen. */
public interface StudioPaces {
    /** Everybody's days of practice of the last four weeks, and what was climbed on them. */
    Pace.Seen seen(long studioId);
}
