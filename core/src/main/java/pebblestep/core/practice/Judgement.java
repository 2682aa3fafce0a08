package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Words;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Climb;
import pebblestep.core.climb.Move;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.rhythm.Speech;

/**
 * What the takes of a piece of work say, in one sentence with its numbers.
 *
 * @param kind the short of it, for a sign beside the sentence
 * @param sentence the whole of it
 */
public record Judgement(JudgementKind kind, String sentence) {
    /** The judgement of a piece of work as seen on a day. */
    public static Judgement of(Work work, LocalDate today, Speech speech) {
        Standing standing = work.standing(today);
        return work.takes().isEmpty() ? unstarted(standing, speech) : of(standing, speech);
    }

    /** The same of its progress. */
    public static Judgement of(Progress progress, LocalDate today, Speech speech) {
        Standing standing = progress.standing().on(today);
        return progress.started() ? of(standing, speech) : unstarted(standing, speech);
    }

    /** The judgement of a standing that takes have led to. */
    static Judgement of(Standing standing, Speech speech) {
        return new Words(standing, speech).judgement();
    }

    /** The judgement of a standing before the first take. */
    static Judgement unstarted(Standing standing, Speech speech) {
        Words words = new Words(standing, speech);
        return new Judgement(JudgementKind.NEW, "Not started: begins " + words.at(standing.at()) + ".");
    }

    /** A rung with its preposition: {@code at 72 bpm}, {@code with eighths, two octaves, 72 bpm}. */
    static String at(Ascent ascent, Position position, Speech speech) {
        Climb climb = ascent.climb();
        boolean tempoAlone =
                climb.axes().size() == 1 && climb.axis(AxisKind.TEMPO).isPresent();
        return (tempoAlone ? "at " : "with ") + ascent.words(speech).at(position);
    }

    /** Says rungs as this climb needs it: a tempo alone, or everything that is climbed. */
    private record Words(Standing standing, Speech speech) {
        Judgement judgement() {
            int needed = climb().rules().cleanToPass();
            String now = at(standing.at());
            if (standing.topPassed()) {
                return new Judgement(
                        JudgementKind.REACHED, "Target reached: " + needed + " clean in a row " + now + ".");
            }
            Optional<Position> next = ascent().moves().next(standing.at());
            String then = next.map(to -> "then " + change(standing.at(), to))
                    .orElse(
                            ascent().isLast(standing.at())
                                    ? "then the target is reached"
                                    : "then you pick what comes next");
            return switch (standing.lastMove()) {
                case PASSED -> {
                    Position before = standing.from().orElseThrow();
                    yield new Judgement(
                            JudgementKind.READY,
                            needed + " clean " + at(before) + ": ready for " + change(before, standing.at()) + ".");
                }
                case STEPPED_BACK ->
                    new Judgement(
                            JudgementKind.BACK,
                            climb().rules().missesToStepBack() + " takes not clean: back to " + rung(standing.at())
                                    + ".");
                case WAITS ->
                    new Judgement(
                            JudgementKind.WAITS,
                            needed + " clean " + now + ", and " + standing.passedToday()
                                    + " rungs passed today: enough for today, " + then + " tomorrow.");
                case HELD ->
                    new Judgement(
                            JudgementKind.WAITS,
                            needed + " clean " + now + "; held here until the teacher lets it go on.");
                case TEACHER_PICKS ->
                    new Judgement(
                            JudgementKind.PICK, needed + " clean " + now + ". Pick what comes next: " + picks() + "?");
                case NONE, PLACED ->
                    standing.missesInRow() > 0
                            ? new Judgement(JudgementKind.MISSES, misses())
                            : new Judgement(
                                    JudgementKind.HOLD,
                                    standing.cleanInRow() + " of " + needed + " clean in a row " + now + ", " + then
                                            + ".");
            };
        }

        private Ascent ascent() {
            return standing.ascent();
        }

        private Climb climb() {
            return ascent().climb();
        }

        String at(Position position) {
            return Judgement.at(ascent(), position, speech);
        }

        private String rung(Position position) {
            return ascent().words(speech).at(position);
        }

        /** A rung as it differs from another: the number alone where only the tempo does. */
        private String change(Position from, Position to) {
            boolean tempoOnly = true;
            for (int axis = 0; axis < climb().axes().size(); axis++) {
                boolean tempo = climb().axes().get(axis).kind() == AxisKind.TEMPO;
                tempoOnly &= tempo || from.rung(axis) == to.rung(axis);
            }
            return tempoOnly ? ascent().bpm(to).toString() : rung(to);
        }

        private String picks() {
            List<String> picks = ascent().moves().up(standing.at()).stream()
                    .map(Move::axes)
                    .map(axes -> axes.get(0).further())
                    .toList();
            return String.join(", or ", picks);
        }

        private String misses() {
            int most = climb().rules().missesToStepBack();
            String row = standing.missesInRow() + (standing.missesInRow() == 1 ? " take" : " takes in a row");
            String said = row + " not clean " + at(standing.at());
            return ascent().moves()
                    .back(standing.at())
                    .map(back -> said + "; after " + most + " it goes back to " + change(standing.at(), back) + ".")
                    .orElse(said + ": stay here until " + climb().rules().cleanToPass() + " in a row are clean.");
        }
    }
}
