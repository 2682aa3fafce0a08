package pebblestep.core.climb;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Line;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.voice.WhichHands;
import pebblestep.core.walk.Walk;

/**
 * What of a climb a player cannot play: their range has become smaller since it was given, or their instrument another
 * one.
 *
 * @param ascent the climb
 * @param from the rung that was looked at first
 * @param at the first rung from there on that does not fit
 * @param why it does not
 */
public record Misfit(Ascent ascent, Position from, Position at, Refusal why) {
    private static final int FIVE = 5;

    /** What does not fit from a rung on; empty where everything does. */
    public static Optional<Misfit> ahead(Ascent ascent, Position from, Player player) {
        return on(ascent, from, from, player).or(() -> later(ascent, from, player));
    }

    /** What does not fit of one rung alone. */
    public static Optional<Misfit> on(Ascent ascent, Position at, Player player) {
        return on(ascent, at, at, player);
    }

    private static Optional<Misfit> on(Ascent ascent, Position from, Position at, Player player) {
        try {
            Passage.requireFits(ascent.at(at), player);
            return Optional.empty();
        } catch (Refusal e) {
            return Optional.of(new Misfit(ascent, from, at, e));
        }
    }

    private static final List<AxisKind> OF_OTHER_NOTES =
            List.of(AxisKind.LINE, AxisKind.SPAN, AxisKind.HANDS, AxisKind.WALK);

    /** What decides which notes a rung needs. */
    private record Notes(Line line, Optional<Walk> walk, WhichHands hands) {
        static Notes of(Step step) {
            return new Notes(step.line(), step.walk(), step.hands());
        }
    }

    /** Only another line or span, another hand or more keys need other notes. */
    private static Optional<Misfit> later(Ascent ascent, Position from, Player player) {
        boolean others = OF_OTHER_NOTES.stream()
                .anyMatch(kind -> ascent.climb().axis(kind).isPresent());
        if (!others) return Optional.empty();
        Set<Notes> seen = new HashSet<>(List.of(Notes.of(ascent.at(from))));
        for (Position at : ascent.moves().routeFrom(from)) {
            if (!seen.add(Notes.of(ascent.at(at)))) continue;
            Optional<Misfit> found = on(ascent, from, at, player);
            if (found.isPresent()) return found;
        }
        return Optional.empty();
    }

    /** Whether the rung that was looked at first is it, and not only one that lies ahead. */
    public boolean isNow() {
        return at.equals(from);
    }

    /** Why, in a sentence, with the rung where that lies ahead. */
    public String sentence(Speech speech) {
        return isNow()
                ? why.getMessage()
                : "From \"" + ascent.words(speech).at(at) + "\" on it does not fit: " + why.getMessage();
    }

    /**
     * A climb that fits where another does not.
     *
     * @param words what is left of it: {@code one octave}
     */
    public record Nearest(Ascent ascent, String words) {}

    /**
     * The same step and climb with the least taken away so that every rung fits: in another octave; of a walk the first keys
     * that fit; with the spans that fit; with fewer octaves or notes. Empty where nothing fits.
     */
    public Optional<Nearest> nearest(Player player) {
        Extent before = widest(ascent);
        return candidates().stream()
                .filter(one -> fits(one, player))
                .findFirst()
                .map(one -> new Nearest(one, nearestWords(one, before, player)));
    }

    private String nearestWords(Ascent one, Extent before, Player player) {
        Optional<Walk> walk = one.step().walk();
        if (!walk.equals(ascent.step().walk())) {
            return walk.orElseThrow().keysInWords(Passage.writtenKey(one.step(), player));
        }
        return widest(one).equals(before)
                ? "the same in another octave"
                : widest(one).inWords();
    }

    private static Extent widest(Ascent ascent) {
        int size = ascent.step().key().form().size();
        Set<Extent> extents = new LinkedHashSet<>();
        for (Position at : distinctLines(ascent))
            extents.add(ascent.at(at).line().extent());
        return descending(extents, size).getFirst();
    }

    /** The first rung of each line that the climb comes to from its beginning. */
    private static List<Position> distinctLines(Ascent ascent) {
        Set<Line> seen = new HashSet<>();
        return ascent.moves().routeFrom(ascent.climb().first()).stream()
                .filter(at -> seen.add(ascent.at(at).line()))
                .toList();
    }

    private static boolean fits(Ascent ascent, Player player) {
        return ahead(ascent, ascent.climb().first(), player).isEmpty();
    }

    private Set<Ascent> candidates() {
        Set<Ascent> candidates = new LinkedHashSet<>();
        Step step = ascent.step();
        add(candidates, step, ascent.climb());
        for (Walk fewer : shorterWalks(step)) {
            Step through = step.withWalk(fewer);
            fewerKeys(ascent.climb(), (int)
                            fewer.keys().from(step.key()).stream().distinct().count())
                    .ifPresent(climb -> add(candidates, through, climb));
        }
        OptionalInt spans = ascent.climb().axis(AxisKind.SPAN);
        if (spans.isPresent()) {
            Axis axis = ascent.climb().axes().get(spans.getAsInt());
            Set<Extent> all = new LinkedHashSet<>();
            for (Rung rung : axis.rungs()) if (rung instanceof Rung.OfSpan span) all.add(span.extent());
            for (Extent widest : descending(all, step.key().form().size())) {
                capped(ascent.climb(), spans.getAsInt(), widest, step).ifPresent(climb -> add(candidates, step, climb));
            }
        }
        for (Extent extent : smaller(step.line().extent())) {
            tryShorter(step, extent).ifPresent(shorter -> shortened(ascent.climb(), extent)
                    .ifPresent(climb -> add(candidates, shorter, climb)));
        }
        return candidates;
    }

