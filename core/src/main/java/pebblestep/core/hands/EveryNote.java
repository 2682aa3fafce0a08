package pebblestep.core.hands;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Kept;
import pebblestep.core.pitch.Pitch;

/**
 * A hand that has a way for every note: one that it cannot play, as what lies under a capo or beyond a chart, stands without
 * fingers, and the rest of the line has its own all the same. What a studio takes for the usual way of a note goes before what the hand
 * has for it.
 * The ways of a note are worked out once, since a line is fingered again and again to compare them.
 */
final class EveryNote implements Hand {
    /** What another way costs more where the studio has one of its own; common practice, no source. */
    private static final Toll UNUSUAL = new Toll("not what your studio takes as a rule", 300);

    private static final Way NONE = new Way("?", "?", new Shape.Beyond(), 0, List.of());

    private final Hand hand;

    /** By note number the id of the way that is the usual one here. */
    private final Map<Integer, String> usual;

    private final Map<Pitch, List<Way>> known = new ConcurrentHashMap<>();

    EveryNote(Hand hand, Map<Integer, String> usual) {
        this.hand = hand;
        this.usual = usual;
    }

    /** The hand itself. */
    Hand hand() {
        return hand;
    }

    /** By note number the id of the way that is the usual one here. */
    Map<Integer, String> usual() {
        return usual;
    }

    @Override
    public Family family() {
        return hand.family();
    }

    @Override
    public List<Way> ways(Pitch written) {
        return known.computeIfAbsent(written, pitch -> worked(pitch, hand.ways(pitch)));
    }

    @Override
    public List<Way> ways(Onset onset) {
        return hand instanceof Bound ? worked(onset.written(), hand.ways(onset)) : ways(onset.written());
    }

    private List<Way> worked(Pitch written, List<Way> ways) {
        if (ways.isEmpty()) return List.of(NONE);
        String own = usual.get(written.midi());
        return own == null ? ways : reordered(ways, own);
    }

    /** The way of that id first and free, the others at a cost more; as they are where none has it. */
    private static List<Way> reordered(List<Way> ways, String own) {
        List<Way> first = new ArrayList<>();
        List<Way> then = new ArrayList<>();
        for (Way way : ways) {
            if (way.id().equals(own)) first.add(way.costing(List.of()));
            else
                then.add(way.costing(
                        Stream.concat(way.tolls().stream(), Stream.of(UNUSUAL)).toList()));
        }
        if (first.isEmpty()) return ways;
        first.addAll(then);
        return first;
    }

    /** Usual ways by their note numbers; of two for one note the later one. */
    static Map<Integer, String> byMidi(List<UsualWay> usual) {
        Map<Integer, String> byMidi = new HashMap<>();
        usual.forEach(one -> byMidi.put(one.written().midi(), one.way()));
        return Kept.map(byMidi);
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, Onset onset, Tally tally) {
        if (isNone(from) || isNone(to)) return;
        hand.move(before == null || isNone(before) ? null : before, from, to, onset, tally);
    }

    private static boolean isNone(Way way) {
        return way.shape() instanceof Shape.Beyond;
    }

    @Override
    public boolean looksBack() {
        return hand.looksBack();
    }

    @Override
    public Hand along(List<Onset> line) {
        Hand along = hand.along(line);
        return along == hand ? this : new EveryNote(along, usual);
    }

    @Override
    public List<School> schools() {
        return hand.schools();
    }

    @Override
    public Optional<School> school() {
        return hand.school();
    }

    @Override
    public Hand inSchool(String id) {
        return new EveryNote(hand.inSchool(id), usual);
    }

    @Override
    public Optional<String> misfit(List<Onset> line) {
        return hand.misfit(line);
    }

    @Override
    public List<String> positions() {
        return hand.positions();
    }

    @Override
    public Hand inPosition(String name) {
        return new EveryNote(hand.inPosition(name), usual);
    }

    @Override
    public List<String> strings() {
        return hand.strings();
    }

    @Override
    public int frets() {
        return hand.frets();
    }

    @Override
    public Hand of(PlayersHand player) {
        return new EveryNote(hand.of(player), usual);
    }

    @Override
    public Hand upTo(Pitch highest) {
        return new EveryNote(hand.upTo(highest), usual);
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return hand.traits();
    }
}
