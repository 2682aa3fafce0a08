package pebblestep.app.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.bench.StudioPaces;
import pebblestep.app.platform.Found;
import pebblestep.app.practice.PracticeService;
import pebblestep.app.students.StudentService;
import pebblestep.core.climb.Ascent;
import pebblestep.core.forecast.Forecast;
import pebblestep.core.forecast.Goal;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Work;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.ProgressDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.bench.ForecastGround;
import pebblestep.documents.bench.ForecastGround.BestPart;
import pebblestep.documents.bench.ForecastGround.GoalPart;
import pebblestep.documents.bench.SeenPart;

/** What is stored of a student's climb: the page forecasts from it. */
@Service
class ForecastService {
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final StudentService students;
    private final SettingsService settings;
    private final StudioPaces paces;
    private final Clock clock;

    ForecastService(
            AssignmentService assignments,
            PracticeService practice,
            StudentService students,
            SettingsService settings,
            StudioPaces paces,
            Clock clock) {
        this.settings = settings;
        this.paces = paces;
        this.assignments = assignments;
        this.practice = practice;
        this.students = students;
        this.clock = clock;
    }

    /** Everything that a forecast of an assignment goes by. */
    @Transactional(readOnly = true)
    public ForecastGround of(long studioId, long assignmentId) {
        LocalDate today = LocalDate.now(clock);
        Assigned assigned = assignments.get(studioId, assignmentId);
        Player player = students.player(studioId, assigned.studentId());
        Work work = Found.in(practice.works(List.of(assigned), player), assigned.id());
        Progress progress = Progress.of(work);
        Ascent now = progress.standing().ascent();
        Optional<Goal> goal = assigned.goal();
        return new ForecastGround(
                assigned.id(),
                assigned.title(),
                StepDocuments.write(now.step()),
                ClimbDocuments.write(now.climb()),
                PlayerDocument.of(player),
                ProgressDocument.of(progress),
                work.dayBests().stream().map(BestPart::of).toList(),
                work.cleanShare(today.minusDays(Forecast.WINDOW_DAYS)).orElse(null),
                goal.map(one -> new GoalPart(one.tempo().bpm().value(), one.date()))
                        .orElse(null),
                assigned.schedule().practiceDaysAWeek(),
                assigned.minutesADay(),
                SeenPart.of(paces.seen(studioId)),
                SpeechDocument.of(settings.of(studioId).speech()));
    }
}
