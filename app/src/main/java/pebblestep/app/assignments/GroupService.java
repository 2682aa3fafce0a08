package pebblestep.app.assignments;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.AssignmentViews.ScheduleRequest;
import pebblestep.app.assignments.GroupViews.GroupPlan;
import pebblestep.app.assignments.GroupViews.GroupPreview;
import pebblestep.app.assignments.GroupViews.GroupRequest;
import pebblestep.app.assignments.GroupViews.GroupStep;
import pebblestep.app.assignments.GroupViews.StartChoice;
import pebblestep.app.assignments.GroupViews.StartRequest;
import pebblestep.app.assignments.GroupViews.StepPreview;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.bench.StepService;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.app.bench.StudioPaces;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentService.Enrolled;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.forecast.Habit;
import pebblestep.core.forecast.Pace;
import pebblestep.core.forecast.Prospect.Climber;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.StepWords;
import pebblestep.core.practice.Schedule;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.bench.Asked;

/** Gives a routine to one student, to several, or to a class, each on their own instrument and range. */
@Service
class GroupService {
    private static final int MOST_STARTS = 60;
    private static final int MOST_WEEKS = 12;
    private static final int USUAL_MINUTES = 8;
    private static final int WEEK = 7;

    private final RoutineGiving giving;
    private final RoutineService routines;
    private final StepService steps;
    private final StudentService students;
    private final SettingsService settings;
    private final StudioPaces paces;

    GroupService(
            RoutineGiving giving,
            RoutineService routines,
            StepService steps,
            StudentService students,
            SettingsService settings,
            StudioPaces paces) {
        this.paces = paces;
        this.giving = giving;
        this.routines = routines;
        this.steps = steps;
        this.students = students;
        this.settings = settings;
    }

    /** What each student will see, week by week; nothing is given. */
    @Transactional(readOnly = true)
    public GroupPlan preview(long studioId, GroupRequest form) {
        Asking asking = asking(studioId, form);
        List<StepView> routine = asking.routine;
        List<Ascent> ascents = asking.ascents;
        Speech speech = settings.of(studioId).speech();
        List<GroupPreview> previews = previews(studioId, asking).stream()
                .map(one ->
                        new GroupPreview(one.to.student().id(), one.to.student().name(), one.steps, 0))
                .toList();
        List<GroupStep> given = new ArrayList<>();
        for (int i = 0; i < routine.size(); i++) {
            Ascent ascent = ascents.get(i);
            given.add(new GroupStep(
                    routine.get(i).id(),
                    routine.get(i).title(),
                    ascent.moves().route().stream()
                            .limit(MOST_STARTS)
                            .map(at -> new StartChoice(
                                    at.rungs(), ascent.words(speech).at(at)))
                            .toList()));
        }
        return new GroupPlan(given, previews);
    }

    /** What is asked for, read once. */
    private record Asking(GroupRequest form, List<Long> studentIds, List<StepView> routine, List<Ascent> ascents) {}

    private Asking asking(long studioId, GroupRequest form) {
        AssignmentService.requireDays(form.startsOn(), form.endsOn());
        List<StepView> routine = routines.get(studioId, form.routineId()).steps();
        // Somebody who is named twice gets everything once.
        List<Long> ids = form.studentIds().stream().distinct().toList();
        ManyGiven.requireFew((long) ids.size() * routine.size(), "studentIds");
        return new Asking(
                form,
                ids,
                routine,
                routine.stream().map(step -> steps.ascent(studioId, step.id())).toList());
    }

    /** What somebody will see of each step. */
    private record Seen(Enrolled to, List<StepPreview> steps) {}

    /** Equal players on the same rung see the same, which is worked out once. */
    private record Same(int step, Position start, Player player) {}

    private List<Seen> previews(long studioId, Asking asking) {
        Plan plan =
                new Plan(asking.form, settings.of(studioId).speech(), Pace.of(Pace.Seen.NOTHING, paces.seen(studioId)));
        Map<Same, StepPreview> known = new HashMap<>();
        List<Seen> seen = new ArrayList<>();
        for (Enrolled one : students.enrolled(studioId, asking.studentIds)) {
            List<StepPreview> said = new ArrayList<>();
            for (int i = 0; i < asking.routine.size(); i++) {
                StepView step = asking.routine.get(i);
                Ascent ascent = asking.ascents.get(i);
                Position start = start(asking.form, one.student().id(), step.id(), ascent);
                said.add(known.computeIfAbsent(
                        new Same(i, start, one.player()), same -> plan.of(step.title(), ascent, start, one.player())));
            }
            seen.add(new Seen(one, said));
        }
        return seen;
    }

