package pebblestep.core.climb;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.ArticulationKind;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Steps;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.samples.Draw;
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
    public static Draw<Ascent> any() {
        Draw<Axis> tempos = random -> tempo(
                Draw.ints(40, 120).from(random),
                Draw.ints(40, 120).from(random),
                Draw.ints(8, 20).from(random));
        Draw<List<Axis>> others = Draw.of(
                List.of(),
                List.of(values("1/4", "1/8")),
                List.of(values("1/2", "1/4", "1/8"), octaves(1, 2, 3)),
                List.of(octaves(2, 1)),
                List.of(
                        octaves(1, 2),
                        Axis.of(List.of(
                                new Rung.OfArticulation(Articulation.SEPARATE),
                                new Rung.OfArticulation(new Articulation(
                                        ArticulationKind.SLURRED, 4, 0, Optional.empty(), Optional.empty()))))),
                List.of(Axis.places(OCTAVE)));
        return random -> {
            Axis tempo = tempos.from(random);
            List<Axis> more = others.from(random);
            Stream<Axis> axes = Draw.of(true, false).from(random)
                    ? Stream.concat(Stream.of(tempo), more.stream())
                    : Stream.concat(more.stream(), Stream.of(tempo));
            return Ascent.of(
                    OCTAVE,
                    Climb.of(axes.toList(), Draw.of(Policy.class).from(random))
                            .restarting(
                                    Draw.of(RateSchool.class).from(random),
                                    Draw.ints(50, 100).from(random)));
        };
    }
}
