package pebblestep.app.keyplans;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.PlannedSteps;
import pebblestep.app.assignments.PlannedSteps.Days;
import pebblestep.app.assignments.PlannedSteps.Placed;
import pebblestep.app.assignments.PlannedSteps.ToGive;
import pebblestep.app.keyplans.KeyPlanEventEntity.Kind;
import pebblestep.app.platform.Acting;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.practice.StepLearned;
import pebblestep.app.students.StudentService;
import pebblestep.core.keyplan.KeyPlan;
import pebblestep.core.keyplan.KeyPlan.Window;
import pebblestep.core.passage.Player;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.practice.RoomDocument;

/**
 * Keeps what is given in step with the plans: the key of today and those of the coming fortnight are given, the key before is
 * closed, and what a decision has overtaken is ended. Doing it again changes nothing.
 */
@Service
class KeyPlanKeeper {
    /** A fortnight can be practised without the studio. */
    private static final int DAYS_AHEAD = RoomDocument.DAYS - 1;

    private final KeyPlanRepository plans;
    private final KeyPlanEventRepository events;
    private final PlannedSteps steps;
    private final ProgressStore progress;
    private final StudentService students;
    private final SettingsService settings;
    private final Clock clock;

    KeyPlanKeeper(
            KeyPlanRepository plans,
            KeyPlanEventRepository events,
            PlannedSteps steps,
            ProgressStore progress,
            StudentService students,
            SettingsService settings,
            Clock clock) {
        this.plans = plans;
        this.events = events;
        this.steps = steps;
        this.progress = progress;
        this.students = students;
        this.settings = settings;
        this.clock = clock;
    }

    /** Brings one plan up to today. */
    @Transactional
    void keepUp(long id) {
        // Whoever is deleted may be taken back: their plan waits meanwhile.
        plans.locked(id)
                .filter(plan -> students.isThere(plan.studioId, plan.studentId))
                .ifPresent(this::keep);
    }

    /** Something was learned: where it was what a plan waits for, the next key is given with it. */
    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void learned(StepLearned learned) {
        steps.planOf(learned.assignmentId())
                .flatMap(plans::locked)
                .filter(plan -> plan.pace == KeyPlan.Pace.LEARNED && !plan.ended)
                .ifPresent(this::keep);
    }

    /** Brings what is given in line with the plan as it stands today. */
    @Transactional
    void keep(KeyPlanEntity entity) {
        keep(entity, new PieceBook());
    }

    /** The same for one of several plans. */
    @Transactional
    void keep(KeyPlanEntity entity, PieceBook book) {
        LocalDate today = LocalDate.now(clock);
        Planned planned = planned(entity);
        List<Placed> given = steps.of(entity.id);
        KeyPlan.Station station = planned.plan().on(today, planned.events());
        if (isLearned(entity, station, given)) {
            events.save(event(entity, Kind.LEARNED, today));
            planned = planned(entity);
        }
        keep(entity, planned, given, today, book);
    }

    /** How many keys a plan that begins gives at once. */
    static long keysInSight(Planned planned, LocalDate today) {
        return planned.plan()
                .windows(today, today.plusDays(DAYS_AHEAD), planned.events())
                .size();
    }

    private boolean isLearned(KeyPlanEntity entity, KeyPlan.Station station, List<Placed> given) {
        if (entity.pace != KeyPlan.Pace.LEARNED || station.held()) return false;
        List<Long> now = given.stream()
                .filter(one -> one.place() == station.place() && !one.overtaken())
                .map(Placed::id)
                .toList();
        return !now.isEmpty() && progress.allLearned(now);
    }

    private void keep(KeyPlanEntity entity, Planned planned, List<Placed> given, LocalDate today, PieceBook book) {
        Map<Integer, Window> windows =
                planned.plan().windows(today, today.plusDays(DAYS_AHEAD), planned.events()).stream()
                        .collect(Collectors.toMap(Window::place, Function.identity()));
        LocalDate since = planned.plan().on(today, planned.events()).since();
        Set<Integer> there = new HashSet<>();
        for (Placed one : given) {
            Window window = windows.get(one.place());
            if (window == null) close(one, since);
            else {
                there.add(one.place());
                LocalDate first = one.days().from();
                // What is still ahead begins when the plan says so now; what has begun stays begun.
                boolean anew = one.overtaken()
                        || window.from().isAfter(today)
                        || window.from().isBefore(first);
                LocalDate from = anew ? window.from() : first;
                steps.move(one.id(), new Days(from, window.to().orElse(null)));
            }
        }
        Player player = students.player(entity.studioId, entity.studentId);
        List<ToGive> toGive = windows.values().stream()
                .filter(window -> !there.contains(window.place()))
                .flatMap(window -> toGive(entity, planned, window, player, book))
                .toList();
        steps.give(entity.studioId, toGive);
        entity.dueOn = due(windows.values(), today);
    }

    /** Closes everything that a plan gave, from today on. */
    void close(KeyPlanEntity entity) {
        entity.dueOn = null;
        steps.of(entity.id).forEach(one -> close(one, LocalDate.now(clock)));
    }

    /** A key that is over stays with its takes; one that was not begun is gone past. */
    private void close(Placed one, LocalDate since) {
        if (one.overtaken()) return;
        LocalDate first = one.days().from();
        LocalDate last = since.minusDays(1);
        if (first.isAfter(last)) {
            if (!progress.isStarted(one.id())) steps.overtake(one.id());
            else steps.move(one.id(), new Days(first, first));
        } else if (one.days().to() == null || one.days().to().isAfter(last)) {
            steps.move(one.id(), new Days(first, last));
        }
    }

    private Stream<ToGive> toGive(KeyPlanEntity entity, Planned planned, Window window, Player player, PieceBook book) {
        Speech speech = settings.of(entity.studioId).speech();
        return book.of(entity, planned.material(), window.tonic(), player, speech).stream()
                .map(piece -> new ToGive(
                        new PlannedSteps.Planned(
                                entity.studioId,
                                entity.studentId,
                                planned.steps().get(piece.step()).stepId(),
                                entity.id,
                                window.place(),
                                entity.weekdays,
                                entity.dailyMinutes),
                        piece.written(),
                        new Days(window.from(), window.to().orElse(null))));
    }

    /** The first day on which a key comes into sight that is not given yet; none while the plan waits. */
    private static @Nullable LocalDate due(Collection<Window> windows, LocalDate today) {
        if (windows.isEmpty()) return today.plusDays(1);
        return windows.stream()
                .max(Comparator.comparing(Window::place))
                .flatMap(Window::to)
                .map(last -> last.plusDays(1).minusDays(DAYS_AHEAD))
                .orElse(null);
    }

    Planned planned(KeyPlanEntity entity) {
        return Planned.of(entity, events.findByPlanIdInOrderById(List.of(entity.id)));
    }

    KeyPlanEventEntity event(KeyPlanEntity entity, Kind kind, LocalDate today) {
        KeyPlanEventEntity event = new KeyPlanEventEntity();
        event.studioId = entity.studioId;
        event.planId = entity.id;
        event.kind = kind;
        event.decidedBy = Acting.teacher();
        event.decidedAt = clock.instant();
        event.decidedOn = today;
        return event;
    }
}
