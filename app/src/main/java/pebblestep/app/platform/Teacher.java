package pebblestep.app.platform;

import java.io.Serializable;

/**
 * The signed-in teacher. They see and change their own studio only.
 *
 * @param epoch how often they have signed out everywhere
 * @param owner whether they own the studio
 */
public record Teacher(long teacherId, long studioId, int epoch, boolean owner) implements Serializable {

    /** Refuses what only the owner of a studio may do. */
    public void requireOwner() {
        if (!owner) throw Problems.forOwners();
    }
}
