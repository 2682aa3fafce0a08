package pebblestep.app.assignments;

import java.time.LocalDate;
import pebblestep.core.passage.Step;
import pebblestep.core.tempo.TempoLadder;

/** An assignment as the rules need it: the step as it was given, and the ladder it is climbed on. */
public record Assigned(
        long id,
        long studioId,
        long studentId,
        String title,
        Step step,
        TempoLadder ladder,
        LocalDate endsOn,
        int minutesADay) {}
