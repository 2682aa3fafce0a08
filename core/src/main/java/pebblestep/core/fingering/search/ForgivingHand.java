package pebblestep.core.fingering.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Copies;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.UsualWay;
import pebblestep.core.fingering.Way;
import pebblestep.core.pitch.Pitch;

/**
 * A hand that has a way for every note. A note that it cannot play, such as one below a capo, gets a way without fingers, so that the rest
 * of the line is fingered all the same. The way that a studio has made usual for a note goes before the others. The ways of a note are
 * worked out once, because a line is fingered many times for comparison.
 */
public final class ForgivingHand implements Hand {
    /** What the other ways cost where the studio has a usual way of its own; common practice, no source. */
    private static final Cost UNUSUAL = new Cost("not what your studio takes as a rule", 300);

    private static final Way NONE = new Way("?", "?", new Shape.Beyond(), 0, List.of());

    private final Hand hand;

    /** The id of the studio's usual way of a note, by its MIDI number. */
    private final Map<Integer, String> usual;

    private final Map<Pitch, List<Way>> known = new ConcurrentHashMap<>();

    /** Wraps a hand; {@code usual} has the studio's usual ways, see {@link #byMidi}. */
    public ForgivingHand(Hand hand, Map<Integer, String> usual) {
        this.hand = hand;
        this.usual = usual;
    }

    /** The hand that it wraps. */
    public Hand hand() {
        return hand;
    }

    /** The id of the studio's usual way of a note, by its MIDI number. */
    public Map<Integer, String> usual() {
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
    public List<Way> ways(NoteToPlay onset) {
        return hand instanceof SettledHand ? worked(onset.written(), hand.ways(onset)) : ways(onset.written());
    }

    private List<Way> worked(Pitch written, List<Way> ways) {
        if (ways.isEmpty()) return List.of(NONE);
        String own = usual.get(written.midi());
        return own == null ? ways : reordered(ways, own);
    }

    /** The way of that id first and at no cost, the others at a higher cost; unchanged where no way has that id. */
    private static List<Way> reordered(List<Way> ways, String own) {
        List<Way> first = new ArrayList<>();
        List<Way> then = new ArrayList<>();
        for (Way way : ways) {
            if (way.id().equals(own)) first.add(way.costing(List.of()));
            else
                then.add(way.costing(
                        Stream.concat(way.costs().stream(), Stream.of(UNUSUAL)).toList()));
        }
        if (first.isEmpty()) return ways;
        first.addAll(then);
        return first;
    }

    /** Usual ways by the MIDI numbers of their notes; the later one of two for the same note. */
    public static Map<Integer, String> byMidi(List<UsualWay> usual) {
        Map<Integer, String> byMidi = new HashMap<>();
        usual.forEach(one -> byMidi.put(one.written().midi(), one.way()));
        return Copies.map(byMidi);
    }

    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        if (isNone(from) || isNone(to)) return;
        hand.move(before == null || isNone(before) ? null : before, from, to, onset, sink);
    }

    private static boolean isNone(Way way) {
        return way.shape() instanceof Shape.Beyond;
    }

    @Override
    public boolean looksBack() {
        return hand.looksBack();
    }

    @Override
    public Hand along(List<NoteToPlay> line) {
        Hand along = hand.along(line);
        return along == hand ? this : new ForgivingHand(along, usual);
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
        return new ForgivingHand(hand.inSchool(id), usual);
    }

    @Override
    public Optional<String> misfit(List<NoteToPlay> line) {
        return hand.misfit(line);
    }

    @Override
    public List<String> positions() {
        return hand.positions();
    }

    @Override
    public Hand inPosition(String name) {
        return new ForgivingHand(hand.inPosition(name), usual);
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
        return new ForgivingHand(hand.of(player), usual);
    }

    @Override
    public Hand upTo(Pitch highest) {
        return new ForgivingHand(hand.upTo(highest), usual);
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return hand.traits();
    }
}
