package pebblestep.core.fingering.bowed;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import pebblestep.core.Words;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.search.Fingering;

/**
 * Where the fingers stand on one string in one position: what a key asks of the left hand, learned before the notes.
 *
 * @param string what it is called
 * @param position as positions are called
 * @param dots the fingers from the nut up
 */
public record FingerPattern(String string, String position, List<Dot> dots) {
    public FingerPattern {
        dots = List.copyOf(dots);
    }

    /**
     * A finger on the string.
     *
     * @param above semitones above the open string
     * @param close whether the next finger stands a half step from it, so that the two touch
     */
    public record Dot(int finger, int above, boolean close) {}

    /** The patterns of a line on bowed strings, from the lowest string up; none for another hand. */
    public static List<FingerPattern> of(Fingering fingering) {
        Map<Place, TreeSet<Stopped>> byPlace = new TreeMap<>();
        for (Fingering.Stop stop : fingering.stops()) {
            if (stop.way().shape() instanceof Shape.Bowed shape && shape.finger() > 0) {
                byPlace.computeIfAbsent(
                                new Place(-shape.string(), shape.place(), shape.stringName(), shape.position()),
                                any -> new TreeSet<>())
                        .add(new Stopped(shape.above(), shape.finger()));
            }
        }
        List<FingerPattern> patterns = new ArrayList<>();
        byPlace.forEach((place, stopped) ->
                patterns.add(new FingerPattern(place.name, place.position, dots(List.copyOf(stopped)))));
        return patterns;
    }

    private record Place(int string, int place, String name, String position) implements Comparable<Place> {
        @Override
        public int compareTo(Place other) {
            int byString = Integer.compare(string, other.string);
            return byString != 0 ? byString : Integer.compare(place, other.place);
        }
    }

    private record Stopped(int above, int finger) implements Comparable<Stopped> {
        @Override
        public int compareTo(Stopped other) {
            int byHeight = Integer.compare(above, other.above);
            return byHeight != 0 ? byHeight : Integer.compare(finger, other.finger);
        }
    }

    private static List<Dot> dots(List<Stopped> stopped) {
        List<Dot> dots = new ArrayList<>();
        for (int i = 0; i < stopped.size(); i++) {
            Stopped one = stopped.get(i);
            boolean close = i + 1 < stopped.size() && stopped.get(i + 1).above() - one.above() == 1;
            dots.add(new Dot(one.finger(), one.above(), close));
        }
        return dots;
    }

    /** In words: {@code A string: 2 and 3 close}. */
    public String inWords() {
        List<String> close = new ArrayList<>();
        for (int i = 0; i + 1 < dots.size(); i++) {
            if (dots.get(i).close())
                close.add(dots.get(i).finger() + " and " + dots.get(i + 1).finger() + " close");
        }
        String where = string + " string" + (position.equals("I") ? "" : ", position " + position);
        return where + ": " + (close.isEmpty() ? "all apart" : Words.list(close));
    }
}