    /** In the octave that was asked for, and in any. */
    private static void add(Set<Ascent> candidates, Step step, Climb climb) {
        for (Step one : List.of(step, step.inAnyOctave())) {
            try {
                candidates.add(Ascent.of(one, climb));
            } catch (Refusal e) {
                // A rung of the climb does not go with that step: no candidate.
            }
        }
    }

    private static List<Extent> descending(Set<Extent> extents, int size) {
        return extents.stream()
                .sorted((a, b) -> Integer.compare(b.steps(size), a.steps(size)))
                .toList();
    }

    /** Octaves go down to five notes, and notes to two. */
    private static List<Extent> smaller(Extent extent) {
        List<Extent> smaller = new ArrayList<>(extent.smaller());
        if (extent instanceof Extent.Octaves) {
            smaller.add(Extent.span(FIVE));
            smaller.addAll(Extent.span(FIVE).smaller());
        }
        return smaller;
    }

    /** The same walk through fewer of its keys, the longest first; of an order its first key alone as well. */
    private static List<Walk> shorterWalks(Step step) {
        List<Walk> shorter = new ArrayList<>();
        step.walk().ifPresent(walk -> {
            int all = (int) walk.keys().from(step.key()).stream().distinct().count();
            int least = walk.keys().order().isPresent() ? 1 : 2;
            for (int keys = all - 1; keys >= least; keys--) shorter.add(walk.throughFirst(keys));
        });
        return shorter;
    }

    /** The climb with those of its rungs alone that go through no more keys, and one through so many at the end. */
    private static Optional<Climb> fewerKeys(Climb climb, int most) {
        return withAxes(climb, (axis, i) -> {
            if (axis.kind() != AxisKind.WALK) return axis;
            List<Rung> kept = new ArrayList<>(axis.rungs().stream()
                    .filter(rung -> rung instanceof Rung.OfWalk walk
                            && walk.keys().filter(keys -> keys < most).isPresent())
                    .toList());
            kept.add(new Rung.OfWalk(Optional.of(most)));
            return Axis.of(kept);
        });
    }

    private static Optional<Step> tryShorter(Step step, Extent extent) {
        return new Rung.OfSpan(extent).tryOn(step);
    }

    /** The climb without the spans that are wider; where axes move together, all of them lose the same rungs. */
    private static Optional<Climb> capped(Climb climb, int spans, Extent widest, Step step) {
        int size = step.key().form().size();
        List<Rung> rungs = climb.axes().get(spans).rungs();
        List<Integer> kept = new ArrayList<>();
        for (int i = 0; i < rungs.size(); i++) {
            boolean isWider =
                    rungs.get(i) instanceof Rung.OfSpan span && span.extent().steps(size) > widest.steps(size);
            if (!isWider) kept.add(i);
        }
        List<Integer> together = climb.levels().stream()
                .filter(level -> level.contains(spans))
                .findFirst()
                .orElse(List.of(spans));
        return withAxes(climb, (axis, i) -> together.contains(i) ? keeping(axis, kept) : axis);
    }

    /** Only these rungs; one that comes to be the same as the one before it goes as well. */
    private static Axis keeping(Axis axis, List<Integer> kept) {
        List<Rung> rungs = new ArrayList<>();
        for (int i : kept) rungs.add(axis.rung(i));
        return new Axis(axis.kind(), rungs, axis.scheme());
    }

    /** The climb with that span alone, on whatever lines it has. */
    private static Optional<Climb> shortened(Climb climb, Extent extent) {
        return withAxes(climb, (axis, i) -> switch (axis.kind()) {
            case SPAN -> climb.policy() == Policy.PAIRED ? axis : Axis.of(List.of(new Rung.OfSpan(extent)));
            case LINE ->
                Axis.of(axis.rungs().stream()
                        .map(rung -> rung instanceof Rung.OfLine line
                                ? new Rung.OfLine(line.line().withExtent(extent))
                                : rung)
                        .toList());
            case TEMPO, VALUE, PLACE, ARTICULATION, HANDS, WALK, HAND -> axis;
        });
    }

    private interface Changed {
        Axis of(Axis axis, int i);
    }

    private static Optional<Climb> withAxes(Climb climb, Changed changed) {
        try {
            List<Axis> axes = new ArrayList<>();
            for (int i = 0; i < climb.axes().size(); i++)
                axes.add(changed.of(climb.axes().get(i), i));
            return Optional.of(
                    new Climb(axes, climb.policy(), climb.rate(), climb.restart(), climb.rules(), climb.repetitions()));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }
}
