package pebblestep.core.keyplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;

/**
 * What a round through the keys brings: the same steps in each of them, in the forms that go with it.
 *
 * @param steps as they are in the key in which they were made; never empty
 * @param named whether the keys of the round are concert or written ones
 */
public record KeyMaterial(List<Ascent> steps, FormSet forms, Named named) {
    /** More than a student can keep apart. */
    private static final int MOST_PIECES = 12;

    /** Refuses a round without steps. */
    public KeyMaterial {
        steps = List.copyOf(steps);
        if (steps.isEmpty()) throw Refusal.of("steps", "A round through the keys has one step at least.");
    }

    /** Refuses more than twelve pieces in each key, seen in the first of a round. */
    public KeyMaterial requireFew(NoteName first) {
        int pieces = piecesIn(first);
        if (pieces > MOST_PIECES) {
            throw Refusal.of(
                            "forms",
                            "Each key would bring " + pieces + " steps; a plan has at most " + MOST_PIECES + ".")
                    .fits("Choose a shorter routine, or fewer forms.");
        }
        return this;
    }

    /** How many pieces a key brings, whether they fit or not. */
    public int piecesIn(NoteName tonic) {
        return steps.stream()
                .mapToInt(step -> forms.of(tonic, step.step().key().form()).size())
                .sum();
    }

    /**
     * One step in one key.
     *
     * @param step which, by its place
     * @param fitted what fits the player; empty where nothing does
     * @param refusal why nothing does
     */
    public record InPlan(int step, Key key, Optional<InKey> fitted, String refusal) {}

    /** Everything that a key brings to a player. */
    public List<InPlan> pieces(NoteName tonic, Player player, Speech speech) {
        List<InPlan> pieces = new ArrayList<>();
        for (int step = 0; step < steps.size(); step++) {
            Ascent ascent = steps.get(step);
            for (Key key : forms.of(tonic, ascent.step().key().form())) {
                try {
                    Optional<InKey> fitted = Optional.of(InKey.of(ascent, key, named, player, speech));
                    pieces.add(new InPlan(step, key, fitted, ""));
                } catch (Refusal e) {
                    pieces.add(new InPlan(step, key, Optional.empty(), e.getMessage()));
                }
            }
        }
        return pieces;
    }

    /** A tonic as the player reads it. */
    public NoteName asRead(NoteName tonic, Player player) {
        Key key = forms.of(tonic, steps.getFirst().step().key().form()).getFirst();
        return Passage.writtenKey(key, named, player).tonic();
    }
}
