package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Ran;
import pebblestep.core.practice.Ran.Said;
import pebblestep.core.practice.Slipped;
import pebblestep.core.practice.Take;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.ClimbDocuments.PlayedPart;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SlippedDocument;

/**
 * What a student says of a run, to become takes: one for each time through.
 *
 * @param taken what the studio does not have yet of this piece, in the order in which it was made
 * @param seconds how long it took in all
 * @param takenAt when it was over, by the student's own clock
 */
public record TakesAsked(
        PieceDocument piece,
        PlayerDocument player,
        List<TakenPart> taken,
        RanAsked ran,
        SaidPart said,
        double seconds,
        String takenAt) {

    /**
     * How it went.
     *
     * @param outcome all clean, not all clean, or broken off
     * @param upTo on how many of the rungs it was clean, where it rose over several
     * @param slipped what slipped, as far as it was said
     * @param note a word about it
     * @param times which times slipped, counted from 1
     */
    public record SaidPart(
            Outcome outcome,
            @Nullable Integer upTo,
            @Nullable SlippedDocument slipped,
            @Nullable String note,
            @Nullable List<Integer> times) {}

    /** The takes, in order. */
    public record TakesAnswer(List<TakePart> takes) {}

    /** A take as it is sent to the studio, but for its id and piece. */
    public record TakePart(
            BigDecimal bpm,
            List<PlayedPart> played,
            Outcome outcome,
            @Nullable SlippedDocument slipped,
            String note,
            int seconds,
            ReckonedPart reckoned) {}

    /** Works them out; refuses an answer that does not fit the run. */
    public TakesAnswer answer() {
        List<Said> all = takes(ran.read());
        int each = Ran.secondsEach(seconds, all.size());
        Progress progress = TodayAsked.after(piece.read(player.read()), taken).progress();
        LocalDate day = TakenPart.dayOf(takenAt);
        List<TakePart> takes = new ArrayList<>();
        for (Said one : all) {
            Ran.Lap lap = one.lap();
            progress = progress.then(new Take(lap.bpm(), lap.others(), one.outcome(), day, one.slipped()));
            takes.add(new TakePart(
                    lap.bpm().value(),
                    ClimbDocuments.parts(lap.others()),
                    one.outcome(),
                    one.slipped().isNothing() ? null : SlippedDocument.of(one.slipped()),
                    one.note(),
                    each,
                    ReckonedPart.of(piece.edition(), progress)));
        }
        return new TakesAnswer(takes);
    }

    private List<Said> takes(Ran run) {
        if (said.upTo() != null) return run.cleanUpTo(said.upTo());
        Slipped slipped =
                said.slipped() == null ? Slipped.NOTHING : said.slipped().read();
        String note = said.note() == null ? "" : said.note();
        Set<Integer> times = said.times() == null ? Set.of() : Set.copyOf(said.times());
        List<Said> takes =
                switch (said.outcome()) {
                    case CLEAN -> run.clean();
                    case SLIPS -> run.slips(times, slipped, note);
                    case STOPPED -> run.stopped(times, slipped, note);
                };
        if (takes.isEmpty())
            throw Refusal.of("said.outcome", "Nothing was played to its end.").fits("Say stopped.");
        return takes;
    }
}
