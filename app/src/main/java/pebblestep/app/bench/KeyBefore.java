package pebblestep.app.bench;

import java.util.Optional;
import pebblestep.core.passage.Step;

/** Knows what a student was given last, and so which key they come from. */
public interface KeyBefore {
    /** The step in another key than this one that the student was given last; empty for a first key. */
    Optional<Step> stepBefore(long studioId, long studentId, Step step);
}
