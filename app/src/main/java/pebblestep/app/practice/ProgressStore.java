package pebblestep.app.practice;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.Assigned.Decided;
import pebblestep.app.assignments.AssignmentChanged;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.assignments.AssignmentsGiven;
import pebblestep.app.assignments.Deciding;
import pebblestep.app.platform.Found;
import pebblestep.app.platform.InParts;
import pebblestep.app.platform.Remembered;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Rung;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Decision;
import pebblestep.core.practice.Entry;
import pebblestep.core.practice.Logbook;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Reviews;
import pebblestep.core.practice.Slipped;
import pebblestep.core.practice.Take;
import pebblestep.core.practice.Work;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.Key;
import pebblestep.documents.ProgressDocument;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.ProgressJson;
import pebblestep.exchange.SlippedJson;

/**
 * How far students have come, kept beside the log and moved along with each of its lines. What is missing is worked out
 * from the log, and so is everything when a line arrives that is older than the last. Reading writes nothing.
 */
@Service
public class ProgressStore {
    /** Enough for everything that a large studio was given in years. */
    private static final int MOST_KNOWN = 16_000;

    private final StandingRepository standings;
    private final TakeRepository takes;
    private final AssignmentService assignments;
    private final StudioPace pace;
    private final ApplicationEventPublisher events;
    private final Remembered<Long, Known> known = Remembered.most(MOST_KNOWN);

    ProgressStore(
            StandingRepository standings,
            TakeRepository takes,
            AssignmentService assignments,
            StudioPace pace,
            ApplicationEventPublisher events) {
        this.standings = standings;
        this.takes = takes;
        this.assignments = assignments;
        this.pace = pace;
        this.events = events;
    }

    /** What was read last, by whom it is read and after how many decisions. */
    private record Known(int decisions, Player player, Progress progress) {
        boolean fits(Assigned assigned, Player by) {
            return decisions == assigned.decisions().size() && player.equals(by);
        }
    }

    /** The progress with each of these assignments, by its id: one query, where nothing is missing. */
    @Transactional(readOnly = true)
    public Map<Long, Progress> of(Collection<Assigned> assigned, Map<Long, Player> players) {
        Map<Long, Progress> found = new HashMap<>();
        List<Assigned> asked = new ArrayList<>();
        for (Assigned one : assigned) {
            Player player = Found.in(players, one.studentId());
            known.get(one.id())
                    .filter(before -> before.fits(one, player))
                    .ifPresentOrElse(before -> found.put(one.id(), before.progress), () -> asked.add(one));
        }
        Map<Long, StandingRepository.Kept> kept =
                InParts.of(asked.stream().map(Assigned::id).toList(), standings::kept).stream()
                        .collect(Collectors.toMap(StandingRepository.Kept::assignmentId, Function.identity()));
        List<Assigned> missing = new ArrayList<>();
        for (Assigned one : asked) {
            StandingRepository.Kept its = kept.get(one.id());
            // A decision that was made since this was asked for has changed both; the log has them together.
            ProgressDocument document =
                    its == null ? null : ProgressJson.parse(its.state()).orElse(null);
            if (its == null
                    || document == null
                    || its.decisions() != one.decisions().size()) {
                missing.add(one);
            } else {
                Player player = Found.in(players, one.studentId());
                Progress progress = document.read(key(one, player), one.now());
                found.put(one.id(), progress);
                known.read(one.id(), its.version(), new Known(its.decisions(), player, progress));
            }
        }
        worked(missing, players).forEach(found::put);
        return found;
    }

    /** From the log, where nothing that fits is kept. */
    private Map<Long, Progress> worked(List<Assigned> missing, Map<Long, Player> players) {
        if (missing.isEmpty()) return Map.of();
        Logbook log = logbook(missing);
        return missing.stream()
                .collect(Collectors.toMap(
                        Assigned::id,
                        one -> Progress.of(new Work(
                                key(one, Found.in(players, one.studentId())), one.given(), log.of(one.id())))));
    }

    private static Key key(Assigned assigned, Player player) {
        return Passage.writtenKey(assigned.step(), player);
    }

