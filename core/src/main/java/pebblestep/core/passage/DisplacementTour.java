package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Words;
import pebblestep.core.rhythm.Count;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Leg;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Speech;

/**
 * The places to master with one line, in the order in which they are taught: long values before short ones, because long
 * notes show an unsteady pulse and short ones hide it; in each value the &, then e, then a, then the second and the third
 * triplet, then one place going up and another coming down (common practice, no source).
 */
public final class DisplacementTour {
    private static final List<Fraction> VALUES = List.of(Fraction.of(1, 4), Fraction.of(1, 8));
    /** Shares of the beat in teaching order: the &, e, a, second and third triplet. */
    private static final List<Fraction> SHARES =
            List.of(Fraction.of(1, 2), Fraction.of(1, 4), Fraction.of(3, 4), Fraction.of(1, 3), Fraction.of(2, 3));

    private static final List<Fraction> TERNARY_SHARES =
            List.of(Fraction.of(1, 3), Fraction.of(2, 3), Fraction.of(1, 2));

    private DisplacementTour() {}

    /** The steps of the tour, each with a title that says where it starts; the line, key and tempo stay. */
    public static List<Step> named(Step step, Speech speech) {
        return of(step).stream()
                .map(displaced -> displaced.withTitle(title(displaced, speech)))
                .toList();
    }

    /** The steps of the tour, under the title that the step has; the line, key and tempo stay. */
    public static List<Step> of(Step step) {
        Meter meter = step.meter();
        boolean ternary = meter.isTernary(1);
        List<Fraction> shares = ternary ? TERNARY_SHARES : SHARES;
        List<Step> tour = new ArrayList<>();
        for (Fraction value : ternary ? List.of(meter.lengthOf(1), Fraction.of(1, 8)) : VALUES) {
            for (Fraction share : shares) {
                Fraction place = meter.lengthOf(1).times(share);
                // On its own value the displaced line would only be the plain one begun later.
                if (place.dividedBy(value).denominator() == 1) continue;
                tour.add(displaced(step, value, place, List.of()));
            }
            if (step.line().turnAt(step.key().form()).isPresent() && !ternary) {
                Fraction second = meter.lengthOf(1).times(Fraction.of(1, 4));
                Fraction triplet = meter.lengthOf(1).times(Fraction.of(1, 3));
                tour.add(displaced(step, value, second, List.of(back(triplet))));
                tour.add(displaced(step, value, triplet, List.of(back(second))));
            }
        }
        return tour;
    }

    private static Leg back(Fraction place) {
        return new Leg(new Leg.AtTurn(), Optional.empty(), Optional.of(place));
    }

    private static Step displaced(Step step, Fraction value, Fraction place, List<Leg> legs) {
        Rhythm rhythm = Rhythm.of(step.meter(), Figure.even(value), place).withLegs(legs);
        return step.withRhythm(rhythm);
    }

    private static String title(Step step, Speech speech) {
        String from = StepWords.figure(step.figure(), speech) + " from "
                + Count.of(step.place(), step.meter()).inWords(speech.school());
        String back = step.rhythm().legs().stream()
                .map(leg -> ", back from "
                        + Count.of(leg.place().orElseThrow(), step.meter()).inWords(speech.school()))
                .findFirst()
                .orElse("");
        return Words.capital(from + back);
    }
}
