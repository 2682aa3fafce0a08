package pebblestep.documents.practice;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.Ascent;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step.Named;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.Schedule;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;
import pebblestep.documents.ClimbDocument;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.Fields;
import pebblestep.documents.ProgressDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.StepDocuments;

/**
 * A piece of a student's work with all that is needed to go on with it anywhere: the step and its climb as they are now, and
 * what its log comes to.
 *
 * @param edition counts what the teacher decided about it
 * @param before the last other key that the student was given; absent where there is none
 * @param minutesADay what was set for it
 * @param seconds how long it was practised on the last days
 */
public record PieceDocument(
        long assignmentId,
        int edition,
        String title,
        StepDocument step,
        ClimbDocument climb,
        StepDocument.@Nullable KeyPart before,
        SchedulePart schedule,
        int minutesADay,
        ProgressDocument progress,
        List<SecondsPart> seconds) {

    /**
     * On which days it is practised.
     *
     * @param to the last day; absent where it goes on until it is learned
     * @param weekdays the days of the week, 1 being Monday
     */
    public record SchedulePart(LocalDate from, @Nullable LocalDate to, List<Integer> weekdays) {
        static SchedulePart of(Schedule schedule) {
            return new SchedulePart(
                    schedule.from(),
                    schedule.to().orElse(null),
                    schedule.weekdays().stream()
                            .map(DayOfWeek::getValue)
                            .sorted()
                            .toList());
        }

        Schedule read() {
            return new Schedule(
                    from,
                    Optional.ofNullable(to),
                    weekdays.stream().map(DayOfWeek::of).collect(Collectors.toSet()));
        }
    }

    /** For how long something was practised on a day. */
    public record SecondsPart(LocalDate day, long seconds) {}

    /**
     * The document of a piece.
     *
     * @param before the last other key that the student was given, as its step names it
     */
    public static PieceDocument of(Piece piece, StepDocument.@Nullable KeyPart before) {
        Ascent now = piece.progress().standing().ascent();
        return new PieceDocument(
                piece.id(),
                piece.edition(),
                piece.title(),
                StepDocuments.write(now.step()),
                ClimbDocuments.write(now.climb()),
                before,
                SchedulePart.of(piece.schedule()),
                piece.minutesADay(),
                ProgressDocument.of(piece.progress()),
                piece.seconds().entrySet().stream()
                        .map(day -> new SecondsPart(day.getKey(), day.getValue()))
                        .toList());
    }

    /** The step and its climb. */
    Ascent ascent() {
        return Fields.under("piece", () -> Ascent.of(StepDocuments.read(step), ClimbDocuments.read(climb)));
    }

    /** The piece that it says, for whoever plays it. */
    Piece read(Player player) {
        Ascent now = ascent();
        return new Piece(
                assignmentId,
                edition,
                title,
                schedule.read(),
                minutesADay,
                progress.read(Passage.writtenKey(now.step(), player), now),
                seconds.stream().collect(Collectors.toMap(SecondsPart::day, SecondsPart::seconds)));
    }

    /** The written key that the player comes from. */
    Optional<Key> keyBefore(Player player) {
        return Optional.ofNullable(before)
                .map(part -> Passage.writtenKey(
                        Key.of(NoteName.parse(part.tonic()), Forms.of(part.form())),
                        part.named() == null ? Named.CONCERT : part.named(),
                        player));
    }
}
