package pebblestep.app.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.bench.RecipeService.RecipeView;
import pebblestep.app.bench.RoutineViews.RoutineView;
import pebblestep.app.platform.Teacher;

/** The ready recipes on the shelf. */
@RestController
@RequestMapping("/api/recipes")
class RecipeController {
    /** The tonic to play a recipe from; its own without. */
    record RecipeRequest(@Nullable @Size(max = 3, message = "Choose a tonic from the list.") String tonic) {}

    private final RecipeService recipes;

    RecipeController(RecipeService recipes) {
        this.recipes = recipes;
    }

    @GetMapping
    List<RecipeView> list(@AuthenticationPrincipal Teacher teacher) {
        return recipes.all(teacher.studioId());
    }

    /** Makes a routine of a recipe, to be changed like any other. */
    @PostMapping("/{id}")
    @ResponseStatus(HttpStatus.CREATED)
    RoutineView open(
            @AuthenticationPrincipal Teacher teacher, @PathVariable String id, @Valid @RequestBody RecipeRequest form) {
        return recipes.open(teacher.studioId(), id, form.tonic());
    }
}
