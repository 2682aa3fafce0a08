package pebblestep.app.keyplans;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.accounts.TeacherNames;
import pebblestep.app.assignments.PlannedSteps;
import pebblestep.app.keyplans.KeyPlanEventEntity.Kind;
import pebblestep.app.keyplans.KeyPlanViews.BookletKey;
import pebblestep.app.keyplans.KeyPlanViews.BookletPiece;
import pebblestep.app.keyplans.KeyPlanViews.BookletView;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanRequest;
import pebblestep.app.keyplans.KeyPlanViews.KeyPlanView;
import pebblestep.app.keyplans.KeyPlanViews.Passed;
import pebblestep.app.keyplans.KeyPlanViews.PlanDecision;
import pebblestep.app.keyplans.KeyPlanViews.PlanStation;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.keyplan.FreshInKeys;
import pebblestep.core.keyplan.InKey;
import pebblestep.core.keyplan.KeyPlan;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.KeyOrder;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.bench.PlanAsked;

/** Gives key plans to students and decides about them. */
@Service
public class KeyPlanService {
    private static final int MOST_PLANS = 6;

    /** Keys that are looked back on, to say what is new in the next. */
    private static final int MOST_BEHIND = 5;

    private final KeyPlanRepository plans;
    private final KeyPlanEventRepository events;
    private final KeyPlanKeeper keeper;
    private final KeyPlanRequests forms;
    private final StudentService students;
    private final SettingsService settings;
    private final TeacherNames names;
    private final Clock clock;

    KeyPlanService(
            KeyPlanRepository plans,
            KeyPlanEventRepository events,
            KeyPlanKeeper keeper,
            KeyPlanRequests forms,
            StudentService students,
            SettingsService settings,
            TeacherNames names,
            Clock clock) {
        this.names = names;
        this.plans = plans;
        this.events = events;
        this.keeper = keeper;
        this.forms = forms;
        this.students = students;
        this.settings = settings;
        this.clock = clock;
    }

    /** Gives the plan to each of the students. */
    @Transactional
    public List<KeyPlanView> give(long studioId, KeyPlanRequest form) {
        List<KeyPlanView> given = new ArrayList<>();
        // Somebody who is named twice gets everything once.
        List<Long> ids = form.studentIds().stream().distinct().toList();
        KeyPlanEntity asked = forms.read(studioId, form);
        Planned planned = Planned.of(asked, List.of());
        long pieces = planned.material().piecesIn(planned.plan().round().getFirst());
        PlannedSteps.requireFew(
                ids.size() * pieces * KeyPlanKeeper.keysInSight(planned, LocalDate.now(clock)), "studentIds");
        PieceBook book = new PieceBook();
        for (long id : ids) {
            StudentView student = students.get(studioId, id);
            require(student, form);
            if (plans.findByStudioIdAndStudentIdAndEndedOrderById(studioId, id, false)
                            .size()
                    >= MOST_PLANS) {
                throw Refusal.of("studentIds", student.name() + " has " + MOST_PLANS + " key plans already.")
                        .fits("End one of them first.");
            }
            KeyPlanEntity entity = forms.read(studioId, form);
            entity.studentId = id;
            plans.save(entity);
            keeper.keep(entity, book);
            given.add(view(entity));
        }
        return given;
    }

    /** A key a day is never for a beginner (common practice, no source). */
    private static void require(StudentView student, KeyPlanRequest form) {
        if (student.archived()) throw Refusal.of("studentIds", student.name() + " is put away. Take them back first.");
        PlanAsked.require(student.name(), student.level(), form.pace());
    }

    /** The plans that a student has, oldest first. */
    @Transactional(readOnly = true)
    public List<KeyPlanView> list(long studioId, long studentId) {
        students.get(studioId, studentId);
        return plans.findByStudioIdAndStudentIdAndEndedOrderById(studioId, studentId, false).stream()
                .map(this::view)
                .toList();
    }

    /**
     * The keys of a plan in their order, as a student reads them.
     *
     * @param words the order in words
     * @param now the key the plan is in
     */
    public record Order(List<NoteName> keys, String words, NoteName now) {}

