package pebblestep.core.scale;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;

/**
 * Finds the likely slips of a key. A beginner confuses a key with its two neighbours on the circle of fifths: the
 * newest accidental is forgotten, the next in order is added too early; a raised degree of a minor form is played as
 * the signature has it (common practice, no source). A raised flat becomes a natural.
 */
public final class Slips {
    private static final int LETTERS = 7;

    private Slips() {}

    /** The likely slips of a key, the forgotten accidental first. */
    public static List<Slip> of(Key key) {
        if (key.form().sameBothWays()) return say(pairs(key, Direction.UP), Optional.empty());
        Set<Pair> up = pairs(key, Direction.UP);
        Set<Pair> down = new LinkedHashSet<>(pairs(key, Direction.DOWN));
        for (NoteName raised : key.notes(Direction.UP)) {
            NoteName natural = onLetter(key, raised.letter(), Direction.DOWN).orElse(raised);
            if (!natural.equals(raised)) down.add(new Pair(natural, raised));
        }
        Set<Pair> both = new LinkedHashSet<>(up);
        both.retainAll(down);
        up.removeAll(both);
        down.removeAll(both);
        List<Slip> slips = new ArrayList<>(say(both, Optional.empty()));
        slips.addAll(say(up, Optional.of(Direction.UP)));
        slips.addAll(say(down, Optional.of(Direction.DOWN)));
        return List.copyOf(slips);
    }

    private static Set<Pair> pairs(Key key, Direction direction) {
        return key.form().size() == LETTERS ? againstSignature(key, direction) : againstNeighbours(key, direction);
    }

    private static Set<Pair> againstSignature(Key key, Direction direction) {
        Set<Pair> pairs = new LinkedHashSet<>();
        KeySignature signature = key.signature();
        signature.newest().ifPresent(newest -> {
            if (plays(key, newest, direction)) pairs.add(new Pair(newest, new NoteName(newest.letter(), 0)));
        });
        for (NoteName next : signature.next()) {
            NoteName natural = new NoteName(next.letter(), 0);
            if (plays(key, natural, direction)) pairs.add(new Pair(natural, next));
        }
        for (NoteName note : key.notes(direction)) {
            NoteName signed = new NoteName(note.letter(), signature.alterationOf(note.letter()));
            if (signature.isWritten() && !signed.equals(note)) pairs.add(new Pair(note, signed));
        }
        return pairs;
    }

    /** Forms that leave letters out differ from each neighbour by whole notes: the one left for the one taken. */
    private static Set<Pair> againstNeighbours(Key key, Direction direction) {
        Set<Pair> pairs = new LinkedHashSet<>();
        for (int fifth : new int[] {-1, 1}) {
            Key neighbour = key.transposed(Interval.of(4 * fifth, 7 * fifth));
            List<NoteName> own = key.notes(direction);
            List<NoteName> theirs = neighbour.notes(direction);
            List<NoteName> left = own.stream().filter(n -> !theirs.contains(n)).toList();
            List<NoteName> taken = theirs.stream().filter(n -> !own.contains(n)).toList();
            if (left.size() == 1 && taken.size() == 1) pairs.add(new Pair(left.get(0), taken.get(0)));
        }
        return pairs;
    }

    private static boolean plays(Key key, NoteName note, Direction direction) {
        return key.notes(direction).contains(note);
    }

    private static Optional<NoteName> onLetter(Key key, Letter letter, Direction direction) {
        return key.notes(direction).stream().filter(n -> n.letter() == letter).findFirst();
    }

    private static List<Slip> say(Set<Pair> pairs, Optional<Direction> when) {
        return pairs.stream().map(pair -> new Slip(pair.play, pair.not, when)).toList();
    }

    private record Pair(NoteName play, NoteName not) {}
}
