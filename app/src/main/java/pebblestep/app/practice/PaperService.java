package pebblestep.app.practice;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.practice.PracticeViews.TickRequest;
import pebblestep.app.practice.PracticeViews.TicksRequest;
import pebblestep.app.practice.PracticeViews.TicksView;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;
import pebblestep.core.practice.Outcome;
import pebblestep.core.rhythm.Bpm;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.ClimbDocuments.PlayedPart;
import pebblestep.documents.Fields;
import pebblestep.documents.practice.Today;
import pebblestep.exchange.ClimbJson;

/**
 * Takes what was practised on paper: each box that was ticked is a clean take on its day. Typed in twice it is there once,
 * since a box is known by what stands beside it.
 */
@Service
public class PaperService {
    private static final int MOST_DAYS_BACK = 60;

    /** Nobody knows when on the day it was; in the middle of it, one after the other. */
    private static final LocalTime NOON = LocalTime.NOON;

    private final TakeRepository takes;
    private final ProgressStore progress;
    private final AssignmentService assignments;
    private final StudentService students;
    private final RoomService rooms;
    private final Clock clock;

    PaperService(
            TakeRepository takes,
            ProgressStore progress,
            AssignmentService assignments,
            StudentService students,
            RoomService rooms,
            Clock clock) {
        this.takes = takes;
        this.progress = progress;
        this.assignments = assignments;
        this.students = students;
        this.rooms = rooms;
        this.clock = clock;
    }

    /** What stands on the sheet of a student. */
    @Transactional(readOnly = true)
    public Today sheet(long studioId, long studentId) {
        students.get(studioId, studentId);
        return rooms.today(new PracticeVisitor(studentId, studioId));
    }

    /** Keeps what was ticked; refuses days to come and long past, and what the student was not given, and keeps nothing then. */
    @Transactional
    public TicksView type(long studioId, long studentId, TicksRequest form) {
        students.get(studioId, studentId);
        Map<Long, Assigned> touched = new LinkedHashMap<>();
        Map<LocalDate, Integer> onDay = new HashMap<>();
        int taken = 0;
        for (int i = 0; i < form.ticks().size(); i++) {
            TickRequest tick = form.ticks().get(i);
            String field = "ticks." + i;
            Assigned assigned = touched.computeIfAbsent(tick.assignment(), id -> assignments
                    .find(studioId, studentId, id)
                    .orElseThrow(() -> Refusal.of("ticks", "A box is of something that they were not given.")));
            TakeEntity take = Fields.under(field, () -> take(studioId, studentId, assigned, tick));
            int number = onDay.merge(tick.day(), 1, Integer::sum);
            take.takenAt = take.takenAt.plusSeconds(number);
            if (takes.existsByStudentIdAndClientId(studentId, take.clientId)) continue;
            takes.save(take);
            taken++;
        }
        takes.flush();
        if (taken > 0) rebuild(studioId, touched.keySet());
        return new TicksView(taken, form.ticks().size() - taken);
    }

    private void rebuild(long studioId, Collection<Long> ids) {
        progress.rebuildAll(assignments.ofIds(studioId, ids));
    }

    private TakeEntity take(long studioId, long studentId, Assigned assigned, TickRequest tick) {
        LocalDate today = LocalDate.now(clock);
        if (tick.day().isAfter(today) || tick.day().isBefore(today.minusDays(MOST_DAYS_BACK))) {
            throw Refusal.of("day", "A sheet is of the last " + MOST_DAYS_BACK + " days.");
        }
        BigDecimal bpm = Fields.at("bpm", () -> Bpm.of(tick.bpm())).value();
        List<PlayedPart> said = tick.played();
        String played = said == null || said.isEmpty()
                ? null
                : Fields.at("played", () -> ClimbJson.writePlayed(ClimbDocuments.played(said)));
        TakeEntity take = new TakeEntity();
        take.studioId = studioId;
        take.studentId = studentId;
        take.assignmentId = assigned.id();
        take.clientId = box(assigned.id(), bpm, played == null ? "" : played, tick.day());
        take.bpm = bpm;
        take.played = played;
        take.outcome = Outcome.CLEAN;
        take.note = "";
        take.onPaper = true;
        take.takenOn = tick.day();
        take.takenAt =
                tick.day().atTime(NOON).atZone(clock.getZone()).toInstant().truncatedTo(ChronoUnit.SECONDS);
        // Not before it was noon today.
        if (take.takenAt.isAfter(clock.instant()))
            take.takenAt = tick.day().atStartOfDay(clock.getZone()).toInstant();
        take.receivedAt = clock.instant();
        return take;
    }

    private static UUID box(long assignment, BigDecimal bpm, String played, LocalDate day) {
        String beside =
                "paper " + assignment + " " + bpm.stripTrailingZeros().toPlainString() + " " + played + " " + day;
        return UUID.nameUUIDFromBytes(beside.getBytes(StandardCharsets.UTF_8));
    }
}
