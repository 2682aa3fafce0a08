package pebblestep.core.fingering.frets;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Rounding;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.fingering.search.Fingering;
import pebblestep.core.pitch.Pitch;

/**
 * A shape that has the same strings and fingers in every key. It is worked out once, in the middle of the neck, with a finger on each
 * note and the lowest note on the lowest string, and then moved along to where the line begins. What it looks like so depends on
 * the intervals of a line and not on its key.
 *
 * @param neck the neck on which it is to lie
 * @param places where each note of the line has its place, by note number
 */
record MovedShape(Fretboard neck, Map<Integer, Shape.Fretted> places) {
    /** Where the lowest note stands while the shape is worked out: fingers have room on both sides, as most keys give it. */
    private static final int MIDDLE = 5;

    private static final int ENDLESS = 60;
    private static final double SECONDS = 0.2;

    /** The shape of a line, or of the part of it that stands in one key. */
    static MovedShape of(Fretboard neck, List<NoteToPlay> line) {
        Pitch lowest = Fretboard.rising(line).getFirst();
        int string = lowestString(neck.open());
        int fret = lowest.midi() - neck.open().get(string - 1).midi();
        if (fret < 1 || fret > neck.frets()) {
            // Not even its first note lies on the neck, however the strings are tuned.
            return new MovedShape(neck, Map.of(lowest.midi(), new Shape.Fretted(string, fret, 1, fret)));
        }
        int by = fret - MIDDLE;
        Fretboard middle = new Fretboard(
                neck.open(), neck.scaleMm(), ENDLESS, neck.reachMm(), Fretboard.FretSchool.FINGER_A_FRET, 0);
        List<NoteToPlay> there = line.stream()
                .map(onset -> NoteToPlay.of(moved(onset.written(), -by), SECONDS))
                .toList();
        Hand closed = new Closed(middle, moved(lowest, -by), string);
        Map<Integer, Shape.Fretted> places = new HashMap<>();
        List<Fingering.Stop> stops = Fingering.of(closed, there, Map.of()).stops();
        for (int i = 0; i < stops.size(); i++) {
            Shape.Fretted shape = Fretboard.shape(stops.get(i).way());
            // Each note has one place in a shape: the first that it gets.
            places.putIfAbsent(
                    line.get(i).written().midi(),
                    new Shape.Fretted(shape.string(), shape.fret() + by, shape.finger(), shape.position() + by));
        }
        return new MovedShape(neck, places);
    }

    private static Pitch moved(Pitch pitch, int by) {
        return Pitch.commonlyNamed(pitch.midi() + by);
    }

    /** The string that sounds lowest, from 1; not always the last, as on a re-entrant tuning. */
    private static int lowestString(List<Pitch> open) {
        return IntStream.rangeClosed(1, open.size())
                .reduce((one, other) ->
                        open.get(one - 1).midi() < open.get(other - 1).midi() ? one : other)
                .orElse(open.size());
    }

    /** The one way of each note, by note number; none where the shape does not lie on the neck. */
    Optional<Map<Integer, List<Way>>> ways() {
        if (misfit().isPresent()) return Optional.empty();
        Map<Integer, List<Way>> ways = new HashMap<>();
        places.forEach((midi, place) -> ways.put(midi, List.of(neck.way(place))));
        return Optional.of(ways);
    }

    /** Why the shape does not lie on the neck so far up or down, in a sentence; empty where it does. */
    Optional<String> misfit() {
        int lowest =
                places.values().stream().mapToInt(Shape.Fretted::position).min().orElse(1);
        int highest =
                places.values().stream().mapToInt(Shape.Fretted::fret).max().orElse(1);
        if (lowest < 1 || places.values().stream().anyMatch(place -> place.fret() < 1)) {
            return Optional.of("The shape that is the same in every key would begin below the first fret here:"
                    + " an octave higher may do.");
        }
        if (highest > neck.frets()) {
            return Optional.of("The shape that is the same in every key would go up to fret " + highest + " of "
                    + neck.frets() + " here: another octave or key may do.");
        }
        return places.values().stream()
                .filter(place -> !neck.isReached(place))
                .findFirst()
                .map(place -> "The shape that is the same in every key stretches over more than "
                        + Rounding.whole(neck.reachMm()) + " mm so far down the neck: a higher key may do.");
    }

    /** A neck on which every note has a finger, and the lowest note its string. */
    private record Closed(Fretboard neck, Pitch lowest, int string) implements Hand {
        @Override
        public Family family() {
            return Family.FRETS;
        }

        @Override
        public List<Way> ways(Pitch written) {
            return neck.ways(written).stream()
                    .filter(way -> {
                        Shape.Fretted shape = Fretboard.shape(way);
                        return shape.fret() > 0 && (!written.equals(lowest) || shape.string() == string);
                    })
                    .toList();
        }

        @Override
        public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
            neck.move(before, from, to, onset, sink);
        }
    }
}
