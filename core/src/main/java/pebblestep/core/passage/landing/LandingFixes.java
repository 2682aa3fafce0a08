package pebblestep.core.passage.landing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import pebblestep.core.Refusal;
import pebblestep.core.Words;
import pebblestep.core.line.Line;
import pebblestep.core.line.LineNote;
import pebblestep.core.line.Passing;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Step;
import pebblestep.core.passage.Target;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Leg;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Speech;
import pebblestep.core.rhythm.ValueName;
import pebblestep.core.scale.Form;
import pebblestep.core.walk.Join;
import pebblestep.core.walk.Walk;

/**
 * Finds the small changes that land a step, each worked out again and kept only when it lands exactly. Least change
 * first, measured as the time that is displaced, added or left out; at the same size one change before two, and the kinds
 * in the order in which a teacher tries them.
 */
final class LandingFixes {
    private static final int LATEST_ENTRY = 17;
    private static final int GRID = 48;

    private final Step step;
    private final Fraction off;
    private final Speech speech;
    private final List<Walk.Stop> stops;
    private final Form form;
    private final List<Candidate> found = new ArrayList<>();

    private LandingFixes(Step step, Fraction off, Speech speech, List<Walk.Stop> stops) {
        this.step = step;
        this.off = off;
        this.speech = speech;
        this.stops = stops;
        this.form = (stops.isEmpty() ? step.key() : stops.getFirst().key()).form();
    }

    static List<LandingFix> of(Step step, Speech speech) {
        List<Walk.Stop> stops = WalkLanding.stops(step);
        Fraction off = WalkLanding.of(step, stops).off();
        if (off.isZero()) return List.of();
        LandingFixes fixes = new LandingFixes(step, off, speech, stops);
        fixes.join();
        fixes.moves();
        fixes.turn();
        fixes.from();
        fixes.note();
        fixes.hold();
        return fixes.found.stream()
                .sorted(Comparator.comparing(Candidate::size)
                        .thenComparing(Candidate::changes)
                        .thenComparing(candidate -> candidate.fix().kind()))
                .map(Candidate::fix)
                .toList();
    }

    /** A line in one key lands once; asked for many changes, no more keys are worked out than the first that misses. */
    private boolean lands(Step one) {
        if (stops.isEmpty()) return Landing.of(one).lands();
        return WalkLanding.of(one, stops.subList(0, 1)).lands()
                && WalkLanding.of(one, stops).lands();
    }

