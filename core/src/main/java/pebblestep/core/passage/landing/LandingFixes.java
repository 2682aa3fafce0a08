package pebblestep.core.passage.landing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pebblestep.core.line.Arpeggio;
import pebblestep.core.line.Straight;
import pebblestep.core.line.Travel;
import pebblestep.core.line.Turn;
import pebblestep.core.passage.Step;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.ValueName;

/**
 * Finds the small changes that land a step: moving its start by the distance, or the other way round the bar; striking
 * the turning note once or twice; both together, when that moves the start less. Least change first, measured as the
 * time that is displaced or added; one change before two of the same size.
 */
final class LandingFixes {
    private LandingFixes() {}

    static List<LandingFix> of(Step step) {
        List<Candidate> found = new ArrayList<>(moves(step));
        Fraction nearest = Landing.off(step).abs();
        if (step.line().turns()) {
            Step turned = step.withTurn(step.line().turn().other());
            Fraction added = step.figure().value().times(Math.abs(notes(turned) - notes(step)));
            Fraction off = Landing.off(turned);
            if (off.isZero()) {
                found.add(new Candidate(
                        added,
                        1,
                        new LandingFix(
                                LandingFix.Kind.TURN,
                                Optional.empty(),
                                Optional.empty(),
                                turnSentence(turned) + ".",
                                turned)));
            } else if (off.abs().isLessThan(nearest)) {
                moved(turned, off.negated())
                        .map(fix -> both(turned, fix))
                        .ifPresent(fix -> found.add(new Candidate(added.plus(off.abs()), 2, fix)));
            }
        }
        return found.stream()
                .sorted(Comparator.comparing(Candidate::size).thenComparing(Candidate::changes))
                .map(Candidate::fix)
                .toList();
    }

    private static long notes(Step step) {
        return step.line().noteCount(step.key().form());
    }

    private static List<Candidate> moves(Step step) {
        Fraction bar = step.meter().bar();
        Fraction by = Landing.off(step).negated();
        Fraction otherWay = by.signum() > 0 ? by.minus(bar) : by.plus(bar);
        List<Candidate> found = new ArrayList<>();
        for (Fraction distance : List.of(by, otherWay)) {
            moved(step, distance).ifPresent(fix -> found.add(new Candidate(distance.abs(), 1, fix)));
        }
        return found;
    }

    /** The step starting that much later, unless this leaves the bars around the downbeat. */
    private static Optional<LandingFix> moved(Step step, Fraction by) {
        Fraction place = step.place().plus(by);
        if (!place.abs().isLessThan(step.meter().bar())) return Optional.empty();
        Step changed = step.withPlace(place);
        Count startsOn = Count.of(place, step.meter());
        return Optional.of(new LandingFix(
                LandingFix.Kind.MOVE,
                Optional.of(by),
                Optional.of(startsOn),
                "Start on " + startsOn.inWords() + ", " + distance(step, by, place) + ".",
                changed));
    }

    private static String distance(Step step, Fraction by, Fraction place) {
        String words = ValueName.lengthWithArticle(by, step.figure().value());
        if (by.signum() > 0) return words + " later" + (place.signum() < 0 ? " in the bar before" : "");
        return words + (place.signum() < 0 ? " early" : " earlier");
    }

    private static LandingFix both(Step turned, LandingFix move) {
        String start =
                move.sentence().substring(0, 1).toLowerCase() + move.sentence().substring(1);
        return new LandingFix(
                LandingFix.Kind.TURN, move.by(), move.startsOn(), turnSentence(turned) + " and " + start, move.step());
    }

    private static String turnSentence(Step turned) {
        boolean twice = turned.line().turn() == Turn.DOUBLE;
        String where = turned.line().travel() == Travel.UP_DOWN ? "top" : "bottom";
        boolean shared =
                turned.line().pattern() instanceof Straight || turned.line().pattern() instanceof Arpeggio;
        if (shared) return "Strike the " + where + " note " + (twice ? "twice" : "once");
        return "Strike the turning note " + (twice ? "once more" : "once less");
    }

    private record Candidate(Fraction size, int changes, LandingFix fix) {}
}
