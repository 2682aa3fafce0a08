package pebblestep.core.line;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * A cell of scale offsets, moved one scale step at a time and mirrored on the way down; it never passes the top or the
 * bottom of the range. The cell 0 2 over an octave is 13 24 35 46 57 68, then 86 75 64 53 42 31.
 *
 * @param cell offsets in scale steps from the note on which each cell stands
 */
public record Sequence(List<Integer> cell) implements Pattern {
    private static final String[] INTERVALS = {"", "", "thirds", "fourths", "fifths", "sixths", "sevenths", "octaves"};
    private static final String[] GROUPS = {"", "", "", "threes", "fours", "fives", "sixes"};
    private static final int LONGEST = 16;
    private static final int WIDEST = 28;

    /** Refuses cells without notes, of over 16 notes, and offsets beyond four octaves of a seven-note form. */
    public Sequence {
        cell = List.copyOf(cell);
        if (cell.isEmpty() || cell.size() > LONGEST) {
            throw Refusal.of("line.cell", "A cell has 1 to " + LONGEST + " notes, not " + cell.size() + ".");
        }
        if (cell.stream().anyMatch(offset -> Math.abs(offset) > WIDEST)) {
            throw Refusal.of("line.cell", "The notes of a cell lie at most " + WIDEST + " scale steps apart.");
        }
    }

    @Override
    public PatternKind kind() {
        return PatternKind.SEQUENCE;
    }

    @Override
    public String inWords(Line line) {
        return line.range() + " in " + cellInWords();
    }

    @Override
    public List<LineNote> notes(Form form, Line line) {
        int below = -Math.min(0, Collections.min(cell));
        int above = Math.max(0, Collections.max(cell));
        int highest = line.highest(form);
        List<LineNote> up = new ArrayList<>();
        List<LineNote> down = new ArrayList<>();
        for (int at = line.lowest() + below; at + above <= highest; at++) {
            for (int offset : cell) up.add(LineNote.of(at + offset, Direction.UP));
        }
        for (int at = highest - below; at - above >= line.lowest(); at--) {
            for (int offset : cell) down.add(LineNote.of(at - offset, Direction.DOWN));
        }
        return Ways.joined(up, down, false, line);
    }

    @Override
    public void requireIn(Form form, Line line) {
        int width = Math.max(0, Collections.max(cell)) - Math.min(0, Collections.min(cell));
        int range = line.highest(form) - line.lowest();
        if (width > range) {
            throw Refusal.of(
                            "line.cell",
                            "This cell is " + (width + 1) + " notes wide; the range has only " + (range + 1) + ".")
                    .fits("Widen the range, or use a smaller cell.");
        }
    }

    /** The cell by its usual name: thirds for 0 2, fours for 0 1 2 3; else its offsets. */
    private String cellInWords() {
        boolean pair = cell.size() == 2 && cell.get(0) == 0 && cell.get(1) >= 2 && cell.get(1) < INTERVALS.length;
        if (pair) return INTERVALS[cell.get(1)];
        boolean run = cell.size() >= 3 && cell.size() < GROUPS.length;
        for (int i = 0; i < cell.size(); i++) run &= cell.get(i) == i;
        if (run) return GROUPS[cell.size()];
        return "cells of "
                + String.join(
                        " ", cell.stream().map(o -> Integer.toString(o + 1)).toList());
    }
}
