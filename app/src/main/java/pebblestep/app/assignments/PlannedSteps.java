package pebblestep.app.assignments;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.core.climb.Ascent;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;

/** The assignments that key plans give and move. */
@Service
public class PlannedSteps {
    private final AssignmentRepository assignments;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    PlannedSteps(AssignmentRepository assignments, ApplicationEventPublisher events, Clock clock) {
        this.assignments = assignments;
        this.events = events;
        this.clock = clock;
    }

    /**
     * The days of a planned step.
     *
     * @param to the last; without one until the plan goes on
     */
    public record Days(LocalDate from, @Nullable LocalDate to) {}

    /** A step that a plan gives: for whom, from which plan and place, and when. */
    public record Planned(
            long studioId, long studentId, long stepId, long planId, int place, int weekdays, int minutesADay) {}

    /** One that was given. */
    public record Placed(long id, int place, Days days, boolean overtaken) {}

    /** Gives a step. */
    @Transactional
    public void give(Planned planned, Ascent ascent, Days days) {
        AssignmentEntity entity = new AssignmentEntity();
        entity.studioId = planned.studioId();
        entity.studentId = planned.studentId();
        entity.stepId = planned.stepId();
        entity.planId = planned.planId();
        entity.planPlace = planned.place();
        entity.title = ascent.step().title();
        entity.document = StepJson.writeText(ascent.step());
        entity.climb = ClimbJson.writeText(ascent.climb());
        entity.startsOn = days.from();
        entity.endsOn = days.to();
        entity.weekdays = planned.weekdays();
        entity.dailyMinutes = planned.minutesADay();
        entity.createdAt = clock.instant();
        assignments.save(entity);
        events.publishEvent(new AssignmentChanged(entity.studioId, entity.id));
    }

    /** Everything that a plan gave. */
    @Transactional(readOnly = true)
    public List<Placed> of(long planId) {
        return assignments.findByPlanId(planId).stream()
                .map(entity -> new Placed(
                        entity.id,
                        Objects.requireNonNull(entity.planPlace),
                        new Days(entity.startsOn, entity.endsOn),
                        entity.overtaken))
                .toList();
    }

    /** The plan that gave an assignment; empty where the teacher did. */
    @Transactional(readOnly = true)
    public Optional<Long> planOf(long assignmentId) {
        return assignments.findById(assignmentId).map(entity -> entity.planId);
    }

    /** Gives a planned step other days. */
    @Transactional
    public void move(long id, Days days) {
        AssignmentEntity entity = assignments.findById(id).orElseThrow();
        entity.startsOn = days.from();
        entity.endsOn = days.to();
        entity.overtaken = false;
    }

    /** The plan has gone past a planned step before it was begun. */
    @Transactional
    public void overtake(long id) {
        assignments.findById(id).orElseThrow().overtaken = true;
    }
}
