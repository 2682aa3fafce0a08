package pebblestep.app.keyplans;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.KeyMaterial;
import pebblestep.core.keyplan.KeyPlan;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.pitch.NoteName;

/**
 * A key plan as the rules need it.
 *
 * @param steps what is played in each key
 * @param events what moved it, oldest first, without what was taken back
 */
record Planned(KeyPlan plan, List<PlanSteps.Template> steps, FormSet forms, Named named, List<KeyPlan.Event> events) {

    static Planned of(KeyPlanEntity entity, List<KeyPlanEventEntity> events) {
        List<NoteName> keys =
                Arrays.stream(entity.keys.split(" ")).map(NoteName::parse).toList();
        Set<Long> undone = events.stream()
                .map(event -> event.undoes)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return new Planned(
                new KeyPlan(keys, entity.thereAndBack, entity.pace, entity.startsOn),
                PlanSteps.read(entity.steps),
                entity.forms,
                named(entity.named),
                events.stream()
                        .filter(event -> event.undoes == null && !undone.contains(event.id))
                        .map(KeyPlanEventEntity::event)
                        .toList());
    }

    static Named named(String text) {
        return text.equals("written") ? Named.WRITTEN : Named.CONCERT;
    }

    /** What each key brings. */
    KeyMaterial material() {
        return new KeyMaterial(steps.stream().map(PlanSteps.Template::ascent).toList(), forms, named);
    }

    /** A tonic as the player reads it. */
    NoteName asRead(NoteName tonic, Player player) {
        return material().asRead(tonic, player);
    }
}
