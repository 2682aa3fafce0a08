package pebblestep.app.practice;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.Assigned.Decided;
import pebblestep.app.assignments.AssignmentChanged;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.platform.InParts;
import pebblestep.core.climb.Rung;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Decision;
import pebblestep.core.practice.Logbook;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Slipped;
import pebblestep.core.practice.Take;
import pebblestep.core.practice.Work;
import pebblestep.core.rhythm.Bpm;
import pebblestep.exchange.ClimbDocuments;
import pebblestep.exchange.ProgressDocument;
import pebblestep.exchange.SlippedDocument;

/**
 * How far students have come, kept beside the log and moved along with each of its lines. What is missing is worked out
 * from the log, and so is everything when a line arrives that is older than the last.
 */
@Service
public class ProgressStore {
    /** Enough for everything that a large studio was given in years. */
    private static final int MOST_KNOWN = 16_000;

    private final StandingRepository standings;
    private final TakeRepository takes;
    private final AssignmentService assignments;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate apart;

    /** This process is the only one that changes what is kept. */
    private final Cache<Long, Known> cache =
            Caffeine.newBuilder().maximumSize(MOST_KNOWN).build();

    ProgressStore(
            StandingRepository standings,
            TakeRepository takes,
            AssignmentService assignments,
            ApplicationEventPublisher events,
            PlatformTransactionManager transactions) {
        this.standings = standings;
        this.takes = takes;
        this.assignments = assignments;
        this.events = events;
        this.apart = new TransactionTemplate(transactions);
        this.apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** Counts what is written; each read and each change has its place in it. */
    private final AtomicLong writes = new AtomicLong();

    /** When something was last written about an assignment: what was read before that is out of date. */
    private final Map<Long, Long> written = new ConcurrentHashMap<>();

    /** The progress with each of these assignments, by its id: one query, where nothing is missing. */
    @Transactional(readOnly = true)
    public Map<Long, Progress> of(Collection<Assigned> assigned, Map<Long, Player> players) {
        long now = writes.get();
        Map<Long, Progress> known = new HashMap<>();
        List<Assigned> asked = new ArrayList<>();
        for (Assigned one : assigned) {
            Known before = cache.getIfPresent(one.id());
            boolean fresh = before != null && before.readAt >= written.getOrDefault(one.id(), 0L);
            if (fresh && before.fits(one, players.get(one.studentId()))) known.put(one.id(), before.progress);
            else asked.add(one);
        }
        for (Map.Entry<Assigned, Progress> read : read(asked, players).entrySet()) {
            Assigned one = read.getKey();
            known.put(one.id(), read.getValue());
            cache.put(one.id(), new Known(now, one.decisions().size(), players.get(one.studentId()), read.getValue()));
        }
        return known;
    }

    private Map<Assigned, Progress> read(List<Assigned> asked, Map<Long, Player> players) {
        Map<Long, String> kept = InParts.of(asked.stream().map(Assigned::id).toList(), standings::kept).stream()
                .collect(Collectors.toMap(StandingRepository.Kept::assignmentId, StandingRepository.Kept::state));
        List<Assigned> missing =
                asked.stream().filter(one -> !kept.containsKey(one.id())).toList();
        if (!missing.isEmpty()) {
            // A reading request may not write; what it had to work out is kept by a transaction of its own.
            apart.executeWithoutResult(
                    status -> rebuild(missing).forEach(entity -> kept.put(entity.assignmentId, entity.state)));
        }
        Map<Assigned, Progress> progress = new HashMap<>();
        for (Assigned one : asked) {
            progress.put(one, progress(one, players.get(one.studentId()), kept.get(one.id())));
        }
        return progress;
    }

    /**
     * What was read last and when, by whom it is read and after how many decisions. It may be put here by a reader that was
     * overtaken by a writer, so it counts only where nothing was written about it since it was read.
     */
    private record Known(long readAt, int decisions, Player player, Progress progress) {
        boolean fits(Assigned assigned, Player by) {
            return decisions == assigned.decisions().size() && player.equals(by);
        }
    }

    /** Lets go of what is known: now, and once more when the change can be seen by others. */
    private void forget(long assignmentId) {
        letGo(assignmentId);
        if (!TransactionSynchronizationManager.isSynchronizationActive()) return;
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                letGo(assignmentId);
            }
        });
    }

    private void letGo(long assignmentId) {
        written.merge(assignmentId, writes.incrementAndGet(), Math::max);
        cache.invalidate(assignmentId);
    }

    /** The progress with one assignment. */
    @Transactional(readOnly = true)
    public Progress of(Assigned assigned, Player player) {
        return of(List.of(assigned), Map.of(assigned.studentId(), player)).get(assigned.id());
    }

    /** Whether all of these assignments are learned. */
    @Transactional(readOnly = true)
    public boolean allLearned(Collection<Long> assignmentIds) {
        return standings.countByAssignmentIdInAndLearned(assignmentIds, true) == assignmentIds.size();
    }

    /** Whether anything was played of an assignment. */
    @Transactional(readOnly = true)
    public boolean isStarted(long assignmentId) {
        return standings
                .findById(assignmentId)
                .filter(one -> one.lastTakeAt != null)
                .isPresent();
    }

    /** Moves on by a take that was just stored, and tells how far that player has come with it. */
    Progress add(Assigned assigned, TakeEntity take, Player player) {
        forget(assigned.id());
        Optional<StandingEntity> found = standings.locked(assigned.id());
        if (found.isEmpty() || found.get().lastAt != null && take.takenAt.isBefore(found.get().lastAt)) {
            return progress(assigned, player, rebuild(List.of(assigned)).get(0).state);
        }
        StandingEntity entity = found.get();
        Progress progress = progress(assigned, player, entity.state).then(take(take));
        fill(entity, progress);
        entity.lastAt = take.takenAt;
        lastTake(entity, take);
        return progress;
    }

    /** What was kept, in the key that this player reads. */
    private static Progress progress(Assigned assigned, Player player, String state) {
        return ProgressDocument.parse(state)
                .read(Passage.writtenKey(assigned.step(), Optional.of(player)), assigned.now());
    }

    private static Take take(TakeEntity take) {
        return new Take(
                Bpm.of(take.bpm),
                take.played == null ? List.of() : ClimbDocuments.playedFrom(take.played),
                take.outcome,
                take.takenOn,
                take.slipped == null ? Slipped.NOTHING : SlippedDocument.parse(take.slipped));
    }

    private static void lastTake(StandingEntity entity, TakeEntity take) {
        entity.lastTakeAt = take.takenAt;
        entity.lastBpm = take.bpm;
        entity.lastOutcome = take.outcome;
        entity.lastOn = take.takenOn;
    }

    private void fill(StandingEntity entity, Progress progress) {
        boolean before = entity.learned;
        entity.state = ProgressDocument.of(progress).text();
        entity.learned = progress.reviews().isPresent();
        entity.learnedOn = progress.reviews().map(reviews -> reviews.learned()).orElse(null);
        if (entity.learned && !before) events.publishEvent(new StepLearned(entity.studioId, entity.assignmentId));
        entity.failed = progress.reviews().map(reviews -> reviews.failed()).orElse(0);
    }

    /** A step was given, or something was decided about it. */
    @EventListener
    void changed(AssignmentChanged change) {
        rebuild(List.of(assignments.get(change.studioId(), change.assignmentId())));
    }

    /** Works the progress out from the whole log and keeps it. */
    @Transactional
    public void rebuildAll(Collection<Assigned> assigned) {
        rebuild(assigned);
    }

    private List<StandingEntity> rebuild(Collection<Assigned> assigned) {
        assigned.forEach(one -> forget(one.id()));
        Map<Long, List<TakeRepository.Row>> rows =
                InParts.of(assigned.stream().map(Assigned::id).toList(), takes::rows).stream()
                        .collect(Collectors.groupingBy(TakeRepository.Row::assignmentId));
        List<StandingEntity> entities = new ArrayList<>();
        for (Assigned one : assigned) {
            List<TakeRepository.Row> its = rows.getOrDefault(one.id(), List.of());
            StandingEntity entity = standings.locked(one.id()).orElseGet(StandingEntity::new);
            entity.assignmentId = one.id();
            entity.studioId = one.studioId();
            entity.studentId = one.studentId();
            fill(
                    entity,
                    Progress.of(new Work(
                            one.step().key(),
                            one.given(),
                            logbook(List.of(one), its).of(one.id()))));
            entity.lastAt = last(one, its);
            if (!its.isEmpty()) {
                TakeRepository.Row take = its.get(its.size() - 1);
                entity.lastTakeAt = take.takenAt();
                entity.lastBpm = take.bpm();
                entity.lastOutcome = take.outcome();
                entity.lastOn = take.takenOn();
            }
            entities.add(standings.save(entity));
        }
        return entities;
    }

    private static Instant last(Assigned assigned, List<TakeRepository.Row> rows) {
        Instant decided = assigned.decisions().stream()
                .map(Decided::at)
                .filter(at -> at.isAfter(Instant.MIN))
                .reduce((a, b) -> b)
                .orElse(null);
        Instant taken = rows.isEmpty() ? null : rows.get(rows.size() - 1).takenAt();
        if (decided == null || taken == null) return decided == null ? taken : decided;
        return decided.isAfter(taken) ? decided : taken;
    }

    /** The takes of these assignments and what was decided about them. */
    Logbook logbook(Collection<Assigned> assigned) {
        if (assigned.isEmpty()) return Logbook.of(List.of());
        return logbook(assigned, InParts.of(assigned.stream().map(Assigned::id).toList(), takes::rows));
    }

    private static Logbook logbook(Collection<Assigned> assigned, List<TakeRepository.Row> rows) {
        List<Logbook.Line> lines = new ArrayList<>();
        for (Assigned one : assigned) {
            for (Decided decided : one.decisions()) {
                lines.add(new Logbook.Line(one.id(), decided.at(), new Decision(decided.event())));
            }
        }
        // A student plays the same rungs again and again, so each is read once.
        Map<String, List<Rung>> read = new HashMap<>();
        for (TakeRepository.Row row : rows) {
            List<Rung> others =
                    row.played() == null ? List.of() : read.computeIfAbsent(row.played(), ClimbDocuments::playedFrom);
            Slipped slipped = row.slipped() == null ? Slipped.NOTHING : SlippedDocument.parse(row.slipped());
            Take take = new Take(Bpm.of(row.bpm()), others, row.outcome(), row.takenOn(), slipped);
            lines.add(new Logbook.Line(row.assignmentId(), row.takenAt(), take));
        }
        return Logbook.of(lines);
    }
}
