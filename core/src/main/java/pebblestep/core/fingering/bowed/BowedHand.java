package pebblestep.core.fingering.bowed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.CostTable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Shape.Height;
import pebblestep.core.fingering.Way;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.pitch.Pitch;

/**
 * The left hand on a violin or a viola, where fingers follow letters: the finger is the number of letters from the open string,
 * less the position and one. A note whose letter gives no finger goes by its sound.
 *
 * @param open the open strings as they are read, the lowest first
 * @param highest the highest position that the player takes, from 1
 * @param openStrings how they are taken
 * @param stays the position in which the hand stays as far as it can; 0 where none is asked for
 */
public record BowedHand(List<Pitch> open, int highest, OpenStrings openStrings, int stays) implements Hand {
    /** How open strings are taken. */
    public enum OpenStrings implements School {
        PREFER("open strings"),
        AVOID("fourth finger instead of open strings"),
        AVOID_DOWN("open strings going up, fourth finger coming down");

        private final String words;

        OpenStrings(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    static final String[] ROMAN = {
        "half", "I", "II", "III", "IV", "V", "VI", "VII", "VIII", "IX", "X", "XI", "XII", "XIII", "XIV"
    };

    private static final int FOURTH = 4;
    private static final int MOST_ASKED = 7;

    /** Costs of the left hand on strings; common practice, no source. */
    private static final CostTable COSTS = new CostTable(
            """
            open;     400; an open string
            fourth;   120; the fourth finger
            instead;  250; where a string is open
            position;  60; a position further up
            sound;    350; not the finger of its letter
            low;      120; a finger drawn back
            high;     120; a finger stretched up
            far;      450; an extension
            beyond;  2000; beyond the highest position
            leaves;   700; out of the position that is asked for
            aside;    400; an open string is out of the position that is asked for
            down;    2000; an open string coming down
            shift;    450; a shift
            further;  110; by a position
            covered; -250; an open string covers it
            near;    -120; a half step covers it
            crosses;  100; crosses to the next string
            slurred;   60; in a slur
            slides;   250; one finger slides
            across;   150; one finger on two strings
            """);

    // What a move may cost, looked up once: a move is weighed many thousand times.
    private static final Cost DOWN = COSTS.cost("down");
    private static final Cost SHIFT = COSTS.cost("shift");
    private static final Cost FURTHER = COSTS.cost("further");
    private static final Cost COVERED = COSTS.cost("covered");
    private static final Cost NEAR = COSTS.cost("near");
    private static final Cost CROSSES = COSTS.cost("crosses");
    private static final Cost SLURRED = COSTS.cost("slurred");
    private static final Cost SLIDES = COSTS.cost("slides");
    private static final Cost ACROSS = COSTS.cost("across");

    /** Refuses a highest position that has no name here. */
    public BowedHand {
        open = List.copyOf(open);
        if (highest < 1 || highest >= ROMAN.length) {
            throw new IllegalArgumentException(
                    "Positions go from 1 to " + (ROMAN.length - 1) + ", not to " + highest + ".");
        }
    }

    @Override
    public Family family() {
        return Family.BOWED;
    }

    @Override
    public List<School> schools() {
        return List.of(OpenStrings.values());
    }

    @Override
    public Optional<School> school() {
        return Optional.of(openStrings);
    }

    @Override
    public Hand inSchool(String id) {
        return School.isAmong(OpenStrings.values(), id)
                ? new BowedHand(open, highest, School.among(OpenStrings.values(), id), stays)
                : this;
    }

    @Override
    public List<String> positions() {
        return List.of(ROMAN).subList(1, Math.min(highest, MOST_ASKED) + 1);
    }

    @Override
    public Hand inPosition(String name) {
        int at = positions().indexOf(name) + 1;
        return at == 0 ? this : new BowedHand(open, highest, openStrings, at);
    }

    @Override
    public List<String> strings() {
        return open.reversed().stream().map(string -> string.name().toString()).toList();
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return EnumSet.of(PlayersHand.Trait.HIGHEST, PlayersHand.Trait.SCHOOL);
    }

    @Override
    public Hand of(PlayersHand player) {
        int top = player.highest()
                .map(List.of(ROMAN)::indexOf)
                .filter(at -> at > 0)
                .orElse(highest);
        BowedHand own = new BowedHand(open, top, openStrings, stays);
        return player.school().map(own::inSchool).orElse(own);
    }

    /** The position in which the fourth finger takes the note on the first string; the first one for all that lies lower. */
    @Override
    public Hand upTo(Pitch note) {
        int letters = note.diatonic() - open.getLast().diatonic();
        int needed = Math.max(1, letters - FOURTH + 1);
        return needed >= highest ? this : new BowedHand(open, needed, openStrings, stays);
    }

    /** As far as the highest position goes; a note that lies beyond it is played all the same, and says so. */
    @Override
    public List<Way> ways(Pitch written) {
        List<Way> ways = ways(written, highest);
        if (ways.isEmpty()) ways = ways(written, ROMAN.length - 1);
        ways.sort(Comparator.comparing(Way::cost));
        return ways;
    }

    private List<Way> ways(Pitch written, int top) {
        List<Way> ways = new ArrayList<>();
        for (int string = 0; string < open.size(); string++) {
            add(ways, written, written, string, top);
            for (Pitch other : soundingAlike(written)) add(ways, other, written, string, top);
        }
        return ways;
    }

    /** The same sound by the letters on either side. */
    private static List<Pitch> soundingAlike(Pitch written) {
        List<Pitch> alike = new ArrayList<>();
        for (int steps : new int[] {-1, 1}) {
            int target = written.diatonic() + steps;
            Letter letter = written.name().letter().plus(steps);
            int octave = Math.floorDiv(target, 7);
            int alteration = written.midi() - (octave + 1) * 12 - letter.semitones();
            if (Math.abs(alteration) <= 1) alike.add(Pitch.of(new NoteName(letter, alteration), octave));
        }
        return alike;
    }

    private void add(List<Way> ways, Pitch by, Pitch written, int string, int top) {
        Pitch from = open.get(string);
        int letters = by.diatonic() - from.diatonic();
        int semitones = by.midi() - from.midi();
        boolean own = by.equals(written);
        if (semitones == 0 && letters == 0) {
            // The hand waits where it is: an open string is one way for each position.
            for (int position = 1; position <= top; position++) ways.add(openWay(string, position));
            return;
        }
        if (letters < 1 || semitones < 1) return;
        boolean isOpen = open.stream().anyMatch(other -> other.midi() == written.midi());
        for (int finger = 1; finger <= FOURTH; finger++) {
            int position = letters - finger + 1;
            if (position < 1 || position > top) continue;
            int above = semitones - frame(string, position);
            Height height = height(finger, above);
            if (height == null) continue;
            ways.add(way(
                    new Shape.Bowed(
                            number(string),
                            from.name().toString(),
                            finger,
                            height,
                            ROMAN[position],
                            position,
                            isFar(finger, above),
                            semitones),
                    own,
                    isOpen,
                    position));
        }
    }

    /** Semitones from the open string to where the first finger stands as a rule: those of a major scale on the string. */
    private static int frame(int string, int position) {
        int octaves = position / 7;
        return Letter.values()[position % 7].semitones() + 12 * octaves;
    }

    /** How a finger stands that lies so many semitones above the place of the first; nothing where it does not reach. */
    private static @org.jspecify.annotations.Nullable Height height(int finger, int above) {
        return switch (finger) {
            case 1 -> above == 0 ? Height.PLAIN : above == -1 ? Height.LOW : null;
            case 2 -> above == 1 ? Height.LOW : above == 2 ? Height.HIGH : null;
            case 3 -> above == 3 ? Height.PLAIN : above == 4 ? Height.HIGH : above == 2 ? Height.LOW : null;
            default -> above == 5 ? Height.PLAIN : above == 4 ? Height.LOW : above == 6 ? Height.HIGH : null;
        };
    }

    private static boolean isFar(int finger, int above) {
        return finger == FOURTH && above == 6;
    }

    private Way openWay(int string, int position) {
        List<Cost> costs = new ArrayList<>();
        if (openStrings == OpenStrings.AVOID) costs.add(COSTS.cost("open"));
        if (stays > 1) costs.add(COSTS.cost("aside"));
        String name = open.get(string).name().toString();
        return new Way(
                open.get(string).id() + "-0" + (position == 1 ? "" : "@" + ROMAN[position]),
                "0",
                new Shape.Bowed(number(string), name, 0, Height.PLAIN, ROMAN[position], position, false, 0),
                0,
                costs);
    }

    private Way way(Shape.Bowed shape, boolean own, boolean isOpen, int position) {
        List<Cost> costs = new ArrayList<>();
        int finger = shape.finger();
        if (finger == FOURTH) costs.add(COSTS.cost("fourth"));
        if (finger == FOURTH && position == 1 && isOpen && openStrings == OpenStrings.PREFER)
            costs.add(COSTS.cost("instead"));
        if (position > 1) costs.add(COSTS.cost("position", position - 1, "position " + shape.position()));
        if (!own) costs.add(COSTS.cost("sound"));
        if (position > highest) costs.add(COSTS.cost("beyond", 1, "beyond position " + ROMAN[highest]));
        if (stays > 0 && position != stays) costs.add(COSTS.cost("leaves"));
        if (shape.extended()) costs.add(COSTS.cost("far"));
        else if (finger != 2 && shape.height() == Height.LOW) costs.add(COSTS.cost("low"));
        else if (finger != 2 && shape.height() == Height.HIGH) costs.add(COSTS.cost("high"));
        String mark = finger == 0 || shape.height() == Height.PLAIN ? "" : shape.height() == Height.LOW ? "l" : "h";
        return new Way(
                open.get(open.size() - shape.string()).id() + "-" + finger + mark
                        + (position == 1 ? "" : "@" + shape.position()) + (own ? "" : "s"),
                Integer.toString(finger),
                shape,
                0,
                costs);
    }

    private int number(int string) {
        return open.size() - string;
    }

    /** What sounds, as its note number. */
    private int sounding(Shape.Bowed one) {
        return open.get(open.size() - one.string()).midi() + one.above();
    }

    private static Shape.Bowed shape(Way way) {
        return (Shape.Bowed) way.shape();
    }

    private static boolean isDownToOpen(Shape.Bowed one, Shape.Bowed other) {
        boolean down = one.string() < other.string() || one.string() == other.string() && one.finger() > 0;
        return other.finger() == 0 && down;
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        Shape.Bowed one = shape(from);
        Shape.Bowed other = shape(to);
        int by = Math.abs(other.place() - one.place());
        boolean isOpen = one.finger() == 0 || other.finger() == 0;
        if (openStrings == OpenStrings.AVOID_DOWN && isDownToOpen(one, other)) sink.add(DOWN);
        if (by > 0) {
            sink.add(SHIFT, 1, () -> "shift from " + one.position() + " to " + other.position());
            sink.add(FURTHER, by, () -> "by " + by + (by == 1 ? " position" : " positions"));
            if (isOpen) sink.add(COVERED);
            else if (Math.abs(sounding(one) - sounding(other)) == 1) sink.add(NEAR);
        }
        int strings = Math.abs(one.string() - other.string());
        if (strings > 0) {
            sink.add(
                    CROSSES,
                    strings,
                    () -> strings == 1 ? "crosses to the next string" : "crosses " + strings + " strings");
            if (onset.slurred()) sink.add(SLURRED);
        }
        if (!isOpen && one.finger() == other.finger()) {
            if (strings == 0 && by == 0 && one.height() != other.height()) sink.add(SLIDES);
            if (strings > 0 && by == 0) sink.add(ACROSS);
        }
    }
}
