package pebblestep.app.keyplans;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pebblestep.app.assignments.PlannedSteps.Written;
import pebblestep.core.keyplan.FormSet;
import pebblestep.core.keyplan.InKey;
import pebblestep.core.keyplan.KeyMaterial;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Speech;

/** What a key brings to a player, worked out once for all who are alike while one request lasts. */
final class PieceBook {
    private final Map<Asked, List<Piece>> known = new HashMap<>();

    /** By what its columns say: equal texts are equal steps. */
    private record Asked(String steps, FormSet forms, String named, NoteName tonic, Player player) {}

    /** A step of the plan, by its place, in a key. */
    record Piece(int step, Written written) {}

    /** The pieces that fit. */
    List<Piece> of(KeyPlanEntity plan, KeyMaterial material, NoteName tonic, Player player, Speech speech) {
        return known.computeIfAbsent(
                new Asked(plan.steps, plan.forms, plan.named, tonic, player),
                asked -> material.pieces(tonic, player, speech).stream()
                        .flatMap(piece -> piece.fitted().map(InKey::ascent).stream()
                                .map(ascent -> new Piece(piece.step(), Written.of(ascent))))
                        .toList());
    }
}
