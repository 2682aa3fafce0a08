package pebblestep.app.platform;

import java.util.Optional;

/** Tells whose practice link a token is; empty for links that are wrong, renewed or of an archived student. */
public interface PracticeLinkReader {
    Optional<PracticeVisitor> visitor(String token);
}
