package pebblestep.app.bench;

import java.time.Clock;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.bench.RoutineViews.ShapePart;
import pebblestep.app.bench.StepViews.StepForm;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.app.platform.PageOf;
import pebblestep.app.platform.Problems;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Outlook;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.exchange.ClimbDocuments;
import pebblestep.exchange.StepDocuments;

/** Keeps the steps of a studio. */
@Service
public class StepService {
    private final StepRepository steps;
    private final RoutineRepository routines;
    private final SettingsService settings;
    private final Clock clock;

    StepService(StepRepository steps, RoutineRepository routines, SettingsService settings, Clock clock) {
        this.settings = settings;
        this.steps = steps;
        this.routines = routines;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public PageOf<StepView> list(long studioId, boolean archived, int page) {
        Sort newestFirst = Sort.by("updatedAt").descending().and(Sort.by("id").descending());
        return PageOf.of(
                steps.findByStudioIdAndArchived(studioId, archived, PageOf.request(page, newestFirst)), this::view);
    }

    @Transactional(readOnly = true)
    public StepView get(long studioId, long id) {
        return view(find(studioId, id));
    }

    /** Keeps a step, as a routine of its own. */
    @Transactional
    public StepView add(long studioId, StepForm form) {
        StepEntity entity = new StepEntity();
        entity.studioId = studioId;
        fill(entity, form);
        RoutineEntity routine = new RoutineEntity();
        routine.studioId = studioId;
        routine.title = entity.title;
        routine.updatedAt = entity.updatedAt;
        entity.routineId = routines.saveAndFlush(routine).id;
        return view(steps.saveAndFlush(entity));
    }

    /** Replaces a step; refuses when it has been changed since the version the form was loaded in. */
    @Transactional
    public StepView change(long studioId, long id, StepForm form) {
        StepEntity entity = find(studioId, id);
        if (form.version() == null) throw Refusal.of("version", "Give the version you loaded.");
        if (form.version() != entity.version) {
            throw Problems.conflict("This step was changed elsewhere, perhaps in another window. Load it again, or save"
                    + " yours as a new step.");
        }
        fill(entity, form);
        touchRoutine(entity);
        return view(steps.saveAndFlush(entity));
    }

    /** A window that has the whole routine open must learn that one of its steps has changed. */
    private void touchRoutine(StepEntity step) {
        routines.findById(step.routineId).ifPresent(routine -> routine.updatedAt = clock.instant());
    }

    /** Puts a step away, or takes it back. */
    @Transactional
    public StepView archive(long studioId, long id, boolean archived) {
        StepEntity entity = find(studioId, id);
        entity.archived = archived;
        touchRoutine(entity);
        return view(steps.saveAndFlush(entity));
    }

    void fill(StepEntity entity, StepForm form) {
        Ascent ascent = Ascents.read(form.document(), form.climb());
        Outlook outlook = Ascents.outlook(ascent);
        entity.title = StepWords.title(ascent.step());
        entity.document = StepDocuments.writeText(ascent.step());
        entity.climb = ClimbDocuments.writeText(ascent.climb());
        ShapePart shape = Ascents.shape(entity.title, ascent, outlook);
        entity.inKey = shape.key();
        entity.rungs = shape.rungs();
        entity.seconds = shape.seconds();
        entity.profile = Ascents.profileText(shape);
        entity.updatedAt = clock.instant();
    }

    /** A kept step and its climb, as the rules need them. */
    @Transactional(readOnly = true)
    public Ascent ascent(long studioId, long id) {
        return ascent(find(studioId, id));
    }

    static Ascent ascent(StepEntity entity) {
        return Ascent.of(StepDocuments.read(entity.document), ClimbDocuments.read(entity.climb));
    }

    private StepEntity find(long studioId, long id) {
        return steps.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("step"));
    }

    StepView view(StepEntity entity) {
        Step step = StepDocuments.read(entity.document);
        return new StepView(
                entity.id,
                entity.routineId,
                entity.title,
                step.key() + ", "
                        + StepWords.withoutKey(
                                step, settings.of(entity.studioId).speech().names()),
                StepDocuments.write(step),
                ClimbDocuments.write(ClimbDocuments.read(entity.climb)),
                entity.version,
                entity.archived);
    }
}
