package pebblestep.core.tempo;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;

/** How the rungs of a tempo ladder follow on each other. */
public sealed interface LadderScheme {
    /** Which of the kinds it is. */
    SchemeKind kind();

    /** The ladder from a start to a target; refuses ladders that never arrive or have more than 200 rungs. */
    TempoLadder ladder(Bpm from, Bpm to);

    /** The step between rungs, where the scheme has one: beats a minute, or percent. */
    default Optional<BigDecimal> by() {
        return Optional.empty();
    }

    /** Steps forward before one back, where the scheme counts them. */
    default OptionalInt forward() {
        return OptionalInt.empty();
    }

    /** Rungs so many beats a minute apart. */
    static LadderScheme fixed(long by) {
        return new Fixed(BigDecimal.valueOf(by));
    }

    /** The marks of a traditional metronome, which have no step. */
    static LadderScheme dial() {
        return new Dial();
    }

    /** The scheme of a kind that has a step: beats a minute, or percent; refuses the dial, which has its own marks. */
    static LadderScheme by(SchemeKind kind, BigDecimal step) {
        return switch (kind) {
            case FIXED -> new Fixed(step);
            case PERCENT -> new Percent(step);
            case DIAL ->
                throw Refusal.of("scheme.by", "The dial has its own marks.").fits("Leave this field out.");
            case BACK_STEP -> backStep(step, USUAL_FORWARD);
            case ALTERNATE -> new Alternate(step);
        };
    }

    /** So many steps forward, then one back. */
    static LadderScheme backStep(BigDecimal step, int forward) {
        return new BackStep(step, forward);
    }

    /** How many steps a back-step ladder goes forward where nothing is said (common practice, no source). */
    int USUAL_FORWARD = 2;

    /** Rungs so many beats a minute apart. */
    record Fixed(BigDecimal step) implements LadderScheme {
        @Override
        public SchemeKind kind() {
            return SchemeKind.FIXED;
        }

        @Override
        public TempoLadder ladder(Bpm from, Bpm to) {
            return TempoLadder.fixed(from, to, step);
        }

        @Override
        public Optional<BigDecimal> by() {
            return Optional.of(step);
        }
    }

    /** Each rung so many percent beyond the one before. */
    record Percent(BigDecimal step) implements LadderScheme {
        @Override
        public SchemeKind kind() {
            return SchemeKind.PERCENT;
        }

        @Override
        public TempoLadder ladder(Bpm from, Bpm to) {
            return TempoLadder.percent(from, to, step);
        }

        @Override
        public Optional<BigDecimal> by() {
            return Optional.of(step);
        }
    }

    /** The marks of a traditional metronome. */
    record Dial() implements LadderScheme {
        @Override
        public SchemeKind kind() {
            return SchemeKind.DIAL;
        }

        @Override
        public TempoLadder ladder(Bpm from, Bpm to) {
            return TempoLadder.dial(from, to);
        }
    }

    /** So many steps forward, then one back. */
    record BackStep(BigDecimal step, int steps) implements LadderScheme {
        @Override
        public SchemeKind kind() {
            return SchemeKind.BACK_STEP;
        }

        @Override
        public TempoLadder ladder(Bpm from, Bpm to) {
            return TempoLadder.backStep(from, to, step, steps);
        }

        @Override
        public Optional<BigDecimal> by() {
            return Optional.of(step);
        }

        @Override
        public OptionalInt forward() {
            return OptionalInt.of(steps);
        }
    }

    /** Each rung followed by the first tempo. */
    record Alternate(BigDecimal step) implements LadderScheme {
        @Override
        public SchemeKind kind() {
            return SchemeKind.ALTERNATE;
        }

        @Override
        public TempoLadder ladder(Bpm from, Bpm to) {
            return TempoLadder.alternate(from, to, step);
        }

        @Override
        public Optional<BigDecimal> by() {
            return Optional.of(step);
        }
    }
}
