package pebblestep.core.passage;

import java.util.List;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.line.Arpeggio;
import pebblestep.core.line.ChordSize;
import pebblestep.core.line.Chords;
import pebblestep.core.line.Extent;
import pebblestep.core.line.Free;
import pebblestep.core.line.FreeDegrees;
import pebblestep.core.line.Line;
import pebblestep.core.line.Pattern;
import pebblestep.core.line.Pivot;
import pebblestep.core.line.Reach;
import pebblestep.core.line.Sequence;
import pebblestep.core.line.Straight;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;

/** The patterns that a teacher chooses from, by the names they go by: data in one place. To add one, add its row. */
public final class Material {

    /**
     * One pattern to choose.
     *
     * @param id its own name
     * @param name in words
     * @param also other words by which it is looked for
     * @param description what is played, in one line
     * @param line an octave of it, up and down
     */
    public record Entry(String id, String name, String also, String description, Line line) {}

    private static final List<Entry> PATTERNS = List.of(
            entry("straight", "Straight", "scale run stepwise", "The notes in order.", new Straight()),
            entry(
                    "arpeggio",
                    "Arpeggio in three",
                    "triad broken chord inversion",
                    "Root, third and fifth; start on another of them for an inversion.",
                    new Arpeggio(ChordSize.TRIAD)),
            entry(
                    "seventh-arpeggio",
                    "Arpeggio in four",
                    "seventh chord broken inversion",
                    "Root, third, fifth and seventh.",
                    new Arpeggio(ChordSize.SEVENTH)),
            entry("thirds", "Thirds", "sequence cell broken thirds 13 24", "13 24 35 and so on.", cell(0, 2)),
            entry("fourths", "Fourths", "sequence cell 14 25", "14 25 36 and so on.", cell(0, 3)),
            entry("fifths", "Fifths", "sequence cell 15 26", "15 26 37 and so on.", cell(0, 4)),
            entry("sixths", "Sixths", "sequence cell 16 27", "16 27 38 and so on.", cell(0, 5)),
            entry("sevenths", "Sevenths", "sequence cell 17 28", "17 28 39 and so on.", cell(0, 6)),
            entry(
                    "octaves",
                    "Octaves",
                    "sequence cell broken octaves 18",
                    "18 29 and so on; needs two octaves.",
                    cell(0, 7)),
            entry("threes", "Threes", "sequence cell groups of three 123 234", "123 234 345 and so on.", cell(0, 1, 2)),
            entry(
                    "fours",
                    "Fours",
                    "sequence cell groups of four 1234 2345",
                    "1234 2345 3456 and so on.",
                    cell(0, 1, 2, 3)),
            entry(
                    "turns",
                    "Turning cell",
                    "sequence ornament neighbour",
                    "1 2 3 1, 2 3 4 2 and so on.",
                    cell(0, 1, 2, 0)),
            entry(
                    "reach",
                    "Wide intervals",
                    "reach leaps slurred interval",
                    "The first note, then out and back to each chord note, further each time.",
                    new Reach(List.of())),
            entry(
                    "pivot",
                    "Falling pivot",
                    "pivot semitones chromatic fifth",
                    "The fifth against notes that fall from it by semitones.",
                    new Pivot()),
            entry(
                    "triads",
                    "Triads of the key",
                    "chords broken diatonic",
                    "A triad on each note of the key.",
                    new Chords(ChordSize.TRIAD)),
            entry(
                    "seventh-chords",
                    "Sevenths of the key",
                    "chords broken diatonic seventh",
                    "A seventh chord on each note of the key.",
                    new Chords(ChordSize.SEVENTH)),
            entry(
                    "free",
                    "Own degrees",
                    "free typed custom figure",
                    "Degrees you type, moved through the key if you wish.",
                    new Free(FreeDegrees.parse("1 2 3 1"), true)));

    private Material() {}

    /** Every pattern, in the order a teacher meets them. */
    public static List<Entry> patterns() {
        return PATTERNS;
    }

    /** The pattern of that name; refuses names that are not in the list. */
    public static Entry pattern(String id) {
        return PATTERNS.stream()
                .filter(entry -> entry.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.of("There is no pattern \"" + id + "\" here."));
    }

    private static Pattern cell(int... offsets) {
        return new Sequence(IntStream.of(offsets).boxed().toList());
    }

    private static Entry entry(String id, String name, String also, String description, Pattern pattern) {
        int octaves = pattern instanceof Sequence sequence && sequence.cell().contains(7) ? 2 : 1;
        Line line = new Line(pattern, Extent.octaves(octaves), Travel.UP_DOWN, Turn.SINGLE, 1);
        return new Entry(id, name, also, description, line);
    }
}
