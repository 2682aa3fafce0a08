package pebblestep.core.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.harmony.ChordQuality;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.pitch.Interval;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Key;

/**
 * The way of a line through several keys without stopping.
 *
 * @param keys which keys it meets
 * @param progression the chords that are gone through in each of them; without any, each key is gone through itself
 * @param join how a key joins the one before
 * @param bars how many bars each lasts; as many as its notes need without
 * @param once whether the last note of a key and the first of the next are struck once where they are the same
 * @param signatures how the keys are written
 */
public record Walk(
        Keys keys, List<Change> progression, Join join, Optional<Integer> bars, boolean once, Signatures signatures) {
    /** Stations of a walk at most. */
    public static final int MOST_STATIONS = 96;

    private static final int MOST_CHANGES = 48;

    /** Refuses bars where keys do not begin at bar lines, and more than 48 chords of a progression. */
    public Walk {
        progression = List.copyOf(progression);
        if (progression.size() > MOST_CHANGES) {
            throw Refusal.of("walk.progression", "A progression has at most " + MOST_CHANGES + " chords.");
        }
        if (progression.isEmpty() && keys.equals(Keys.HOME)) {
            throw Refusal.of("walk", "A walk needs an order of keys, a list of its own, or a progression.")
                    .fits("For instance \"order\": \"fourths\".");
        }
        bars.ifPresent(Change::requireBars);
        boolean measured = bars.isPresent()
                || progression.stream().anyMatch(change -> change.bars().isPresent());
        if (measured && !join.countsBars()) {
            throw Refusal.of("walk.bars", "A key lasts a number of bars only where the next begins at a bar line.")
                    .fits("Join the keys at the next bar, or leave the bars out.");
        }
    }

    /** A walk through keys at the next bar, each under its own signature. */
    public static Walk through(Keys keys) {
        return new Walk(keys, List.of(), Join.NEXT_BAR, Optional.empty(), false, Signatures.CHANGE);
    }

    /** A progression moved through keys, at the next bar, each chord under its own signature. */
    public static Walk over(List<Change> progression, Keys keys) {
        return new Walk(keys, progression, Join.NEXT_BAR, Optional.empty(), false, Signatures.CHANGE);
    }

    /**
     * A key on the way.
     *
     * @param key the key, named as the step's is
     * @param chord the chord over it; empty for a form that has none
     * @param bars how many bars it lasts, where that is said
     */
    public record Stop(Key key, Optional<ChordSymbol> chord, Optional<Integer> bars) {}

    /** The keys on the way, the step's own first; refuses more than 96. */
    public List<Stop> stops(Key first) {
        List<Stop> stops = new ArrayList<>();
        List<Key> met = keys.from(first);
        long count = (long) met.size() * Math.max(1, progression.size());
        if (count > MOST_STATIONS) {
            throw Refusal.of("walk", "This walk has " + count + " stations; at most " + MOST_STATIONS + " are played.")
                    .fits("Go through fewer keys.");
        }
        for (Key key : met) {
            if (progression.isEmpty()) stops.add(new Stop(key, ChordSymbol.of(key, isModal(key)), bars));
            for (Change change : progression) stops.add(stop(change, key));
        }
        return List.copyOf(stops);
    }

    private Stop stop(Change change, Key home) {
        Key key = change.in(home.tonic());
        Optional<ChordQuality> said = change.chord();
        return new Stop(
                key,
                said.map(quality -> ChordSymbol.of(key.tonic(), quality)).or(() -> ChordSymbol.of(key, true)),
                change.bars().or(() -> bars));
    }

    /** Whether a form is heard as a mode, over its seventh chord, rather than as a key at rest on its triad. */
    public static boolean isModal(Key key) {
        return key.form()
                .signatureFifths()
                .filter(fifths -> fifths != 0 && fifths != -3)
                .isPresent();
    }

    /** This walk joined another way, with no bars where they mean nothing then. */
    public Walk withJoin(Join other) {
        boolean counts = other.countsBars();
        List<Change> changes = counts
                ? progression
                : progression.stream()
                        .map(change -> new Change(change.degree(), change.form(), change.chord(), Optional.empty()))
                        .toList();
        return new Walk(keys, changes, other, counts ? bars : Optional.empty(), once, signatures);
    }

    /** This walk through other keys. */
    public Walk withKeys(Keys others) {
        return new Walk(others, progression, join, bars, once, signatures);
    }

    /** This walk through so many keys of its order and no further; the whole cycle with its home where that many are all. */
    public Walk through(int count) {
        Keys fewer = new Keys(keys.order(), keys.own(), Optional.of(count), keys.thereAndBack(), false);
        return withKeys(fewer);
    }

    /** This walk through so many of its keys and no further, whatever they come from. */
    public Walk throughFirst(int count) {
        if (keys.own().isEmpty()) return through(count);
        List<NoteName> first = keys.own().subList(0, Math.min(keys.own().size(), count - 1));
        return withKeys(new Keys(keys.order(), first, keys.count(), keys.thereAndBack(), false));
    }

    /** This walk with its own list an interval away, for a step that is. */
    public Walk moved(Interval by) {
        return keys.own().isEmpty() ? this : withKeys(keys.moved(by));
    }

    /** Which keys, in few words: {@code 12 keys from C major}, {@code ii V I in C major}; the key itself for one alone. */
    public String keysInWords(Key first) {
        long count = keys.from(first).stream().distinct().count();
        String where = count == 1 ? first.toString() : Words.counted(count, "key") + " from " + first;
        return progression.isEmpty() ? where : Progressions.shortly(progression, first.tonic()) + " in " + where;
    }

    /** In words: {@code up by whole steps through six keys, at the next bar}. */
    public String inWords() {
        List<String> words = new ArrayList<>();
        if (!progression.isEmpty()) words.add(Progressions.text(progression));
        if (!keys.inWords().isEmpty()) words.add(keys.inWords());
        bars.ifPresent(count -> words.add(count == 1 ? "a bar each" : count + " bars each"));
        words.add(join.words());
        return String.join(", ", words);
    }
}
