package pebblestep.documents.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.passage.Step;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.KeyOrder;
import pebblestep.core.walk.Change;
import pebblestep.core.walk.Join;
import pebblestep.core.walk.Keys;
import pebblestep.core.walk.Progressions;
import pebblestep.core.walk.Walk;
import pebblestep.documents.Fields;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;
import pebblestep.documents.WalkFields;

/**
 * Through which keys a step can go without stopping.
 *
 * @param typed a progression as it is being typed
 */
public record WalkOptionsQuery(StepDocument step, @Nullable String typed) {
    /**
     * What can be chosen.
     *
     * @param said the step's own walk in words
     * @param progression its progression as it is typed
     * @param ways walks to take
     * @param orders orders of keys, and after how many keys each comes home
     * @param endings how its own walk can end, where there is a choice
     * @param joins how a key can join the one before
     * @param read what the typed progression says
     * @param refused why it cannot be read
     */
    public record WalkOptions(
            @Nullable String said,
            @Nullable String progression,
            List<WayPart> ways,
            List<OrderPart> orders,
            List<EndingPart> endings,
            List<JoinPart> joins,
            @Nullable ReadPart read,
            @Nullable UnreadPart refused) {}

    /** A walk to take. */
    public record WayPart(String name, StepDocument.WalkPart walk) {}

    /** An order of keys. */
    public record OrderPart(String order, String words, int cycle) {}

    /** How a walk can end, as its document says it; {@code chosen} where this one does. */
    public record EndingPart(String words, @Nullable Boolean thereAndBack, @Nullable Boolean home, boolean chosen) {}

    /** A way of joining keys; {@code measured} where each can be given a number of bars. */
    public record JoinPart(Join join, String words, boolean measured) {}

    /** A progression that was read: its changes, and in the step's key each chord with what is played over it. */
    public record ReadPart(List<StepDocument.ChangePart> progression, List<String> chords) {}

    /** A progression that cannot be read, and the character from 1 at which it stops being readable. */
    public record UnreadPart(String sentence, int position) {}

    /** The choices; refuses a step that cannot be read. */
    public WalkOptions answer() {
        Step whole = Fields.under("step", () -> StepDocuments.read(step));
        NoteName tonic = whole.key().tonic();
        List<Change> progression = whole.walk().map(Walk::progression).orElse(List.of());
        return new WalkOptions(
                whole.walk().map(Walk::inWords).orElse(null),
                progression.isEmpty() ? null : Progressions.text(progression),
                ways(tonic),
                Stream.of(KeyOrder.values())
                        .map(order -> new OrderPart(WalkFields.name(order), order.words(), order.cycle()))
                        .toList(),
                whole.walk().map(WalkOptionsQuery::endings).orElse(List.of()),
                Stream.of(Join.values())
                        .map(join -> new JoinPart(join, join.words(), join.countsBars()))
                        .toList(),
                typed == null ? null : read(typed, whole).orElse(null),
                typed == null ? null : unread(typed, tonic).orElse(null));
    }

    private static List<WayPart> ways(NoteName tonic) {
        List<WayPart> ways = new ArrayList<>();
        Stream.of(
                        KeyOrder.WHOLE_STEP_UP,
                        KeyOrder.FOURTHS,
                        KeyOrder.FIFTHS,
                        KeyOrder.SEMITONE_UP,
                        KeyOrder.MINOR_THIRDS)
                .forEach(order -> ways.add(way(order.words() + " and home", Walk.through(Keys.cycle(order)))));
        for (Progressions.Known known : Progressions.known()) {
            List<Change> changes = Progressions.parse(known.text(), tonic);
            ways.add(way(known.name(), Walk.over(changes, Keys.HOME)));
        }
        List<Change> two = Progressions.parse("ii V I:2", tonic);
        ways.add(way("ii V I through all keys by fourths", Walk.over(two, Keys.of(KeyOrder.FOURTHS, 12))));
        return ways;
    }

    private static List<EndingPart> endings(Walk walk) {
        Keys keys = walk.keys();
        if (keys.order().isEmpty() && keys.own().isEmpty()) return List.of();
        boolean usual = WalkFields.comesHome(walk.withKeys(keys.oneWay()));
        boolean back = keys.thereAndBack();
        return List.of(
                new EndingPart("home to the first key", null, usual ? null : true, !back && keys.home()),
                new EndingPart("it ends there", null, usual ? false : null, !back && !keys.home()),
                new EndingPart("back the same way", true, null, back));
    }

    private static WayPart way(String name, Walk walk) {
        return new WayPart(name, WalkFields.write(walk));
    }

    private static Optional<ReadPart> read(String typed, Step step) {
        try {
            List<Change> changes = Progressions.parse(typed, step.key().tonic());
            List<String> chords = Walk.over(changes, Keys.HOME).stops(step.key()).stream()
                    .map(stop -> stop.chord().map(ChordSymbol::toString).orElse("no chord") + ", " + stop.key())
                    .toList();
            return Optional.of(new ReadPart(Objects.requireNonNull(WalkFields.changes(changes)), chords));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    private static Optional<UnreadPart> unread(String typed, NoteName tonic) {
        try {
            Progressions.parse(typed, tonic);
            return Optional.empty();
        } catch (Refusal e) {
            return Optional.of(new UnreadPart(e.getMessage(), e.position().orElse(1)));
        }
    }
}
