package pebblestep.app.practice;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.platform.Found;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.practice.PracticeViews.TakeAnswer;
import pebblestep.app.practice.PracticeViews.TakeRequest;
import pebblestep.app.students.StudentService;
import pebblestep.core.practice.Progress;
import pebblestep.documents.StepDocument;
import pebblestep.documents.practice.Piece;
import pebblestep.documents.practice.PieceDocument;
import pebblestep.documents.practice.ReckonedPart;
import pebblestep.documents.practice.Room;
import pebblestep.documents.practice.RoomDocument;
import pebblestep.documents.practice.Today;

/** The practice room: what there is to practise, and all that a device needs to go on with it by itself. */
@Service
public class RoomService {
    private static final Logger LOG = LoggerFactory.getLogger(RoomService.class);

    /** A day may lie that far beside the studio's own. */
    private static final int MOST_DAYS_BESIDE = 2;

    private final PracticeService practice;
    private final ProgressStore progress;
    private final TakeRepository takes;
    private final AssignmentService assignments;
    private final StudentService students;
    private final SettingsService settings;
    private final PebbleProperties properties;
    private final TransactionTemplate writing;
    private final Clock clock;

    RoomService(
            PracticeService practice,
            ProgressStore progress,
            TakeRepository takes,
            AssignmentService assignments,
            StudentService students,
            SettingsService settings,
            PebbleProperties properties,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.writing = new TransactionTemplate(transactions);
        this.practice = practice;
        this.progress = progress;
        this.takes = takes;
        this.assignments = assignments;
        this.students = students;
        this.settings = settings;
        this.properties = properties;
        this.clock = clock;
    }

    /** What a student has to practise today. */
    @Transactional(readOnly = true)
    public Today today(PracticeVisitor visitor) {
        Whose whose = whose(visitor);
        LocalDate day = LocalDate.now(clock);
        return whose.room.list(day, pieces(visitor, whose, begun(visitor, day)));
    }

    /** What a student needs for a fortnight without the studio. */
    @Transactional(readOnly = true)
    public RoomDocument room(PracticeVisitor visitor) {
        Whose whose = whose(visitor);
        List<Assigned> begun = begun(visitor, LocalDate.now(clock).plusDays(RoomDocument.DAYS - 1L));
        Map<Long, StepDocument.KeyPart> before = assignments.keysBefore(visitor.studioId(), visitor.studentId());
        return RoomDocument.of(
                whose.room,
                properties.demo(),
                pieces(visitor, whose, begun).stream()
                        .map(piece -> PieceDocument.of(piece, before.get(piece.id())))
                        .toList());
    }

    private List<Assigned> begun(PracticeVisitor visitor, LocalDate day) {
        return assignments.begun(visitor.studioId(), List.of(visitor.studentId()), day);
    }

    /** Whose room it is, and by which id the studio knows them. */
    private record Whose(long studentId, Room room) {}

    private Whose whose(PracticeVisitor visitor) {
        StudentService.Enrolled enrolled = students.enrolled(visitor.studioId(), visitor.studentId());
        Integer minutes = enrolled.student().minutesADay();
        return new Whose(
                visitor.studentId(),
                new Room(
                        students.room(visitor.studioId(), visitor.studentId()),
                        enrolled.student().name(),
                        enrolled.player(),
                        Optional.ofNullable(minutes).map(Duration::ofMinutes),
                        settings.of(visitor.studioId()).speech()));
    }

    private List<Piece> pieces(PracticeVisitor visitor, Whose whose, Collection<Assigned> assigned) {
        Map<Long, Progress> works = progress.of(assigned, Map.of(whose.studentId, whose.room.player()));
        Map<Long, Map<LocalDate, Long>> seconds = new HashMap<>();
        for (TakeRepository.Practised row : takes.practised(visitor.studentId(), early())) {
            seconds.computeIfAbsent(row.assignmentId(), id -> new HashMap<>()).put(row.day(), row.seconds());
        }
        return assigned.stream()
                .map(one -> piece(one, Found.in(works, one.id()), seconds.getOrDefault(one.id(), Map.of())))
                .toList();
    }

    private static Piece piece(Assigned assigned, Progress progress, Map<LocalDate, Long> seconds) {
        return new Piece(
                assigned.id(),
                assigned.decisions().size(),
                assigned.title(),
                assigned.schedule(),
                assigned.minutesADay(),
                progress,
                seconds);
    }

    private Instant early() {
        return clock.instant().minus(MOST_DAYS_BESIDE, ChronoUnit.DAYS);
    }

    /** Stores a take once, however often it is sent, and answers with where the student stands after it. */
    public TakeAnswer log(PracticeVisitor visitor, TakeRequest form) {
        try {
            return writing.execute(status -> store(visitor, form));
        } catch (DataIntegrityViolationException e) {
            if (!practice.isStored(visitor, form.clientId())) throw e;
            // Sent twice at the same moment: the other one has stored it, which is all that matters.
            return writing.execute(status -> store(visitor, form));
        }
    }

    private TakeAnswer store(PracticeVisitor visitor, TakeRequest form) {
        Whose whose = whose(visitor);
        PracticeService.Stored stored =
                practice.store(visitor, practice.find(visitor, form.assignmentId()), whose.room.player(), form);
        Assigned assigned = stored.assigned();
        ReckonedPart found = ReckonedPart.of(assigned.decisions().size(), stored.progress());
        if (stored.isNew() && form.reckoned() != null) hold(assigned.id(), form.reckoned(), found);
        Map<LocalDate, Long> seconds = new HashMap<>();
        takes.practised(visitor.studentId(), assigned.id(), early())
                .forEach(row -> seconds.put(row.day(), row.seconds()));
        Piece piece = piece(assigned, stored.progress(), seconds);
        return new TakeAnswer(
                whose.room.item(LocalDate.now(clock), piece),
                PieceDocument.of(piece, assignments.keyBefore(assigned).orElse(null)));
    }

    /** The page runs the same rules: where it has counted the same log and found something else, one of both has a defect. */
    private static void hold(long assignmentId, ReckonedPart page, ReckonedPart found) {
        if (page.isOfSameLog(found) && !page.equals(found)) {
            LOG.error(
                    "Defect: of assignment {} a page has reckoned {}, and its log comes to {}.",
                    assignmentId,
                    page,
                    found);
        }
    }
}
