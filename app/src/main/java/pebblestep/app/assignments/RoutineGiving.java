package pebblestep.app.assignments;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.AssignmentViews.ScheduleRequest;
import pebblestep.app.students.StudentService.Enrolled;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Speech;

/** Gives a routine's steps to several students at once. */
@Component
class RoutineGiving {
    private final ManyGiven many;
    private final SettingsService settings;
    private final Clock clock;

    RoutineGiving(ManyGiven many, SettingsService settings, Clock clock) {
        this.many = many;
        this.settings = settings;
        this.clock = clock;
    }

    /** A step to give to somebody whom it fits from that rung on. */
    record Giving(Enrolled to, long stepId, Ascent ascent, Position start) {}

    /** Gives many steps at once, to whom they fit: each is written out once, however many get it. */
    @Transactional
    void give(long studioId, List<Giving> all, ScheduleRequest schedule, LocalDate startsOn) {
        ManyGiven.requireFew(all.size(), "studentIds");
        Speech speech = settings.of(studioId).speech();
        Map<Long, PlannedSteps.Written> written = new HashMap<>();
        List<ManyGiven.One> entities = new ArrayList<>();
        for (Giving one : all) {
            StudentView student = one.to.student();
            if (student.archived()) throw AssignmentService.putAway("studentIds", student);
            AssignmentEntity entity = new AssignmentEntity();
            entity.studioId = studioId;
            entity.studentId = student.id();
            entity.stepId = one.stepId;
            PlannedSteps.Written step = written.computeIfAbsent(one.stepId, id -> PlannedSteps.Written.of(one.ascent));
            entity.title = StepWords.title(step.ascent().step(), speech);
            entity.document = step.document();
            entity.climb = step.climb();
            entity.startAt = one.start.equals(one.ascent.climb().first()) ? null : one.start.toString();
            entity.startsOn = startsOn;
            entity.endsOn = schedule.endsOn();
            entity.weekdays = Weekdays.bits(schedule.weekdays() == null ? List.of() : schedule.weekdays());
            entity.dailyMinutes = schedule.minutesADay();
            entity.createdAt = clock.instant();
            entities.add(new ManyGiven.One(entity, step.ascent()));
        }
        many.write(studioId, entities);
    }
}
