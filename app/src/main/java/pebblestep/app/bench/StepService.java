package pebblestep.app.bench;

import java.time.Clock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.bench.RoutineViews.RoutineStep;
import pebblestep.app.bench.StepViews.StepView;
import pebblestep.app.platform.Problems;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Outlook;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.bench.ShapePart;
import pebblestep.exchange.ClimbJson;
import pebblestep.exchange.StepJson;

/** Keeps the steps of a studio. */
@Service
public class StepService {
    private final StepRepository steps;
    private final SettingsService settings;
    private final Clock clock;

    StepService(StepRepository steps, SettingsService settings, Clock clock) {
        this.settings = settings;
        this.steps = steps;
        this.clock = clock;
    }

    /** What a step is and becomes, in the columns that keep it. */
    void fill(StepEntity entity, RoutineStep form) {
        Ascent ascent = Ascents.read(form.document(), form.climb());
        Speech speech = settings.of(entity.studioId).speech();
        Outlook outlook = Ascents.outlook(ascent, speech);
        entity.title = StepWords.title(ascent.step(), speech);
        entity.document = StepJson.writeText(ascent.step());
        entity.climb = ClimbJson.writeText(ascent.climb());
        ShapePart shape = ShapePart.of(entity.title, ascent, outlook);
        entity.inKey = shape.key();
        entity.tonic = shape.tonic();
        entity.minorKey = shape.minor();
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
        return Ascent.of(StepJson.read(entity.document), ClimbJson.read(entity.climb));
    }

    private StepEntity find(long studioId, long id) {
        return steps.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("step"));
    }

    StepView view(StepEntity entity) {
        Step step = StepJson.read(entity.document);
        return new StepView(
                entity.id,
                entity.routineId,
                entity.title,
                step.key() + ", "
                        + StepWords.withoutKey(
                                step, settings.of(entity.studioId).speech()),
                StepDocuments.write(step),
                ClimbDocuments.write(ClimbJson.read(entity.climb)),
                entity.version);
    }
}
