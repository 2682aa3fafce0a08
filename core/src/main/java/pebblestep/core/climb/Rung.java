package pebblestep.core.climb;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.fingering.instruments.Schools;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Line;
import pebblestep.core.passage.Articulation;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Leg;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.voice.WhichHands;
import pebblestep.core.walk.Walk;

/** One rung of an axis: what a step is there. Two rungs that make the same of a step are equal. */
public sealed interface Rung {
    /** The axis it belongs to. */
    AxisKind kind();

    /** A step on this rung; refuses what the step cannot be. */
    Step on(Step step);

    /** A step on this rung; empty where the step cannot be so. */
    default Optional<Step> tryOn(Step step) {
        try {
            return Optional.of(on(step));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    /** In words, for a bar of that meter: {@code eighths}, {@code two octaves}, {@code the & of 1}. */
    String inWords(Meter meter, Speech speech);

    /**
     * How hard it is beside other rungs of its axis, for a form of so many notes in an octave: more is harder. Empty where
     * its kind has no such measure, as with slurs, or one of its own, as tempos have in their ladder.
     */
    Optional<Fraction> difficulty(int notesInOctave);

    /** The rung that a step is on already. */
    static Rung of(AxisKind kind, Step step) {
        return switch (kind) {
            case TEMPO -> new OfTempo(step.tempo().bpm());
            case VALUE -> new OfValue(step.figure());
            case SPAN -> new OfSpan(step.line().extent());
            case PLACE ->
                new OfPlace(
                        step.place(),
                        step.rhythm().legs().stream()
                                .filter(leg -> leg.start() instanceof Leg.AtTurn)
                                .flatMap(leg -> leg.place().stream())
                                .findFirst());
            case ARTICULATION -> new OfArticulation(step.articulation());
            case LINE -> new OfLine(step.line());
            case HANDS -> new OfHands(step.hands());
            case HAND -> new OfHand(step.hand().school(), step.hand().position());
            case WALK -> new OfWalk(step.walk().flatMap(walk -> walk.keys().count()));
        };
    }

    /** A tempo. */
    record OfTempo(Bpm bpm) implements Rung {
        @Override
        public AxisKind kind() {
            return AxisKind.TEMPO;
        }

        @Override
        public Step on(Step step) {
            return step.withTempo(step.tempo().at(bpm));
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.empty();
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            return bpm + " bpm";
        }
    }

    /** A figure of note values. */
    record OfValue(Figure figure) implements Rung {
        @Override
        public AxisKind kind() {
            return AxisKind.VALUE;
        }

        @Override
        public Step on(Step step) {
            return step.withRhythm(step.rhythm().withFigure(figure));
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.of(figure.quickest().negated());
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            return StepWords.figure(figure, speech);
        }
    }

    /** How far the line goes. */
    record OfSpan(Extent extent) implements Rung {
        @Override
        public AxisKind kind() {
            return AxisKind.SPAN;
        }

        @Override
        public Step on(Step step) {
            return step.withLine(step.line().withExtent(extent));
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.of(Fraction.of(extent.steps(notesInOctave)));
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            return extent.inWords();
        }
    }

    /**
     * Where the line starts, and where it starts again from the turn.
     *
     * @param place from the downbeat of bar 1
     * @param back place in the beat of the way back; empty where it goes on as it began
     */
    record OfPlace(Fraction place, Optional<Fraction> back) implements Rung {
        @Override
        public AxisKind kind() {
            return AxisKind.PLACE;
        }

        @Override
        public Step on(Step step) {
            List<Leg> legs = back.stream()
                    .map(there -> new Leg(new Leg.AtTurn(), Optional.empty(), Optional.of(there)))
                    .toList();
            return step.withRhythm(step.rhythm().withPlace(place).withLegs(legs));
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.empty();
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            String there = "from " + Count.of(place, meter).inWords(speech.school());
            return back.map(on -> there + ", back from " + Count.of(on, meter).inWords(speech.school()))
                    .orElse(there);
        }
    }

    /** How the notes are joined. */
    record OfArticulation(Articulation articulation) implements Rung {
        @Override
        public AxisKind kind() {
            return AxisKind.ARTICULATION;
        }

        @Override
        public Step on(Step step) {
            return step.withArticulation(articulation);
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.empty();
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            return articulation.inWords();
        }
    }

    /** The order of the notes. */
    record OfLine(Line line) implements Rung {
        @Override
        public AxisKind kind() {
            return AxisKind.LINE;
        }

        @Override
        public Step on(Step step) {
            return step.withLine(line);
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.empty();
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            return line.inWords();
        }
    }

    /** Which hands play. */
    record OfHands(WhichHands hands) implements Rung {
        @Override
        public AxisKind kind() {
            return AxisKind.HANDS;
        }

        @Override
        public Step on(Step step) {
            return step.withHands(hands);
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.empty();
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            return hands.words();
        }
    }

    /**
     * How the hand goes: as a school teaches it, and where it stays. A hand that knows neither plays as it would anyway.
     *
     * @param school by its id; empty for the usual one of whoever plays
     * @param position as positions are called; empty for any
     */
    record OfHand(Optional<String> school, Optional<String> position) implements Rung {
        @Override
        public AxisKind kind() {
            return AxisKind.HAND;
        }

        @Override
        public Step on(Step step) {
            return step.withHand(
                    new FingeringChoice(school, position, step.hand().pins()));
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.empty();
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            Optional<String> there = position.map(name -> "position " + name);
            Optional<String> said = school.map(Schools::words);
            if (said.isEmpty()) return there.orElse("as the hand goes");
            return said.get() + there.map(in -> ", " + in).orElse("");
        }
    }

    /**
     * How many keys of its order a walk goes through.
     *
     * @param keys from the first on; the whole way without
     */
    record OfWalk(Optional<Integer> keys) implements Rung {
        /** More keys than any order has: what the whole way is beside a number of them. */
        private static final int ALL = 13;

        @Override
        public AxisKind kind() {
            return AxisKind.WALK;
        }

        /** Refuses a step that does not walk by an order of keys. */
        @Override
        public Step on(Step step) {
            Walk walk = step.walk()
                    .filter(one -> one.keys().order().isPresent())
                    .orElseThrow(() -> Refusal.of("keys", "This step does not walk by an order of keys.")
                            .fits("Take it through keys first."));
            return step.withWalk(keys.map(walk::through).orElse(walk));
        }

        @Override
        public Optional<Fraction> difficulty(int notesInOctave) {
            return Optional.of(Fraction.of(keys.orElse(ALL)));
        }

        @Override
        public String inWords(Meter meter, Speech speech) {
            return keys.map(count -> Words.spelled(count, "key")).orElse("all keys");
        }
    }
}
