package pebblestep.app.keyplans;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import pebblestep.app.assignments.Weekdays;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.bench.StepService;
import pebblestep.app.keyplans.KeyPlanViews.KeyChoice;
import pebblestep.app.keyplans.KeyPlanViews.KeyChoices;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanRequest;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyOrder;
import pebblestep.core.keyplan.KeyPlan.Pace;
import pebblestep.core.pitch.NoteName;
import pebblestep.documents.Fields;

/** Reads what is asked for as a key plan, and says what can be asked for. */
@Component
class KeyPlanRequests {
    private static final String OWN = "OWN";

    /** More than a student can keep apart. */
    private static final int MOST_PIECES = 12;

    private final RoutineService routines;
    private final StepService steps;
    private final Clock clock;

    KeyPlanRequests(RoutineService routines, StepService steps, Clock clock) {
        this.routines = routines;
        this.steps = steps;
        this.clock = clock;
    }

    static KeyChoices choices() {
        return new KeyChoices(
                choices(KeyOrder.class, KeyOrder::words),
                choices(FormSet.class, FormSet::words),
                choices(Pace.class, Pace::words),
                KeyOrder.fourths().stream().map(NoteName::toString).toList());
    }

    private static <E extends Enum<E> & Identified> List<KeyChoice<E>> choices(
            Class<E> set, Function<E, String> words) {
        return Stream.of(set.getEnumConstants())
                .map(one -> new KeyChoice<>(one, words.apply(one)))
                .toList();
    }

    /** The plan that a form asks for, for nobody yet; refuses what cannot be, by its field. */
    KeyPlanEntity read(long studioId, KeyPlanRequest form) {
        RoutineView routine = routines.get(studioId, form.routineId());
        List<PlanSteps.Template> templates = routine.steps().stream()
                .map(step -> new PlanSteps.Template(step.id(), steps.ascent(studioId, step.id())))
                .toList();
        FormSet forms = form.forms();
        List<NoteName> keys = keys(form);
        int pieces = templates.stream()
                .mapToInt(one ->
                        forms.of(keys.get(0), one.ascent().step().key().form()).size())
                .sum();
        if (pieces > MOST_PIECES) {
            throw Refusal.of(
                            "forms",
                            "Each key would bring " + pieces + " steps; a plan has at most " + MOST_PIECES + ".")
                    .fits("Choose a shorter routine, or fewer forms.");
        }
        KeyPlanEntity entity = new KeyPlanEntity();
        entity.studioId = studioId;
        entity.title = routine.title().isBlank() ? routine.steps().get(0).title() : routine.title();
        entity.steps = PlanSteps.text(templates);
        entity.keyOrder = form.order() == null ? OWN : form.order().name();
        entity.keys = keys.stream().map(NoteName::toString).collect(Collectors.joining(" "));
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

    private static List<NoteName> keys(KeyPlanRequest form) {
        KeyOrder order = form.order();
        if (order == null) {
            String text = form.keys() == null ? "" : form.keys().strip();
            if (text.isEmpty())
                throw Refusal.of("keys", "Write the keys of your list.").fits("Such as C F Bb Eb.");
            return Fields.at(
                    "keys",
                    () -> KeyOrder.own(Arrays.stream(text.split("[\\s,]+"))
                            .map(NoteName::parse)
                            .toList()));
        }
        NoteName start = Fields.at("start", () -> NoteName.parse(form.start() == null ? "C" : form.start()));
        return order.from(start);
    }
}
