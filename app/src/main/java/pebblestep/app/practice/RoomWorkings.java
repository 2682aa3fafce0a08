package pebblestep.app.practice;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.practice.PracticeViews.AheadView;
import pebblestep.app.practice.PracticeViews.CautionView;
import pebblestep.app.practice.PracticeViews.DayPart;
import pebblestep.app.practice.PracticeViews.HeadPart;
import pebblestep.app.practice.PracticeViews.ReasonPart;
import pebblestep.app.practice.PracticeViews.RungToPlay;
import pebblestep.app.practice.PracticeViews.StandingPart;
import pebblestep.app.practice.PracticeViews.StatePart;
import pebblestep.app.practice.PracticeViews.ToPlayPart;
import pebblestep.app.practice.PracticeViews.TodayItem;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.AxisKind;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.metronome.Laps;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.minutes.Load;
import pebblestep.core.minutes.Repetition;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.StepWords;
import pebblestep.core.practice.Cautions;
import pebblestep.core.practice.Cautions.Caution;
import pebblestep.core.practice.DayTally;
import pebblestep.core.practice.Foresight;
import pebblestep.core.practice.Judgement;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.TodayList;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.ClimbDocuments;

/**
 * Says one piece of a student's work for the practice room, for all days that are asked about; made for one request. What
 * is played on a rung is worked out once, however many days and lines ask for it.
 */
final class RoomWorkings {
    private final Assigned assigned;
    private final Progress progress;
    private final Player player;
    private final Speech speech;
    private final Map<Position, Played> played = new HashMap<>();

    /**
     * The workings of one piece.
     *
     * @param speech what note values are called
     */
    RoomWorkings(Assigned assigned, Progress progress, Player player, Speech speech) {
        this.assigned = assigned;
        this.progress = progress;
        this.player = player;
        this.speech = speech;
    }

    /** What is played on a rung, and what it takes. */
    private record Played(Step step, Passage passage, Load load) {}

    Assigned assigned() {
        return assigned;
    }

    /** What playing the rung takes with which the day's list was settled. */
    Load load(LocalDate day) {
        return played(progress.settled(day).standing().at()).load();
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
    TodayList.Due piece(LocalDate day) {
        return new TodayList.Due(
                assigned.id(), assigned.title(), progress.settled(day), assigned.schedule(), load(day));
    }

    /** How it stands on a day, and why it is on the list. */
    TodayItem item(LocalDate day, long seconds, TodayList.Row line) {
        Standing standing = progress.standing().on(day);
        Judgement judgement = Judgement.of(progress, day, speech);
        Ascent ascent = standing.ascent();
        DayTally today = progress.on(day);
        return new TodayItem(
                assigned.id(),
                edition(),
                new HeadPart(
                        assigned.title(),
                        progress.key().toString(),
                        ascent.step().tempo().beat().toString()),
                new ToPlayPart(
                        tempos(ascent),
                        rung(standing.at()),
                        line.repetitions(),
                        InMinutes.whole(load(day).times(line.repetitions()).total())),
                new ReasonPart(line.kind(), line.reason()),
                new StandingPart(
                        standing.cleanInRow(),
                        ascent.climb().rules().cleanToPass(),
                        judgement.kind(),
                        judgement.sentence()),
                new DayPart(assigned.minutesADay(), today.takes(), today.clean(), seconds, words(progress.dawn(day))));
    }

    private int edition() {
        return assigned.decisions().size();
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

    private RungToPlay rung(Position at) {
        Ascent ascent = progress.standing().ascent();
        Played it = played(at);
        Step step = it.step();
        return new RungToPlay(
                at.toString(),
                ascent.words(speech).at(at),
                StepWords.withoutKey(step, speech),
                ascent.climb().axis(AxisKind.TEMPO).stream()
                        .map(at::rung)
                        .findFirst()
                        .orElse(0),
                step.tempo().bpm().value(),
                ascent.words(speech).stage(at),
                ClimbDocuments.played(ascent, at),
                ascent.moves().routeFrom(at).size(),
                InMinutes.whole(it.load().total()),
                ascent.moves().next(at).map(Position::toString).orElse(null),
                cautions(Cautions.of(ascent, at, it.passage(), player)));
    }

    static List<CautionView> cautions(List<Caution> cautions) {
        return cautions.stream()
                .map(caution -> new CautionView(caution.moment(), caution.text()))
                .toList();
    }

    /** How it goes on from a day, however the next takes go; with the rungs that a run can rise over. */
    AheadView ahead(LocalDate day) {
        Foresight foresight = Foresight.of(progress, day, speech);
        Standing now = foresight.states().get(0).standing();
        Set<Position> met = new LinkedHashSet<>(foresight.positions());
        now.ascent().moves().routeFrom(now.at()).stream().limit(Laps.MOST_TIMES).forEach(met::add);
        List<Position> rungs = new ArrayList<>(met);
        return new AheadView(
                assigned.id(),
                edition(),
                rungs.stream().map(this::rung).toList(),
                foresight.states().stream().map(state -> part(state, rungs)).toList());
    }

    private static StatePart part(Foresight.State state, List<Position> rungs) {
        return new StatePart(
                rungs.indexOf(state.standing().at()),
                state.standing().cleanInRow(),
                state.judgement().kind(),
                state.judgement().sentence(),
                orNull(state.clean()),
                orNull(state.under()),
                orNull(state.missed()),
                orNull(state.morning()));
    }

    private static @Nullable Integer orNull(OptionalInt place) {
        return place.isPresent() ? place.getAsInt() : null;
    }
}
