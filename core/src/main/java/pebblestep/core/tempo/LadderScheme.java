package pebblestep.core.tempo;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Bpm;

/** How the rungs of a tempo ladder follow on each other. Its type is its name in documents. */
public sealed interface LadderScheme {
    /** Every type, the usual one first. */
    List<String> TYPES = List.of("fixed", "percent", "dial", "back-step", "alternate");

    /** The name in documents. */
    String type();

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

    /**
     * The scheme of a type. Refuses types that are not known, a step where the dial has its own marks, none where one is
     * needed, and steps forward for any type but the back-step, which takes two without.
     */
    static LadderScheme of(String type, Optional<BigDecimal> by, OptionalInt forward) {
        if (!TYPES.contains(type)) {
            throw Refusal.of("scheme.type", "There is no ladder of the type \"" + type + "\" here.")
                    .fits("One of: " + String.join(", ", TYPES) + ".");
        }
        if (forward.isPresent() && !type.equals("back-step")) {
            throw Refusal.of("scheme.forward", "Only a back-step ladder counts its steps forward.")
                    .fits("Leave this field out.");
        }
        if (type.equals("dial")) {
            if (by.isPresent()) {
                throw Refusal.of("scheme.by", "The dial has its own marks.").fits("Leave this field out.");
            }
            return new Dial();
        }
        BigDecimal step = by.orElseThrow(() -> Refusal.of("scheme.by", "Give the step between rungs."));
        return switch (type) {
            case "percent" -> new Percent(step);
            case "back-step" -> new BackStep(step, forward.orElse(2));
            case "alternate" -> new Alternate(step);
            default -> new Fixed(step);
        };
    }

    /** Rungs so many beats a minute apart. */
    record Fixed(BigDecimal step) implements LadderScheme {
        @Override
        public String type() {
            return "fixed";
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
        public String type() {
            return "percent";
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
        public String type() {
            return "dial";
        }

        @Override
        public TempoLadder ladder(Bpm from, Bpm to) {
            return TempoLadder.dial(from, to);
        }
    }

    /** So many steps forward, then one back. */
    record BackStep(BigDecimal step, int steps) implements LadderScheme {
        @Override
        public String type() {
            return "back-step";
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
        public String type() {
            return "alternate";
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
