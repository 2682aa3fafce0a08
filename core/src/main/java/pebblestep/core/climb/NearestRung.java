package pebblestep.core.climb;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
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
        if (was instanceof Rung.OfTempo tempo)
            return axis.ladder().notHarderThan(tempo.bpm().toDouble());
        if (exact >= 0) return exact;
        return difficulty(was).map(this::hardest).orElseGet(this::alongTheOldAxis);
    }

    private Rung rungBefore(int index) {
        return before.climb()
                .axes()
                .get(before.climb().axis(axis.kind()).orElseThrow())
                .rung(index);
    }

    private Optional<Fraction> difficulty(Rung rung) {
        return rung.difficulty(before.step().key().form().size());
    }

    /** The first of the hardest rungs that are no harder than that. */
    private int hardest(Fraction most) {
        List<Fraction> measured =
                axis.rungs().stream().flatMap(rung -> difficulty(rung).stream()).toList();
        return IntStream.range(0, axis.size())
                .boxed()
                .filter(i -> measured.get(i).compareTo(most) <= 0)
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
