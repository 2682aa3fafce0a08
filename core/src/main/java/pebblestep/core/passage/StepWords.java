package pebblestep.core.passage;

import java.util.List;
import pebblestep.core.Words;
import pebblestep.core.line.Arpeggio;
import pebblestep.core.line.Chords;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Free;
import pebblestep.core.line.Line;
import pebblestep.core.line.Pivot;
import pebblestep.core.line.Reach;
import pebblestep.core.line.Sequence;
import pebblestep.core.line.Straight;
import pebblestep.core.line.Travel;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Figures;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;

/** Says a step in few words, for a list. */
public final class StepWords {
    private static final String[] INTERVALS = {"", "", "thirds", "fourths", "fifths", "sixths", "sevenths", "octaves"};
    private static final String[] GROUPS = {"", "", "", "threes", "fours", "fives", "sixes"};

    private StepWords() {}

    /** Everything but the key: {@code two octaves up and down in thirds, sixteenths from 2}. */
    public static String withoutKey(Step step, Speech speech) {
        String line = line(step.line());
        String slurs = step.articulation().kind() == ArticulationKind.SEPARATE
                ? ""
                : ", " + step.articulation().inWords();
        return line + ", " + figure(step.rhythm(), speech) + " from "
                + Count.of(step.place(), step.meter()).inWords() + slurs;
    }

    /** The values of a rhythm: {@code sixteenths}, {@code dotted pairs, long first}, else the cycle. */
    private static String figure(Rhythm rhythm, Speech speech) {
        String values = figure(rhythm.figure(), speech);
        String struck = rhythm.strikes() == 1 ? "" : ", each struck " + rhythm.strikes() + " times";
        String legs = rhythm.legs().isEmpty() ? "" : ", changing on the way";
        return values + struck + legs;
    }

    /** The values of a figure: {@code sixteenths}, {@code gallop}, else the cycle. */
    public static String figure(Figure figure, Speech speech) {
        return figure.even()
                .map(value -> ValueName.plural(value, speech.names()))
                .or(() -> Figures.all().stream()
                        .filter(named -> named.figure().equals(figure))
                        .map(Figures.Named::name)
                        .findFirst())
                .orElse("values " + figure);
    }

    /** A title for a step that has none: {@code Db major, two octaves up and down, sixteenths from 2}. */
    public static String title(Step step, Speech speech) {
        return step.title().isBlank() ? step.key() + ", " + withoutKey(step, speech) : step.title();
    }

    /** A line: {@code two octaves up and down in thirds}. */
    public static String line(Line line) {
        String range = extent(line.extent()) + " " + travel(line.travel());
        return switch (line.pattern()) {
            case Straight straight -> range;
            case Arpeggio arpeggio ->
                switch (arpeggio.chord()) {
                            case TRIAD -> "arpeggio, ";
                            case SEVENTH -> "seventh arpeggio, ";
                        }
                        + range;
            case Sequence sequence -> range + " in " + cell(sequence.cell());
            case Reach reach when reach.targets().isEmpty() -> "reaching over " + extent(line.extent());
            case Reach reach -> "reaching to " + reach.targets().getLast();
            case Pivot pivot -> "pivot over " + extent(line.extent());
            case Chords chords ->
                switch (chords.chord()) {
                            case TRIAD -> "triads";
                            case SEVENTH -> "sevenths";
                        }
                        + " of the key, " + range;
            case Free free -> free.moved() ? "own figure moved, " + range : "own figure";
        };
    }

    /** A cell by its usual name: thirds for 0 2, fours for 0 1 2 3; else its offsets. */
    public static String cell(List<Integer> cell) {
        boolean pair = cell.size() == 2 && cell.get(0) == 0 && cell.get(1) >= 2 && cell.get(1) < INTERVALS.length;
        if (pair) return INTERVALS[cell.get(1)];
        boolean run = cell.size() >= 3 && cell.size() < GROUPS.length;
        for (int i = 0; i < cell.size(); i++) run &= cell.get(i) == i;
        if (run) return GROUPS[cell.size()];
        return "cells of "
                + String.join(
                        " ", cell.stream().map(o -> Integer.toString(o + 1)).toList());
    }

    /** How far a line goes: {@code two octaves}, {@code 5 notes}. */
    public static String extent(Extent extent) {
        return switch (extent) {
            case Extent.Octaves octaves -> Words.spelled(octaves.count(), "octave");
            case Extent.Span span -> span.notes() + " notes";
        };
    }

    private static String travel(Travel travel) {
        return switch (travel) {
            case UP_DOWN -> "up and down";
            case DOWN_UP -> "down and up";
            case UP -> "up";
            case DOWN -> "down";
        };
    }
}
