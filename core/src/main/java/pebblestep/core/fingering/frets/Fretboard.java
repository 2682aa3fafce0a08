package pebblestep.core.fingering.frets;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Rounding;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.CostTable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.SettledHand;
import pebblestep.core.pitch.Pitch;

/**
 * A neck with frets. Fret n stands {@code scale * (1 - 2^(-n/12))} from the nut, so that the same shape is easier further up.
 *
 * @param open open strings as the player reads them, the first string first
 * @param scaleMm how long a string is, in millimetres
 * @param frets how many there are
 * @param reachMm what a hand spans at most where it stretches, in millimetres
 * @param goes how the hand goes about
 * @param stays the fret at which the first finger stays as far as it can; 0 where none is asked for
 */
public record Fretboard(List<Pitch> open, double scaleMm, int frets, double reachMm, FretSchool goes, int stays)
        implements Hand {
    /** How the hand goes about on a neck. */
    public enum FretSchool implements School {
        FINGER_A_FRET("one finger a fret"),
        THREE_A_STRING("three notes a string"),
        OPEN_POSITION("open position"),
        ONE_STRING("along one string"),
        SAME_SHAPE("same fingers in every key");

        private final String words;

        FretSchool(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    private static final int FINGERS = 4;
    private static final double SEMITONES = 12;
    private static final int LOWEST_FRETS = 4;

    /** Costs of the hand on a neck; common practice, no source, but for the millimetres. */
    private static final CostTable COSTS = new CostTable(
            """
            high;      1; further up the neck
            open;    500; an open string leaves the shape
            away;    900; away from the lowest frets
            stretch;   9; a stretch, by the millimetre
            little;  150; the little finger stretches
            step;    150; the hand moves by a fret
            shift;   450; the hand shifts
            further;  90; by a fret
            covered;  80; a shift over an open string, by a fret
            string;   60; to another string
            same;    300; one finger on two frets
            leaves;   700; out of the position that is asked for
            """);

    // What a move may cost, looked up once: a move is weighed many thousand times.
    private static final Cost STEP = COSTS.cost("step");
    private static final Cost SHIFT = COSTS.cost("shift");
    private static final Cost FURTHER = COSTS.cost("further");
    private static final Cost COVERED = COSTS.cost("covered");
    private static final Cost STRING = COSTS.cost("string");
    private static final Cost SAME = COSTS.cost("same");

    public Fretboard {
        open = List.copyOf(open);
    }

    private static final double SMALL_REACH_MM = 90;
    private static final int HIGHEST_POSITION = 12;

    @Override
    public List<School> schools() {
        return List.of(FretSchool.values());
    }

    @Override
    public Optional<School> school() {
        return Optional.of(goes);
    }

    @Override
    public Hand inSchool(String id) {
        return School.isAmong(FretSchool.values(), id)
                ? new Fretboard(open, scaleMm, frets, reachMm, School.among(FretSchool.values(), id), stays)
                : this;
    }

    @Override
    public List<String> positions() {
        return IntStream.rangeClosed(1, Math.min(HIGHEST_POSITION, frets - FINGERS + 1))
                .mapToObj(String::valueOf)
                .toList();
    }

    @Override
    public Hand inPosition(String name) {
        int at = positions().indexOf(name) + 1;
        return at == 0 ? this : new Fretboard(open, scaleMm, frets, reachMm, goes, at);
    }

    @Override
    public List<String> strings() {
        return open.stream().map(string -> string.name().toString()).toList();
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return EnumSet.of(
                PlayersHand.Trait.SCHOOL,
                PlayersHand.Trait.STRINGS,
                PlayersHand.Trait.CAPO,
                PlayersHand.Trait.SIZE,
                PlayersHand.Trait.LEFT_HANDED);
    }

    /** With a capo the frets are counted from it, on strings that are as much shorter and higher. */
    @Override
    public Hand of(PlayersHand player) {
        int capo = player.capo();
        List<Pitch> strings = (player.strings().isEmpty() ? open : player.strings())
                .stream()
                        .map(string -> capo == 0 ? string : Pitch.commonlyNamed(string.midi() + capo))
                        .toList();
        double reach = player.size() == PlayersHand.Size.SMALL ? SMALL_REACH_MM : reachMm;
        Fretboard own = new Fretboard(strings, scaleMm - millimetres(capo), frets - capo, reach, goes, stays);
        return player.school().map(own::inSchool).orElse(own);
    }

    /** Whoever plays nothing beyond the lowest frets begins there, with open strings; common practice, no source. */
    @Override
    public Hand upTo(Pitch highest) {
        return fret(highest, 1) <= LOWEST_FRETS ? inSchool(FretSchool.OPEN_POSITION.id()) : this;
    }

    @Override
    public Family family() {
        return Family.FRETS;
    }

    /** How far so many half steps lie from the nut, as a share of the string. */
    public static double share(int semitones) {
        return 1 - Math.pow(2, -semitones / SEMITONES);
    }

    /** Where a fret stands, in millimetres from the nut. */
    public double millimetres(int fret) {
        return scaleMm * share(fret);
    }

    @Override
    public List<Way> ways(Pitch written) {
        List<Way> ways = new ArrayList<>();
        for (int string = 1; string <= open.size(); string++) ways.addAll(ways(written, string));
        ways.sort(Comparator.comparing((Way way) -> shape(way).fret())
                .thenComparing(way -> shape(way).finger()));
        return ways;
    }

    /** Ways on one string: any finger, in the position that it stands in, and the outer ones stretched. */
    private List<Way> ways(Pitch written, int string) {
        int fret = fret(written, string);
        List<Way> ways = new ArrayList<>();
        if (fret == 0) ways.add(way(new Shape.Fretted(string, 0, 0, 0)));
        if (fret <= 0 || fret > frets) return ways;
        for (int finger = 1; finger <= FINGERS; finger++) {
            int position = fret - finger + 1;
            if (position >= 1) ways.add(way(new Shape.Fretted(string, fret, finger, position)));
        }
        if (isReached(fret, fret + FINGERS)) ways.add(way(new Shape.Fretted(string, fret, 1, fret + 1)));
        int stretched = fret - FINGERS;
        if (stretched >= 1 && isReached(stretched, fret))
            ways.add(way(new Shape.Fretted(string, fret, FINGERS, stretched)));
        return ways;
    }

    private boolean isReached(int from, int to) {
        return to <= frets && millimetres(to) - millimetres(from) <= reachMm;
    }

    private int fret(Pitch written, int string) {
        return written.midi() - open.get(string - 1).midi();
    }

    static Shape.Fretted shape(Way way) {
        return (Shape.Fretted) way.shape();
    }

    /** Whether a finger reaches its fret from where its hand stands; always where it is the finger that stands over it. */
    boolean isReached(Shape.Fretted shape) {
        int plain = shape.position() + shape.finger() - 1;
        if (plain == shape.fret()) return true;
        return shape.finger() == FINGERS
                ? isReached(shape.position(), shape.fret())
                : isReached(shape.fret(), shape.fret() + FINGERS);
    }

    /** A way of that look, with what it costs. */
    Way way(Shape.Fretted shape) {
        List<Cost> costs = new ArrayList<>();
        int fret = shape.fret();
        if (fret > 0) costs.add(COSTS.cost("high", fret, "fret " + fret));
        if (fret == 0 && goes != FretSchool.OPEN_POSITION) costs.add(COSTS.cost("open"));
        if (fret > LOWEST_FRETS && goes == FretSchool.OPEN_POSITION) costs.add(COSTS.cost("away"));
        if (stays > 0 && fret > 0 && shape.position() != stays) costs.add(COSTS.cost("leaves"));
        int plain = shape.position() + shape.finger() - 1;
        if (fret > 0 && plain != fret && goes != FretSchool.THREE_A_STRING) {
            int mm = (int) Rounding.whole(Math.abs(millimetres(fret) - millimetres(plain)));
            costs.add(COSTS.cost("stretch", mm, "a stretch of " + mm + " mm"));
            if (shape.finger() == FINGERS) costs.add(COSTS.cost("little"));
        }
        return new Way(
                "s" + shape.string() + "f" + fret + "-" + shape.finger() + (plain == fret || fret == 0 ? "" : "x"),
                Integer.toString(fret),
                shape,
                0,
                costs);
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        Shape.Fretted one = shape(from);
        Shape.Fretted other = shape(to);
        boolean stopped = one.fret() > 0 && other.fret() > 0;
        int by = Math.abs(other.position() - one.position());
        if (stopped && by == 1) sink.add(STEP);
        if (stopped && by > 1) {
            sink.add(SHIFT, 1, () -> "shift from fret " + one.position() + " to fret " + other.position());
            sink.add(FURTHER, by, () -> "by " + by + " frets");
        }
        if (!stopped && by > LOWEST_FRETS) {
            // The hand goes while the open string sounds.
            sink.add(COVERED, by, () -> "shift over an open string");
        }
        int strings = Math.abs(one.string() - other.string());
        if (strings > 0) sink.add(STRING, strings, () -> strings == 1 ? "to the next string" : "over strings");
        boolean again = stopped && one.finger() == other.finger() && (one.fret() != other.fret() || strings > 0);
        if (again && by == 0) sink.add(SAME);
    }

    @Override
    public Hand along(List<NoteToPlay> line) {
        return switch (goes) {
            case FINGER_A_FRET, OPEN_POSITION -> this;
            case THREE_A_STRING -> SettledHand.byParts(this, line, this::threes);
            case SAME_SHAPE ->
                SettledHand.byParts(
                        this, line, part -> MovedShape.of(this, part).ways());
            case ONE_STRING -> SettledHand.byParts(this, line, this::oneString);
        };
    }

    @Override
    public Optional<String> misfit(List<NoteToPlay> line) {
        return SettledHand.parts(line).values().stream()
                .flatMap(part -> misfitOf(part).stream())
                .findFirst();
    }

    private Optional<String> misfitOf(List<NoteToPlay> line) {
        return switch (goes) {
            case FINGER_A_FRET, OPEN_POSITION -> Optional.empty();
            case THREE_A_STRING ->
                threes(line).isPresent()
                        ? Optional.empty()
                        : Optional.of("Three notes a string do not lie within " + Rounding.whole(reachMm)
                                + " mm of the hand here, or run out of strings: another octave or key may do.");
            case SAME_SHAPE -> MovedShape.of(this, line).misfit();
            case ONE_STRING ->
                oneString(line).isPresent()
                        ? Optional.empty()
                        : Optional.of(
                                "No single string has all of these notes: a shorter line or another octave may do.");
        };
    }

    /** The pitches of a line, each once, the lowest first. */
    static List<Pitch> rising(List<NoteToPlay> line) {
        Map<Integer, Pitch> byMidi = new java.util.TreeMap<>();
        line.forEach(onset -> byMidi.putIfAbsent(onset.written().midi(), onset.written()));
        return List.copyOf(byMidi.values());
    }

    /** Three notes on each string from the lowest note up, on the lowest strings on which all of them fit. */
    private Optional<Map<Integer, List<Way>>> threes(List<NoteToPlay> line) {
        List<Pitch> rising = rising(line);
        for (int from = open.size(); from >= 1; from--) {
            Map<Integer, List<Way>> ways = threes(rising, from);
            if (ways.size() == rising.size()) return Optional.of(ways);
        }
        return Optional.empty();
    }

    private Map<Integer, List<Way>> threes(List<Pitch> rising, int from) {
        Map<Integer, List<Way>> ways = new HashMap<>();
        for (int i = 0; i < rising.size(); i += 3) {
            int string = from - i / 3;
            List<Pitch> group = rising.subList(i, Math.min(rising.size(), i + 3));
            if (string < 1) return Map.of();
            int first = fret(group.getFirst(), string);
            int last = fret(group.getLast(), string);
            if (first < 1
                    || last > frets
                    || millimetres(last) - millimetres(first) > Math.max(reachMm, plainReach(first))) {
                return Map.of();
            }
            for (Pitch one : group) {
                int fret = fret(one, string);
                ways.put(
                        one.midi(),
                        List.of(way(new Shape.Fretted(string, fret, finger(fret - first, last - first), first))));
            }
        }
        return ways;
    }

    /** What four fingers cover without a stretch. */
    private double plainReach(int fret) {
        return millimetres(fret + FINGERS - 1) - millimetres(fret);
    }

    /** Which finger takes a fret so far above the first: the fourth the last one, the second or third what lies between. */
    private static int finger(int up, int span) {
        if (up == 0) return 1;
        if (up == span) return Math.min(FINGERS, Math.max(2, up + (span > 2 ? 1 : 0)));
        return up == 1 ? 2 : span > FINGERS - 1 ? 2 : 3;
    }

    private Optional<Map<Integer, List<Way>>> oneString(List<NoteToPlay> line) {
        List<Pitch> rising = rising(line);
        for (int string = 1; string <= open.size(); string++) {
            int lowest = fret(rising.getFirst(), string);
            if (lowest < 0 || fret(rising.getLast(), string) > frets) continue;
            Map<Integer, List<Way>> ways = new HashMap<>();
            for (Pitch one : rising) ways.put(one.midi(), ways(one, string));
            return Optional.of(ways);
        }
        return Optional.empty();
    }
}
