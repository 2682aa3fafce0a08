package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/** The notes of a form in order: one octave of major up and down is 1 2 3 4 5 6 7 8 7 6 5 4 3 2 1. */
public record Straight() implements Pattern {
    @Override
    public PatternKind kind() {
        return PatternKind.STRAIGHT;
    }

    @Override
    public String inWords(Line line) {
        return line.range();
    }

    @Override
    public List<LineNote> notes(Form form, Line line) {
        List<LineNote> up = new ArrayList<>();
        List<LineNote> down = new ArrayList<>();
        int highest = line.highest(form);
        for (int i = line.lowest(); i <= highest; i++) up.add(LineNote.of(i, Direction.UP));
        for (int i = highest; i >= line.lowest(); i--) down.add(LineNote.of(i, Direction.DOWN));
        return Ways.joined(up, down, true, line);
    }

    @Override
    public int count(Form form, Line line) {
        int oneWay = line.extent().steps(form.size()) + 1;
        if (!line.travel().turns()) return oneWay;
        return line.turn() == Turn.SINGLE ? 2 * oneWay - 1 : 2 * oneWay;
    }
}
