package pebblestep.app.assignments;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import pebblestep.app.assignments.Assigned.Decided;
import pebblestep.app.platform.Found;
import pebblestep.app.platform.InParts;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.ClimbEvent;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Step;
import pebblestep.core.practice.Schedule;
import pebblestep.core.rhythm.Bpm;

/** Reads assignments as the rules need them: what was given, and what was decided since and not taken back. */
@Component
class AssignedReader {
    private final ChangeRepository changes;
    private final GivenAscents ascents;

    AssignedReader(ChangeRepository changes, GivenAscents ascents) {
        this.changes = changes;
        this.ascents = ascents;
    }

    /** One assignment. */
    Assigned of(AssignmentEntity entity) {
        return of(List.of(AssignedRow.of(entity))).get(0);
    }

    /** Assignments with what was decided about them. */
    List<Assigned> of(Collection<AssignedRow> rows) {
        Map<Long, List<ChangeEntity>> byAssignment =
                InParts.of(ids(rows), changes::findByAssignmentIdInOrderById).stream()
                        .collect(Collectors.groupingBy(change -> change.assignmentId));
        Map<Long, Ascent> given = ascents.of(ids(rows));
        return rows.stream()
                .map(row -> assigned(row, Found.in(given, row.id()), byAssignment.getOrDefault(row.id(), List.of())))
                .toList();
    }

    /** The steps as they were given, by assignment. */
    Map<Long, Step> steps(Collection<Long> assignmentIds) {
        Map<Long, Step> steps = new HashMap<>();
        ascents.of(assignmentIds).forEach((id, ascent) -> steps.put(id, ascent.step()));
        return steps;
    }

    private static List<Long> ids(Collection<AssignedRow> rows) {
        return rows.stream().map(AssignedRow::id).toList();
    }

    private Assigned assigned(AssignedRow row, Ascent given, List<ChangeEntity> changes) {
        List<Decided> decisions = new ArrayList<>();
        if (row.startAt() != null) {
            decisions.add(new Decided(
                    new ClimbEvent.Placed(Position.parse(row.startAt()), row.startsOn()), Instant.MIN, null));
        }
        Set<Long> undone = undone(changes);
        for (ChangeEntity change : changes) {
            if (change.undoes != null || undone.contains(change.id)) continue;
            for (ClimbEvent event : events(change, given))
                decisions.add(new Decided(event, change.decidedAt, change.decidedBy));
        }
        Assigned assigned = new Assigned(
                row.id(),
                row.studioId(),
                row.studentId(),
                row.title(),
                given,
                decisions,
                Optional.empty(),
                new Schedule(row.startsOn(), Optional.ofNullable(row.endsOn()), Weekdays.days(row.weekdays())),
                row.dailyMinutes());
        BigDecimal bpm = row.goalBpm();
        LocalDate on = row.goalOn();
        return bpm == null || on == null ? assigned : assigned.aiming(Bpm.of(bpm), on);
    }

    /** The decisions that were taken back. */
    static Set<Long> undone(List<ChangeEntity> changes) {
        return changes.stream()
                .map(change -> change.undoes)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
    }

    /** What a decision did: another climb comes before the rung on it. */
    private List<ClimbEvent> events(ChangeEntity change, Ascent given) {
        List<ClimbEvent> events = new ArrayList<>();
        if (change.held != null) events.add(new ClimbEvent.Held(change.held, change.decidedOn));
        if (change.climb != null) {
            events.add(new ClimbEvent.Changed(
                    ascents.of(change.id, change.climb, change.document, given), change.decidedOn));
        }
        if (change.placedAt != null) {
            events.add(new ClimbEvent.Placed(Position.parse(change.placedAt), change.decidedOn));
        }
        return events;
    }
}
