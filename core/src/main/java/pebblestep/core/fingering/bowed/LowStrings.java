package pebblestep.core.fingering.bowed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.CostTable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Shape.Height;
import pebblestep.core.fingering.Way;
import pebblestep.core.pitch.Pitch;

/**
 * The left hand on a cello, whose fingers stand a semitone apart and stretch to a whole step between the first and the second,
 * or on a double bass, where the first, second and fourth span a whole step. High up the thumb comes onto the string.
 *
 * @param open the open strings as they are read, the lowest first
 * @param bass whether it is a double bass
 * @param highest the highest position, in semitones from the open string to the first finger; {@link #WITH_THUMB} for all
 * @param stays the position in which the hand stays as far as it can, likewise; 0 where none is asked for
 */
public record LowStrings(List<Pitch> open, boolean bass, int highest, int stays) implements Hand {
    /** What positions are called, by the semitones from the open string to the first finger; common practice, no source. */
    private static final List<String> CELLO =
            List.of("half", "I", "low II", "II", "III", "high III", "IV", "low V", "V", "low VI", "VI", "VII");

    private static final List<String> BASS =
            List.of("half", "I", "II", "II–III", "III", "III–IV", "IV", "V", "V–VI", "VI", "VI–VII", "VII");

    /** The first finger in first position, a whole step above the open string. */
    private static final int FIRST_POSITION = 2;

    private static final String THUMB = "thumb";
    private static final int THUMB_FROM = 12;
    private static final int THUMB_TO = 24;
    private static final int FOURTH = 4;
    private static final int WAITS = 7;

    /** Costs of the left hand on long strings; common practice, no source. */
    private static final CostTable COSTS = new CostTable(
            """
            fourth;    40; the fourth finger
            position;  40; a position further up
            extended; 300; an extension
            thumb;    400; the thumb on the string
            shift;    450; a shift
            further;   60; by a semitone
            covered; -250; an open string covers it
            near;    -120; a half step covers it
            opens;    120; the hand opens or closes
            crosses;  100; crosses to the next string
            slurred;   60; in a slur
            slides;   250; one finger slides
            across;   150; one finger on two strings
            beyond;  2000; beyond the highest position
            leaves;   700; out of the position that is asked for
            aside;    400; an open string is out of the position that is asked for
            """);

    // What a move may cost, looked up once: a move is weighed many thousand times.
    private static final Cost SHIFT = COSTS.cost("shift");
    private static final Cost FURTHER = COSTS.cost("further");
    private static final Cost COVERED = COSTS.cost("covered");
    private static final Cost NEAR = COSTS.cost("near");
    private static final Cost OPENS = COSTS.cost("opens");
    private static final Cost CROSSES = COSTS.cost("crosses");
    private static final Cost SLURRED = COSTS.cost("slurred");
    private static final Cost SLIDES = COSTS.cost("slides");
    private static final Cost ACROSS = COSTS.cost("across");

    /** The highest position of who plays with the thumb on the string. */
    public static final int WITH_THUMB = THUMB_TO;

    public LowStrings {
        open = List.copyOf(open);
    }

    @Override
    public Family family() {
        return Family.BOWED;
    }

    private List<String> names() {
        return bass ? BASS : CELLO;
    }

    @Override
    public List<String> positions() {
        return names().subList(0, Math.min(highest, names().size()));
    }

    @Override
    public Hand inPosition(String name) {
        int at = positions().indexOf(name) + 1;
        return at == 0 ? this : new LowStrings(open, bass, highest, at);
    }

    @Override
    public List<String> strings() {
        return open.reversed().stream().map(string -> string.name().toString()).toList();
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return EnumSet.of(PlayersHand.Trait.HIGHEST);
    }

    @Override
    public Hand of(PlayersHand player) {
        int top = player.highest()
                .map(name -> names().indexOf(name) + 1)
                .filter(at -> at > 0)
                .orElse(highest);
        return new LowStrings(open, bass, top, stays);
    }

    /** The position in which the fourth finger takes the note on the first string; the first one for all that lies lower. */
    @Override
    public Hand upTo(Pitch note) {
        int semitones = note.midi() - open.getLast().midi();
        int needed = Math.max(names().indexOf("I") + 1, semitones - closed(FOURTH));
        return needed > names().size() || needed >= highest ? this : new LowStrings(open, bass, needed, stays);
    }

    /** As far as the highest position goes; a note that lies beyond it is played all the same, and says so. */
    @Override
    public List<Way> ways(Pitch written) {
        List<Way> all = allWays(written);
        List<Way> within = all.stream().filter(way -> isWithin(shape(way))).toList();
        return within.isEmpty() ? all : within;
    }

    private boolean isWithin(Shape.Bowed shape) {
        return highest == WITH_THUMB
                || shape.place() <= highest && !shape.position().equals(THUMB);
    }

