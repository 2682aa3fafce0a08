package pebblestep.documents.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Policy;
import pebblestep.core.climb.Rung;
import pebblestep.core.climb.Suggestions;
import pebblestep.core.fingering.Hand;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocument.AxisPart;
import pebblestep.documents.ClimbDocument.RungPart;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/**
 * What a climb of a step can still grow by. The climb may be one that cannot be climbed yet.
 *
 * @param player for whom; without one no position or school is offered
 */
public record GrowthAsked(StepDocument step, ClimbDocument climb, @Nullable PlayerDocument player) {

    /**
     * What it can grow by.
     *
     * @param kinds axes that it does not have yet, and that have more than the rung the step is on
     * @param further for each axis of the climb whether there is a rung to add at its end
     * @param schools how the hand of the player can go about; empty without a player
     * @param positions where it can be asked to stay
     */
    public record GrowthAnswer(
            List<AxisKind> kinds, List<Boolean> further, List<SchoolChoice> schools, List<String> positions) {}

    /** A school of a hand. */
    public record SchoolChoice(String id, String words) {}

    /** The answer; refuses a step that cannot be made. */
    public GrowthAnswer answer() {
        Step read = Fields.under("step", () -> StepDocuments.read(step));
        List<AxisKind> there = climb.axes().stream().map(AxisPart::axis).toList();
        Optional<Hand> hand = hand(player);
        return new GrowthAnswer(
                Arrays.stream(AxisKind.values())
                        .filter(kind -> !there.contains(kind))
                        .filter(kind -> kind == AxisKind.TEMPO
                                || offered(kind, read, player).size() > 1)
                        .toList(),
                climb.axes().stream()
                        .map(axis -> next(axis, read, player).isPresent())
                        .toList(),
                hand.stream()
                        .flatMap(one -> one.schools().stream())
                        .map(school -> new SchoolChoice(school.id(), school.words()))
                        .toList(),
                hand.map(Hand::positions).orElse(List.of()));
    }

    /** The rungs that are offered for a kind, the one that the step is on first. */
    static List<RungPart> offered(AxisKind kind, Step step, @Nullable PlayerDocument player) {
        List<RungPart> rungs =
                ClimbDocuments.part(kind, rungs(kind, step, player)).rungs();
        return rungs == null ? List.of() : rungs;
    }

    private static List<Rung> rungs(AxisKind kind, Step step, @Nullable PlayerDocument player) {
        if (kind != AxisKind.HAND) return Suggestions.of(kind, step);
        return hand(player).map(hand -> Suggestions.ofHand(step, hand)).orElseGet(() -> Suggestions.of(kind, step));
    }

    private static Optional<Hand> hand(@Nullable PlayerDocument player) {
        return Optional.ofNullable(player).map(PlayerDocument::read).flatMap(Player::played);
    }

    /** The next rung that is offered and not there yet, those after the last one first. */
    static Optional<RungPart> next(AxisPart axis, Step step, @Nullable PlayerDocument player) {
        List<RungPart> there = axis.rungs();
        if (there == null) return Optional.empty();
        List<RungPart> all = offered(axis.axis(), step, player);
        int last = there.isEmpty() ? -1 : all.indexOf(there.getLast());
        List<RungPart> inTurn = new ArrayList<>(all.subList(last + 1, all.size()));
        inTurn.addAll(all);
        return inTurn.stream().filter(rung -> !there.contains(rung)).findFirst();
    }

    /** The places of a climb's axes that move as one with an axis, itself among them: all but the tempo where they are paired. */
    static List<Integer> together(ClimbDocument climb, int axis) {
        return IntStream.range(0, climb.axes().size())
                .filter(i -> i == axis
                        || climb.policy() == Policy.PAIRED
                                && climb.axes().get(i).axis() != AxisKind.TEMPO
                                && climb.axes().get(axis).axis() != AxisKind.TEMPO)
                .boxed()
                .toList();
    }
}
