package pebblestep.documents.bench;

import java.util.List;
import java.util.stream.IntStream;
import pebblestep.core.Rounding;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Outlook.Ahead;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.scale.Key;

/**
 * A step of a shape.
 *
 * @param tonic the tonic of its key
 * @param minor whether that key is a minor one
 * @param rungs how many its climb has
 * @param seconds what the first takes on a day
 * @param profile notes a second along the climb, at 24 rungs at most, first to last
 */
public record ShapePart(
        String title, String key, String tonic, boolean minor, int rungs, int seconds, List<Double> profile) {
    private static final int MOST_SHOWN = 24;
    private static final int SECONDS = 60;

    /** The shape of a step with a climb that can be played. */
    public static ShapePart of(String title, Ascent ascent, Speech speech) {
        return of(title, ascent, Outlook.of(ascent, ascent.climb().first(), null, speech));
    }

    /** The shape of a step whose climb has been worked out. */
    public static ShapePart of(String title, Ascent ascent, Outlook outlook) {
        List<Ahead> rungs = outlook.rungs();
        int shown = Math.min(rungs.size(), MOST_SHOWN);
        List<Double> profile = IntStream.range(0, shown)
                .map(i -> shown == 1 ? 0 : i * (rungs.size() - 1) / (shown - 1))
                .mapToObj(i -> Rounding.whole(10 * rungs.get(i).notesPerSecond()) / 10.0)
                .toList();
        long millis = rungs.get(0).load().total().toMillis();
        Key key = ascent.step().key();
        return new ShapePart(
                title,
                key.toString(),
                key.tonic().id(),
                key.form().isMinorSide(),
                rungs.size(),
                (int) Math.ceil(millis / 1000.0),
                profile);
    }

    /** What shapes take on a day, in minutes, rounded up. */
    public static int minutes(List<ShapePart> shape) {
        int seconds = shape.stream().mapToInt(ShapePart::seconds).sum();
        return (seconds + SECONDS - 1) / SECONDS;
    }
}
