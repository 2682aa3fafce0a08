package pebblestep.documents.practice;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.practice.Progress;

/**
 * The list of a day, to be worked out in the page.
 *
 * @param taken what the studio does not have yet, in the order in which it was made
 * @param day the student's own
 */
public record TodayAsked(RoomDocument room, List<TakenPart> taken, LocalDate day) {

    /** Works it out. */
    public Today answer() {
        Room whose = room.read();
        return whose.list(
                day,
                room.pieces().stream()
                        .map(piece -> after(piece.read(whose.player()), taken))
                        .toList());
    }

    /** A piece after these takes, as far as they are its own. */
    static Piece after(Piece piece, List<TakenPart> taken) {
        Progress progress = piece.progress();
        Map<LocalDate, Long> seconds = new HashMap<>(piece.seconds());
        for (TakenPart take : taken) {
            if (take.assignmentId() != piece.id()) continue;
            progress = progress.then(take.read());
            seconds.merge(take.day(), take.practised(), Long::sum);
        }
        return new Piece(
                piece.id(), piece.edition(), piece.title(), piece.schedule(), piece.minutesADay(), progress, seconds);
    }
}
