package pebblestep.app.students;

import java.util.List;

/** Told in the same transaction when students came to have another range or another instrument. */
public record PlayersChanged(long studioId, List<Long> studentIds) {
    public PlayersChanged {
        studentIds = List.copyOf(studentIds);
    }
}