    /** The order of the student's first plan; empty without a plan. */
    @Transactional(readOnly = true)
    public Optional<Order> order(long studioId, long studentId, Player player) {
        return plans.findByStudioIdAndStudentIdAndEndedOrderById(studioId, studentId, false).stream()
                .findFirst()
                .map(entity -> {
                    Planned planned = keeper.planned(entity);
                    NoteName now = planned.plan()
                            .on(LocalDate.now(clock), planned.events())
                            .tonic();
                    return new Order(
                            planned.plan().round().stream()
                                    .map(tonic -> planned.asRead(tonic, player))
                                    .toList(),
                            order(entity),
                            planned.asRead(now, player));
                });
    }

    /** Decides about a plan from today on. */
    @Transactional
    public KeyPlanView decide(long studioId, long id, PlanDecision decision) {
        KeyPlanEntity entity = find(studioId, id);
        events.save(keeper.event(entity, Kind.of(decision.kind()), LocalDate.now(clock)));
        keeper.keep(entity);
        return view(entity);
    }

    /** Takes the last decision back by a line of its own. */
    @Transactional
    public KeyPlanView undo(long studioId, long id) {
        KeyPlanEntity entity = find(studioId, id);
        KeyPlanEventEntity last = lastDecision(entity)
                .orElseThrow(() -> Refusal.of("id", "Nothing was decided about this plan that could be taken back."));
        KeyPlanEventEntity event = keeper.event(entity, Kind.UNDO, LocalDate.now(clock));
        event.undoes = last.id;
        events.save(event);
        keeper.keep(entity);
        return view(entity);
    }

    private Optional<KeyPlanEventEntity> lastDecision(KeyPlanEntity entity) {
        List<KeyPlanEventEntity> all = events.findByPlanIdInOrderById(List.of(entity.id));
        Set<Long> undone =
                all.stream().map(event -> event.undoes).filter(Objects::nonNull).collect(Collectors.toSet());
        return all.stream()
                .filter(event -> event.undoes == null && event.kind != Kind.LEARNED && !undone.contains(event.id))
                .reduce((earlier, later) -> later);
    }

    /** Ends a plan, or takes it up again; what it gave and was begun stays. */
    @Transactional
    public KeyPlanView end(long studioId, long id) {
        KeyPlanEntity entity = find(studioId, id);
        entity.ended = true;
        keeper.close(entity);
        return view(entity);
    }

    /** Takes up a plan again that was ended. */
    @Transactional
    public KeyPlanView reopen(long studioId, long id) {
        KeyPlanEntity entity = find(studioId, id);
        entity.ended = false;
        keeper.keep(entity);
        return view(entity);
    }