    /** The progress with one assignment. */
    @Transactional(readOnly = true)
    public Progress of(Assigned assigned, Player player) {
        return Found.in(of(List.of(assigned), Map.of(assigned.studentId(), player)), assigned.id());
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

    /** An assignment as it was when its progress was worked out, and that progress. */
    record At(Assigned assigned, Progress progress) {}

    /** Moves on by a take that was just stored, and tells how far that player has come with it. */
    At add(Assigned assigned, TakeEntity take, Player player) {
        StandingEntity entity = held(assigned.id())
                .filter(one -> one.lastAt == null || !take.takenAt.isBefore(one.lastAt))
                .filter(one -> one.decisions == assigned.decisions().size())
                .orElse(null);
        ProgressDocument before =
                entity == null ? null : ProgressJson.parse(entity.state).orElse(null);
        if (entity == null || before == null) {
            // Late, or overtaken by a decision: then the assignment is read again as well.
            Assigned now = assignments.get(assigned.studioId(), assigned.id());
            return new At(
                    now, ProgressJson.parse(rebuilt(now).state).orElseThrow().read(key(now, player), now.now()));
        }
        Progress progress = before.read(key(assigned, player), assigned.now()).then(take(take));
        entity.lastAt = take.takenAt;
        lastTake(entity, take);
        fill(entity, progress);
        known.write(
                assigned.id(),
                () -> version(entity),
                () -> new Known(assigned.decisions().size(), player, progress));
        return new At(assigned, progress);
    }

    private static long version(StandingEntity entity) {
        return Objects.requireNonNull(entity.version);
    }

    private static Take take(TakeEntity take) {
        return new Take(
                Bpm.of(take.bpm),
                take.played == null ? List.of() : ClimbJson.playedFrom(take.played),
                take.outcome,
                take.takenOn,
                take.slipped == null ? Slipped.NOTHING : SlippedJson.parse(take.slipped));
    }

    private static void lastTake(StandingEntity entity, TakeEntity take) {
        entity.lastTakeAt = take.takenAt;
        entity.lastBpm = take.bpm;
        entity.lastOutcome = take.outcome;
        entity.lastOn = take.takenOn;
    }

    /** Writes down what it comes to; what is searched by is written where it is searched. */
    private void fill(StandingEntity entity, Progress progress) {
        boolean before = entity.learned;
        Optional<LocalDate> learnedOn = progress.reviews().map(Reviews::learned);
        int failed = progress.reviews().map(Reviews::failed).orElse(0);
        if (!Objects.equals(entity.learnedOn, learnedOn.orElse(null)) || entity.failed != failed) {
            assignments.stands(entity.assignmentId, learnedOn.orElse(null), failed);
        }
        entity.state = ProgressJson.text(progress);
        entity.learned = learnedOn.isPresent();
        entity.learnedOn = learnedOn.orElse(null);
        entity.failed = failed;
        progress.last().map(progress::climbed).ifPresent(seen -> {
            entity.paceDays = (int) seen.days();
            entity.paceRungs = (int) seen.rungs();
        });
        standings.save(entity);
        pace.changed(entity.studioId);
        if (entity.learned && !before) events.publishEvent(new StepLearned(entity.studioId, entity.assignmentId));
    }

    /** Nobody else moves or decides until the transaction is over. */
    @EventListener
    void deciding(Deciding deciding) {
        held(deciding.assignmentId());
    }

    /** A step was given, or something was decided about it. */
    @EventListener
    void changed(AssignmentChanged change) {
        // Held before it is read: whoever decided at the same moment has done so by then, or waits.
        held(change.assignmentId());
        rebuilt(assignments.get(change.studioId(), change.assignmentId()));
    }

    /** Many steps were given, of which nothing was practised yet: those alike begin alike. */
    @EventListener
    void given(AssignmentsGiven given) {
        Map<Begin, String> states = new HashMap<>();
        List<StandingEntity> begun = new ArrayList<>();
        for (Assigned one : assignments.ofIds(given.studioId(), given.assignmentIds())) {
            List<Decided> decisions = one.decisions();
            StandingEntity entity = begun(one);
            entity.decisions = decisions.size();
            entity.state = states.computeIfAbsent(
                    new Begin(one.given(), decisions),
                    same -> ProgressJson.text(Progress.of(new Work(
                            one.step().key(),
                            one.given(),
                            logbook(List.of(one), List.of()).of(one.id())))));
            begun.add(entity);
        }
        standings.saveAll(begun);
    }

    /** What a progress begins with; what is given to many is one object. */
    private record Begin(Ascent given, List<Decided> decisions) {
        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Begin that && given == that.given && decisions.equals(that.decisions);
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(given) + decisions.hashCode();
        }
    }

