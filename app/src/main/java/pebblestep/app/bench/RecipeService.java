package pebblestep.app.bench;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.bench.RoutineViews.RoutineRequest;
import pebblestep.app.bench.RoutineViews.RoutineStep;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.platform.Problems;
import pebblestep.core.Refusal;
import pebblestep.core.passage.StepWords;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.bench.ShapePart;
import pebblestep.exchange.Recipe;
import pebblestep.exchange.Recipes;
import tools.jackson.databind.json.JsonMapper;

/** The ready recipes, and routines made from them. */
@Service
class RecipeService {
    /** A recipe by its shape: its steps in order, and what all first rungs take on a day, in minutes. */
    record RecipeView(String id, String title, String words, String tonic, List<ShapePart> shape, int minutes) {}

    private final RoutineService routines;
    private final JsonMapper json;
    private final SettingsService settings;
    /** They never change, so their shapes are worked out once for each of the few ways in which studios speak. */
    private final Map<Speech, List<RecipeView>> views = new ConcurrentHashMap<>();

    RecipeService(RoutineService routines, SettingsService settings, JsonMapper json) {
        this.settings = settings;
        this.routines = routines;
        this.json = json;
    }

    List<RecipeView> all(long studioId) {
        return views.computeIfAbsent(settings.of(studioId).speech(), speech -> Recipes.all().stream()
                .map(recipe -> view(recipe.said(speech), speech))
                .toList());
    }

    /** Keeps a recipe as a routine of the studio, from another tonic where one is given. */
    RoutineView open(long studioId, String id, @Nullable String tonic) {
        Recipe recipe = Recipes.all().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problems.notFound("recipe"));
        Recipe said = recipe.said(settings.of(studioId).speech());
        Recipe wanted = tonic == null ? said : from(said, tonic);
        List<RoutineStep> steps = wanted.steps().stream()
                .map(ascent -> new RoutineStep(
                        null,
                        json.valueToTree(StepDocuments.write(ascent.step())),
                        json.valueToTree(ClimbDocuments.write(ascent.climb()))))
                .toList();
        return routines.add(studioId, new RoutineRequest(wanted.title(), null, steps));
    }

    private static Recipe from(Recipe recipe, String tonic) {
        try {
            return recipe.from(NoteName.parse(tonic));
        } catch (Refusal e) {
            throw Refusal.of("tonic", e.getMessage()).fits(e.fits().orElse("Choose a tonic from the list."));
        }
    }

    private static RecipeView view(Recipe recipe, Speech speech) {
        List<ShapePart> shape = recipe.steps().stream()
                .map(ascent -> ShapePart.of(StepWords.title(ascent.step(), speech), ascent, speech))
                .toList();
        return new RecipeView(
                recipe.id(), recipe.title(), recipe.words(), recipe.tonic().id(), shape, ShapePart.minutes(shape));
    }
}