    private KeyPlanEntity find(long studioId, long id) {
        return plans.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("key plan"));
    }

    private KeyPlanView view(KeyPlanEntity entity) {
        LocalDate today = LocalDate.now(clock);
        Optional<KeyPlanEventEntity> last = lastDecision(entity);
        Player player = students.player(entity.studioId, entity.studentId);
        Planned planned = keeper.planned(entity);
        KeyPlan plan = planned.plan();
        KeyPlan.Station station = plan.on(today, planned.events());
        String words = order(entity) + (entity.thereAndBack ? ", there and back" : "") + ", "
                + plan.pace().words() + ", " + entity.named + " keys; " + entity.forms.words();
        return new KeyPlanView(
                entity.id,
                entity.studentId,
                entity.title,
                words,
                plan.sentence(station, today, tonic -> planned.asRead(tonic, player)),
                planned.asRead(station.tonic(), player).id(),
                station.held(),
                entity.ended,
                stations(planned, station, player),
                ahead(planned, station, player),
                last.map(event -> event.kind.decision()).orElse(null),
                last.map(event -> event.decidedBy)
                        .map(names.of(entity.studioId)::get)
                        .orElse(null));
    }

    /** What is new for the hand in the key that comes next; null where nothing is. */
    private @Nullable String ahead(Planned planned, KeyPlan.Station now, Player player) {
        int to = now.place() + 1;
        NoteName next = planned.plan().at(to);
        List<List<Ascent>> keys = IntStream.rangeClosed(Math.max(0, to - MOST_BEHIND), to)
                .mapToObj(place -> fitting(planned, planned.plan().at(place), player))
                .toList();
        return FreshInKeys.of(keys, player)
                .sentence(planned.asRead(next, player))
                .orElse(null);
    }

    private static List<Ascent> fitting(Planned planned, NoteName tonic, Player player) {
        return planned.material().pieces(tonic, player, Speech.USUAL).stream()
                .flatMap(piece -> piece.fitted().stream())
                .map(InKey::ascent)
                .toList();
    }

    /**
     * What a plan brings in one key of its round.
     *
     * @param tonic as the student reads it
     * @param isNow whether the plan is in that key
     */
    public record InOneKey(NoteName tonic, boolean isNow, List<PlannedPiece> pieces) {}

    /**
     * One step in one key.
     *
     * @param title what it is called there
     * @param ascent the step with its climb; empty where it does not fit the student
     * @param refusal why it does not
     */
    public record PlannedPiece(String title, Optional<Ascent> ascent, String refusal) {}

    /** What a plan is called, whose it is, and what it brings in each key of its round. */
    public record Round(String title, long studentId, List<InOneKey> keys) {}

    /** A plan with everything that it brings. */
    @Transactional(readOnly = true)
    public Round round(long studioId, long id) {
        KeyPlanEntity entity = find(studioId, id);
        Player player = students.player(studioId, entity.studentId);
        Planned planned = keeper.planned(entity);
        Speech speech = settings.of(studioId).speech();
        NoteName now = planned.plan().on(LocalDate.now(clock), planned.events()).tonic();
        List<InOneKey> keys = planned.plan().round().stream()
                .map(tonic -> new InOneKey(
                        planned.asRead(tonic, player),
                        tonic.equals(now),
                        planned.material().pieces(tonic, player, speech).stream()
                                .map(piece -> new PlannedPiece(
                                        piece.fitted()
                                                .map(fitted ->
                                                        fitted.ascent().step().title())
                                                .orElse(piece.key().toString()),
                                        piece.fitted().map(InKey::ascent),
                                        piece.refusal()))
                                .toList()))
                .toList();
        return new Round(entity.title, entity.studentId, keys);
    }

    /** A plan as a booklet to print. */
    @Transactional(readOnly = true)
    public BookletView booklet(long studioId, long id) {
        Round round = round(studioId, id);
        StudentView student = students.get(studioId, round.studentId());
        KeyPlanEntity entity = find(studioId, id);
        return new BookletView(
                student.id(),
                student.name(),
                student.instrument().name(),
                round.title(),
                order(entity),
                round.keys().stream()
                        .map(key -> new BookletKey(
                                key.tonic().id(),
                                key.pieces().stream()
                                        .map(piece -> new BookletPiece(
                                                piece.title(),
                                                piece.ascent()
                                                        .map(ascent -> StepDocuments.write(ascent.step()))
                                                        .orElse(null),
                                                piece.refusal()))
                                        .toList()))
                        .toList());
    }

    private static String order(KeyPlanEntity entity) {
        return entity.keyOrder.equals("OWN")
                ? "in an order of your own"
                : KeyOrder.valueOf(entity.keyOrder).words();
    }

    /** The keys of this round: those behind, the present one, and those ahead with their days as far as they are known. */
    private static List<PlanStation> stations(Planned planned, KeyPlan.Station now, Player player) {
        KeyPlan plan = planned.plan();
        List<PlanStation> stations = new ArrayList<>();
        int first = now.round() * plan.round().size();
        Optional<LocalDate> from = Optional.of(now.since());
        for (int place = first; place < first + plan.round().size(); place++) {
            String tonic = planned.asRead(plan.at(place), player).id();
            if (place < now.place()) stations.add(new PlanStation(tonic, null, Passed.PAST));
            else {
                stations.add(
                        new PlanStation(tonic, from.orElse(null), place == now.place() ? Passed.NOW : Passed.NEXT));
                KeyPlan.Station here = new KeyPlan.Station(place, now.round(), plan.at(place), now.since(), now.held());
                from = from.flatMap(day -> plan.nextOn(here.since(day)));
            }
        }
        return stations;
    }
}
