package pebblestep.app.practice;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.bench.CleanShares;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Problems;
import pebblestep.app.practice.PracticeViews.TakeRequest;
import pebblestep.app.practice.PracticeViews.TakeView;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Logbook;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Slipped;
import pebblestep.core.practice.Work;
import pebblestep.core.rhythm.Bpm;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.SlippedJson;

/** The log of takes. */
@Service
public class PracticeService implements CleanShares {
    private static final int SHARE_DAYS = 28;

    private final TakeRepository takes;
    private final StandingRepository standings;
    private final ProgressStore progress;
    private final AssignmentService assignments;
    private final StudentService students;
    private final Clock clock;

    PracticeService(
            TakeRepository takes,
            StandingRepository standings,
            ProgressStore progress,
            AssignmentService assignments,
            StudentService students,
            Clock clock) {
        this.takes = takes;
        this.standings = standings;
        this.progress = progress;
        this.assignments = assignments;
        this.students = students;
        this.clock = clock;
    }

    /** What came of a take: whether it was new, and how far the student has come with an assignment after it. */
    record Stored(boolean isNew, Assigned assigned, Progress progress) {}

    /**
     * Stores a take once, however often it is sent, and tells how far the student has come after it. A time that lies in
     * the future is a wrong clock; the take is kept with the time at which it arrived. Throws where the same take is
     * being stored by another request at this moment.
     */
    @Transactional
    Stored store(PracticeVisitor visitor, Assigned assigned, Player player, TakeRequest form) {
        if (isStored(visitor, form.clientId())) return new Stored(false, assigned, progress.of(assigned, player));
        ProgressStore.At after = progress.add(assigned, takes.saveAndFlush(entity(visitor, form)), player);
        return new Stored(true, after.assigned(), after.progress());
    }

    /** Whether a take has arrived. */
    boolean isStored(PracticeVisitor visitor, UUID clientId) {
        return takes.existsByStudentIdAndClientId(visitor.studentId(), clientId);
    }

    /** Stores many takes of one student at once; those that are stored already are left as they are. */
    @Transactional
    public void logAll(PracticeVisitor visitor, List<TakeRequest> forms) {
        for (TakeRequest form : forms) {
            if (!isStored(visitor, form.clientId())) {
                takes.save(entity(visitor, form));
            }
        }
        progress.rebuildAll(assignments.all(visitor.studioId(), visitor.studentId()));
    }

    private TakeEntity entity(PracticeVisitor visitor, TakeRequest form) {
        StudentsTime at = StudentsTime.of(form.takenAt(), clock);
        TakeEntity take = new TakeEntity();
        take.studioId = visitor.studioId();
        take.studentId = visitor.studentId();
        take.assignmentId = form.assignmentId();
        take.clientId = form.clientId();
        take.bpm = Fields.at("bpm", () -> Bpm.of(form.bpm())).value();
        take.played = played(form);
        take.outcome = form.outcome();
        take.note = form.note() == null ? "" : form.note().strip();
        take.seconds = form.seconds();
        Slipped slipped =
                form.slipped() == null ? Slipped.NOTHING : form.slipped().read();
        take.slipped = slipped.isNothing() ? null : SlippedJson.text(slipped);
        take.takenAt = at.instant();
        take.takenOn = at.day();
        take.receivedAt = clock.instant();
        return take;
    }

    private static @Nullable String played(TakeRequest form) {
        if (form.played() == null || form.played().isEmpty()) return null;
        try {
            return ClimbJson.writePlayed(ClimbDocuments.played(form.played()));
        } catch (Refusal e) {
            throw Refusal.of("played", e.getMessage()).fits("Send what today's list gave.");
        }
    }

    /** An assignment of the visitor's own. */
    Assigned find(PracticeVisitor visitor, long assignmentId) {
        return assignments
                .find(visitor.studioId(), visitor.studentId(), assignmentId)
                .orElseThrow(() -> Problems.notFound("assignment"));
    }

    /** What that player has done with each of these assignments, by its id: one query for all. */
    @Transactional(readOnly = true)
    public Map<Long, Work> works(Collection<Assigned> assigned, Player player) {
        Logbook log = progress.logbook(assigned);
        return assigned.stream()
                .collect(Collectors.toMap(
                        Assigned::id,
                        one -> new Work(Passage.writtenKey(one.step(), player), one.given(), log.of(one.id()))));
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Double> cleanShare(long studioId, long studentId) {
        Instant since = clock.instant().minus(SHARE_DAYS, ChronoUnit.DAYS);
        long all = 0;
        long clean = 0;
        for (Object[] row : takes.outcomesSince(studioId, studentId, since)) {
            all += (Long) row[1];
            if (row[0] == Outcome.CLEAN) clean += (Long) row[1];
        }
        return all < Work.FEWEST_TAKES || clean == 0 ? Optional.empty() : Optional.of((double) clean / all);
    }

    /** The last take of each of these students, by student. */
    @Transactional(readOnly = true)
    public Map<Long, LastTake> last(long studioId, Collection<Long> studentIds) {
        Map<Long, Instant> moments = standings.lastMoments(studentIds).stream()
                .collect(Collectors.toMap(row -> (Long) row[0], row -> (Instant) row[1]));
        if (moments.isEmpty()) return Map.of();
        return standings.lastAt(studioId, moments.keySet(), moments.values()).stream()
                .filter(last -> last.takenAt().equals(moments.get(last.studentId())))
                .map(last -> new LastTake(last.studentId(), Bpm.of(last.bpm()), last.outcome(), last.takenOn()))
                .collect(Collectors.toMap(LastTake::studentId, last -> last, (earlier, later) -> later));
    }

    /** How many seconds a student practised on each day between two; days without practice are absent. */
    @Transactional(readOnly = true)
    public Map<LocalDate, Long> secondsByDay(long studioId, long studentId, LocalDate from, LocalDate to) {
        return takes.secondsByDay(studioId, studentId, from, to).stream()
                .collect(Collectors.toMap(row -> (LocalDate) row[0], row -> (Long) row[1]));
    }

    /** What a student played between two days. */
    @Transactional(readOnly = true)
    public List<Assigned> playedBetween(long studioId, long studentId, LocalDate from, LocalDate to) {
        Set<Long> played = Set.copyOf(takes.playedBetween(studioId, studentId, from, to));
        return assignments.all(studioId, studentId).stream()
                .filter(one -> played.contains(one.id()))
                .toList();
    }

    /** A student's last take. */
    public record LastTake(long studentId, Bpm bpm, Outcome outcome, LocalDate day) {}

    /** A student's log, newest first. */
    @Transactional(readOnly = true)
    public PageOf<TakeView> log(long studioId, long studentId, int page) {
        students.get(studioId, studentId);
        Map<Long, String> titles =
                assignments.all(studioId, studentId).stream().collect(Collectors.toMap(Assigned::id, Assigned::title));
        Sort newestFirst = Sort.by("takenAt").descending().and(Sort.by("id").descending());
        return PageOf.of(
                takes.findByStudioIdAndStudentId(studioId, studentId, PageOf.request(page, newestFirst)),
                take -> new TakeView(
                        take.id,
                        take.assignmentId,
                        titles.getOrDefault(take.assignmentId, ""),
                        Bpm.of(take.bpm).value(),
                        take.outcome,
                        take.note,
                        take.slipped == null
                                ? ""
                                : SlippedJson.parse(take.slipped).inWords(),
                        take.takenOn,
                        take.onPaper));
    }
}
