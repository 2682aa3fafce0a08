package pebblestep.app.practice;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.Assigned.Decided;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.bench.CleanShares;
import pebblestep.app.bench.Workings;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.platform.Problems;
import pebblestep.app.practice.PracticeViews.TakeForm;
import pebblestep.app.practice.PracticeViews.TakeView;
import pebblestep.app.practice.PracticeViews.TapView;
import pebblestep.app.practice.PracticeViews.TapsForm;
import pebblestep.app.practice.PracticeViews.TapsView;
import pebblestep.app.practice.PracticeViews.Today;
import pebblestep.app.practice.PracticeViews.TodayItem;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.StudentView;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Axis;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Rung;
import pebblestep.core.climb.Standing;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.minutes.Load;
import pebblestep.core.minutes.Repetition;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.practice.Cautions;
import pebblestep.core.practice.Decision;
import pebblestep.core.practice.Judgement;
import pebblestep.core.practice.Logbook;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Take;
import pebblestep.core.practice.TapCheck;
import pebblestep.core.practice.Work;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.ValueNames;
import pebblestep.core.scale.Key;
import pebblestep.exchange.ClimbDocuments;
import pebblestep.exchange.PassageDocument;
import pebblestep.exchange.PassageDocument.Reader;
import pebblestep.exchange.Rounded;

/** The student's side: what to practise today, how it sounds and looks, and the log of takes. */
@Service
public class PracticeService implements CleanShares {
    private static final int SHARE_DAYS = 28;

    private final TakeRepository takes;
    private final AssignmentService assignments;
    private final StudentService students;
    private final SettingsService settings;
    private final Clock clock;

    PracticeService(
            TakeRepository takes,
            AssignmentService assignments,
            StudentService students,
            SettingsService settings,
            Clock clock) {
        this.takes = takes;
        this.assignments = assignments;
        this.students = students;
        this.settings = settings;
        this.clock = clock;
    }

    /** What a student has to practise today. */
    @Transactional(readOnly = true)
    public Today today(PracticeVisitor visitor) {
        StudentView student = students.get(visitor.studioId(), visitor.studentId());
        Player player = students.player(visitor.studioId(), visitor.studentId());
        LocalDate day = LocalDate.now(clock);
        List<Assigned> active = assignments.activeOn(visitor.studioId(), List.of(visitor.studentId()), day);
        Map<Long, Work> works = works(active, player);
        return new Today(
                student.name(),
                student.instrumentName(),
                day,
                active.stream()
                        .map(assigned -> item(assigned, works.get(assigned.id()), player, day))
                        .toList(),
                Cautions.of(student.family()));
    }

    private TodayItem item(Assigned assigned, Work work, Player player, LocalDate day) {
        ValueNames names = settings.of(assigned.studioId()).speech().names();
        Standing standing = work.standing(day);
        Judgement judgement = Judgement.of(work, day, names);
        Ascent ascent = standing.ascent();
        Step now = ascent.at(standing.at());
        Load load = Load.of(
                Repetition.of(Passage.of(now, player)),
                now.tempo(),
                ascent.climb().repetitions());
        Optional<Axis> tempo = ascent.climb().axis(AxisKind.TEMPO).stream()
                .mapToObj(ascent.climb().axes()::get)
                .findFirst();
        return new TodayItem(
                assigned.id(),
                assigned.title(),
                work.key().toString(),
                StepWords.withoutKey(now, names),
                now.tempo().beat().toString(),
                tempo.map(axis -> axis.ladder().rungs().stream().map(Bpm::value).toList())
                        .orElse(List.of(now.tempo().bpm().value())),
                ascent.climb().axis(AxisKind.TEMPO).stream()
                        .map(standing.at()::rung)
                        .findFirst()
                        .orElse(0),
                now.tempo().bpm().value(),
                ascent.stageInWords(standing.at(), names),
                ClimbDocuments.played(ascent, standing.at()),
                ascent.walkFrom(standing.at()).size(),
                ascent.climb().repetitions(),
                InMinutes.whole(load.total()),
                standing.cleanInRow(),
                ascent.climb().rules().cleanToPass(),
                judgement.kind().name().toLowerCase(Locale.ROOT),
                judgement.sentence(),
                assigned.minutesADay(),
                (int) work.takes().stream()
                        .filter(take -> take.day().equals(day))
                        .count(),
                assigned.endsOn());
    }

    /** The passage of an assignment at a tempo, with everything that is drawn and sounded. */
    @Transactional(readOnly = true)
    public PassageDocument passage(PracticeVisitor visitor, long assignmentId, @Nullable String bpm) {
        Player player = students.player(visitor.studioId(), visitor.studentId());
        Assigned assigned = find(visitor, assignmentId);
        Step now = now(assigned, player);
        Step step = bpm == null ? now : now.withTempo(now.tempo().at(Bpm.parse(bpm)));
        Optional<Key> before = assignments
                .before(visitor.studioId(), assigned)
                .map(last -> Passage.writtenKey(last, Optional.of(player)));
        return Workings.of(
                step,
                new Reader(
                        Optional.of(player),
                        before,
                        settings.of(visitor.studioId()).speech()),
                EnumSet.complementOf(EnumSet.of(Workings.Extra.NEAR)));
    }

    /** The step on the rung that the student stands on. */
    private Step now(Assigned assigned, Player player) {
        Standing standing = work(assigned, player).standing(LocalDate.now(clock));
        return standing.ascent().at(standing.at());
    }

