package pebblestep.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.scale.Direction;
import pebblestep.core.scale.Form;

/**
 * Wide intervals from one note, each further than the last: the first note alone, then there and back to each target.
 * To 3 5 8 it is 1, 131, 151, 181. Travelling up only, the way back is left out (13 15 18), and travelling down only,
 * the way there (31 51 81); down and up, each target is played before and after the first note. A turn struck twice
 * strikes the far note twice.
 *
 * @param targets notes of the range counted from its bottom, which is 1; without any, every chord note of the form
 *     within the range
 */
public record Reach(List<Integer> targets) implements Pattern {
    private static final int MOST = 16;
    private static final int FURTHEST = 50;

    /** Refuses over 16 targets, and targets that are not between 2 and 50. */
    public Reach {
        targets = List.copyOf(targets);
        if (targets.size() > MOST) throw Refusal.of("line.targets", "A reach goes to at most " + MOST + " notes.");
        if (targets.stream().anyMatch(target -> target < 2 || target > FURTHEST)) {
            throw Refusal.of(
                    "line.targets", "A reach goes to notes from 2 to " + FURTHEST + ", counted from the first.");
        }
    }

    @Override
    public PatternKind kind() {
        return PatternKind.REACH;
    }

    @Override
    public String inWords(Line line) {
        return targets.isEmpty() ? "reaching over " + line.extent().inWords() : "reaching to " + targets.getLast();
    }

    @Override
    public List<LineNote> notes(Form form, Line line) {
        LineNote near = LineNote.of(line.lowest(), Direction.DOWN);
        List<LineNote> notes = new ArrayList<>(List.of(near));
        for (int target : targetsIn(form, line)) {
            LineNote far = LineNote.of(line.lowest() + target - 1, Direction.UP);
            notes.addAll(
                    switch (line.travel()) {
                        case UP -> List.of(near, far);
                        case DOWN -> List.of(far, near);
                        case UP_DOWN -> turned(near, far, line.turn());
                        case DOWN_UP -> turned(far, near, line.turn());
                    });
        }
        return List.copyOf(notes);
    }

    private static List<LineNote> turned(LineNote out, LineNote turning, Turn turn) {
        return turn == Turn.SINGLE ? List.of(out, turning, out) : List.of(out, turning, turning, out);
    }

    private List<Integer> targetsIn(Form form, Line line) {
        if (!targets.isEmpty()) return targets;
        return IntStream.rangeClosed(line.lowest() + 1, line.highest(form))
                .filter(index -> form.chord().contains(index % form.size()) && isTriadNote(form, index))
                .map(index -> index - line.lowest() + 1)
                .boxed()
                .toList();
    }

    private static boolean isTriadNote(Form form, int index) {
        return form.chord().indexOf(index % form.size()) < ChordSize.TRIAD.notes();
    }

    @Override
    public void requireIn(Form form, Line line) {
        if (targetsIn(form, line).isEmpty()) {
            throw Refusal.of("line.targets", "There is no chord note of the " + form.name() + " in this range.")
                    .fits("Give the notes to reach for, such as 3, 5 and 8.");
        }
    }
}