    private List<Way> allWays(Pitch written) {
        List<Way> ways = new ArrayList<>();
        for (int string = 0; string < open.size(); string++) {
            int up = written.midi() - open.get(string).midi();
            // The hand waits where it is: an open string is one way for each position.
            for (int first = 2; up == 0 && first <= WAITS; first++) ways.add(way(string, 0, first, false, 0));
            for (int finger = 1; finger <= FOURTH; finger++) {
                if (bass && finger == 3) continue;
                add(ways, string, finger, up - closed(finger), false, up);
                if (!bass && finger > 1) add(ways, string, finger, up - finger, true, up);
            }
            if (!bass) add(ways, string, 1, up, true, up);
            for (int first = THUMB_FROM; first <= THUMB_TO; first++) addThumbed(ways, string, up - first, first);
        }
        ways.sort(
                Comparator.comparing(Way::cost).thenComparing(way -> way.text().equals("0") ? 0 : 1));
        return ways;
    }

    /** Semitones from the first finger to another in the closed hand. */
    private int closed(int finger) {
        return bass && finger == FOURTH ? 2 : finger - 1;
    }

    private void add(List<Way> ways, int string, int finger, int first, boolean extended, int up) {
        if (first >= 1 && first <= CELLO.size()) ways.add(way(string, finger, first, extended, up));
    }

    /** In thumb position the fingers stand a whole step from the thumb and then by steps of either size. */
    private void addThumbed(List<Way> ways, int string, int above, int thumb) {
        int finger =
                switch (above) {
                    case 0 -> -1;
                    case 1, 2 -> 1;
                    case 3, 4 -> 2;
                    case 5 -> 3;
                    default -> 0;
                };
        if (finger != 0) ways.add(thumbed(string, finger, thumb, above));
    }

    private Way way(int string, int finger, int first, boolean extended, int up) {
        String position = (bass ? BASS : CELLO).get(first - 1);
        List<Cost> costs = new ArrayList<>();
        if (finger > 0) {
            if (finger == FOURTH) costs.add(COSTS.cost("fourth"));
            if (first > 2) costs.add(COSTS.cost("position", first - 2, "position " + position));
            if (extended) costs.add(COSTS.cost("extended"));
            costs.addAll(asked(first));
        } else if (stays > FIRST_POSITION) {
            costs.add(COSTS.cost("aside"));
        }
        return new Way(
                open.get(string).id() + "-" + finger + (extended ? "x" : "") + (first == 2 ? "" : "@" + first),
                (extended && finger > 1 ? "x" : "") + finger,
                new Shape.Bowed(
                        open.size() - string,
                        open.get(string).name().toString(),
                        finger,
                        Height.PLAIN,
                        position,
                        first,
                        extended,
                        up),
                0,
                costs);
    }

    private Way thumbed(int string, int finger, int thumb, int above) {
        return new Way(
                open.get(string).id() + "-" + (finger < 0 ? "T" : finger) + "@" + THUMB + thumb + "+" + above,
                finger < 0 ? "T" : Integer.toString(finger),
                new Shape.Bowed(
                        open.size() - string,
                        open.get(string).name().toString(),
                        finger,
                        Height.PLAIN,
                        THUMB,
                        thumb,
                        false,
                        thumb + above),
                0,
                thumbTolls(thumb));
    }

    private List<Cost> thumbTolls(int thumb) {
        List<Cost> costs = new ArrayList<>();
        costs.add(COSTS.cost("thumb"));
        costs.add(COSTS.cost("position", thumb - 2, THUMB + " position"));
        costs.addAll(asked(thumb));
        return costs;
    }

    private List<Cost> asked(int first) {
        List<Cost> costs = new ArrayList<>();
        if (first > highest) {
            costs.add(COSTS.cost("beyond", 1, "beyond position " + names().get(Math.min(highest, names().size()) - 1)));
        }
        if (stays > 0 && first != stays) costs.add(COSTS.cost("leaves"));
        return costs;
    }

    private static Shape.Bowed shape(Way way) {
        return (Shape.Bowed) way.shape();
    }

    /** How far the hand goes: an open hand reaches back by a semitone, so that it may close either way without going. */
    private int by(Shape.Bowed one, Shape.Bowed other) {
        int straight = Math.abs(other.place() - one.place());
        if (one.extended() == other.extended()) return straight;
        int back = one.extended() ? one.place() + 1 - other.place() : other.place() + 1 - one.place();
        return Math.min(straight, Math.abs(back));
    }

    /** What sounds, as its note number. */
    private int sounding(Shape.Bowed one) {
        return open.get(open.size() - one.string()).midi() + one.above();
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        Shape.Bowed one = shape(from);
        Shape.Bowed other = shape(to);
        boolean isOpen = one.finger() == 0 || other.finger() == 0;
        int by = by(one, other);
        if (by > 0) {
            sink.add(SHIFT, 1, () -> "shift from " + one.position() + " to " + other.position());
            sink.add(FURTHER, by, () -> "by " + by + (by == 1 ? " semitone" : " semitones"));
            if (isOpen) sink.add(COVERED);
            else if (Math.abs(sounding(one) - sounding(other)) == 1) sink.add(NEAR);
        } else if (!isOpen && one.extended() != other.extended()) sink.add(OPENS);
        int strings = Math.abs(one.string() - other.string());
        if (strings > 0) {
            sink.add(
                    CROSSES,
                    strings,
                    () -> strings == 1 ? "crosses to the next string" : "crosses " + strings + " strings");
            if (onset.slurred()) sink.add(SLURRED);
        }
        if (!isOpen && one.finger() == other.finger() && by == 0) {
            if (strings == 0 && !from.equals(to)) sink.add(SLIDES);
            if (strings > 0) sink.add(ACROSS);
        }
    }
}
