package pebblestep.core.climb;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.IntStream;
import pebblestep.core.rhythm.Fraction;

/** Finds the rung of an axis nearest to where a student stood on another climb, among those that are not harder. */
final class NearestRung {
    private final Axis axis;
    private final Ascent before;
    private final OptionalInt stood;

    private NearestRung(Axis axis, Ascent before, Position at) {
        this.axis = axis;
        this.before = before;
        OptionalInt same = before.climb().axis(axis.kind());
        this.stood = same.isPresent() ? OptionalInt.of(at.rung(same.getAsInt())) : OptionalInt.empty();
    }

    /** The index of the rung; the first where all are harder. */
    static int on(Axis axis, Ascent before, Position at) {
        return new NearestRung(axis, before, at).index();
    }

    private int index() {
        Rung was = stood.isPresent() ? rungBefore(stood.getAsInt()) : Rung.of(axis.kind(), before.step());
        int exact = axis.rungs().indexOf(was);
        return switch (was) {
            case Rung.OfTempo tempo -> axis.ladder().notHarderThan(tempo.bpm().toDouble());
            case Rung other when exact >= 0 -> exact;
            case Rung.OfValue value ->
                hardest(Rung.OfValue.class, rung -> rung.figure().quickest().negated(), value);
            case Rung.OfSpan span -> hardest(Rung.OfSpan.class, this::steps, span);
            case Rung.OfPlace place -> alongTheOldAxis();
            case Rung.OfArticulation joined -> alongTheOldAxis();
            case Rung.OfLine line -> alongTheOldAxis();
        };
    }

    private Rung rungBefore(int index) {
        return before.climb()
                .axes()
                .get(before.climb().axis(axis.kind()).orElseThrow())
                .rung(index);
    }

    private Fraction steps(Rung.OfSpan rung) {
        return Fraction.of(rung.extent().steps(before.step().key().form().size()));
    }

    /** The first of the hardest rungs that are no harder than one, by a measure that grows with difficulty. */
    private <R extends Rung> int hardest(Class<R> kind, Function<R, Fraction> measure, R was) {
        List<Fraction> measured =
                axis.rungs().stream().map(kind::cast).map(measure).toList();
        return IntStream.range(0, axis.size())
                .boxed()
                .filter(i -> measured.get(i).compareTo(measure.apply(was)) <= 0)
                .max(Comparator.<Integer, Fraction>comparing(measured::get).thenComparing(Comparator.reverseOrder()))
                .orElse(0);
    }

    /** What has no measure goes back along the old axis to the last rung that is still there. */
    private int alongTheOldAxis() {
        if (stood.isEmpty()) return 0;
        return IntStream.iterate(stood.getAsInt(), i -> i >= 0, i -> i - 1)
                .map(i -> axis.rungs().indexOf(rungBefore(i)))
                .filter(i -> i >= 0)
                .findFirst()
                .orElse(0);
    }
}