    /** Works the progress out from the whole log and keeps it. */
    @Transactional
    public void rebuildAll(Collection<Assigned> assigned) {
        assigned.forEach(this::rebuilt);
    }

    /**
     * What is kept, for a change: nobody else changes it meanwhile. Where nothing is kept yet the assignment is held, so
     * that two who come at the same moment do not both begin it.
     */
    private Optional<StandingEntity> held(long assignmentId) {
        Optional<StandingEntity> kept = standings.locked(assignmentId);
        if (kept.isPresent()) return kept;
        assignments.hold(assignmentId);
        return standings.locked(assignmentId);
    }

    /** Whoever rebuilds holds the row before the log is read, so that no take slips in between. */
    private StandingEntity rebuilt(Assigned assigned) {
        StandingEntity entity = held(assigned.id()).orElseGet(() -> begun(assigned));
        List<TakeRepository.Row> rows = takes.rows(List.of(assigned.id()));
        entity.lastAt = last(assigned, rows).orElse(null);
        if (!rows.isEmpty()) {
            TakeRepository.Row take = rows.getLast();
            entity.lastTakeAt = take.takenAt();
            entity.lastBpm = take.bpm();
            entity.lastOutcome = take.outcome();
            entity.lastOn = take.takenOn();
        }
        entity.decisions = assigned.decisions().size();
        List<Entry> entries = logbook(List.of(assigned), rows).of(assigned.id());
        fill(entity, Progress.of(new Work(assigned.step().key(), assigned.given(), entries)));
        known.write(assigned.id(), () -> version(entity), () -> null);
        return entity;
    }

    private static StandingEntity begun(Assigned assigned) {
        StandingEntity entity = new StandingEntity();
        entity.assignmentId = assigned.id();
        entity.studioId = assigned.studioId();
        entity.studentId = assigned.studentId();
        return entity;
    }

    private static Optional<Instant> last(Assigned assigned, List<TakeRepository.Row> rows) {
        Stream<Instant> decided = assigned.decisions().stream().map(Decided::at).filter(at -> at.isAfter(Instant.MIN));
        return Stream.concat(decided, rows.stream().map(TakeRepository.Row::takenAt))
                .max(Comparator.naturalOrder());
    }

    /** The takes of these assignments and what was decided about them. */
    Logbook logbook(Collection<Assigned> assigned) {
        if (assigned.isEmpty()) return Logbook.of(List.of());
        return logbook(assigned, InParts.of(assigned.stream().map(Assigned::id).toList(), takes::rows));
    }

    private static Logbook logbook(Collection<Assigned> assigned, List<TakeRepository.Row> rows) {
        List<Logbook.Row> lines = new ArrayList<>();
        for (Assigned one : assigned) {
            for (Decided decided : one.decisions()) {
                lines.add(new Logbook.Row(one.id(), decided.at(), new Decision(decided.event())));
            }
        }
        // A student plays the same rungs again and again, so each is read once.
        Map<String, List<Rung>> read = new HashMap<>();
        for (TakeRepository.Row row : rows) {
            List<Rung> others =
                    row.played() == null ? List.of() : read.computeIfAbsent(row.played(), ClimbJson::playedFrom);
            Slipped slipped = row.slipped() == null ? Slipped.NOTHING : SlippedJson.parse(row.slipped());
            Take take = new Take(Bpm.of(row.bpm()), others, row.outcome(), row.takenOn(), slipped);
            lines.add(new Logbook.Row(row.assignmentId(), row.takenAt(), take));
        }
        return Logbook.of(lines);
    }
}
