package pebblestep.app.keyplans;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.InKey;
import pebblestep.core.keyplan.KeyPlan;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;

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

    /** One step in one key: what fits the player, or why nothing does. */
    record InPlan(long stepId, Key key, @Nullable InKey fitted, String refusal) {}

    /** Everything that a key brings to a player. */
    List<InPlan> pieces(NoteName tonic, Player player, Speech speech) {
        List<InPlan> pieces = new ArrayList<>();
        for (PlanSteps.Template template : steps) {
            for (Key key : forms.of(tonic, template.ascent().step().key().form())) {
                try {
                    InKey fitted = InKey.of(template.ascent(), key, named, player, speech);
                    pieces.add(new InPlan(template.stepId(), key, fitted, ""));
                } catch (Refusal e) {
                    pieces.add(new InPlan(template.stepId(), key, null, e.getMessage()));
                }
            }
        }
        return pieces;
    }

    /** A tonic as the player reads it. */
    NoteName asRead(NoteName tonic, Player player) {
        Key key = forms.of(tonic, steps.get(0).ascent().step().key().form()).get(0);
        return Passage.writtenKey(key, named, player).tonic();
    }
}
