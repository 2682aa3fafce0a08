package pebblestep.documents.bench;

import java.time.Duration;
import java.util.List;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Outlook;
import pebblestep.core.climb.Position;
import pebblestep.core.minutes.DayPlan;
import pebblestep.core.minutes.InMinutes;
import pebblestep.core.minutes.Portion;
import pebblestep.core.minutes.TrimKind;
import pebblestep.core.passage.StepWords;
import pebblestep.core.rhythm.Speech;

/**
 * What fits into the minutes of a day.
 *
 * @param askedSeconds what all of it takes
 * @param takesSeconds what is left takes
 * @param week what that comes to in a week
 * @param steps what is left of each step, in order
 */
public record FitAnswer(
        String sentence,
        boolean fits,
        int askedSeconds,
        int takesSeconds,
        String week,
        List<FittedStep> steps,
        List<TrimView> trims) {

    /** What is left of a step: none of it where repetitions is 0. */
    public record FittedStep(int repetitions, int seconds, String time) {}

    /** One thing left out. */
    public record TrimView(TrimKind kind, int step, int freesSeconds, String sentence) {}

    /** Portions held against the minutes of a day, on so many days a week. */
    static FitAnswer of(List<Portion> portions, int minutes, int days) {
        DayPlan plan = DayPlan.of(portions, Duration.ofMinutes(minutes));
        return new FitAnswer(
                plan.sentence(),
                plan.fits(),
                ClimbWorkings.seconds(plan.asked()),
                ClimbWorkings.seconds(plan.takes()),
                InMinutes.ofHours(plan.week(days)) + " a week, on " + days + (days == 1 ? " day" : " days"),
                plan.kept().stream()
                        .map(kept -> kept.map(portion -> new FittedStep(
                                        portion.load().repetitions(),
                                        ClimbWorkings.seconds(portion.load().total()),
                                        InMinutes.of(portion.load().total())))
                                .orElse(new FittedStep(0, 0, InMinutes.of(Duration.ZERO))))
                        .toList(),
                plan.trims().stream()
                        .map(trim -> new TrimView(
                                trim.kind(), trim.portion(), ClimbWorkings.seconds(trim.frees()), trim.sentence()))
                        .toList());
    }

    /** What a step takes on a rung. */
    static Portion portion(Ascent ascent, Position at, Speech speech) {
        Outlook.Ahead rung =
                Outlook.of(ascent, List.of(at), null, speech).rungs().get(0);
        String title = ascent.step().title();
        String name = title.isBlank()
                ? ascent.step().key() + ", " + StepWords.withoutKey(rung.step(), speech)
                : "\"" + title + "\"";
        return Portion.of(name, rung.load());
    }
}
