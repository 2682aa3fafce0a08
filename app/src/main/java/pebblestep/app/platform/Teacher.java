package pebblestep.app.platform;

import java.io.Serializable;

/**
 * The signed-in teacher; every request of theirs stays within their studio.
 *
 * @param epoch counts how often they have signed out everywhere
 * @param owner whether the studio is theirs
 */
public record Teacher(long teacherId, long studioId, int epoch, boolean owner) implements Serializable {

    /** Refuses what only the owner of a studio may do. */
    public void requireOwner() {
        if (!owner) throw Problems.forOwners();
    }
}
