package pebblestep.core.climb;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.Refusal;
import pebblestep.core.line.Extent;

/**
 * Lets a student play a wider or a shorter range of the same step. Where the climb has an axis of spans, they go one rung
 * along it; else it gets one, of the range it has and the one beside it, so that the way back stays open.
 *
 * @param ascent the climb to go on with
 * @param at where to stand on it
 */
public record Spans(Ascent ascent, Position at) {
    private static final int FIVE = 5;
    private static final int MOST_OCTAVES = 4;

    /** Which way a range changes. */
    public enum Change {
        /** To more notes. */
        WIDER("wider", 1),
        /** To fewer notes. */
        SHORTER("shorter", -1);

        private final String inWords;
        private final int by;

        Change(String inWords, int by) {
            this.inWords = inWords;
            this.by = by;
        }

        /** In words. */
        public String inWords() {
            return inWords;
        }
    }

    /** A range that is changed; empty where there is none. */
    public static Optional<Spans> of(Change change, Ascent ascent, Position at) {
        return tryMoved(ascent, at, change.by);
    }

    private static Optional<Spans> tryMoved(Ascent ascent, Position at, int by) {
        OptionalInt axis = ascent.climb().axis(AxisKind.SPAN);
        try {
            Optional<Spans> to = axis.isPresent() ? along(ascent, at, axis.getAsInt(), by) : beside(ascent, at, by);
            // An axis of spans may go to and fro: only what really is wider, or shorter, is offered.
            return to.filter(spans -> Integer.signum(reach(spans.ascent, spans.at) - reach(ascent, at)) == by);
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    private static int reach(Ascent ascent, Position at) {
        return ascent.at(at).line().extent().steps(ascent.step().key().form().size());
    }

    private static Optional<Spans> along(Ascent ascent, Position at, int axis, int by) {
        int rung = at.rung(axis) + by;
        if (rung < 0 || rung >= ascent.climb().axes().get(axis).size()) return Optional.empty();
        Position to = ascent.climb().with(at, axis, rung);
        ascent.at(to);
        return Optional.of(new Spans(ascent, to));
    }

    private static Optional<Spans> beside(Ascent ascent, Position at, int by) {
        Extent now = ascent.at(at).line().extent();
        Optional<Extent> other = neighbour(now, by);
        if (other.isEmpty()) return Optional.empty();
        List<Axis> axes = new ArrayList<>(ascent.climb().axes());
        List<Extent> spans = by > 0 ? List.of(now, other.get()) : List.of(other.get(), now);
        axes.add(Axis.of(spans.stream().map(Rung.OfSpan::new).toList()));
        Climb before = ascent.climb();
        Climb climb =
                new Climb(axes, before.policy(), before.rate(), before.restart(), before.rules(), before.repetitions());
        Ascent wider = Ascent.of(ascent.step(), climb);
        List<Integer> rungs = new ArrayList<>(at.rungs());
        rungs.add(by > 0 ? 1 : 0);
        Position to = new Position(rungs);
        climb.require(to);
        wider.at(to);
        return Optional.of(new Spans(wider, to));
    }

    private static Optional<Extent> neighbour(Extent now, int by) {
        return switch (now) {
            case Extent.Octaves octaves -> octaves(octaves.count() + by);
            case Extent.Span span -> by > 0 ? Optional.of(Extent.octaves(1)) : Optional.empty();
        };
    }

    private static Optional<Extent> octaves(int count) {
        if (count == 0) return Optional.of(Extent.span(FIVE));
        return count > MOST_OCTAVES ? Optional.empty() : Optional.of(Extent.octaves(count));
    }
}
