package pebblestep.documents.practice;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.practice.Latency;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;

/**
 * A student's practice room with all that is needed to practise in it for a fortnight without the studio.
 *
 * @param room a name of this room that stays when the link is renewed
 * @param minutesADay what the student has on a day; absent where that was not said
 * @param simulated whether made-up players tap here, as in the demo
 * @param latencyTest a test of how late sounds are heard
 */
public record RoomDocument(
        String room,
        String student,
        PlayerDocument player,
        @Nullable Integer minutesADay,
        SpeechDocument speech,
        boolean simulated,
        LatencyTest latencyTest,
        List<PieceDocument> pieces) {
    /** Days for which it reaches. */
    public static final int DAYS = 14;

    /** A test of how late sounds are heard: when its clicks sound, and when it is over, in milliseconds from the first. */
    public record LatencyTest(List<Double> clicksMs, double endMs) {
        private static final LatencyTest USUAL =
                new LatencyTest(Latency.clicks(), Latency.CLICKS * Latency.INTERVAL_MILLIS);
    }

    /** The document of a room with these pieces. */
    public static RoomDocument of(Room room, boolean simulated, List<PieceDocument> pieces) {
        return new RoomDocument(
                room.name(),
                room.student(),
                PlayerDocument.of(room.player()),
                room.minutes()
                        .map(minutes -> Math.toIntExact(minutes.toMinutes()))
                        .orElse(null),
                SpeechDocument.of(room.speech()),
                simulated,
                LatencyTest.USUAL,
                pieces);
    }

    /** Whose room it is. */
    Room read() {
        return new Room(
                room, student, player.read(), Optional.ofNullable(minutesADay).map(Duration::ofMinutes), speech.read());
    }
}
