package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Standing;
import pebblestep.core.forecast.DayBest;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.scale.Key;

/**
 * What a student has done with one assigned step: its key and climb, and the log of takes and decisions in their order.
 *
 * @param key the key, in written pitch
 * @param given the step and its climb, as they were first given
 * @param entries oldest first
 */
public record Work(Key key, Ascent given, List<Entry> entries) {
    /** Takes below which no share of clean ones is told. */
    public static final int FEWEST_TAKES = 12;

    public Work {
        entries = List.copyOf(entries);
    }

    /** The takes alone, oldest first. */
    public List<Take> takes() {
        return entries.stream()
                .filter(Take.class::isInstance)
                .map(Take.class::cast)
                .toList();
    }

    /** Where the student stands on the climb, as seen on a day. */
    public Standing standing(LocalDate today) {
        return Standing.after(entries.stream().map(Entry::event).toList(), given, today);
    }

    /** Where the student stands after the last entry, seen on its day: for many days at once, see {@link Standing#on}. */
    public Standing standing() {
        return standing(LocalDate.MIN);
    }

    /** The tempo to play now. */
    public Bpm bpmNow(LocalDate today) {
        Standing standing = standing(today);
        return standing.ascent().bpm(standing.at());
    }

    /** The fastest clean take, in notes a second. */
    public Optional<Take> bestClean() {
        return takes().stream().filter(Take::isClean).max(Comparator.comparing(this::notesPerSecond));
    }

    /** Notes a second of a take. */
    public double notesPerSecond(Take take) {
        return Progress.notesPerSecond(given.step(), take);
    }

    /** The best clean speed of each day that has one, oldest first. */
    public List<DayBest> dayBests() {
        Map<LocalDate, Double> bests = new TreeMap<>();
        for (Take take : takes()) {
            if (take.isClean()) bests.merge(take.day(), notesPerSecond(take), Math::max);
        }
        return bests.entrySet().stream()
                .map(best -> new DayBest(best.getKey(), best.getValue()))
                .toList();
    }

    /** The share of takes since a day that were clean; empty where there are fewer than twelve, or none was. */
    public Optional<Double> cleanShare(LocalDate since) {
        List<Take> recent =
                takes().stream().filter(take -> !take.day().isBefore(since)).toList();
        double clean = recent.stream().filter(Take::isClean).count();
        return recent.size() < FEWEST_TAKES || clean == 0 ? Optional.empty() : Optional.of(clean / recent.size());
    }
}
