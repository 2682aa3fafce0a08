package pebblestep.core.passage;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pebblestep.core.Refusal;
import pebblestep.core.line.Arpeggio;
import pebblestep.core.line.ChordSize;
import pebblestep.core.line.Chords;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Line;
import pebblestep.core.line.Pattern;
import pebblestep.core.line.Reach;
import pebblestep.core.line.Sequence;
import pebblestep.core.line.Straight;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Figures;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Leg;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Swing;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.samples.Draw;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** Steps for tests: one plain step to change, and random ones. */
public final class Steps {
    /** Two octaves of Db major there and back, sixteenths from beat 1 of 4/4, at 72. */
    public static final Step PLAIN =
            step("Db", "major", Extent.octaves(2), Travel.UP_DOWN, Turn.SINGLE, "4/4", "1/16", "0");

    private Steps() {}

    public static Step step(
            String tonic,
            String form,
            Extent extent,
            Travel travel,
            Turn turn,
            String meter,
            String value,
            String place) {
        return new Step(
                "A step",
                Key.of(NoteName.parse(tonic), Forms.of(form)),
                Step.Named.CONCERT,
                Line.straight(extent, travel, turn, 1),
                Optional.empty(),
                Rhythm.of(Meter.parse(meter), Figure.even(Fraction.parse(value)), Fraction.parse(place)),
                Target.USUAL,
                Tempo.quarters(72),
                Articulation.SEPARATE,
                Metronome.USUAL);
    }

    public static Step withRegister(Step step, String register) {
        return new Step(
                step.title(),
                step.key(),
                step.named(),
                step.line(),
                Optional.of(Pitch.parse(register)),
                step.rhythm(),
                step.target(),
                step.tempo(),
                step.articulation(),
                step.metronome());
    }

    /** The step with its key named as written. */
    public static Step written(Step step) {
        return new Step(
                step.title(),
                step.key(),
                Step.Named.WRITTEN,
                step.line(),
                step.register(),
                step.rhythm(),
                step.target(),
                step.tempo(),
                step.articulation(),
                step.metronome());
    }

    /** The step in another cycle of values. */
    public static Step figure(Step step, String cycle) {
        return step.withRhythm(step.rhythm().withFigure(Figure.ofCycle(List.of(cycle.split(" ")))));
    }

    /** Figures of every kind. */
    private static final List<Figure> FIGURES = Stream.concat(
                    Figure.values().stream().map(Figure::even),
                    Figures.all().stream().map(Figures.Named::figure))
            .toList();

    /** Legs of some kinds, and none. */
    private static final List<List<Leg>> LEGS = List.of(
            List.of(),
            List.of(),
            List.of(new Leg(new Leg.AtNote(2), Optional.of(Figure.even(Fraction.of(1, 8))), Optional.empty())),
            List.of(new Leg(new Leg.AtNote(2), Optional.empty(), Optional.of(Fraction.of(1, 12)))));

    /** Any step this product can make, at any place on a grid of 48ths. */
    public static Draw<Step> any() {
        Draw<Key> keys = random -> keyOrNull(
                Draw.of("C", "Db", "F#", "Bb", "E", "Ab", "B", "Cb").from(random),
                Draw.of(Forms.all()).from(random));
        Draw<Extent> extents = Draw.oneOf(
                Draw.ints(1, 3).map(Extent::octaves), Draw.ints(2, 16).map(Extent::span));
        Draw<Pattern> patterns = Draw.of(
                new Straight(),
                new Straight(),
                new Arpeggio(ChordSize.TRIAD),
                new Sequence(List.of(0, 2)),
                new Sequence(List.of(0, 1, 2, 3)),
                new Reach(List.of()),
                new Chords(ChordSize.TRIAD));
        return random -> {
            Key key = keys.filter(one -> one != null).from(random);
            Line wished = new Line(
                    patterns.from(random),
                    extents.from(random),
                    Draw.of(Travel.class).from(random),
                    Draw.of(Turn.class).from(random),
                    Draw.ints(1, 5).from(random));
            Line line = fitting(wished, key.form());
            Meter meter = Draw.of(Meter.all()).from(random);
            List<Leg> legs = Draw.of(LEGS).from(random);
            return new Step(
                    "Any",
                    key,
                    Step.Named.CONCERT,
                    line,
                    Optional.empty(),
                    new Rhythm(
                            meter,
                            Draw.of(FIGURES).from(random),
                            Draw.of(1, 1, 1, 2, 3).from(random),
                            placeIn(meter, Draw.ints(-35, 35).from(random)),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            line.noteCount(key.form()) < 2 ? List.of() : legs,
                            Swing.STRAIGHT),
                    Target.onBeat(Draw.ints(1, 2).from(random)),
                    Tempo.quarters(60),
                    Articulation.SEPARATE,
                    Metronome.USUAL);
        };
    }

    /** The line, or the nearest one that the form has the notes for. */
    private static Line fitting(Line line, Form form) {
        Line inForm =
                new Line(line.pattern(), line.extent(), line.travel(), line.turn(), 1 + line.from() % form.size());
        try {
            inForm.requireIn(form);
            return inForm;
        } catch (Refusal e) {
            return Line.straight(line.extent(), line.travel(), line.turn(), inForm.from());
        }
    }

    private static Fraction placeIn(Meter meter, int place48) {
        Fraction place = Fraction.of(place48, 48);
        return place.abs().isLessThan(meter.bar()) ? place : place.dividedBy(Fraction.of(2));
    }

    private static Key keyOrNull(String tonic, Form form) {
        try {
            return Key.of(NoteName.parse(tonic), form);
        } catch (Refusal e) {
            return null;
        }
    }
}
