package pebblestep.app.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.platform.Found;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.progress.ProgressViews.TouchedView;
import pebblestep.app.students.PlayersChanged;
import pebblestep.app.students.StudentService;
import pebblestep.app.students.StudentViews.RangeStep;
import pebblestep.app.students.StudentViews.StudentRequest;
import pebblestep.core.climb.Misfit;
import pebblestep.core.climb.Standing;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Progress;
import pebblestep.core.rhythm.Speech;

/** What a change of a student does to what they were given: told before it is made, and written down when it is. */
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
        return misfits(studioId, Map.of(studentId, player), today)
                .map(one -> new TouchedView(
                        one.assigned.id(),
                        one.assigned.title(),
                        one.misfit.sentence(speech),
                        one.misfit.nearest(player).map(Misfit.Nearest::words).orElse(null)))
                .toList();
    }

    private record Misfitting(Assigned assigned, Misfit misfit) {}

    /** What these students are to play, or know and come back to, and cannot as such players. */
    private Stream<Misfitting> misfits(long studioId, Map<Long, Player> players, LocalDate today) {
        List<Assigned> given = assignments.begun(studioId, players.keySet(), today.plusYears(YEARS_AHEAD));
        Map<Long, Progress> progress = store.of(given, players);
        return given.stream().flatMap(one -> {
            Progress theirs = Found.in(progress, one.id());
            boolean isOver = one.schedule().to().filter(today::isAfter).isPresent();
            if (isOver && theirs.reviews().isEmpty()) return Stream.empty();
            Standing now = theirs.standing().on(today);
            return Misfit.ahead(now.ascent(), now.at(), Found.in(players, one.studentId())).stream()
                    .map(misfit -> new Misfitting(one, misfit));
        });
    }

    /** Writes down what does not fit any more, so that the desk finds it. */
    @EventListener
    void changed(PlayersChanged change) {
        if (change.studentIds().isEmpty()) return;
        Map<Long, Player> players = students.players(change.studioId(), change.studentIds());
        List<Long> ids = misfits(change.studioId(), players, LocalDate.now(clock))
                .map(one -> one.assigned.id())
                .toList();
        assignments.misfit(change.studioId(), change.studentIds(), ids);
    }
}
