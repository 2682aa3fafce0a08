package pebblestep.app.assignments;

import java.util.Collection;

/** Brings the keys of key plans up, when their days have come. */
public interface KeysAhead {
    /** Gives these students what their plans have for today and the coming week; does nothing where that is given. */
    void comeUp(long studioId, Collection<Long> studentIds);
}
