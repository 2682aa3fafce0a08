package pebblestep.documents;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.Rounding;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.Pin;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.passage.LineHand;
import pebblestep.core.passage.LineHand.Choice;
import pebblestep.core.passage.LineHand.InSchool;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.pitch.Pitch;

/**
 * How one note of a step can be played, side by side, and how else the hand could go about all of it.
 *
 * @param note its index in the line
 * @param written its written pitch
 * @param ways what is taken first, then the cheapest
 * @param schools empty where there is one way to go about
 * @param positions where the hand can be asked to stay; empty where hands have no positions
 * @param position where it is asked to stay; absent where it is not
 * @param neck absent where there are no strings
 * @param loosened what the step would ask of the hand, did nothing fix this note; empty of pins where nothing does
 */
public record FingersDocument(
        int note,
        String written,
        Hand.Family family,
        List<FingerWay> ways,
        List<SchoolPart> schools,
        List<String> positions,
        @Nullable String position,
        @Nullable NeckDocument neck,
        StepDocument.HandPart loosened) {
    private static final double THOUSAND = 1000;

    /** What costs less is not worth a word. */
    private static final int SAID = 20;

    /** Less is not heard in a scale. */
    private static final int HEARD_CENTS = 2;

    /**
     * A way.
     *
     * @param cost what it costs by itself, whatever comes before and after
     * @param more what the whole line costs more by it
     * @param said what it is and why it costs, in sentences
     * @param chosen whether the line takes it
     * @param pinned whether it is fixed for this note
     * @param ours whether the studio takes it for the usual one
     * @param hand what the step would ask of the hand, were this way fixed for this note
     * @param always the same for every note at this pitch in this key
     */
    public record FingerWay(
            String way,
            String text,
            double cents,
            double cost,
            double more,
            List<String> said,
            boolean chosen,
            boolean pinned,
            boolean ours,
            LookDocument look,
            StepDocument.HandPart hand,
            StepDocument.HandPart always) {}

    /**
     * A school, and the line in it.
     *
     * @param effort what a second of the line costs in it
     * @param hardest its hardest move in words; absent where nothing is hard
     * @param misfit why the line cannot be played so; absent where it can
     * @param hand what the step would ask of the hand, were it this
     */
    public record SchoolPart(
            String school,
            String words,
            double effort,
            @Nullable String hardest,
            List<String> texts,
            boolean asked,
            @Nullable String misfit,
            StepDocument.@Nullable HandPart hand) {}

    /**
     * The ways of a note of a step for a player; refuses a note that the line does not have, and a player whose hand is not known.
     */
    public static FingersDocument of(Step step, @Nullable Player player, int note) {
        Passage passage = Passage.of(step, player);
        LineHand hand = passage.hand(player).orElseThrow(() -> Refusal.of(
                        "note", "How this is fingered is not known here.")
                .fits("Choose a player of an instrument with a hand: strings, frets, keys, valves, a slide or holes."));
        Pitch written = hand.written(note);
        FingeringChoice wish = step.hand();
        return new FingersDocument(
                note,
                written.id(),
                hand.hand().family(),
                hand.choices(note).stream()
                        .map(choice -> way(choice, hand, note, player))
                        .toList(),
                hand.schools().stream().map(school -> school(school, wish)).toList(),
                hand.hand().positions(),
                wish.position().filter(hand.hand().positions()::contains).orElse(null),
                NeckDocument.of(hand.hand()),
                written(hand.loosened(note)));
    }

    private static FingerWay way(Choice choice, LineHand hand, int note, @Nullable Player player) {
        return new FingerWay(
                choice.way().id(),
                choice.way().text(),
                Rounded.of(choice.way().cents()),
                choice.way().cost() / THOUSAND,
                Math.max(0, choice.more()) / THOUSAND,
                said(choice.way()),
                choice.chosen(),
                hand.isPinned(note, choice.way()),
                player != null
                        && player.hand().usual().stream()
                                .anyMatch(one -> one.written().midi()
                                                == hand.written(note).midi()
                                        && one.way().equals(choice.way().id())),
                LookDocument.of(choice.way().shape()),
                written(hand.fixed(Pin.at(note, hand.written(note), choice.way().id()))),
                written(hand.fixed(Pin.always(
                        hand.written(note), hand.keyOf(note), choice.way().id()))));
    }

    /** Why it costs, and how far it is out of tune where nothing of that says so. */
    private static List<String> said(Way way) {
        List<String> said = new ArrayList<>(way.costs().stream()
                .filter(cost -> cost.thousandths() >= SAID)
                .map(Cost::why)
                .toList());
        long cents = Rounding.whole(Math.abs(way.cents()));
        if (cents >= HEARD_CENTS && said.stream().noneMatch(one -> one.contains("cents"))) {
            said.add(cents + " cents " + (way.cents() < 0 ? "low" : "high"));
        }
        return said;
    }

    private static StepDocument.HandPart written(FingeringChoice wish) {
        return Optional.ofNullable(HandFields.write(wish)).orElseGet(() -> new StepDocument.HandPart(null, null, null));
    }

    private static SchoolPart school(InSchool in, FingeringChoice wish) {
        Fingering through = in.through();
        School school = in.school();
        return new SchoolPart(
                school.id(),
                school.words(),
                Rounded.of(through.effort()),
                through.hardest(1).stream()
                        .findFirst()
                        .map(hard -> String.join(", ", hard.why()))
                        .orElse(null),
                through.stops().stream().map(stop -> stop.way().text()).toList(),
                in.asked(),
                in.misfit().orElse(null),
                HandFields.write(new FingeringChoice(Optional.of(school.id()), wish.position(), wish.pins())));
    }
}
