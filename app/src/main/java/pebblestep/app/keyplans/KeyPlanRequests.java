package pebblestep.app.keyplans;

import java.time.Clock;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import pebblestep.app.assignments.Weekdays;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.bench.StepService;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanRequest;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyMaterial;
import pebblestep.core.pitch.NoteName;
import pebblestep.documents.bench.PlanAsked;

/** Reads what is asked for as a key plan. */
@Component
class KeyPlanRequests {
    private static final String OWN = "OWN";

    private final RoutineService routines;
    private final StepService steps;
    private final Clock clock;

    KeyPlanRequests(RoutineService routines, StepService steps, Clock clock) {
        this.routines = routines;
        this.steps = steps;
        this.clock = clock;
    }

    /** The plan that a form asks for, for nobody yet; refuses what cannot be, by its field. */
    KeyPlanEntity read(long studioId, KeyPlanRequest form) {
        RoutineView routine = routines.get(studioId, form.routineId());
        List<PlanSteps.Template> templates = routine.steps().stream()
                .map(step -> new PlanSteps.Template(step.id(), steps.ascent(studioId, step.id())))
                .toList();
        FormSet forms = form.forms();
        List<NoteName> keys = PlanAsked.keys(form.order(), form.start(), form.keys());
        new KeyMaterial(templates.stream().map(PlanSteps.Template::ascent).toList(), forms, form.named())
                .requireFew(keys.getFirst());
        KeyPlanEntity entity = new KeyPlanEntity();
        entity.studioId = studioId;
        entity.title = routine.title().isBlank() ? routine.steps().get(0).title() : routine.title();
        entity.steps = PlanSteps.text(templates);
        entity.keyOrder = form.order() == null ? OWN : form.order().name();
        entity.keys = keys.stream().map(NoteName::id).collect(Collectors.joining(" "));
        entity.thereAndBack = form.thereAndBack();
        entity.forms = forms;
        entity.named = form.named().id();
        entity.pace = form.pace();
        entity.startsOn = form.startsOn();
        entity.weekdays = Weekdays.bits(form.weekdays() == null ? List.of() : form.weekdays());
        entity.dailyMinutes = form.minutesADay();
        entity.createdAt = clock.instant();
        return entity;
    }
}
