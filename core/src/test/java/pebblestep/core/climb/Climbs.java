package pebblestep.core.climb;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.tempo.LadderScheme;

/** Axes and climbs for tests. */
public final class Climbs {
    /** An octave of C in quarters from beat 1. */
    public static final Step OCTAVE =
            Steps.step("C", "major", Extent.octaves(1), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/4", "0");

    private Climbs() {}

    public static Axis tempo(long from, long to, long by) {
        return Axis.tempo(Bpm.of(from), Bpm.of(to), LadderScheme.fixed(by));
    }

    public static Axis values(String... values) {
        return Axis.of(Stream.of(values)
                .map(value -> new Rung.OfValue(Figure.even(Fraction.parse(value))))
                .toList());
    }

    public static Axis octaves(int... counts) {
        return Axis.of(java.util.Arrays.stream(counts)
                .mapToObj(count -> new Rung.OfSpan(Extent.octaves(count)))
                .toList());
    }

    public static Ascent ascent(Policy policy, Axis... axes) {
        return Ascent.of(OCTAVE, Climb.of(List.of(axes), policy));
    }

    /** The positions of a walk, short: {@code 0.0 1.0 0.1}. */
    public static String said(List<Position> positions) {
        return String.join(" ", positions.stream().map(Position::toString).toList());
    }

    /** Climbs of one to four axes, of every policy. */
    public static Arbitrary<Ascent> any() {
        Arbitrary<Axis> tempos = Combinators.combine(
                        Arbitraries.integers().between(40, 120),
                        Arbitraries.integers().between(40, 120),
                        Arbitraries.integers().between(8, 20))
                .as((from, to, by) -> tempo(from, to, by));
        Arbitrary<List<Axis>> others = Arbitraries.of(
                List.of(),
                List.of(values("1/4", "1/8")),
                List.of(values("1/2", "1/4", "1/8"), octaves(1, 2, 3)),
                List.of(octaves(2, 1)),
                List.of(
                        octaves(1, 2),
                        Axis.of(List.of(
                                new Rung.OfArticulation(Articulation.SEPARATE),
                                new Rung.OfArticulation(new Articulation(
                                        Articulation.Kind.SLURRED, 4, 0, Optional.empty(), Optional.empty()))))),
                List.of(Axis.places(OCTAVE)));
        return Combinators.combine(
                        tempos,
                        others,
                        Arbitraries.of(Policy.class),
                        Arbitraries.of(RateSchool.class),
                        Arbitraries.integers().between(50, 100),
                        Arbitraries.of(true, false))
                .as((tempo, more, policy, school, restart, first) -> {
                    Stream<Axis> axes = first
                            ? Stream.concat(Stream.of(tempo), more.stream())
                            : Stream.concat(more.stream(), Stream.of(tempo));
                    return Ascent.of(OCTAVE, Climb.of(axes.toList(), policy).restarting(school, restart));
                });
    }
}
