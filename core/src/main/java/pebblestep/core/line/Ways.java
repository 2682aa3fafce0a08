package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;

/** Joins the way up and the way down of a pattern as a line travels. */
final class Ways {
    private Ways() {}

    /**
     * The whole line.
     *
     * @param up the way up
     * @param down the way down
     * @param shared whether the last note of one way is the first of the other, and so struck once as a rule; where
     *     the ways do not share it, striking it twice adds it once more
     */
    static List<LineNote> joined(List<LineNote> up, List<LineNote> down, boolean shared, Line line) {
        return switch (line.travel()) {
            case UP -> up;
            case DOWN -> down;
            case UP_DOWN -> joined(up, down, shared, line.turn());
            case DOWN_UP -> joined(down, up, shared, line.turn());
        };
    }

    private static List<LineNote> joined(List<LineNote> out, List<LineNote> back, boolean shared, Turn turn) {
        List<LineNote> notes = new ArrayList<>(out.size() + back.size() + 1);
        notes.addAll(out);
        if (turn == Turn.DOUBLE) notes.add(out.get(out.size() - 1));
        notes.addAll(shared ? back.subList(1, back.size()) : back);
        return List.copyOf(notes);
    }
}