    /** Holds taps against the notes of the rung that the student stands on. */
    @Transactional(readOnly = true)
    public TapsView taps(PracticeVisitor visitor, long assignmentId, TapsForm form) {
        Player player = students.player(visitor.studioId(), visitor.studentId());
        Step now = now(find(visitor, assignmentId), player);
        Bpm bpm = at("bpm", () -> Bpm.of(form.bpm()));
        Passage passage = Passage.of(now.withTempo(now.tempo().at(bpm)), player);
        TapCheck check = TapCheck.of(passage, form.taps());
        return new TapsView(
                check.sentence(),
                check.notes(),
                check.extra(),
                Rounded.of(check.meanMillis()),
                Rounded.of(check.spreadMillis()),
                Rounded.of(check.bpm()),
                check.taps().stream()
                        .map(tap -> new TapView(tap.note(), Rounded.of(tap.offset())))
                        .toList(),
                check.elsewhere().map(other -> other.place().inWords()).orElse(null));
    }

    private static <T> T at(String field, Supplier<T> read) {
        try {
            return read.get();
        } catch (Refusal e) {
            throw e.at(field);
        }
    }

    /**
     * Stores a take once, however often it is sent, and answers with where the student stands after it. A time that
     * lies in the future is a wrong clock; the take is kept with the time at which it arrived.
     */
    public TodayItem log(PracticeVisitor visitor, TakeForm form) {
        Assigned assigned = find(visitor, form.assignmentId());
        if (takes.findByStudentIdAndClientId(visitor.studentId(), form.clientId())
                .isEmpty()) {
            try {
                takes.save(entity(visitor, form));
            } catch (DataIntegrityViolationException e) {
                // Sent twice at the same moment: the other one has stored it, which is all that matters.
                takes.findByStudentIdAndClientId(visitor.studentId(), form.clientId())
                        .orElseThrow(() -> e);
            }
        }
        Player player = students.player(visitor.studioId(), visitor.studentId());
        return item(assigned, work(assigned, player), player, LocalDate.now(clock));
    }

    /** Stores many takes of one student at once; those that are stored already are left as they are. */
    @Transactional
    public void logAll(PracticeVisitor visitor, List<TakeForm> forms) {
        for (TakeForm form : forms) {
            if (takes.findByStudentIdAndClientId(visitor.studentId(), form.clientId())
                    .isEmpty()) {
                takes.save(entity(visitor, form));
            }
        }
    }

    private TakeEntity entity(PracticeVisitor visitor, TakeForm form) {
        Instant now = clock.instant();
        boolean wrongClock = form.takenAt().toInstant().isAfter(now.plusSeconds(60));
        OffsetDateTime at = wrongClock ? now.atZone(clock.getZone()).toOffsetDateTime() : form.takenAt();
        TakeEntity take = new TakeEntity();
        take.studioId = visitor.studioId();
        take.studentId = visitor.studentId();
        take.assignmentId = form.assignmentId();
        take.clientId = form.clientId();
        take.bpm = at("bpm", () -> Bpm.of(form.bpm())).value();
        take.played = played(form);
        take.outcome = form.outcome().core();
        take.note = form.note() == null ? "" : form.note().strip();
        take.takenAt = at.toInstant();
        take.takenOn = at.toLocalDate();
        take.receivedAt = now;
        return take;
    }

    private static @Nullable String played(TakeForm form) {
        if (form.played() == null || form.played().isEmpty()) return null;
        try {
            return ClimbDocuments.writePlayed(ClimbDocuments.played(form.played()));
        } catch (Refusal e) {
            throw Refusal.of("played", e.getMessage()).fits("Send what today's list gave.");
        }
    }

    private Assigned find(PracticeVisitor visitor, long assignmentId) {
        return assignments
                .find(visitor.studioId(), visitor.studentId(), assignmentId)
                .orElseThrow(() -> Problems.notFound("assignment"));
    }

    private Work work(Assigned assigned, Player player) {
        return works(List.of(assigned), player).get(assigned.id());
    }

    /** What that player has done with each of these assignments, by its id: one query for all. */
    @Transactional(readOnly = true)
    public Map<Long, Work> works(Collection<Assigned> assigned, Player player) {
        Logbook log = logbook(assigned);
        return assigned.stream().collect(Collectors.toMap(Assigned::id, one -> work(one, player, log)));
    }

    /** A piece of work from an assignment and the log. */
    public static Work work(Assigned assigned, Player player, Logbook log) {
        return new Work(
                Passage.writtenKey(assigned.step(), Optional.of(player)), assigned.given(), log.of(assigned.id()));
    }

    /** The takes of these assignments and what was decided about them. */
    @Transactional(readOnly = true)
    public Logbook logbook(Collection<Assigned> assigned) {
        if (assigned.isEmpty()) return Logbook.of(List.of());
        List<Logbook.Line> lines = new ArrayList<>();
        for (Assigned one : assigned) {
            for (Decided decided : one.decisions()) {
                lines.add(new Logbook.Line(one.id(), decided.at(), new Decision(decided.event())));
            }
        }
        // A student plays the same rungs again and again, so each is read once.
        Map<String, List<Rung>> read = new HashMap<>();
        for (TakeRepository.Row row :
                takes.rows(assigned.stream().map(Assigned::id).toList())) {
            List<Rung> others =
                    row.played() == null ? List.of() : read.computeIfAbsent(row.played(), ClimbDocuments::playedFrom);
            Take take = new Take(Bpm.of(row.bpm()), others, row.outcome(), row.takenOn());
            lines.add(new Logbook.Line(row.assignmentId(), row.takenAt(), take));
        }
        return Logbook.of(lines);
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
        return takes.last(studioId, studentIds).stream()
                .map(last -> new LastTake(last.studentId(), Bpm.of(last.bpm()), last.outcome(), last.takenOn()))
                .collect(Collectors.toMap(LastTake::studentId, last -> last, (earlier, later) -> later));
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
                        TakeOutcome.of(take.outcome),
                        take.note,
                        take.takenOn));
    }
}