    /** A changed step, unless it cannot be made or does not land in every key. */
    private Optional<Step> tryLanding(Supplier<Step> changed) {
        try {
            return Optional.of(changed.get()).filter(this::lands);
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    private void keep(Fraction size, int changes, LandingFix fix) {
        found.add(new Candidate(size.abs(), changes, fix));
    }

    private void keep(Fraction size, FixKind kind, String sentence, Step changed) {
        keep(size, 1, new LandingFix(kind, Optional.empty(), Optional.empty(), sentence + ".", changed));
    }

    /** Keys that follow at once or on a beat begin at bar lines instead, where need be on another place of the bar. */
    private void join() {
        if (step.walk().isEmpty() || step.walk().get().join().countsBars()) return;
        Step joined = step.withWalk(step.walk().get().withJoin(Join.NEXT_BAR));
        String sentence = "Begin every key at the next bar";
        Fraction added = step.meter().bar();
        if (tryLanding(() -> joined).isPresent()) {
            keep(added, FixKind.JOIN, sentence, joined);
            return;
        }
        Optional<Fraction> left = WalkLanding.tryOf(joined, stops).map(WalkLanding::off);
        left.flatMap(by -> moved(joined, by.negated()))
                .ifPresent(move -> keep(
                        added.plus(left.get().abs()),
                        2,
                        new LandingFix(
                                FixKind.JOIN,
                                move.by(),
                                move.startsOn(),
                                sentence + " and " + Words.small(move.sentence()),
                                move.step())));
    }

    private void moves() {
        Fraction bar = step.meter().bar();
        Fraction by = off.negated();
        Fraction otherWay = by.signum() > 0 ? by.minus(bar) : by.plus(bar);
        boolean waits =
                step.rhythm().legs().stream().anyMatch(leg -> leg.place().isPresent());
        for (Fraction distance : waits ? searched() : List.of(by, otherWay)) {
            moved(step, distance).ifPresent(fix -> keep(distance, 1, fix));
        }
        if (waits) movedLeg();
    }

    /** The last leg that waits for a place, on another place of its beat. */
    private void movedLeg() {
        List<Leg> legs = step.rhythm().legs();
        for (int i = legs.size() - 1; i >= 0; i--) {
            if (legs.get(i).place().isEmpty()) continue;
            int which = i;
            Fraction place = legs.get(i).place().get().minus(off);
            tryLanding(() -> {
                        List<Leg> others = new ArrayList<>(legs);
                        others.set(
                                which,
                                new Leg(legs.get(which).start(), legs.get(which).figure(), Optional.of(place)));
                        return step.withRhythm(step.rhythm().withLegs(others));
                    })
                    .ifPresent(changed -> keep(
                            off,
                            FixKind.MOVE,
                            "Start " + (legs.get(which).start() instanceof Leg.AtTurn ? "the way back " : "the leg ")
                                    + ValueName.lengthWithArticle(
                                            off, step.rhythm().click(), speech.names())
                                    + (off.signum() < 0 ? " later" : " earlier"),
                            changed));
            return;
        }
    }

    /** A leg that waits for its place swallows a move; so the nearest moves that land are looked for both ways. */
    private List<Fraction> searched() {
        List<Fraction> nearest = new ArrayList<>();
        for (int way : new int[] {1, -1}) {
            for (int clicks = 1; clicks < 2 * GRID; clicks++) {
                Fraction distance = Fraction.of((long) way * clicks, GRID);
                Fraction place = step.place().plus(distance);
                boolean hasAWord = !Count.of(place, step.meter()).word().startsWith("+");
                if (hasAWord && moved(step, distance).isPresent()) {
                    nearest.add(distance);
                    break;
                }
            }
        }
        return nearest;
    }

    /** The step starting that much later, unless this leaves the bars around the downbeat or does not land. */
    private Optional<LandingFix> moved(Step from, Fraction by) {
        return tryLanding(() -> from.withPlace(from.place().plus(by))).map(changed -> {
            Count startsOn = Count.of(changed.place(), changed.meter());
            return new LandingFix(
                    FixKind.MOVE,
                    Optional.of(by),
                    Optional.of(startsOn),
                    "Start on " + startsOn.inWords(speech.school()) + ", " + distance(by, changed.place()) + ".",
                    changed);
        });
    }

    private String distance(Fraction by, Fraction place) {
        String words = ValueName.lengthWithArticle(by, step.rhythm().click(), speech.names());
        if (by.signum() > 0) return words + " later" + (place.signum() < 0 ? " in the bar before" : "");
        return words + (place.signum() < 0 ? " early" : " earlier");
    }

    private void turn() {
        if (!step.line().turns()) return;
        Step turned = step.withTurn(step.line().turn().other());
        Fraction added = step.figure().quickest().times(Math.abs(notes(turned) - notes(step)));
        if (tryLanding(() -> turned).isPresent()) {
            keep(added, FixKind.TURN, turnSentence(turned), turned);
            return;
        }
        Optional<Fraction> less = WalkLanding.tryOf(turned, stops)
                .map(WalkLanding::off)
                .filter(left -> left.abs().isLessThan(off.abs()));
        if (less.isEmpty()) return;
        Fraction left = less.get();
        moved(turned, left.negated()).ifPresent(move -> {
            String start = Words.small(move.sentence());
            keep(
                    added.plus(left.abs()),
                    2,
                    new LandingFix(
                            FixKind.TURN,
                            move.by(),
                            move.startsOn(),
                            turnSentence(turned) + " and " + start,
                            move.step()));
        });
    }

    private long notes(Step one) {
        return one.line().noteCount(form);
    }

    private static String turnSentence(Step turned) {
        boolean twice = turned.line().turn() == Turn.DOUBLE;
        String where = turned.line().travel() == Travel.UP_DOWN ? "top" : "bottom";
        if (turned.line().pattern().kind().turnsOnTheOutermost())
            return "Strike the " + where + " note " + (twice ? "twice" : "once");
        return "Strike the turning note " + (twice ? "once more" : "once less");
    }

    /** Coming into the line on a later note, on the same place: the first entry that lands. */
    private void from() {
        Line line = step.line();
        long count = notes(step);
        for (int later = 1; later < Math.min(count - 1, LATEST_ENTRY); later++) {
            if (cannotLand(-later)) continue;
            int enter = line.enter() + later;
            Optional<Step> changed = tryLanding(() -> step.withLine(line.withEnter(enter)));
            if (changed.isEmpty()) continue;
            Fraction left = Fraction.ZERO;
            for (int i = 0; i < later; i++)
                left = left.plus(step.figure().slot(i).length());
            keep(
                    left.times(step.rhythm().strikes()),
                    FixKind.FROM,
                    "Come in on note " + enter + " of the line, "
                            + degree(line.notes(form).get(later))
                            + ", in place of the first",
                    changed.get());
            return;
        }
    }

    /** Whether an even line with so many notes more cannot land: seen at once, before anything is worked out again. */
    private boolean cannotLand(int notesMore) {
        if (!step.rhythm().isEven() || step.target().note() != Target.Arriving.LAST) return false;
        if (step.walk().isPresent() && !step.walk().get().join().countsBars()) return false;
        Fraction shift = step.figure()
                .even()
                .get()
                .times((long) notesMore * step.rhythm().strikes());
        return !off.plus(shift).mod(step.meter().bar()).isZero();
    }

    /** The degree of a note as the form has it. */
    private String degree(LineNote note) {
        return "degree "
                + form.degrees(note.direction())
                        .get(Math.floorMod(note.index(), form.size()))
                        .altered(note.alteration());
    }

    /** A passing half step at the last whole step, or the last note but one left out. */
    private void note() {
        Line line = step.line();
        if (line.passing().isPresent() || line.enter() > 1) return;
        if (cannotLand(1) && cannotLand(-1)) return;
        List<LineNote> notes = line.notes(form);
        Fraction size = step.figure().quickest().times(step.rhythm().strikes());
        int behind = Passing.lastWholeStep(notes, form);
        if (behind > 0) {
            Passing added = new Passing(Passing.Change.ADD, behind);
            tryLanding(() -> step.withLine(line.withPassing(added)))
                    .ifPresent(changed -> keep(
                            size,
                            FixKind.NOTE,
                            "Pass through the half step between " + degree(notes.get(behind - 1)) + " and "
                                    + degree(notes.get(behind)) + " near the end",
                            changed));
        }
        if (notes.size() > 2) {
            Passing left = new Passing(Passing.Change.LEAVE_OUT, notes.size() - 1);
            tryLanding(() -> step.withLine(line.withPassing(left)))
                    .ifPresent(changed -> keep(
                            size,
                            FixKind.NOTE,
                            "Leave out " + degree(notes.get(notes.size() - 2)) + " just before the last note",
                            changed));
        }
    }

    /** The turning note, or the first where none turns before the arriving one, held by what is missing. */
    private void hold() {
        if (step.rhythm().hold().isPresent()) return;
        Fraction missing = off.negated().mod(step.meter().bar());
        boolean turns = step.line().turnAt(form).isPresent() && step.target().note() == Target.Arriving.LAST;
        Rhythm.HeldNote note = turns ? Rhythm.HeldNote.TURN : Rhythm.HeldNote.FIRST;
        tryLanding(() -> step.withRhythm(step.rhythm().withHold(new Rhythm.Hold(note, missing))))
                .ifPresent(changed -> keep(
                        missing,
                        FixKind.HOLD,
                        "Hold the " + (turns ? "turning" : "first") + " note "
                                + ValueName.lengthWithArticle(
                                        missing, step.rhythm().click(), speech.names()) + " longer",
                        changed));
    }

    private record Candidate(Fraction size, int changes, LandingFix fix) {}
}
