package pebblestep.app.platform;

import java.util.Optional;

/** Finds the student of a practice link; empty for a wrong or outdated link and for an archived student. */
public interface PracticeLinkReader {
    Optional<PracticeVisitor> visitor(String token);
}
