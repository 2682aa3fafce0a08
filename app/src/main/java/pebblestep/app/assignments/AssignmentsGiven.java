package pebblestep.app.assignments;

import java.util.List;

/** Told in the same transaction when many steps were given at once, of which nothing was practised or decided yet. */
public record AssignmentsGiven(long studioId, List<Long> assignmentIds) {
    public AssignmentsGiven {
        assignmentIds = List.copyOf(assignmentIds);
    }
}