    /** Where a student starts a step: the first rung unless another was chosen. */
    private static Position start(GroupRequest form, long studentId, long stepId, Ascent ascent) {
        return chosen(form, studentId, stepId)
                .map(start -> Asked.position(ascent.climb(), start, "starts"))
                .orElse(ascent.climb().first());
    }

    private static Optional<List<Integer>> chosen(GroupRequest form, long studentId, long stepId) {
        return (form.starts() == null ? List.<StartRequest>of() : form.starts())
                .stream()
                        .filter(start -> start.studentId() == studentId && start.stepId() == stepId)
                        .map(StartRequest::at)
                        .findFirst();
    }

    /** Gives every step that fits; those that do not are told, and keep nothing else from being given. */
    @Transactional
    public List<GroupPreview> give(long studioId, GroupRequest form) {
        Asking asking = asking(studioId, form);
        List<GroupPreview> told = new ArrayList<>();
        List<RoutineGiving.Giving> given = new ArrayList<>();
        for (Seen one : previews(studioId, asking)) {
            long id = one.to.student().id();
            int before = given.size();
            for (int i = 0; i < asking.routine.size(); i++) {
                if (one.steps.get(i).refusal() != null) continue;
                long step = asking.routine.get(i).id();
                Ascent ascent = asking.ascents.get(i);
                given.add(new RoutineGiving.Giving(one.to, step, ascent, start(form, id, step, ascent)));
            }
            told.add(new GroupPreview(id, one.to.student().name(), one.steps, given.size() - before));
        }
        giving.give(
                studioId,
                given,
                new ScheduleRequest(form.endsOn(), form.weekdays(), form.minutesADay()),
                form.startsOn());
        return told;
    }

    /** How steps go on from a day, on these weekdays. */
    private record Plan(GroupRequest form, Speech speech, Pace pace) {
        StepPreview of(String title, Ascent ascent, Position start, Player player) {
            try {
                Outlook outlook = Outlook.of(ascent, start, player, speech);
                return new StepPreview(
                        title,
                        Passage.writtenKey(ascent.step(), player).toString(),
                        StepWords.withoutKey(ascent.at(start), speech),
                        weeks(ascent, outlook),
                        null);
            } catch (Refusal e) {
                return new StepPreview(title, null, null, List.of(), e.getMessage());
            }
        }

        private List<String> weeks(Ascent ascent, Outlook outlook) {
            Schedule schedule = new Schedule(
                    form.startsOn(),
                    Optional.ofNullable(form.endsOn()),
                    Weekdays.days(Weekdays.bits(form.weekdays() == null ? List.of() : form.weekdays())));
            // Of somebody who begins nothing is seen yet: they are believed to climb as the studio does.
            Pace here = new Climber(pace, Habit.aWeek(WEEK), USUAL_MINUTES)
                    .with(form.minutesADay(), outlook, Outlook.USUAL_CLEAN_SHARE);
            long days = form.endsOn() == null
                    ? (long) MOST_WEEKS * WEEK
                    : ChronoUnit.DAYS.between(form.startsOn(), form.endsOn()) + 1;
            List<String> weeks = new ArrayList<>();
            for (long week = 1; week <= Math.min(MOST_WEEKS, (days + WEEK - 1) / WEEK); week++) {
                LocalDate end = form.startsOn().plusDays(week * WEEK);
                int practised = schedule.daysBetween(form.startsOn().minusDays(1), end);
                int passed = (int) Math.floor(
                        practised * Math.min(here.aDay(), outlook.rules().rungsADay()));
                Outlook.Ahead rung =
                        outlook.rungs().get(Math.min(passed, outlook.rungs().size() - 1));
                weeks.add(ascent.words(speech).at(rung.at()));
                // Once the last rung is reached there is nothing more to say.
                if (ascent.isLast(rung.at())) break;
            }
            return weeks;
        }
    }
}
