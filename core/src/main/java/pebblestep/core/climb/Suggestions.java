package pebblestep.core.climb;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.School;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Line;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Material;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.voice.WhichHands;

/**
 * Rungs that a step can grow by, from what it is now on, in the order in which they are taught: shorter values, wider
 * spans, its displacement tour, longer slurs, other lines (common practice, no source).
 */
public final class Suggestions {
    private static final List<Fraction> VALUES = Stream.of("1", "1/2", "1/4", "1/8", "1/12", "1/16", "1/24", "1/32")
            .map(Fraction::parse)
            .toList();

    private static final List<Integer> SLURS = List.of(2, 4, 8);
    private static final List<String> LINES =
            List.of("straight", "arpeggio", "thirds", "fours", "seventh-arpeggio", "reach", "triads");

    private Suggestions() {}

    /**
     * The rungs for a kind, the one that the step is on first; none for the tempo, whose rungs follow from its scheme, and for keys where the step does not walk by an order. Of the hand
     * only the rung that the step is on, since what else there is depends on who plays: {@link #ofHand}.
     */
    public static List<Rung> of(AxisKind kind, Step step) {
        if (kind == AxisKind.TEMPO) return List.of();
        // Hands begin one at a time, and walks with few keys, whatever the step is now.
        boolean fromTheStart = kind == AxisKind.HANDS || kind == AxisKind.WALK;
        Set<Rung> rungs = new LinkedHashSet<>(fromTheStart ? List.of() : List.of(Rung.of(kind, step)));
        further(kind, step).filter(rung -> rung.tryOn(step).isPresent()).forEach(rungs::add);
        return List.copyOf(rungs);
    }

    /**
     * The rungs for a hand, the one that the step is on first: position by position for a bow, else school by school; a hand
     * that has neither has no other rung. A hand goes through them in the order in which its positions lie and its schools are kept.
     */
    public static List<Rung> ofHand(Step step, Hand hand) {
        Set<Rung> rungs = new LinkedHashSet<>(List.of(Rung.of(AxisKind.HAND, step)));
        Optional<String> school = step.hand().school();
        if (hand.family() == Hand.Family.BOWED) {
            hand.positions().forEach(position -> rungs.add(new Rung.OfHand(school, Optional.of(position))));
        } else {
            Optional<String> position = step.hand().position();
            String usual = hand.school().map(School::id).orElse("");
            hand.schools().stream()
                    .map(School::id)
                    // Without a school asked for, the step is in the usual one already.
                    .filter(id -> school.isPresent() || !id.equals(usual))
                    .forEach(id -> rungs.add(new Rung.OfHand(Optional.of(id), position)));
        }
        return List.copyOf(rungs);
    }

    private static Stream<Rung> further(AxisKind kind, Step step) {
        return switch (kind) {
            case TEMPO, HAND -> Stream.empty();
            case VALUE ->
                VALUES.stream()
                        .filter(value -> value.isLessThan(step.figure().quickest()))
                        .map(value -> new Rung.OfValue(Figure.even(value)));
            case SPAN -> wider(step);
            case PLACE -> Axis.places(step).rungs().stream();
            case ARTICULATION ->
                Stream.concat(
                                Stream.of(Articulation.SEPARATE),
                                Stream.concat(
                                        SLURS.stream().map(Suggestions::slurred),
                                        Stream.of(joined(ArticulationKind.ALL_SLURRED, 0))))
                        .map(Rung.OfArticulation::new);
            case LINE ->
                LINES.stream()
                        .map(id -> Material.pattern(id).line().pattern())
                        .map(pattern -> new Rung.OfLine(new Line(
                                pattern,
                                step.line().extent(),
                                step.line().travel(),
                                step.line().turn(),
                                1)));
            case HANDS ->
                Stream.of(WhichHands.RIGHT, WhichHands.LEFT, WhichHands.TOGETHER)
                        .map(Rung.OfHands::new);
            case WALK ->
                Stream.concat(
                                Stream.of(2, 3, 4, 6, 12)
                                        .filter(keys -> keys <= cycle(step))
                                        .map(Optional::of),
                                Stream.of(Optional.<Integer>empty()))
                        .map(Rung.OfWalk::new);
        };
    }

    private static int cycle(Step step) {
        return step.walk()
                .flatMap(walk -> walk.keys().order())
                .map(KeyOrder::cycle)
                .orElse(0);
    }

    private static Stream<Rung> wider(Step step) {
        int size = step.key().form().size();
        int now = step.line().extent().steps(size);
        return Stream.concat(
                        Stream.of(Extent.span(5)), IntStream.rangeClosed(1, 4).mapToObj(Extent::octaves))
                .filter(extent -> extent.steps(size) > now)
                .map(Rung.OfSpan::new);
    }

    private static Articulation slurred(int by) {
        return joined(ArticulationKind.SLURRED, by);
    }

    private static Articulation joined(ArticulationKind kind, int by) {
        return new Articulation(kind, by, 0, Optional.empty(), Optional.empty());
    }
}
