package pebblestep.core.practice;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import pebblestep.core.Copies;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Step;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.scale.Key;

/**
 * In how many takes each kind of slip and each note was named.
 *
 * @param takes all takes, those in which nothing slipped as well
 * @param kinds takes by kind of slip
 * @param notes takes by note as it is read, whatever slipped there
 * @param asNotes the same, where it was the note itself that slipped
 * @param stations of a walk, for each of its keys in which something was touched, from 0, the count of those takes alone
 */
public record SlipCount(
        int takes,
        Map<SlipKind, Integer> kinds,
        Map<NoteName, Integer> notes,
        Map<NoteName, Integer> asNotes,
        Map<Integer, SlipCount> stations) {
    /** No take. */
    public static final SlipCount NONE = new SlipCount(0, Map.of(), Map.of(), Map.of(), Map.of());

    public SlipCount {
        kinds = Copies.map(kinds);
        notes = Copies.map(notes);
        asNotes = Copies.map(asNotes);
        stations = Copies.map(stations);
    }

    /** The count of these takes. */
    public static SlipCount of(Iterable<Take> takes) {
        SlipCount count = NONE;
        for (Take take : takes) count = count.plus(take);
        return count;
    }

    /** With one more take. */
    public SlipCount plus(Take take) {
        return plus(take.slipped());
    }

    private SlipCount plus(Slipped slipped) {
        if (slipped.isNothing()) return new SlipCount(takes + 1, kinds, notes, asNotes, stations);
        Map<SlipKind, Integer> moreKinds = kinds.isEmpty() ? new EnumMap<>(SlipKind.class) : new EnumMap<>(kinds);
        slipped.kinds().forEach(kind -> moreKinds.merge(kind, 1, Integer::sum));
        Set<NoteName> names = new LinkedHashSet<>(
                slipped.notes().stream().map(note -> note.written().name()).toList());
        boolean wereNotes = slipped.kinds().contains(SlipKind.NOTES);
        return new SlipCount(
                takes + 1,
                moreKinds,
                counted(notes, names),
                wereNotes ? counted(asNotes, names) : asNotes,
                inStations(slipped));
    }

    /** What slipped in a key of a walk is what was touched there. */
    private Map<Integer, SlipCount> inStations(Slipped slipped) {
        Map<Integer, List<Slipped.Note>> touched = slipped.notes().stream()
                .filter(note -> note.station().isPresent())
                .collect(Collectors.groupingBy(note -> note.station().orElseThrow()));
        if (touched.isEmpty()) return stations;
        Map<Integer, SlipCount> more = new TreeMap<>(stations);
        touched.forEach((station, there) -> {
            Slipped alone = new Slipped(
                    slipped.kinds(),
                    there.stream()
                            .map(note -> new Slipped.Note(note.index(), note.written()))
                            .toList());
            more.merge(station, NONE.plus(alone), SlipCount::plus);
        });
        return more;
    }

    /**
     * The count for each key that a step goes through, in all of its takes: of a walk what was touched in that key, else the
     * whole of it.
     *
     * @param first the key that is read first
     */
    public Map<Key, SlipCount> byKey(Step step, Key first) {
        if (step.walk().isEmpty()) return Map.of(first, this);
        List<Key> keys = Passage.stationKeys(step, first);
        Map<Key, SlipCount> byKey = new LinkedHashMap<>();
        for (int i = 0; i < keys.size(); i++) {
            SlipCount here = stations.getOrDefault(i, NONE);
            byKey.merge(keys.get(i), here, SlipCount::plus);
        }
        byKey.replaceAll((key, count) -> new SlipCount(takes, count.kinds, count.notes, count.asNotes, Map.of()));
        return byKey;
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
                summed(asNotes, other.asNotes),
                joined(stations, other.stations));
    }

    private static Map<Integer, SlipCount> joined(Map<Integer, SlipCount> a, Map<Integer, SlipCount> b) {
        Map<Integer, SlipCount> both = new TreeMap<>(a);
        b.forEach((station, count) -> both.merge(station, count, SlipCount::plus));
        return both;
    }

    private static <K> Map<K, Integer> summed(Map<K, Integer> a, Map<K, Integer> b) {
        Map<K, Integer> sum = new HashMap<>(a);
        b.forEach((key, count) -> sum.merge(key, count, Integer::sum));
        return sum;
    }
}
