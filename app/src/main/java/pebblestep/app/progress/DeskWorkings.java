package pebblestep.app.progress;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pebblestep.app.assignments.Assigned;
import pebblestep.app.progress.ProgressViews.DecisionView;
import pebblestep.app.progress.ProgressViews.DeskWork;
import pebblestep.app.progress.ProgressViews.RungDecision;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Spans;
import pebblestep.core.climb.Spans.Change;
import pebblestep.core.climb.Standing;
import pebblestep.core.forecast.Pace;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.JudgementKind;
import pebblestep.core.practice.KeyPath;
import pebblestep.core.practice.Progress;
import pebblestep.core.practice.Verdict;
import pebblestep.core.rhythm.Speech;
import pebblestep.documents.Rounded;
import pebblestep.documents.bench.ClimbWorkings;

/** Says one thing that a student works on for the desk; the verdict first, all else only where it is shown. */
record DeskWorkings(
        Assigned assigned, Progress progress, Player player, Verdict verdict, Standing standing, Speech speech) {

    /** What is open on the day, and of what is known what slips away or does not fit; empty for anything else. */
    static Optional<DeskWorkings> of(
            Assigned assigned, Progress progress, Pace.Seen studio, Player player, LocalDate today, Speech speech) {
        Verdict verdict =
                Verdict.of(progress, assigned.schedule(), assigned.goal().orElse(null), studio, player, today, speech);
        boolean shown = assigned.schedule().isOpen(today)
                || verdict.kind() == JudgementKind.SLIPPING
                || (verdict.kind() == JudgementKind.MISFIT && progress.reviews().isPresent());
        return shown
                ? Optional.of(new DeskWorkings(
                        assigned, progress, player, verdict, progress.standing().on(today), speech))
                : Optional.empty();
    }

    JudgementKind kind() {
        return verdict.kind();
    }

    /**
     * In full.
     *
     * @param names of the teachers of the studio, where it has several
     */
    DeskWork view(Map<Long, String> names) {
        Ascent ascent = standing.ascent();
        boolean picks = verdict.kind() == JudgementKind.PICK;
        boolean misfits = verdict.kind() == JudgementKind.MISFIT;
        return new DeskWork(
                assigned.id(),
                assigned.title(),
                progress.key().toString(),
                ascent.bpm(standing.at()).value(),
                ascent.bpm(ascent.climb().last()).value(),
                progress.best().map(best -> best.bpm().value()).orElse(null),
                progress.best().map(best -> Rounded.of(best.notesPerSecond())).orElse(null),
                KeyPath.rings(standing),
                verdict.kind(),
                verdict.sentence(),
                misfits ? List.of() : verdict.advice(),
                picks ? new ClimbWorkings(ascent, Optional.of(player), speech).moves(standing.at()) : List.of(),
                picks ? List.of() : decisions(),
                standing.held(),
                assigned.decisions().stream().anyMatch(decided -> decided.at().isAfter(Instant.MIN)),
                misfits ? verdict.advice().stream().findFirst().orElse(null) : null,
                assigned.decidedBy().map(names::get).orElse(null));
    }

    private List<DecisionView> decisions() {
        Ascent ascent = standing.ascent();
        List<DecisionView> decisions = new ArrayList<>();
        ascent.moves()
                .back(standing.at())
                .ifPresent(at -> decisions.add(
                        new DecisionView(RungDecision.BACK, ascent.words(speech).at(at), at.rungs())));
        ascent.moves()
                .next(standing.at())
                .ifPresent(at -> decisions.add(
                        new DecisionView(RungDecision.ON, ascent.words(speech).at(at), at.rungs())));
        Spans.of(Change.SHORTER, ascent, standing.at())
                .ifPresent(spans -> decisions.add(decision(RungDecision.SHORTEN, spans)));
        Spans.of(Change.WIDER, ascent, standing.at())
                .ifPresent(spans -> decisions.add(decision(RungDecision.WIDEN, spans)));
        return decisions;
    }

    private DecisionView decision(RungDecision kind, Spans spans) {
        return new DecisionView(
                kind, spans.ascent().at(spans.at()).line().inWords(), spans.at().rungs());
    }
}
