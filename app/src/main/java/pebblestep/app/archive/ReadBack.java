package pebblestep.app.archive;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.assignments.AssignmentService;
import pebblestep.app.bench.RoutineService;
import pebblestep.app.goals.GoalService;
import pebblestep.app.keyplans.KeyPlanService;
import pebblestep.app.platform.InParts;
import pebblestep.app.practice.ProgressStore;
import pebblestep.app.students.InstrumentService;
import pebblestep.app.students.StudentService;
import pebblestep.core.Refusal;

/** Reads rows that have come in as everybody will read them from now on, while they can still be refused. */
@Component
class ReadBack {
    private static final int AT_ONCE = 200;

    private final StudentService students;
    private final AssignmentService assignments;
    private final KeyPlanService plans;
    private final GoalService goals;
    private final InstrumentService instruments;
    private final RoutineService routines;
    private final ProgressStore progress;

    ReadBack(
            StudentService students,
            AssignmentService assignments,
            KeyPlanService plans,
            GoalService goals,
            InstrumentService instruments,
            RoutineService routines,
            ProgressStore progress) {
        this.students = students;
        this.assignments = assignments;
        this.plans = plans;
        this.goals = goals;
        this.instruments = instruments;
        this.routines = routines;
        this.progress = progress;
    }

    /** Refuses rows that cannot be read together. */
    void require(long studioId, ArchiveIn.Arrived arrived) {
        try {
            InParts.of(
                    arrived.students(),
                    part -> List.copyOf(students.players(studioId, part).values()));
            for (long student : arrived.students()) {
                plans.list(studioId, student);
                goals.list(studioId, student);
            }
            InParts.of(arrived.assignments(), part -> assignments.ofIds(studioId, part));
            if (!arrived.instruments().isEmpty()) instruments.list(studioId);
            arrived.routines().forEach(routine -> routines.requireShown(studioId, routine));
        } catch (RuntimeException e) {
            String why = e instanceof Refusal refusal ? ": " + refusal.getMessage() : ".";
            throw Refusal.of("file", "This archive holds something that does not fit together" + why);
        }
    }

    /** The ids in parts, for {@link #stand}. */
    static Stream<List<Long>> parts(List<Long> ids) {
        return Stream.iterate(0, from -> from < ids.size(), from -> from + AT_ONCE)
                .map(from -> ids.subList(from, Math.min(ids.size(), from + AT_ONCE)));
    }

    /** Works out how far these have come, so that nobody waits for it later. */
    @Transactional
    public void stand(long studioId, List<Long> ids) {
        progress.rebuildAll(assignments.ofIds(studioId, ids));
    }
}
