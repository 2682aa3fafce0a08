package pebblestep.core.scale;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;

/**
 * Finds the likely slips of a key. A beginner confuses a key with its two neighbours on the circle of fifths: the
 * newest accidental is forgotten, the next in order is added too early; a raised degree of a minor form is played as
 * the signature has it (common practice, no source). A raised flat becomes a natural. Chords, blues and even patterns
 * are mistaken for the form they are nearest to instead. A chromatic scale leaves no note out, so it has no slips.
 */
public final class Slips {
    private static final int LETTERS = 7;

    private Slips() {}

    /** The likely slips of a key, the forgotten accidental first. */
    public static List<Slip> of(Key key) {
        if (key.form().isChromatic()) return List.of();
        if (key.form().sameBothWays()) return say(pairs(key, Direction.UP), null);
        Set<Pair> up = pairs(key, Direction.UP);
        Set<Pair> down = new LinkedHashSet<>(pairs(key, Direction.DOWN));
        for (NoteName raised : key.notes(Direction.UP)) {
            NoteName natural = onLetter(key, raised.letter(), Direction.DOWN).orElse(raised);
            if (!sounds(key, raised, Direction.DOWN)) down.add(new Pair(natural, raised));
        }
        Set<Pair> both = new LinkedHashSet<>(up);
        both.retainAll(down);
        up.removeAll(both);
        down.removeAll(both);
        List<Slip> slips = new ArrayList<>(say(both, null));
        slips.addAll(say(up, Direction.UP));
        slips.addAll(say(down, Direction.DOWN));
        return List.copyOf(slips);
    }

    private static Set<Pair> pairs(Key key, Direction direction) {
        Form form = key.form();
        Set<Pair> pairs;
        if (form.confusedWith().isPresent())
            pairs = againstForm(key, Forms.of(form.confusedWith().get()), direction);
        else if (form.size() < LETTERS) pairs = againstNeighbours(key, direction);
        else pairs = againstSignature(key, direction);
        pairs.removeIf(pair -> plays(key, pair.not, direction));
        return pairs;
    }

    /** Where another form on the same tonic has another note of the same number, that note slips in. */
    private static Set<Pair> againstForm(Key key, Form other, Direction direction) {
        Set<Pair> pairs = new LinkedHashSet<>();
        for (Degree own : key.form().degrees(direction)) {
            for (Degree theirs : other.degrees(direction)) {
                if (theirs.number() != own.number() || theirs.equals(own)) continue;
                theirs.tryAbove(key.tonic())
                        .map(Slips::simply)
                        .ifPresent(not -> pairs.add(new Pair(own.above(key.tonic()), not)));
            }
        }
        return pairs;
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
            List<NoteName> own = key.notes(direction);
            List<NoteName> theirs = neighbour(key, fifth, direction);
            List<NoteName> left = own.stream().filter(n -> !theirs.contains(n)).toList();
            List<NoteName> taken = theirs.stream().filter(n -> !own.contains(n)).toList();
            if (left.size() == 1 && taken.size() == 1) pairs.add(new Pair(left.get(0), taken.get(0)));
        }
        return pairs;
    }

    /** The notes of the key a fifth away, on the letters it has there; none where it cannot be spelled so. */
    private static List<NoteName> neighbour(Key key, int fifth, Direction direction) {
        return key.tonic()
                .tryPlus(Interval.of(4 * fifth, 7 * fifth))
                .flatMap(tonic -> Key.tryOf(tonic, key.form()))
                .map(neighbour -> neighbour.notes(direction))
                .orElse(List.of());
    }

    /** A slip is said as it is heard: A rather than Bbb. */
    private static NoteName simply(NoteName name) {
        return Math.abs(name.alteration()) < 2
                ? name
                : name.enharmonics().stream()
                        .filter(other -> Math.abs(other.alteration()) < 2)
                        .findFirst()
                        .orElse(name);
    }

    private static boolean plays(Key key, NoteName note, Direction direction) {
        return key.notes(direction).contains(note);
    }

    private static boolean sounds(Key key, NoteName note, Direction direction) {
        return key.notes(direction).stream().anyMatch(played -> played.pitchClass() == note.pitchClass());
    }

    private static Optional<NoteName> onLetter(Key key, Letter letter, Direction direction) {
        return key.notes(direction).stream().filter(n -> n.letter() == letter).findFirst();
    }

    private static List<Slip> say(Set<Pair> pairs, @Nullable Direction when) {
        return pairs.stream()
                .map(pair -> new Slip(pair.play, pair.not, Optional.ofNullable(when)))
                .toList();
    }

    private record Pair(NoteName play, NoteName not) {}
}
