package pebblestep.app.assignments;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.core.climb.Ascent;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;

/** The assignments that key plans give and move. */
@Service
public class PlannedSteps {
    private final AssignmentRepository assignments;
    private final ManyGiven many;
    private final Clock clock;

    PlannedSteps(AssignmentRepository assignments, ManyGiven many, Clock clock) {
        this.assignments = assignments;
        this.many = many;
        this.clock = clock;
    }

    /** Refuses to give more at once than can be written. */
    public static void requireFew(long count, String field) {
        ManyGiven.requireFew(count, field);
    }

    /** A step as columns keep it. */
    public record Written(Ascent ascent, String title, String document, String climb) {
        /** The columns of a step. */
        public static Written of(Ascent ascent) {
            return new Written(
                    ascent,
                    ascent.step().title(),
                    StepJson.writeText(ascent.step()),
                    ClimbJson.writeText(ascent.climb()));
        }
    }

    /** A step that is to be given on these days. */
    public record ToGive(Planned planned, Written step, Days days) {}

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

    /** Gives steps of one studio. */
    @Transactional
    public void give(long studioId, List<ToGive> steps) {
        many.write(
                studioId,
                steps.stream()
                        .map(one -> new ManyGiven.One(entity(one), one.step().ascent()))
                        .toList());
    }

    private AssignmentEntity entity(ToGive one) {
        Planned planned = one.planned();
        Days days = one.days();
        AssignmentEntity entity = new AssignmentEntity();
        entity.studioId = planned.studioId();
        entity.studentId = planned.studentId();
        entity.stepId = planned.stepId();
        entity.planId = planned.planId();
        entity.planPlace = planned.place();
        entity.title = one.step().title();
        entity.document = one.step().document();
        entity.climb = one.step().climb();
        entity.startsOn = days.from();
        entity.endsOn = days.to();
        entity.weekdays = planned.weekdays();
        entity.dailyMinutes = planned.minutesADay();
        entity.createdAt = clock.instant();
        return entity;
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
