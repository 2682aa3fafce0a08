package pebblestep.app.keyplans;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import pebblestep.app.assignments.Weekdays;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.bench.StepService;
import pebblestep.app.keyplans.KeyPlanViews.KeyChoice;
import pebblestep.app.keyplans.KeyPlanViews.KeyChoices;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanForm;
import pebblestep.app.platform.Fields;
import pebblestep.core.Refusal;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyOrder;
import pebblestep.core.keyplan.KeyPlan.Pace;
import pebblestep.core.pitch.NoteName;

/** Reads what is asked for as a key plan, and says what can be asked for. */
@Component
class KeyPlanForms {
    private static final String OWN = "own";

    /** More than a student can keep apart. */
    private static final int MOST_PIECES = 12;

    private final RoutineService routines;
    private final StepService steps;
    private final Clock clock;

    KeyPlanForms(RoutineService routines, StepService steps, Clock clock) {
        this.routines = routines;
        this.steps = steps;
        this.clock = clock;
    }

    static KeyChoices choices() {
        return new KeyChoices(
                Stream.concat(
                                Stream.of(KeyOrder.values()).map(order -> new KeyChoice(id(order), order.words())),
                                Stream.of(new KeyChoice(OWN, "a list of your own")))
                        .toList(),
                Stream.of(FormSet.values())
                        .map(set -> new KeyChoice(id(set), set.words()))
                        .toList(),
                Stream.of(Pace.values())
                        .map(pace -> new KeyChoice(id(pace), pace.words()))
                        .toList(),
                KeyOrder.fourths().stream().map(NoteName::toString).toList());
    }

    /** The name in requests. */
    static String id(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The value of that name; refuses others with those there are. */
    static <E extends Enum<E>> E named(E[] values, String id, String field) {
        return Arrays.stream(values)
                .filter(value -> id(value).equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.of(field, "There is no \"" + id + "\" here.")
                        .fits("One of: "
                                + Arrays.stream(values).map(KeyPlanForms::id).collect(Collectors.joining(", "))
                                + "."));
    }

    /** The plan that a form asks for, for nobody yet; refuses what cannot be, by its field. */
    KeyPlanEntity read(long studioId, KeyPlanForm form) {
        RoutineView routine = routines.get(studioId, form.routineId());
        List<PlanSteps.Template> templates = routine.steps().stream()
                .map(step -> new PlanSteps.Template(step.id(), steps.ascent(studioId, step.id())))
                .toList();
        FormSet forms = named(FormSet.values(), form.forms(), "forms");
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
        entity.keyOrder = form.order().equals(OWN)
                ? "OWN"
                : named(KeyOrder.values(), form.order(), "order").name();
        entity.keys = keys.stream().map(NoteName::toString).collect(Collectors.joining(" "));
        entity.thereAndBack = form.thereAndBack();
        entity.forms = forms;
        entity.named = form.named();
        entity.pace = named(Pace.values(), form.pace(), "pace");
        entity.startsOn = form.startsOn();
        entity.weekdays = Weekdays.bits(form.weekdays() == null ? List.of() : form.weekdays());
        entity.dailyMinutes = form.minutesADay();
        entity.createdAt = clock.instant();
        return entity;
    }

    private static List<NoteName> keys(KeyPlanForm form) {
        if (form.order().equals(OWN)) {
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
        return named(KeyOrder.values(), form.order(), "order").from(start);
    }
}
