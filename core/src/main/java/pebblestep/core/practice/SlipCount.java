package pebblestep.core.practice;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import pebblestep.core.Kept;
import pebblestep.core.pitch.NoteName;

/**
 * In how many takes each kind of slip and each note was named.
 *
 * @param takes all takes, those in which nothing slipped as well
 * @param kinds takes by kind of slip
 * @param notes takes by note as it is read, whatever slipped there
 * @param asNotes the same, where it was the note itself that slipped
 */
public record SlipCount(
        int takes, Map<SlipKind, Integer> kinds, Map<NoteName, Integer> notes, Map<NoteName, Integer> asNotes) {
    /** No take. */
    public static final SlipCount NONE = new SlipCount(0, Map.of(), Map.of(), Map.of());

    public SlipCount {
        kinds = Kept.map(kinds);
        notes = Kept.map(notes);
        asNotes = Kept.map(asNotes);
    }

    /** The count of these takes. */
    public static SlipCount of(Iterable<Take> takes) {
        SlipCount count = NONE;
        for (Take take : takes) count = count.plus(take);
        return count;
    }

    /** With one more take. */
    public SlipCount plus(Take take) {
        Slipped slipped = take.slipped();
        if (slipped.isNothing()) return new SlipCount(takes + 1, kinds, notes, asNotes);
        Map<SlipKind, Integer> moreKinds = kinds.isEmpty() ? new EnumMap<>(SlipKind.class) : new EnumMap<>(kinds);
        slipped.kinds().forEach(kind -> moreKinds.merge(kind, 1, Integer::sum));
        Set<NoteName> names = new LinkedHashSet<>(
                slipped.notes().stream().map(note -> note.written().name()).toList());
        boolean wereNotes = slipped.kinds().contains(SlipKind.NOTES);
        return new SlipCount(
                takes + 1, moreKinds, counted(notes, names), wereNotes ? counted(asNotes, names) : asNotes);
    }

    private static Map<NoteName, Integer> counted(Map<NoteName, Integer> so, Set<NoteName> names) {
        Map<NoteName, Integer> more = new HashMap<>(so);
        names.forEach(name -> more.merge(name, 1, Integer::sum));
        return more;
    }

    /** Both counts as one. */
    public SlipCount plus(SlipCount other) {
        return new SlipCount(
                takes + other.takes,
                summed(kinds, other.kinds),
                summed(notes, other.notes),
                summed(asNotes, other.asNotes));
    }

    private static <K> Map<K, Integer> summed(Map<K, Integer> a, Map<K, Integer> b) {
        Map<K, Integer> sum = new HashMap<>(a);
        b.forEach((key, count) -> sum.merge(key, count, Integer::sum));
        return sum;
    }
}
