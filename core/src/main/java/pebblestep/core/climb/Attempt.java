package pebblestep.core.climb;

import java.time.LocalDate;
import pebblestep.core.rhythm.Bpm;

/** One try at a tempo on a day, and whether it was clean. */
public record Attempt(Bpm bpm, boolean clean, LocalDate day) {}
