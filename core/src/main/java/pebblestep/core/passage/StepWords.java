package pebblestep.core.passage;

import java.util.List;
import pebblestep.core.line.Arpeggio;
import pebblestep.core.line.ChordSize;
import pebblestep.core.line.Chords;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Free;
import pebblestep.core.line.Line;
import pebblestep.core.line.Pattern;
import pebblestep.core.line.Pivot;
import pebblestep.core.line.Reach;
import pebblestep.core.line.Sequence;
import pebblestep.core.line.Straight;
import pebblestep.core.line.Travel;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Figures;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.rhythm.ValueNames;

/** Says a step in few words, for a list. */
public final class StepWords {
    private static final String[] NUMBERS = {"", "one octave", "two octaves", "three octaves", "four octaves"};
    private static final String[] INTERVALS = {"", "", "thirds", "fourths", "fifths", "sixths", "sevenths", "octaves"};
    private static final String[] GROUPS = {"", "", "", "threes", "fours", "fives", "sixes"};

    private StepWords() {}

    /** Everything but the key, with American names of values. */
    public static String withoutKey(Step step) {
        return withoutKey(step, ValueNames.AMERICAN);
    }

    /** Everything but the key: {@code two octaves up and down in thirds, sixteenths from 2}. */
    public static String withoutKey(Step step, ValueNames names) {
        String line = line(step.line());
        String slurs = step.articulation().kind() == Articulation.Kind.SEPARATE
                ? ""
                : ", " + step.articulation().inWords();
        return line + ", " + figure(step.rhythm(), names) + " from "
                + Count.of(step.place(), step.meter()).inWords() + slurs;
    }

    /** The values of a rhythm: {@code sixteenths}, {@code dotted pairs, long first}, else the cycle. */
    private static String figure(Rhythm rhythm, ValueNames names) {
        String values = figure(rhythm.figure(), names);
        String struck = rhythm.strikes() == 1 ? "" : ", each struck " + rhythm.strikes() + " times";
        String legs = rhythm.legs().isEmpty() ? "" : ", changing on the way";
        return values + struck + legs;
    }

    /** The values of a figure: {@code sixteenths}, {@code gallop}, else the cycle. */
    public static String figure(Figure figure, ValueNames names) {
        return figure.even()
                .map(value -> ValueName.plural(value, names))
                .or(() -> Figures.all().stream()
                        .filter(named -> named.figure().equals(figure))
                        .map(Figures.Named::name)
                        .findFirst())
                .orElse("values " + figure);
    }

    /** A title for a step that has none: {@code Db major, two octaves up and down, sixteenths from 2}. */
    public static String title(Step step) {
        return step.title().isBlank() ? step.key() + ", " + withoutKey(step) : step.title();
    }

    /** A line: {@code two octaves up and down in thirds}. */
    public static String line(Line line) {
        String range = extent(line.extent()) + " " + travel(line.travel());
        Pattern pattern = line.pattern();
        if (pattern instanceof Straight) return range;
        if (pattern instanceof Arpeggio arpeggio) {
            return (arpeggio.chord() == ChordSize.SEVENTH ? "seventh arpeggio, " : "arpeggio, ") + range;
        }
        if (pattern instanceof Sequence sequence) return range + " in " + cell(sequence.cell());
        if (pattern instanceof Reach reach) {
            return reach.targets().isEmpty()
                    ? "reaching over " + extent(line.extent())
                    : "reaching to " + reach.targets().get(reach.targets().size() - 1);
        }
        if (pattern instanceof Pivot) return "pivot over " + extent(line.extent());
        if (pattern instanceof Chords chords) {
            return (chords.chord() == ChordSize.SEVENTH ? "sevenths" : "triads") + " of the key, " + range;
        }
        Free free = (Free) pattern;
        return free.moved() ? "own figure moved, " + range : "own figure";
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
        return extent instanceof Extent.Octaves octaves
                ? NUMBERS[octaves.count()]
                : ((Extent.Span) extent).notes() + " notes";
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
