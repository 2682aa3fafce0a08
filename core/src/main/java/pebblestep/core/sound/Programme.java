package pebblestep.core.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Position;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.pitch.ReferencePitch;

/** Runs one after the other, each counted in: what is listened to from the first click to the last. */
public record Programme(List<Run> runs) {
    /** The longest programme, in minutes. */
    public static final int MOST_MINUTES = 60;

    /** Refuses none at all, and more than an hour. */
    public Programme {
        runs = List.copyOf(runs);
        if (runs.isEmpty()) throw Refusal.of("There is nothing to play.").fits("Choose at least one step.");
        requireShort(runs.stream().mapToDouble(Run::seconds).sum());
    }

    /** Refuses more than an hour. */
    static void requireShort(double seconds) {
        if (seconds > MOST_MINUTES * 60.0) {
            throw Refusal.of(
                            "times",
                            "This would last " + (long) Math.ceil(seconds / 60) + " minutes; a sound file has at most "
                                    + MOST_MINUTES + ".")
                    .fits("Play each rung fewer times, or take fewer steps.");
        }
    }

    /** One step, so many times. */
    public static Programme of(Passage passage, int times, Set<Track> heard, ReferencePitch reference) {
        return new Programme(List.of(Run.of(passage, times, heard, reference)));
    }

    /** Every rung of a climb on its way from a rung on, so many times each, announced by its count-in. */
    public static Programme along(
            Ascent ascent,
            Position from,
            int times,
            @Nullable Player player,
            Set<Track> heard,
            ReferencePitch reference) {
        List<Run> runs = new ArrayList<>();
        double seconds = 0;
        for (Position at : ascent.moves().routeFrom(from)) {
            Run run = Run.of(Passage.of(ascent.at(at), player), times, heard, reference);
            seconds += run.seconds();
            runs.add(run);
            // What is far too long is refused before all of it is worked out.
            if (seconds > MOST_MINUTES * 60.0) break;
        }
        return new Programme(runs);
    }

    /** This programme and then another. */
    public Programme then(Programme other) {
        List<Run> all = new ArrayList<>(runs);
        all.addAll(other.runs);
        return new Programme(all);
    }

    /** How long it is, in seconds. */
    public double seconds() {
        return runs.stream().mapToDouble(Run::seconds).sum();
    }
}
