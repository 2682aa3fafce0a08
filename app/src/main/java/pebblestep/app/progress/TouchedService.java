package pebblestep.app.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.platform.Found;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.progress.ProgressViews.TouchedView;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.RangeStep;
import pebblestep.app.students.StudentViews.StudentRequest;
import pebblestep.core.climb.Misfit;
import pebblestep.core.climb.Standing;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Progress;
import pebblestep.core.rhythm.Speech;

/** What a change of a student would do to what they were given, told before it is made. */
@Service
class TouchedService {
    /** What is given begins within them. */
    private static final int YEARS_AHEAD = 3;

    private final StudentService students;
    private final AssignmentService assignments;
    private final ProgressStore store;
    private final SettingsService settings;
    private final Clock clock;

    TouchedService(
            StudentService students,
            AssignmentService assignments,
            ProgressStore store,
            SettingsService settings,
            Clock clock) {
        this.students = students;
        this.assignments = assignments;
        this.store = store;
        this.settings = settings;
        this.clock = clock;
    }

    /** What would not fit a student any more who is changed so. */
    @Transactional(readOnly = true)
    List<TouchedView> by(long studioId, long studentId, StudentRequest form) {
        return by(studioId, studentId, students.changed(studioId, studentId, form));
    }

    /** What would not fit a student any more whose range moves by a note. */
    @Transactional(readOnly = true)
    List<TouchedView> by(long studioId, long studentId, RangeStep step) {
        return by(studioId, studentId, students.changed(studioId, studentId, step));
    }

    private List<TouchedView> by(long studioId, long studentId, Player player) {
        LocalDate today = LocalDate.now(clock);
        Speech speech = settings.of(studioId).speech();
        List<Assigned> open = assignments.begun(studioId, List.of(studentId), today.plusYears(YEARS_AHEAD)).stream()
                .filter(one -> one.schedule().to().filter(today::isAfter).isEmpty())
                .toList();
        Map<Long, Progress> progress = store.of(open, Map.of(studentId, students.player(studioId, studentId)));
        return open.stream()
                .flatMap(one -> touched(one, Found.in(progress, one.id()), player, today, speech).stream())
                .toList();
    }

    private static Optional<TouchedView> touched(
            Assigned assigned, Progress progress, Player player, LocalDate today, Speech speech) {
        Standing now = progress.standing().on(today);
        return Misfit.ahead(now.ascent(), now.at(), player)
                .map(misfit -> new TouchedView(
                        assigned.id(),
                        assigned.title(),
                        misfit.sentence(speech),
                        misfit.nearest(player).map(Misfit.Nearest::words).orElse(null)));
    }
}
