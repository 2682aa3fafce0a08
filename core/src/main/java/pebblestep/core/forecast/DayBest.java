package pebblestep.core.forecast;

import java.time.LocalDate;

/** The best clean speed of a day, in notes a second. */
public record DayBest(LocalDate day, double notesPerSecond) {}
