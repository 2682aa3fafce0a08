package pebblestep.app.bench;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.bench.RoutineViews.RoutineRequest;
import pebblestep.app.bench.RoutineViews.RoutineRow;
import pebblestep.app.bench.RoutineViews.RoutineStep;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.platform.Archive;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Problems;
import pebblestep.core.Refusal;
import pebblestep.documents.bench.ShapePart;

/** Keeps the routines of a studio. A routine is saved as a whole, so that its steps and their order change together. */
@Service
public class RoutineService {
    private static final int SHOWN = 4;
    private static final String UNTITLED = "Untitled routine";

    private final RoutineRepository routines;
    private final StepRepository steps;
    private final StepService kept;
    private final SettingsService settings;
    private final Clock clock;

    RoutineService(
            RoutineRepository routines, StepRepository steps, StepService kept, SettingsService settings, Clock clock) {
        this.settings = settings;
        this.routines = routines;
        this.steps = steps;
        this.kept = kept;
        this.clock = clock;
    }

    /** Routines, those changed last first; two queries, however many there are. */
    @Transactional(readOnly = true)
    public PageOf<RoutineRow> list(long studioId, Archive archive, int page) {
        Sort newestFirst = Sort.by("updatedAt").descending().and(Sort.by("id").descending());
        Page<RoutineEntity> found = routines.findByStudioIdAndArchived(
                studioId, archive == Archive.ARCHIVED, PageOf.request(page, newestFirst));
        Map<Long, List<StepEntity>> byRoutine =
                steps
                        .findByRoutineIdInAndArchivedFalse(
                                found.stream().map(routine -> routine.id).toList())
                        .stream()
                        .sorted(Comparator.comparing(step -> step.position))
                        .collect(Collectors.groupingBy(step -> step.routineId));
        return PageOf.of(found, routine -> line(routine, byRoutine.getOrDefault(routine.id, List.of())));
    }

    private RoutineRow line(RoutineEntity routine, List<StepEntity> steps) {
        List<ShapePart> shape = steps.stream().map(this::shape).toList();
        return new RoutineRow(
                routine.id,
                routine.title,
                steps.stream().limit(SHOWN).map(step -> step.title).toList(),
                steps.size(),
                shape,
                ShapePart.minutes(shape),
                routine.archived);
    }

    private ShapePart shape(StepEntity step) {
        // Steps kept before there were climbs have not been measured yet.
        return !step.isMeasured()
                ? ShapePart.of(
                        step.title,
                        StepService.ascent(step),
                        settings.of(step.studioId).speech())
                : new ShapePart(
                        step.title,
                        step.inKey,
                        step.tonic,
                        step.minorKey,
                        step.rungs,
                        step.seconds,
                        Ascents.profile(step.profile));
    }

    /** Refuses a routine whose row of a list, or whose steps, cannot be shown. */
    @Transactional(readOnly = true)
    public void requireShown(long studioId, long id) {
        RoutineEntity routine = find(studioId, id);
        line(routine, steps.findByRoutineIdAndArchivedFalseOrderByPosition(id));
        view(routine);
    }

    /** The routine of that title that was changed last. */
    @Transactional(readOnly = true)
    public Optional<RoutineView> titled(long studioId, String title) {
        return routines.findFirstByStudioIdAndArchivedAndTitleOrderByUpdatedAtDesc(studioId, false, title)
                .map(this::view);
    }

    @Transactional(readOnly = true)
    public RoutineView get(long studioId, long id) {
        return view(find(studioId, id));
    }

    @Transactional
    public RoutineView add(long studioId, RoutineRequest form) {
        RoutineEntity routine = new RoutineEntity();
        routine.studioId = studioId;
        fill(routine, form);
        routines.saveAndFlush(routine);
        replaceSteps(routine, form.steps());
        return view(routine);
    }

    /** Replaces a routine; refuses when it has been changed since the version the form was loaded in. */
    @Transactional
    public RoutineView change(long studioId, long id, RoutineRequest form) {
        RoutineEntity routine = find(studioId, id);
        if (form.version() == null) throw Refusal.of("version", "Give the version you loaded.");
        if (form.version() != routine.version) {
            throw Problems.conflict(
                    "This routine was changed elsewhere, perhaps in another window. Load it again, or save"
                            + " yours as a new routine.");
        }
        fill(routine, form);
        replaceSteps(routine, form.steps());
        routines.saveAndFlush(routine);
        return view(routine);
    }

    /** Puts a routine away, or takes it back; what was assigned from it stays. */
    @Transactional
    public RoutineView archive(long studioId, long id) {
        RoutineEntity routine = find(studioId, id);
        routine.archived = true;
        return view(routines.saveAndFlush(routine));
    }

    /** Brings an archived routine back. */
    @Transactional
    public RoutineView restore(long studioId, long id) {
        RoutineEntity routine = find(studioId, id);
        routine.archived = false;
        return view(routines.saveAndFlush(routine));
    }

    private void fill(RoutineEntity routine, RoutineRequest form) {
        routine.title = form.title().isBlank() ? UNTITLED : form.title().strip();
        routine.updatedAt = clock.instant();
    }

    /** Steps that are not named any more are put away, not deleted: assignments were made from them. */
    private void replaceSteps(RoutineEntity routine, List<RoutineStep> wanted) {
        Map<Long, StepEntity> before = steps.findByRoutineIdAndArchivedFalseOrderByPosition(routine.id).stream()
                .collect(Collectors.toMap(step -> step.id, Function.identity()));
        List<StepEntity> after = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            RoutineStep step = wanted.get(i);
            StepEntity entity = step.id() == null ? new StepEntity() : before.remove(step.id());
            if (entity == null) throw Problems.notFound("step");
            entity.studioId = routine.studioId;
            entity.routineId = routine.id;
            entity.position = i;
            try {
                kept.fill(entity, step);
            } catch (Refusal e) {
                throw e.under(Integer.toString(i)).under("steps");
            }
            after.add(entity);
        }
        before.values().forEach(gone -> gone.archived = true);
        steps.saveAllAndFlush(after);
    }

    private RoutineEntity find(long studioId, long id) {
        return routines.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("routine"));
    }

    private RoutineView view(RoutineEntity routine) {
        return new RoutineView(
                routine.id,
                routine.title,
                routine.version,
                routine.archived,
                steps.findByRoutineIdAndArchivedFalseOrderByPosition(routine.id).stream()
                        .map(kept::view)
                        .toList());
    }
}
