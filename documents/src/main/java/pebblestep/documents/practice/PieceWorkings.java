package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Misfit;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.minutes.Load;
import pebblestep.core.minutes.Repetition;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.practice.Cautions;
import pebblestep.core.practice.DayTally;
import pebblestep.core.practice.Judgement;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Purpose;
import pebblestep.core.practice.TodayList;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.practice.TodayItem.DayPart;
import pebblestep.documents.practice.TodayItem.HeadPart;
import pebblestep.documents.practice.TodayItem.MisfitPart;
import pebblestep.documents.practice.TodayItem.ReasonPart;
import pebblestep.documents.practice.TodayItem.StandingPart;
import pebblestep.documents.practice.TodayItem.ToPlayPart;

/** Says one piece of work for the room. What is played on a rung is worked out once, however often it is asked for. */
final class PieceWorkings {
    private final Piece piece;
    private final Progress progress;
    private final Player player;
    private final Speech speech;
    private final Map<Position, Played> played = new HashMap<>();

    PieceWorkings(Piece piece, Player player, Speech speech) {
        this.piece = piece;
        this.progress = piece.progress();
        this.player = player;
        this.speech = speech;
    }

    /** What is played on a rung, and what it takes. */
    private record Played(Step step, Passage passage, Load load) {}

    /** Why it cannot be played on a day; empty where it can. */
    Optional<Misfit> misfit(LocalDate day) {
        Standing now = progress.standing().on(day);
        return Misfit.on(now.ascent(), now.at(), player);
    }

    /** Whether a list of that day has it, were it not that it cannot be played. */
    boolean isMissed(LocalDate day) {
        return progress.reviews().map(reviews -> reviews.isDue(day)).orElseGet(() -> piece.schedule()
                .isOn(day));
    }

    /**
     * What playing the rung takes with which the day's list was settled; the rung of now, where the player's range has
     * lost that one since.
     */
    Load load(LocalDate day) {
        Standing settled = progress.settled(day).standing();
        boolean fits = Misfit.on(settled.ascent(), settled.at(), player).isEmpty();
        return played(fits ? settled.at() : progress.standing().on(day).at()).load();
    }

    /** A day moves the rung but not the climb, so a rung is the same on every day. */
    private Played played(Position at) {
        return played.computeIfAbsent(at, rung -> {
            Ascent ascent = progress.standing().ascent();
            Step step = ascent.at(rung);
            Passage passage = Passage.of(step, player);
            return new Played(
                    step,
                    passage,
                    Load.of(Repetition.of(passage), step.tempo(), ascent.climb().repetitions()));
        });
    }

    /** As the list of a day asks about it. */
    TodayList.Due due(LocalDate day) {
        return new TodayList.Due(piece.id(), piece.title(), progress.settled(day), piece.schedule(), load(day));
    }

    /** How it stands on a day on which it cannot be played. */
    TodayItem unplayable(LocalDate day, Misfit misfit) {
        return item(
                day,
                new TodayList.Row(piece.id(), Purpose.LEARNING, 0, "does not fit your range"),
                new MisfitPart(
                        misfit.sentence(speech),
                        misfit.nearest(player).map(Misfit.Nearest::words).orElse(null)));
    }

    /** How it stands on a day, and why it is on the list. */
    TodayItem item(LocalDate day, TodayList.Row line) {
        return item(day, line, null);
    }

    private TodayItem item(LocalDate day, TodayList.Row line, @Nullable MisfitPart misfit) {
        Standing standing = progress.standing().on(day);
        Judgement judgement = Judgement.of(progress, day, speech);
        Ascent ascent = standing.ascent();
        DayTally today = progress.on(day);
        return new TodayItem(
                piece.id(),
                piece.edition(),
                new HeadPart(
                        piece.title(),
                        StepWords.keys(ascent.at(standing.at()), progress.key()),
                        progress.key().tonic().id(),
                        ValueName.sign(ascent.step().tempo().beat(), speech.names())),
                new ToPlayPart(
                        tempos(ascent),
                        rung(standing.at(), misfit == null),
                        line.repetitions(),
                        misfit == null
                                ? InMinutes.whole(
                                        load(day).times(line.repetitions()).total())
                                : 0),
                new ReasonPart(line.kind(), line.reason()),
                new StandingPart(
                        standing.cleanInRow(),
                        ascent.climb().rules().cleanToPass(),
                        judgement.kind(),
                        judgement.sentence()),
                new DayPart(
                        piece.minutesADay(),
                        today.takes(),
                        today.clean(),
                        piece.secondsOn(day),
                        words(progress.dawn(day))),
                misfit);
    }

    private String words(Standing standing) {
        return standing.ascent().words(speech).at(standing.at());
    }

    private static List<BigDecimal> tempos(Ascent ascent) {
        OptionalInt axis = ascent.climb().axis(AxisKind.TEMPO);
        if (axis.isEmpty()) return List.of(ascent.step().tempo().bpm().value());
        return ascent.climb().axes().get(axis.getAsInt()).ladder().rungs().stream()
                .map(Bpm::value)
                .toList();
    }

    private RungToPlay rung(Position at, boolean fits) {
        Ascent ascent = progress.standing().ascent();
        Optional<Played> it = fits ? Optional.of(played(at)) : Optional.empty();
        Step step = ascent.at(at);
        return new RungToPlay(
                at.toString(),
                ascent.words(speech).at(at),
                StepWords.withoutKey(step, speech),
                StepWords.beside(piece.title(), step, speech),
                ascent.climb().axis(AxisKind.TEMPO).stream()
                        .map(at::rung)
                        .findFirst()
                        .orElse(0),
                step.tempo().bpm().value(),
                ascent.words(speech).stage(at),
                ClimbDocuments.played(ascent, at),
                ascent.moves().routeFrom(at).size(),
                it.map(one -> InMinutes.whole(one.load().total())).orElse(0L),
                it.map(one -> CautionPart.of(Cautions.of(ascent, at, one.passage(), player)))
                        .orElse(List.of()));
    }
}
